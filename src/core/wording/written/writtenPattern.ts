import type { Design } from '@/core/design';
import { plannedSizes } from '@/core/grading';
import { LANGUAGES, type Language } from '@/core/language';
import type { Plan } from '@/core/plan';
import { FITTING_WORDS } from '../fittings';
import { writePattern, type Pattern, type PatternSection } from '../patternText';
import { inFirstWords, lineInWords } from './inWords';
import { mergedBySize, mergedByUnit } from './mergedLines';

type Words = typeof FITTING_WORDS;

/**
 * The pattern of a bag as it leaves: in every size that is wished for, in the language, words and units that she chose.
 *
 * @param words the words of what is put on
 */
export function writtenPattern(design: Design, plan: Plan, words: Words = FITTING_WORDS): Pattern {
  if (design.written.sizes.length === 0) return inUnits(design, (as) => oneSize(as, plan, words));
  const sizes = plannedSizes(design, plan).flatMap(({ name, design: of, result }) =>
    result.ok ? [{ name, design: of, plan: result.plan }] : [],
  );
  const names = sizes.map(({ name }) => name);
  return inUnits(design, ({ settings }) => {
    const each = sizes.map((size) => oneSize({ ...size.design, settings }, size.plan, words));
    return { title: design.name, sections: withNames(sectionsOfAll(each, names), names) };
  });
}

/** One size in one unit, in its words. */
function oneSize(design: Design, plan: Plan, words: Words): Pattern {
  const { title, sections } = writePattern(inFirstWords(design), plan, words);
  return {
    title,
    sections: sections.map((section) => ({
      ...section,
      heading: heading(design, section),
      lines: section.id === 'notes' ? section.lines : linesOf(design, section),
    })),
  };
}

const heading = (design: Design, { heading: text }: PatternSection): string => lineInWords(design, text);

function linesOf(design: Design, { id, lines }: PatternSection): string[] {
  const written = lines.flatMap((line) =>
    id === 'conventions' ? conventionLines(design, line) : [lineInWords(design, line)],
  );
  if (id !== 'conventions' || design.written.language === 'en') return written;
  const { name, from } = LANGUAGES[design.written.language];
  const origin = from === 'memory' ? ', from memory: have them read by somebody who crochets in it' : '';
  return [
    `Rows, counts and short words are in ${name}${origin}. The order of making, materials and sizes are in English.`,
    ...written,
  ];
}

/** “Written in US terms: sc = single crochet; …”: what each short word stands for, where it isn’t spelled out. */
function conventionLines(design: Design, line: string): string[] {
  const { language, words } = design.written;
  const found = /^Written in (.*?): (.*)\.$/.exec(line);
  if (!found) return [lineInWords(design, line)];
  const [, set = '', list = ''] = found;
  const entries = entriesOf(list).flatMap((entry) => {
    const [short = '', meaning = ''] = entry.split(/ = (.*)/s);
    const known = language === 'en' ? null : (commonIn(language)[short] ?? null);
    const [own, stands] = known ?? [short, meaning].map((one) => lineInWords(design, one));
    // Spelled out, a word that is only short for another needs no telling.
    const isKnown = own === stands || (words === 'spelled-out' && known !== null && short !== 'RS, WS');
    return isKnown ? [] : [`${own} = ${stands}`];
  });
  const spelled = words === 'spelled-out' && language === 'en' ? ', spelled out' : '';
  const begins = language === 'en' ? `Written in ${set}${spelled}` : LANGUAGES[language].shortWordsAre;
  return [entries.length > 0 ? `${begins}: ${entries.join('; ')}.` : `${begins}.`];
}

const commonIn = (language: Exclude<Design['written']['language'], 'en'>): Language['common'] =>
  LANGUAGES[language].common;

/** A pattern in its unit; with the other one beside it where she wants both. */
function inUnits(design: Design, write: (as: Design) => Pattern): Pattern {
  const one = write(design);
  if (design.written.lengths === 'one') return one;
  const lengthUnit = design.settings.lengthUnit === 'cm' ? 'in' : 'cm';
  const other = write({ ...design, settings: { ...design.settings, lengthUnit } });
  return {
    title: one.title,
    sections: one.sections.map((section, index) =>
      section.id === 'notes'
        ? section
        : { ...section, lines: mergedByUnit(section.lines, other.sections[index]?.lines ?? section.lines) },
    ),
  };
}

/** The sections of every size, in the order of those that have the most; lines alike but for their numbers once. */
function sectionsOfAll(patterns: readonly Pattern[], names: readonly string[]): PatternSection[] {
  const ids = [...new Set(patterns.flatMap(({ sections }) => sections.map(({ id }) => id)))];
  const [first] = patterns;
  const order = first ? [...first.sections.map(({ id }) => id), ...ids] : ids;
  return [...new Set(order)].map((id) => {
    const own = patterns.map(({ sections }) => sections.find((one) => one.id === id));
    const [some] = own.filter((one) => one !== undefined);
    if (id === 'notes' && some) return some;
    if (id === 'conventions' && some) return { ...some, lines: allConventions(own.map((one) => one?.lines ?? [])) };
    return {
      id,
      heading: some?.heading ?? '',
      lines: mergedBySize(
        own.map((one) => one?.lines ?? []),
        names,
      ),
    };
  });
}

/** What is said of words and counts in any size: short words of all sizes in one list. */
function allConventions(sizes: readonly (readonly string[])[]): string[] {
  const lines = [...new Set(sizes.flat())];
  const lists = lines.filter((line) => / = /.test(line));
  const [first] = lists;
  if (first === undefined) return lines;
  const begins = first.slice(0, first.indexOf(': ') + 2);
  const entries = new Set(lists.flatMap((line) => entriesOf(line.slice(line.indexOf(': ') + 2, -1))));
  const all = `${begins}${[...entries].join('; ')}.`;
  return lines.flatMap((line) => (line === first ? [all] : lists.includes(line) ? [] : [line]));
}

/** A list of short words, one by one. A meaning can have a semicolon of its own; a new one begins with its short word. */
const entriesOf = (list: string): string[] => list.split(/; (?=[^;=]{1,24} = )/);

/** Says first how sizes are told. */
const withNames = (sections: PatternSection[], [first = '', ...others]: readonly string[]): PatternSection[] =>
  sections.map((section) =>
    section.id === 'sizes'
      ? {
          ...section,
          lines: [
            `Sizes: ${first} (${others.join(', ')}). Where one number stands, it is for all of them.`,
            ...section.lines,
          ],
        }
      : section,
  );
