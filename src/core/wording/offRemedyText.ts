import type { OffRemedy } from '@/core/body';
import type { LengthUnit } from '@/core/units';
import { formatQuantity } from './quantity';

const NO_NEARER = {
  repeats: 'whole repeats come no nearer, nor do plain stitches at its sides. Another hook would: see Stitch.',
  stitches: 'whole stitches come no nearer. Another hook would: see Stitch.',
  rows: 'whole rows come no nearer. Another hook would: see Stitch.',
} as const;

/**
 * What brings a size nearer, and how near it comes then; or why nothing does.
 *
 * @example
 * offRemedyText({ kind: 'plain-edge', stitches: 1, offMm: 2.9, edits: [] }, 'cm') // => 'one plain stitch at each side: 2.9 mm off'
 */
export function offRemedyText(remedy: OffRemedy, unit: LengthUnit): string {
  if (remedy.kind === 'no-nearer') return NO_NEARER[remedy.of];
  const off = `${formatQuantity(Math.abs(remedy.offMm), 'mm', unit)} off`;
  switch (remedy.kind) {
    case 'plain-edge':
      return `${plainText(remedy.stitches)}: ${off}`;
    case 'count-follows':
      return `${remedy.stitches} stitches: ${off}`;
    case 'rows-follow':
      return `${remedy.rows} rows up: ${off}`;
  }
}

const plainText = (stitches: number): string =>
  stitches === 0
    ? 'no plain stitches at its sides'
    : stitches === 1
      ? 'one plain stitch at each side'
      : `${['', '', 'two', 'three'][stitches] ?? stitches} plain stitches at each side`;
