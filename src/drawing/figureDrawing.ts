import type { Carrying } from '@/core/design';
import { bodyPlaces, onShoulderMm, supportHeightMm, type BodyPlaces } from '@/core/strap';
import { polyline, type Drawing, type Point, type Shape } from './shape';

/** A figure with the bag hanging on it, all to one scale, mm. */
export interface WornBag {
  heightMm: number;
  hipMm: number;
  over: Carrying;
  bagWidthMm: number;
  bagHeightMm: number;
  /** How far apart the feet of the strap are. */
  feetMm: number;
  supportMm: number;
  /** Where the mouth hangs above the floor, empty and full; null where it does not go round the figure. */
  emptyMm: number | null;
  fullMm: number | null;
}

/** Beside the figure's middle, so that a bag on the arm stands clear of it, mm. */
const ARM_OUT_MM = 60;

/** Where a strap lies on the figure, from its middle line; and where its bag hangs. */
function hangsAt(over: Carrying, places: BodyPlaces): { supportX: number; bagX: number } {
  const arm = places.shoulderHalfMm + ARM_OUT_MM;
  switch (over) {
    case 'in-the-hand':
    case 'on-the-wrist':
      return { supportX: arm, bagX: arm };
    case 'on-the-arm':
      return { supportX: arm + ARM_OUT_MM, bagX: arm + ARM_OUT_MM };
    case 'on-the-shoulder':
      return { supportX: onShoulderMm(places) + ARM_OUT_MM / 2, bagX: arm };
    case 'across-the-body':
      return { supportX: -onShoulderMm(places), bagX: places.hipHalfMm + ARM_OUT_MM / 2 };
    case 'round-the-waist':
      return { supportX: 0, bagX: 0 };
  }
}

/**
 * A figure of her size seen from the front, the strap along its way, and the bag where it hangs: full, and empty as an outline behind it.
 * The floor is at the bottom; x grows to the right from the figure's middle.
 */
export function figureDrawing(worn: WornBag): Drawing {
  const places = bodyPlaces(worn);
  const { heightMm } = worn;
  const y = (aboveFloorMm: number) => heightMm - aboveFloorMm;
  const { supportX, bagX } = hangsAt(worn.over, places);
  const halfMm = Math.max(places.shoulderHalfMm + 2 * ARM_OUT_MM + worn.bagWidthMm / 2, 1.2 * places.shoulderHalfMm);
  const supportMm =
    supportHeightMm(worn.over, places) ?? (worn.over === 'round-the-waist' ? places.hipMm : places.shoulderMm);
  const bagAt = (mouthMm: number, role: 'cloth' | 'ghost'): Shape[] => [
    {
      kind: 'rect',
      role,
      layer: 'cloth',
      mark: 'figure.bag',
      x: bagX - worn.bagWidthMm / 2,
      y: y(mouthMm),
      widthMm: worn.bagWidthMm,
      heightMm: worn.bagHeightMm,
    },
    ...armsTo(mouthMm, role === 'ghost' ? 'ghost' : 'outline'),
  ];
  const armsTo = (mouthMm: number, role: 'ghost' | 'outline'): Shape[] =>
    worn.over === 'round-the-waist'
      ? [
          pathOf(
            [
              { x: -places.hipHalfMm, y: y(supportMm) },
              { x: places.hipHalfMm, y: y(supportMm) },
            ],
            role,
          ),
        ]
      : [-1, 1].map((side) =>
          pathOf(
            [
              { x: supportX + (side * worn.supportMm) / 2, y: y(supportMm) },
              { x: bagX + (side * worn.feetMm) / 2, y: y(mouthMm) },
            ],
            role,
          ),
        );
  return {
    box: { x: -halfMm, y: 0, widthMm: 2 * halfMm, heightMm },
    shapes: [
      ...bodyShapes(places, heightMm),
      {
        kind: 'path',
        role: 'tick',
        layer: 'cloth',
        closed: false,
        segments: polyline([
          { x: -halfMm, y: heightMm },
          { x: halfMm, y: heightMm },
        ]),
      },
      ...(worn.emptyMm === null ? [] : bagAt(worn.emptyMm, 'ghost')),
      ...(worn.fullMm === null ? [] : bagAt(worn.fullMm, 'cloth')),
    ],
  };
}

const pathOf = (points: Point[], role: 'ghost' | 'outline'): Shape => ({
  kind: 'path',
  role,
  layer: 'cloth',
  mark: 'strap.pulled',
  closed: false,
  segments: polyline(points),
});

/** The outline of a body that stands, arms down: head, trunk with legs, and both arms. */
function bodyShapes(places: BodyPlaces, heightMm: number): Shape[] {
  const { shoulderHalfMm, hipHalfMm, shoulderMm, waistMm, hipMm, kneeMm, elbowMm, palmMm, headMm } = places;
  const waistHalf = 0.8 * hipHalfMm;
  const neckHalf = 0.3 * shoulderHalfMm;
  const side = (sign: 1 | -1): Point[] => [
    { x: sign * neckHalf, y: headMm },
    { x: sign * neckHalf, y: shoulderMm + 0.02 * heightMm },
    { x: sign * shoulderHalfMm, y: shoulderMm },
    { x: sign * 0.78 * shoulderHalfMm, y: 0.72 * heightMm },
    { x: sign * waistHalf, y: waistMm },
    { x: sign * hipHalfMm, y: hipMm },
    { x: sign * 0.7 * hipHalfMm, y: kneeMm },
    { x: sign * 0.55 * hipHalfMm, y: 0 },
  ];
  const inner: Point[] = [
    { x: 0.15 * hipHalfMm, y: 0 },
    { x: 0, y: 0.47 * heightMm },
    { x: -0.15 * hipHalfMm, y: 0 },
  ];
  const arm = (sign: 1 | -1): Point[] => [
    { x: sign * shoulderHalfMm, y: shoulderMm },
    { x: sign * (shoulderHalfMm + 0.6 * ARM_OUT_MM), y: elbowMm },
    { x: sign * (shoulderHalfMm + ARM_OUT_MM), y: palmMm },
  ];
  const outline = (points: Point[]): Shape => ({
    kind: 'path',
    role: 'edge',
    layer: 'cloth',
    closed: false,
    segments: polyline(smoothed(points).map(({ x, y }) => ({ x, y: heightMm - y }))),
  });
  const headHalf = (heightMm - headMm) / 2;
  return [
    { kind: 'circle', role: 'edge', layer: 'cloth', x: 0, y: headHalf, radiusMm: headHalf },
    outline(side(1)),
    outline(side(-1)),
    outline(inner),
    outline(arm(1)),
    outline(arm(-1)),
  ];
}

const STEPS = 6;

/** A smooth line through points. Source: a cubic through each, level with its neighbours (Catmull and Rom, 1974). */
function smoothed(points: readonly Point[]): Point[] {
  const at = (index: number) => points[Math.max(0, Math.min(points.length - 1, index))] as Point;
  const blend = (a: number, b: number, c: number, d: number, t: number) =>
    b + (t * (c - a + t * (2 * a - 5 * b + 4 * c - d + t * (3 * (b - c) + d - a)))) / 2;
  return points.flatMap((point, index) => {
    if (index === points.length - 1) return [point];
    const [before, next, after] = [at(index - 1), at(index + 1), at(index + 2)];
    return Array.from({ length: STEPS }, (_, step) => ({
      x: blend(before.x, point.x, next.x, after.x, step / STEPS),
      y: blend(before.y, point.y, next.y, after.y, step / STEPS),
    }));
  });
}
