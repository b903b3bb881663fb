import fc from 'fast-check';
import { describe, expect, it, test } from 'vitest';
import {
  STITCHES,
  STITCH_IDS,
  chain,
  everywhere,
  findRepeat,
  foundation,
  inSpace,
  isPlainAt,
  nearestCount,
  patternRowCount,
  plainStitchOf,
  skip,
  startingChain,
  together,
  work,
  workPattern,
  workRow,
  type Cell,
  type StitchId,
  type StitchPattern,
} from '.';

const made = (cells: readonly Cell[], kind: string) =>
  cells.filter((cell) => cell.made === 'stitch' && cell.step.work === kind).length;

describe('every built-in pattern', () => {
  it('works out for any number of repeats, row after row, and keeps its count', () => {
    fc.assert(
      fc.property(fc.constantFrom(...STITCH_IDS), fc.integer({ min: 1, max: 60 }), (id, repeats) => {
        const pattern: StitchPattern = STITCHES[id];
        const count = pattern.edgeStitches + repeats * pattern.repeatStitches;
        const result = workPattern(pattern, count, pattern.setupRows.length + 3 * pattern.rows.length);
        if (!result.ok) throw new Error(`${id}, row ${result.row}: ${JSON.stringify(result.fault)}`);
        expect(new Set(result.rows.map((cells) => cells.length))).toEqual(new Set([count]));
      }),
      { numRuns: 400 },
    );
  });

  it('has the repeat that working its rows finds', () => {
    for (const id of STITCH_IDS) {
      const { repeatStitches, edgeStitches }: StitchPattern = STITCHES[id];
      expect([id, findRepeat(STITCHES[id])]).toEqual([
        id,
        { ok: true, repeatStitches, edgeStitches: edgeStitches % repeatStitches },
      ]);
    }
  });

  it('does not come out on a count between its repeats', () => {
    for (const id of STITCH_IDS) {
      const { repeatStitches, edgeStitches, ...pattern }: StitchPattern = STITCHES[id];
      for (let over = 1; over < repeatStitches; over += 1)
        expect(workPattern(pattern, edgeStitches + 6 * repeatStitches + over, 6).ok, `${id} + ${over}`).toBe(false);
    }
  });

  it('is offered in its own counts only', () => {
    fc.assert(
      fc.property(fc.constantFrom(...STITCH_IDS), fc.double({ min: 12, max: 200, noNaN: true }), (id, wished) => {
        const count = nearestCount(wished, STITCHES[id]) as number;
        expect(workPattern(STITCHES[id], count, 6).ok).toBe(true);
      }),
    );
  });
});

describe('counts that makers know (common practice, no source)', () => {
  test('25 stitches carry 6 bobbles in one row and 5 in the other', () => {
    const result = workPattern(STITCHES['bobble-field'], 25, 4);
    if (!result.ok) throw new Error('does not come out');
    expect(result.rows.map((cells) => made(cells, 'bobble'))).toEqual([0, 6, 0, 5]);
  });

  test('bobbles are staggered: none stands over another of the row before', () => {
    const result = workPattern(STITCHES['bobble-field'], 25, 4);
    if (!result.ok) throw new Error('does not come out');
    const at = (row: number) =>
      (result.rows[row] as Cell[]).flatMap((cell, index) =>
        // Both rows are worked from the same side, two turns apart, so places compare as they are.
        cell.made === 'stitch' && cell.step.work === 'bobble' ? [index] : [],
      );
    expect(at(1)).toEqual([2, 6, 10, 14, 18, 22]);
    expect(at(3)).toEqual([4, 8, 12, 16, 20]);
  });

  test('36 stitches carry 9 drops', () => {
    const result = workPattern(STITCHES['raised-drops'], 36, 4);
    if (!result.ok) throw new Error('does not come out');
    expect(result.rows.map((cells) => made(cells, 'tr'))).toEqual([0, 0, 9, 0]);
  });

  test.each([1, 4, 9])('the cluster mesh is chained 5 × %d + 2 and carries as many clusters', (repeats) => {
    const count = 5 * repeats + 1;
    expect(startingChain(count, STITCHES['cluster-mesh'], 'does-not-count', 'chain')).toBe(5 * repeats + 2);
    const result = workPattern(STITCHES['cluster-mesh'], count, 2);
    if (!result.ok) throw new Error('does not come out');
    const clusters = (result.rows[1] as Cell[]).filter((cell) => cell.made === 'stitch' && cell.step.over === 4);
    expect(clusters).toHaveLength(repeats);
  });

  test('a double where the turning chain counts goes into the 4th chain: 42 chains, 40 stitches', () => {
    expect(startingChain(40, STITCHES.dc, 'counts', 'chain')).toBe(42);
  });

  test('a linen row has its stitches over the spaces of the row below', () => {
    const result = workPattern(STITCHES.linen, 9, 3);
    if (!result.ok) throw new Error('does not come out');
    const [first, second] = result.rows as [Cell[], Cell[]];
    const chains = (cells: Cell[]) => cells.flatMap((cell, index) => (cell.made === 'chain' ? [index] : []));
    expect(chains(first)).toEqual([1, 3, 5, 7]);
    expect(chains(second)).toEqual([2, 4, 6]);
  });

  test.each<[StitchId, number[]]>([
    ['sc', []],
    ['bobble-field', [2, 4, 6]],
    ['raised-drops', [3]],
    ['waffle', [2, 3, 4, 5, 6]],
  ])('%s: the rows of the first six that are no good to fold on', (id, textured) => {
    expect([1, 2, 3, 4, 5, 6].filter((row) => !isPlainAt(STITCHES[id], row))).toEqual(textured);
  });
});

describe('a row that does not fit says what is wrong', () => {
  test.each([
    ['the repeat', everywhere(work('sc', 3)), 10, { code: 'repeat-does-not-come-out', over: 1, repeatStitches: 3 }],
    ['too few', { before: [work('sc', 4)], repeat: [], after: [] }, 3, { code: 'too-few-stitches', needs: 4, has: 3 }],
    [
      'left over',
      { before: [work('sc', 2)], repeat: [], after: [] },
      3,
      { code: 'repeat-does-not-come-out', over: 1, repeatStitches: 0 },
    ],
    ['no space', everywhere(inSpace('sc', 1)), 4, { code: 'no-space-here', at: 1 }],
    ['endless', everywhere(chain(2)), 4, { code: 'repeat-takes-nothing' }],
    [
      'skipped past the end',
      { before: [skip(6)], repeat: [], after: [] },
      4,
      { code: 'too-few-stitches', needs: 6, has: 4 },
    ],
  ] as const)('%s', (_, row, count, fault) => {
    expect(workRow(row, foundation(count))).toEqual({ ok: false, fault });
  });

  test('a post can’t be worked round a chain', () => {
    const below = workRow(everywhere(chain(1), skip(1)), foundation(2));
    if (!below.ok) throw new Error('the row below did not come out');
    expect(workRow(everywhere(work('dc', 1, 'front-post')), below.cells)).toMatchObject({
      fault: { code: 'no-stitch-here', at: 1 },
    });
  });

  test('a pattern whose rows grow is no straight fabric', () => {
    const growing = { setupRows: [], rows: [everywhere({ ...work('sc'), each: 2 })] };
    expect(findRepeat(growing)).toEqual({ ok: false, row: 1, fault: { code: 'count-drifts', from: 1, to: 2 } });
  });

  test('a pattern of which one row never fits names that row', () => {
    const found = findRepeat({ setupRows: [], rows: [everywhere(work('sc')), everywhere(inSpace('sc', 1))] });
    expect(found).toMatchObject({ ok: false, row: 2, fault: { code: 'no-space-here' } });
  });

  it('takes and gives what its steps say, for any row', () => {
    const step = fc.oneof(
      fc.integer({ min: 1, max: 3 }).map((times) => work('sc', times)),
      fc.integer({ min: 1, max: 3 }).map(chain),
      fc.integer({ min: 1, max: 2 }).map(skip),
      fc.integer({ min: 2, max: 4 }).map((over) => together('dc', over)),
    );
    const steps = fc.array(step, { minLength: 1, maxLength: 5 });
    const takes = (list: readonly ReturnType<typeof work>[] | readonly unknown[]) =>
      (list as { skip?: number; over?: number; times?: number }[]).reduce(
        (sum, { skip: passed = 0, over = 0, times = 0 }) => sum + passed + over * times,
        0,
      );
    const gives = (list: readonly unknown[]) =>
      (list as { chain?: number; each?: number; times?: number }[]).reduce(
        (sum, { chain: chains = 0, each = 0, times = 0 }) => sum + chains + each * times,
        0,
      );
    fc.assert(
      fc.property(steps, steps, steps, fc.integer({ min: 1, max: 12 }), (before, repeat, after, repeats) => {
        fc.pre(takes(repeat) > 0);
        const count = takes(before) + repeats * takes(repeat) + takes(after);
        const result = workRow({ before, repeat, after }, foundation(count));
        if (!result.ok) throw new Error(JSON.stringify(result.fault));
        expect(result.repeats).toBe(repeats);
        expect(result.cells).toHaveLength(gives(before) + repeats * gives(repeat) + gives(after));
      }),
    );
  });
});

test('what a pattern is based on is a plain fabric of the catalogue', () => {
  for (const id of STITCH_IDS) expect(plainStitchOf(STITCHES[id]).rows).toHaveLength(1);
});

test('a pattern’s own rows and its setup are counted', () => {
  expect(patternRowCount(STITCHES.linen)).toBe(3);
});
