import { describe, expect, it } from 'vitest';
import { BODY_KINDS } from '@/core/body';
import { foldBag, vec, type Vec } from '@/core/fold';
import { bagOf } from '@/core/testing/bodies';
import { planOf } from '@/core/testing/designs';
import { USUAL_VIEW, middleOf, seen, type View } from './axonometry';
import { foldedMesh } from './foldedMesh';
import { foldedPicture } from './foldedPicture';
import { backToFront, paintersTree } from './paintersTree';

const FRONT: View = { yawRad: 0, pitchRad: 0, upMm: 0 };

const plainBag = (kind: (typeof BODY_KINDS)[number]) =>
  planOf(
    bagOf(kind, {}, (design) => ({
      ...design,
      contents: { ...design.contents, thicknessMm: 12 },
      flap: kind === 'round-purse' ? { kind: 'none', dropMm: 60, widthMm: null, hemMm: null } : design.flap,
    })),
  );

describe('the way a point is seen', () => {
  it('is true to scale: turning keeps every distance', () => {
    const [a, b] = [vec(3, 40, -12), vec(-7, 22, 31)] as [Vec, Vec];
    for (const yawRad of [0, 0.7, -2.4, Math.PI])
      for (const pitchRad of [0, 0.9, -1.5]) {
        const [p, q] = [a, b].map((point) => seen(point, { yawRad, pitchRad, upMm: 5 }, vec(1, 2, 3)));
        if (!p || !q) throw new Error('both are seen');
        expect(Math.hypot(p.x - q.x, p.y - q.y, p.depth - q.depth)).toBeCloseTo(
          Math.hypot(a.x - b.x, a.y - b.y, a.z - b.z),
          9,
        );
      }
  });
});

describe('a painter’s tree', () => {
  it('paints what is nearer after what is farther, also where shapes reach around each other', () => {
    // Three bars that lie over each other in a ring: no order of the whole ones is right.
    const bar = (of: string, points: Vec[]) => ({ of, points });
    const ring = [
      bar('a', [vec(0, 0, 0), vec(10, 0, 4), vec(10, 2, 4), vec(0, 2, 0)]),
      bar('b', [vec(8, -1, 0), vec(10, -1, 0), vec(10, 10, 4), vec(8, 10, 4)]),
      bar('c', [vec(10.5, 8, 0), vec(10.5, 10, 0), vec(-0.5, 1, 4), vec(-0.5, -1, 4)]),
    ];
    const order = backToFront(paintersTree(ring), vec(0, 0, 1));
    expect(order.length).toBeGreaterThan(3);
    const planeDepth = (points: readonly Vec[], x: number, y: number): number | null => {
      for (let i = 1; i + 1 < points.length; i += 1) {
        const [a, b, c] = [points[0], points[i], points[i + 1]] as [Vec, Vec, Vec];
        const whole = (b.x - a.x) * (c.y - a.y) - (b.y - a.y) * (c.x - a.x);
        const u = ((x - a.x) * (c.y - a.y) - (y - a.y) * (c.x - a.x)) / whole;
        const v = ((b.x - a.x) * (y - a.y) - (b.y - a.y) * (x - a.x)) / whole;
        if (u > 1e-6 && v > 1e-6 && u + v < 1 - 1e-6) return a.z + u * (b.z - a.z) + v * (c.z - a.z);
      }
      return null;
    };
    for (let x = -0.4; x < 10.4; x += 0.37)
      for (let y = -0.9; y < 10; y += 0.37) {
        const painted = order.flatMap(({ points }) => planeDepth(points, x, y) ?? []);
        const whole = ring.flatMap(({ points }) => planeDepth(points, x, y) ?? []);
        // The last one painted is the nearest of all that lie there.
        if (painted.length > 0) expect(painted.at(-1)).toBeCloseTo(Math.max(...whole), 6);
      }
  });
});

describe('the still picture', () => {
  it.each(BODY_KINDS)('shows the front from the front, and as wide as the bag is: %s', (kind) => {
    const { solids, lines, box } = foldedMesh(foldBag(plainBag(kind), { state: 'loaded', flap: 1 }), 0);
    const { facets } = foldedPicture({ solids, lines }, FRONT, middleOf(box));
    const xs = facets.flatMap(({ points }) => points.map(({ x }) => x));
    expect(Math.max(...xs) - Math.min(...xs)).toBeCloseTo(box.to.z - box.from.z, 3);
    expect(facets.some(({ mark }) => mark === 'part.front')).toBe(true);
    for (const { light } of facets) expect(light).toBeGreaterThanOrEqual(0);
  });

  it('hides the base fold from above, and shows it from below', () => {
    const { solids, lines, box } = foldedMesh(foldBag(plainBag('fold-over-strip'), { state: 'loaded', flap: 1 }), 0);
    const marks = (view: View) => foldedPicture({ solids, lines }, view, middleOf(box)).lines.map(({ mark }) => mark);
    expect(marks(USUAL_VIEW)).not.toContain('fold.base');
    expect(marks(USUAL_VIEW)).toContain('edge.flap');
    expect(marks({ ...FRONT, pitchRad: -1.2 })).toContain('fold.base');
  });
});
