import type { StitchPlace } from '@/core/body';
import type { ButtonholeProblems, ButtonholeRepairs } from '@/core/closure';
import { linesWalls } from '@/core/design';
import type { Buttonhole } from '@/core/design';
import { listed } from '../joinText';
import { formatQuantity } from '../quantity';
import type { Sentences } from '../sentence';
import { SMALL_PARTS } from './cautionWords';
import { onFlapWords } from './onFlapWords';
import { waysByThread, waysInRow } from './waysOut';

const PROBLEMS: Sentences<ButtonholeProblems> = {
  'button-no-edging': (v) =>
    v.rounds === 0
      ? 'No edging runs straight along the flap’s edge that the buttonhole could be left in. It is planned in a row of the flap.'
      : 'The edging at the flap’s edge is too narrow for a buttonhole: a round has to be worked over it. It is planned in a row of the flap.',
};
const REPAIRS: Sentences<ButtonholeRepairs> = {
  'button-into-row': () => 'Leave it in a row of the flap',
  'button-edging-rounds': (v) => `Work the edging in ${v.rounds} plain rounds`,
  'button-edging-on': (v) => `Work an edging of ${v.rounds} rounds round the flap`,
};

/**
 * Stitches before a hole of so many, its middle at a place or half a stitch before it.
 *
 * @example
 * holeStart({ kind: 'on', stitch: 8 }, 3) // => 6
 */
export const holeStart = (place: StitchPlace, count: number): number =>
  Math.max(0, Math.floor((place.kind === 'on' ? place.stitch - 0.5 : place.after) - count / 2));

/**
 * How holes of so many stitches are left in a row.
 *
 * @param places their middles
 */
export const holesText = (places: readonly StitchPlace[], count: number): string => {
  const from = places.map((place) => holeStart(place, count));
  return `after ${listed(from.map(String))} ${from.length === 1 && from[0] === 1 ? 'stitch' : 'stitches'} chain ${count} over as many; in the next row one stitch in each chain.`;
};

const words = onFlapWords<Buttonhole>({
  prefix: 'button',
  title: 'Button and buttonhole',
  whole: 'button',
  half: 'buttonhole',
  mate: 'button',
  two: 'buttons',
  Half: 'Buttonhole',
  flapTitle: 'Leave the buttonhole in the flap',
  flapFace: 'from its outer face',
  materials: ({ choice, mates, halves }, { design }) => [
    `Button, ${formatQuantity(choice.diameterMm, 'mm', design.settings.lengthUnit)} across: ${mates.length || halves.length}.`,
  ],
  onFront: (_, { design }) =>
    `Sew it on with a shank as long as the flap is thick${linesWalls(design) ? ', through the crochet alone' : ''}: wind the thread round under it before you end off.`,
  onFlap: ({ own: [hole], halves, inEdging }) => {
    const count = hole?.value ?? 0;
    const [half] = halves;
    const before = half ? holeStart(half.place, count) : 0;
    const after = half ? half.ofStitches - before - count : 0;
    const where =
      halves.length === 1 && half
        ? `, with ${before} stitches before them and ${after} after${before === after ? '' : ': half a stitch off the middle, and the button is sewn on across from it'}`
        : `, after ${listed(halves.map(({ place }) => String(holeStart(place, count))))} stitches`;
    const inRow = inEdging ? 'In this round, counted along the flap’s edge from corner to corner,' : 'In this row';
    return `${inRow} chain ${count} over ${count} stitches that are passed over${where}; in the next ${inEdging ? 'round' : 'row'} work one stitch into each chain. Try it on the button before you go on.`;
  },
  frontNotLater: (_, { design }) =>
    linesWalls(design) ? 'Once the lining is on, the knots have to be hidden under the stitches.' : null,
  flapNotLater: ({ inEdging }) =>
    inEdging
      ? 'Once the next round is worked there is no hole in it but by unpicking.'
      : 'Once the row is worked there is no hole in it but by unpicking.',
  ways: ({ halves: [half], inEdging }, bag, part) =>
    part === 'front'
      ? waysByThread(bag)
      : waysInRow('buttonhole', inEdging ? 1 : Math.max(1, Math.abs(bag.plan.flap.totalRows - (half?.row ?? 0)) + 1)),
  problems: { ...SMALL_PARTS, ...PROBLEMS },
  repairs: REPAIRS,
});

/** Of a buttonhole the stitches it takes are told as well. */
export const buttonholeWords: typeof words = {
  ...words,
  inRows: ({ halves, own: [hole], inEdging }) => {
    const [first] = halves;
    if (!first || !hole || inEdging || first.piece === 'half-disc') return [];
    const which = ['the buttonhole', 'both buttonholes'][halves.length - 1] ?? 'the buttonholes';
    return [
      {
        piece: first.piece,
        row: first.row,
        says: `${which}, ${holesText(
          halves.map(({ place }) => place),
          hole.value,
        )}`,
      },
    ];
  },
  quotes: {
    ...words.quotes,
    steps: {
      ...words.quotes.steps,
      'set-button-flap': [...(words.quotes.steps['set-button-flap'] ?? []), 'button.hole'],
    },
  },
};
