import { WORKED_STRAP_KINDS, type WorkedStrapKind } from '@/core/design';
import { nameAt } from '@/core/fittings';
import { STRAP_NATURES, strapPieces, type StrapProblems, type StrapRepairs, type WorkedStrapStage } from '@/core/strap';
import { inPlainStitch, stitchCountWord } from '../rowText';
import { stepWords } from '../stepWords';
import { STRAP_WORDS, attachWords, hardwareMaterials, hungTickets, tickets } from './hungWords';
import { strapLines } from './strapLines';
import { STRAP_BESIDE } from './strapRows';
import { STRAP_NAMES } from './strapNames';
import type { FittingWords } from './words';

/** What tells how a strap is worked. */
const WORKED = ['strap.stitches', 'strap.startingChain', 'strap.rows', 'strap.border', 'strap.shortRows'];
const WORKED_CORD = ['strap.chains'];

/** What its texts quote. */
function quotesOf(kind: WorkedStrapKind): FittingWords<WorkedStrapStage>['quotes'] {
  const worked = STRAP_NATURES[kind].cord ? WORKED_CORD : WORKED;
  return {
    steps: {
      'work-strap': [...worked, 'strap.slackPlanned'],
      'check-strap': ['strap.pulledPlanned'],
      'attach-strap': ['strap.footRows', 'strap.footDepth', 'strap.stands', 'strap.firstFoot', 'strap.secondFoot'],
    },
    materials: [],
    worked,
  };
}

/** All words of a worked strap: alike but for its name and for how it is worked. */
export const strapWords = (kind: WorkedStrapKind): FittingWords<WorkedStrapStage, StrapProblems, StrapRepairs> => ({
  title: STRAP_NAMES[kind].title,
  ...STRAP_WORDS,
  workedLines: strapLines,
  beside: STRAP_BESIDE,
  materials: (stage, bag) => [
    ...(stage.choice.school === 'slack' ? ['Cotton tape to reinforce the strap.'] : []),
    ...hardwareMaterials(stage, bag),
  ],
  steps: {
    'work-strap': (stage, bag) => stepWords('Work the strap', workStrap(stage, bag), loopsText(stage)),
    'check-strap': ({ choice, figures }, { length }) =>
      stepWords('Check the strap', checkText(choice, length(figures.pulledPlanned.value))),
    'attach-strap': attachWords,
  },
  tickets: ({ figures, at, hung, choice }) => [
    tickets([
      [figures.slackToWork, 'strap.slack'],
      [figures.rows],
      [figures.stitches],
      [figures.border],
      [figures.shortRows],
      [figures.startingChain],
      [figures.slackPlanned, 'strap.slack'],
      [figures.pulledPlanned, 'strap.pulled'],
      [figures.width],
      [figures.thickness],
      [choice.ends.kind === 'grown' ? null : figures.footRows, nameAt(at, 'strap.feet')],
      [choice.ends.kind === 'grown' ? null : figures.footDepth, nameAt(at, 'strap.feet')],
    ]),
    hungTickets(hung, figures),
  ],
  quotes: quotesOf(kind),
});

function checkText({ school, given }: WorkedStrapStage['choice'], reaches: string): string {
  if (school === 'slack') return `Sew the tape inside while it lies slack: ${reaches} from mouth to mouth.`;
  if (given.by === 'copy')
    return `${given.massG === null ? 'Lying slack' : 'With as much hung on it'}, it is as long as the strap you like: ${reaches}.`;
  return `${school === 'pulled' ? 'Pulled' : 'Under what it will carry'}, it reaches ${reaches} from mouth to mouth.`;
}

/** In double thickness a stitch that is passed over is seen by the loops that are left. */
const loopsText = ({ choice, stitchCount }: WorkedStrapStage): string | null =>
  choice.kind === 'double'
    ? `In every row ${stitchCount} free loops are found; one fewer, and a stitch was passed over.`
    : null;

type Bag = Parameters<FittingWords<WorkedStrapStage>['materials']>[1];

/** The strap in one sentence. */
function workStrap(
  { figures, nature, stitchCount, rowCount, choice, grown }: WorkedStrapStage,
  { design, length }: Bag,
) {
  const chain = figures.startingChain?.value ?? 0;
  const begun = design.settings.foundation === 'chain' || chain > 0 ? `Chain ${chain}` : 'Foundation row';
  const slack = `${length(figures.slackPlanned.value)} lying slack`;
  const stitches = nature.stitch === null ? stitchCountWord(inPlainStitch(design), stitchCount) : `${stitchCount} sts`;
  if (grown && choice.ends.kind === 'grown')
    return grownStrapSentence({ figures, stitchCount, rowCount, choice }, slack);
  switch (nature.lie) {
    case 'across':
      return `${begun} for ${stitches}; ${rowCount} rows${nature.stitch === null ? '' : ` ${STRAP_NAMES[choice.kind].called}`}, ${slack}${figures.border ? `; then ${figures.border.value} along each long edge` : ''}.`;
    case 'along':
      return `${begun} for ${stitches}, ${slack}; ${rowCount} rows${nature.layers === 2 ? ', the last one joining both long edges' : ''}.`;
    case 'round':
      return nature.written === 'i-cord'
        ? `${begun}; ${rowCount} rows of ${stitchCount} loops, without turning, ${slack}.`
        : `${begun}, join it into a ring; ${rowCount} rounds of ${stitches} in a spiral, ${slack}.`;
    case 'cord':
      return `${CORD_STRANDS[stitchCount as 1 | 2 | 3]} of ${rowCount} chains${stitchCount === 1 ? '' : ` each, ${stitchCount === 2 ? 'twisted' : 'plaited'}`}, ${slack}.`;
  }
}

/** One that grows from the body. */
function grownStrapSentence(
  { figures, stitchCount, rowCount, choice }: Pick<WorkedStrapStage, 'figures' | 'stitchCount' | 'rowCount' | 'choice'>,
  slack: string,
): string {
  if (figures.shortRows)
    return `A long loop at one side, ${rowCount} rows of ${stitchCount} sts, ${slack}; a short one at the other, ${figures.shortRows.value} rows.`;
  if (strapPieces(choice.adjust) === 2)
    return `From each side ${rowCount / 2} rows of ${stitchCount} sts, ${slack} together.`;
  return `From one side ${rowCount} rows of ${stitchCount} sts, ${slack}.`;
}

const CORD_STRANDS = { 1: 'A cord', 2: 'Two strands', 3: 'Three strands' } as const;

/** Of every worked kind. */
export const WORKED_STRAP_WORDS = Object.fromEntries(
  WORKED_STRAP_KINDS.map((kind) => [kind, strapWords(kind)]),
) as Record<WorkedStrapKind, ReturnType<typeof strapWords>>;
