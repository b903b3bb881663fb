import { capital } from '@/core/units';
import type { OnFlapProblems, OnFlapRepairs, OnFlapSpot, OnFlapStage } from '@/core/closure';
import { offsetOf } from '@/core/body';
import { patternOf, type OnFlap } from '@/core/design';
import { nameAt } from '@/core/fittings';
import { isInRounds } from '@/core/pieces';
import { motifAt } from '@/core/stitches';
import { listed } from '../joinText';
import { motifText, placeText, rowWord } from '../placeText';
import type { Sentences } from '../sentence';
import { stepWords, type LengthWriter, type WayOut } from '../stepWords';
import type { FittingWords, WordedBag } from './words';

/** What something that closes a flap is called, and how each of its parts is set. */
export interface OnFlapNames<Choice extends OnFlap> {
  /** At the head of the names of its figures, marks, steps and problems. */
  prefix: string;
  title: string;
  /** Within a sentence: all of it, the part on the flap, and the one on the front; and two of it. */
  whole: string;
  half: string;
  mate: string;
  two: string;
  /** At the head of a sentence. */
  Half: string;
  materials(stage: OnFlapStage<Choice>, bag: WordedBag): string[];
  /** What is done at the place on the front, and on the flap. */
  onFront(stage: OnFlapStage<Choice>, bag: WordedBag): string;
  onFlap(stage: OnFlapStage<Choice>, bag: WordedBag): string;
  /** What the step on the flap is called, where nothing is set there. */
  flapTitle?: string;
  /** The face of the flap that it is set on. */
  flapFace: string;
  /** What can't be done later, of either part; null where all of it can. */
  frontNotLater(stage: OnFlapStage<Choice>, bag: WordedBag): string | null;
  flapNotLater(stage: OnFlapStage<Choice>, bag: WordedBag): string | null;
  /** What can still be done where a part was forgotten. */
  ways(stage: OnFlapStage<Choice>, bag: WordedBag, part: 'front' | 'flap'): WayOut[];
  /** Sentences and labels that only it has. */
  problems?: object;
  repairs?: object;
}

/** All words of something that closes a flap. */
export function onFlapWords<Choice extends OnFlap>(names: OnFlapNames<Choice>): FittingWords<OnFlapStage<Choice>> {
  const { prefix, title, whole, half } = names;
  return {
    title,
    add: `Put ${article(title)} on`,
    takeOff: `Take the ${whole} off`,
    added: `${capital(whole)} put on`,
    takenOff: `${capital(whole)} taken off`,
    grip: { name: `${names.Half}, in from the flap’s edge`, moved: `Move: ${names.Half}` },
    worked: '',
    materials: names.materials,
    steps: stepsOf(names),
    inspect: `${whole} meets`,
    overHem: ({ inHem }) => (inHem ? `, over the prongs of the ${whole}` : ''),
    tickets: (stage) => ticketsOf(prefix, stage),
    quotes: {
      steps: {
        [`set-${prefix}-front`]: ['mateRow', 'secondMateRow', 'mateDistance', 'across'].map(
          (one) => `${prefix}.${one}`,
        ),
        [`set-${prefix}-flap`]: ['halfRow', 'halfInset', 'across'].map((one) => `${prefix}.${one}`),
      },
      materials: [],
      worked: [],
    },
    problems: { ...prefixed(prefix, problemsOf(names)), ...names.problems },
    repairs: { ...prefixed(prefix, repairsOf(whole, names.two, half)), ...names.repairs },
  };
}

const article = (title: string): string =>
  `${/^[aeiou]/i.test(title) ? 'an' : 'a'} ${title.charAt(0).toLowerCase()}${title.slice(1)}`;

/** Sentences by the codes that they have under a prefix. */
const prefixed = (prefix: string, sentences: object): Record<string, never> =>
  Object.fromEntries(
    Object.entries(sentences as Record<string, never>).map(([code, sentence]) => [`${prefix}-${code}`, sentence]),
  );

const stepsOf = <Choice extends OnFlap>(names: OnFlapNames<Choice>): FittingWords<OnFlapStage<Choice>>['steps'] => ({
  [`set-${names.prefix}-front`]: (stage, bag) => {
    const { length } = bag;
    const heading = `Set the ${names.mate} on the front`;
    if (stage.mates.length === 0)
      return stepWords(
        heading,
        `Not as it is planned: the flap’s ${names.half} does not come to lie on the front. Move it, or plan another flap, before you set either.`,
      );
    const byRow = new Map(stage.mates.map((mate) => [mate.row, mate]));
    const where = [...byRow.values()]
      .map(({ piece, row, stationMm }) => `${rowWord(piece, 1)} ${row}, ${length(stationMm)} from the top edge`)
      .join('; and ');
    return stepWords(
      heading,
      `Front, outer face: ${where}, ${acrossText(stage.mates, length)}${amongMotifs(stage.mates, bag)}. ${names.onFront(stage, bag)}`,
      landingCheck(stage, length),
      names.frontNotLater(stage, bag),
      names.frontNotLater(stage, bag) === null ? [] : names.ways(stage, bag, 'front'),
    );
  },
  [`set-${names.prefix}-flap`]: (stage, bag) => {
    const { length } = bag;
    const face = stage.inHem ? 'On the hem, the face that will lie inside' : `Flap, ${names.flapFace}`;
    const rows = [...new Set(stage.halves.map(({ row }) => row))].join(' and ');
    const inRow = stage.inEdging ? `round ${rows} of the edging` : `row ${rows}`;
    return stepWords(
      names.flapTitle ?? `Set the ${names.half} on the flap`,
      `${face}: ${inRow}, ${length(stage.figures.halfInset.value)} from the flap’s edge, ${acrossText(stage.halves, length)}${stage.inEdging ? '' : amongMotifs(stage.halves, bag)}. ${names.onFlap(stage, bag)}`,
      null,
      names.flapNotLater(stage, bag),
      names.flapNotLater(stage, bag) === null ? [] : names.ways(stage, bag, 'flap'),
    );
  },
});

function ticketsOf(prefix: string, { figures, halves, at, own }: OnFlapStage) {
  const [half] = halves;
  const marked = (mark: string, ...shown: (typeof figures.mateRow)[]) =>
    shown.flatMap((figure) => (figure ? [{ figure, mark: nameAt(at, `${prefix}.${mark}`) }] : []));
  return [
    [
      ...marked('half', figures.halfRow, figures.halfInset),
      {
        figure: figures.across,
        ...(half
          ? {
              label:
                halves.length > 2 ? `First and last ${placeText(half.place)}` : `Both halves ${placeText(half.place)}`,
            }
          : {}),
      },
    ],
    [
      ...marked('mate', figures.mateRow, figures.secondMateRow, figures.mateDistance),
      ...marked('meets', figures.meetsLoaded, figures.meetsEmpty),
    ],
    ...(own.length > 0 ? [marked('half', ...own)] : []),
  ];
}

const problemsOf = ({ whole, half, mate }: OnFlapNames<never>): Sentences<OnFlapProblems> => ({
  'off-front': (v, length) =>
    `The ${whole}’s ${mate} would land ${length(Math.abs(v.landsMm))} ${v.landsMm < 0 ? 'above' : 'from'} the front’s top edge, with no room for it. Bring the ${half} nearer the flap’s edge, or make the flap longer.`,
  'on-fold': (v, length) =>
    `The ${whole}’s ${mate} would land ${length(v.landsMm)} down, on the bend at the base. Move the ${half} up the flap.`,
  'off-flap': (v, length) =>
    `The ${half} doesn’t sit on the flap: it is ${length(v.insetMm)} in from the edge of a flap ${length(v.flapMm)} long.`,
  'beside-flap': (v, length) =>
    `Where the ${half} sits, ${length(v.insetMm)} from the edge, the flap is ${length(v.widthMm)} wide: too narrow for it. Set it further up.`,
  'without-flap': () =>
    `The ${whole} closes a flap, and this bag has none: it is left out. Take it off, or give the bag a flap.`,
  drifts: (v, length) =>
    `Empty, the flap comes down ${length(v.missMm)} off its ${mate}, more than the ${length(v.radiusMm)} that it finds by itself, so it closes the full bag only. ${
      v.far
        ? 'A second one closes it empty as well; a bag with a depth of its own differs less.'
        : 'One halfway, or a tape stitched behind it that lets it give, helps.'
    }`,
  'beyond-hem': (v, length) =>
    `The hem is ${length(v.hemMm)} deep and the ${half}’s middle lies ${length(v.insetMm)} in: it does not cover it, which sits outside. A hem hides what lies wholly within it.`,
  'under-lining': () =>
    `The lining covers the hem, and the ${half} goes through the lining: the hem hides nothing here.`,
  'wide-flap': (v, length) =>
    `One ${whole} on a flap ${length(v.widthMm)} wide lets the corners lift. Over ${length(v.usualMostMm)}, makers often set two.`,
  'on-wrist': () =>
    `A bag that hangs from the wrist tilts, and one ${whole} lets a corner of the flap lift. Makers often set two, near the sides.`,
  crowded: (v, length) =>
    `${v.count} beside each other need ${length(v.neededMm)}, and the flap’s row is ${length(v.widthMm)} wide there, or they lie too near each other.`,
  'in-scallop': (v, length) =>
    `The ${half} would sit among the scallops (${length(v.scallopMm)}), ${length(v.insetMm)} from the edge. Set it above them.`,
});

const repairsOf = (whole: string, two: string, half: string): Sentences<OnFlapRepairs> => ({
  'take-off': () => `Take the ${whole} off`,
  'mate-between': (v, length) => `Set the mate halfway: ${length(v.missMm)} off either way`,
  'mate-both': () => 'Set a second mate for the empty bag',
  two: () => `Set two ${two}, a quarter in from each side`,
  fewer: (v) => `Set ${v.count} of them`,
  quarter: () => 'Set them a quarter in from each side',
  'inset-to': (v, length) => `Set the ${half} ${length(v.insetMm)} from the flap’s edge`,
});

/** What is true of where this flap lands. */
function landingCheck({ mates, halves, meetsMm, findsMm }: OnFlapStage, length: LengthWriter): string {
  const apartMm = Math.abs(meetsMm.empty - meetsMm.loaded);
  if (mates.length > halves.length) return 'The flap laid over lands on the lower or the upper mate, full and empty.';
  if (apartMm <= findsMm) return 'The flap laid over lands on it, empty and full.';
  return `The flap laid over lands on it full; empty, it comes down ${length(apartMm)} ${meetsMm.empty > meetsMm.loaded ? 'lower' : 'higher'}.`;
}

/** Where the middle one of a field of motifs lies: by those it is found at once. */
function amongMotifs(spots: readonly OnFlapSpot[], { design, plan }: WordedBag): string {
  const [first] = spots;
  const piece = plan.pieces.find(({ id }) => id === first?.piece);
  if (!first || spots.length !== 1 || piece?.kind !== 'rows' || isInRounds(piece)) return '';
  const motif = motifAt(patternOf(design), first.ofStitches, first.row, offsetOf(first.place, 1));
  return motif ? `; ${motifText(motif)}` : '';
}

/** Where along their row parts are set: by count, and how far from its ends. */
function acrossText(spots: readonly OnFlapSpot[], length: LengthWriter): string {
  const [first] = spots;
  if (!first) return '';
  const ofRow = spots.filter(({ row }) => row === first.row);
  if (ofRow.length > 2)
    return `${listed(ofRow.map((spot) => placeText(spot.place)))} of ${first.ofStitches}, the first and the last ${length(first.fromEdgeMm)} from the ends of the row`;
  const { place, ofStitches } = first;
  const half = place.kind === 'between' ? place.after * 2 === ofStitches : place.stitch * 2 === ofStitches + 1;
  return `${placeText(place)} of ${ofStitches}, from ${half ? 'either' : 'each'} end of the row (${length(first.fromEdgeMm)})`;
}
