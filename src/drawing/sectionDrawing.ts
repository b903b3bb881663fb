import { sectionOf, stations, thingsInBag, type FoldState, type ThingBox } from '@/core/fold';
import type { Plan } from '@/core/plan';
import { sectionPointAt, type SectionPiece, type SectionPoint } from '@/core/section';
import { mostStandingMm, sectionMarkShapes } from './markShapes';
import { thingMark } from './packedDrawing';
import { lineSegments, type Drawing, type Point, type Segment, type Shape } from './shape';

const PART_MARKS = ['part.front', 'part.back', 'part.bridge', 'part.flap'] as const;

/** How far a fold's tick reaches from the middle of the fabric, in thicknesses. */
const TICK_REACH = 1.1;

/** The side of the folded bag cut through, to scale: fabric at its thickness, lining, load, and what is put on. */
export function sectionDrawing(plan: Plan, state: FoldState): Drawing {
  const pieces = sectionOf(plan, state);
  const { layers } = plan.pouch;
  const corners = pieces.flatMap(cornersOf);
  const margin = TICK_REACH * layers.fabricMm + layers.liningMm + mostStandingMm(plan.marks);
  const left = Math.min(...corners.map((corner) => corner.x)) - margin;
  const right = Math.max(...corners.map((corner) => corner.x)) + margin;
  const top = Math.max(...corners.map((corner) => corner.y), thingsTopY(plan, state)) + margin;
  const bottom = Math.min(...corners.map((corner) => corner.y)) - margin;
  const place = (point: SectionPoint): Point => ({ x: point.x - left, y: top - point.y });

  return {
    box: { x: 0, y: 0, widthMm: right - left, heightMm: top - bottom },
    shapes: [
      ...loadShapes(plan, state, place),
      ...sheetShapes(plan, pieces, place),
      ...partShapes(plan, pieces, place),
      ...foldShapes(plan, pieces, place),
      ...sectionMarkShapes(marksIn(plan, state), pieces, layers.fabricMm / 2, place),
    ],
  };
}

/** The height that the things reach to, where the bag is loaded. */
const thingsTopY = (plan: Plan, state: FoldState): number =>
  Math.max(0, ...thingsInBag(plan, state).map(({ to }) => to.y));

type ToPaper = (point: SectionPoint) => Point;

/** The fabric, part by part, each a path of the thickness of the fabric. */
function partShapes(plan: Plan, pieces: readonly SectionPiece[], place: ToPaper): Shape[] {
  const { rowMm, layers } = plan.pouch;
  const { baseMm: base, backEndMm: backEnd } = stations(plan.pouch);
  const ends = [
    base,
    backEnd,
    backEnd + plan.flap.bridgeRows * rowMm,
    backEnd + (plan.flap.bridgeRows + plan.flap.flapRows) * rowMm,
  ];
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
  const { rowMm } = plan.pouch;
  const { baseMm: base, backEndMm: backEnd } = stations(plan.pouch);
  const marks: (readonly [string, number])[] = [
    ['fold.base', base],
    ...(plan.flap.hasFlap
      ? ([
          ['fold.top', backEnd],
          ['fold.flap', backEnd + plan.flap.bridgeRows * rowMm],
          ['edge.flap', backEnd + (plan.flap.bridgeRows + plan.flap.flapRows) * rowMm],
        ] as const)
      : ([['edge.back', backEnd]] as const)),
  ];
  return marks.map(([mark, station]) => {
    const { point, outward } = sectionPointAt(pieces, station);
    const end = (sign: number) =>
      place({ x: point.x + sign * reach * outward.x, y: point.y + sign * reach * outward.y });
    return { kind: 'path', role: 'tick', layer: 'folds', mark, segments: lineSegments(end(-1), end(1)), closed: false };
  });
}

/** A sheet inside the fabric that goes with it everywhere, as thick as it is: the lining, or a mesh. */
function sheetShape(
  pieces: readonly SectionPiece[],
  { fromMm, mm }: { fromMm: number; mm: number },
  drawn: { role: 'liningSheet' | 'meshSheet'; mark: string },
  place: ToPaper,
): Shape[] {
  if (mm <= 0) return [];
  const inset = fromMm + mm / 2;
  const points = pieces.flatMap((piece) => {
    const steps = piece.kind === 'arc' ? 16 : 1;
    return Array.from({ length: steps + 1 }, (_, index) => {
      const { point, outward } = sectionPointAt([piece], piece.fromMm + ((piece.toMm - piece.fromMm) * index) / steps);
      return place({ x: point.x - inset * outward.x, y: point.y - inset * outward.y });
    });
  });
  return [
    {
      kind: 'path',
      ...drawn,
      layer: 'lining',
      segments: points.map((point, index) => ({ to: index === 0 ? 'move' : 'line', ...point })),
      closed: false,
      strokeMm: mm,
    },
  ];
}

/** A mesh lies between the fabric and the lining. */
function sheetShapes({ pouch: { layers }, stiffener }: Plan, pieces: readonly SectionPiece[], place: ToPaper): Shape[] {
  const halfMm = layers.fabricMm / 2;
  const meshMm = stiffener?.choice.kind === 'mesh' ? stiffener.choice.thicknessMm : 0;
  return [
    ...sheetShape(pieces, { fromMm: halfMm, mm: meshMm }, { role: 'meshSheet', mark: 'stiffener.cut' }, place),
    ...sheetShape(
      pieces,
      { fromMm: halfMm + meshMm, mm: layers.liningMm },
      { role: 'liningSheet', mark: 'lining' },
      place,
    ),
  ];
}

/** What can be put into a bag that lies flat: what is stiff across the middle of the base can't. */
function marksIn({ marks, pouch: { sectionMm } }: Plan, state: FoldState): Plan['marks'] {
  if (state !== 'flat') return marks;
  const middleMm = sectionMm.front + sectionMm.base / 2;
  return marks.filter(
    ({ of, stationMm }) => of.group !== 'stiffener' || stationMm === null || Math.abs(stationMm - middleMm) > 1,
  );
}

/** What lies between front and back: the things as they are packed, or a soft block up to the mouth where only its thickness is known. */
function loadShapes(plan: Plan, state: FoldState, place: ToPaper): Shape[] {
  const things = thingsInBag(plan, state);
  const [block] = things;
  const base = sectionOf(plan, state)[1];
  // A soft load rounds itself into the base of a bag that is folded flat.
  if (block?.isSoft && base?.kind === 'arc') return roundedLoad(block, base.centre, place);
  // Those at the far side of the bag are drawn first.
  return [...things]
    .sort((a, b) => b.from.z - a.from.z)
    .map(({ index, from, to, isSoft }): Shape => {
      const corner = place({ x: from.x, y: to.y });
      const size = { widthMm: to.x - from.x, heightMm: to.y - from.y };
      return isSoft || index === null
        ? { kind: 'rect', role: 'load', layer: 'load', mark: 'load', ...corner, ...size }
        : { kind: 'rect', role: 'thing', layer: 'load', mark: thingMark(index), ...corner, ...size };
    });
}

/** A soft load in a half circle of the base, up to the mouth. */
function roundedLoad({ from, to }: ThingBox, centre: SectionPoint, place: ToPaper): Shape[] {
  const leftTop = place({ x: from.x, y: to.y });
  const rightTop = place({ x: to.x, y: to.y });
  const middleY = place(centre).y;
  const radiusMm = (to.x - from.x) / 2;
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

function cornersOf(piece: SectionPiece): SectionPoint[] {
  if (piece.kind === 'line') return [piece.from, piece.to];
  const middle = (piece.fromRad + piece.toRad) / 2;
  return [piece.fromRad, middle, piece.toRad].map((angle) => ({
    x: piece.centre.x + piece.radiusMm * Math.cos(angle),
    y: piece.centre.y + piece.radiusMm * Math.sin(angle),
  }));
}
