import { isOneOfTwo, stripOf, type RowsPiece } from '@/core/pieces';
import type { Plan } from '@/core/plan';
import { strapPieces, type WorkedStrapStage } from '@/core/strap';
import { formatQuantity } from './quantity';

const stitches = (count: number): string => formatQuantity(count, 'stitch', 'cm');
const rows = (count: number): string => formatQuantity(count, 'row', 'cm');

/** Where a strap that grows from the body takes its stitches, at each side. */
export function grownStrapText(
  { grown, figures, choice }: WorkedStrapStage,
  plan: Pick<Plan, 'pouch' | 'pieces' | 'joins'>,
): string {
  const across = figures.stitches.value;
  if (grown === null)
    return `The mouth has not as many stitches to give as a strap of ${stitches(across)} asks for at both sides. Make the strap narrower, or sew it on.`;
  if (grown.on === 'strip') {
    const { taken } = grown.figures;
    if (grown.unit === 'row')
      return `Pick the strap up along each end of the ${grown.piece}, from its ${rows(taken.value)}; change to ${stitches(across)} in the first rows, evenly at both sides.`;
    const { ends, adjust } = choice;
    // One strap goes over to the other end; two begin at both.
    const isOne = ends.kind === 'grown' && ends.shortLoopMm === null && strapPieces(adjust) === 1;
    const strip = stripOf(plan);
    if (strip && isOneOfTwo(strip))
      return fromBandText(strip, {
        isOne,
        taken: taken.value,
        across,
        isSewn: plan.joins.some(({ id }) => id === 'side-bands'),
      });
    return `Go on from ${isOne ? 'one' : 'each'} end of the ${grown.piece}, over its ${stitches(taken.value)}${taken.value === across ? '' : `; change to ${across} in the first rows, evenly at both sides`}.${isOne ? ` Up to the mouth the ${grown.piece} is joined to front and back; from there on it is the strap.` : ''}`;
  }
  const { front, back, backRows, begins } = grown.figures;
  if (begins) {
    const [first, second] = begins;
    return `In the last round begin one end of the strap with stitch ${first.value}, the other with stitch ${second.value}, each over ${stitches(across)}: ${stitches(front.value)} before the side of the bag and ${back.value} after it.`;
  }
  const ofFront = `At each side take up the ${front.value === 1 ? 'last stitch' : `last ${stitches(front.value)}`} of the front’s upper edge`;
  const ofBack = backRows
    ? `${stitches(back.value)} in the ends of the first ${rows(backRows.value)} beyond the back’s upper edge`
    : `the ${back.value === 1 ? 'last stitch' : `last ${stitches(back.value)}`} of the back’s`;
  const sides = plan.pouch.figures.seamRows ? 'The side seam' : 'The side of the bag';
  return `${ofFront}, and ${ofBack}. ${sides} lies between them.`;
}

/** A strap that goes on from one of two bands: over to the other, or one from each. */
function fromBandText(
  { rows: ofBand }: RowsPiece,
  { isOne, taken, across, isSewn }: { isOne: boolean; taken: number; across: number; isSewn: boolean },
): string {
  const changed = taken === across ? '' : `; change to ${across} in the first rows, evenly at both sides`;
  if (!isOne) return `Go on from the upper end of each band, over its ${stitches(taken)}${changed}.`;
  const allInOne = ` Or work it all in one, before it is joined: ${rows(ofBand.length)} as the one band, the strap, ${rows(ofBand.length)} as the other; then there is no join in the strap.`;
  return `Go on from the upper end of one band, over its ${stitches(taken)}${changed}. Up to the mouth the band is joined to front and back; from there on it is the strap. It ends at the other band’s upper end, one face outside all the way.${isSewn ? allInOne : ''}`;
}
