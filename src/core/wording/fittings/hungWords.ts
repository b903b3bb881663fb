import { isBagForItself, linesWalls } from '@/core/design';
import type { Figure } from '@/core/figures';
import { isInRounds } from '@/core/pieces';
import { clipsIntoEarlier, strapPieces, type HungStrap, type StrapFoot } from '@/core/strap';
import type { Strap } from '@/core/design';
import { formatQuantity } from '../quantity';
import { rowWord } from '../placeText';
import { stepWords, type LengthWriter, type StepWords } from '../stepWords';
import { STRAP_PROBLEM_WORDS, STRAP_REPAIR_WORDS } from './strapProblemWords';
import type { FittingWords, Ticket } from './words';

type Bag = Parameters<FittingWords<never>['materials']>[1];

/** What any strap's words are written from. */
interface HungStage {
  choice: Strap;
  at: { index: number };
  hung: HungStrap;
  footDepthMm: number;
  figures: { stands?: { value: number } };
}

/** The words that are the same for every strap. */
export const STRAP_WORDS = {
  add: 'Add a strap',
  takeOff: 'Take the strap off',
  added: 'Strap added',
  takenOff: 'Strap taken off',
  grip: { name: 'Move the strap’s feet', moved: 'Strap’s feet moved' },
  worked: 'Strap',
  inspect: null,
  problems: STRAP_PROBLEM_WORDS,
  repairs: STRAP_REPAIR_WORDS,
};

/** Those figures that there are, each with the mark that it lights. */
export const tickets = (wanted: [figure: Ticket['figure'] | null | undefined, mark?: string][]): Ticket[] =>
  wanted.flatMap(([figure, mark]) => (figure ? [{ figure, ...(mark ? { mark } : {}) }] : []));

/** The row of tickets of how any strap hangs. */
export const hungTickets = (
  { begins, wish, hardware, doubled, loss }: HungStrap,
  { shortest, longest, stands }: { shortest?: Figure; longest?: Figure; stands?: Figure },
): Ticket[] =>
  tickets(
    [begins?.[0], begins?.[1], wish, hardware, doubled, loss, shortest, longest, stands].map((figure) => [figure]),
  );

/** What is bought to hold a strap and to adjust it. Of several straps each says for itself. */
export function hardwareMaterials({ choice, at }: HungStage, { design, length }: Bag): string[] {
  const { ends, adjust } = choice;
  const of = design.straps.length > 1 ? `Strap ${at.index + 1}: ` : '';
  const wide = 'innerMm' in ends ? length(ends.innerMm) : length(choice.widthMm);
  return [
    ...('innerMm' in ends && !clipsIntoEarlier(design.straps, at.index) ? [`2 rings, ${wide} across inside`] : []),
    ...(ends.kind === 'clasp' && choice.kind !== 'ready-made'
      ? [`2 swivel clasps, ${length(ends.lengthMm)} long`]
      : []),
    ...(ends.kind === 'knotted' ? ['2 eyelets'] : []),
    ...(adjust.kind === 'slider' ? [`1 slider, ${wide} wide inside`] : []),
    ...(adjust.kind === 'two-rings' ? [`2 D-rings, ${wide} wide inside`] : []),
    ...(adjust.kind === 'buttonholes' ? ['1 button'] : []),
  ].map((text) => `${of}${text}.`);
}

const STITCHINGS = {
  'round-and-across': 'Sew round and across, twice.',
  box: 'Sew a box round each foot and its two diagonals, twice.',
  cross: 'Sew the two diagonals of each foot, three times.',
} as const;

/** Where a strap's feet go, and how they are held. */
export function attachWords(stage: HungStage, { design, plan, length }: Bag): StepWords {
  const { choice, hung, footDepthMm } = stage;
  const { ends } = choice;
  const inRounds = plan.pieces.some(isInRounds);
  if (ends.kind === 'grown') return grownWords(stage, length);
  const where = whereText(hung, footDepthMm, !!plan.pouch.figures.seamRows, length);
  // A lining that is sewn on flat lies in the bag already; one for a bag in rounds goes in over the feet.
  const through =
    linesWalls(design) && !inRounds && design.lining?.kind === 'flat' ? ', over the lining and through it' : '';
  return stepWords(
    'Attach the strap',
    `${howText(ends, where, through, choice.overlapMm, length)}${adjustText(stage, length)}`,
    'Both feet level; the strap not twisted.',
    linesWalls(design) && (inRounds || (design.lining !== null && isBagForItself(design.lining)))
      ? 'Once the lining is in, the feet can’t lie beneath it.'
      : null,
  );
}

/** How a strap that grew from the body ends. */
function grownWords(stage: HungStage, length: LengthWriter): StepWords {
  const { ends, adjust } = stage.choice;
  if (ends.kind === 'grown' && ends.shortLoopMm !== null)
    return stepWords(
      'Close both loops',
      'Sew the end of each loop behind the stitches that it began in, and pass the long one through the short one.',
      'Neither is twisted.',
    );
  if (strapPieces(adjust) === 2)
    return stepWords('Tie the strap', adjustText(stage, length).trim(), 'Neither is twisted.');
  return stepWords(
    'Join the strap',
    `Lay it over to the other side, its right side out all along, and sew its end stitch by stitch to those that are left free there.${adjustText(stage, length)}`,
    'The strap not twisted: a mark on its right side is seen all along.',
  );
}

function howText(ends: Strap['ends'], where: string, through: string, overlapMm: number, length: LengthWriter): string {
  switch (ends.kind) {
    case 'sewn':
      return `${ends.lie === 'inside' ? `Inside${through}` : 'Outside'}, ${where}. ${STITCHINGS[ends.stitching]}`;
    case 'ring':
      return `Put a ring into a tab ${length(ends.innerMm)} wide at each side, and sew the tab down inside${through}, ${where}. ${aboveText(ends.tabMm, length)} Put each end of the strap through its ring and sew ${length(overlapMm)} back on itself.`;
    case 'clasp':
      return `Put a ring into a tab ${length(ends.innerMm)} wide at each side, and sew the tab down inside${through}, ${where}. ${aboveText(ends.tabMm, length)} Sew ${length(overlapMm)} of each end of the strap back round its clasp, and clip it on.`;
    case 'grown':
      return '';
    case 'knotted':
      return `Set an eyelet for each end, ${where}. Put the end through from outside, and knot it inside: ${length(overlapMm)} is left for that.`;
  }
}

const aboveText = (tabMm: number, length: LengthWriter): string =>
  tabMm > 0 ? `The ring stands ${length(tabMm)} above the edge.` : 'The ring stands at the edge.';

function whereText(
  { feet: { foot }, begins }: HungStrap,
  deepMm: number,
  hasSeam: boolean,
  length: LengthWriter,
): string {
  switch (foot.on) {
    case 'strip-ends':
      return `in the middle of ${foot.isOneOfTwo ? 'the upper end of each band' : `each end of the ${foot.piece}`}: over ${formatQuantity(foot.count, foot.unit, 'cm')} from the mouth, ${length(deepMm)} deep`;
    case 'sides':
      return `centred on each ${hasSeam ? 'side seam' : 'side of the bag'}: front ${spanText(foot.front)} (${formatQuantity(foot.frontStitches, 'stitch', 'cm')} in from the side), back ${spanText(foot.back)} (${formatQuantity(foot.backStitches, 'stitch', 'cm')} in); ${length(deepMm)} deep`;
    case 'face': {
      const covers = formatQuantity(foot.stitches, 'stitch', 'cm');
      return `on the ${foot.face}, ${spanText(foot)}: leave ${formatQuantity(foot.inStitches, 'stitch', 'cm')} from either side, and cover the next ${covers}${begins ? `, from stitch ${begins[0].value} and from stitch ${begins[1].value} of the last round on` : ''}; ${length(deepMm)} deep`;
    }
  }
}

const spanText = ({ piece, rows }: Pick<Extract<StrapFoot, { on: 'face' }>, 'piece' | 'rows'>): string =>
  `${rowWord(piece, rows.to - rows.from + 1)} ${rows.from === rows.to ? rows.from : `${rows.from} to ${rows.to}`}`;

/** How it is made as long as she wears it. */
function adjustText({ choice: { adjust }, figures: { stands } }: HungStage, length: LengthWriter): string {
  const at = stands ? length(stands.value) : '';
  switch (adjust.kind) {
    case 'none':
      return '';
    case 'slider':
      return ` Thread the strap through the slider, round its second end and back, and sew the end to the slider’s bar. For you the slider stands ${at} from that end.`;
    case 'two-rings':
      return ` Sew both D-rings to one end; the other goes through both and back through one. For you ${at} hangs back from the rings.`;
    case 'buttonholes':
      return ` Leave ${adjust.holes} buttonholes, ${length(adjust.everyMm)} apart, and sew the button on so that ${at} lies beyond it when you wear it.`;
    case 'knot':
      return ` Tie both ends in a knot: for you ${at} is left of each.`;
    case 'bow':
      return ` Tie both ends in a bow with loops of ${length(adjust.loopMm)}: ${at} of each end goes into it.`;
  }
}
