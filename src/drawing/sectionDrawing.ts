import { sectionPointAt, type SectionPiece, type SectionPoint } from '@/core/body';
import type { LoadState, PlacedThing } from '@/core/contents';
import type { Plan } from '@/core/plan';
import { thingMark } from './packedDrawing';
import { lineSegments, type Drawing, type Point, type Segment, type Shape } from './shape';

const PART_MARKS = ['part.front', 'part.back', 'part.bridge', 'part.flap'] as const;

/** How far a fold's tick reaches from the middle of the fabric, in thicknesses. */
const TICK_REACH = 1.1;

/** How thick one half of a snap is drawn, mm. */
const SNAP_DEPTH_MM = 2;

/** The side of the folded bag cut through, to scale: fabric at its thickness, lining, load, and the snap's halves. */
export function sectionDrawing(plan: Plan, state: LoadState): Drawing {
  const pieces = plan.section[state];
  const { layers } = plan.pouch;
  const corners = pieces.flatMap(cornersOf);
  const margin = TICK_REACH * layers.fabricMm + layers.liningMm + (plan.snap ? SNAP_DEPTH_MM : 0);
  const left = Math.min(...corners.map((corner) => corner.x)) - margin;
  const right = Math.max(...corners.map((corner) => corner.x)) + margin;
  const top = Math.max(...corners.map((corner) => corner.y), thingsTopY(plan, state)) + margin;
  const bottom = Math.min(...corners.map((corner) => corner.y)) - margin;
  const place = (point: SectionPoint): Point => ({ x: point.x - left, y: top - point.y });

  return {
    box: { x: 0, y: 0, widthMm: right - left, heightMm: top - bottom },
    shapes: [
      ...loadShapes(plan, state, place),
      ...(layers.liningMm > 0 ? [liningShape(pieces, layers, place)] : []),
      ...partShapes(plan, pieces, place),
      ...foldShapes(plan, pieces, place),
      ...snapShapes(plan, pieces, place),
    ],
  };
}

/** The height that the things reach to, where the bag is loaded. */
function thingsTopY(plan: Plan, state: LoadState): number {
  const base = plan.section[state].find((piece) => piece.kind === 'arc');
  const { packed } = plan.contents;
  return state === 'loaded' && packed && base?.kind === 'arc' ? base.centre.y + packed.heightMm : 0;
}

type ToPaper = (point: SectionPoint) => Point;

/** The fabric, part by part, each a path of the thickness of the fabric. */
function partShapes(plan: Plan, pieces: readonly SectionPiece[], place: ToPaper): Shape[] {
  const { frontRows, backRows, rowMm, layers } = plan.pouch;
  const ends = [frontRows, frontRows + backRows, frontRows + backRows + plan.flap.bridgeRows, plan.flap.totalRows].map(
    (row) => row * rowMm,
  );
  return ends.flatMap((toMm, index) => {
    const fromMm = index === 0 ? 0 : (ends[index - 1] as number);
    const segments = stretchSegments(pieces, fromMm, toMm, place);
    if (segments.length === 0) return [];
    return [
      {
        kind: 'path',
        role: 'fabric',
        layer: 'cloth',
        mark: PART_MARKS[index],
        segments,
        closed: false,
        strokeMm: layers.fabricMm,
      } satisfies Shape,
    ];
  });
}

/** The stretch of the middle line from one station to another, as path segments on paper. */
function stretchSegments(pieces: readonly SectionPiece[], fromMm: number, toMm: number, place: ToPaper): Segment[] {
  const segments: Segment[] = [];
  for (const piece of pieces) {
    const start = Math.max(fromMm, piece.fromMm);
    const end = Math.min(toMm, piece.toMm);
    if (end - start < 1e-9) continue;
    const from = place(pointOn(piece, start));
    const to = place(pointOn(piece, end));
    if (segments.length === 0) segments.push({ to: 'move', ...from });
    segments.push(
      piece.kind === 'line'
        ? { to: 'line', ...to }
        : {
            to: 'arc',
            radiusMm: piece.radiusMm,
            // Angles grow counter-clockwise with y up; on paper, with y down, that is a sweep of 0.
            sweep: piece.toRad < piece.fromRad,
            large: false,
            ...to,
          },
    );
  }
  return segments;
}

const pointOn = (piece: SectionPiece, stationMm: number): SectionPoint => sectionPointAt([piece], stationMm).point;

function foldShapes(plan: Plan, pieces: readonly SectionPiece[], place: ToPaper): Shape[] {
  const reach = plan.pouch.layers.fabricMm * TICK_REACH;
  const marks: (readonly [string, number])[] = [
    ['fold.base', plan.pouch.figures.baseFold.value],
    ...(plan.flap.hasFlap
      ? ([
          ['fold.top', plan.flap.figures.topFold.value],
          ['fold.flap', plan.flap.figures.flapStart.value],
          ['edge.flap', plan.flap.figures.panelLength.value],
        ] as const)
      : ([['edge.back', plan.flap.figures.panelLength.value]] as const)),
  ];
  return marks.map(([mark, station]) => {
    const { point, outward } = sectionPointAt(pieces, station);
    const end = (sign: number) =>
      place({ x: point.x + sign * reach * outward.x, y: point.y + sign * reach * outward.y });
    return { kind: 'path', role: 'tick', layer: 'folds', mark, segments: lineSegments(end(-1), end(1)), closed: false };
  });
}

/** The lining as a thin line inside the fabric. */
function liningShape(pieces: readonly SectionPiece[], layers: Plan['pouch']['layers'], place: ToPaper): Shape {
  const inset = (layers.fabricMm + layers.liningMm) / 2;
  const points = pieces.flatMap((piece) => {
    const steps = piece.kind === 'arc' ? 16 : 1;
    return Array.from({ length: steps + 1 }, (_, index) => {
      const { point, outward } = sectionPointAt([piece], piece.fromMm + ((piece.toMm - piece.fromMm) * index) / steps);
      return place({ x: point.x - inset * outward.x, y: point.y - inset * outward.y });
    });
  });
  return {
    kind: 'path',
    role: 'lining',
    layer: 'lining',
    mark: 'lining',
    segments: points.map((point, index) => ({ to: index === 0 ? 'move' : 'line', ...point })),
    closed: false,
  };
}

/** What lies between front and back: the things as they are packed, or a soft block up to the mouth where only its thickness is known. */
function loadShapes(plan: Plan, state: LoadState, place: ToPaper): Shape[] {
  const base = plan.section[state].find((piece) => piece.kind === 'arc');
  const [front] = plan.section[state];
  if (!base || base.kind !== 'arc' || front?.kind !== 'line' || state === 'empty') return [];
  const gap = plan.pouch.layers.fabricMm / 2 + plan.pouch.layers.liningMm;
  const radiusMm = base.radiusMm - gap;
  if (radiusMm <= 0) return [];
  const { placed, packed } = plan.contents;
  if (packed && packed.thicknessMm <= plan.pouch.loadMm + 1e-6) return thingShapes(placed, base.centre.y, gap, place);
  const leftTop = place({ x: gap, y: front.from.y });
  const rightTop = place({ x: gap + 2 * radiusMm, y: front.from.y });
  const middleY = place(base.centre).y;
  return [
    {
      kind: 'path',
      role: 'load',
      layer: 'load',
      mark: 'load',
      closed: true,
      segments: [
        { to: 'move', ...leftTop },
        { to: 'line', x: leftTop.x, y: middleY },
        { to: 'arc', radiusMm, sweep: false, large: false, x: rightTop.x, y: middleY },
        { to: 'line', ...rightTop },
      ],
    },
  ];
}

/** The things from the side. They stand where the base stops to bend, those at the far side of the bag drawn first. */
function thingShapes(placed: readonly PlacedThing[], standsAtY: number, gap: number, place: ToPaper): Shape[] {
  return [...placed]
    .sort((a, b) => b.xMm - a.xMm)
    .map(({ index, yMm, behindMm, heightMm, thicknessMm }): Shape => {
      const corner = place({ x: gap + behindMm, y: standsAtY + yMm + heightMm });
      const mark = thingMark(index);
      return { kind: 'rect', role: 'thing', layer: 'load', mark, ...corner, widthMm: thicknessMm, heightMm };
    });
}

function snapShapes(plan: Plan, pieces: readonly SectionPiece[], place: ToPaper): Shape[] {
  const { snap } = plan;
  if (!snap) return [];
  const half = plan.pouch.layers.fabricMm / 2;
  const disc = (stationMm: number, side: 1 | -1, mark: string): Shape => {
    const { point, outward } = sectionPointAt(pieces, stationMm);
    const near = half * side;
    const far = (half + SNAP_DEPTH_MM) * side;
    const along = { x: -outward.y, y: outward.x };
    const corner = (reach: number, run: number) =>
      place({
        x: point.x + reach * outward.x + run * along.x,
        y: point.y + reach * outward.y + run * along.y,
      });
    const radius = snap.diameterMm / 2;
    return {
      kind: 'path',
      role: 'metal',
      layer: 'hardware',
      mark,
      closed: true,
      segments: [corner(near, -radius), corner(far, -radius), corner(far, radius), corner(near, radius)].map(
        (point, index) => ({ to: index === 0 ? 'move' : 'line', ...point }),
      ),
    };
  };
  const uniqueAlong = (spots: readonly { alongMm: number }[]) => [...new Set(spots.map((spot) => spot.alongMm))];
  return [
    ...uniqueAlong(snap.mates).map((alongMm) => disc(alongMm, 1, 'snap.mate')),
    ...uniqueAlong(snap.halves).map((alongMm) => disc(alongMm, -1, 'snap.half')),
  ];
}

function cornersOf(piece: SectionPiece): SectionPoint[] {
  if (piece.kind === 'line') return [piece.from, piece.to];
  const middle = (piece.fromRad + piece.toRad) / 2;
  return [piece.fromRad, middle, piece.toRad].map((angle) => ({
    x: piece.centre.x + piece.radiusMm * Math.cos(angle),
    y: piece.centre.y + piece.radiusMm * Math.sin(angle),
  }));
}
