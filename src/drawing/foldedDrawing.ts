import { factsOf } from '@/core/design';
import { outerEdge, type EdgeOutline, type FlatPoint } from '@/core/edging';
import { nameAt, type FittingGroup, type HungBand, type MarkForm } from '@/core/fittings';
import { rowStitches } from '@/core/flap';
import { SEEN_SHARE, stations } from '@/core/fold';
import type { Plan } from '@/core/plan';
import { landsAtMm } from '@/core/section';
import { markShapes } from './markShapes';
import { cornerRadiusMm } from './pieceDrawing';
import { lineSegments, polyline, type Drawing, type Point, type Segment, type Shape } from './shape';

/** Of a band that is too long to be drawn whole, so much of the bag's height. */
const BAND_RISE_SHARE = 0.3;

/** The closed bag from the front, true to its planned sizes: body, flap, what closes it, and the strap's ends. */
export function foldedDrawing(plan: Plan): Drawing {
  const widthMm = plan.pouch.figures.width.value;
  const heightMm = plan.pouch.figures.heightLoaded.value;
  const dropMm = plan.flap.hasFlap ? Math.max(0, plan.flap.dropMm.loaded) : 0;
  const { bands } = plan;
  const isRound = factsOf(plan.pouch.kind).faces === 'discs';
  const riseMm = Math.max(0, ...bands.map((band) => seenRiseMm(band, heightMm).riseMm));
  return {
    box: { x: 0, y: 0, widthMm, heightMm: riseMm + Math.max(heightMm, dropMm) },
    shapes: [
      ...bands
        .filter((band) => !isInFront(band))
        .flatMap((band) => bandShapes(band, { widthMm, heightMm, mouthY: riseMm, isRound })),
      ...frontShapes(plan, widthMm, riseMm, heightMm, dropMm),
      ...flapShapes(plan, widthMm, riseMm, dropMm),
      ...closureShapes(plan, widthMm, riseMm, dropMm),
      ...bands.filter(isInFront).flatMap((band) => bandShapes(band, { widthMm, heightMm, mouthY: riseMm, isRound })),
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
  const { sidesMm, frontMm } = pouch.borders;
  const topMm = riseMm + frontMm;
  const rows = rowsShape(pouch.rowMm, widthMm, Math.max(topMm, riseMm + dropMm), bottom - radius);
  const borders = frontBorders(plan, widthMm, topMm, bottom);
  if (radius === 0)
    return [
      {
        kind: 'rect',
        role: 'cloth',
        layer: 'cloth',
        x: sidesMm,
        y: topMm,
        widthMm: widthMm - 2 * sidesMm,
        heightMm: bottom - topMm,
      },
      rows,
      ...borders,
    ];
  const arc = (x: number, y: number): Segment => ({ to: 'arc', radiusMm: radius, sweep: true, large: false, x, y });
  return [
    {
      kind: 'path',
      role: 'cloth',
      layer: 'cloth',
      closed: true,
      segments: [
        { to: 'move', x: 0, y: topMm },
        { to: 'line', x: widthMm, y: topMm },
        { to: 'line', x: widthMm, y: bottom - radius },
        arc(widthMm - radius, bottom),
        { to: 'line', x: radius, y: bottom },
        arc(0, bottom - radius),
      ],
    },
    rows,
    ...borders,
  ];
}

/** What is worked along the mouth and the sides of the front. */
function frontBorders({ edgings, pouch }: Plan, widthMm: number, topMm: number, bottomMm: number): Shape[] {
  const { sidesMm } = pouch.borders;
  return edgings.flatMap(({ choice, outline, at }) => {
    const along = (line: FlatPoint[]) => borderShape(line, outline, nameAt(at, 'edging'));
    // Seen from the front, y grows downwards: what is outside lies to the left of the way.
    const upper = along([
      [sidesMm, topMm],
      [widthMm - sidesMm, topMm],
    ]);
    if (choice.edge === 'mouth') return [upper];
    if (choice.edge !== 'strip') return [];
    return [
      upper,
      along([
        [sidesMm, bottomMm],
        [sidesMm, topMm],
      ]),
      along([
        [widthMm - sidesMm, topMm],
        [widthMm - sidesMm, bottomMm],
      ]),
    ];
  });
}

/** A border along a line on paper, outside to the left of its way. */
function borderShape(line: readonly FlatPoint[], outline: EdgeOutline, mark: string): Shape {
  // On paper y runs down: what is to the right where it runs up is to the left here.
  const flipped = line.map(([x, y]): FlatPoint => [x, -y]).reverse();
  const outer = outerEdge(flipped, outline).map(([x, y]): FlatPoint => [x, -y]);
  return {
    kind: 'path',
    role: 'border',
    layer: 'cloth',
    mark,
    closed: true,
    segments: polyline([...line, ...outer].map(([x, y]) => ({ x, y }))),
  };
}

/** What is worked round the flap, along its outline from one end of the fold to the other. */
function flapBorders({ edgings }: Plan, outline: readonly Point[]): Shape[] {
  return edgings
    .filter(({ choice }) => choice.edge === 'flap' || choice.edge === 'strip')
    .map((stage) =>
      // Down one side, along the edge, up the other: outside is to the right there.
      borderShape(
        [...outline].reverse().map(({ x, y }): FlatPoint => [x, y]),
        stage.outline,
        nameAt(stage.at, 'edging'),
      ),
    );
}

/** The flap over the front, as its rows make it; where it is as wide as the bag, with its rows drawn. */
function flapShapes(plan: Plan, widthMm: number, riseMm: number, dropMm: number): Shape[] {
  const { pouch, flap } = plan;
  const base = { role: 'flap', layer: 'cloth' } as const;
  if (!flap.hasFlap) return [];
  const { sidesMm, flapMm } = pouch.borders;
  /** Its last row ends where the border begins. */
  const edgeMm = Math.max(0, dropMm - flapMm);
  if (flap.leftEachSide === 0 && flap.rows.every(({ by, changeEachSide }) => by === 'nothing' && changeEachSide === 0))
    return [
      { kind: 'rect', ...base, x: sidesMm, y: riseMm, widthMm: widthMm - 2 * sidesMm, heightMm: edgeMm },
      rowsShape(pouch.rowMm, widthMm, riseMm, riseMm + edgeMm),
      ...flapBorders(plan, [
        { x: sidesMm, y: riseMm },
        { x: sidesMm, y: riseMm + edgeMm },
        { x: widthMm - sidesMm, y: riseMm + edgeMm },
        { x: widthMm - sidesMm, y: riseMm },
      ]),
    ];
  // The seams take a little of the width of what they join, and nothing of a flap that hangs free; drawn to the bag's width.
  const mmPerStitch = (widthMm - 2 * sidesMm) / pouch.backStitches;
  const tailRows = flap.bridgeRows + flap.flapRows;
  const half = (k: number) => (rowStitches(flap, Math.max(1, k)) / 2) * mmPerStitch;
  const side: [number, number][] = [[half(flap.bridgeRows), riseMm]];
  const rowLines: Segment[] = [];
  for (let k = flap.bridgeRows + 1; k <= tailRows; k += 1) {
    const y = riseMm + Math.max(0, edgeMm - (tailRows - k) * pouch.rowMm);
    side.push([half(k), y]);
    if (y > riseMm && k < tailRows)
      rowLines.push(...lineSegments({ x: widthMm / 2 - half(k), y }, { x: widthMm / 2 + half(k), y }));
  }
  const points = flap.scallops
    ? scallopedPoints(flap.scallops, half(flap.bridgeRows), widthMm / 2, riseMm, edgeMm, pouch.rowMm, mmPerStitch)
    : [
        ...side.map(([mm, y]) => ({ x: widthMm / 2 - mm, y })),
        ...side.map(([mm, y]) => ({ x: widthMm / 2 + mm, y })).reverse(),
      ];
  if (flap.scallops) rowLines.length = 0;
  return [
    { kind: 'path', ...base, closed: true, segments: polyline(points) },
    { kind: 'path', role: 'row', layer: 'rows', closed: false, segments: rowLines },
    ...flapBorders(plan, points),
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

const isInFront = ({ at }: HungBand): boolean => at.on === 'face' && at.face === 'front';

/** How far a band is seen above the mouth: all of a short one, and of a long one the share that is drawn of any. */
function seenRiseMm({ dropMm }: HungBand, heightMm: number): { riseMm: number; isCut: boolean } {
  const drop = dropMm?.loaded ?? Infinity;
  const isCut = drop > SEEN_SHARE * heightMm;
  return { riseMm: isCut ? BAND_RISE_SHARE * heightMm : drop, isCut };
}

/**
 * What the bag is carried by, from the front: both arms taut up to what it lies over, a short one whole; of a long one both arms, cut off by a
 * break line. At the sides its edge is seen, on a face its width.
 */
function bandShapes(
  band: HungBand,
  { widthMm, heightMm, mouthY, isRound }: { widthMm: number; heightMm: number; mouthY: number; isRound: boolean },
): Shape[] {
  const { riseMm, isCut } = seenRiseMm(band, heightMm);
  const base = { kind: 'path', role: 'flap', layer: 'feet', mark: band.mark, closed: true } as const;
  const seenMm = Math.min(band.widthMm, widthMm / 4);
  const apartMm = band.at.on === 'sides' ? widthMm - seenMm : band.at.apartMm;
  const middle = widthMm / 2 + (band.at.on === 'one-side' ? (band.at.side * (widthMm - seenMm)) / 2 : 0);
  // Behind a disc a foot goes down to where it meets its band.
  const footY = (x: number) =>
    isRound ? mouthY + widthMm / 2 - Math.sqrt(Math.max(0, (widthMm / 2) ** 2 - (x - widthMm / 2) ** 2)) : mouthY;
  // How far in its arms lean until what it lies over, as far up as they are seen.
  const share = band.dropMm ? riseMm / band.dropMm.loaded : 0;
  const lean = Math.min(1, share) * ((apartMm - band.supportMm) / 2);
  const half = seenMm / 2;
  const arm = (side: 1 | -1) => {
    // What leans out beyond the bag is drawn at its side.
    const within = (x: number) => Math.max(half, Math.min(widthMm - half, x));
    return { foot: within(middle + (side * apartMm) / 2), top: within(middle + side * (apartMm / 2 - lean)) };
  };
  const [left, right] = [arm(-1), arm(1)];
  const topY = mouthY - riseMm;
  if (!isCut)
    return [
      {
        ...base,
        segments: polyline([
          { x: left.foot - half, y: footY(left.foot - half) },
          { x: left.top - half, y: topY },
          { x: right.top + half, y: topY },
          { x: right.foot + half, y: footY(right.foot + half) },
          { x: right.foot - half, y: footY(right.foot - half) },
          { x: Math.max(right.top - half, left.top), y: topY + seenMm },
          { x: Math.min(left.top + half, right.top), y: topY + seenMm },
          { x: left.foot + half, y: footY(left.foot + half) },
        ]),
      },
    ];
  const tooth = Math.min(riseMm, seenMm) / 4;
  return [left, right].map(({ foot, top }) => ({
    ...base,
    segments: polyline([
      { x: foot - half, y: footY(foot - half) },
      { x: top - half, y: topY + tooth },
      { x: top - half / 3, y: topY },
      { x: top + half / 3, y: topY + 2 * tooth },
      { x: top + half, y: topY + tooth },
      { x: foot + half, y: footY(foot + half) },
    ]),
  }));
}

/** A form whose along runs the other way. */
const turnedOver = (form: MarkForm): MarkForm =>
  form.kind === 'outline'
    ? { ...form, points: form.points.map(([across, along]) => [across, -along] as const) }
    : form.kind === 'line'
      ? { ...form, toAlongMm: -form.toAlongMm }
      : form;

/** Groups whose marks the picture of a card shows. */
const SHOWN: ReadonlySet<FittingGroup> = new Set<FittingGroup>(['closures', 'hardware', 'trims']);

/** What closes the bag, its hardware and its trim: behind the flap or on it where the loaded one brings it, and on the front below the flap's edge. */
function closureShapes(plan: Plan, widthMm: number, riseMm: number, dropMm: number): Shape[] {
  const { marks, pouch, section, tracks } = plan;
  const shrink = widthMm / pouch.figures.panelWidth.value;
  const { backEndMm } = stations(pouch);
  return marks
    .filter(({ of, presence }) => SHOWN.has(of.group) && presence === 'set')
    .flatMap((mark): Shape[] => {
      const { stationMm, face, acrossMm } = mark;
      // What lies at the back is not seen from the front.
      if (stationMm === null || (stationMm > pouch.sectionMm.front && stationMm <= backEndMm)) return [];
      const downMm = stationMm > backEndMm ? landsAtMm(section.loaded, stationMm) : stationMm;
      const isOnFlap = stationMm > backEndMm;
      const isSeen = isOnFlap || (face === 'outer' && downMm !== null && downMm > dropMm);
      if (downMm === null || !isSeen) return [];
      // A piece that runs down the bag is drawn turned over.
      const runsDown = (isOnFlap ? tracks.flap : tracks.front)?.step === 1;
      const at = { x: widthMm / 2 + acrossMm * shrink, y: riseMm + downMm };
      return markShapes(runsDown ? { ...mark, form: turnedOver(mark.form) } : mark, at, 1);
    });
}
