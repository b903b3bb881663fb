/** A pattern file that was opened: its text, or a sentence why there is none. */
export type OpenedPattern = { ok: true; text: string } | { ok: false; sentence: string };

/** A larger file is no pattern. */
const MOST_BYTES = 20_000_000;
/** Of a PDF so many pages are read. */
const MOST_PAGES = 80;

/** The text of a file: plain text, Markdown, or the text of a PDF. */
export async function openPattern(file: File): Promise<OpenedPattern> {
  if (file.size > MOST_BYTES) return { ok: false, sentence: `“${file.name}” is far larger than a pattern.` };
  const isPdf = file.type === 'application/pdf' || /\.pdf$/i.test(file.name);
  if (!isPdf) return { ok: true, text: (await file.text()).replace(/\r\n?/g, '\n') };
  try {
    return await pdfText(new Uint8Array(await file.arrayBuffer()), file.name);
  } catch (error) {
    const isLocked = error instanceof Error && error.name === 'PasswordException';
    return {
      ok: false,
      sentence: isLocked
        ? `“${file.name}” is locked with a password. Open it where you have it, and copy its text in here.`
        : `“${file.name}” can’t be read as a PDF. It may be damaged.`,
    };
  }
}

interface TextItem {
  str: string;
  hasEOL: boolean;
}

async function pdfText(data: Uint8Array, name: string): Promise<OpenedPattern> {
  const pdf = await import('pdfjs-dist');
  pdf.GlobalWorkerOptions.workerSrc = new URL('pdfjs-dist/build/pdf.worker.min.mjs', import.meta.url).href;
  const task = pdf.getDocument({ data, isEvalSupported: false });
  const document = await task.promise;
  const pages: string[] = [];
  for (let number = 1; number <= Math.min(document.numPages, MOST_PAGES); number += 1) {
    const { items } = await (await document.getPage(number)).getTextContent();
    pages.push(
      items
        .filter((item): item is typeof item & TextItem => 'str' in item)
        .map(({ str, hasEOL }) => str + (hasEOL ? '\n' : ''))
        .join(''),
    );
  }
  await task.destroy();
  const text = pages.join('\n').trim();
  return text === ''
    ? {
        ok: false,
        sentence: `“${name}” has pictures of words, and no words that could be read. Type the rows in, or copy them from elsewhere.`,
      }
    : { ok: true, text };
}
