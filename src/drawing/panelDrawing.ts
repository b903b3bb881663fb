import type { SnapSpot } from '@/core/hardware';
import type { Design } from '@/core/design';
import { flapOutline, flapSize, rowStitches } from '@/core/flap';
import type { Plan } from '@/core/plan';
import { lineSegments, type Drawing, type Point, type Segment, type Shape } from './shape';
import { textureShapes } from './textureShapes';

/**
 * The flat panel to scale, its outer face up and row 1 at the bottom, as charts are read. Along the strip y runs up from
 * row 1, so on paper y = length − along. Stitches are counted from the working hand's edge.
 */
export function panelDrawing(design: Design, plan: Plan): Drawing {
  const widthMm = plan.pouch.figures.panelWidth.value;
  const lengthMm = plan.flap.figures.panelLength.value;
  const y = (alongMm: number) => lengthMm - alongMm;
  const x = (acrossMm: number) => (design.settings.hand === 'right' ? widthMm - acrossMm : acrossMm);

  return {
    box: { x: 0, y: 0, widthMm, heightMm: lengthMm },
    shapes: [
      clothShape(plan, widthMm, lengthMm, y),
      ...rowShapes(plan, widthMm, y),
      ...textureShapes(design, plan, y),
      ...(plan.lining ? [liningShape(plan, widthMm, lengthMm)] : []),
      ...foldShapes(plan, widthMm, y),
      ...outlineShapes(design, plan, widthMm, y),
      ...seamShapes(plan, widthMm, y),
      ...footShapes(plan, widthMm, y),
      ...snapShapes(plan, x, y),
    ],
  };
}

type Place = (mm: number) => number;

/** Whether every row of the strip is as wide as the first. */
const isStraight = ({ flap }: Plan): boolean =>
  flap.leftEachSide === 0 && flap.rows.every(({ by }) => by === 'nothing');

/** The panel's own outline: a rectangle, or, where the flap is shaped, row by row as it is worked. */
function clothShape(plan: Plan, widthMm: number, lengthMm: number, y: Place): Shape {
  const base = { role: 'cloth', layer: 'cloth' } as const;
  if (isStraight(plan)) return { kind: 'rect', ...base, x: 0, y: 0, widthMm, heightMm: lengthMm };
  const side = workedSide(plan);
  const middle = widthMm / 2;
  const points = [
    ...side.map(({ x, y: along }) => ({ x: middle - x, y: y(along) })),
    ...side.map(({ x, y: along }) => ({ x: middle + x, y: y(along) })).reverse(),
  ];
  return { kind: 'path', ...base, closed: true, segments: polyline(points) };
}

/** Half the width of the panel and how far along that is, mm, from row 1 to the flap's edge, where the outline turns. */
function workedSide({ pouch, flap }: Plan): Point[] {
  const { stitchMm, rowMm } = pouch;
  const backRow = pouch.frontRows + pouch.backRows;
  const halfMm = (stitches: number) => (stitches / 2) * stitchMm;
  const points = [
    { x: halfMm(pouch.stitchCount), y: 0 },
    { x: halfMm(pouch.stitchCount), y: backRow * rowMm },
    { x: halfMm(flap.startStitches), y: backRow * rowMm },
  ];
  let before = flap.startStitches;
  flap.rows.forEach(({ stitches, by }, index) => {
    const startMm = (backRow + flap.bridgeRows + index) * rowMm;
    if (by === 'leaving') points.push({ x: halfMm(before), y: startMm }, { x: halfMm(stitches), y: startMm });
    else if (stitches !== before || index === 0) points.push({ x: halfMm(before), y: startMm });
    if (stitches !== before) points.push({ x: halfMm(stitches), y: startMm + rowMm });
    before = stitches;
  });
  points.push({ x: halfMm(before), y: flap.totalRows * rowMm });
  return points;
}

const polyline = (points: readonly Point[]): Segment[] =>
  points.map(({ x, y }, index) => ({ to: index === 0 ? 'move' : 'line', x, y }));

/** Points along the wished outline, from where the flap starts to its edge. */
const OUTLINE_POINTS = 60;

/** The outline that was wished for, over the one that rows make. */
function outlineShapes(design: Design, plan: Plan, widthMm: number, y: Place): Shape[] {
  if (plan.flap.rows.every(({ by }) => by === 'nothing')) return [];
  const size = flapSize(plan.pouch, plan.flap);
  const half = flapOutline(design.flap, size);
  const startMm = plan.flap.figures.flapStart.value;
  const side = Array.from({ length: OUTLINE_POINTS + 1 }, (_, index) => {
    // Closer together towards the edge, where a curve turns.
    const downMm = size.lengthMm * Math.sin((Math.PI / 2) * (index / OUTLINE_POINTS));
    return { half: half(downMm), y: y(startMm + downMm) };
  });
  const points = [
    ...side.map(({ half: mm, y: at }) => ({ x: widthMm / 2 - mm, y: at })),
    ...side.map(({ half: mm, y: at }) => ({ x: widthMm / 2 + mm, y: at })).reverse(),
  ];
  return [
    { kind: 'path', role: 'wish', layer: 'folds', mark: 'flap.outline', segments: polyline(points), closed: false },
  ];
}

/** Row lines, every second one apart from the others, so that the side a row shows can be told. */
function rowShapes(plan: Plan, widthMm: number, y: Place): Shape[] {
  const { rowMm } = plan.pouch;
  if (!isStraight(plan)) return shapedRowShapes(plan, widthMm, y);
  const betweenRows = plan.flap.totalRows - 1;
  const every2nd = (role: 'rowPublic' | 'row', first: number): Shape => {
    const count = Math.max(0, Math.ceil((betweenRows - first + 1) / 2));
    const top = first + 2 * (count - 1);
    return { kind: 'lines', role, layer: 'rows', x: 0, y: y(top * rowMm), lengthMm: widthMm, stepMm: 2 * rowMm, count };
  };
  return [every2nd('rowPublic', 1), every2nd('row', 2)];
}

/** The same where rows differ in width: each line as long as the row below it. */
function shapedRowShapes({ pouch, flap }: Plan, widthMm: number, y: Place): Shape[] {
  const lines = (role: 'rowPublic' | 'row', first: number): Shape => {
    const segments: Segment[] = [];
    for (let row = first; row < flap.totalRows; row += 2) {
      const halfMm = (rowStitches(pouch, flap, row) / 2) * pouch.stitchMm;
      const at = y(row * pouch.rowMm);
      segments.push(...lineSegments({ x: widthMm / 2 - halfMm, y: at }, { x: widthMm / 2 + halfMm, y: at }));
    }
    return { kind: 'path', role, layer: 'rows', segments, closed: false };
  };
  return [lines('rowPublic', 1), lines('row', 2)];
}

function foldShapes(plan: Plan, widthMm: number, y: Place): Shape[] {
  const { pouch, flap } = plan;
  const across = (mark: string, alongMm: number, role: 'fold' | 'edge', stitches = pouch.stitchCount): Shape => {
    const halfMm = (stitches / 2) * pouch.stitchMm;
    return {
      kind: 'path',
      role,
      layer: 'folds',
      mark,
      segments: lineSegments({ x: widthMm / 2 - halfMm, y: y(alongMm) }, { x: widthMm / 2 + halfMm, y: y(alongMm) }),
      closed: false,
    };
  };
  return [
    across('edge.front', 0, 'edge'),
    across('fold.base', plan.pouch.figures.baseFold.value, 'fold'),
    ...(flap.hasFlap ? [across('fold.top', plan.flap.figures.topFold.value, 'fold')] : []),
    ...(plan.flap.bridgeRows > 0
      ? [across('fold.flap', plan.flap.figures.flapStart.value, 'fold', flap.startStitches)]
      : []),
    across(
      flap.hasFlap ? 'edge.flap' : 'edge.back',
      plan.flap.figures.panelLength.value,
      'edge',
      rowStitches(pouch, flap, flap.totalRows),
    ),
  ];
}

/** Where the sides are joined: from the base fold as far up front and back as both reach. */
function seamShapes(plan: Plan, widthMm: number, y: Place): Shape[] {
  const { frontRows, rowMm, figures } = plan.pouch;
  const seamRows = figures.seamRows.value;
  const from = y((frontRows - seamRows) * rowMm);
  const to = y((frontRows + seamRows) * rowMm);
  return [0, widthMm].map((edge) => ({
    kind: 'path',
    role: 'seam',
    layer: 'seams',
    mark: 'seam.sides',
    segments: lineSegments({ x: edge, y: from }, { x: edge, y: to }),
    closed: false,
  }));
}

function footShapes(plan: Plan, widthMm: number, y: Place): Shape[] {
  if (!plan.strap) return [];
  const { foot } = plan.strap;
  const { rowMm, stitchMm } = plan.pouch;
  const patch = (rows: { from: number; to: number }, stitches: number): Shape[] => {
    const top = y(rows.to * rowMm);
    const shape = {
      kind: 'rect',
      role: 'foot',
      layer: 'feet',
      mark: 'strap.feet',
      y: top,
      widthMm: stitches * stitchMm,
      heightMm: (rows.to - rows.from + 1) * rowMm,
    } as const;
    return [
      { ...shape, x: 0 },
      { ...shape, x: widthMm - stitches * stitchMm },
    ];
  };
  return [...patch(foot.frontRows, foot.frontStitches), ...patch(foot.backRows, foot.backStitches)];
}

function snapShapes(plan: Plan, x: Place, y: Place): Shape[] {
  const { snap } = plan;
  if (!snap) return [];
  const radiusMm = snap.diameterMm / 2;
  const disc = (spot: SnapSpot, role: 'metal' | 'metalBehind', mark: string): Shape => ({
    kind: 'circle',
    role,
    layer: 'hardware',
    mark,
    x: x(spot.acrossMm),
    y: y(spot.alongMm),
    radiusMm,
  });
  const ghosts = snap.halves.flatMap((half) =>
    Object.values(snap.meetsMm)
      .filter((meetsMm) => meetsMm > 0)
      .map((meetsMm): Shape => ({
        kind: 'circle',
        role: 'ghost',
        layer: 'hardware',
        mark: 'snap.meets',
        x: x(half.acrossMm),
        y: y(meetsMm),
        radiusMm,
      })),
  );
  return [
    ...ghosts,
    ...snap.mates.map((spot) => disc(spot, 'metal', 'snap.mate')),
    ...snap.halves.map((spot) => disc(spot, 'metalBehind', 'snap.half')),
  ];
}

function liningShape(plan: Plan, widthMm: number, lengthMm: number): Shape {
  const lining = plan.lining as NonNullable<Plan['lining']>;
  const finishedWidth = lining.figures.finishedWidth.value;
  const finishedLength = lining.figures.finishedLength.value;
  return {
    kind: 'rect',
    role: 'lining',
    layer: 'lining',
    mark: 'lining',
    x: (widthMm - finishedWidth) / 2,
    y: (lengthMm - finishedLength) / 2,
    widthMm: finishedWidth,
    heightMm: finishedLength,
  };
}
