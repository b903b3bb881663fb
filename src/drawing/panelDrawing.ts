import type { SnapSpot } from '@/core/hardware';
import type { Design } from '@/core/design';
import type { Plan } from '@/core/plan';
import { lineSegments, type Drawing, type Shape } from './shape';
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
      { kind: 'rect', role: 'cloth', layer: 'cloth', x: 0, y: 0, widthMm, heightMm: lengthMm },
      ...rowShapes(plan, widthMm, y),
      ...textureShapes(design, plan, y),
      ...(plan.lining ? [liningShape(plan, widthMm, lengthMm)] : []),
      ...foldShapes(plan, widthMm, y),
      ...seamShapes(plan, widthMm, y),
      ...footShapes(plan, widthMm, y),
      ...snapShapes(plan, x, y),
    ],
  };
}

type Place = (mm: number) => number;

/** Row lines, every second one apart from the others, so that the side a row shows can be told. */
function rowShapes(plan: Plan, widthMm: number, y: Place): Shape[] {
  const { rowMm } = plan.pouch;
  const betweenRows = plan.flap.totalRows - 1;
  const every2nd = (role: 'rowPublic' | 'row', first: number): Shape => {
    const count = Math.max(0, Math.ceil((betweenRows - first + 1) / 2));
    const top = first + 2 * (count - 1);
    return { kind: 'lines', role, layer: 'rows', x: 0, y: y(top * rowMm), lengthMm: widthMm, stepMm: 2 * rowMm, count };
  };
  return [every2nd('rowPublic', 1), every2nd('row', 2)];
}

function foldShapes(plan: Plan, widthMm: number, y: Place): Shape[] {
  const across = (mark: string, alongMm: number, role: 'fold' | 'edge'): Shape => ({
    kind: 'path',
    role,
    layer: 'folds',
    mark,
    segments: lineSegments({ x: 0, y: y(alongMm) }, { x: widthMm, y: y(alongMm) }),
    closed: false,
  });
  return [
    across('edge.front', 0, 'edge'),
    across('fold.base', plan.pouch.figures.baseFold.value, 'fold'),
    across('fold.top', plan.flap.figures.topFold.value, 'fold'),
    ...(plan.flap.bridgeRows > 0 ? [across('fold.flap', plan.flap.figures.flapStart.value, 'fold')] : []),
    across('edge.flap', plan.flap.figures.panelLength.value, 'edge'),
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
