import type { StitchPlace } from '@/core/body';
import type { Design } from '@/core/design';
import { LINING_NAMES } from '@/core/lining';
import type { StepId } from '@/core/making';
import { isInRounds, isInRows, type PieceId } from '@/core/pieces';
import type { Plan } from '@/core/plan';
import { footDepthMm } from '@/core/strap';
import { BODY_STEP_WORDS } from './bodyStepText';
import { linedFlapNote } from './flapText';
import { formatQuantity } from './quantity';
import { inPlainStitch, stitchCountWord } from './rowText';
import { ordinal } from './counting';
import { lengthWriterFor, stepWords as words, type LengthWriter, type StepText, type StepWriter } from './stepWords';

/** Words a plan's steps, in the maker's terms and units. */
export function stepTexts(design: Design, plan: Plan): StepText[] {
  return plan.steps.map(({ id }) => ({ id, ...WORDS[id](design, plan, lengthWriterFor(design)) }));
}

/**
 * Says a place across a row. Both sides count alike where it is the middle.
 *
 * @example
 * placeText({ kind: 'on', stitch: 8 }) // => 'on the 8th stitch'
 * placeText({ kind: 'between', after: 13 }) // => 'after the 13th stitch'
 */
export const placeText = (place: StitchPlace): string =>
  place.kind === 'on' ? `on the ${ordinal(place.stitch)} stitch` : `after the ${ordinal(place.after)} stitch`;

/** What a row is called on a piece: of sides worked in rounds, a round. */
const rowWord = (piece: PieceId, count: number): string => {
  const word = piece === 'sides' || piece === 'disc' ? 'round' : 'row';
  return count === 1 ? word : `${word}s`;
};

const WORDS: Record<StepId, StepWriter> = {
  ...BODY_STEP_WORDS,
  'weave-ends': (design, plan) => {
    const shut = [
      ...(design.lining ? ['the lining'] : []),
      ...(plan.joins.some(({ sewn }) => sewn) ? ['the seams'] : []),
    ];
    return words(
      'Weave in the ends',
      shut.length > 0 ? 'All ends that will be shut in. Leave what will sew.' : 'All ends.',
      null,
      shut.length > 0 ? `After ${shut.join(' and ')} they can’t be reached.` : null,
    );
  },
  block: (_, plan) => {
    const flat = plan.pieces.some(isInRows);
    return words(
      'Block it',
      `Pin ${flat ? 'what lies flat square' : 'it'} to its sizes and steam or damp it. An iron never touches acrylic, and steam burns hands too.`,
      flat ? 'Where a piece is square, opposite corners are equally far apart.' : 'It is equally wide all the way up.',
    );
  },
  'set-snap-front': (design, { snap }, length) => {
    if (!snap) return words('Set the snap on the front', '');
    if (snap.mates.length === 0)
      return words(
        'Set the mate on the front',
        'Not as it is planned: the flap’s half does not come to lie on the front. Move it, or plan another flap, before you set either.',
      );
    const byRow = new Map(snap.mates.map((mate) => [mate.row, mate]));
    const where = [...byRow.values()]
      .map(({ piece, row, stationMm }) => `${rowWord(piece, 1)} ${row}, ${length(stationMm)} from the top edge`)
      .join('; and ');
    return words(
      'Set the mate on the front',
      `Front, outer face: ${where}, ${acrossText(snap.mates, length)}. Prongs through the crochet only; a piece of felt behind.`,
      landingCheck(snap, length),
      design.lining ? 'Once the lining is on, its back can only be reached by cutting.' : null,
    );
  },
  'cut-lining': (_, plan, length) =>
    words(
      'Cut the lining',
      plan.lining
        ? `${plan.lining.pieces.map((piece, index) => `${piece.copies === 1 ? `${index === 0 ? 'One' : 'one'} piece` : `${piece.copies} pieces`}${plan.lining?.pieces.length === 1 ? '' : ` for the ${LINING_NAMES[piece.for]}`}, ${length(piece.cutWidth.value)} by ${length(piece.cutLength.value)}`).join('; ')}; along the grain. Measure your own ${plan.lining.pieces.length === 1 ? 'panel' : 'pieces'} first.${linedFlapNote(plan)}`
        : '',
    ),
  'press-lining': (_, { lining }, length) =>
    words(
      'Press the lining’s edges under',
      lining
        ? `${length(lining.turnUnder.value)} on every side, to ${lining.pieces.map((piece) => `${length(piece.finishedWidth.value)} by ${length(piece.finishedLength.value)}`).join(', ')}. Mind the hot iron.`
        : '',
    ),
  'set-snap-flap': (design, { snap }, length) =>
    words(
      'Set the snap on the flap',
      snap
        ? `${snap.inHem ? 'On the hem, the face that will lie inside' : 'Flap, inner face'}: row ${halfRows(snap)}, ${length(snap.figures.halfInset.value)} from the flap’s edge, ${acrossText(snap.halves, length)}. ${
            design.lining
              ? 'Prongs through the lining only, before it is sewn on; reinforce behind.'
              : snap.inHem
                ? 'Prongs through the hem only, with a piece of felt behind: turned back, the hem hides them.'
                : 'Prongs through the crochet, with a piece of felt behind to hide and hold them.'
          }`
        : '',
      null,
      design.lining
        ? 'Once the lining is on, the prongs would have to go through both layers.'
        : snap?.inHem
          ? 'Once the hem is sewn down, the prongs would go through both layers and show.'
          : null,
    ),
  'turn-hem': (_, plan, length) =>
    words(
      'Turn the hem back',
      `Fold the ${plan.workedFrom === 'flap-edge' ? 'first' : 'last'} ${plan.flap.hemRows === 1 ? 'row' : `${plan.flap.hemRows} rows`} (${length(plan.flap.hemRows * plan.pouch.rowMm)}) over the inside of the flap’s edge and sew ${plan.flap.hemRows === 1 ? 'it' : 'them'} down${plan.snap?.inHem ? ', over the prongs of the snap' : ''}.`,
      'The edge is straight, and no stitch shows in front.',
    ),
  'sew-lining': (_, plan) => {
    const strapInside = plan.strap !== null;
    return plan.pieces.some(isInRounds)
      ? words(
          'Sew the lining in',
          `Join the short ends of the piece that goes round, right sides together, and ${plan.pieces.some(({ kind }) => kind === 'oval') ? 'its lower edge to the piece for the base' : 'close its lower edge'}. Wrong side to wrong side in the bag; whip round the mouth${plan.flap.onPiece ? ' and the flap' : ''}, a little inside the crochet’s edge${strapInside ? ', over the feet of the strap' : ''}.`,
          'No ripples; the seams of the lining face the crochet.',
        )
      : words(
          'Sew the lining on',
          'Wrong side to wrong side, pressed edges a little inside the crochet’s; whip all round.',
          'No ripples when it is bent as it will be folded.',
          plan.joins.some(({ sewn }) => sewn) ? 'After the seams there is no laying it flat.' : null,
        );
  },
  'work-strap': (design, { strap }, length) =>
    words(
      'Work the strap',
      strap
        ? `${design.settings.foundation === 'chain' ? `Chain ${strap.figures.startingChain.value}` : 'Foundation row'} for ${stitchCountWord(inPlainStitch(design), strap.stitchCount)}; ${strap.rowCount} rows, ${length(strap.figures.slackPlanned.value)} lying slack.`
        : '',
    ),
  'check-strap': (design, { strap }, length) =>
    words(
      'Check the strap',
      strap
        ? design.straps[0]?.school === 'pulled'
          ? `Pulled, it reaches ${length(strap.figures.pulledPlanned.value)} between the feet.`
          : `Sew the tape inside while it lies slack: ${length(strap.figures.pulledPlanned.value)} between the feet.`
        : '',
    ),
  'attach-strap': (design, plan, length) => {
    const { strap, pouch } = plan;
    if (!strap) return words('Attach the strap', '');
    const { foot } = strap;
    const deep = length(footDepthMm(strap, pouch));
    const check = 'Both feet level; the strap not twisted.';
    // A lining that is sewn on flat lies in the bag already; one for a bag in rounds goes in over the feet.
    const through = design.lining && !plan.pieces.some(isInRounds) ? ', over the lining and through it' : '';
    const notLater =
      design.lining && plan.pieces.some(isInRounds) ? 'Once the lining is in, the feet can’t lie beneath it.' : null;
    if (foot.on === 'strip-ends')
      return words(
        'Attach the strap',
        `Inside${through}, in the middle of each end of the ${foot.piece}: over ${formatQuantity(foot.count, foot.unit, 'cm')} from the mouth, ${deep} deep. Sew round and across, twice.`,
        check,
        notLater,
      );
    const span = ({ piece, rows }: (typeof foot)['front']) =>
      `${rowWord(piece, rows.to - rows.from + 1)} ${rows.from === rows.to ? rows.from : `${rows.from} to ${rows.to}`}`;
    return words(
      'Attach the strap',
      `Inside${through}, centred on each ${pouch.figures.seamRows ? 'side seam' : 'side of the bag'}: front ${span(foot.front)} (${formatQuantity(foot.frontStitches, 'stitch', 'cm')} in from the side), back ${span(foot.back)} (${formatQuantity(foot.backStitches, 'stitch', 'cm')} in); ${deep} deep. Sew round and across, twice.`,
      check,
      notLater,
    );
  },
  inspect: (_, { pouch, flap, snap }, length) =>
    words(
      'Look it over and write it down',
      `Planned: ${length(pouch.figures.width.value)} wide, ${length(pouch.figures.height.value)} high${pouch.figures.depth ? `, ${length(pouch.figures.depth.value)} deep` : ''}${flap.hasFlap ? `, flap down ${length(flap.dropMm.loaded)} when loaded` : ''}.`,
      `Ends secure, corners square${flap.hasFlap ? ', flap covers' : ''}${snap ? ', snap meets' : ''}.`,
    ),
};

/** The row, or the rows, that the halves are set on. */
const halfRows = ({ halves }: NonNullable<Plan['snap']>): string =>
  [...new Set(halves.map(({ row }) => row))].join(' and ');

/** What is true of where this flap lands. */
function landingCheck({ mates, halves, meetsMm, diameterMm }: NonNullable<Plan['snap']>, length: LengthWriter): string {
  const apartMm = Math.abs(meetsMm.empty - meetsMm.loaded);
  if (mates.length > halves.length) return 'The flap laid over lands on the lower or the upper mate, full and empty.';
  if (apartMm <= diameterMm / 2) return 'The flap laid over lands on it, empty and full.';
  return `The flap laid over lands on it full; empty, it comes down ${length(apartMm)} ${meetsMm.empty > meetsMm.loaded ? 'lower' : 'higher'}.`;
}

function acrossText(
  spots: readonly { place: StitchPlace; ofStitches: number; fromEdgeMm: number }[],
  length: LengthWriter,
): string {
  const [first] = spots;
  if (!first) return '';
  const { place, ofStitches } = first;
  const half = place.kind === 'between' ? place.after * 2 === ofStitches : place.stitch * 2 === ofStitches + 1;
  return `${placeText(place)} of ${ofStitches}, from ${half ? 'either' : 'each'} end of the row (${length(first.fromEdgeMm)})`;
}
