import type { Design } from '@/core/design';

/** Hands a text to the browser as a file to keep. */
export const downloadText = (fileName: string, text: string, type: string): void =>
  downloadFile(fileName, new Blob([text], { type: `${type};charset=utf-8` }));

/** Hands a file to the browser to keep. */
export function downloadFile(fileName: string, file: Blob): void {
  const address = URL.createObjectURL(file);
  const link = document.createElement('a');
  link.href = address;
  link.download = fileName;
  link.click();
  URL.revokeObjectURL(address);
}

/** Names that some systems keep for devices, whatever comes after a dot. */
const RESERVED = /^(con|prn|aux|nul|com\d|lpt\d)$/;

/**
 * A bag's name as a file name that every system takes.
 *
 * @example
 * fileNameOf('Étui / Nr. 2') // => 'etui-nr-2'
 * fileNameOf('Con') // => 'bag-con'
 */
export function fileNameOf(name: string): string {
  const plain = name
    .normalize('NFKD')
    .replace(/[\u0300-\u036f]/g, '')
    .toLowerCase()
    .replace(/[^a-z0-9]+/g, '-')
    .replace(/^-|-$/g, '');
  return plain === '' || RESERVED.test(plain) ? `bag${plain && `-${plain}`}` : plain;
}

/** Hands the maker a bag as a file that any Ruelle reads. */
export const downloadBag = (design: Design): void =>
  downloadText(`${fileNameOf(design.name)}.ruelle.json`, `${JSON.stringify(design, null, 2)}\n`, 'application/json');
