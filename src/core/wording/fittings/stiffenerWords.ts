import type { Board, Canvas, Mesh, Stiffener, WallStiffener } from '@/core/design';
import {
  STIFFENER_NAMES,
  type MeshStage,
  type MeshStretch,
  type StiffenerPiece,
  type StiffenerProblems,
  type StiffenerRepairs,
  type StiffenerStage,
} from '@/core/stiffener';
import { formatQuantity } from '../quantity';
import { spreadText } from '../spreadText';
import { stepWords, type LengthWriter } from '../stepWords';
import type { Sentences } from '../sentence';
import type { FittingWords, Ticket, WordedBag } from './words';

/** A piece in words: how many, how large, and of canvas how many bars. */
const pieceText = ({ id, copies, width, height, bars }: StiffenerPiece, length: LengthWriter): string =>
  `${STIFFENER_NAMES[id].toLowerCase()}: ${copies === 1 ? 'one piece' : `${copies} pieces`}, ${bars ? `${bars.across} bars by ${bars.up} (${length(width.value)} by ${length(height.value)})` : `${length(width.value)} by ${length(height.value)}`}`;

const PROBLEMS: Sentences<StiffenerProblems> = {
  'mesh-without-border': ({ has }) =>
    has
      ? 'A mesh is crocheted in with the second round of a border all round the strip, and there is none: it is left out.'
      : 'A mesh is crocheted in with the border all round a flat strip, and this bag is not one: it is left out.',
  'stiffener-no-wall': () =>
    'This bag has no such wall that could be stiffened: a flat pouch has no base, and sides in rounds bend. It is left out.',
  'stiffener-larger-than-sheet': (v, length) =>
    `A piece of ${length(v.widthMm)} by ${length(v.heightMm)} is larger than a sheet of canvas. Join two along a row of bars, or take something else.`,
  'stiffener-wall-too-narrow': (v, length) =>
    `A wall is only ${length(v.narrowMm)} wide inside, too narrow for a stiffener (${length(v.leastMm)} at least): it has none. The sizes inside still keep room for one.`,
  'stiffener-on-fold': () =>
    'Under a flat lining the stiffener is shut in before the bag is folded: leave as much free at every fold as the walls are thick.',
};

const REPAIRS: Sentences<StiffenerRepairs> = {
  'stiffener-of-canvas': () => 'Take canvas, cut wall by wall, instead',
  'mesh-border': () => 'Work a border of two rounds',
  'stiffener-out': () => 'Leave it out',
  'stiffener-all': () => 'Stiffen all walls there are',
  'stiffener-of-board': () => 'Take board instead',
};

/** What is said of every stiffener. */
const alike = <Choice extends Stiffener>(title: string, of: string) => ({
  title,
  add: `Stiffen it with ${of}`,
  takeOff: 'Take the stiffener out',
  added: 'Stiffener put in',
  takenOff: 'Stiffener taken out',
  grip: null,
  worked: '',
  materials: ({ pieces, sheets }: StiffenerStage<Choice>, { design }: WordedBag) => {
    const length = (mm: number) => formatQuantity(mm, 'mm', design.settings.lengthUnit);
    return [
      `${title}, ${pieces.map((piece) => pieceText(piece, length)).join('; ')}${sheets ? `: ${sheets.value === 1 ? 'one sheet' : `${sheets.value} sheets`}` : ''}.`,
    ];
  },
  inspect: null,
  tickets: ({ pieces, sheets }: StiffenerStage<Choice>): Ticket[][] => [
    pieces.flatMap(({ width, height }) => [width, height].map((figure) => ({ figure }))),
    ...(sheets ? [[{ figure: sheets }]] : []),
  ],
  quotes: {
    steps: { 'cut-stiffener': ['stiffener.width', 'stiffener.height'] },
    materials: ['stiffener.width', 'stiffener.height', 'stiffener.sheets'],
    worked: [],
  },
  problems: PROBLEMS,
  repairs: REPAIRS,
});

const wallWords = <Choice extends WallStiffener>(
  title: string,
  of: string,
): FittingWords<StiffenerStage<Choice>, StiffenerProblems, StiffenerRepairs> => ({
  ...alike<Choice>(title, of),
  steps: {
    'cut-stiffener': ({ pieces, choice }, { length }) => {
      const text = pieces.map((piece) => pieceText(piece, length)).join('; ');
      const corners =
        choice.cornerMm > 0 ? ` Round the corners to ${length(choice.cornerMm)}, so that they don’t wear through.` : '';
      return stepWords(
        'Cut the stiffener',
        `${text.charAt(0).toUpperCase()}${text.slice(1)}.${choice.kind === 'canvas' ? ' Cut beside the bar, and trim the stubs.' : ''}${corners}`,
        'Laid in the bag it lies flat and touches no side.',
      );
    },
    'put-stiffener-in': (_, { design }) =>
      stepWords(
        'Put the stiffener in',
        design.lining
          ? 'Between crochet and lining: lay it on the inner face, its middle on the middle of the wall, and hold it with a few stitches at its corners.'
          : 'Lay it on the inner face, its middle on the middle of the wall, and sew it along its edge, under half of the stitches.',
        'It ends before every fold.',
        design.lining ? 'Once the lining is sewn on, it can only go in by unpicking its edge.' : null,
        design.lining
          ? [
              {
                what: 'Unpick the lining’s edge at the mouth, about as wide as the piece, slide it in, and sew the edge on again.',
                costs: 'Half an hour; a piece that is wider than the gap has to be bent.',
              },
            ]
          : [],
      ),
  },
});

/** How a stretch of the border goes through the mesh. */
const stretchText = ({ stitches, holes }: MeshStretch): string =>
  `${stitches} stitches over ${holes} holes, ${spreadText(stitches, holes, { place: 'hole' })}`;

const meshWords: FittingWords<MeshStage, StiffenerProblems, StiffenerRepairs> = {
  ...alike<Mesh>('Canvas mesh', 'mesh crocheted into the border'),
  steps: {
    'cut-stiffener': ({ pieces }, { length }) => {
      const [{ width, height, bars }] = pieces;
      return stepWords(
        'Cut the mesh',
        `To the outline of the panel with the first round of its border, ${length(width.value)} by ${length(height.value)}${bars ? ` (${bars.across} bars by ${bars.up})` : ''}; lay the panel on it where it is shaped. Cut beside the bar, and trim the stubs.`,
        'Laid on the panel it reaches the first round everywhere, and beyond it nowhere.',
      );
    },
    'put-stiffener-in': ({ stretches }) =>
      stepWords(
        'Lay the mesh on',
        `On the inner face, held with markers at corners and folds. The first round of the border is worked without it; in the second the hook goes through a stitch and a hole of the mesh together, stretch by stretch from where the border begins: ${stretches.map(stretchText).join('. ')}.`,
        'It lies flat, and bends where the bag folds.',
        'Once the border is worked, the mesh can’t go in.',
        [
          {
            what: 'Pull the border back to its first round, lay the mesh on, and work it again through both.',
            costs: 'As long as the border took.',
          },
        ],
      ),
  },
};

/** Words of every kind of stiffener. */
export const STIFFENER_WORDS = {
  canvas: wallWords<Canvas>('Plastic canvas', 'plastic canvas'),
  board: wallWords<Board>('Board', 'board or stiff interfacing'),
  mesh: meshWords,
};
