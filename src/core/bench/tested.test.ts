import { describe, expect, it } from 'vitest';
import { bagOf, withBody } from '@/core/testing/bodies';
import { planOf } from '@/core/testing/designs';
import { benchState, testedSchema, testedSizes, type MakingEventOf } from '.';

const plan = planOf(
  withBody(bagOf('fold-over-strip', { stitchMm: 5, rowMm: 4, fabricMm: 2 }), { widthMm: 150, heightMm: 100 }),
);
const found = (more: Partial<MakingEventOf<'tested'>>): MakingEventOf<'tested'> => ({
  ...{ kind: 'tested', id: 'tested-one', n: 1, atMs: 5, tester: 'Tuba player' },
  ...{ at: { piece: 'panel', copy: 1, row: 10 }, says: null, widthMm: null, lengthMm: null, ...more },
});

describe('what a tester found', () => {
  it('is set beside what the plan has after the same row', () => {
    const [panel] = plan.pieces;
    const stitches = panel?.kind === 'rows' ? panel.rows[9]?.stitches : 0;
    expect(testedSizes(plan, found({ widthMm: 151, lengthMm: 44 }))).toEqual([
      { what: 'width', measuredMm: 151, plannedMm: (stitches ?? 0) * 5 },
      { what: 'length', measuredMm: 44, plannedMm: 40 },
    ]);
    expect(testedSizes(plan, found({ widthMm: 30, at: { piece: 'straps.0.strap', copy: 1, row: 2 } }))).toEqual([
      { what: 'width', measuredMm: 30, plannedMm: null },
    ]);
    expect(
      testedSizes(plan, found({ widthMm: 30, at: { piece: 'panel', copy: 1, row: 9999 } }))[0]?.plannedMm,
    ).toBeNull();
  });

  it('is none of the work: no time passes with it, and no row is told', () => {
    const row = (id: string, n: number, atMs: number) => ({
      kind: 'row' as const,
      id,
      n,
      atMs,
      piece: 'panel' as const,
      copy: 1,
      row: n,
    });
    const rows = [row('row-event-1', 1, 60_000), row('row-event-2', 2, 120_000)];
    const alone = benchState(rows);
    const withTester = benchState([...rows, found({ says: 'Good.', n: 1, atMs: 90_000 })]);
    expect(withTester).toMatchObject({ workedMs: alone.workedMs, rowMs: alone.rowMs, inHand: alone.inHand });
    expect(withTester.tested).toHaveLength(1);
    expect(benchState([found({ says: 'Good.' })]).rows.size).toBe(0);
  });

  it('says something, and what was measured says where', () => {
    const sent = { id: 'tested-one', tester: 'Tuba player', at: null, says: null, widthMm: null, lengthMm: null };
    expect(testedSchema.safeParse(sent).success).toBe(false);
    expect(testedSchema.safeParse({ ...sent, says: 'It pulls in.' }).success).toBe(true);
    expect(testedSchema.safeParse({ ...sent, widthMm: 200 }).success).toBe(false);
    expect(testedSchema.safeParse({ ...sent, widthMm: 200, at: { piece: 'panel', copy: 1, row: 3 } }).success).toBe(
      true,
    );
    expect(testedSchema.safeParse({ ...sent, says: 'x', kind: 'row' }).success).toBe(false);
  });
});
