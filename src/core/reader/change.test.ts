import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { USUAL_WRITTEN } from '@/core/design';
import { LANGUAGE_IDS } from '@/core/language';
import { planBag } from '@/core/plan';
import { PANEL_STITCH_IDS } from '@/core/stitches';
import { bagOf, withBody } from '@/core/testing/bodies';
import { generatedPattern, handwrittenPatterns, SEEDED } from '@/core/testing/corpus';
import { seededRandom } from '@/core/random';
import { workableBag } from '@/core/testing/workableBag';
import { converted, type Converted } from '@/core/converting';
import { patternAsText, patternText, writtenPattern } from '@/core/wording';
import { STITCHES } from '@/core/stitches';
import { mendedAll, readPattern, renumbering, resized, withMends } from '.';

const read = (text: string) => readPattern(text);

describe('wider and narrower by repeats', () => {
  test.each(PANEL_STITCH_IDS)('%s: wider comes out, by its own repeat, and narrower again is the text it was', (id) => {
    const pattern = STITCHES[id];
    fc.assert(
      fc.property(
        fc.integer({ min: 2, max: 9 }),
        fc.integer({ min: 1, max: 6 }),
        fc.constantFrom('counts' as const, 'does-not-count' as const),
        // A textured first row is worked over a foundation of its own, which these lines don’t have.
        fc.constantFrom('chain' as const, ...(pattern.repeatStitches === 1 ? (['foundation-stitches'] as const) : [])),
        (repeats, more, turningChain, foundation) => {
          const count = repeats * Math.max(2, pattern.repeatStitches) + pattern.edgeStitches;
          const settings = { terms: 'us' as const, turningChain, foundation };
          const lines = (stitches: number) =>
            patternText(pattern, stitches, settings).filter((line) => /^Row \d/.test(line));
          const chain = (stitches: number) =>
            /foundation/.test(lines(count)[0] ?? '') ? [] : [`Ch ${stitches + startOf(lines(count)[0] ?? '', count)}.`];
          const text = [...chain(count), ...lines(count)].join('\n');
          const wide = resized(text, 0, more, read);
          if (!wide.ok) throw new Error(`${wide.why} ${wide.row}: ${text}`);
          const to = count + more * wide.repeatStitches;
          expect(wide.stitches).toEqual({ from: count, to });
          // The rows of the catalogue at that width, word for word.
          expect(wide.text.split('\n').filter((line) => line.startsWith('Row'))).toEqual(lines(to));
          const back = resized(wide.text, 0, -more, read);
          expect(back.ok && back.text).toBe(text);
        },
      ),
      { numRuns: 12 },
    );
  });

  test('repeats that are counted, long runs, counts and the width follow; what does not come out is said', () => {
    const text =
      'Gauge: 20 sts = 10 cm\nThe panel measures 13 cm wide.\nCh 27.\nRow 1: sc in 2nd ch from hook and in each ch across. (26 sc)\nRow 2: ch 1, sc in next st, *sc in next 2 sts, bobble in next st, sc in next st; rep from * 5 more times, sc in last st. (26)\nRow 3: ch 1, sc in next 26 sts. (26)';
    const wide = resized(text, 0, 2, read);
    expect(wide).toMatchObject({ ok: true, stitches: { from: 26, to: 34 }, repeatStitches: 4 });
    const words = wide.ok ? wide.text : '';
    for (const part of ['Ch 35.', '(34 sc)', '7 more times', 'sc in next 34 sts. (34)', 'measures 17 cm wide'])
      expect(words).toContain(part);
    expect(resized(text, 0, -9, read)).toMatchObject({ ok: false, why: 'too-narrow' });
    expect(resized(text.replace('(26)', '(25)'), 0, 1, read)).toMatchObject({ ok: false, why: 'not-right', row: 2 });
    expect(resized('Row 1: sc in each st across. (12)', 0, 1, read)).toMatchObject({ ok: false, why: 'no-start' });
  });
});

/** Chains more than stitches, as the first row has them. */
const startOf = (first: string, count: number): number => {
  const passed = /(\d)(?:nd|rd|th) ch from hook/.exec(first)?.[1];
  const counts = /counts? as first/.test(first);
  const skipped = /skip first (\d+)? ?ch/.exec(first);
  const hook = passed ? Number(passed) - 1 : skipped ? Number(skipped[1] ?? 1) : 0;
  return count >= 0 && counts ? hook - 1 : hook;
};

test('numbered anew, every pattern is sound, and one that is numbered right stays as it is', () => {
  for (let seed = 0; seed < 120; seed += 1) {
    const sound = generatedPattern(seededRandom(seed + 1), null).text;
    expect(withMends(sound, renumbering(sound)), sound).toBe(sound);
    const odd = generatedPattern(seededRandom(seed + 1), 'row-number');
    const mended = withMends(odd.text, renumbering(odd.text));
    expect(
      readPattern(mended).faults.filter(({ code }) => code === 'row-number'),
      odd.text,
    ).toEqual([]);
  }
  expect(
    withMends(
      'Row 1: sc across.\nRow 4: ch 1, turn.\nRows 5-7: as row 4.',
      renumbering('Row 1: sc across.\nRow 4: ch 1, turn.\nRows 5-7: as row 4.'),
    ),
  ).toBe('Row 1: sc across.\nRow 2: ch 1, turn.\nRows 3-5: as row 2.');
});

test('all that can be mended is mended at once, and nothing else is touched', () => {
  for (const kind of SEEDED)
    for (let seed = 0; seed < 25; seed += 1) {
      const { text } = generatedPattern(seededRandom(seed + 1), kind);
      const all = mendedAll(text, read);
      expect(
        readPattern(all.text).faults.flatMap(({ mends }) => mends),
        text,
      ).toEqual([]);
      if (readPattern(text).faults.length === 0) expect(all.text).toBe(text);
    }
});

test('the bag’s own patterns come out wider by their repeats, whatever language they are written in', () => {
  fc.assert(
    fc.property(workableBag('fold-over-strip'), fc.constantFrom(...PANEL_STITCH_IDS), (any, stitch) => {
      const bag = withBody(bagOf('fold-over-strip'), { widthMm: 150 + (any.body.widthMm % 90), heightMm: 120 });
      const design = { ...bag, stitch, swatch: { ...bag.swatch, stitch }, written: USUAL_WRITTEN };
      const result = planBag(design);
      if (!result.ok) return;
      const text = patternAsText(writtenPattern(design, result.plan));
      const wide = resized(text, 0, 1, read);
      expect(wide.ok, JSON.stringify(wide)).toBe(true);
      if (!wide.ok) return;
      expect(readPattern(wide.text).faults).toEqual([]);
      const back = resized(wide.text, 0, -1, read);
      expect(back.ok && back.text).toBe(text);
    }),
    { numRuns: 12 },
  );
}, 60_000);

describe('in other words', () => {
  const sound = (terms: 'us' | 'uk') =>
    [
      ...Array.from({ length: 120 }, (_, seed) => generatedPattern(seededRandom(seed + 1), null)),
      ...handwrittenPatterns().filter(({ seeded }) => seeded === null),
    ]
      .map(({ text }) => text)
      .filter((text) => readPattern(text).terms.set === terms);

  test('from US words into UK ones and back is the text it was, and every count is the same', () => {
    const texts = sound('us');
    expect(texts.length).toBeGreaterThan(60);
    for (const text of texts) {
      const uk = textOf(converted(text, 'us', 'uk'));
      expect(textOf(converted(uk, 'uk', 'us'))).toBe(text);
      const counts = (words: string) => readPattern(words).parts.map(({ rows }) => rows.map(({ out }) => out));
      expect(counts(uk)).toEqual(counts(text));
    }
  });

  test('into another language what is known is said in it, and all of it comes out as it did', () => {
    let said = 0;
    for (const text of [...sound('us'), ...sound('uk')]) {
      const from = readPattern(text).terms.set ?? 'us';
      for (const language of LANGUAGE_IDS) {
        const done = converted(text, from, language);
        if (!done.ok) continue;
        said += 1;
        const there = done.text;
        const read = readPattern(there, language);
        expect(read.faults, there).toEqual([]);
        expect(read.parts.map(({ rows }) => rows.map(({ out }) => out))).toEqual(
          readPattern(text).parts.map(({ rows }) => rows.map(({ out }) => out)),
        );
      }
    }
    expect(said).toBeGreaterThan(90);
  });

  const textOf = (done: Converted) => (done.ok ? done.text : '');
});
