import { SUPPORT_MM } from '@/core/contents';
import { COMMON_PRACTICE, GEOMETRY, inputFrom, makeFigure, type Figure } from '@/core/figures';
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
 * What a strap carries, and between what it hangs: its feet at the bag's sides, and over the hand, the wrist or the shoulder that the bag
 * is carried by.
 *
 * @param wornLengthMm as it is meant to be
 */
export function strapLoad(bag: FittingInput, wornLengthMm: number): StrapLoad {
  const { design, mass, whole, at, pouch } = bag;
  const supportMm = SUPPORT_MM[design.contents.carried];
  const span = supportMm === null ? null : { feetMm: pouch.figures.width.value, supportMm };
  const swatch = wholeSwatch(design.swatch);
  const fabric = swatch ? fabricFigures(massPerArea(design, swatch), whole.area, at) : [];
  const carried = mass.value === 0 ? null : carriedFigure(mass, fabric.at(-1), at);
  return {
    mass: carried,
    weightN: pullOfMassN(carried?.value ?? 0),
    span: span && dropMm(wornLengthMm, span) !== null ? span : null,
    asked: carried === null ? [] : [...fabric, carried],
  };
}

const carriedFigure = (mass: Figure, fabric: Figure | undefined, at: FittingInput['at']): Figure =>
  makeFigure(
    nameAt(at, 'strap.load'),
    'The strap carries',
    mass.value + (fabric?.value ?? 0),
    'g',
    {
      rule: fabric
        ? 'What goes in, and the bag’s crochet. Lining and metal come on top.'
        : 'What goes in. The bag’s own crochet is not counted: its swatch was not weighed.',
      inputs: [inputFrom(mass), ...(fabric ? [inputFrom(fabric)] : [])],
      source: COMMON_PRACTICE,
    },
    fabric?.plusMinus ?? null,
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
