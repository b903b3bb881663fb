import type { StitchPlace } from '@/core/body';
import type { Design, SeamKind } from '@/core/design';
import type { StepId } from '@/core/making';
import type { Plan } from '@/core/plan';
import { linedFlapNote, shapedFlapNote } from './flapText';
import { formatQuantity } from './quantity';
import { term } from './terms';
import { inPlainStitch, stitchCountWord } from './rowText';

/** A step in words: what to do, why not later where that matters, and what to check. */
export interface StepText {
  id: StepId;
  title: string;
  what: string;
  check: string | null;
  notLater: string | null;
}

/** Words a plan's steps, in the maker's terms and units. */
export function stepTexts(design: Design, plan: Plan): StepText[] {
  return plan.steps.map(({ id }) => ({ id, ...WORDS[id](design, plan, writerFor(design)) }));
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

/**
 * @example
 * ordinal(22) // => '22nd'
 * ordinal(11) // => '11th'
 */
export function ordinal(value: number): string {
  const lastTwo = value % 100;
  const suffix = lastTwo >= 11 && lastTwo <= 13 ? 'th' : (['th', 'st', 'nd', 'rd'][value % 10] ?? 'th');
  return `${value}${suffix}`;
}

const SEAM_WORDS = { turned: 'Inside out:', showing: 'Right side out, the seam showing:' } as const;

const SEAM_VERBS: Record<SeamKind, string> = {
  // The stitch is named in the maker's own terms where it is said.
  whip: 'whip',
  'through-the-edge': 'sew straight through the edge,',
  mattress: 'mattress-stitch',
  'slip-stitch': 'slip-stitch',
  'sc-join': 'join with a row of {sc},',
  'outer-loops': 'whip through the outer loops only,',
};

type Writer = (mm: number) => string;
type Words = Omit<StepText, 'id'>;

const writerFor =
  (design: Design): Writer =>
  (mm) =>
    formatQuantity(mm, 'mm', design.settings.lengthUnit);

const words = (title: string, what: string, check: string | null = null, notLater: string | null = null): Words => ({
  title,
  what,
  check,
  notLater,
});

const WORDS: Record<StepId, (design: Design, plan: Plan, length: Writer) => Words> = {
  start: (design, { pouch }) =>
    design.settings.foundation === 'chain'
      ? words(
          'Make the starting chain',
          `Chain ${pouch.figures.startingChain.value} for ${stitchCountWord(design, pouch.stitchCount)}.`,
          'The chain is no tighter than the rows will be: if it is, chain with one hook size more.',
        )
      : words(
          'Work the foundation row',
          `Foundation row of ${stitchCountWord(design, pouch.stitchCount)}: this is row 1.`,
        ),
  'work-front': (_, { pouch }, length) =>
    words(
      'Work the front',
      `Rows 1 to ${pouch.frontRows}, ${length(pouch.frontRows * pouch.rowMm)}. Row 1 is the front’s top edge.`,
      `${pouch.stitchCount} stitches in every row.`,
    ),
  'mark-base': (_, { pouch }, length) =>
    words(
      'Mark the base fold',
      `A marker at both ends of row ${pouch.frontRows}: the fold comes after it, ${length(pouch.figures.baseFold.value)} from the start.`,
    ),
  'work-back': (_, { pouch, flap }, length) =>
    words(
      'Work the back',
      `Rows ${pouch.frontRows + 1} to ${pouch.frontRows + pouch.backRows}, ${length(pouch.backRows * pouch.rowMm)} more.${flap.hasFlap ? '' : ' Fasten off.'}`,
      'Fold it up: the last row meets row 1.',
    ),
  'mark-top': (_, { pouch, flap }, length) =>
    words(
      'Mark the top fold',
      `A marker at both ends of row ${pouch.frontRows + pouch.backRows}: ${length(flap.figures.topFold.value)} from the start.`,
    ),
  'work-flap': (_, plan, length) => {
    const { pouch, flap } = plan;
    const from = pouch.frontRows + pouch.backRows + 1;
    const bridge =
      flap.bridgeRows > 0
        ? `, of which the first ${flap.bridgeRows} cross the top`
        : '; the bend over the top takes less than half a row';
    return words(
      'Work the bridge and the flap',
      `Rows ${from} to ${flap.totalRows}${bridge}. Fasten off. ${length(flap.figures.panelLength.value)} in all.${shapedFlapNote(plan)}`,
    );
  },
  'check-panel': (_, { pouch, flap }, length) =>
    words(
      'Check the panel',
      `${pouch.stitchCount} stitches, ${flap.totalRows} rows; ${length(pouch.figures.panelWidth.value)} by ${length(flap.figures.panelLength.value)}.`,
      'Both side edges equally long; the starting edge not puckered.',
    ),
  'weave-ends': () =>
    words(
      'Weave in the ends',
      'All ends that will be shut in. Leave what will sew the sides.',
      null,
      'After the lining and the seams they can’t be reached.',
    ),
  block: () =>
    words(
      'Block the panel',
      'Pin it square to its sizes and steam or damp it. An iron never touches acrylic, and steam burns hands too.',
      'Opposite corners are equally far apart.',
    ),
  'set-snap-front': (_, { snap, pouch }, length) => {
    if (!snap) return words('Set the snap on the front', '');
    const rows = [...new Set(snap.mates.map((mate) => mate.row))];
    const where = rows
      .map((row) => `row ${row}, ${length((row - 0.5) * pouch.rowMm)} from the top edge`)
      .join('; and ');
    return words(
      'Set the mate on the front',
      `Front, outer face: ${where}, ${acrossText(snap.mates, pouch.stitchCount, length)}. Prongs through the crochet only; a piece of felt behind.`,
      'The flap laid over lands on it, empty and full.',
      'Once the lining is on, its back can only be reached by cutting.',
    );
  },
  'cut-lining': (_, plan, length) =>
    words(
      'Cut the lining',
      plan.lining
        ? `One piece ${length(plan.lining.figures.cutWidth.value)} by ${length(plan.lining.figures.cutLength.value)}, along the grain. Measure your own panel first.${linedFlapNote(plan)}`
        : '',
    ),
  'press-lining': (_, { lining }, length) =>
    words(
      'Press the lining’s edges under',
      lining
        ? `${length(lining.figures.turnUnder.value)} on every side, to ${length(lining.figures.finishedWidth.value)} by ${length(lining.figures.finishedLength.value)}. Mind the hot iron.`
        : '',
    ),
  'set-snap-flap': (design, { snap, pouch }, length) =>
    words(
      'Set the snap on the flap',
      snap
        ? `Flap, inner face: row ${snap.figures.halfRow.value}, ${length(snap.figures.halfInset.value)} from the flap’s edge, ${acrossText(snap.halves, pouch.stitchCount, length)}. ${
            design.lining
              ? 'Prongs through the lining only, before it is sewn on; reinforce behind.'
              : 'Prongs through the crochet, with a piece of felt behind to hide and hold them.'
          }`
        : '',
      null,
      design.lining ? 'Once the lining is on, the prongs would have to go through both layers.' : null,
    ),
  'sew-lining': () =>
    words(
      'Sew the lining on',
      'Wrong side to wrong side, pressed edges a little inside the crochet’s; whip all round.',
      'No ripples when the strip is bent as it will be folded.',
      'After the side seams there is no laying it flat.',
    ),
  fold: (_, { pouch, flap }) =>
    words(
      'Fold at the markers',
      `After row ${pouch.frontRows} and after row ${pouch.frontRows + pouch.backRows}${flap.bridgeRows > 0 ? `; the flap begins after row ${pouch.frontRows + pouch.backRows + flap.bridgeRows}` : ''}.`,
    ),
  'seam-sides': (design, { pouch }, length) => {
    const seamRows = pouch.figures.seamRows.value;
    return words(
      'Seam the sides',
      `${SEAM_WORDS[design.body.seam.finish]} ${SEAM_VERBS[design.body.seam.kind].replace('{sc}', term('sc', design.settings.terms))} row ${pouch.frontRows} to row ${pouch.frontRows + 1}, and on up to row ${pouch.frontRows - seamRows + 1} with row ${pouch.frontRows + seamRows}: ${length(pouch.figures.seamLength.value)} on each side. Stop there; sew the last rows twice.${design.body.seam.finish === 'turned' ? ' Turn right side out.' : ''}`,
      `Both seams equally long${design.lining ? ', the lining not caught' : ''}${design.body.seam.finish === 'turned' ? '; corners pushed out' : ''}.`,
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
        ? design.strap?.school === 'pulled'
          ? `Pulled, it reaches ${length(strap.figures.pulledPlanned.value)} between the feet.`
          : `Sew the tape inside while it lies slack: ${length(strap.figures.pulledPlanned.value)} between the feet.`
        : '',
    ),
  'attach-strap': (_, { strap, pouch }, length) => {
    if (!strap) return words('Attach the strap', '');
    const { foot } = strap;
    return words(
      'Attach the strap',
      `Inside, centred on each side seam: front rows ${foot.frontRows.from} to ${foot.frontRows.to} (${foot.frontStitches} stitches in from the side), back rows ${foot.backRows.from} to ${foot.backRows.to} (${foot.backStitches} stitches in); ${length(strap.figures.footRows.value * pouch.rowMm)} deep. Sew round and across, twice.`,
      'Both feet level; the strap not twisted.',
    );
  },
  inspect: (_, { pouch, flap, snap }, length) =>
    words(
      'Look it over and write it down',
      `Planned: ${length(pouch.figures.width.value)} wide, ${length(pouch.figures.height.value)} high${flap.hasFlap ? `, flap down ${length(flap.dropMm.loaded)} when loaded` : ''}.`,
      `Ends secure, corners square${flap.hasFlap ? ', flap covers' : ''}${snap ? ', snap meets' : ''}.`,
    ),
};

function acrossText(
  spots: readonly { place: StitchPlace; acrossMm: number }[],
  stitchCount: number,
  length: Writer,
): string {
  const first = spots[0];
  if (!first) return '';
  const half =
    first.place.kind === 'between' ? first.place.after * 2 === stitchCount : first.place.stitch * 2 === stitchCount + 1;
  return half
    ? `${placeText(first.place)} from either side (${length(first.acrossMm)})`
    : `${placeText(first.place)} from each side (${length(first.acrossMm)})`;
}
