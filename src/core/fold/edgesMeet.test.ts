import { describe, expect, it } from 'vitest';
import { BODY_KINDS } from '@/core/body';
import type { BodyKind } from '@/core/design';
import { bagOf, withBody } from '@/core/testing/bodies';
import { planOf } from '@/core/testing/designs';
import { JOIN_NAMES } from '@/core/wording';
import { apartMm, edgesMeet, meetingEdges } from './edgesMeet';

const carrying = (kind: BodyKind, thicknessMm: number, change: Record<string, unknown> = {}) =>
  planOf(
    withBody(
      bagOf(kind, {}, (design) => ({
        ...design,
        contents: { ...design.contents, thicknessMm },
        flap: kind === 'round-purse' ? { kind: 'none', dropMm: 60, widthMm: null, hemMm: null } : design.flap,
      })),
      change,
    ),
  );
const apart = (...of: Parameters<typeof carrying>): number[] => meetingEdges(carrying(...of), 'loaded').map(apartMm);

describe('joined edges in the folded bag', () => {
  it.each(BODY_KINDS)('are found for every join there is: %s', (kind) => {
    const plan = carrying(kind, 12);
    expect(edgesMeet(plan, JOIN_NAMES).map(({ join }) => join)).toEqual(plan.joins.map(({ id }) => id));
  });

  it('meet where a strip is seamed, empty and full, and round boxed corners', () => {
    for (const thicknessMm of [0, 8, 24]) {
      expect(Math.max(...apart('fold-over-strip', thicknessMm))).toBeCloseTo(0, 6);
      expect(Math.max(...apart('boxed-corners', thicknessMm))).toBeCloseTo(0, 6);
      expect(Math.max(...apart('side-bands', thicknessMm))).toBeCloseTo(0, 6);
      expect(Math.max(...apart('side-bands', thicknessMm, { bandJoined: 'as-worked' }))).toBeCloseTo(0, 6);
    }
  });

  it('meet round a rim, and where a gusset’s corners are square', () => {
    // The rim is told in stretches of a 128th of half a turn: they lie within 0.02 mm of it.
    expect(Math.max(...apart('round-purse', 0))).toBeLessThan(0.02);
    // Square corners: what is left is what the gusset's seam takes of a stitch, which front and strip give alike.
    expect(Math.max(...apart('gusset', 0, { radiusMm: 0 }))).toBeCloseTo(0, 3);
  });

  it('lie apart where a corner is worked in steps, by less than a stitch of 5 mm, and where a base is not as long as its sides', () => {
    const [front] = apart('gusset', 0, { radiusMm: 40 });
    expect(front).toBeGreaterThan(0.5);
    expect(front).toBeLessThan(5);
    expect(apart('oval-base', 0)[0]).toBeLessThan(5);
  });

  it('are measured across a gap that is known', () => {
    const places = [
      { x: 0, y: 0, z: 4 },
      { x: 0, y: 5, z: 7 },
    ];
    const way = [
      { x: 0, y: -9, z: 0 },
      { x: 0, y: 9, z: 0 },
    ];
    expect(apartMm({ join: 'sides', places, way, layMm: 2 })).toBe(5);
  });
});
