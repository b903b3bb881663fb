import { expect, it } from 'vitest';
import { figureId } from '@/core/figures';
import { planBag } from '@/core/plan';
import { fullDesign } from '@/core/testing/designs';
import { formatLength } from '@/core/units';
import { foldedText } from './foldedText';
import { formatQuantity } from '../quantity';

const planned = () => {
  const result = planBag(fullDesign());
  if (!result.ok) throw new Error('no plan');
  return result.plan;
};

it.each([
  ['empty', 'size.height', 'flap.drop.empty'],
  ['loaded', 'size.heightLoaded', 'flap.drop.loaded'],
] as const)('tells of the bag %s what its picture shows, in the maker’s unit', (state, height, drop) => {
  const plan = planned();
  for (const unit of ['cm', 'in'] as const) {
    const lines = foldedText(plan, state, unit);
    for (const id of [height, drop]) {
      const figure = plan.figures[figureId(id)];
      if (!figure) throw new Error(`no ${id}`);
      expect(
        lines.some((line) => line.startsWith(`${figure.label}: ${formatQuantity(figure.value, 'mm', unit)}`)),
      ).toBe(true);
    }
    expect(lines.join('\n')).not.toMatch(/NaN|undefined|null/);
    expect(lines.filter((line) => line.endsWith('from mouth to mouth'))).toEqual(
      plan.bands.map(({ lengthMm }) => expect.stringContaining(formatLength(lengthMm[state], unit)) as string),
    );
    // Where its closure meets the other face is told of this state, not of another.
    const meets = Object.values(plan.figures).filter(({ id }) => id.includes('.meets.'));
    expect(meets.length).toBeGreaterThan(0);
    for (const { id, label, value } of meets)
      expect(lines.some((line) => line.startsWith(`${label}: ${formatQuantity(value, 'mm', unit)}`))).toBe(
        id.endsWith(state),
      );
  }
});

it('tells of one that is folded flat only what is so then', () => {
  const lines = foldedText(planned(), 'flat', 'cm');
  expect(lines.length).toBeGreaterThan(0);
  expect(lines.join('\n')).not.toMatch(/loaded|empty|mouth to mouth/);
});
