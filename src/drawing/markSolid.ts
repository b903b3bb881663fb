import { cross, dot, plus, unit, vec, type FoldedMark, type Vec } from '@/core/fold';
import type { FabricMark, MarkForm } from '@/core/fittings';
import { markCorners, type Spot } from './markShapes';
import { faces, type Solid } from './solid';

/** Corners that a round form is drawn with. */
const DISC_CORNERS = 24;

/** What something put on is drawn of. */
const STUFFS: Record<FabricMark['stuff'], Solid['stuff']> = {
  metal: 'metal',
  cord: 'cloth',
  cloth: 'lining',
  stitches: 'cloth',
  edging: 'cloth',
  board: 'board',
  vinyl: 'board',
  pocket: 'pocket',
};

/** Something that lies on a sheet, as thick as it stands out of it. Nothing of what does not stand out. */
export function markSolid({ mark, point, outward, wayAlong, side, thicknessMm }: FoldedMark): Solid[] {
  const { form, standsMm, stuff } = mark;
  if (standsMm <= 0) return [];
  const out = plus(vec(0, 0, 0), outward, side);
  const along = unit(plus(wayAlong, out, -dot(wayAlong, out))) ?? wayAlong;
  const across = cross(along, out);
  // Across is to the same side of the bag on every face, so that on some it runs the other way round.
  const turn = (spots: readonly Spot[]): readonly Spot[] =>
    across.z < 0 ? spots.map(([x, y]): Spot => [-x, y]).reverse() : spots;
  const shape = rimOf(form);
  const rim = turn(shape.rim);
  const hole = shape.hole && turn(shape.hole);
  const ringAt = (mm: number, spots: readonly Spot[]) => {
    const middle = plus(point, out, thicknessMm / 2 + mm);
    return spots.map(([x, y]) => plus(plus(middle, across, x), along, y));
  };
  const walls = (spots: readonly Spot[], inwards: boolean) => {
    const [low, high] = [ringAt(0, spots), ringAt(standsMm, spots)];
    spots.forEach((_, i) => {
      const [a, b] = inwards ? [(i + 1) % spots.length, i] : [i, (i + 1) % spots.length];
      faces.flat(low[a] as Vec, low[b] as Vec, high[b] as Vec, high[a] as Vec);
    });
  };
  const cap = (mm: number, isUpper: boolean) => {
    const way = isUpper ? out : plus(vec(0, 0, 0), out, -1);
    const outer = ringAt(mm, rim).map((corner) => faces.corner(corner, way));
    const inner = hole
      ? ringAt(mm, hole).map((corner) => faces.corner(corner, way))
      : outer.map(() => faces.corner(plus(point, out, thicknessMm / 2 + mm), way));
    outer.forEach((a, i) => {
      const next = (i + 1) % outer.length;
      const [b, c, d] = [outer[next] as number, inner[next] as number, inner[i] as number];
      for (const [p, q, r] of hole
        ? ([
            [a, b, c],
            [a, c, d],
          ] as const)
        : ([[a, b, d]] as const))
        if (isUpper) faces.triangle(p, q, r);
        else faces.triangle(p, r, q);
    });
  };
  cap(standsMm, true);
  cap(0, false);
  walls(rim, false);
  if (hole) walls(hole, true);
  return [faces.solid(mark.mark, STUFFS[stuff])];
}

const circle = (radiusMm: number): Spot[] =>
  Array.from({ length: DISC_CORNERS }, (_, index) => {
    const angle = (index * 2 * Math.PI) / DISC_CORNERS;
    return [radiusMm * Math.cos(angle), radiusMm * Math.sin(angle)];
  });

/** The rim of a form, and that of the hole in it, with as many corners. */
function rimOf(form: MarkForm): { rim: readonly Spot[]; hole: readonly Spot[] | null } {
  switch (form.kind) {
    case 'disc':
      return { rim: circle(form.radiusMm), hole: null };
    case 'ring':
      return {
        rim: circle(form.radiusMm + form.wireMm / 2),
        hole: circle(Math.max(0.1, form.radiusMm - form.wireMm / 2)),
      };
    default:
      return { rim: markCorners(form), hole: null };
  }
}
