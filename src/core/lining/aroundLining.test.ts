import { expect, it } from 'vitest';
import { BODY_KINDS } from '@/core/body';
import { ringBounds } from '@/core/cutting';
import { usualDropIn } from '@/core/design';
import { bagOf } from '@/core/testing/bodies';
import { planOf } from '@/core/testing/designs';

it.each(BODY_KINDS)('%s: the crochet round each piece is as wide and as high as the bag is outside', (kind) => {
  const bag = bagOf(kind);
  const plan = planOf({ ...bag, lining: usualDropIn(bag) });
  const { width, height, depth } = plan.pouch.figures;
  const around = new Map(
    (plan.lining?.patterns ?? []).map(({ id, marks }) => {
      const outline = marks.find((mark) => mark.kind === 'outline' && mark.of === 'crochet');
      return [id, outline?.kind === 'outline' ? ringBounds(outline.ring) : null];
    }),
  );
  expect([...around.values()]).not.toContain(null);
  const front = around.get('front');
  if (front)
    expect([front.widthMm, front.heightMm]).toEqual([expect.closeTo(width.value, 1), expect.closeTo(height.value, 1)]);
  const gusset = around.get('gusset');
  if (gusset) expect(gusset.widthMm).toBeCloseTo(depth?.value ?? NaN, 1);
  const body = around.get('body');
  // Of one piece that is folded, both walls; its depth lies between them.
  if (body && depth === null)
    expect([body.widthMm, body.heightMm]).toEqual([
      expect.closeTo(width.value, 1),
      expect.closeTo(2 * height.value, 1),
    ]);
  const disc = around.get('disc');
  if (disc) expect(disc.widthMm).toBeCloseTo(width.value, 1);
});
