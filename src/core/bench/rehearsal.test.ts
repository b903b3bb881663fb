import { describe, expect, it } from 'vitest';
import { BODY_KINDS } from '@/core/body';
import { bagOf, withBody } from '@/core/testing/bodies';
import { planOf } from '@/core/testing/designs';
import { partsToWork, rehearsal, rehearsedUpTo, stepStandings, stepsByRows } from '.';

describe.each(BODY_KINDS)('%s, rehearsed', (kind) => {
  const plan = planOf(bagOf(kind));
  const moments = rehearsal(plan);

  it('has every row once, in turn, and every step once', () => {
    const parts = partsToWork(plan);
    const rows = moments.filter((moment) => moment.kind === 'row');
    expect(rows).toHaveLength(parts.reduce((sum, { rowCount }) => sum + rowCount, 0));
    for (const { piece, copy, rowCount } of parts)
      expect(rows.filter(({ part }) => part.piece === piece && part.copy === copy).map(({ row }) => row)).toEqual(
        Array.from({ length: rowCount }, (_, index) => index + 1),
      );
    expect(moments.filter((moment) => moment.kind === 'step').map(({ step }) => step)).toEqual(
      plan.steps.map(({ id }) => id),
    );
  });

  it('has no step before what it needs: when it comes, it is ready or its rows are worked', () => {
    moments.forEach((moment, index) => {
      if (moment.kind !== 'step') return;
      const { rows, steps } = rehearsedUpTo(moments, index);
      const said = new Map([...steps].map((step) => [step, 'done' as const]));
      const standing = stepStandings(plan.steps, said, stepsByRows(partsToWork(plan), { rows })).get(moment.step);
      expect(['ready', 'done'], moment.step).toContain(standing?.is);
    });
  });
});

it('a gusset that is joined as it is worked is worked when it is joined, before what comes after', () => {
  const plan = planOf(withBody(bagOf('gusset'), { bandJoined: 'as-worked' }));
  const moments = rehearsal(plan);
  const lastRow = moments.findLastIndex((moment) => moment.kind === 'row' && moment.part.piece === 'gusset');
  const joined = moments.findIndex((moment) => moment.kind === 'step' && moment.step === 'join-gusset-front');
  expect(lastRow).toBeGreaterThan(0);
  expect(joined).toBe(lastRow + 1);
});
