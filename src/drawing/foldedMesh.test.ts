import { describe, expect, it } from 'vitest';
import { BODY_KINDS } from '@/core/body';
import { usualSnap, type BodyKind, type Design } from '@/core/design';
import { foldBag, type FoldWay } from '@/core/fold';
import type { Plan } from '@/core/plan';
import { bagOf, withBody } from '@/core/testing/bodies';
import { planOf } from '@/core/testing/designs';
import { foldedMesh, solidVolumeMm3, type Solid } from './foldedMesh';
import { openEdges } from './testing/closed';

const CLOSED: FoldWay = { state: 'loaded', flap: 1 };

const solidsOf = (plan: Plan, way: FoldWay = CLOSED, liningMm = 0): Solid[] =>
  foldedMesh(foldBag(plan, way), liningMm).solids;

const volume = (solids: readonly Solid[], mark: string): number =>
  solids.filter((solid) => solid.mark === mark).reduce((sum, solid) => sum + solidVolumeMm3(solid), 0);

const loaded = (kind: BodyKind, change: (design: Design) => Design = (design) => design): Plan =>
  planOf(
    bagOf(kind, {}, (design) =>
      change({
        ...design,
        contents: { ...design.contents, thicknessMm: 18 },
        closures: kind === 'round-purse' ? [] : [usualSnap()],
        flap: kind === 'round-purse' ? { kind: 'none', dropMm: 60, widthMm: null, hemMm: null } : design.flap,
      }),
    ),
  );

describe('the bag in space', () => {
  it.each(BODY_KINDS)('is made of closed solids, empty, loaded and flat, open and closed: %s', (kind) => {
    const plan = loaded(kind);
    for (const state of ['empty', 'loaded', 'flat'] as const)
      for (const flap of [1, 0.4, 0, -0.7])
        for (const solid of solidsOf(plan, { state, flap }, 0.5)) {
          expect(openEdges(solid), `${solid.mark} ${state} ${flap}`).toBe(0);
          expect(solidVolumeMm3(solid), `${solid.mark} ${state} ${flap}`).toBeGreaterThan(0);
        }
  });

  it('takes as much room as its fabric: area times thickness, where it lies flat', () => {
    // Geometry. A square-cornered gusset bag is made of flat sheets only.
    const plan = planOf(
      withBody(
        bagOf('gusset', {}, (design) => ({
          ...design,
          flap: { kind: 'none', dropMm: 60, widthMm: null, hemMm: null },
        })),
        { radiusMm: 0 },
      ),
    );
    const solids = solidsOf(plan);
    const { stitchCount, sectionMm, stitchMm, layers } = plan.pouch;
    const takes = plan.contents.settled.body.seam.takeUpStitches;
    const wideMm = (stitchCount - 2 * takes) * stitchMm;
    expect(volume(solids, 'part.front') / (wideMm * sectionMm.front * layers.fabricMm)).toBeCloseTo(1, 6);
    expect(volume(solids, 'part.back') / (wideMm * sectionMm.back * layers.fabricMm)).toBeCloseTo(1, 6);
  });

  it('takes as much room as a disc and a bent band do', () => {
    // Geometry: πr²t of a disc; half the angle times the difference of the squares of both radii, times the width, of a band.
    const plan = loaded('round-purse');
    const solids = solidsOf(plan, { state: 'empty', flap: 1 });
    const radiusMm = plan.pouch.sectionMm.front / 2;
    const { fabricMm } = plan.pouch.layers;
    const join = plan.joins.find(({ id }) => id === 'band-rim');
    const bandMm = join?.stretches[0]?.lengthMm ?? NaN;
    const band =
      (bandMm / radiusMm / 2) * ((radiusMm + fabricMm / 2) ** 2 - (radiusMm - fabricMm / 2) ** 2) * plan.pouch.depthMm;
    // Both are drawn by chords: of an arc of the angle 2a they hold the share sin 2a / 2a.
    const chords = (count: number, angleRad: number) => Math.sin(angleRad / count) / (angleRad / count);
    const bag = foldBag(plan, { state: 'empty', flap: 1 });
    const chordsOf = (mark: string, of: 'across' | 'along') =>
      (bag.sheets.find((sheet) => sheet.mark === mark)?.[of].length ?? 0) - 1;
    const disc = Math.PI * radiusMm ** 2 * fabricMm * chords(chordsOf('part.front', 'across'), 2 * Math.PI);
    expect(volume(solids, 'part.front') / disc).toBeCloseTo(1, 5);
    expect(
      volume(solids, 'part.band') / (band * chords(chordsOf('part.band', 'along'), bandMm / radiusMm)),
    ).toBeCloseTo(1, 3);
  });

  it.each(['fold-over-strip', 'around-chain', 'boxed-corners', 'oval-base', 'gusset'] as const)(
    'has its snap meet its mate: %s',
    (kind) => {
      const bag = foldBag(loaded(kind), CLOSED);
      const half = bag.marks.find(({ mark }) => mark.mark === 'snap.half');
      const mate = bag.marks.find(({ mark }) => mark.mark === 'snap.mate');
      if (!half || !mate) throw new Error('both halves lie somewhere');
      // Front to back they are a thickness of fabric apart; a mate is set in the nearest row.
      expect(Math.abs(half.point.x - mate.point.x)).toBeCloseTo(2, 6);
      expect(Math.abs(half.point.y - mate.point.y)).toBeLessThan(2.5 + 1e-6);
      expect(half.point.z).toBeCloseTo(mate.point.z, 6);
      expect(half.outward.x).toBeCloseTo(-1, 3);
    },
  );
});
