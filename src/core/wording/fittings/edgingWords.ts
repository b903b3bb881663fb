import { capital } from '@/core/units';
import { patternNamed, type Edging, type EdgingKind } from '@/core/design';
import type { CountedStretch, EdgingProblems, EdgingRepairs, EdgingStage } from '@/core/edging';
import { nameAt } from '@/core/fittings';
import { isOneOfTwo, stripOf } from '@/core/pieces';
import type { Plan } from '@/core/plan';
import { everywhere, patternRowCount, work, type StitchPattern } from '@/core/stitches';
import { ordinal, percent } from '../counting';
import { patternRowText } from '../rowText';
import { withoutNumber } from '../rowsText';
import { stepWords } from '../stepWords';
import { term, type TermSet } from '../terms';
import type { FittingWords } from './words';

/** The names of the kinds: a heading, and as it stands within a sentence. */
const NAMES: Readonly<Record<EdgingKind, { title: string; called: string }>> = {
  'slip-stitch': { title: 'Slip-stitch edging', called: 'slip-stitch edging' },
  single: { title: 'Plain edging', called: 'plain edging' },
  crab: { title: 'Crab-stitch edging', called: 'crab-stitch edging' },
  picot: { title: 'Picot edging', called: 'picot edging' },
  shell: { title: 'Shell edging', called: 'shell edging' },
  spikes: { title: 'Spike edging', called: 'spike edging' },
  own: { title: 'Edging in your own pattern', called: 'edging in your own pattern' },
};

/** All words of a kind of edging: alike but for its name, and for what is worked over the plain rounds. */
export const edgingWords = (kind: EdgingKind): FittingWords<EdgingStage, EdgingProblems, EdgingRepairs> => {
  const { title, called } = NAMES[kind];
  return {
    title,
    add: `Add a ${called}`.replace('a edging', 'an edging'),
    takeOff: 'Take the edging off',
    added: `${title} added`,
    takenOff: 'Edging taken off',
    grip: null,
    worked: '',
    beside: { called: () => title, rows: (stage, _name, bag) => edgingRows(stage, bag) },
    materials: ({ choice: { hookMm } }) => (hookMm === null ? [] : [`A ${hookMm} mm hook for the edging.`]),
    steps: { 'work-edging': (stage, bag) => workEdging(stage, bag) },
    inspect: null,
    tickets: ({ figures, seamStitches, at }) =>
      [
        [figures.stitches, figures.lastStitches, figures.repeats, figures.corner],
        [figures.pickUp, figures.flatness, seamStitches],
        [figures.depth, figures.length],
      ].map((row) => row.flatMap((figure) => (figure ? [{ figure, mark: nameAt(at, 'edging') }] : []))),
    quotes: {
      steps: {
        'work-edging': [
          'edging.stitches',
          'edging.lastStitches',
          'edging.repeats',
          'edging.pickUp',
          'edging.corner',
          'edging.depth',
        ],
      },
      materials: [],
      worked: [],
    },
    problems: {
      'edging-without-edge': () =>
        'This bag has no such free edge, so the edging is left out. Choose another edge, or take it off.',
      'edging-on-edging': () =>
        'There is an edging on this edge already, so this one is left out. Choose another edge, or take it off.',
      'edging-not-flat': ({ flatness }) =>
        flatness < 1
          ? `The edging will draw in: its stitches come to ${percent(flatness)} of the edge. Pick up more, or take a larger hook.`
          : `The edging will ruffle: its stitches come to ${percent(flatness)} of the edge. Pick up fewer, or take a smaller hook.`,
      'seam-beside-border': ({ takeUpStitches }) =>
        `The seam takes ${takeUpStitches} ${takeUpStitches === 1 ? 'stitch' : 'stitches'} of each edge. Through the outer loops of the border it would take nothing, and the border shows.`,
    },
    repairs: {
      'edging-off': () => 'Take this edging off',
      'edging-picked-up-flat': () => 'Pick up so that it lies flat',
      'seam-through-border': () => 'Seam through the outer loops of the border',
    },
  };
};

type Bag = Parameters<FittingWords<EdgingStage>['materials']>[1];

const oneOf = ({ edge }: EdgingStage): string => (edge.isRound ? 'Round' : 'Row');
const stitchOf = ({ choice }: EdgingStage, terms: TermSet): string =>
  choice.kind === 'slip-stitch' ? 'sl st' : term('sc', terms);

/** What is worked in the first row or round. */
const firstWords = (stage: EdgingStage, stitch: string): string =>
  `${stretchesText(stage, stitch)}${stage.edge.isRound ? '; join with a sl st' : ''}. (${stage.counts.rounds[0]} sts)`;

function workEdging(stage: EdgingStage, { design, plan, length }: Bag) {
  const { choice, figures } = stage;
  const { terms } = design.settings;
  const one = oneOf(stage);
  const stitch = stitchOf(stage, terms);
  const sentences = [
    `${capital(whereText(stage, plan))}${choice.hookMm === null ? '' : `, with the ${choice.hookMm} mm hook`}.`,
    `${one} 1: ${firstWords(stage, stitch)}`,
    ...laterText(stage, one, stitch),
    ...overText(stage, one, terms, design),
    'Fasten off.',
  ];
  return stepWords(
    `Work the ${NAMES[choice.kind].called}`,
    sentences.join(' '),
    `It lies flat; it reaches ${length(figures.depth.value)} beyond the edge${figures.corner ? '; every corner is turned alike' : ''}.`,
    choice.edge === 'strip' || choice.edge === 'band' ? 'Once the pieces are joined this edge can’t be reached.' : null,
  );
}

/** Where it is worked. */
function whereText({ choice, edge }: EdgingStage, plan: Bag['plan']): string {
  switch (choice.edge) {
    case 'strip':
      return 'from the right side, all round the strip, beginning at the front’s edge';
    case 'mouth':
      if (plan.flap.hasFlap) return 'from the right side, along the front’s upper edge';
      return edge.isRound
        ? 'from the right side, all round the mouth'
        : 'from the right side, along both upper edges, each by itself';
    case 'flap':
      return 'from the right side, round the flap from one end of the top fold to the other';
    case 'band':
      return `from the right side, along both long edges of ${stripWords(plan)}, each by itself`;
  }
}

/** The strip that has long edges: "the gusset", "each band". */
function stripWords(plan: Plan): string {
  const strip = stripOf(plan);
  return strip && isOneOfTwo(strip) ? 'each band' : `the ${strip?.id ?? 'band'}`;
}

const ALONG: Readonly<Record<CountedStretch['name'], string>> = {
  front: 'along the front’s edge',
  back: 'along the back’s edge',
  side: 'along the side',
  flap: 'along the flap’s edge',
  'gusset-end': 'along the end of the strip between them',
  'all-round': 'all round',
  'long-edge': 'along the edge',
  rim: 'round the rim',
};

/** The first round, stretch by stretch. A corner belongs to the edge of stitches beside it. */
function stretchesText({ choice, counts, edge }: EdgingStage, stitch: string): string {
  const { stretches, pickUp } = counts;
  return stretches
    .map((stretch, index) => {
      const before = stretches[index - 1] ?? (edge.isRound ? stretches.at(-1) : undefined);
      const isSide = stretch.rows > 0 || (stretch.name === 'side' && stretch.slopeMm > 0);
      const corners = isSide
        ? { first: false, last: false }
        : { first: before?.cornerAfter === true, last: stretch.cornerAfter };
      return `${ALONG[stretch.name]} ${isSide || stretch.slopeMm > 0 ? picked(stretch, pickUp, stitch) : inEach(stretch, corners, choice.corner, stitch)}`;
    })
    .join('; ');
}

function inEach(
  { stitches, picks }: CountedStretch,
  { first, last }: { first: boolean; last: boolean },
  corner: Edging['corner'],
  stitch: string,
): string {
  const each = `1 ${stitch} in each of ${stitches} sts${moreOrFewer(picks - stitches)}`;
  if (!first && !last) return each;
  const both = first && last;
  if (corner === 'one-chain') return `${first ? 'ch 1, ' : ''}${each}${last ? ', ch 1' : ''}`;
  const turned = corner === 'three-in-one' ? `3 ${stitch}` : `(1 ${stitch}, ch 1, 1 ${stitch})`;
  if (stitches === 1) return `${turned} in the one st`;
  return `${each}, but ${turned} in the ${both ? 'first and in the last of them' : first ? 'first of them' : 'last of them'}`;
}

/** What a pattern asks for besides one in each stitch. */
function moreOrFewer(adjusted: number): string {
  if (adjusted === 0) return '';
  return adjusted > 0 ? `, ${adjusted} more than that, spread` : `, passing over ${-adjusted} of them, spread`;
}

/** How stitches are picked up along row ends. */
function ratioWords({ stitches, rows }: EdgingStage['counts']['pickUp']): string {
  if (rows === 1) return `${stitches} in each row end`;
  if (rows > 4 && stitches === rows - 1) return `1 in each row end, passing over every ${ordinal(rows)}`;
  if (rows > 4 && stitches === rows + 1) return `1 in each row end, 2 in every ${ordinal(rows)}`;
  return `${stitches} in every ${rows} row ends`;
}

/** Stitches that are picked up along row ends, slopes and what is left beside a narrower part. */
function picked(
  { rows, seamedRows, slopeMm, stitches, picks, adjusted }: CountedStretch,
  pickUp: EdgingStage['counts']['pickUp'],
  stitch: string,
): string {
  const ways = [
    ...(rows > 0 ? [ratioWords(pickUp)] : []),
    ...(stitches > 0 ? [`1 in each of the ${stitches} sts left at the ends of rows`] : []),
    ...(slopeMm > 0 ? ['evenly along what slants or curves'] : []),
  ];
  const where = seamedRows > 0 ? ' where no seam comes' : '';
  const off =
    adjusted === 0 ? '' : `, ${Math.abs(adjusted)} ${adjusted > 0 ? 'more' : 'fewer'} than that, spread${where}`;
  return `${picks} ${stitch}: ${ways.join(', ')}${off}`;
}

/** Plain rounds after the first. */
function laterText(stage: EdgingStage, one: string, stitch: string): string[] {
  const { rounds } = stage.counts;
  if (rounds.length === 1) return [];
  const named = rounds.length === 2 ? `${one} 2` : `${one}s 2 to ${rounds.length}`;
  const counted = stage.counts.corners === 0 ? rounds.at(-1) : rounds.slice(1).join(', then ');
  return [`${named}: ${laterWords(stage, stitch)}. (${counted} sts)`];
}

/** What is worked in one of them. */
function laterWords({ choice, counts, edge }: EdgingStage, stitch: string): string {
  const each = `${edge.isRound ? '' : 'turn, ch 1, '}1 ${stitch} in each st`;
  if (counts.corners === 0) return each;
  const turned =
    choice.corner === 'three-in-one'
      ? `3 ${stitch} in the middle one of each corner`
      : `(1 ${stitch}, ch 1, 1 ${stitch}) in the chain of each corner`;
  return `${each}, ${turned}`;
}

/** What is worked in every row or round, without its number. */
function edgingRows(stage: EdgingStage, { design }: Bag): string[] {
  const { counts, edge } = stage;
  const one = oneOf(stage);
  const stitch = stitchOf(stage, design.settings.terms);
  return [
    firstWords(stage, stitch),
    ...counts.rounds
      .slice(1)
      .map((count) => `${laterWords(stage, stitch)}${edge.isRound ? '; join with a sl st' : ''}. (${count} sts)`),
    ...overText(stage, one, design.settings.terms, design)
      .filter((line) => /^(Row|Round) \d/.test(line))
      .map(withoutNumber),
  ];
}

/** What is worked over the plain rounds. */
function overText(
  { choice, counts, edge }: EdgingStage,
  one: string,
  terms: TermSet,
  { settings, ownStitches }: Bag['design'],
): string[] {
  const { repeats, rounds } = counts;
  if (repeats === null) return [];
  const named = `${one} ${rounds.length + 1}`;
  const sc = term('sc', terms);
  const skip = term('skip', terms);
  const begin = edge.isRound ? 'ch 1, ' : 'turn, ch 1, ';
  const times = `${repeats} ${repeats === 1 ? 'time' : 'times'}`;
  const closed = edge.isRound ? '; join with a sl st' : '';
  switch (choice.kind) {
    case 'crab':
      return [
        `${named}: do not turn; ch 1, work back the way you came, 1 ${sc} backwards in each st${closed}. (${repeats} sts)`,
      ];
    case 'picot':
      return [
        `${named}: ${begin}[1 ${sc} in each of next 3 sts, ch 3, sl st in the first of the 3 ch] ${times}${edge.isRound ? closed : `, 1 ${sc} in the last st`}.`,
      ];
    case 'shell':
      return [
        `${named}: ${begin}${edge.isRound ? '' : `1 ${sc} in the first st, `}[${skip} 2 sts, 5 ${term('dc', terms)} in next st, ${skip} 2 sts, 1 ${sc} in next st] ${times}${closed}.`,
      ];
    case 'spikes':
      return [
        `${named}: ${begin}[1 ${sc} in each of next 2 sts, 1 ${sc} over next st into the row two below it, the loop drawn up to the edge] ${times}${edge.isRound ? closed : `, 1 ${sc} in each of the last 2 sts`}.`,
      ];
    case 'own': {
      const name = ownStitches.find(({ id }) => id === choice.stitch)?.name ?? '';
      const pattern = overPlain(patternNamed(choice.stitch, ownStitches));
      const rows = Array.from({ length: patternRowCount(pattern) - 1 }, (_, index) =>
        patternRowText(
          pattern,
          index + 2,
          rounds.at(-1) as number,
          settings,
          `Row ${rounds.length + 1 + index}`,
          index > 0 && settings.turningChain === 'counts',
        ),
      );
      return [`Then “${name}” once, in turned rows${edge.isRound ? ', its two ends joined at last' : ''}.`, ...rows];
    }
    default:
      return [];
  }
}

/** A pattern whose first row goes into stitches, not into a chain. */
const overPlain = (pattern: StitchPattern): StitchPattern => ({
  ...pattern,
  setupRows: [everywhere(work('sc')), ...pattern.setupRows],
});
