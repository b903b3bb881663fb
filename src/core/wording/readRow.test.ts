import fc from 'fast-check';
import { describe, expect, it, test } from 'vitest';
import {
  PANEL_STITCH_IDS,
  STITCHES,
  chain,
  everywhere,
  inSpace,
  skip,
  together,
  work,
  type Into,
  type StitchPattern,
} from '@/core/stitches';
import { bareRowText, patternRowText, readRow, rowFaultSentence } from '.';

const TERMS = ['us', 'uk'] as const;

describe('a row read from its words', () => {
  test.each(TERMS.flatMap((terms) => PANEL_STITCH_IDS.map((id) => [id, terms] as const)))(
    '%s, every row, comes back as it was written in %s terms',
    (id, terms) => {
      const pattern: StitchPattern = STITCHES[id];
      for (const row of [...pattern.setupRows, ...pattern.rows]) {
        const words = bareRowText(row, terms);
        const read = readRow(words, terms);
        if (!read.ok) throw new Error(`${words}: ${JSON.stringify(read.fault)}`);
        expect(bareRowText(read.row, terms)).toBe(words);
        expect(read.row).toEqual(row);
      }
    },
  );

  const INTO: readonly Into[] = [
    'stitch',
    'back-loop',
    'third-loop',
    'two-layers',
    'three-loops',
    'spike',
    'front-post',
    'front-post-two-below',
  ];

  test.each(TERMS.flatMap((terms) => INTO.map((into) => [into, terms] as const)))(
    'one stitch all along, worked into %s, in %s terms',
    (into, terms) => {
      const row = everywhere(work('dc', 1, into));
      expect(readRow(bareRowText(row, terms), terms)).toEqual({ ok: true, row });
    },
  );

  it('gives any steps back that it can be made to say', () => {
    const step = fc.oneof(
      fc
        .record({
          kind: fc.constantFrom('sc' as const, 'hdc' as const, 'dc' as const, 'tr' as const, 'bobble' as const),
          times: fc.integer({ min: 1, max: 9 }),
        })
        .map(({ kind, times }) => work(kind, times)),
      fc.integer({ min: 1, max: 9 }).map(chain),
      fc.integer({ min: 1, max: 9 }).map(skip),
      fc.integer({ min: 2, max: 5 }).map((over) => together('dc', over)),
      fc.integer({ min: 1, max: 4 }).map((each) => inSpace('sc', each)),
      fc.constantFrom(...INTO).map((into) => work('dc', 1, into)),
    );
    const steps = fc.array(step, { maxLength: 4 });
    fc.assert(
      fc.property(
        steps,
        fc.array(step, { minLength: 1, maxLength: 4 }),
        steps,
        fc.constantFrom(...TERMS),
        (before, repeat, after, terms) => {
          const row = { before, repeat, after };
          const read = readRow(bareRowText(row, terms), terms);
          expect(read.ok && bareRowText(read.row, terms)).toBe(bareRowText(row, terms));
        },
      ),
      { numRuns: 1000 },
    );
  });

  it('reads past what a whole written row has besides its steps', () => {
    for (const id of ['linen', 'bobble-field', 'raised-drops'] as const) {
      const whole = patternRowText(STITCHES[id], 2, 25, {
        terms: 'us',
        turningChain: 'does-not-count',
        foundation: 'chain',
      });
      const pattern: StitchPattern = STITCHES[id];
      expect(readRow(whole, 'us')).toEqual({ ok: true, row: [...pattern.setupRows, ...pattern.rows][1] });
    }
  });

  // Common practice, no source: words that makers write for the same thing.
  test.each([
    ['SC in each stitch across', 'sc in each st across'],
    ['skip next stitch, dc in next stitch', 'skip next st, dc in next st'],
    [
      '*sc in next st, ch 1, skip next st; repeat from * to end',
      '*sc in next st, ch 1, skip next st; rep from * across',
    ],
    ['Row 3 (RS): hdc in next 4 sts, turn. (4 sts)', 'hdc in next 4 sts'],
  ])('“%s” is read as “%s”', (written, meant) => {
    expect(readRow(written, 'us')).toEqual(readRow(meant, 'us'));
    expect(readRow(meant, 'us').ok).toBe(true);
  });
});

describe('words that can’t be read', () => {
  test.each([
    ['', 'nothing-written', 'Write what is worked in this row, such as “sc in each st across”.'],
    ['Row 2: turn.', 'nothing-written', 'Write what is worked'],
    ['*sc in next st, ch 1', 'repeat-without-end', 'After the star, say where the repeat ends'],
    [
      '*sc in next 2 sts; rep from * to last 3 sts, sc in next 2 sts',
      'end-differs',
      'is to end 3 sts before the end, and what follows takes up 2',
    ],
    ['sc in next st, twiddle in next st', 'not-understood', '“twiddle in next st” is not understood.'],
    ['dc over next 3 sts', 'not-understood', '“dc over next 3 sts” is not understood.'],
    ['fpdc in next st', 'not-understood', '“fpdc in next st” is not understood.'],
    [
      'miss next 2 sts, htr in next st',
      'not-in-these-terms',
      '“htr in next st” is said in UK words, and you work in US ones. Which stitch is it?',
    ],
  ])('“%s”: %s', (words, code, sentence) => {
    const read = readRow(words, 'us');
    if (read.ok) throw new Error('read');
    expect(read.fault.code).toBe(code);
    expect(rowFaultSentence(read.fault, 'us')).toContain(sentence);
  });

  it('asks the other way round as well, and shows the maker’s own words', () => {
    const read = readRow('hdc in next st', 'uk');
    if (read.ok) throw new Error('read');
    expect(rowFaultSentence(read.fault, 'uk')).toContain('said in US words, and you work in UK ones');
    expect(rowFaultSentence({ code: 'nothing-written' }, 'uk')).toContain('“dc in each st across”');
    expect(rowFaultSentence({ code: 'not-understood', words: 'x' }, 'uk')).toContain('miss next st');
  });
});
