import type { Strap } from '@/core/design';
import { COMMON_PRACTICE, GEOMETRY, input, inputFrom, makeFigure, type Figure } from '@/core/figures';
import { nameAt, type FittingInput } from '@/core/fittings';
import { massPerArea, wholeSwatch } from '@/core/yarn';
import { dropMm, type Span } from './hanging';
import { pullOfMassN } from './stretch';

/** What hangs on a strap. */
export interface StrapLoad {
  /** What goes in, and the crochet where the swatch was weighed, g; null where neither is known. */
  mass: Figure | null;
  /** Its pull on both arms together, N. */
  weightN: number;
  /** Where the strap hangs; null where it runs round a body, or is too short to go over anything. */
  span: Span | null;
  /** Its figures, for asking. */
  asked: Figure[];
}

/**
 * What a strap carries, and between what it hangs: its feet on the bag, and what it lies over. Two handles share what they carry.
 *
 * @param wornLengthMm as it is meant to be
 * @param span null where it runs round a body
 */
export function strapLoad(bag: FittingInput, wornLengthMm: number, span: Span | null): StrapLoad {
  const { design, mass, whole, at } = bag;
  const swatch = wholeSwatch(design.swatch);
  const fabric = swatch ? fabricFigures(massPerArea(design, swatch), whole.area, at) : [];
  const carried = mass.value === 0 ? null : carriedFigure(mass, fabric.at(-1), sharedBy(design.straps, at.index), at);
  return {
    mass: carried,
    weightN: pullOfMassN(carried?.value ?? 0),
    span: span && dropMm(wornLengthMm, span) !== null ? span : null,
    asked: carried === null ? [] : [...fabric, carried],
  };
}

/**
 * How many straps bear the bag together: handles on its faces that lie over the same thing, of which each bears its share. One at the
 * sides bears it alone.
 */
export function sharedBy(straps: readonly Pick<Strap, 'feet' | 'over'>[], index: number): number {
  const own = straps[index];
  if (!own || own.feet.on === 'sides') return 1;
  return straps.filter(({ feet, over }) => feet.on !== 'sides' && over === own.over).length;
}

const carriedFigure = (mass: Figure, fabric: Figure | undefined, handles: number, at: FittingInput['at']): Figure =>
  makeFigure(
    nameAt(at, 'strap.load'),
    'The strap carries',
    (mass.value + (fabric?.value ?? 0)) / handles,
    'g',
    {
      rule: `${
        fabric
          ? 'What goes in, and the bag’s crochet. Lining and metal come on top.'
          : 'What goes in. The bag’s own crochet is not counted: its swatch was not weighed.'
      }${handles > 1 ? ' The handles bear it together, each its share.' : ''}`,
      inputs: [
        inputFrom(mass),
        ...(fabric ? [inputFrom(fabric)] : []),
        ...(handles > 1 ? [input('Handles', handles, 'count')] : []),
      ],
      source: COMMON_PRACTICE,
    },
    fabric?.plusMinus == null ? null : fabric.plusMinus / handles,
  );

/** Mass of the fabric for its area, and of the bag's crochet. */
const fabricFigures = (perArea: Figure, area: Figure, at: FittingInput['at']): [Figure, Figure] => [
  perArea,
  makeFigure(
    nameAt(at, 'strap.bagMass'),
    'Crochet of the bag',
    (perArea.value * area.value) / 1e6,
    'g',
    {
      rule: 'Mass of the fabric for its area, times the area of all pieces.',
      inputs: [inputFrom(perArea), inputFrom(area)],
      source: GEOMETRY,
    },
    ((perArea.plusMinus ?? 0) * area.value) / 1e6,
  ),
];
