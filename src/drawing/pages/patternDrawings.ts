import { patternOf, type Design } from '@/core/design';
import { plannedSizes } from '@/core/grading';
import type { PieceId } from '@/core/pieces';
import type { Plan } from '@/core/plan';
import { PIECE_NAMES, mergedBySize, oneOfSizes, oneOfUnits, schematicText } from '@/core/wording';
import { chartDrawing } from '../chartDrawing';
import { foldedDrawing } from '../foldedDrawing';
import { liningDrawing } from '../liningDrawing';
import type { NamedDrawing } from '../picture/picture';
import { schematic, type LabelledDrawing } from '../schematic';
import { sectionDrawing } from '../sectionDrawing';

/** Drawings that stand beside each other in a pattern: before which of its sections, and what they show. */
export interface PatternDrawing {
  before: string;
  /** What it is called as a file of its own. */
  file: string;
  label: string;
  drawings: NamedDrawing[];
  /** Lines that belong to it: what its letters are. */
  notes: string[];
}

/** A chart is drawn with as many repeats as have so many stitches. */
const CHART_STITCHES = 8;

/** The chart of the bag’s stitch, wide enough to see how it goes on. */
export function stitchChart({ settings, ...design }: Design): NamedDrawing {
  const pattern = patternOf({ settings, ...design });
  const repeats = Math.ceil(CHART_STITCHES / pattern.repeatStitches);
  return {
    name: 'Row 1 is the lowest',
    drawing: chartDrawing(pattern, repeats, settings.hand, settings.turningChain),
  };
}

/** The drawings of a whole pattern: the bag, the chart of its stitch, a schematic of every piece in every size, and how it is folded and lined. */
export function patternDrawings(design: Design, plan: Plan): PatternDrawing[] {
  const pattern = patternOf(design);
  const lining = liningDrawing(plan);
  return [
    {
      before: 'about',
      file: 'front',
      label: `${design.name}, closed, from the front`,
      drawings: [{ name: 'Closed, from the front', drawing: foldedDrawing(plan) }],
      notes: [],
    },
    ...(pattern.setupRows.length + pattern.rows.length > 1
      ? [
          {
            before: 'gauge',
            file: 'chart',
            label: 'Chart of the stitch; row 1 is the lowest',
            drawings: [stitchChart(design)],
            notes: [],
          },
        ]
      : []),
    ...plan.pieces.map(({ id }) => ({
      before: id,
      file: id,
      label: `${PIECE_NAMES[id]}, lying flat, with its measures`,
      ...pieceOfSizes(design, plan, id),
    })),
    {
      before: 'order',
      file: 'folded',
      label: 'Cut through from the front’s mouth to the flap’s edge, empty and loaded',
      drawings: [
        { name: 'Cut through, empty', drawing: sectionDrawing(plan, 'empty') },
        { name: 'Loaded', drawing: sectionDrawing(plan, 'loaded') },
      ],
      notes: [],
    },
    ...(lining
      ? [
          {
            before: 'order',
            file: 'inside',
            label: 'What goes inside, as it is cut',
            drawings: [{ name: 'What goes inside, as it is cut', drawing: lining }],
            notes: [],
          },
        ]
      : []),
  ];
}

/** The schematic of a piece, its measures those of every size. Drawn is the bag’s own. */
function pieceOfSizes(design: Design, plan: Plan, id: PieceId): Pick<PatternDrawing, 'drawings' | 'notes'> {
  const sizes = plannedSizes(design, plan).flatMap(({ name, index, design: of, result }) =>
    result.ok ? [{ name, isOwn: index === null, design: of, plan: result.plan }] : [],
  );
  const drawnIn = (lengthUnit: Design['settings']['lengthUnit']): LabelledDrawing => {
    const each = sizes.flatMap(({ name, isOwn, design: of, plan: made }) => {
      const piece = made.pieces.find((one) => one.id === id);
      const as = { ...of, settings: { ...of.settings, lengthUnit } };
      return piece ? [{ name, isOwn, drawing: schematic(as, made, piece, schematicText(as, made)) }] : [];
    });
    return merged(each.find(({ isOwn }) => isOwn)?.drawing as LabelledDrawing, each);
  };
  const { lengthUnit } = design.settings;
  const first = drawnIn(lengthUnit);
  const drawing = design.written.lengths === 'one' ? first : inBoth(first, drawnIn(lengthUnit === 'cm' ? 'in' : 'cm'));
  const { ownSize } = design.written;
  const name = sizes.length > 1 ? `${PIECE_NAMES[id]}, drawn in size ${ownSize}` : PIECE_NAMES[id];
  return { drawings: [{ name, drawing, labels: drawing.labels }], notes: drawing.notes };
}

/** One drawing with the measures of all sizes, where they have the same ones. */
function merged(own: LabelledDrawing, each: readonly { name: string; drawing: LabelledDrawing }[]): LabelledDrawing {
  const names = each.map(({ name }) => name);
  const isAlike = each.every(
    ({ drawing }) => drawing.labels.length === own.labels.length && drawing.notes.length === own.notes.length,
  );
  if (!isAlike) return own;
  return {
    ...own,
    labels: own.labels.map((label, index) => ({
      ...label,
      text: oneOfSizes(
        each.map(({ drawing }) => drawing.labels[index]?.text ?? ''),
        names,
      ),
    })),
    notes:
      names.length > 1
        ? mergedBySize(
            each.map(({ drawing }) => drawing.notes),
            names,
          )
        : own.notes,
  };
}

const inBoth = (one: LabelledDrawing, other: LabelledDrawing): LabelledDrawing => ({
  ...one,
  labels: one.labels.map((label, index) => ({
    ...label,
    text: oneOfUnits(label.text, other.labels[index]?.text ?? label.text),
  })),
  notes: one.notes.map((note, index) => oneOfUnits(note, other.notes[index] ?? note)),
});
