import fc from 'fast-check';
import { describe, expect, it, test } from 'vitest';
import { BODY_KINDS } from '@/core/body';
import type { Design } from '@/core/design';
import { partsToWork } from '@/core/bench';
import { planBag } from '@/core/plan';
import { seededRandom } from '@/core/random';
import { PANEL_STITCH_IDS } from '@/core/stitches';
import { bagOf } from '@/core/testing/bodies';
import { generatedPattern, handwrittenPatterns, SEEDED, type WrittenPattern } from '@/core/testing/corpus';
import { patternAsText, writePattern } from '@/core/wording';
import { MOST_TEXT, readPattern, type ReadPattern } from '.';

const outs = ({ parts }: ReadPattern) => parts.map(({ rows }) => rows.map(({ out }) => out));
const codes = ({ faults }: ReadPattern) => faults.map(({ code }) => code);
const words = (text: string, { faults }: ReadPattern) => faults.map(({ from, to }) => text.slice(from, to));

describe('what is common practice', () => {
  it.each([
    ['Ch 26.\nRow 1: sc in 2nd ch from hook and in each ch across. (25)', 25],
    ['Ch 42.\nRow 1: dc in 4th ch from hook and in each ch across. (40)', 40],
    ['Ch 36.\nRow 1: *bobble in next ch, sc in next 3 ch; rep from * across.', 36],
  ])('%s', (text, count) => {
    const read = readPattern(text);
    expect(read.faults).toEqual([]);
    expect(outs(read)).toEqual([[count]]);
  });

  it('36 chains carry nine drops', () => {
    const { parts } = readPattern('Ch 36.\nRow 1: *bobble in next ch, sc in next 3 ch; rep from * across.');
    expect(parts[0]?.rows[0]?.names.filter((name) => name === 'bobble')).toHaveLength(9);
  });

  it('a disc given as 6, 12, 18, 24, 30, 32, 42 has its fault at 32', () => {
    const counts = [6, 12, 18, 24, 30, 32, 42];
    const rounds = counts.map((count, index) =>
      index === 0
        ? `Rnd 1: 6 sc in magic ring (6)`
        : `Rnd ${index + 1}: *${index > 1 ? `sc in next ${index - 1} sts, ` : ''}2 sc in next st; rep from * around (${count})`,
    );
    const text = rounds.join('\n');
    const read = readPattern(text);
    expect(codes(read)).toEqual(['count-differs']);
    expect(words(text, read)).toEqual(['32']);
    expect(read.faults[0]).toMatchObject({ row: 6, written: 32, worked: 36, mends: [{ text: '36' }] });
  });
});

describe('patterns in many hands', () => {
  const isAt = ({ seeded }: WrittenPattern, { faults }: ReadPattern) => ({
    row: faults.some(({ row, from, to }) => seeded && (row === seeded.row || (from < seeded.to && to > seeded.from))),
    word: faults.some(({ from, to }) => seeded && from < seeded.to && to > seeded.from),
  });

  test('four hundred that are sound raise no alarm', () => {
    for (let seed = 0; seed < 400; seed += 1) {
      const { text } = generatedPattern(seededRandom(seed), null);
      const read = readPattern(text);
      expect(read.faults, text).toEqual([]);
      expect(
        read.parts.flatMap(({ rows }) => rows).every(({ isRight, out }) => isRight && out !== null),
        text,
      ).toBe(true);
    }
  });

  test.each(SEEDED)('a fault of the kind “%s” is found at its row and its word', (kind) => {
    let [rows, found] = [0, 0];
    for (let seed = 0; seed < 50; seed += 1) {
      const pattern = generatedPattern(seededRandom(10_000 + seed), kind);
      expect(pattern.seeded?.kind).toBe(kind);
      const at = isAt(pattern, readPattern(pattern.text));
      rows += at.row ? 1 : 0;
      found += at.word ? 1 : 0;
    }
    expect(rows).toBeGreaterThanOrEqual(49);
    expect(found).toBeGreaterThanOrEqual(48);
  });

  test('those written by hand are read as they are meant', () => {
    const all = handwrittenPatterns();
    expect(all.length).toBeGreaterThanOrEqual(80);
    for (const pattern of all) {
      const read = readPattern(pattern.text);
      if (pattern.seeded === null) expect(read.faults, pattern.text).toEqual([]);
      else expect(isAt(pattern, read).word, pattern.text).toBe(true);
    }
  });
});

test('of several numbers the one that is wrong is told what it counts comes to', () => {
  const row = (written: string) =>
    readPattern(
      `Ch 27.\nRow 1: sc in 2nd ch from hook and in each ch across. (26)\nRow 2: ch 1, sc in next st, *sc in next 2 sts, bobble in next st, sc in next st; rep from * 5 more times, sc in last st. (${written})`,
    ).faults.map((fault) => ('worked' in fault ? [fault.written, fault.worked] : fault.code));
  expect(row('26 sts, 6 bobbles')).toEqual([]);
  expect(row('27 sts, 6 bobbles')).toEqual([[27, 26]]);
  expect(row('26 sts, 7 bobbles')).toEqual([[7, 6]]);
});

describe('what Ruelle writes', () => {
  const readsItself = (design: Design) => {
    const result = planBag(design);
    if (!result.ok) return;
    const text = patternAsText(writePattern(design, result.plan));
    const read = readPattern(text);
    expect(read.faults.map(({ from, to, code }) => [code, text.slice(from, to)])).toEqual([]);
    expect(read.terms.set).toBe(design.settings.terms);
    // Every row of a piece that is told is read with the count that the plan has.
    const planned = partsToWork(result.plan).filter(({ of }) => of.kind !== 'beside');
    expect(read.parts.flatMap(({ rows }) => rows).length).toBeGreaterThanOrEqual(planned[0]?.rowCount ?? 0);
  };

  test.each(BODY_KINDS)('%s is read without a fault, in every stitch, both sets of terms and both schools', (kind) => {
    for (const stitch of PANEL_STITCH_IDS)
      for (const terms of ['us', 'uk'] as const)
        for (const turningChain of ['counts', 'does-not-count'] as const) {
          const bag = bagOf(kind, { stitchMm: 6, rowMm: 6, fabricMm: 2 });
          const settings = { ...bag.settings, terms, turningChain };
          readsItself({ ...bag, stitch, swatch: { ...bag.swatch, stitch }, settings });
        }
  });
});

describe('whose words they are', () => {
  it.each([
    ['Written in US terms. Row 1: dc in each st', 'us'],
    ['Row 1: htr in each st', 'uk'],
    ['Ch 20\nRow 1: sc in 2nd ch from hook', 'us'],
    ['Ch 20\nRow 1: dc in 2nd ch from hook and in each ch across', 'uk'],
    ['Row 1: miss 1 st, tr in next st', 'uk'],
    ['Row 1: work evenly', null],
  ] as const)('%s', (text, set) => {
    const { terms } = readPattern(text);
    expect(terms.set).toBe(set);
    if (set) expect(terms.reasons.some(({ speaksFor }) => speaksFor === set)).toBe(true);
  });

  it('a word of the other set is marked, with the word that it should be', () => {
    const text =
      'US terms\nCh 11\nRow 1: hdc in 2nd ch from hook and in each ch across (10)\nRow 2: ch 1, htr in each st (10)';
    expect(readPattern(text).faults[0]).toMatchObject({ code: 'other-terms', row: 2, mends: [{ text: 'hdc' }] });
  });
});

describe('what is no pattern', () => {
  it('is said to be none, and costs nothing', () => {
    const prose =
      'Dear Ada,\nthe tour begins in May. Bring the tuba case, and the red ribbon; we meet at 7.\nYours, Bo';
    expect(readPattern(prose)).toMatchObject({ isProse: true, parts: [], faults: [] });
    expect(readPattern('')).toMatchObject({ isProse: true });
  });

  it.each([
    ['markup', '<script>alert(1)</script><b>Row 1:</b> sc in each st (<i>20</i>)'],
    ['letters of the right hand', 'صف 1: sc in each st\nשורה 2: dc \u202e\u0000\ufffd'],
    ['a repeat without an end', 'Ch 21\nRow 1: *sc in next st, ch 1'],
    ['a repeat that takes nothing', 'Ch 21\nRow 1: *ch 1; rep from * across'],
    ['brackets that close nothing', 'Row 1: ]])) sc in next 3 sts [[[('],
    ['nothing but stars', `Row 1: ${'*'.repeat(500)}`],
  ])('%s is borne', (_, text) => {
    const read = readPattern(text);
    for (const { from, to } of read.faults) {
      expect(from).toBeGreaterThanOrEqual(0);
      expect(to).toBeLessThanOrEqual(text.length);
      expect(to).toBeGreaterThan(from);
    }
  });

  it('repeats fifty deep, and a million times, are bounded', () => {
    const deep = `Ch 21\nRow 1: ${'['.repeat(50)}sc in next st${'] 2 times'.repeat(50)} (20)`;
    expect(codes(readPattern(deep)).length).toBeGreaterThan(0);
    const many = 'Ch 21\nRow 1: sc in 2nd ch from hook, [ch 1] 999999 more times';
    expect(codes(readPattern(many))).toEqual(['too-much']);
    expect(codes(readPattern('Rnd 1: 6 sc in ring\nRnds 2-99999: sc in each st around')).at(-1)).toBe('too-much');
  });

  it('of ten megabytes only so much is read', () => {
    const line = 'Row 1: sc in each st across, and so on. ';
    const text = line.repeat(Math.ceil(10_000_000 / line.length));
    const { faults } = readPattern(text);
    expect(faults.every(({ to }) => to <= MOST_TEXT)).toBe(true);
    expect(faults.length).toBeLessThanOrEqual(500);
  });

  test('whatever is typed is borne, and faults lie within it', () => {
    const bit = fc.constantFrom(
      ...[
        'Row 1: ',
        'Rnd 2. ',
        'sc',
        'dc',
        ' in ',
        'next ',
        'each ',
        'st',
        '2',
        '(12)',
        '*',
        '; rep from *',
        '[',
        ']',
        ' across',
        'ch 3',
        ', ',
        '\n',
      ],
      ...[
        'inc',
        'to last 2 sts',
        ' times',
        'skip ',
        'turn',
        'join',
        'magic ring',
        'frob',
        '99999',
        'Rows 2-6: ',
        'repeat row 2',
        'and ',
        '…',
        '“',
      ],
    );
    fc.assert(
      fc.property(
        fc.array(bit, { maxLength: 40 }).map((bits) => bits.join('')),
        (text) => {
          for (const { from, to } of readPattern(text).faults) {
            expect(from).toBeGreaterThanOrEqual(0);
            expect(to).toBeLessThanOrEqual(text.length);
            expect(from).toBeLessThan(to);
          }
        },
      ),
      { numRuns: 400 },
    );
  });
});
