import { ITALIAN } from './italian';
import type { Language } from './language';
import { Translator } from './translator';

export { BY_SIZE, NUMBER } from './bySize';
export type { Language } from './language';
export { placeBefore, Translator, type Translated } from './translator';

/** Every language besides English that patterns are written and read in. */
export const LANGUAGES = { it: ITALIAN } as const satisfies Record<string, Language>;
export type LanguageId = keyof typeof LANGUAGES;
export const LANGUAGE_IDS = Object.keys(LANGUAGES) as LanguageId[];

const made = new Map<LanguageId, Translator>();

/** The one translator of a language; made when it is first asked for. */
export function translatorOf(id: LanguageId): Translator {
  const known = made.get(id) ?? new Translator(LANGUAGES[id]);
  made.set(id, known);
  return known;
}
