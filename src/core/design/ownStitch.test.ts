import fc from 'fast-check';
import { describe, expect, it, test } from 'vitest';
import {
  STITCHES,
  chain,
  everywhere,
  foundation,
  inSpace,
  skip,
  work,
  workPattern,
  workRow,
  type PatternRow,
} from '@/core/stitches';
import { planBag } from '@/core/plan';
import { designAt, fullDesign, planOf } from '@/core/testing/designs';
import { problemSentence, writePattern } from '@/core/wording';
import { designSchema, ownStitchIdSchema, patternOf, repeatOfOwn, type Design, type OwnStitch } from '.';

const own = (rows: PatternRow[], parts: Partial<OwnStitch> = {}): OwnStitch => ({
  id: ownStitchIdSchema.parse('own:trial'),
  name: 'Trial',
  base: 'sc',
  setupRows: [],
  rows: rows as OwnStitch['rows'],
  firstRowPublic: true,
  nature: { ...STITCHES.sc.nature },
  ...parts,
});

const inOwn = (pattern: OwnStitch): Design => ({ ...fullDesign(), ownStitches: [pattern], stitch: pattern.id });

/** Two plain, a chain over the next: repeats over 3, ends with one more. */
const meshed = own([
  { before: [], repeat: [work('sc', 2), chain(1), skip(1)], after: [work('sc', 1)] },
  everywhere(work('sc')),
]);

describe('a pattern of her own', () => {
  it('has the repeat and the edge that working its rows finds, and is planned on such a count', () => {
    expect(repeatOfOwn(meshed)).toEqual({ ok: true, repeatStitches: 3, edgeStitches: 1 });
    const design = designAt(5, 5, 2, (d) => ({ ...d, ownStitches: [meshed], stitch: meshed.id }));
    const { pouch } = planOf(design);
    expect(pouch.stitchCount % 3).toBe(1);
    expect(workPattern(patternOf(design), pouch.stitchCount, 12).ok).toBe(true);
  });

  it('is written out like one of the catalogue, in both sets of terms', () => {
    const text = (terms: 'us' | 'uk') => {
      const design = inOwn(meshed);
      const shown = { ...design, settings: { ...design.settings, terms } };
      return writePattern(shown, planOf(shown))
        .sections.flatMap(({ lines }) => lines)
        .join('\n');
    };
    expect(text('us')).toContain('*sc in each of next 2 chs, ch 1, skip next ch; rep from * to last ch, sc in next ch');
    expect(text('uk')).toContain('*dc in each of next 2 chs, ch 1, miss next ch; rep from * to last ch, dc in next ch');
  });

  it('works out for any number of repeats, whatever straight rows she writes', () => {
    const step = fc.oneof(
      fc.integer({ min: 1, max: 4 }).map((times) => work('sc', times)),
      fc.integer({ min: 1, max: 3 }).map((times) => work('dc', times)),
      // As many chains as are passed over keep the count.
      fc.integer({ min: 1, max: 2 }).map((count) => [chain(count), skip(count)]),
    );
    const row = fc.array(step, { minLength: 1, maxLength: 4 }).map((steps) => everywhere(...steps.flat()));
    fc.assert(
      fc.property(fc.array(row, { minLength: 1, maxLength: 3 }), fc.integer({ min: 1, max: 9 }), (rows, repeats) => {
        const found = repeatOfOwn(own(rows));
        fc.pre(found.ok);
        if (!found.ok) return;
        const count = found.edgeStitches + repeats * found.repeatStitches;
        const worked = workPattern({ setupRows: [], rows }, count, 3 * rows.length);
        expect(worked.ok && new Set(worked.rows.map((cells) => cells.length))).toEqual(new Set([count]));
      }),
    );
  });
});

describe('rows that don’t fit stop the plan, at their field, with what would fit', () => {
  test.each<[string, OwnStitch, (string | number)[], string]>([
    ['grows', own([everywhere({ ...work('sc'), each: 2 })]), ['rows', 0], 'makes 2 stitches of 1'],
    [
      'no space',
      own([everywhere(work('sc')), everywhere(inSpace('sc', 1))]),
      ['rows', 1],
      'where the row below has none',
    ],
    [
      'a post round a chain',
      own([
        { before: [], repeat: [work('sc'), chain(1), skip(1)], after: [] },
        everywhere(work('dc', 1, 'front-post')),
      ]),
      ['rows', 1],
      'where the row below has a chain',
    ],
    [
      'endless',
      own([everywhere(work('sc'), chain(1))], {
        setupRows: [{ before: [work('sc')], repeat: [chain(2)], after: [] }] as OwnStitch['setupRows'],
      }),
      ['setupRows', 0],
      'it would never end',
    ],
    [
      'never fits',
      own([everywhere(work('sc', 2)), { before: [work('sc')], repeat: [work('sc', 2)], after: [] }]),
      ['rows', 1],
      'over after the last full repeat',
    ],
    [
      'begins with a chain',
      own([everywhere(chain(1), skip(1), work('sc'))]),
      ['rows', 0],
      'has to begin with a stitch',
    ],
  ])('%s', (_, pattern, at, sentence) => {
    const result = planBag(inOwn(pattern));
    if (result.ok) throw new Error('planned');
    const problem = result.problems.find(({ code }) => code === 'own-pattern-does-not-fit');
    expect(problem?.path).toEqual(['ownStitches', 0, ...at]);
    expect(problem && problemSentence(problem, 'cm')).toContain(sentence);
    expect(problem && problemSentence(problem, 'cm')).toContain('“Trial”');
  });

  it('a pattern that the bag is not worked in stops it as well, so that none is kept that can’t be worked', () => {
    const broken = own([everywhere({ ...work('sc'), each: 2 })]);
    expect(planBag({ ...fullDesign(), ownStitches: [broken] }).ok).toBe(false);
  });
});

describe('the work of finding a repeat is bounded, whatever is written', () => {
  const growing = (rows: number, each: number) =>
    own(Array.from({ length: rows }, () => everywhere({ ...work('sc'), each })));

  it.each([
    [4, 2],
    [7, 2],
    [24, 12],
  ])('%i rows that make %i of each stitch are refused at the first of them', (rows, each) => {
    expect(repeatOfOwn(growing(rows, each))).toEqual({
      ok: false,
      row: 1,
      fault: { code: 'count-drifts', from: 1, to: each },
    });
  });

  it('a row of thousands of chains is refused with its true count, and none of them is made', () => {
    const chains = own([everywhere(work('sc'), ...Array.from({ length: 58 }, () => chain(50)))]);
    expect(repeatOfOwn(chains)).toEqual({ ok: false, row: 1, fault: { code: 'count-drifts', from: 1, to: 2901 } });
    const effort = { left: 300 };
    expect(workRow(everywhere(work('sc'), chain(50)), foundation(100), { most: 100, effort })).toMatchObject({
      ok: false,
    });
    expect(effort.left).toBeLessThan(0);
  });

  it.each([
    ['repeats over more than is looked for', own([everywhere(work('sc', 100))])],
    [
      'takes too long',
      own([...Array.from({ length: 23 }, () => everywhere(work('sc'))), everywhere(work('sc', 60))], {
        setupRows: Array.from({ length: 12 }, () => everywhere(work('sc'))) as OwnStitch['setupRows'],
      }),
    ],
  ])('one that %s is said to be too large, and not to fit no count', (_, large) => {
    const result = planBag(inOwn(large));
    if (result.ok) throw new Error('planned');
    expect(result.problems.map((problem) => problemSentence(problem, 'cm'))).toEqual([
      '“Trial” is too large to be worked out. Write fewer rows, or shorter ones.',
    ]);
  });
});

test('a second pattern of the same name is refused at its name, with one that would do', () => {
  const second = { ...meshed, id: ownStitchIdSchema.parse('own:second'), name: 'trial' };
  const parsed = designSchema.safeParse({ ...inOwn(meshed), ownStitches: [meshed, second] });
  expect(parsed.error?.issues[0]?.path).toEqual(['ownStitches', 1, 'name']);
  expect(parsed.error?.issues[0]?.message).toContain('trial 2');
});
