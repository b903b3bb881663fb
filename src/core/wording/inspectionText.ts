import type { InspectedSize, LookId, SizeToInspect } from '@/core/bench';
import type { LengthUnit } from '@/core/units';
import { formatDifference, formatQuantity } from './quantity';

/** What each look is to find, and what to do where it doesn't. Source: common practice, no source; what to do from memory. */
export const LOOK_TEXTS: Record<LookId, { find: string; else: string }> = {
  'start-even': {
    find: 'The beginning doesn’t pucker.',
    else: 'Damp and pin it wider. If it stays tight, work a looser edge over it; next time begin with a larger hook or with foundation stitches.',
  },
  'sides-straight': {
    find: 'The sides are straight.',
    else: 'Pin them to their width and steam or damp them. Count a row where they lean: a stitch is lost or won there.',
  },
  'counts-even': {
    find: 'Both halves have as many stitches and rows.',
    else: 'Fold it in the middle and look where the edges part. Ease up to one stitch in the seam; more is better reworked.',
  },
  'corners-square': {
    find: 'The corners are square, or as round as drawn.',
    else: 'Push them out from inside, pin and block them once more.',
  },
  'tails-secure': {
    find: 'No end shows, and none slips out when pulled.',
    else: 'Weave it in again, a third time the other way.',
  },
  'seams-whole': {
    find: 'No gap in the seams, and the load doesn’t pull them open.',
    else: 'Go over the place again with doubled yarn.',
  },
  'flap-covers': {
    find: 'The flap covers what it is to cover, empty and full.',
    else: 'Full and too short: carry less, or add rows at its edge. Too long: turn its edge in as a hem.',
  },
  'halves-meet': {
    find: 'Both halves of the closure meet, empty and full.',
    else: 'Move the half that was sewn on. One that goes through the fabric stays: a tab or an edge added to the flap brings it there.',
  },
  'straps-level': {
    find: 'The strap hangs level, both ends at one height.',
    else: 'Unpick the higher end and set it as many rows lower as the other one is.',
  },
  'straps-untwisted': { find: 'The strap isn’t twisted.', else: 'Unpick one end and turn it.' },
  'lining-smooth': {
    find: 'The lining lies without ripples, and nothing shows past the mouth.',
    else: 'Unpick the mouth and join it again with the spread of the join map.',
  },
  'holds-its-load': {
    find: 'With its load it hung for an hour, and nothing opened or came longer than told.',
    else: 'Go over the weight-bearing seams with doubled yarn, and line or tape the strap. Nothing here is a promise of strength.',
  },
};

const BEYOND: Record<InspectedSize, { more: string; less: string }> = {
  widthMm: {
    more: 'Take a wider seam, or block it narrower. Tell the swatch: the next bag is planned by it.',
    less: 'Block it wider, damp and pinned. Tell the swatch: the next bag is planned by it.',
  },
  heightMm: {
    more: 'The fold may lie a row too far: look at its marker. Else block it lower.',
    less: 'The fold may lie a row too near: look at its marker. Else block it higher.',
  },
  depthMm: {
    more: 'Box the corners again, a little further from their points.',
    less: 'Box the corners again, a little nearer to their points, if the lining isn’t in.',
  },
};

/** What a size that was measured says. */
export function sizeVerdict({ size, figure, offMm, isWithin }: SizeToInspect, unit: LengthUnit): string {
  if (offMm === null) return `Planned ${formatQuantity(figure.value, 'mm', unit)}.`;
  const off = formatDifference(offMm, 'mm', unit);
  if (isWithin) return `${off}: as planned, within its ±.`;
  return `${off}: more than its ±. ${offMm > 0 ? BEYOND[size].more : BEYOND[size].less}`;
}
