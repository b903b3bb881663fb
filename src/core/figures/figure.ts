/** What a figure counts or measures. Lengths are mm, masses g, yarn lengths m. */
export type Unit =
  | 'mm'
  | 'mm2'
  | 'mm3'
  | 'stitch'
  | 'row'
  /** Which row it is, not how many. */
  | 'row number'
  | 'round'
  | 'chain'
  | 'g'
  | 'm'
  | 'm/g'
  | 'ball'
  | 'mm/stitch'
  | 'mm/row'
  | 'g/m2'
  | 'ratio'
  | 'h'
  /** In the maker's own money, whatever that is. */
  | 'money'
  | 'count';

/** Where a rule or a value comes from. A maker who asks "why?" is shown this. */
export type Source =
  | { kind: 'published'; reference: string }
  | { kind: 'geometry' }
  | { kind: 'common-practice' }
  | { kind: 'memory' }
  | { kind: 'measured' }
  | { kind: 'chosen' };

/**
 * What a number rests on besides what she measured or chose: figures carried over from another stitch, hook or piece, or rough ones,
 * where nothing was measured.
 */
export type Basis = 'foretold' | 'rough';

/** One thing that went into a figure. `from` names the figure that it was itself computed as. */
export interface ReasonInput {
  label: string;
  value: number;
  unit: Unit;
  plusMinus?: number;
  from?: FigureId;
  basis?: Basis;
}

/** Why a figure is what it is: the rule in words, what went in, and where the rule comes from. */
export interface Reason {
  rule: string;
  inputs: ReasonInput[];
  source: Source;
  /** Where the rule itself is no measurement; what its inputs rest on follows from them. */
  basis?: Basis;
}

declare const figureIdBrand: unique symbol;
/** The name of a figure in a plan, for example `panel.stitches`. */
export type FigureId = string & { readonly [figureIdBrand]: true };

/**
 * A number with its unit, its doubt and its reason. Every number on a screen is one of these.
 * `plusMinus` is the half-width of a 95 % interval in the same unit, or null where the number is exact
 * (a count, a choice) or where its doubt is not known.
 */
export interface Figure {
  id: FigureId;
  label: string;
  value: number;
  unit: Unit;
  plusMinus: number | null;
  reason: Reason;
  /** Absent where it rests on what was measured and chosen alone. */
  basis?: Basis;
}

/** A figure's name before it is looked up in a plan: whether the plan has it is the plan's to say. */
export type FigureName = string;

/** Names a figure. The brand keeps a problem code or a mark id from passing for one. */
export const figureId = (name: string): FigureId => name as FigureId;

/**
 * Makes a figure, refusing what must never reach a page.
 *
 * @throws RangeError when the value or its ± is not finite: a silent NaN is the worst bug
 */
export function makeFigure(
  id: string,
  label: string,
  value: number,
  unit: Unit,
  reason: Reason,
  plusMinus: number | null = null,
): Figure {
  if (!Number.isFinite(value) || (plusMinus !== null && !Number.isFinite(plusMinus)))
    throw new RangeError(`the figure ${id} came out as ${value} ± ${plusMinus}`);
  const figure: Figure = { id: figureId(id), label, value, unit, plusMinus, reason };
  const basis = basisOf(reason);
  if (basis !== undefined) figure.basis = basis;
  return figure;
}

/** The weakest of what a reason and its inputs rest on; nothing where that is measured. Every number of a plan asks it. */
function basisOf({ basis, inputs }: Reason): Basis | undefined {
  let weakest = basis;
  for (const one of inputs) if (one.basis !== undefined && weakest !== 'rough') weakest = one.basis;
  return weakest;
}

/** What a number rests on, for the reason of one that follows from it by another way than as an input. */
export const restsOn = ({ basis }: Pick<Figure, 'basis'>): { basis?: Basis } => (basis === undefined ? {} : { basis });

/** Uses a figure as the input of another one, keeping the thread back to it. */
export function inputFrom({ label, value, unit, id, plusMinus, basis }: Figure): ReasonInput {
  const made: ReasonInput = { label, value, unit, from: id };
  if (plusMinus !== null) made.plusMinus = plusMinus;
  if (basis !== undefined) made.basis = basis;
  return made;
}

/** By how much a planned size is off the wanted one: more is positive. Its ± is that of the planned size. */
export const offFigure = (id: string, planned: Figure, wanted: Figure): Figure =>
  makeFigure(
    id,
    `${planned.label}: off by`,
    planned.value - wanted.value,
    'mm',
    {
      rule: 'Planned size less the wanted one. Whole stitches and rows seldom come out at exactly what is wanted.',
      inputs: [inputFrom(planned), inputFrom(wanted)],
      source: { kind: 'geometry' },
    },
    planned.plusMinus,
  );

/** A count times a size, with its ±: a length that follows from the gauge. */
export function productFigure(id: string, label: string, countFigure: Figure, size: Figure): Figure {
  return makeFigure(
    id,
    label,
    countFigure.value * size.value,
    'mm',
    {
      rule: `${countFigure.label}, times the ${size.label.charAt(0).toLowerCase()}${size.label.slice(1)}.`,
      inputs: [inputFrom(countFigure), inputFrom(size)],
      source: { kind: 'geometry' },
    },
    countFigure.value * (size.plusMinus ?? 0),
  );
}

/** An input that the maker chose or measured herself. */
export const input = (label: string, value: number, unit: Unit): ReasonInput => ({ label, value, unit });

export const GEOMETRY: Source = { kind: 'geometry' };
export const COMMON_PRACTICE: Source = { kind: 'common-practice' };
export const MEMORY: Source = { kind: 'memory' };
export const MEASURED: Source = { kind: 'measured' };
export const CHOSEN: Source = { kind: 'chosen' };
