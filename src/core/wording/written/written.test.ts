import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { BODY_KINDS } from '@/core/body';
import { USUAL_WRITTEN, usualStrap, type Design, type Written } from '@/core/design';
import { FLAP_KINDS, usualFlap } from '@/core/flap';
import { plannedSizes } from '@/core/grading';
import { LANGUAGES, LANGUAGE_IDS, translatorOf } from '@/core/language';
import { planBag, type Plan } from '@/core/plan';
import { PANEL_STITCH_IDS } from '@/core/stitches';
import { anyDesign } from '@/core/testing/anyDesign';
import { bagOf, withBody } from '@/core/testing/bodies';
import { planOf } from '@/core/testing/designs';
import { workableBag } from '@/core/testing/workableBag';
import { readPattern } from '@/core/reader';
import { patternAsText, writePattern, type Pattern } from '../patternText';
import { lineOfSize } from './mergedLines';
import { inFirstWords } from './inWords';
import { spelledOut } from './spelledOut';
import { writtenPattern } from './writtenPattern';

const isRow = (line: string): boolean => /^(?:Row|Round|Last row)s?\b/.test(line);
const written = (design: Design, ways: Partial<Written>): Design => ({
  ...design,
  written: { ...USUAL_WRITTEN, ...ways },
});
const linesOf = ({ sections }: Pattern, but: readonly string[] = ['notes']): string[] =>
  sections.filter(({ id }) => !but.includes(id)).flatMap(({ lines }) => lines);

/** Every construction, stitch, flap, school and way to begin, with straps; each once. */
function* bags(): Generator<[string, Design, Plan]> {
  for (const kind of BODY_KINDS)
    for (const [index, stitch] of PANEL_STITCH_IDS.entries()) {
      const bag = withBody(bagOf(kind, { stitchMm: 6, rowMm: 6, fabricMm: 2 }), { widthMm: 118, heightMm: 84 });
      for (const turningChain of ['does-not-count', 'counts'] as const)
        for (const foundation of ['chain', 'foundation-stitches'] as const) {
          const flap = usualFlap(
            FLAP_KINDS[index % FLAP_KINDS.length] ?? 'straight',
            { dropMm: 52, widthMm: null, hemMm: null },
            { widthMm: 118, lengthMm: 52 },
          );
          const strap = {
            ...usualStrap(),
            kind: (['plain', 'lengthwise', 'linen', 'tube'] as const)[index % 4] ?? 'plain',
            wornLengthMm: 400,
          };
          const design: Design = {
            ...bag,
            stitch,
            swatch: { ...bag.swatch, stitch },
            flap,
            straps: [strap],
            settings: { ...bag.settings, terms: 'us', turningChain, foundation },
          };
          const result = planBag(design);
          if (result.ok) yield [`${kind} ${stitch} ${turningChain} ${foundation}`, design, result.plan];
        }
    }
}

describe.each(LANGUAGE_IDS)('%s', (language) => {
  const translator = translatorOf(language);

  test('every row that Ruelle writes is said in it whole, and is the same row when it is read back', () => {
    let rows = 0;
    for (const [what, design, plan] of bags())
      for (const line of new Set(linesOf(writePattern(design, plan)).filter(isRow))) {
        const { text, left } = translator.into(line);
        expect(left, `${what}: ${line}`).toEqual([]);
        expect(translator.back(text).text.toLowerCase(), text).toBe(line.toLowerCase());
        rows += 1;
      }
    expect(rows).toBeGreaterThan(1000);
  });

  test('the same of any bag', () => {
    fc.assert(
      fc.property(anyDesign, (any) => {
        const design = inFirstWords(written(any, { language }));
        const result = planBag(design);
        if (!result.ok) return;
        for (const line of linesOf(writePattern(design, result.plan)).filter(isRow)) {
          const { text, left } = translator.into(line);
          expect(left, line).toEqual([]);
          expect(translator.back(text).text.toLowerCase()).toBe(line.toLowerCase());
        }
      }),
      { numRuns: 30 },
    );
  }, 60_000);

  test('lines are translated whole or not at all, pieces, heading and counts among them', () => {
    for (const kind of BODY_KINDS) {
      const design = written(bagOf(kind, { stitchMm: 5, rowMm: 5, fabricMm: 2 }), { language });
      const plan = planOf(design);
      const english = writePattern(inFirstWords(design), plan);
      const { sections } = writtenPattern(design, plan);
      for (const { id, heading, lines } of english.sections) {
        if (!plan.pieces.some((piece) => piece.id === id)) continue;
        const own = sections.find((section) => section.id === id);
        expect(own?.heading, heading).not.toBe(heading);
        lines.forEach((line, index) => expect(own?.lines[index], line).not.toBe(line));
      }
      const said = sections.find(({ id }) => id === 'conventions')?.lines.join('\n') ?? '';
      expect(said).toContain(LANGUAGES[language].shortWordsAre);
      expect(said).toMatch(/from memory/);
    }
  });
});

test('Italian words are those that are known to its makers', () => {
  // The handbook's list; from memory.
  const { into } = translatorOf('it');
  for (const [us, it] of [
    ['ch 3', '3 cat'],
    ['sl st', 'mbss'],
    ['sc', 'mb'],
    ['hdc', 'mma'],
    ['dc', 'ma'],
    ['tr', 'mad'],
    ['turn', 'girare'],
    ['inc', 'aum'],
    ['dec', 'dim'],
    ['rep from *', 'rip da *'],
    ['Row 4', 'Riga 4'],
    ['Round 4', 'Giro 4'],
  ] as const)
    expect(into(us).text).toBe(it);
  expect(spelledOut('mb, ma, mad, mma, mbss', 'it')).toBe(
    'maglia bassa, maglia alta, maglia alta doppia, mezza maglia alta, maglia bassissima',
  );
});

test('spelled out, no short word is left in any row, in either set of terms', () => {
  for (const [what, design, plan] of bags())
    for (const terms of ['us', 'uk'] as const) {
      const as = written({ ...design, settings: { ...design.settings, terms } }, { words: 'spelled-out' });
      for (const line of linesOf(writtenPattern(as, plan)))
        expect(line, what).not.toMatch(/\b(?:sc|hdc|dc|tr|htr|dtr|esc|edc|sts?|chs?|rep|RS|WS|FP\w+|\w+\dtog)\b(?! =)/);
    }
});

describe('both units', () => {
  test('every length has the other one beside it, as the pattern in that unit has it', () => {
    fc.assert(
      fc.property(fc.constantFrom(...BODY_KINDS).chain(workableBag), (bag) => {
        const result = planBag(bag);
        if (!result.ok) return;
        const in_ = (lengthUnit: 'cm' | 'in') =>
          linesOf(writePattern({ ...bag, settings: { ...bag.settings, lengthUnit } }, result.plan));
        const [cm, inches] = [in_('cm'), in_('in')];
        const both = linesOf(
          writtenPattern(
            written({ ...bag, settings: { ...bag.settings, lengthUnit: 'cm' } }, { lengths: 'both' }),
            result.plan,
          ),
        );
        expect(both).toHaveLength(cm.length);
        const QUANTITY = /(?:\d+(?:\.\d+)?[¼½¾⅛⅜⅝⅞]?|[¼½¾⅛⅜⅝⅞])\s(?:mm|cm|in|yd|m)\b/g;
        both.forEach((line, index) => {
          const has = line.match(QUANTITY) ?? [];
          for (const one of [...(cm[index]?.match(QUANTITY) ?? []), ...(inches[index]?.match(QUANTITY) ?? [])])
            expect(has, line).toContain(one);
        });
      }),
      { numRuns: 40 },
    );
  }, 60_000);
});

describe('several sizes in one pattern', () => {
  const sizes = [
    { name: 'S', of: { by: 'outside' as const, widthMm: 96, heightMm: 70 } },
    { name: 'L', of: { by: 'outside' as const, widthMm: 150, heightMm: 104 } },
    { name: 'book', of: { by: 'holds' as const, widthMm: 105, heightMm: 148, thicknessMm: 12 } },
  ];

  test.each(BODY_KINDS)(
    '%s: any size taken out again is the pattern of that size alone',
    (kind) => {
      fc.assert(
        fc.property(workableBag(kind), fc.constantFrom(...PANEL_STITCH_IDS), (bag, stitch) => {
          const design = written({ ...bag, stitch, swatch: { ...bag.swatch, stitch } }, { sizes });
          const result = planBag(design);
          if (!result.ok) return;
          const planned = sizesOf(design, result.plan);
          const names = planned.map(({ name }) => name);
          if (names.length < 2) return;
          const but = ['notes', 'conventions'];
          const all = linesOf(writtenPattern(design, result.plan), but).filter((line) => !line.startsWith('Sizes: '));
          planned.forEach(({ design: of, plan }, size) => {
            const taken = all.map((line) => lineOfSize(line, size, names)).filter((line) => line !== null);
            expect(taken).toEqual(linesOf(writePattern(of, plan), but));
          });
        }),
        { numRuns: 12 },
      );
    },
    120_000,
  );
});

const sizesOf = (design: Design, plan: Plan) =>
  plannedSizes(design, plan).flatMap(({ name, design: of, result }) =>
    result.ok ? [{ name, design: of, plan: result.plan }] : [],
  );

describe('what leaves is read again', () => {
  const ways: Partial<Written>[] = [
    { language: 'it' },
    { language: 'it', words: 'spelled-out' },
    { words: 'spelled-out' },
    { lengths: 'both' },
    { language: 'it', words: 'spelled-out', lengths: 'both' },
  ];

  test('in every language and way of writing, every bag’s rows come out', () => {
    let rows = 0;
    let bag = 0;
    for (const [what, design, plan] of bags())
      // Every third bag in one of the ways, and all of these in turn.
      for (const index of (bag += 1) % 3 === 0 ? [(bag / 3) % ways.length] : []) {
        const way = ways[index] as Partial<Written>;
        // Spelled out in either set.
        const terms = index === 2 ? 'uk' : design.settings.terms;
        const as = written({ ...design, settings: { ...design.settings, terms } }, way);
        const text = patternAsText(writtenPattern(as, plan));
        const read = readPattern(text);
        expect(read.language, what).toBe(way.language ?? null);
        expect(
          read.faults.map(({ code, from, to }) => `${code}: ${text.slice(from - 60, from)}»${text.slice(from, to)}«`),
          `${what} ${JSON.stringify(way)}`,
        ).toEqual([]);
        rows += read.parts.reduce((sum, part) => sum + part.rows.length, 0);
      }
    expect(rows).toBeGreaterThan(700);
  }, 120_000);
});
