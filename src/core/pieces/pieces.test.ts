import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { reversedCounts, shapedRows, shapingFor } from '@/core/shaping';
import { foundation, workRow } from '@/core/stitches';
import { areaMm2, flatSize, increaseGroups, shapedPatternRow, standsUpright, stitchesInAll, type RowsPiece } from '.';

/** Counts of one parity that rise and fall by a few stitches a side. */
const counts = fc
  .record({
    start: fc.integer({ min: 1, max: 60 }),
    changes: fc.array(fc.integer({ min: -5, max: 5 }), { minLength: 1, maxLength: 40 }),
  })
  .map(({ start, changes }) => {
    let now = start;
    const list = changes.map((change) => {
      now = Math.max(start % 2 === 1 ? 1 : 2, now + 2 * change);
      return now;
    });
    return { start, list };
  });

const piece = (start: number, list: readonly number[], roundCount = 0): RowsPiece => ({
  kind: 'rows',
  id: 'panel',
  copies: 1,
  plain: true,
  stitchMm: 5,
  rowMm: 4,
  startStitches: start,
  rows: shapedRows(start, list),
  roundCount,
  zones: [],
  lines: [],
});

describe('rows of any counts', () => {
  it('can each be worked over the one before, and give the count', () => {
    fc.assert(
      fc.property(counts, ({ start, list }) => {
        let below = foundation(start);
        for (const row of shapedRows(start, list)) {
          const worked = workRow(shapedPatternRow(row, 'sc'), below);
          if (!worked.ok) throw new Error(`${below.length} → ${row.stitches}: ${JSON.stringify(worked.fault)}`);
          expect(worked.cells).toHaveLength(row.stitches);
          below = worked.cells;
        }
      }),
    );
  });

  it('are the same fabric from either end, with what is done at the sides turned about', () => {
    fc.assert(
      fc.property(counts, ({ start, list }) => {
        const forward = piece(start, list);
        const turned = reversedCounts(forward.rows);
        const backward = piece(turned[0] as number, turned);
        expect(stitchesInAll(backward)).toBe(stitchesInAll(forward));
        const changes = (one: RowsPiece) => one.rows.slice(1).map(({ changeEachSide }) => changeEachSide);
        expect(changes(backward).map((change) => 0 - change)).toEqual(
          changes(forward)
            .reverse()
            .map((change) => change + 0),
        );
      }),
    );
  });

  it('refuse an odd row over an even one, which no two sides alike can make', () => {
    expect(() => shapedRows(6, [7])).toThrow(RangeError);
    expect(() => shapedRows(2, [0])).toThrow(RangeError);
  });

  it.each([
    [0, 'nothing'],
    [-2, 'decreasing'],
    [-3, 'leaving'],
    [2, 'increasing'],
    [3, 'adding'],
  ] as const)('change by %d at a side by %s', (change, by) => expect(shapingFor(change)).toBe(by));
});

describe('measures', () => {
  it('count both faces of rounds that lie flat', () => {
    expect(stitchesInAll(piece(10, [10, 10, 10], 2))).toBe(2 * 20 + 10);
    expect(areaMm2(piece(10, [10, 10, 10], 2))).toBe(50 * 20);
    expect(flatSize(piece(10, [10, 14, 12]))).toEqual({ widthMm: 70, lengthMm: 12 });
  });
});

describe('where increases lie', () => {
  it('takes every stitch below once, and no two groups differ by more than one', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 300 }),
        fc.integer({ min: 1, max: 300 }),
        fc.integer({ min: 2, max: 9 }),
        fc.constantFrom('stacked' as const, 'staggered' as const, 'as-needed' as const),
        (below, wished, round, school) => {
          const more = Math.min(below, wished);
          const sizes = increaseGroups(below, more, round, school).map(({ before, after }) => before + 1 + after);
          expect(sizes).toHaveLength(more);
          expect(sizes.reduce((sum, size) => sum + size, 0)).toBe(below);
          expect(Math.max(...sizes) - Math.min(...sizes)).toBeLessThanOrEqual(1);
        },
      ),
    );
  });

  it('lies in line where it is stacked, and between those below where it is staggered', () => {
    const first = (round: number, school: 'stacked' | 'staggered') => increaseGroups(24, 6, round, school)[0]?.before;
    expect([first(4, 'stacked'), first(5, 'stacked')]).toEqual([3, 3]);
    expect(first(4, 'staggered')).toBeLessThan(first(5, 'staggered') as number);
  });
});

describe('which way up', () => {
  const strip = (step: 1 | -1) =>
    ({
      front: { piece: 'panel', beforeRow: 0, step },
      back: { piece: 'panel', beforeRow: 61, step: -step as 1 | -1 },
      flap: { piece: 'panel', beforeRow: 60, step },
    }) as const;

  it('a strip from the front’s edge stands on its head in front, from the flap’s edge behind', () => {
    const zones = ['front', 'back', 'flap'] as const;
    expect(zones.map((zone) => standsUpright(zone, strip(1)))).toEqual([false, true, false]);
    expect(zones.map((zone) => standsUpright(zone, strip(-1)))).toEqual([true, false, true]);
    expect(standsUpright('bridge', strip(1))).toBeNull();
  });
});
