import { between, cross, dot, unit, vec, type Vec } from '@/core/fold';
import { seen, type View } from './axonometry';
import type { FoldedMesh, Solid, SolidLine, Stuff } from './foldedMesh';
import { backToFront, paintersTree, type FlatShape } from './paintersTree';

/** A facet of the bag as it is seen: a flat shape, and how much light falls on it, from 0 to 1. */
interface Facet {
  mark: string;
  stuff: Stuff;
  light: number;
  /** mm, x to the right and y down from the middle of the picture. */
  points: { x: number; y: number }[];
}

/** A line on the bag as it is seen. */
interface SeenLine {
  mark: string;
  kind: SolidLine['kind'];
  points: { x: number; y: number }[];
}

/** A still picture of the bag, drawn from the back to the front. */
interface FoldedPicture {
  facets: Facet[];
  lines: SeenLine[];
}

interface FacetOf {
  mark: string;
  stuff: Stuff;
  /** The way out of the solid, 1 mm long. */
  out: Vec;
}

/** Where the light comes from as it is seen: over the left shoulder. */
const LIGHT = { x: -0.35, y: 0.75, depth: 0.56 };

/** A line on cloth that is turned away by more than this is not seen. */
const AWAY = -0.1;

/** A line is hidden where facets lie more than this in front of it, mm. */
const HIDDEN_MM = 1.5;

/**
 * The bag as a still picture, without any graphics closures: what faces the eye, the farthest first.
 *
 * @param middle the point that it is turned about
 */
export function foldedPicture(
  { solids, lines }: Pick<FoldedMesh, 'solids' | 'lines'>,
  view: View,
  middle: Vec,
): FoldedPicture {
  // What is nearer to the eye is so along the picture's depth: its way in the bag's own space.
  const depthOf = (way: Vec) => seen(way, { ...view, upMm: 0 }, ORIGIN).depth;
  const toEye = vec(depthOf(vec(1, 0, 0)), depthOf(vec(0, 1, 0)), depthOf(vec(0, 0, 1)));
  const turnedHere = solids.flatMap(facetsOf).filter(({ of }) => dot(of.out, toEye) > 1e-6);
  const facing = backToFront(paintersTree(turnedHere), toEye).map(({ points, of }) => ({
    of,
    corners: points.map((point) => seen(point, view, middle)),
  }));
  return {
    facets: facing.map(({ of: { mark, stuff, out }, corners }) => ({
      mark,
      stuff,
      light: lightOn(seen(out, { ...view, upMm: 0 }, ORIGIN)),
      points: corners.map(onPaper),
    })),
    lines: lines.flatMap(({ mark, kind, points, outward }) => {
      if (dot(outward, toEye) < AWAY) return [];
      const shown = points
        .map((point) => seen(point, view, middle))
        .filter((point) => !facing.some(({ corners }) => isBefore(corners, point)));
      return shown.length > 1 ? [{ mark, kind, points: shown.map(onPaper) }] : [];
    }),
  };
}

/** Four corners lie in a plane where the fourth is nearer to it than this, mm. */
const FLAT_MM = 1e-3;

const ORIGIN = vec(0, 0, 0);

type Corner = ReturnType<typeof seen>;

const onPaper = ({ x, y }: { x: number; y: number }) => ({ x, y: -y });

const lightOn = (out: Corner): number =>
  Math.max(0, Math.min(1, out.x * LIGHT.x + out.y * LIGHT.y + out.depth * LIGHT.depth));

/** The triangles of a solid, two that make up a flat four-sided face as one. */
function facetsOf({ mark, stuff, positions, indices }: Solid): FlatShape<FacetOf>[] {
  const corner = (at: number) => {
    const index = indices[at] as number;
    return vec(positions[3 * index] as number, positions[3 * index + 1] as number, positions[3 * index + 2] as number);
  };
  const facets: FlatShape<FacetOf>[] = [];
  for (let i = 0; i < indices.length; i += 3) {
    const points = [corner(i), corner(i + 1), corner(i + 2)];
    const [a, b, c] = points as [Vec, Vec, Vec];
    const out = unit(cross(between(a, b), between(a, c)));
    if (!out) continue;
    if (indices[i] === indices[i + 3] && indices[i + 2] === indices[i + 4]) {
      const fourth = corner(i + 5);
      if (Math.abs(dot(out, between(a, fourth))) < FLAT_MM) {
        points.push(fourth);
        i += 3;
      }
    }
    facets.push({ points, of: { mark, stuff, out } });
  }
  return facets;
}

/** Whether a facet covers a point and lies before it. */
function isBefore(corners: readonly Corner[], point: Corner): boolean {
  let depth: number | null = null;
  for (let i = 1; i + 1 < corners.length && depth === null; i += 1) {
    const [a, b, c] = [corners[0], corners[i], corners[i + 1]] as [Corner, Corner, Corner];
    const whole = (b.x - a.x) * (c.y - a.y) - (b.y - a.y) * (c.x - a.x);
    const u = ((point.x - a.x) * (c.y - a.y) - (point.y - a.y) * (c.x - a.x)) / whole;
    const v = ((b.x - a.x) * (point.y - a.y) - (b.y - a.y) * (point.x - a.x)) / whole;
    if (u >= 0 && v >= 0 && u + v <= 1) depth = a.depth + u * (b.depth - a.depth) + v * (c.depth - a.depth);
  }
  return depth !== null && depth > point.depth + HIDDEN_MM;
}
