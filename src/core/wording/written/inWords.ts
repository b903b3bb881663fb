import type { Design } from '@/core/design';
import { translatorOf } from '@/core/language';
import { spelledOut } from './spelledOut';

type Written = Pick<Design, 'settings' | 'written'>;

/** The design as its pattern is first written: another language is made of US words. */
export const inFirstWords = (design: Design): Design =>
  design.written.language === 'en' ? design : { ...design, settings: { ...design.settings, terms: 'us' } };

/**
 * A line of a pattern in the words in which it leaves. A line is translated whole or not at all; what no phrase has stays English.
 *
 * @param line as `inFirstWords` has it
 */
export function lineInWords({ settings, written }: Written, line: string): string {
  const { language, words } = written;
  if (language === 'en') return words === 'short' ? line : spelledOut(line, settings.terms);
  const { text, left } = translatorOf(language).into(line);
  if (left.length > 0) return words === 'short' ? line : spelledOut(line, 'us');
  return words === 'short' ? text : spelledOut(text, language);
}
