import type { WorkedStrapKind } from '@/core/design';
import { lineSegments, type Drawing, type Shape } from './shape';

/** The short piece of a strap that it is chosen by, mm. */
const LONG_MM = 40;
const WIDE_MM = 16;
/** Between two of its rows, or of its stitches. */
const STEP_MM = 4;

const line = (x1: number, y1: number, x2: number, y2: number): Shape => ({
  kind: 'path',
  role: 'row',
  layer: 'rows',
  closed: false,
  segments: lineSegments({ x: x1, y: y1 }, { x: x2, y: y2 }),
});

const steps = (length: number, step = STEP_MM): number[] =>
  Array.from({ length: Math.ceil(length / step) - 1 }, (_, index) => (index + 1) * step);

const across = (): Shape[] => steps(LONG_MM).map((x) => line(x, 0, x, WIDE_MM));
const along = (): Shape[] => steps(WIDE_MM).map((y) => line(0, y, LONG_MM, y));

/** What is seen of each kind on a short piece of it. */
const TEXTURES: Readonly<Record<WorkedStrapKind, () => Shape[]>> = {
  plain: across,
  lengthwise: along,
  // Close rows, and the second layer that shows along an edge.
  double: () => [
    ...steps(LONG_MM, STEP_MM / 2).map((x) => line(x, 0, x, WIDE_MM - 3)),
    line(0, WIDE_MM - 3, LONG_MM, WIDE_MM - 3),
  ],
  // Stitches and chains in turn, woven.
  linen: () =>
    steps(WIDE_MM).flatMap((y, row) =>
      steps(LONG_MM).map((x) => {
        const from = x - STEP_MM / 2 + (row % 2 === 0 ? 0 : STEP_MM / 2);
        return line(from, y, from + STEP_MM / 2, y);
      }),
    ),
  // Rows along it, and the seam that closes it.
  tube: () => [...along(), ...steps(LONG_MM, 2).map((x) => line(x - 1, WIDE_MM / 2 - 1, x, WIDE_MM / 2 + 1))],
  spiral: () => steps(LONG_MM + WIDE_MM, STEP_MM).flatMap((x) => slanted(x)),
};

/** A round of a spiral, from edge to edge of the piece. */
function slanted(x: number): Shape[] {
  const [from, to] = [Math.max(0, x - WIDE_MM / 2), Math.min(LONG_MM, x)];
  if (from >= to) return [];
  const yAt = (at: number) => (x - at) * 2;
  return [line(from, Math.min(WIDE_MM, yAt(from)), to, yAt(to))];
}

/** A short piece of a strap of a kind, to choose it by. */
export function strapIcon(kind: WorkedStrapKind): Drawing {
  return {
    box: { x: 0, y: 0, widthMm: LONG_MM, heightMm: WIDE_MM },
    shapes: [
      { kind: 'rect', role: 'cloth', layer: 'cloth', x: 0, y: 0, widthMm: LONG_MM, heightMm: WIDE_MM },
      ...TEXTURES[kind](),
    ],
  };
}
