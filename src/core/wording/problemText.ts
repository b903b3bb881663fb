import type { Problem, ProblemValues, Repair, RepairValues } from '@/core/problems';
import type { StitchChoice } from '@/core/design';
import { formatMass, type LengthUnit } from '@/core/units';
import { percent } from './counting';
import { BODY_PROBLEMS, BODY_REPAIRS } from './bodyProblemText';
import type { LengthOf, Sentence, Sentences } from './sentence';
import { FITTING_WORDS, ownSentence, type FittingWordsByKind } from './fittings';
import { formatQuantity } from './quantity';
import { stitchName } from './stitchText';

/** What is wrong with the rows of a pattern of her own, and what would fit. */
function ownPatternSentence(
  v: ProblemValues['own-pattern-does-not-fit'],
  { fault, name }: Record<string, string>,
): string {
  const row = `Row ${v.row} of “${name}”`;
  switch (fault) {
    case 'repeat-does-not-come-out':
      return `${row}: ${v.over} ${v.over === 1 ? 'stitch is' : 'stitches are'} over after the last full repeat of ${v.repeatStitches}, whatever the count. Let what is done before, in and after the repeat take up the whole row below.`;
    case 'too-few-stitches':
      return `${row} needs ${v.needs} stitches below it and finds ${v.has}. Take fewer, or give the row before more.`;
    case 'no-space-here':
      return `${row} works into a chain space at stitch ${v.at}, where the row below has none.`;
    case 'no-stitch-here':
      return `${row} works into a loop or post at stitch ${v.at}, where the row below has a chain.`;
    case 'repeat-takes-nothing':
      return `${row} has a repeat that takes no stitch of the row below, so it would never end.`;
    case 'count-drifts':
      return `${row} makes ${v.to} stitches of ${v.from}. A straight fabric keeps its count: balance increases and decreases within the row.`;
    case 'too-much-to-work':
      return `“${name}” is too large to be worked out. Write fewer rows, or shorter ones.`;
    default:
      return `${row} has to begin with a stitch, so that the turning chain can stand beside it or for it.`;
  }
}

/** What a size of the flap is called at the beginning of a sentence. */
const FLAP_SIZES: Record<string, string> = {
  widthMm: 'A flap width',
  edgeWidthMm: 'A width at the edge',
  pointMm: 'A point',
  radiusMm: 'A radius',
  depthMm: 'A scallop depth',
};

const PROBLEMS: Sentences<ProblemValues> = {
  'not-measured': (v) =>
    v.onlyRows
      ? `The rows of the swatch are not counted yet: every height is rough, to ± ${percent(v.share)}. Count them and lay the tape on.`
      : `Nothing is measured yet: every size is rough, to ± ${percent(v.share)}, from the yarn’s class and the hook. Work a swatch and measure it.`,
  'piece-unlike-swatch': ({ share, isRows }) =>
    `On the piece a ${isRows ? 'row is' : 'stitch is'} ${percent(Math.abs(share))} ${share < 0 ? 'smaller' : 'larger'} than on the swatch. Was something miscounted, or is it another yarn or hook?`,
  'one-reading': () =>
    'One reading can’t show how uneven the stitches are. Take two more, at other places on the swatch.',
  'thickness-not-measured': (v, length) =>
    `How thick the fabric is was not measured yet: ${length(v.thicknessMm)} is guessed, and bends, bridge and height rest on it.`,
  'reading-beyond-swatch': (v, length) =>
    `A reading of ${length(v.longestMm)} does not fit on a swatch that is ${length(v.outlineMm)} ${v.isUp ? 'high' : 'wide'}. Which of the two is it?`,
  'rows-unlike-stitch': (v, length, names) =>
    `Your rows, ${v.seenRows.toFixed(0)} in 10 cm, are far from what ${stitchName(names.stitch as StitchChoice, 'us')} (US) usually gives beside this width: about ${v.usualRows.toFixed(0)} rows, ${length(v.usualMm)} high each. Were they counted in another stitch?`,
  'readings-far-apart': (v) =>
    `Your readings are ${percent(v.apartShare)} apart. Look for a miscount, or measure the odd one again.`,
  'swatch-other-stitch': (v) =>
    `The swatch was worked in another stitch than the bag, so its sizes are foretold, to ± ${percent(v.share)}. Work a swatch in the bag’s stitch before you begin.`,
  'swatch-other-piece': (v) =>
    v.isRounds
      ? `This swatch was not worked in rounds, and this bag is. Rounds can differ from turned rows by ${percent(v.share)}.`
      : `This swatch is a trial for another piece. A panel can differ from it by ${percent(v.share)}, in its rows above all.`,
  'swatch-under-two-repeats': (v) =>
    `The widest reading counts ${v.widest} stitches. Over two repeats of the pattern (${v.stitches}) it would tell more.`,
  'hook-letter-differs': (v) =>
    `By the Craft Yarn Council’s list, from memory, a hook with this letter is ${v.letterMm} mm, and yours is said to be ${v.hookMm} mm. Letters differ between makers: which is it?`,
  'gauge-outside-class': (v) =>
    `${v.counted.toFixed(0)} stitches over 4 in (10 cm) are far from what yarn of class ${v.weightClass} usually gives (${v.leastStitches} to ${v.mostStitches}: Craft Yarn Council, from memory). Check the label, or the readings.`,
  'fabric-loose-for-bag': (v) =>
    `For a bag makers take a hook 0.5 to 1.5 mm under the label’s, ${v.fromMm} to ${v.toMm} mm with this yarn (common practice; the class’s hooks from memory). A ${v.hookMm} mm hook may leave it loose.`,
  'fold-on-texture': (v) =>
    `The fold after row ${v.row} lies on a raised or open row, where it is thick and hard to keep straight.`,
  'motif-upside-down': (v) =>
    v.strip
      ? v.fromFlap
        ? 'This pattern has an up. Worked from the flap’s edge, it stands upright on front and flap, upside down on the back.'
        : `This pattern has an up. Worked from the front’s edge, it stands upright on the back, upside down on the front${v.hasFlap ? ' and the flap' : ''}.`
      : 'This pattern has an up. It stands upright on front and back, and upside down on the flap, which folds over.',
  'open-without-lining': () =>
    'This fabric is open, and it snags; what is smaller than its openings falls through. A lining mends both.',
  'falls-through-fabric': (v, length, { thing }) =>
    `“${thing}” goes through the openings of this stitch, about ${length(v.acrossMm)} by ${length(v.upMm)}. A lining holds it.`,
  'width-under-one-repeat': (v, length) =>
    `This is narrower than one repeat of the stitch (${length(v.oneRepeatMm)}). Make the bag wider.`,
  'too-many-stitches': (v) =>
    `That would be ${'stitches' in v ? `${v.stitches} stitches` : `${v.rows} rows`}; ${v.mostStitches} is the most that is planned. Make it smaller, or check the swatch.`,
  'front-too-short': (v, length) =>
    `A front this short is used up by the bend at the base (${length(v.bendMm)}). Make the bag taller.`,
  'load-too-thick': (v, length) =>
    `A load ${length(v.loadMm)} thick does not fit a bag this size: ${length(v.mostLoadMm)} is the most. Make the bag larger, or carry less.`,
  'flap-short': (v, length) =>
    `The flap covers ${percent(v.share)} of the front (${length(v.dropMm)}). Under 40 % it tends to slip open.`,
  'flap-shape-too-large': (v, length, names) =>
    `${FLAP_SIZES[names.field ?? ''] ?? 'This size'} of ${length(v.wishedMm)} has no room on this flap: ${length(v.mostMm)} is the most, and it is planned so.`,
  'flap-hides-front': (v, length) =>
    `The flap covers ${percent(v.share)} of the front (${length(v.dropMm)}). Over 85 % it hides the front and meets the fold.`,
  'flap-past-base': (v, length) =>
    `${v.isEmpty ? 'On the empty bag the flap' : 'The flap'} comes down ${length(v.dropMm)}: ${length(v.pastMm)} past where the front bends under at the base. It would stand off there.`,
  'flap-misses-front': () => 'With the bag loaded, the flap does not reach the front at all. Give it more rows.',
  'outer-loops-without-border': () =>
    'The seam is to go through the outer loops of a border, and the edges that it joins have none. Work a border along them first, or whip them.',
  'front-back-differ': (v, length) =>
    `Front and back differ by ${Math.abs(v.frontRows - v.backRows)} rows (${length(v.differenceMm)}), so their upper edges don’t meet.`,
  'count-not-allowed': (v) =>
    `You settled on ${v.wished} stitches, and the stitch’s repeat does not allow that count: ${v.planned} are planned.`,
  'narrowing-joins-nothing': (v) =>
    `Of so many pairs (${v.every}) a face has not one: with ${v.stitches} stitches nothing is joined, and the mouth stays as wide as it is.`,
  'stitch-not-shown': () => 'No piece of this bag is worked in the stitch you chose: discs and bands are worked plain.',
  'load-deeper-than-bag': (v, length) =>
    `You gave the load as ${length(v.loadMm)} thick, and the inside is ${length(v.insideMm)} deep: front and back would bulge.`,
  'tall-in-spiral': () =>
    'Tall stitches would make a step where a spiral begins. The rounds are planned joined, each begun with a chain.',
  'cloth-too-narrow': (v, length) =>
    `A piece is ${length(v.wideMm)} wide, and the cloth ${length(v.hasMm)} as it lies, without its selvedges: it can’t be cut from it.`,
  'remnant-crosses': ({ name }) =>
    `The outline of “${name}” crosses itself, so nothing is cut from it. Set its corners one after the other, all round.`,
  'cloth-repeat-long': (v, length) =>
    `The print repeats after ${length(v.repeatMm)}, and you have ${length(v.haveMm)}: no second piece can match it.`,
  'mass-without-area': (v, length) =>
    `${v.massG} g say nothing without the swatch’s outline. Measure its whole width and height: it is at least ${length(v.leastWidthMm)} by ${length(v.leastHeightMm)}, since your readings fit on it.`,
  'thing-larger-than-any-bag': (v, length, names) =>
    `“${names.thing}” (${length(v.widthMm)} by ${length(v.heightMm)} by ${length(v.thicknessMm)}) goes into no bag that can be planned: across, with its thickness, ${length(v.mostMm)} is the most. It is left out.`,
  'contents-too-thick': (v, length) =>
    `Packed, the load is ${length(v.loadMm)} thick, and a bag this size can close over ${length(v.mostLoadMm)} at most. It is planned for that.`,
  'contents-too-wide': (v, length) => `What goes in is ${length(v.shortMm)} too wide for the inside.`,
  'contents-too-tall': (v, length) => `What goes in is ${length(v.shortMm)} too tall for the inside.`,
  'load-under-packed': (v, length) =>
    `You gave the load as ${length(v.loadMm)} thick; what goes in comes to ${length(v.packedMm)}, packed.`,
  'ease-within-doubt': (v, length) =>
    `The room left ${v.isUp ? 'up' : 'across'} (${length(v.easeMm)}) is less than the bag’s own ± (${length(v.doubtMm)}): it may turn out too tight. A wider swatch or a little more ease helps.`,
  'stands-above-mouth': (v, length) =>
    `Loaded, the base rounds and draws the mouth down: what goes in stands ${length(v.aboveMm)} above it, under the flap.`,
  'carried-without-strap': (v, length) =>
    `To be carried like this the bag needs a strap; about ${length(v.usualMm)} is usual, from memory. A tape laid where it will run is better.`,
  'strap-unlike-carrying': (v, length) =>
    `The strap is ${length(v.wornMm)} worn. Carried like this, ${length(v.leastMm)} to ${length(v.mostMm)} is usual.`,
  'own-pattern-does-not-fit': (v, _, names) => ownPatternSentence(v, names),
  'ball-not-known': () =>
    'Write down what a ball weighs and how long it is, as its label says, and the yarn can be worked out.',
  'yarn-runs-out': (v, _, { yarn }, grams) =>
    `${yarn}: ${grams(v.haveG)} at hand, and the bag takes ${grams(v.needG)}. Have more before you begin, of the same lot, or make it smaller.`,
  'yarn-within-doubt': (v, _, { yarn }, grams) =>
    `${yarn}: ${grams(v.haveG)} at hand come to the bag without what is kept in reserve: ${grams(v.needG)} would be safe. Weigh what is left as you go.`,
  'strap-longer-than-yarn': (v, length, { yarn }, grams) =>
    `${yarn}: ${grams(v.haveG)} at hand run out in the strap: ${grams(v.shortG)} are lacking, about the last ${length(v.shortMm)} of it.`,
  'swatch-not-weighed': () => 'Weigh the swatch and measure its outline, and the yarn can be worked out.',
  ...BODY_PROBLEMS,
};

const REPAIRS: Sentences<RepairValues> = {
  ...BODY_REPAIRS,
  'flap-drop-to': (v, length) => `Make the flap come down ${length(v.dropMm)}`,
  'flap-shape-to': (v, length) => `Make it ${length(v.mostMm)}`,
  'give-flap': (v) =>
    `Give the bag a straight flap${v.halfway ? ', and set the mate halfway' : v.second ? ', and a second mate for the empty bag' : ''}`,
  'bag-taller': (v, length) => `Make the bag ${length(v.heightMm)} high`,
  'work-in-swatch-stitch': () => 'Work the bag in the swatch’s stitch',
  'swatch-was-in-this': () => 'The swatch is in the bag’s stitch after all',
  'fold-on-plain-row': (v) => `Fold after row ${v.row}`,
  'hook-as-letter': (v) => `The hook is ${v.hookMm} mm`,
  'hook-without-letter': (v) => `It is ${v.hookMm} mm; leave the letter out`,
  'bag-wider': (v, length) => `Make the bag ${length(v.widthMm)} wide`,
  'sizes-from-contents': () => 'Let the sizes follow from what goes in',
  'load-as-packed': () => 'Take the thickness as packed',
  'add-lining': () => 'Line it, flat over the whole bag',
  'add-strap': (v, length) => `Add a strap, ${length(v.wornMm)} worn`,
  'strap-worn-to': (v, length) => `Make the strap ${length(v.wornMm)} worn`,
  'whip-the-seam': () => 'Whip it instead',
  'even-front-and-back': (v) =>
    v.rows === v.backRows
      ? `Give front and back ${v.rows} rows each`
      : `Give the front ${v.rows} rows and the back ${v.backRows}`,
};

const lengthWriter =
  (unit: LengthUnit): LengthOf =>
  (mm) =>
    formatQuantity(mm, 'mm', unit);

/**
 * Says a problem in a sentence, with the maker's units.
 *
 * @param words the words of what can be put on a bag, which has problems of its own
 * @throws RangeError for a code that nobody has a sentence for
 */
export const problemSentence = (problem: Problem, unit: LengthUnit, words = FITTING_WORDS): string =>
  sentenceOf('problems', PROBLEMS, problem.code, words)(
    problem.values as never,
    lengthWriter(unit),
    problem.names ?? {},
    (massG) => formatMass(massG, unit),
  );

/** Says what a repair would do, as the label of the action that does it. */
export const repairLabel = (repair: Repair, unit: LengthUnit, words = FITTING_WORDS): string =>
  sentenceOf('repairs', REPAIRS, repair.code, words)(repair.values as never, lengthWriter(unit), {}, (massG) =>
    formatMass(massG, unit),
  );

function sentenceOf(
  what: 'problems' | 'repairs',
  common: Readonly<Record<string, Sentence>>,
  code: string,
  words: FittingWordsByKind,
): Sentence {
  const sentence = Object.hasOwn(common, code) ? common[code] : ownSentence(what, code, words);
  if (!sentence) throw new RangeError(`nobody has words for ${code}`);
  return sentence;
}
