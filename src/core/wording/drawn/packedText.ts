import { thingsInBag, type ThingBox } from '@/core/fold';
import type { Plan } from '@/core/plan';
import type { LengthUnit } from '@/core/units';
import { formatQuantity } from '../quantity';
import type { DrawnText } from './drawnText';

/** Two faces as near as this touch, mm. */
const TOUCH_MM = 0.05;

/**
 * What lies in the loaded bag in words, for whoever doesn't see it: how large all of it is, then each thing as it stands, from the front to the back: how large it is
 * turned so, and where it lies among the others.
 *
 * @returns nothing where nothing goes in that is told apart
 */
export function packedText(plan: Pick<Plan, 'pouch' | 'contents' | 'marks'>, unit: LengthUnit): DrawnText[] {
  const { packed, things, settled } = plan.contents;
  const length = (mm: number) => formatQuantity(mm, 'mm', unit);
  const boxes = thingsInBag(plan, 'loaded').filter(({ index }) => index !== null);
  if (boxes.length === 0) return [];
  const free = boxes.filter(({ pocket }) => pocket === undefined);
  const least = (along: 'x' | 'y' | 'z') => Math.min(...free.map(({ from }) => from[along]));
  const [leftMm, lowMm, frontMm] = [least('z'), least('y'), least('x')];
  const whereOf = ({ from, pocket }: ThingBox): string => {
    if (pocket !== undefined) return `in the pocket inside the ${settled.pockets[pocket]?.on ?? 'front'}`;
    const [left, up, behind] = [from.z - leftMm, from.y - lowMm, from.x - frontMm];
    return [
      left < TOUCH_MM ? 'at the left' : `${length(left)} from the left`,
      up < TOUCH_MM ? 'standing on the base' : `${length(up)} above the base`,
      behind < TOUCH_MM ? 'against the front' : `${length(behind)} behind the front`,
    ].join(', ');
  };
  const lines = [...boxes]
    .sort((a, b) => a.from.x - b.from.x)
    .map((box) => {
      const { from, to, index } = box;
      const size = `${length(to.z - from.z)} across, ${length(to.y - from.y)} up, ${length(to.x - from.x)} thick`;
      return `${things[index ?? -1]?.name ?? 'Thing'}: ${size}; ${whereOf(box)}`;
    });
  const all = packed
    ? `Packed: ${length(packed.widthMm)} across, ${length(packed.heightMm)} up, ${length(packed.thicknessMm)} thick`
    : 'In pockets';
  return [{ name: all, lines }];
}
