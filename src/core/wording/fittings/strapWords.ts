import type { StrapFoot, StrapProblems, StrapRepairs, WorkedStrapStage } from '@/core/strap';
import { isInRounds } from '@/core/pieces';
import { formatQuantity } from '../quantity';
import { rowWord } from '../placeText';
import type { StitchChoice, WorkedStrapKind } from '@/core/design';
import { nameAt } from '@/core/fittings';
import { percent } from '../counting';
import { stitchName } from '../stitchText';
import { inPlainStitch, stitchCountWord } from '../rowText';
import { stepWords } from '../stepWords';
import { strapLines } from './strapLines';
import type { Sentences } from '../sentence';
import type { FittingWords } from './words';

const WORKED = ['strap.stitches', 'strap.startingChain', 'strap.rows'];

/** The names of the kinds: a heading, for choosing, and as it stands within a sentence. */
export const STRAP_NAMES: Readonly<Record<WorkedStrapKind, { title: string; short: string; called: string }>> = {
  plain: { title: 'Plain strap, in short rows', short: 'Short rows', called: 'in short rows' },
  lengthwise: { title: 'Plain strap, in long rows', short: 'Long rows', called: 'in long rows' },
  double: { title: 'Strap in double thickness', short: 'Double thickness', called: 'in double thickness' },
  linen: { title: 'Linen band', short: 'Linen', called: 'in linen' },
  tube: { title: 'Band closed to a tube', short: 'Band to a tube', called: 'as a band closed to a tube' },
  spiral: { title: 'Spiral tube', short: 'Spiral tube', called: 'as a spiral tube' },
};

/** What its texts quote. */
const QUOTES: FittingWords<WorkedStrapStage>['quotes'] = {
  steps: {
    'work-strap': [...WORKED, 'strap.slackPlanned'],
    'check-strap': ['strap.pulledPlanned'],
    'attach-strap': ['strap.footRows', 'strap.footDepth', 'strap.stitches'],
  },
  materials: [],
  worked: WORKED,
};

const REPAIRS: Sentences<StrapRepairs> = {
  'strap-off': () => 'Take this strap off',
  'strap-measured-pulled': () => 'Measure the strap fully pulled',
  'strap-measured-loaded': () => 'Work the strap to what it carries',
  'strap-measured-slack': () => 'Reinforce the strap and measure it slack',
  'strap-trial-was-in-this': () => 'It was worked in the strap’s stitch after all',
  'strap-trial-was-of-this': () => 'It was worked like this strap after all',
  'strap-trial-anew': () => 'Take the trial strip out and work one anew',
};

/** All words of a worked strap: alike but for its name and for how it is worked. */
export const strapWords = (kind: WorkedStrapKind): FittingWords<WorkedStrapStage, StrapProblems, StrapRepairs> => ({
  title: STRAP_NAMES[kind].title,
  add: 'Add a strap',
  takeOff: 'Take the strap off',
  added: 'Strap added',
  takenOff: 'Strap taken off',
  grip: null,
  worked: 'Strap',
  workedLines: strapLines,
  materials: ({ choice }) => (choice.school === 'slack' ? ['Cotton tape to reinforce the strap.'] : []),
  steps: {
    'work-strap': (stage, bag) => stepWords('Work the strap', workStrap(stage, bag)),
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
        { figure: figures.thickness },
        { figure: figures.footRows, mark: nameAt(at, 'strap.feet') },
        { figure: figures.footDepth, mark: nameAt(at, 'strap.feet') },
      ],
    ];
  },
  quotes: QUOTES,
  problems: {
    'strap-not-tried': (v) =>
      `No trial strip was measured: the strap’s rows are foretold, to ± ${percent(v.share)}, and how far it stretches is a guess. Work a short strip and measure it slack and pulled.`,
    'strap-trial-other-stitch': (v, _, names) =>
      `The trial strip was worked in ${stitchName(names.was as StitchChoice, 'us')} (US), and the strap is in ${stitchName(names.is as StitchChoice, 'us')} (US). Its rows are foretold, to ± ${percent(v.share)}.`,
    'strap-trial-other-kind': (_, __, names) =>
      `The trial strip was worked ${STRAP_NAMES[names.was as WorkedStrapKind].called}, and the strap is worked ${STRAP_NAMES[names.is as WorkedStrapKind].called}: it tells nothing of this one, which is planned from the bag’s own gauge.`,
    'strap-trial-unlike': (v, length) =>
      `On the trial strip one ${kind === 'lengthwise' || kind === 'tube' ? 'stitch takes' : 'row takes'} ${length(v.seenMm)} along it; beside the bag’s gauge about ${length(v.usualMm)} would be usual. Was it worked in another stitch or yarn, or miscounted?`,
    'strap-load': () =>
      'Try the strap with the real load before you rely on it. What it can bear depends on yarn and sewing, and isn’t promised here.',
    'strap-load-unknown': () =>
      'The strap is to be as long as you want it under this bag, but nothing that goes in has a weight yet: it is planned as if the bag were empty.',
    'strap-hangs-shorter': (v, length) =>
      `This bag does not pull the strap fully: it will hang ${length(v.shorterMm)} shorter than you want it worn. Measured under the bag’s own weight, it would come out right.`,
    'strap-over-strap': () =>
      'Its feet come to lie on those of the first strap. Sew them beside those, or make this one to clip on.',
    'strap-stretches-much': (v) =>
      `This strap grows by ${percent(v.share)} when pulled. With a tape sewn inside it would keep its length.`,
    'strap-shorter-than-bag': (v, length) =>
      `A strap ${length(v.wornMm)} long does not span the bag from side to side (${length(v.widthMm)}): there is no loop to put a hand through.`,
  },
  repairs: REPAIRS,
});

type Bag = Parameters<FittingWords<WorkedStrapStage>['materials']>[1];

/** The strap in one sentence. */
function workStrap({ figures, nature, stitchCount, rowCount, choice }: WorkedStrapStage, { design, length }: Bag) {
  const begun =
    design.settings.foundation === 'chain' || figures.startingChain.value > 0
      ? `Chain ${figures.startingChain.value}`
      : 'Foundation row';
  const slack = `${length(figures.slackPlanned.value)} lying slack`;
  const stitches = nature.stitch === null ? stitchCountWord(inPlainStitch(design), stitchCount) : `${stitchCount} sts`;
  switch (nature.lie) {
    case 'across':
      return `${begun} for ${stitches}; ${rowCount} rows${nature.stitch === null ? '' : ` ${STRAP_NAMES[choice.kind].called}`}, ${slack}.`;
    case 'along':
      return `${begun} for ${stitches}, ${slack}; ${rowCount} rows${nature.layers === 2 ? ', the last one joining both long edges' : ''}.`;
    case 'round':
      return `${begun}, join it into a ring; ${rowCount} rounds of ${stitches} in a spiral, ${slack}.`;
  }
}

const spanText = ({ piece, rows }: Extract<StrapFoot, { on: 'sides' }>['front']): string =>
  `${rowWord(piece, rows.to - rows.from + 1)} ${rows.from === rows.to ? rows.from : `${rows.from} to ${rows.to}`}`;
