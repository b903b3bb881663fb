import type { Solid } from '../foldedMesh';

/** How finely corners are told apart, mm: a single of a few hundred millimetres is exact to a thousandth or so. */
const CORNER_MM = 2e-3;

/**
 * The edges of a solid that are not shared by one triangle on either side, each running the other way. None of a closed one. Corners that
 * lie in the same place are one.
 */
export function openEdges({ positions, indices }: Solid): number {
  const corners = new Map<string, number>();
  const cornerOf = (index: number): number => {
    const key = [0, 1, 2].map((axis) => Math.round((positions[3 * index + axis] as number) / CORNER_MM)).join();
    const known = corners.get(key) ?? corners.size;
    corners.set(key, known);
    return known;
  };
  const edges = new Map<string, number>();
  for (let i = 0; i < indices.length; i += 3) {
    const [a, b, c] = [0, 1, 2].map((k) => cornerOf(indices[i + k] as number)) as [number, number, number];
    if (a === b || b === c || c === a) continue;
    for (const [from, to] of [
      [a, b],
      [b, c],
      [c, a],
    ] as const) {
      const way = from < to ? 1 : -1;
      const key = `${Math.min(from, to)} ${Math.max(from, to)}`;
      edges.set(key, (edges.get(key) ?? 0) + way);
    }
  }
  return [...edges.values()].filter((sum) => sum !== 0).length;
}
