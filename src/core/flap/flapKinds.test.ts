import fc from 'fast-check';
import { describe, expect, it, test } from 'vitest';
import { BODY_KINDS, constructionOf } from '@/core/body';
import { usualSnap, applyEdits, type BodyKind, type Design } from '@/core/design';
import { figureId } from '@/core/figures';
import { stitchesInAll, type RowsPiece } from '@/core/pieces';
import { bagOf, withBody } from '@/core/testing/bodies';
import { fullDesign, planOf } from '@/core/testing/designs';
import { canHaveHem, FLAP_KINDS, flapOutlinePoints, usualFlap } from '.';
import { hemRowCount } from './hem';

const base = { dropMm: 80, widthMm: null, hemMm: null };
const withFlap = (flap: Design['flap'], kind: BodyKind = 'fold-over-strip'): Design => ({ ...bagOf(kind), flap });
const takingFlaps = BODY_KINDS.filter((kind) => constructionOf(kind).takesFlap);

describe('a half disc sewn on', () => {
  const half = withFlap({ ...base, kind: 'half-disc', increases: 'staggered' });

  it('is as wide as the back, and comes down as far as that gives', () => {
    const plan = planOf(half);
    const piece = plan.pieces.find(({ id }) => id === 'half-disc');
    if (piece?.kind !== 'half-disc') throw new Error('no half disc');
    const backMm = plan.pouch.backStitches * plan.pouch.stitchMm;
    expect(Math.abs(2 * piece.counts.length * piece.rowMm - backMm)).toBeLessThanOrEqual(piece.rowMm);
    expect(plan.flap.bridgeRows + plan.flap.flapRows).toBe(piece.counts.length);
    // The flap hangs by as much of its radius as the way over the top leaves.
    expect(plan.flap.dropMm.empty).toBeCloseTo(piece.counts.length * piece.rowMm - plan.flap.bridgeMm.empty, 9);
  });

  it('rises by about π·h/w a row: half of what a disc grows by', () => {
    const plan = planOf(half);
    expect(plan.figures[figureId('halfDisc.increase')]?.value).toBe(3);
    expect(plan.flap.halfDisc?.counts.slice(0, 4)).toEqual([3, 6, 9, 12]);
  });

  it('leaves the strip to end with the back, and is sewn on before anything is shut in', () => {
    const plan = planOf({ ...half, closures: fullDesign().closures, lining: fullDesign().lining });
    const panel = plan.pieces[0] as RowsPiece;
    expect(panel.rows).toHaveLength(plan.pouch.frontRows + plan.pouch.backRows);
    const ids = plan.steps.map(({ id }) => id);
    expect(ids.indexOf('work-half-disc')).toBeLessThan(ids.indexOf('sew-flap'));
    expect(ids.indexOf('sew-flap')).toBeLessThan(ids.indexOf('seam-sides'));
    expect(plan.joins.map(({ id }) => id)).toContain('flap');
  });

  it('has its snap counted on its own rows, in the middle', () => {
    const plan = planOf({ ...half, closures: fullDesign().closures });
    const [spot] = plan.snaps[0]?.halves ?? [];
    expect(spot?.piece).toBe('half-disc');
    expect(spot?.acrossMm).toBeCloseTo(0, 9);
    expect(spot?.row).toBeLessThanOrEqual(plan.flap.halfDisc?.counts.length ?? 0);
  });

  it('never offers a drop that its width decides', () => {
    const problems = planOf(half).problems.filter(({ code }) => code.startsWith('flap'));
    expect(problems.flatMap(({ repairs }) => repairs.map(({ code }) => code))).not.toContain('flap-drop-to');
  });
});

describe('scallops', () => {
  it('take all stitches but those that don’t divide, and are alike', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 2, max: 40 }),
        fc.integer({ min: 5, max: 120 }),
        fc.integer({ min: 60, max: 500 }),
        (scallops, depthMm, widthMm) => {
          const design = withBody(withFlap({ ...base, kind: 'scalloped', scallops, depthMm }), { widthMm });
          const { flap } = planOf(design);
          const made = flap.scallops;
          if (!made) throw new Error('no scallops');
          expect(made.count * made.stitchesEach + made.leftOver).toBe(flap.startStitches);
          expect(made.leftOver).toBeLessThan(made.count);
          expect(made.rows.length).toBeLessThanOrEqual(flap.flapRows);
          // Each is symmetric by count; the last two stitches of one may become one.
          made.rows.forEach(({ stitches }, index) => {
            const before = made.rows[index - 1]?.stitches ?? made.stitchesEach;
            if (stitches === 1 && before <= 2) return;
            expect(Math.abs(stitches - made.stitchesEach) % 2).toBe(0);
          });
          const last = flap.rows.slice(-made.rows.length);
          expect(last.map(({ stitches }) => stitches)).toEqual(made.rows.map(({ stitches }) => made.count * stitches));
        },
      ),
      { numRuns: 60 },
    );
  });

  it('have an edge that is drawn scallop by scallop within the flap', () => {
    const size = { widthMm: 180, lengthMm: 90 };
    const points = flapOutlinePoints({ ...base, kind: 'scalloped', scallops: 6, depthMm: 20 }, size, 48);
    expect(Math.max(...points.map(({ y }) => y))).toBeCloseTo(90, 6);
    for (const { x, y } of points) {
      expect(Math.abs(x)).toBeLessThanOrEqual(90 + 1e-9);
      expect(y).toBeLessThanOrEqual(90 + 1e-9);
    }
    // Six times down to the edge.
    const down = points.map(({ y }) => y > 89.9);
    expect(down.filter((is, index) => is && !down[index - 1])).toHaveLength(6);
  });

  it('have no room for a snap among them: it says so and goes above', () => {
    const design: Design = {
      ...withFlap({ ...base, kind: 'scalloped', scallops: 5, depthMm: 30 }),
      closures: [{ ...usualSnap(), insetMm: 12 }],
    };
    const problem = planOf(design).problems.find(({ code }) => code === 'snap-in-scallop');
    const read = applyEdits(design, problem?.repairs[0]?.edits ?? []);
    expect(read.ok && planOf(read.design).problems.map(({ code }) => code)).not.toContain('snap-in-scallop');
  });
});

describe('a hem', () => {
  it('is worked beyond the edge, as wide as it, and does not lengthen the flap', () => {
    const plain = planOf(withFlap({ ...base, kind: 'tapered', edgeWidthMm: 120 }));
    const hemmed = planOf(withFlap({ ...base, kind: 'tapered', edgeWidthMm: 120, hemMm: 20 }));
    expect(hemmed.flap.hemRows).toBe(4);
    expect(hemmed.flap.dropMm).toEqual(plain.flap.dropMm);
    const edge = plain.flap.rows.at(-1)?.stitches ?? NaN;
    const more = stitchesInAll(hemmed.pieces[0] as RowsPiece) - stitchesInAll(plain.pieces[0] as RowsPiece);
    expect(more).toBe(4 * edge);
  });

  it('is turned back over the prongs once they are set', () => {
    const design = { ...withFlap({ ...base, kind: 'straight', hemMm: 20 }), closures: fullDesign().closures };
    const ids = planOf(design).steps.map(({ id }) => id);
    expect(ids.indexOf('turn-hem')).toBeGreaterThan(ids.indexOf('set-snap-flap'));
    expect(ids.indexOf('turn-hem')).toBeLessThan(ids.indexOf('seam-sides'));
  });

  it.each(FLAP_KINDS)('%s has one only where its edge is straight', (kind) => {
    const flap = usualFlap(kind, { ...base, hemMm: 15 }, { widthMm: 180, lengthMm: 80 });
    expect(hemRowCount(flap, 5, 16) > 0).toBe(canHaveHem(kind));
  });
});

describe('splits', () => {
  it('come to what they say, on a worked example', () => {
    // Front 200 from the mouth to the base; the bridge over an empty thin bag is next to nothing.
    const design = withBody(
      { ...bagOf('fold-over-strip', { fabricMm: 0.2 }), flap: { ...base, kind: 'straight' } },
      { heightMm: 200 },
    );
    const plan = planOf(design);
    const [front, bridge] = [plan.pouch.sectionMm.front, plan.flap.bridgeMm.loaded];
    const drop = (id: string) => plan.splits.find((split) => split.id === id)?.drop.value;
    expect(drop('thirds')).toBe(Math.floor(front - bridge));
    expect(drop('two-thirds')).toBe(Math.floor((0.3 / 0.7) * 2 * front - bridge));
    expect(drop('nearly-half')).toBe(Math.floor((0.1 / 0.9) * 2 * front - bridge));
    expect(drop('to-the-closure')).toBe(Math.floor(front / 2 + 22));
  });

  it.each(takingFlaps)('can be taken on %s, and are then what is planned', (kind) => {
    const design = withFlap({ ...base, kind: 'straight' }, kind);
    const { splits } = planOf(design);
    expect(splits.length).toBeGreaterThan(0);
    for (const split of splits) {
      const read = applyEdits(design, split.edits);
      if (!read.ok) throw new Error(`${split.id}: ${read.faults[0]?.sentence}`);
      const after = planOf(read.design);
      expect(after.splits.find(({ id }) => id === split.id)?.isPlanned).toBe(true);
      expect(Math.abs(after.flap.dropMm.loaded - split.drop.value)).toBeLessThanOrEqual(after.pouch.rowMm);
    }
  });
});

describe('every shape on every body that takes one', () => {
  it.each(takingFlaps)('%s is planned, its mate on the front where the flap brings it', (kind) => {
    for (const shape of FLAP_KINDS) {
      if (shape === 'none') continue;
      const flap = usualFlap(shape, base, { widthMm: 200, lengthMm: 80 });
      const plan = planOf({ ...withFlap(flap, kind), closures: fullDesign().closures });
      expect(plan.flap.hasFlap).toBe(true);
      const [half] = plan.snaps[0]?.halves ?? [];
      const [mate] = plan.snaps[0]?.mates ?? [];
      const [snap] = plan.snaps;
      if (!half || !mate || !snap) throw new Error('no snap');
      // The mate lies within half a row of where the half comes to lie.
      expect(Math.abs(mate.stationMm - snap.meetsMm.loaded), `${kind} ${shape}`).toBeLessThanOrEqual(
        plan.pouch.rowMm / 2 + 1e-9,
      );
      expect(mate.piece).toBe(plan.tracks.front.piece);
    }
  });
});

test('a narrower flap on a bag in rounds is picked up from the middle of the back', () => {
  const plan = planOf(withFlap({ ...base, kind: 'straight', widthMm: 100 }, 'around-chain'));
  expect(plan.flap.startStitches + 2 * plan.flap.leftEachSide).toBe(plan.pouch.topStitches);
  const sides = plan.pieces[0] as RowsPiece;
  expect(sides.rows[sides.roundCount]).toEqual({
    stitches: plan.flap.startStitches,
    changeEachSide: -plan.flap.leftEachSide,
    by: 'leaving',
  });
});
