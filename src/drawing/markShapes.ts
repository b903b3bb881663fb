import { formOnFabric, lineCorners, type FabricMark, type FittingGroup, type MarkForm } from '@/core/fittings';
import { sectionPointAt, type SectionPiece, type SectionPoint } from '@/core/section';
import { flatSize, type Piece } from '@/core/pieces';
import { polyline, type Layer, type Point, type Role, type Shape } from './shape';

/** Across and along, from a mark's own place, mm. */
export type Spot = readonly [across: number, along: number];

/** The layer that a group's marks are drawn on, so that a place can leave out what it has no use for. */
const LAYERS: Record<FittingGroup, Layer> = {
  closures: 'hardware',
  hardware: 'hardware',
  straps: 'feet',
  lining: 'lining',
  stiffener: 'lining',
  pockets: 'hardware',
  edgings: 'cloth',
  trims: 'hardware',
};

/** What a mark is drawn as. */
function roleOf({ presence, stuff, face }: FabricMark): Role {
  if (presence === 'lands') return 'ghost';
  if (stuff === 'stitches') return 'foot';
  if (stuff === 'cloth' || stuff === 'pocket') return 'lining';
  if (stuff === 'edging') return 'border';
  if (stuff === 'cord') return 'cord';
  if (stuff === 'board' || stuff === 'vinyl') return stuff;
  return face === 'outer' ? 'metal' : 'metalBehind';
}

/**
 * The corners of a form that has any, in turn, counter-clockwise where across runs to the right and along upwards.
 *
 * @example
 * markCorners({ kind: 'patch', widthMm: 8, lengthMm: 4 }) // => [[-4, -2], [4, -2], [4, 2], [-4, 2]]
 */
export function markCorners(form: Exclude<MarkForm, { kind: 'disc' | 'ring' }>): Spot[] {
  switch (form.kind) {
    case 'patch': {
      const [x, y] = [form.widthMm / 2, form.lengthMm / 2];
      return [
        [-x, -y],
        [x, -y],
        [x, y],
        [-x, y],
      ];
    }
    case 'line':
      return lineCorners(form);
    case 'outline':
      return [...form.points];
  }
}

/** A mark as it was drawn last, and where. */
const drawnLast = new WeakMap<FabricMark, { x: number; y: number; across: 1 | -1; shapes: Shape[] }>();

/**
 * A mark as it is drawn on paper. One that is the same object at the same place as last time is given as it was drawn then: a step of a drag changes few.
 *
 * @param at where its own place lies
 * @param across 1 where further across is to the right, −1 where it is to the left
 */
export function markShapes(mark: FabricMark, at: Point, across: 1 | -1): Shape[] {
  const last = drawnLast.get(mark);
  if (last && last.x === at.x && last.y === at.y && last.across === across) return last.shapes;
  const shapes = shapesOf(mark, at, across);
  drawnLast.set(mark, { x: at.x, y: at.y, across, shapes });
  return shapes;
}

function shapesOf(mark: FabricMark, at: Point, across: 1 | -1): Shape[] {
  const { form } = mark;
  const base = { role: roleOf(mark), layer: LAYERS[mark.of.group], mark: mark.mark } as const;
  switch (form.kind) {
    case 'disc':
      return [{ kind: 'circle', ...base, ...at, radiusMm: form.radiusMm }];
    case 'ring':
      return [form.radiusMm - form.wireMm / 2, form.radiusMm + form.wireMm / 2].map((radiusMm) => ({
        kind: 'circle',
        ...base,
        ...at,
        radiusMm,
      }));
    case 'patch': {
      const { widthMm, lengthMm: heightMm } = form;
      return [{ kind: 'rect', ...base, x: at.x - widthMm / 2, y: at.y - heightMm / 2, widthMm, heightMm }];
    }
    default: {
      const corners = markCorners(form).map(([x, y]) => ({ x: at.x + across * x, y: at.y - y }));
      return [{ kind: 'path', ...base, segments: polyline(corners), closed: true }];
    }
  }
}

/** How far a form reaches along the fabric to either side of its place, mm. */
function reachOf(form: MarkForm): [back: number, on: number] {
  const along = spotsOf(form).map(([, y]) => y);
  return [-Math.min(...along), Math.max(...along)];
}

/** How far something reaches beyond the box of a flat piece, mm: beyond its sides, before where it begins, and past its end. */
export interface Beyond {
  sidesMm: number;
  beginMm: number;
  endMm: number;
}

/**
 * How far what is set on a piece reaches beyond it as it lies flat: an edging does, and what hangs over an edge.
 *
 * @example
 * beyondPiece({ id: 'disc', kind: 'disc', counts: [6], rowMm: 5 }, []) // => { sidesMm: 0, beginMm: 0, endMm: 0 }
 */
export function beyondPiece(piece: Piece, marks: readonly FabricMark[]): Beyond {
  const { widthMm, lengthMm } = flatSize(piece);
  const beyond: Beyond = { sidesMm: 0, beginMm: 0, endMm: 0 };
  for (const { piece: on, presence, acrossMm, alongMm, form } of marks) {
    if (on !== piece.id || presence !== 'set') continue;
    const spots = form.kind === 'outline' ? form.points : spotsOf(form);
    for (const spot of spots) {
      const [across, along] = [acrossMm + spot[0], alongMm + spot[1]];
      beyond.sidesMm = Math.max(beyond.sidesMm, Math.abs(across) - widthMm / 2);
      beyond.beginMm = Math.max(beyond.beginMm, -along);
      beyond.endMm = Math.max(beyond.endMm, along - lengthMm);
    }
  }
  return beyond;
}

/** The outermost spots of a form. */
function spotsOf(form: MarkForm): Spot[] {
  if (form.kind !== 'disc' && form.kind !== 'ring') return markCorners(form);
  const reach = form.radiusMm + (form.kind === 'ring' ? form.wireMm / 2 : 0);
  return [
    [reach, 0],
    [-reach, 0],
    [0, reach],
    [0, -reach],
  ];
}

/** How far the marks stand out of the section, mm. */
export const mostStandingMm = (marks: readonly FabricMark[]): number =>
  Math.max(0, ...marks.filter(inSection).map(({ standsMm }) => standsMm));

/** What is drawn otherwise where it is cut through: there either face is the same. */
const CUT_THROUGH: Partial<Record<Role, Role>> = { metalBehind: 'metal', board: 'boardSheet' };

const inSection = ({ stationMm, presence, standsMm }: FabricMark): boolean =>
  stationMm !== null && presence === 'set' && standsMm > 0;

/**
 * What is put on the bag as the section cuts it: a block as long as it is, standing out of its face. Those at one place are one.
 *
 * @param halfMm half the thickness of the fabric
 */
export function sectionMarkShapes(
  marks: readonly FabricMark[],
  pieces: readonly SectionPiece[],
  halfMm: number,
  place: (point: SectionPoint) => Point,
): Shape[] {
  const seen = new Set<string>();
  return marks.filter(inSection).flatMap((mark): Shape[] => {
    const stationMm = mark.stationMm as number;
    const key = `${mark.mark} ${stationMm}`;
    if (seen.has(key)) return [];
    seen.add(key);
    const side = mark.face === 'outer' ? 1 : -1;
    const { point, outward } = sectionPointAt(pieces, stationMm);
    const corner = (reach: number, run: number) =>
      place({ x: point.x + reach * outward.x - run * outward.y, y: point.y + reach * outward.y + run * outward.x });
    const [back, on] = reachOf(formOnFabric(mark));
    const [near, far] = [halfMm * side, (halfMm + mark.standsMm) * side];
    return [
      {
        kind: 'path',
        role: CUT_THROUGH[roleOf(mark)] ?? roleOf(mark),
        layer: LAYERS[mark.of.group],
        mark: mark.mark,
        closed: true,
        segments: polyline([corner(near, -back), corner(far, -back), corner(far, on), corner(near, on)]),
      },
    ];
  });
}
