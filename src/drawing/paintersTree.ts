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
    // The middle one parts a row of facets better than an outer one.
    const middle = job.shapes[Math.floor(job.shapes.length / 2)];
    const plane = middle && planeOf(middle.points);
    if (!plane) {
      const rest = middle ? job.shapes.filter((shape) => shape !== middle) : [];
      if (rest.length > 0) waiting.push({ shapes: rest, hang: job.hang });
      continue;
    }
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

export type PaintersTree<T> = Node<T> | null;

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
