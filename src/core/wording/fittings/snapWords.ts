import type { SnapProblems, SnapRepairs, SnapSpot, SnapStage } from '@/core/closure';
import { nameAt } from '@/core/fittings';
import { formatQuantity } from '../quantity';
import { placeText, rowWord } from '../placeText';
import { stepWords, type LengthWriter } from '../stepWords';
import type { FittingWords } from './words';

const SNAP_FRONT = ['snap.mateRow', 'snap.secondMateRow', 'snap.mateDistance', 'snap.across'];

/** All words of a magnetic snap. */
export const snapWords: FittingWords<SnapStage, SnapProblems, SnapRepairs> = {
  title: 'Magnetic snap',
  add: 'Put a magnetic snap on',
  takeOff: 'Take the snap off',
  added: 'Snap put on',
  takenOff: 'Snap taken off',
  grip: { name: 'Snap, in from the flap’s edge', moved: 'Move: Snap' },
  worked: '',
  materials: ({ choice, halves, mates }, { design }) => [
    `Magnetic snap, ${formatQuantity(choice.diameterMm, 'mm', design.settings.lengthUnit)}: ${halves.length} for the flap, ${mates.length || halves.length} for the front.`,
    'A scrap of felt to go behind the snap.',
  ],
  steps: {
    'set-snap-front': (snap, { design, length }) => {
      if (snap.mates.length === 0)
        return stepWords(
          'Set the mate on the front',
          'Not as it is planned: the flap’s half does not come to lie on the front. Move it, or plan another flap, before you set either.',
        );
      const byRow = new Map(snap.mates.map((mate) => [mate.row, mate]));
      const where = [...byRow.values()]
        .map(({ piece, row, stationMm }) => `${rowWord(piece, 1)} ${row}, ${length(stationMm)} from the top edge`)
        .join('; and ');
      return stepWords(
        'Set the mate on the front',
        `Front, outer face: ${where}, ${acrossText(snap.mates, length)}. Prongs through the crochet only; a piece of felt behind.`,
        landingCheck(snap, length),
        design.lining ? 'Once the lining is on, its back can only be reached by cutting.' : null,
      );
    },
    'set-snap-flap': (snap, { design, length }) => {
      const face = snap.inHem ? 'On the hem, the face that will lie inside' : 'Flap, inner face';
      const rows = [...new Set(snap.halves.map(({ row }) => row))].join(' and ');
      return stepWords(
        'Set the snap on the flap',
        `${face}: row ${rows}, ${length(snap.figures.halfInset.value)} from the flap’s edge, ${acrossText(snap.halves, length)}. ${throughWhat(snap, design.lining !== null)}`,
        null,
        design.lining
          ? 'Once the lining is on, the prongs would have to go through both layers.'
          : snap.inHem
            ? 'Once the hem is sewn down, the prongs would go through both layers and show.'
            : null,
      );
    },
  },
  inspect: 'snap meets',
  overHem: ({ inHem }) => (inHem ? ', over the prongs of the snap' : ''),
  tickets: ({ figures, halves: [half], at }) => {
    const marked = (mark: string, ...shown: (typeof figures.mateRow)[]) =>
      shown.flatMap((figure) => (figure ? [{ figure, mark: nameAt(at, mark) }] : []));
    return [
      [
        ...marked('snap.half', figures.halfRow, figures.halfInset),
        { figure: figures.across, ...(half ? { label: `Both halves ${placeText(half.place)}` } : {}) },
      ],
      [
        ...marked('snap.mate', figures.mateRow, figures.secondMateRow, figures.mateDistance),
        ...marked('snap.meets', figures.meetsLoaded, figures.meetsEmpty),
      ],
    ];
  },
  quotes: {
    steps: { 'set-snap-front': SNAP_FRONT, 'set-snap-flap': ['snap.halfRow', 'snap.halfInset', 'snap.across'] },
    materials: [],
    worked: [],
  },
  problems: {
    'snap-off-front': (v, length) =>
      `The snap’s mate would land ${length(Math.abs(v.landsMm))} ${v.landsMm < 0 ? 'above' : 'from'} the front’s top edge, with no room for it. Bring the snap nearer the flap’s edge, or make the flap longer.`,
    'snap-on-fold': (v, length) =>
      `The snap’s mate would land ${length(v.landsMm)} down, on the bend at the base. Move the snap up the flap.`,
    'snap-off-flap': (v, length) =>
      `The snap doesn’t sit on the flap: it is ${length(v.insetMm)} in from the edge of a flap ${length(v.flapMm)} long.`,
    'snap-beside-flap': (v, length) =>
      `Where the snap sits, ${length(v.insetMm)} from the edge, the flap is ${length(v.widthMm)} wide: too narrow for it. Set it further up.`,
    'snap-without-flap': () =>
      'The snap closes a flap, and this bag has none: it is left out. Take it off, or give the bag a flap.',
    'snap-drifts': (v, length) =>
      `Empty, the flap comes down ${length(v.missMm)} off its mate, more than the snap’s radius (${length(v.radiusMm)}), so it closes the full bag only. ${
        v.far
          ? 'A second mate closes it empty as well; a bag with a depth of its own differs less.'
          : 'A mate halfway, or a tape stitched behind it that lets it give, helps.'
      }`,
    'snap-beyond-hem': (v, length) =>
      `The hem is ${length(v.hemMm)} deep and the snap’s middle lies ${length(v.insetMm)} in: it does not cover the half, which sits outside it. A hem hides what lies wholly within it.`,
    'hem-under-lining': () =>
      'The lining covers the hem, and the snap’s half goes through the lining: the hem hides nothing here.',
    'snap-wide-flap': (v, length) =>
      `One snap on a flap ${length(v.widthMm)} wide lets the corners lift. Over ${length(v.usualMostMm)}, makers often set two.`,
    'snap-on-wrist': () =>
      'A bag that hangs from the wrist tilts, and one snap lets a corner of the flap lift. Makers often set two, near the sides.',
    magnets: () =>
      'Strong small magnets are dangerous when swallowed: not on bags for young children. Keep them about 15 cm (6 in) from implanted devices, and off cards. Follow your local rules.',
    'snap-in-scallop': (v, length) =>
      `${length(v.insetMm)} from the edge the snap would sit among the scallops (${length(v.scallopMm)}). Set it above them.`,
  },
  repairs: {
    'take-snap-off': () => 'Take the snap off',
    'mate-between': (v, length) => `Set the mate halfway: ${length(v.missMm)} off either way`,
    'mate-both': () => 'Set a second mate for the empty bag',
    'two-snaps': () => 'Set two snaps, a quarter in from each side',
    'snap-inset-to': (v, length) => `Set the snap ${length(v.insetMm)} from the flap’s edge`,
  },
};

const throughWhat = ({ inHem }: SnapStage, isLined: boolean): string => {
  if (isLined) return 'Prongs through the lining only, before it is sewn on; reinforce behind.';
  return inHem
    ? 'Prongs through the hem only, with a piece of felt behind: turned back, the hem hides them.'
    : 'Prongs through the crochet, with a piece of felt behind to hide and hold them.';
};

/** What is true of where this flap lands. */
function landingCheck({ mates, halves, meetsMm, choice }: SnapStage, length: LengthWriter): string {
  const apartMm = Math.abs(meetsMm.empty - meetsMm.loaded);
  if (mates.length > halves.length) return 'The flap laid over lands on the lower or the upper mate, full and empty.';
  if (apartMm <= choice.diameterMm / 2) return 'The flap laid over lands on it, empty and full.';
  return `The flap laid over lands on it full; empty, it comes down ${length(apartMm)} ${meetsMm.empty > meetsMm.loaded ? 'lower' : 'higher'}.`;
}

function acrossText(spots: readonly SnapSpot[], length: LengthWriter): string {
  const [first] = spots;
  if (!first) return '';
  const { place, ofStitches } = first;
  const half = place.kind === 'between' ? place.after * 2 === ofStitches : place.stitch * 2 === ofStitches + 1;
  return `${placeText(place)} of ${ofStitches}, from ${half ? 'either' : 'each'} end of the row (${length(first.fromEdgeMm)})`;
}
