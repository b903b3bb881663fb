import { factsOf } from '@/core/design';
import { rowStitches } from '@/core/flap';
import { stations } from '@/core/fold';
import type { Plan } from '@/core/plan';
import { landsAtMm } from '@/core/section';
import { markShapes } from './markShapes';
import { cornerRadiusMm } from './pieceDrawing';
import { lineSegments, polyline, type Drawing, type Point, type Segment, type Shape } from './shape';

/** How much of the height a short drawing of the strap may take above the bag. */
const STRAP_RISE_SHARE = 0.3;

/** The closed bag from the front, true to its planned sizes: body, flap, what closes it, and the strap's ends. */
export function foldedDrawing(plan: Plan): Drawing {
  const widthMm = plan.pouch.figures.width.value;
  const heightMm = plan.pouch.figures.heightLoaded.value;
  const dropMm = plan.flap.hasFlap ? Math.max(0, plan.flap.dropMm.loaded) : 0;
  const strip = plan.fittings.find(({ at }) => at.group === 'straps')?.worked[0];
  const riseMm = strip ? heightMm * STRAP_RISE_SHARE : 0;
  return {
    box: { x: 0, y: 0, widthMm, heightMm: riseMm + Math.max(heightMm, dropMm) },
    shapes: [
      ...(strip ? strapShapes(strip.width.value, widthMm, riseMm) : []),
      ...frontShapes(plan, widthMm, riseMm, heightMm, dropMm),
      ...flapShapes(plan, widthMm, riseMm, dropMm),
      ...closureShapes(plan, widthMm, riseMm, dropMm),
    ],
  };
}

/** The front as it stands, with its rows or rounds below the flap. */
function frontShapes(plan: Plan, widthMm: number, riseMm: number, heightMm: number, dropMm: number): Shape[] {
  const { pouch } = plan;
  if (factsOf(pouch.kind).faces === 'discs') {
    const r = widthMm / 2;
    const round = (radiusMm: number, role: 'cloth' | 'row'): Shape => ({
      kind: 'circle',
      role,
      layer: role === 'cloth' ? 'cloth' : 'rows',
      x: r,
      y: riseMm + r,
      radiusMm,
    });
    const rounds = Math.max(0, Math.floor(r / pouch.rowMm - 0.5));
    return [
      round(r, 'cloth'),
      ...Array.from({ length: rounds }, (_, index) => round((index + 1) * pouch.rowMm, 'row')),
    ];
  }
  const radius = Math.min(cornerRadiusMm(plan), widthMm / 2, heightMm);
  const bottom = riseMm + heightMm;
  const rows = rowsShape(pouch.rowMm, widthMm, riseMm + dropMm, bottom - radius);
  if (radius === 0) return [{ kind: 'rect', role: 'cloth', layer: 'cloth', x: 0, y: riseMm, widthMm, heightMm }, rows];
  const arc = (x: number, y: number): Segment => ({ to: 'arc', radiusMm: radius, sweep: true, large: false, x, y });
  return [
    {
      kind: 'path',
      role: 'cloth',
      layer: 'cloth',
      closed: true,
      segments: [
        { to: 'move', x: 0, y: riseMm },
        { to: 'line', x: widthMm, y: riseMm },
        { to: 'line', x: widthMm, y: bottom - radius },
        arc(widthMm - radius, bottom),
        { to: 'line', x: radius, y: bottom },
        arc(0, bottom - radius),
      ],
    },
    rows,
  ];
}

/** The flap over the front, as its rows make it; where it is as wide as the bag, with its rows drawn. */
function flapShapes(plan: Plan, widthMm: number, riseMm: number, dropMm: number): Shape[] {
  const { pouch, flap } = plan;
  const base = { role: 'flap', layer: 'cloth' } as const;
  if (!flap.hasFlap) return [];
  if (flap.leftEachSide === 0 && flap.rows.every(({ by, changeEachSide }) => by === 'nothing' && changeEachSide === 0))
    return [
      { kind: 'rect', ...base, x: 0, y: riseMm, widthMm, heightMm: dropMm },
      rowsShape(pouch.rowMm, widthMm, riseMm, riseMm + dropMm),
    ];
  // The seams take a little of the width of what they join, and nothing of a flap that hangs free; drawn to the bag's width.
  const mmPerStitch = widthMm / pouch.backStitches;
  const tailRows = flap.bridgeRows + flap.flapRows;
  const half = (k: number) => (rowStitches(flap, Math.max(1, k)) / 2) * mmPerStitch;
  const side: [number, number][] = [[half(flap.bridgeRows), riseMm]];
  const rowLines: Segment[] = [];
  for (let k = flap.bridgeRows + 1; k <= tailRows; k += 1) {
    const y = riseMm + Math.max(0, dropMm - (tailRows - k) * pouch.rowMm);
    side.push([half(k), y]);
    if (y > riseMm && k < tailRows)
      rowLines.push(...lineSegments({ x: widthMm / 2 - half(k), y }, { x: widthMm / 2 + half(k), y }));
  }
  const points = flap.scallops
    ? scallopedPoints(flap.scallops, half(flap.bridgeRows), widthMm / 2, riseMm, dropMm, pouch.rowMm, mmPerStitch)
    : [
        ...side.map(([mm, y]) => ({ x: widthMm / 2 - mm, y })),
        ...side.map(([mm, y]) => ({ x: widthMm / 2 + mm, y })).reverse(),
      ];
  if (flap.scallops) rowLines.length = 0;
  return [
    { kind: 'path', ...base, closed: true, segments: polyline(points) },
    { kind: 'path', role: 'row', layer: 'rows', closed: false, segments: rowLines },
  ];
}

/** Straight sides, then every scallop row by row, from left to right. */
function scallopedPoints(
  { count, stitchesEach, rows }: NonNullable<Plan['flap']['scallops']>,
  halfMm: number,
  middleMm: number,
  riseMm: number,
  dropMm: number,
  rowMm: number,
  mmPerStitch: number,
): Point[] {
  const edgeMm = riseMm + dropMm;
  const at = (row: number) => Math.max(riseMm, edgeMm - (rows.length - row) * rowMm);
  const side = [
    { half: (stitchesEach * mmPerStitch) / 2, y: at(0) },
    ...rows.map(({ stitches }, index) => ({ half: (stitches * mmPerStitch) / 2, y: at(index + 1) })),
  ];
  const lobes = Array.from({ length: count }, (_, index) => {
    const x = middleMm - halfMm + ((2 * halfMm) / count) * (index + 0.5);
    return [
      ...side.map(({ half, y }) => ({ x: x - half, y })),
      ...side.map(({ half, y }) => ({ x: x + half, y })).reverse(),
    ];
  });
  return [{ x: middleMm - halfMm, y: riseMm }, ...lobes.flat(), { x: middleMm + halfMm, y: riseMm }];
}

/** The rows between two heights, counted from the upper one. */
function rowsShape(rowMm: number, widthMm: number, fromMm: number, toMm: number): Shape {
  const count = Math.max(0, Math.ceil((toMm - fromMm) / rowMm - 1e-6) - 1);
  return {
    kind: 'lines',
    role: 'row',
    layer: 'rows',
    x: 0,
    y: fromMm + rowMm,
    lengthMm: widthMm,
    stepMm: rowMm,
    count,
  };
}

/** The strap's two ends going up from the side seams, cut off by a break line: it is far longer than there is room for. */
function strapShapes(strapMm: number, widthMm: number, riseMm: number): Shape[] {
  const tooth = Math.min(riseMm, strapMm) / 4;
  return [0, widthMm - strapMm].map((left) => ({
    kind: 'path',
    role: 'flap',
    layer: 'feet',
    mark: 'strap',
    closed: true,
    segments: [
      { to: 'move', x: left, y: riseMm },
      { to: 'line', x: left, y: tooth },
      { to: 'line', x: left + strapMm / 3, y: 0 },
      { to: 'line', x: left + (2 * strapMm) / 3, y: 2 * tooth },
      { to: 'line', x: left + strapMm, y: tooth },
      { to: 'line', x: left + strapMm, y: riseMm },
    ],
  }));
}

/** What closes the bag: behind the flap where the loaded one brings it, and on the front below the flap's edge. */
function closureShapes(plan: Plan, widthMm: number, riseMm: number, dropMm: number): Shape[] {
  const { marks, pouch, section } = plan;
  const shrink = widthMm / pouch.figures.panelWidth.value;
  const { backEndMm } = stations(pouch);
  return marks
    .filter(({ of, presence }) => of.group === 'closures' && presence === 'set')
    .flatMap((mark): Shape[] => {
      const { stationMm, face, acrossMm } = mark;
      if (stationMm === null) return [];
      const downMm = stationMm > backEndMm ? landsAtMm(section.loaded, stationMm) : stationMm;
      const isSeen = face === 'inner' ? stationMm > backEndMm : downMm !== null && downMm > dropMm;
      if (downMm === null || !isSeen) return [];
      return markShapes(mark, { x: widthMm / 2 + acrossMm * shrink, y: riseMm + downMm }, 1);
    });
}
