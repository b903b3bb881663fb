import { between, cross, dot, lengthOf, plus, type Vec } from '@/core/fold';

/** A flat shape in space with what it belongs to. */
export interface FlatShape<T> {
  points: Vec[];
  of: T;
}

interface Node<T> {
  plane: Plane;
  on: FlatShape<T>[];
  before: Node<T> | null;
  behind: Node<T> | null;
}

interface Plane {
  normal: Vec;
  distanceMm: number;
}

/** Points nearer to a plane than this lie on it, mm: corners are singles of a few hundred millimetres. */
const ON_MM = 2e-3;

/**
 * Flat shapes sorted once so that they can be painted from the back to the front from wherever they are seen: space is cut by the plane of
 * one shape after another, and a shape that lies on both sides of a plane is cut in two.
 *
 * Source: Fuchs, Kedem, Naylor, On Visible Surface Generation by A Priori Tree Structures, SIGGRAPH 1980.
 */
export function paintersTree<T>(shapes: readonly FlatShape<T>[]): Node<T> | null {
  let root: Node<T> | null = null;
  // A stack of its own: a bag's curved side makes a tree that is as deep as it has facets.
  const waiting: { shapes: readonly FlatShape<T>[]; hang: (node: Node<T>) => void }[] = [
    { shapes, hang: (node) => (root = node) },
  ];
  for (let job = waiting.pop(); job; job = waiting.pop()) {
    const plane = partingPlane(job.shapes);
    if (!plane) continue;
    const node: Node<T> = { plane, on: [], before: null, behind: null };
    const before: FlatShape<T>[] = [];
    const behind: FlatShape<T>[] = [];
    for (const shape of job.shapes) part(shape, plane, node.on, before, behind);
    job.hang(node);
    if (before.length > 0) waiting.push({ shapes: before, hang: (child) => (node.before = child) });
    if (behind.length > 0) waiting.push({ shapes: behind, hang: (child) => (node.behind = child) });
  }
  return root;
}

type PaintersTree<T> = Node<T> | null;

/**
 * The shapes of a tree, the farthest from the eye first.
 *
 * @param toEye the way to the eye, the same for all: there is no perspective
 */
export function backToFront<T>(tree: PaintersTree<T>, toEye: Vec): FlatShape<T>[] {
  const painted: FlatShape<T>[] = [];
  const waiting: (Node<T> | FlatShape<T>[])[] = tree ? [tree] : [];
  for (let next = waiting.pop(); next; next = waiting.pop()) {
    if (Array.isArray(next)) {
      painted.push(...next);
      continue;
    }
    const faces = dot(next.plane.normal, toEye) > 0;
    const [far, near] = faces ? [next.behind, next.before] : [next.before, next.behind];
    if (near) waiting.push(near);
    waiting.push(next.on);
    if (far) waiting.push(far);
  }
  return painted;
}

/** How many planes are tried for each cut, and on how many shapes. */
const TRIED = 7;
const TRIED_ON = 60;

/** The plane of one of some shapes that cuts the fewest others in two, and parts them evenly; null where none has a plane. */
function partingPlane<T>(shapes: readonly FlatShape<T>[]): Plane | null {
  const step = Math.max(1, Math.floor(shapes.length / TRIED_ON));
  let best: { plane: Plane; cost: number } | null = null;
  for (let k = 0; k < TRIED; k += 1) {
    const plane = planeOf(shapes[Math.floor(((k + 0.5) / TRIED) * shapes.length)]?.points ?? []);
    if (!plane) continue;
    let [cut, before, behind] = [0, 0, 0];
    for (let i = 0; i < shapes.length; i += step) {
      let [most, least] = [-Infinity, Infinity];
      for (const point of (shapes[i] as FlatShape<T>).points) {
        const off = dot(plane.normal, point) - plane.distanceMm;
        most = Math.max(most, off);
        least = Math.min(least, off);
      }
      if (most > ON_MM && least < -ON_MM) cut += 1;
      else if (most > ON_MM) before += 1;
      else if (least < -ON_MM) behind += 1;
    }
    const cost = 8 * cut + Math.abs(before - behind);
    if (best === null || cost < best.cost) best = { plane, cost };
  }
  return best?.plane ?? planeOf(shapes.find(({ points }) => planeOf(points))?.points ?? []);
}

function planeOf([a, b, c]: readonly Vec[]): Plane | null {
  if (!a || !b || !c) return null;
  const way = cross(between(a, b), between(a, c));
  const length = lengthOf(way);
  if (length < 1e-9) return null;
  const normal = { x: way.x / length, y: way.y / length, z: way.z / length };
  return { normal, distanceMm: dot(normal, a) };
}

/** Puts a shape on its side of a plane, or a part of it on each. */
function part<T>(
  shape: FlatShape<T>,
  { normal, distanceMm }: Plane,
  on: FlatShape<T>[],
  before: FlatShape<T>[],
  behind: FlatShape<T>[],
): void {
  const { points, of } = shape;
  const off = points.map((point) => dot(normal, point) - distanceMm);
  const isBefore = off.some((mm) => mm > ON_MM);
  const isBehind = off.some((mm) => mm < -ON_MM);
  if (!isBefore && !isBehind) return void on.push(shape);
  if (!isBehind) return void before.push(shape);
  if (!isBefore) return void behind.push(shape);
  const parts: { before: Vec[]; behind: Vec[] } = { before: [], behind: [] };
  points.forEach((point, index) => {
    const here = off[index] as number;
    const after = off[(index + 1) % points.length] as number;
    const next = points[(index + 1) % points.length] as Vec;
    if (here >= -ON_MM) parts.before.push(point);
    if (here <= ON_MM) parts.behind.push(point);
    if ((here > ON_MM && after < -ON_MM) || (here < -ON_MM && after > ON_MM)) {
      const cut = plus(point, between(point, next), here / (here - after));
      parts.before.push(cut);
      parts.behind.push(cut);
    }
  });
  if (parts.before.length > 2) before.push({ points: parts.before, of });
  if (parts.behind.length > 2) behind.push({ points: parts.behind, of });
}
