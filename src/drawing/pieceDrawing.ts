import type { Design } from '@/core/design';
import { flapOutlinePoints, flapSize } from '@/core/flap';
import type { SnapSpot } from '@/core/closure';
import { trackAlongMm, type Piece, type RowsPiece } from '@/core/pieces';
import type { Plan } from '@/core/plan';
import { edgeLines } from './edges';
import { roundPieceDrawing } from './roundPiece';
import { clothShape, isStraight, lineShapes, rowLineShapes, rowsPerLine, rowsPlace, type RowsPlace } from './rowsPiece';
import { polyline, type Drawing, type Point, type Shape } from './shape';
import { textureShapes } from './textureShapes';

/**
 * One flat piece to scale, its outer face up and row 1 at the bottom, as charts are read. Along the piece y runs up from
 * row 1, so on paper y = −along. Stitches are counted from the working hand's edge.
 *
 * @param finestMm lines of rows are no nearer to each other than this
 */
export function pieceDrawing(design: Design, plan: Plan, piece: Piece, finestMm = 0): Drawing {
  if (piece.kind !== 'rows') {
    const drawing = roundPieceDrawing(piece);
    return {
      ...drawing,
      shapes: [...drawing.shapes, ...seamShapes(plan, piece), ...halfDiscSnap(design, plan, piece, drawing)],
    };
  }
  const place = rowsPlace(piece);
  const { widthMm, lengthMm } = place;
  const scallops = piece.zones.some(({ id }) => id === 'flap') ? plan.flap.scallops : null;
  return {
    box: { x: 0, y: place.y(lengthMm), widthMm, heightMm: lengthMm },
    shapes: [
      clothShape(place, scallops),
      ...rowLineShapes(place, scallops, rowsPerLine(piece.rowMm, finestMm)),
      ...(piece.plain ? [] : textureShapes(design, piece, place.y)),
      ...liningShapes(plan, place),
      ...lineShapes(place),
      ...wishShapes(design, plan, place),
      ...seamShapes(plan, piece),
      ...footShapes(plan, place),
      ...snapShapes(design, plan, place),
    ],
  };
}

/** Points along the wished outline of a flap, from where it starts to its edge. */
const OUTLINE_POINTS = 60;

/** The outline that was wished for, over the one that rows make: of a shaped flap, and of rounded corners. */
function wishShapes(design: Design, plan: Plan, place: RowsPlace): Shape[] {
  const { piece, widthMm, y } = place;
  const { flap, pouch, tracks } = plan;
  const wish = (points: Point[], mark: string): Shape => ({
    kind: 'path',
    role: 'wish',
    layer: 'folds',
    mark,
    segments: polyline(points),
    closed: false,
  });
  const shapes: Shape[] = [];
  const track = tracks.flap;
  if (track && track.piece === piece.id && (flap.scallops || flap.rows.some(({ by }) => by !== 'nothing'))) {
    const fromMm = flap.bridgeRows * pouch.rowMm;
    shapes.push(
      wish(
        flapOutlinePoints(design.flap, flapSize(pouch, flap), OUTLINE_POINTS).map((point) => ({
          x: widthMm / 2 + point.x,
          y: y(trackAlongMm(track, fromMm + point.y, pouch.rowMm)),
        })),
        'flap.outline',
      ),
    );
  }
  const radiusMm = cornerRadiusMm(plan);
  if ((piece.id === 'front' || piece.id === 'back') && radiusMm > 0) {
    const half = (pouch.stitchCount * pouch.stitchMm) / 2;
    const corner = (sign: 1 | -1) =>
      Array.from({ length: 17 }, (_, step) => {
        const angle = (Math.PI / 2) * (step / 16);
        return {
          x: widthMm / 2 + sign * (half - radiusMm + radiusMm * Math.cos(angle)),
          y: y(radiusMm - radiusMm * Math.sin(angle)),
        };
      });
    shapes.push(wish(corner(1), 'corner.radius'), wish(corner(-1), 'corner.radius'));
  }
  return shapes;
}

/** The radius of the lower corners as planned, mm; nought where there are none. */
export const cornerRadiusMm = ({ pouch }: Plan): number =>
  pouch.own.find(({ id }) => String(id) === 'corner.radius')?.value ?? 0;

/** Edges that are sewn, as far as they are. */
function seamShapes({ joins, pouch }: Plan, piece: Piece): Shape[] {
  return joins
    .filter(({ sewn }) => sewn)
    .flatMap((join) => {
      // Both edges of a strip's side seams are the same one, seen from its two ends.
      const [one, other] = join.edges;
      const edges = one === other ? [one] : [one, other];
      return edges
        .filter((edge) => edge.piece === piece.id)
        .flatMap((edge) => edgeLines(piece, edge, pouch.depthMm / 2))
        .map((line): Shape => ({
          kind: 'path',
          role: 'seam',
          layer: 'seams',
          mark: `seam.${join.id}`,
          segments: polyline(line),
          closed: false,
        }));
    });
}

function footShapes({ strap }: Plan, { piece, widthMm, lengthMm, y, half }: RowsPlace): Shape[] {
  if (!strap) return [];
  const { foot } = strap;
  const { rowMm, stitchMm } = piece;
  const patch = (x: number, top: number, wide: number, high: number): Shape => ({
    kind: 'rect',
    role: 'foot',
    layer: 'feet',
    mark: 'strap.feet',
    x,
    y: top,
    widthMm: wide,
    heightMm: high,
  });
  if (foot.on === 'strip-ends') {
    if (foot.piece !== piece.id) return [];
    const strapMm = Math.min(strap.figures.width.value, foot.unit === 'row' ? widthMm : lengthMm);
    return foot.unit === 'row'
      ? [lengthMm, foot.depthMm].map((upMm) => patch((widthMm - strapMm) / 2, y(upMm), strapMm, foot.depthMm))
      : [0, widthMm - foot.depthMm].map((left) => patch(left, y((lengthMm + strapMm) / 2), foot.depthMm, strapMm));
  }
  const sides = (rows: { from: number; to: number }, stitches: number): Shape[] => {
    const edge = half(piece.rows[rows.to - 1]?.stitches ?? piece.startStitches);
    const wide = Math.min(stitches * stitchMm, edge);
    const high = (rows.to - rows.from + 1) * rowMm;
    const top = y(rows.to * rowMm);
    return [patch(widthMm / 2 - edge, top, wide, high), patch(widthMm / 2 + edge - wide, top, wide, high)];
  };
  const { front, back } = foot;
  // Of rounds that lie flat, front and back are the same rows.
  const same = front.piece === back.piece && front.rows.from === back.rows.from;
  return [
    ...(front.piece === piece.id ? sides(front.rows, foot.frontStitches) : []),
    ...(back.piece === piece.id && !same ? sides(back.rows, foot.backStitches) : []),
  ];
}

function snapShapes(design: Design, plan: Plan, { piece, widthMm, y }: RowsPlace): Shape[] {
  const { snap, tracks, pouch } = plan;
  if (!snap) return [];
  const radiusMm = snap.diameterMm / 2;
  // Places are measured on the face; a piece can be wider than it where it has a wider part.
  const faceMm = pouch.stitchCount * pouch.stitchMm;
  const x = (acrossMm: number) => {
    const fromEdge = (widthMm - faceMm) / 2 + acrossMm;
    return design.settings.hand === 'right' ? widthMm - fromEdge : fromEdge;
  };
  const disc = (spot: SnapSpot, role: 'metal' | 'metalBehind', mark: string): Shape => ({
    kind: 'circle',
    role,
    layer: 'hardware',
    mark,
    x: x(spot.acrossMm),
    y: y(spot.alongMm),
    radiusMm,
  });
  const ghosts =
    tracks.front.piece === piece.id
      ? snap.mates.slice(0, snap.halves.length).flatMap((mate) =>
          Object.values(snap.meetsMm)
            .filter((meetsMm) => meetsMm > 0)
            .map((meetsMm): Shape => ({
              kind: 'circle',
              role: 'ghost',
              layer: 'hardware',
              mark: 'snap.meets',
              x: x(mate.acrossMm),
              y: y(trackAlongMm(tracks.front, meetsMm, pouch.rowMm)),
              radiusMm,
            })),
        )
      : [];
  return [
    ...ghosts,
    ...snap.mates.filter((spot) => spot.piece === piece.id).map((spot) => disc(spot, 'metal', 'snap.mate')),
    ...snap.halves.filter((spot) => spot.piece === piece.id).map((spot) => disc(spot, 'metalBehind', 'snap.half')),
  ];
}

/** A half of a snap on the half disc: its rows are arcs about the middle of its straight side. */
function halfDiscSnap(design: Design, { snap }: Plan, piece: Piece, { box }: Drawing): Shape[] {
  if (!snap || piece.kind !== 'half-disc') return [];
  return snap.halves
    .filter((spot) => spot.piece === piece.id)
    .map((spot) => ({
      kind: 'circle',
      role: 'metalBehind',
      layer: 'hardware',
      mark: 'snap.half',
      x: design.settings.hand === 'right' ? box.widthMm - spot.acrossMm : spot.acrossMm,
      y: box.heightMm - spot.alongMm,
      radiusMm: snap.diameterMm / 2,
    }));
}

/** The pressed edge of the lining, inside the crochet's, where the piece is a rectangle. */
function liningShapes(plan: Plan, { piece, widthMm, lengthMm, y }: RowsPlace): Shape[] {
  const lining = plan.lining?.pieces.find((one) => one.for === piece.id);
  if (!lining || piece.roundCount > 0 || !isRectangleWithFlap(piece)) return [];
  const [wide, high] = [lining.finishedWidth.value, lining.finishedLength.value];
  return [
    {
      kind: 'rect',
      role: 'lining',
      layer: 'lining',
      mark: 'lining',
      x: (widthMm - wide) / 2,
      y: y((lengthMm + high) / 2),
      widthMm: wide,
      heightMm: high,
    },
  ];
}

const isRectangleWithFlap = (piece: RowsPiece): boolean => piece.id === 'panel' || isStraight(piece);
