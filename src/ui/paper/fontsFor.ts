import { lettersIn, type Letters } from '@/drawing/paper';

/** The files of the font that ships with the app. */
const FILES: Readonly<Record<Letters, URL>> = {
  latin: new URL('@fontsource/source-sans-3/files/source-sans-3-latin-400-normal.woff', import.meta.url),
  'latin-ext': new URL('@fontsource/source-sans-3/files/source-sans-3-latin-ext-400-normal.woff', import.meta.url),
  vietnamese: new URL('@fontsource/source-sans-3/files/source-sans-3-vietnamese-400-normal.woff', import.meta.url),
  greek: new URL('@fontsource/source-sans-3/files/source-sans-3-greek-400-normal.woff', import.meta.url),
  'greek-ext': new URL('@fontsource/source-sans-3/files/source-sans-3-greek-ext-400-normal.woff', import.meta.url),
  cyrillic: new URL('@fontsource/source-sans-3/files/source-sans-3-cyrillic-400-normal.woff', import.meta.url),
  'cyrillic-ext': new URL(
    '@fontsource/source-sans-3/files/source-sans-3-cyrillic-ext-400-normal.woff',
    import.meta.url,
  ),
};

/** The files of the headings’ font. */
const HEADINGS: Partial<Record<Letters, URL>> = {
  latin: new URL('@fontsource/besley/files/besley-latin-600-normal.woff', import.meta.url),
  'latin-ext': new URL('@fontsource/besley/files/besley-latin-ext-600-normal.woff', import.meta.url),
};

/** The font files that some words need, the usual one first. */
export const fontsFor = (words: string): Promise<Uint8Array[]> =>
  Promise.all(lettersIn(words).map((letters) => fetched(FILES[letters])));

/** Those that headings need; letters that it lacks are set in the usual font. */
export const headingFontsFor = (words: string): Promise<Uint8Array[]> =>
  Promise.all(lettersIn(words).flatMap((letters) => (HEADINGS[letters] ? [fetched(HEADINGS[letters])] : [])));

const fetched = async (file: URL): Promise<Uint8Array> => new Uint8Array(await (await fetch(file)).arrayBuffer());
