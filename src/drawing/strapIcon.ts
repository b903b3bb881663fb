import type { Strap } from '@/core/design';
import { lineSegments, polyline, type Drawing, type Shape } from './shape';

/** The short piece of a strap that it is chosen by, mm. */
const LONG_MM = 40;
const WIDE_MM = 16;
/** An edging along each side. */
const EDGE_MM = 3;
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

/** What is seen of each kind on a short piece of it that lies flat. */
const TEXTURES: Readonly<Record<Exclude<Strap['kind'], keyof typeof CORDS>, () => Shape[]>> = {
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
  edged: () => [
    ...steps(LONG_MM).map((x) => line(x, EDGE_MM, x, WIDE_MM - EDGE_MM)),
    ...[EDGE_MM, WIDE_MM - EDGE_MM].map((y) => line(0, y, LONG_MM, y)),
    ...steps(LONG_MM, STEP_MM / 2).flatMap((x) => [line(x, 0, x, EDGE_MM), line(x, WIDE_MM - EDGE_MM, x, WIDE_MM)]),
  ],
  // Columns of stitches with a ladder between them.
  'i-cord': () => [...along(), ...steps(LONG_MM, 2).map((x) => line(x, WIDE_MM / 2 - 2, x, WIDE_MM / 2 + 2))],
  leather: () => [3, WIDE_MM - 3].flatMap((y) => steps(LONG_MM, 3).map((x) => line(x - 1.5, y, x, y))),
  webbing: () => steps(LONG_MM + WIDE_MM, 2).flatMap((x) => slanted(x, -1)),
  'ready-made': () => [3, WIDE_MM - 3].map((y) => line(0, y, LONG_MM - 10, y)),
};

/** A line across the piece at a slant, from edge to edge: a round of a spiral; or the other way. */
function slanted(x: number, way: 1 | -1 = 1): Shape[] {
  const [from, to] = [Math.max(0, x - WIDE_MM / 2), Math.min(LONG_MM, x)];
  if (from >= to) return [];
  const yAt = (at: number) => (way === 1 ? (x - at) * 2 : WIDE_MM - (x - at) * 2);
  return [line(from, Math.max(0, Math.min(WIDE_MM, yAt(from))), to, yAt(to))];
}

/** A strand of a cord, swinging about the middle of the piece. */
function strand(swingMm: number, shift: number, thickMm: number): Shape {
  const side = (by: number) =>
    Array.from({ length: 41 }, (_, index) => {
      const x = (index / 40) * LONG_MM;
      return { x, y: WIDE_MM / 2 + swingMm * Math.sin((2 * Math.PI * x) / 16 + shift) + by };
    });
  const points = [...side(-thickMm / 2), ...side(thickMm / 2).toReversed()];
  return { kind: 'path', role: 'cloth', layer: 'cloth', closed: true, segments: polyline(points) };
}

/** Links of a chain, seen flat and edge on in turn. */
const links = (): Shape[] =>
  Array.from({ length: 7 }, (_, index) => ({
    kind: 'rect',
    role: 'metal',
    layer: 'cloth',
    x: 0.5 + index * 5.6,
    y: index % 2 === 0 ? WIDE_MM / 2 - 3 : WIDE_MM / 2 - 1,
    widthMm: 5.4,
    heightMm: index % 2 === 0 ? 6 : 2,
  }));

/** Cords, rope and chain: round, and not as wide as a band. */
const CORDS = {
  'chain-cord': () => [
    strand(0, 0, 4),
    ...steps(LONG_MM, 3).flatMap((x) => [
      line(x, WIDE_MM / 2, x - 1.5, WIDE_MM / 2 - 2),
      line(x, WIDE_MM / 2, x - 1.5, WIDE_MM / 2 + 2),
    ]),
  ],
  'twisted-cord': () => [0, Math.PI].map((shift) => strand(2.4, shift, 3)),
  'plaited-cord': () => [0, 1, 2].map((index) => strand(4, (2 * Math.PI * index) / 3, 2.6)),
  rope: () => [
    strand(0, 0, 7),
    ...steps(LONG_MM - 3, 3).map((x) => line(x, WIDE_MM / 2 + 3.5, x + 3, WIDE_MM / 2 - 3.5)),
  ],
  'metal-chain': links,
} satisfies Partial<Record<Strap['kind'], () => Shape[]>>;

const isCord = (kind: Strap['kind']): kind is keyof typeof CORDS => kind in CORDS;

/** A clasp at the end of the piece. */
const CLASP: Shape = {
  kind: 'circle',
  role: 'metal',
  layer: 'cloth',
  x: LONG_MM - 5,
  y: WIDE_MM / 2,
  radiusMm: 4,
};

/** A short piece of a strap of a kind, to choose it by. */
export function strapIcon(kind: Strap['kind']): Drawing {
  const box = { x: 0, y: 0, widthMm: LONG_MM, heightMm: WIDE_MM };
  if (isCord(kind)) return { box, shapes: CORDS[kind]() };
  const widthMm = kind === 'ready-made' ? LONG_MM - 10 : LONG_MM;
  return {
    box,
    shapes: [
      { kind: 'rect', role: 'cloth', layer: 'cloth', x: 0, y: 0, widthMm, heightMm: WIDE_MM },
      ...TEXTURES[kind](),
      ...(kind === 'ready-made' ? [CLASP] : []),
    ],
  };
}
