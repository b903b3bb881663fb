import type { PlainStrapStage, StrapFoot, StrapProblems, StrapRepairs } from '@/core/strap';
import { isInRounds } from '@/core/pieces';
import { formatQuantity } from '../quantity';
import { rowWord } from '../placeText';
import type { StitchChoice } from '@/core/design';
import { nameAt } from '@/core/fittings';
import { percent } from '../counting';
import { stitchName } from '../stitchText';
import { inPlainStitch, stitchCountWord } from '../rowText';
import { stepWords } from '../stepWords';
import type { FittingWords } from './words';

const WORKED = ['strap.stitches', 'strap.startingChain', 'strap.rows'];

/** All words of a plain strap. */
export const strapWords: FittingWords<PlainStrapStage, StrapProblems, StrapRepairs> = {
  title: 'Plain strap, in short rows',
  add: 'Add a plain strap',
  takeOff: 'Take the strap off',
  added: 'Strap added',
  takenOff: 'Strap taken off',
  grip: null,
  worked: 'Strap',
  materials: ({ choice }) => (choice.school === 'slack' ? ['Cotton tape to reinforce the strap.'] : []),
  steps: {
    'work-strap': ({ figures, stitchCount, rowCount }, { design, length }) =>
      stepWords(
        'Work the strap',
        `${design.settings.foundation === 'chain' ? `Chain ${figures.startingChain.value}` : 'Foundation row'} for ${stitchCountWord(inPlainStitch(design), stitchCount)}; ${rowCount} rows, ${length(figures.slackPlanned.value)} lying slack.`,
      ),
    'check-strap': ({ choice, figures }, { length }) =>
      stepWords(
        'Check the strap',
        choice.school !== 'slack'
          ? `${choice.school === 'pulled' ? 'Pulled' : 'Under what it will carry'}, it reaches ${length(figures.pulledPlanned.value)} between the feet.`
          : `Sew the tape inside while it lies slack: ${length(figures.pulledPlanned.value)} between the feet.`,
      ),
    'attach-strap': ({ foot, footDepthMm }, { design, plan, length }) => {
      const inRounds = plan.pieces.some(isInRounds);
      // A lining that is sewn on flat lies in the bag already; one for a bag in rounds goes in over the feet.
      const through = design.lining && !inRounds ? ', over the lining and through it' : '';
      const where =
        foot.on === 'strip-ends'
          ? `in the middle of each end of the ${foot.piece}: over ${formatQuantity(foot.count, foot.unit, 'cm')} from the mouth, ${length(footDepthMm)} deep`
          : `centred on each ${plan.pouch.figures.seamRows ? 'side seam' : 'side of the bag'}: front ${spanText(foot.front)} (${formatQuantity(foot.frontStitches, 'stitch', 'cm')} in from the side), back ${spanText(foot.back)} (${formatQuantity(foot.backStitches, 'stitch', 'cm')} in); ${length(footDepthMm)} deep`;
      return stepWords(
        'Attach the strap',
        `Inside${through}, ${where}. Sew round and across, twice.`,
        'Both feet level; the strap not twisted.',
        design.lining && inRounds ? 'Once the lining is in, the feet can’t lie beneath it.' : null,
      );
    },
  },
  inspect: null,
  tickets: ({ figures, at }) => {
    return [
      [
        { figure: figures.slackToWork, mark: 'strap.slack' },
        { figure: figures.rows },
        { figure: figures.stitches },
        { figure: figures.startingChain },
        { figure: figures.slackPlanned, mark: 'strap.slack' },
        { figure: figures.pulledPlanned, mark: 'strap.pulled' },
        { figure: figures.width },
        { figure: figures.footRows, mark: nameAt(at, 'strap.feet') },
        { figure: figures.footDepth, mark: nameAt(at, 'strap.feet') },
      ],
    ];
  },
  quotes: {
    steps: {
      'work-strap': [...WORKED, 'strap.slackPlanned'],
      'check-strap': ['strap.pulledPlanned'],
      'attach-strap': ['strap.footRows', 'strap.footDepth', 'strap.stitches'],
    },
    materials: [],
    worked: WORKED,
  },
  problems: {
    'strap-not-tried': (v) =>
      `No trial strip was measured: the strap’s rows are foretold, to ± ${percent(v.share)}, and how far it stretches is a guess. Work a short strip and measure it slack and pulled.`,
    'strap-trial-other-stitch': (v, _, names) =>
      `The trial strip was worked in ${stitchName(names.was as StitchChoice, 'us')} (US), and the strap is in ${stitchName(names.is as StitchChoice, 'us')} (US). Its rows are foretold, to ± ${percent(v.share)}.`,
    'strap-trial-unlike': (v, length) =>
      `The trial strip has rows ${length(v.seenMm)} high; beside the bag’s gauge about ${length(v.usualMm)} would be usual. Was it worked in another stitch or yarn, or miscounted?`,
    'strap-load': () =>
      'Try the strap with the real load before you rely on it. What it can bear depends on yarn and sewing, and isn’t promised here.',
    'strap-load-unknown': () =>
      'The strap is to be as long as you want it under this bag, but nothing that goes in has a weight yet: it is planned as if the bag were empty.',
    'strap-hangs-shorter': (v, length) =>
      `This bag does not pull the strap fully: it will hang ${length(v.shorterMm)} shorter than you want it worn. Measured under the bag’s own weight, it would come out right.`,
    'strap-stretches-much': (v) =>
      `This strap grows by ${percent(v.share)} when pulled. With a tape sewn inside it would keep its length.`,
    'strap-shorter-than-bag': (v, length) =>
      `A strap ${length(v.wornMm)} long does not span the bag from side to side (${length(v.widthMm)}): there is no loop to put a hand through.`,
  },
  repairs: {
    'strap-measured-pulled': () => 'Measure the strap fully pulled',
    'strap-measured-loaded': () => 'Work the strap to what it carries',
    'strap-measured-slack': () => 'Reinforce the strap and measure it slack',
    'strap-trial-was-in-this': () => 'It was worked in the strap’s stitch after all',
    'strap-trial-anew': () => 'Take the trial strip out and work one anew',
  },
};

const spanText = ({ piece, rows }: Extract<StrapFoot, { on: 'sides' }>['front']): string =>
  `${rowWord(piece, rows.to - rows.from + 1)} ${rows.from === rows.to ? rows.from : `${rows.from} to ${rows.to}`}`;
