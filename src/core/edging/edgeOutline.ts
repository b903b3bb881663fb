/** How an edging looks from the side: how deep its plain rounds and all of it are, mm, and what stands out over them. */
export interface EdgeOutline {
  plainMm: number;
  depthMm: number;
  /** Level, in rounded lobes, or in small points. */
  form: 'level' | 'lobes' | 'points';
  /** Lobes or points for each millimetre of the edge. */
  perMm: number;
}

/** A point on a flat piece or on paper, mm. */
export type FlatPoint = readonly [x: number, y: number];

/** Points to a lobe: enough that it reads as round. */
const STEPS = 8;

/** How far out an edging is at a place within one repeat, as a share of what is worked over its plain rounds. */
const SHAPES: Readonly<Record<EdgeOutline['form'], (at: number) => number>> = {
  level: () => 1,
  lobes: (at) => Math.sqrt(Math.max(0, 1 - (2 * at - 1) ** 2)),
  points: (at) => Math.max(0, 1 - 1.6 * Math.abs(2 * at - 1)),
};

/**
 * The outer edge of an edging along a line, from its beginning to its end.
 *
 * @param line the edge that it is worked on; outside is to the right of the way along it, seen with y pointing up
 *
 * @example
 * outerEdge([[0, 0], [0, 10]], { plainMm: 2, depthMm: 2, form: 'level', perMm: 0 }) // => [[2, 0], [2, 10]]
 */
export function outerEdge(line: readonly FlatPoint[], { plainMm, depthMm, form, perMm }: EdgeOutline): FlatPoint[] {
  const lengths = line.slice(1).map((to, index) => distance(line[index] as FlatPoint, to));
  const lengthMm = lengths.reduce((sum, mm) => sum + mm, 0);
  const lobes = form === 'level' ? 0 : Math.max(1, Math.round(lengthMm * perMm));
  const points: FlatPoint[] = [];
  let fromMm = 0;
  lengths.forEach((mm, index) => {
    if (mm === 0) return;
    const [a, b] = [line[index] as FlatPoint, line[index + 1] as FlatPoint];
    const out: FlatPoint = [(b[1] - a[1]) / mm, -(b[0] - a[0]) / mm];
    const steps = Math.max(1, Math.ceil((mm / lengthMm) * lobes * STEPS));
    for (let step = 0; step <= steps; step += 1) {
      const share = step / steps;
      const repeat = ((fromMm + share * mm) / lengthMm) * lobes;
      // The last point of a repeat is its own, not the first of the next.
      const within = repeat - Math.floor(Math.max(0, repeat - 1e-9));
      const reach = plainMm + (depthMm - plainMm) * SHAPES[form](lobes === 0 ? 0.5 : within);
      points.push([a[0] + share * (b[0] - a[0]) + reach * out[0], a[1] + share * (b[1] - a[1]) + reach * out[1]]);
    }
    fromMm += mm;
  });
  return points;
}

const distance = (a: FlatPoint, b: FlatPoint): number => Math.hypot(b[0] - a[0], b[1] - a[1]);
