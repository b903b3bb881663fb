import { isOwnStitchId, type OwnStitch, type StitchChoice } from '@/core/design';
import {
  STITCHES,
  type PatternRow,
  type Step,
  type StitchId,
  type StitchKind,
  type StitchPattern,
  type Worked,
} from '@/core/stitches';
import { term, type TermId, type TermSet } from './terms';
import { eachOf, nextOf, type Noun } from './counting';

interface InBoth {
  us: string;
  uk: string;
}
const same = (text: string): InBoth => ({ us: text, uk: text });
const fromTerm = (id: TermId): InBoth => ({ us: term(id, 'us'), uk: term(id, 'uk') });

const NAMES: Record<StitchId, InBoth> = {
  sc: fromTerm('singleCrochet'),
  hdc: fromTerm('halfDoubleCrochet'),
  esc: { us: 'extended single crochet', uk: 'extended double crochet' },
  dc: fromTerm('doubleCrochet'),
  tr: fromTerm('trebleCrochet'),
  'herringbone-hdc': { us: 'herringbone half double crochet', uk: 'herringbone half treble crochet' },
  'herringbone-dc': { us: 'herringbone double crochet', uk: 'herringbone treble crochet' },
  linen: same('linen stitch'),
  spikes: same('spike stitch'),
  waffle: same('waffle stitch'),
  'bobble-field': same('bobble field'),
  'cluster-mesh': same('cluster mesh'),
  'raised-drops': same('raised drops'),
  'sl-st': same('slip stitch'),
  'sl-st-rib': same('slip-stitch rib'),
  'double-thickness': same('double thickness'),
  'spiral-tube': same('spiral tube'),
  'chain-cord': same('chain cord'),
};

/** The name of a stitch pattern in full; one of her own by the name that she gave it. */
export const stitchName = (stitch: StitchChoice, terms: TermSet, ownStitches: readonly OwnStitch[] = []): string =>
  isOwnStitchId(stitch)
    ? (ownStitches.find(({ id }) => id === stitch)?.name ?? 'a pattern of your own')
    : NAMES[stitch][terms];

const ABBREVIATIONS: Record<StitchKind, InBoth> = {
  'sl-st': same('sl st'),
  sc: fromTerm('sc'),
  esc: fromTerm('esc'),
  hdc: fromTerm('hdc'),
  dc: fromTerm('dc'),
  tr: fromTerm('tr'),
  'herringbone-hdc': fromTerm('herringboneHdc'),
  'herringbone-dc': fromTerm('herringboneDc'),
  bobble: same('bobble'),
};

/** Every abbreviation of a set of terms, in lower case, and the stitch that it means there. */
export const stitchAbbreviations = (terms: TermSet): ReadonlyMap<string, StitchKind> =>
  new Map(
    (Object.entries(ABBREVIATIONS) as [StitchKind, InBoth][]).map(([kind, short]) => [
      short[terms].toLowerCase(),
      kind,
    ]),
  );

/** What a stitch is called in full. */
export const stitchFullName = (kind: StitchKind, terms: TermSet): string =>
  kind === 'bobble' ? kind : NAMES[kind][terms];

/** The abbreviation of one stitch as it is worked: `sc`, `FPdc`, `dc4tog`. */
export function abbreviation(step: Pick<Worked, 'work' | 'into' | 'over'>, terms: TermSet): string {
  const plain = ABBREVIATIONS[step.work][terms];
  if (step.over > 1) return `${plain}${step.over}tog`;
  if (step.into === 'front-post' || step.into === 'front-post-two-below') return `FP${plain}`;
  return step.into === 'spike' ? `spike ${plain}` : plain;
}

/** How the stitches that need telling are made. Source: common practice, no source; words are in US terms. */
const MAKING: Partial<Record<StitchKind, (terms: TermSet) => string>> = {
  esc: () => 'insert hook, pull up a loop, draw through 1 loop, draw through both',
  'herringbone-hdc': () =>
    'wrap, insert hook, pull up a loop and straight through the first loop on the hook, draw through both left',
  'herringbone-dc': () =>
    'wrap, insert hook, pull up a loop and straight through the first loop on the hook, draw through 1, draw through both left',
  bobble: (terms) =>
    `5 ${term('dc', terms)} in one st, each left with its last loop on the hook; draw through all; push it out to the far side`,
};

/** Common practice, no source. */
const FREE_LOOP =
  'the loop that the row below left free; find as many as there are stitches in every row, or one was passed over';

/** Every stitch that a pattern uses with its abbreviation and, where it needs telling, how it is made. */
export function stitchLegend(pattern: StitchPattern, terms: TermSet): string[] {
  const steps = [...pattern.setupRows, ...pattern.rows].flatMap(({ before, repeat, after }) => [
    ...before,
    ...repeat,
    ...after,
  ]);
  const lines = new Map<string, string>();
  for (const step of steps) {
    if (!('work' in step)) continue;
    lines.set(abbreviation(step, terms), meaningOf(step, terms));
    if (step.into === 'two-layers') lines.set('free loop', FREE_LOOP);
  }
  return [...lines].filter(([short, meaning]) => short !== meaning).map(([short, meaning]) => `${short} = ${meaning}`);
}

/** What an abbreviation stands for, and how it is made where that needs telling. */
export function meaningOf(step: Pick<Worked, 'work' | 'into' | 'over'>, terms: TermSet): string {
  const short = ABBREVIATIONS[step.work][terms];
  if (step.over > 1) return `${step.over} ${short}, one in each st, joined at the top`;
  switch (step.into) {
    case 'front-post':
      return `${short} round the post of the st, from the front`;
    case 'front-post-two-below':
      return `${short} round the post of the st two rows below, from the front; leave the st behind it`;
    case 'spike':
      return `${short} into the row below the st, drawn up to full height`;
    default: {
      const name = (STITCHES as Record<string, StitchPattern | undefined>)[step.work];
      const named = name ? stitchName(name.id as StitchId, terms) : short;
      const making = MAKING[step.work]?.(terms);
      return making ? `${named === short ? '' : `${named}: `}${making}` : named;
    }
  }
}

/** One step in words: `sc in each of next 3 sts`, `ch 2`, `FPdc round next st`. */
export function stepWords(step: Step, terms: TermSet, noun: Noun): string {
  if ('chain' in step) return `ch ${step.chain}`;
  if ('skip' in step) return `${term('skip', terms)} ${nextOf(step.skip, noun)}`;
  const short = abbreviation(step, terms);
  const made = step.each > 1 ? `${step.each} ${short}` : short;
  if (step.over > 1) {
    const once = `${made} over ${nextOf(step.over, noun)}`;
    return step.times === 1 ? once : `[${once}] ${step.times} times`;
  }
  const each = eachOf(step.times, noun);
  switch (step.into) {
    case 'space':
      return step.times === 1 ? `${made} in next ch-sp` : `${made} in each of next ${step.times} ch-sps`;
    case 'back-loop':
      return `${made} in back loop of ${each}`;
    case 'third-loop':
      return `${made} in third loop of ${each}`;
    case 'two-layers':
      return `${made} through back loop of ${each} and the free loop below it`;
    case 'three-loops':
      return `${made} through both loops of ${each} and the free loop below it`;
    case 'front-post':
      return `${made} round ${each}`;
    case 'front-post-two-below':
      return `${made} round ${each} two rows below`;
    default:
      return `${made} in ${each}`;
  }
}

/** Whether a row is one stitch all along: it is then said in one breath. */
export function singleStitch({ before, repeat, after }: PatternRow): Worked | null {
  const [only] = repeat;
  const alone =
    before.length === 0 && after.length === 0 && repeat.length === 1 && only !== undefined && 'work' in only;
  return alone && only.times === 1 && only.each === 1 && only.over === 1 && only.into !== 'space' ? only : null;
}
