import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { applyEdits, usualSnap, type Design } from '@/core/design';
import { planBag } from '@/core/plan';
import { baseDepthMm, sectionPointAt, straightSideMm } from '@/core/section';
import type { OnFlapProblems } from '.';
import { designAt, planOf, plannableDesign, snapsOf } from '@/core/testing/designs';

const withSnap = (change: Partial<ReturnType<typeof usualSnap>>, design: Design = designAt(5, 5, 2)): Design => ({
  ...design,
  closures: [{ ...usualSnap(), ...change }],
});
const codes = (design: Design) => planOf(design).problems.map(({ code }) => code);

describe('the magnetic snap', () => {
  it('lies on the row nearest to its inset, in the middle', () => {
    const {
      snaps: [snap],
      flap,
    } = planOf(withSnap({ insetMm: 22 }));
    // Rows of 5 mm: the middle 22.5 mm in is that of the fifth row from the edge.
    expect(snap?.halves[0]?.row).toBe(flap.totalRows - 4);
    expect(snap?.figures.halfInset.value).toBeCloseTo(22.5, 9);
  });

  it('has its mate by the formula flap length − bridge − inset, with front and back alike', () => {
    const {
      snaps: [snap],
      flap,
    } = planOf(withSnap({}));
    const tailMm = (flap.bridgeRows + flap.flapRows) * 5;
    const insetMm = snap?.figures.halfInset.value ?? NaN;
    for (const state of ['empty', 'loaded'] as const)
      expect(snap?.meetsMm[state]).toBeCloseTo(tailMm - flap.bridgeMm[state] - insetMm, 9);
  });

  it('lands where the strip’s lengths say: beyond the bridge, less what the back stands above the front', () => {
    fc.assert(
      fc.property(plannableDesign, (design) => {
        const {
          snaps: [snap],
          flap,
          pouch,
        } = planOf(design);
        if (!snap) return;
        const { rowMm, frontRows, backRows } = pouch;
        const beyondBackMm = (snap.halves[0]?.alongMm ?? NaN) - (frontRows + backRows) * rowMm;
        for (const state of ['empty', 'loaded'] as const) {
          const landsMm = beyondBackMm - flap.bridgeMm[state] - (backRows - frontRows) * rowMm;
          expect(snap.meetsMm[state]).toBeCloseTo(landsMm, 6);
        }
      }),
    );
  });

  it('meets its mate in the section: the same height, on either side of the fold', () => {
    const plan = planOf(withSnap({}));
    const [snap] = plan.snaps;
    if (!snap) throw new Error('no snap');
    for (const state of ['empty', 'loaded'] as const) {
      const front = plan.section[state][0];
      const flap = plan.section[state].at(-1);
      if (front?.kind !== 'line' || flap?.kind !== 'line') throw new Error('no straight front or flap');
      const heightOnFlap = flap.from.y - ((snap.halves[0]?.alongMm ?? NaN) - flap.fromMm);
      const heightOnFront = front.from.y - snap.meetsMm[state];
      expect(heightOnFlap).toBeCloseTo(heightOnFront, 9);
    }
  });

  it('is set so that both halves are as far from either side', () => {
    fc.assert(
      fc.property(plannableDesign, (design) => {
        const [snap] = planOf(design).snaps;
        if (!snap) return;
        const across = snap.halves.map(({ acrossMm }) => acrossMm);
        const mirrored = across.map((mm) => -mm).reverse();
        across.forEach((mm, index) => expect(mm).toBeCloseTo(mirrored[index] as number, 6));
      }),
    );
  });

  it('has its mate no more than half a row from where the flap of the folded bag brings it', () => {
    let met = 0;
    fc.assert(
      fc.property(plannableDesign, fc.integer({ min: 8, max: 60 }), (wished, insetMm) => {
        const result = planBag({ ...wished, closures: [{ ...usualSnap(), insetMm, mate: 'loaded' }] });
        if (!result.ok) return;
        const { section, pouch } = result.plan;
        const [snap] = snapsOf(result.plan);
        const [mate] = snap?.mates ?? [];
        const [half] = snap?.halves ?? [];
        const [front] = section.loaded;
        if (!mate || !half || front?.kind !== 'line') return;
        // The front hangs straight: as high as the half lies on the folded flap, so far down the front it lands.
        const { y } = sectionPointAt(section.loaded, half.stationMm).point;
        if (y < front.to.y) return;
        met += 1;
        expect(Math.abs(mate.stationMm - (front.from.y - y))).toBeLessThanOrEqual(pouch.rowMm / 2 + 1e-6);
      }),
      { numRuns: 200 },
    );
    expect(met).toBeGreaterThan(100);
  });
});

describe('problems of the snap', () => {
  const thick = (design: Design): Design => ({ ...design, contents: { ...design.contents, thicknessMm: 18 } });

  const onWrist = (design: Design): Design => ({
    ...design,
    contents: { ...design.contents, carried: 'on-the-wrist' },
    body: { ...design.body, widthMm: 160 },
  });

  it('says when it drifts by more than its radius, and what is offered helps: no second mate where it would lie on the first', () => {
    const design = thick(withSnap({ diameterMm: 30 }));
    const problem = planOf(design).problems.find(({ code }) => code === 'snap-drifts');
    // Soft load: the bridge grows by π/2 times the thickness.
    expect((problem?.values as OnFlapProblems['drifts']).shiftMm).toBeCloseTo((Math.PI / 2) * 18, 6);
    expect(problem?.repairs.map(({ code }) => code)).toEqual(['snap-mate-between']);
    for (const repair of problem?.repairs ?? []) {
      const read = applyEdits(design, repair.edits);
      if (!read.ok) throw new Error('refused');
      expect(codes(read.design)).not.toContain('snap-drifts');
    }
  });

  it('does not offer halfway where halfway is still too far', () => {
    const problem = planOf(thick(withSnap({ diameterMm: 14 }))).problems.find(({ code }) => code === 'snap-drifts');
    expect(problem?.repairs.map(({ code }) => code)).toEqual(['snap-mate-both']);
  });

  it('keeps quiet when nothing is carried', () => {
    const design = withSnap({});
    expect(codes({ ...design, contents: { ...design.contents, thicknessMm: 0 } })).not.toContain('snap-drifts');
  });

  it.each([
    ['snap-off-flap', withSnap({ insetMm: 120 })],
    ['snap-off-front', withSnap({ insetMm: 103 })],
    ['snap-wide-flap', withSnap({})],
    ['snap-on-wrist', onWrist(withSnap({}))],
  ])('says %s, with a repair that ends it', (code, design) => {
    const problem = planOf(design).problems.find((candidate) => candidate.code === code);
    expect(problem).toBeDefined();
    const [repair] = problem?.repairs ?? [];
    if (!repair) throw new Error(`${code} has no repair`);
    const read = applyEdits(design, repair.edits);
    if (!read.ok) throw new Error('refused');
    expect(codes(read.design)).not.toContain(code);
  });

  it('never lands a mate on the bend without saying so', () => {
    fc.assert(
      fc.property(plannableDesign, (design) => {
        const plan = planOf(design);
        const [snap] = plan.snaps;
        if (!snap) return;
        const flatMm = straightSideMm(
          plan.pouch.frontRows * plan.pouch.rowMm,
          baseDepthMm(plan.pouch.layers, plan.pouch.loadMm),
        );
        const target = snap.meetsMm.loaded;
        const said = plan.problems.some(({ code }) => code === 'snap-on-fold' || code === 'snap-off-front');
        if (snap.choice.mate === 'loaded' && target + snap.choice.diameterMm / 2 > flatMm) expect(said).toBe(true);
      }),
    );
  });

  it('always carries the caution about magnets', () => {
    expect(codes(withSnap({}))).toContain('magnets');
  });
});
