import {
  OVERLAP_NAMES,
  PART_NAMES,
  isWorkedStage,
  laidParts,
  laidStrap,
  type LaidStrap,
  type SegmentKind,
  type StrapStage,
} from '@/core/strap';
import type { LengthUnit } from '@/core/units';
import { formatQuantity } from '../quantity';
import type { DrawnText } from './drawnText';

const WORN = {
  pulled: 'Pulled, as worn',
  loaded: 'Under this bag, as worn',
  slack: 'Reinforced, as worn',
} as const;

/** Parts that take nothing of the way and are told all the same. */
const ADJUSTS: ReadonlySet<SegmentKind> = new Set(['slider', 'two-rings', 'buttonholes', 'knot', 'bow']);

/** The parts of a strap that are to be seen along its way, each with how much of it it takes. */
const partsSeen = ({ parts, wornMm, standsMm }: LaidStrap) =>
  laidParts(parts, wornMm, standsMm)
    .map(({ kind, fromMm, toMm }) => ({ kind, mm: toMm - fromMm }))
    .filter(({ kind, mm }) => mm > 0 || ADJUSTS.has(kind));

/** The strap laid out in two headings: as it is worked or cut, and as it is worn, each with its length. */
export function strapHeads(stage: StrapStage, unit: LengthUnit): { slack: string; worn: string } {
  const { slackMm, wornMm } = laidStrap(stage);
  const length = (mm: number) => formatQuantity(mm, 'mm', unit);
  const isWorked = isWorkedStage(stage);
  return {
    slack: `${isWorked ? 'As worked, lying slack' : 'As it is cut'}: ${length(slackMm)}`,
    worn: `${isWorked ? WORN[stage.choice.school] : 'As worn'}: ${length(wornMm)} from mouth to mouth`,
  };
}

/** The way from mouth to mouth, part by part; nothing of a strap that is only strap. */
export function strapWay(stage: StrapStage, unit: LengthUnit): string {
  const seen = partsSeen(laidStrap(stage));
  if (seen.length < 2 && seen.every(({ kind }) => kind === 'strap')) return '';
  const told = seen.map(({ kind, mm }) =>
    mm > 0 ? `${PART_NAMES[kind].toLowerCase()} ${formatQuantity(mm, 'mm', unit)}` : PART_NAMES[kind].toLowerCase(),
  );
  return told.join(', ');
}

/**
 * A strap laid out in words, for whoever doesn't see it: slack with what its ends take, and as it is worn, part by part from mouth to mouth.
 *
 * @param unit the unit of lengths
 */
export function strapText(stage: StrapStage, unit: LengthUnit): DrawnText[] {
  const laid = laidStrap(stage);
  const { slack, worn } = strapHeads(stage, unit);
  const length = (mm: number) => formatQuantity(mm, 'mm', unit);
  return [
    {
      name: slack,
      lines: [
        `Wide: ${length(laid.widthMm)}`,
        ...(laid.overlapMm > 0 ? [`${OVERLAP_NAMES[stage.choice.ends.kind]}: ${length(laid.overlapMm)}`] : []),
      ],
    },
    {
      name: worn,
      lines: partsSeen(laid).map(({ kind, mm }) => (mm > 0 ? `${PART_NAMES[kind]}: ${length(mm)}` : PART_NAMES[kind])),
    },
  ];
}
