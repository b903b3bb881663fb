import type { Design } from '@/core/design';
import { FITTING_GROUPS, type FittingGroup } from '@/core/fittings';
import { flapOutlinePoints, flapSize } from '@/core/flap';
import { trackAlongMm, type Piece } from '@/core/pieces';
import type { Plan } from '@/core/plan';
import { edgeLines } from './edges';
import { markShapes } from './markShapes';
import { roundPieceDrawing } from './roundPiece';
import { clothShape, lineShapes, rowLineShapes, rowsPerLine, rowsPlace, type RowsPlace } from './rowsPiece';
import { polyline, type Drawing, type Point, type Shape } from './shape';
import { textureShapes } from './textureShapes';

/** What is drawn below a piece's own lines, and what over them. */
const UNDER: readonly FittingGroup[] = ['edgings', 'lining', 'stiffener', 'pockets'];
const OVER: readonly FittingGroup[] = ['straps', 'hardware', 'trims', 'closures'];

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
      shapes: [
        ...drawing.shapes,
        ...seamShapes(plan, piece),
        ...marksOn(design, plan, piece, { middleX: drawing.box.widthMm / 2, y: (mm) => drawing.box.heightMm - mm }),
      ],
    };
  }
  const place = rowsPlace(piece);
  const { widthMm, lengthMm } = place;
  const on = { middleX: widthMm / 2, y: place.y };
  const scallops = piece.zones.some(({ id }) => id === 'flap') ? plan.flap.scallops : null;
  return {
    box: { x: 0, y: place.y(lengthMm), widthMm, heightMm: lengthMm },
    shapes: [
      clothShape(place, scallops),
      ...rowLineShapes(place, scallops, rowsPerLine(piece.rowMm, finestMm)),
      ...(piece.plain ? [] : textureShapes(design, piece, place.y)),
      ...marksOn(design, plan, piece, on, UNDER),
      ...lineShapes(place),
      ...wishShapes(design, plan, place),
      ...seamShapes(plan, piece),
      ...marksOn(design, plan, piece, on, OVER),
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
export const cornerRadiusMm = ({ pouch }: Plan): number => pouch.figures.cornerRadius?.value ?? 0;

/** Edges that are sewn, as far as they are. */
function seamShapes({ joins, pouch }: Plan, piece: Piece): Shape[] {
  return joins
    .filter(({ made }) => made !== 'goes-on')
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

/** Where a piece lies on paper: its middle line, and how far from the top so much along it is. */
interface OnPaper {
  middleX: number;
  y(alongMm: number): number;
}

/** What is put on a piece, of some groups or of all. Across is counted from the edge that the working hand counts from. */
function marksOn(
  { settings }: Design,
  { marks }: Plan,
  piece: Piece,
  { middleX, y }: OnPaper,
  groups: readonly FittingGroup[] = FITTING_GROUPS,
): Shape[] {
  const across = settings.hand === 'right' ? -1 : 1;
  return marks
    .filter((mark) => mark.piece === piece.id && groups.includes(mark.of.group))
    .flatMap((mark) => markShapes(mark, { x: middleX + across * mark.acrossMm, y: y(mark.alongMm) }, across));
}
