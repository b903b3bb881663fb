import { expect, it } from 'vitest';
import { applyEdits } from '@/core/design';
import { planBag } from '@/core/plan';
import { bagOf, withBody } from '@/core/testing/bodies';
import type { Body } from '@/core/design';

/** Rows that she settled on, the others left to the plan. */
const rows = (front: number): Body['chosenRows'] => ({ front, back: null, bridge: null, flap: null });

it.each(['fold-over-strip', 'boxed-corners', 'side-bands'] as const)(
  'a front of too few settled rows has a way out that can be taken, is no lower than she wished, and leads to a plan: %s',
  (kind) => {
    const design = withBody(bagOf(kind), { heightMm: 160, chosenRows: rows(1) });
    const wished = {
      ...design,
      contents: { ...design.contents, thicknessMm: 20 },
      flap: { ...design.flap, dropMm: 150 },
    };
    const stopped = planBag(wished);
    const problems = stopped.ok ? [] : stopped.problems;
    const ways = problems
      .filter(({ code }) => code === 'front-too-short' || code === 'load-too-thick')
      .flatMap(({ repairs }) => repairs);
    for (const way of ways) {
      const mended = applyEdits(wished, way.edits);
      if (!mended.ok) throw new Error(mended.faults[0]?.sentence);
      expect(mended.design.body.heightMm).toBeGreaterThanOrEqual(160);
      expect(planBag(mended.design).ok).toBe(true);
    }
    expect(ways.length).toBeGreaterThan(0);
  },
);
