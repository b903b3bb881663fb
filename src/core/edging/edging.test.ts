import Flatten from '@flatten-js/core';
import fc from 'fast-check';
import type { FabricMark } from '@/core/fittings';
import { describe, expect, it } from 'vitest';
import { applyEdits, usualEdging, type Design, type Edging } from '@/core/design';
import { bagOf, withBody } from '@/core/testing/bodies';
import { planOf } from '@/core/testing/designs';
import { anyOver, anyPlain, edgedWith, stageOf } from '@/core/testing/edged';
import { someBag } from '@/core/testing/someBag';

const NO_FLAP: Design['flap'] = { kind: 'none', dropMm: 80, widthMm: null, hemMm: null };

/** A strip without a flap: so many stitches, and so many rows in front and behind, of 5 × 5 mm. */
const openStrip = (stitches: number, rows: number): Design => ({
  ...withBody(bagOf('fold-over-strip'), {
    chosenStitches: stitches,
    chosenRows: { front: rows, back: rows, bridge: null, flap: null },
  }),
  flap: NO_FLAP,
});
/** One place of a round: a stitch, or a chain that stands for one; `turns` where the next round turns its corner in it. */
interface Place {
  turns: boolean;
}
const plain: Place = { turns: false };

/** A border worked place by place, the way its words say: nothing is counted that is not made. */
function workedRound(round: readonly Place[], corner: Edging['corner'], isFirst: boolean): Place[] {
  return round.flatMap((place): Place[] => {
    if (!place.turns) return [plain];
    if (corner === 'one-chain' && isFirst) return [plain, { turns: true }];
    return [plain, { turns: true }, plain];
  });
}

/** Marks of a border as polygons of the geometry library. */
const ringsOf = (marks: readonly FabricMark[]): Flatten.Polygon[] =>
  marks.map(({ form }) => {
    if (form.kind !== 'outline') throw new Error('a border is drawn as outlines');
    return new Flatten.Polygon([...form.points] as never);
  });

describe('a border round a strip', () => {
  it('has the stitches that working it place by place makes, round after round, whichever way its corners are turned', () => {
    fc.assert(
      fc.property(
        anyPlain,
        fc.integer({ min: 8, max: 90 }),
        fc.integer({ min: 10, max: 140 }),
        (edging, stitches, rows) => {
          const bag = openStrip(stitches, rows);
          const { counts } = stageOf(planOf(edgedWith(bag, { ...edging, edge: 'strip' })));
          const { pickUp } = counts;
          const side = Math.round((2 * rows * pickUp.stitches) / pickUp.rows);
          // Corners lie in the end stitches of both edges; a single chain lies beside them.
          const edge = [
            ...Array.from({ length: stitches }, (_, index): Place => ({
              turns: index === 0 || index === stitches - 1,
            })),
            ...Array.from({ length: side }, () => plain),
          ];
          let round: Place[] = [...edge, ...edge];
          for (let index = 0; index < edging.rounds; index += 1) {
            round = workedRound(round, edging.corner, index === 0);
            expect(counts.rounds[index]).toBe(round.length);
          }
          // Every corner is turned alike: there are four, and each has grown by as much.
          expect(round.filter(({ turns }) => turns)).toHaveLength(4);
        },
      ),
    );
  });

  it('makes the bag larger by its depth, at both sides and above the front', () => {
    const bag: Design = { ...bagOf('fold-over-strip'), flap: NO_FLAP };
    const counted = withBody(bag, {
      chosenStitches: 40,
      chosenRows: { front: 30, back: 30, bridge: null, flap: null },
    });
    const without = planOf(counted).pouch.figures;
    // Single crochet on single crochet of 5 × 5 mm: one round reaches 5 mm beyond the edge.
    const edged = planOf(edgedWith(counted, { kind: 'single', edge: 'strip' })).pouch.figures;
    expect(edged.width.value).toBeCloseTo(without.width.value + 10, 9);
    expect(edged.height.value).toBeCloseTo(without.height.value + 5, 9);
    // Two rounds of slip stitch, each half as high (from memory).
    const slipped = planOf(edgedWith(counted, { kind: 'slip-stitch', edge: 'strip', rounds: 2 })).pouch.figures;
    expect(slipped.width.value).toBeCloseTo(without.width.value + 10, 9);
  });

  it('takes fewer stitches and rows for the same bag', () => {
    const bag = bagOf('fold-over-strip');
    const without = planOf({ ...bag, flap: NO_FLAP });
    const edged = planOf({ ...edgedWith(bag, { kind: 'single', edge: 'strip', rounds: 2 }), flap: NO_FLAP });
    expect(edged.pouch.stitchCount).toBe(without.pouch.stitchCount - 4);
    expect(edged.pouch.frontRows).toBe(without.pouch.frontRows - 2);
  });

  it('lies beside the outline at its depth, and covers what an offset of the polygon does', () => {
    fc.assert(
      fc.property(
        anyPlain,
        fc.integer({ min: 10, max: 60 }),
        fc.integer({ min: 10, max: 60 }),
        (edging, stitches, rows) => {
          const bag = openStrip(stitches, rows);
          const plan = planOf(edgedWith(bag, { ...edging, edge: 'strip' }));
          const { marks, figures, outline } = stageOf(plan);
          const [wide, long] = [stitches * 5, 2 * rows * 5];
          const panel = new Flatten.Polygon(new Flatten.Box(-wide / 2, 0, wide / 2, long));
          const depth = figures.depth.value;
          const rings = ringsOf(marks);
          for (const ring of rings)
            for (const { x, y } of ring.vertices) {
              const [away] = panel.distanceTo(new Flatten.Point(x, y));
              expect(panel.contains(new Flatten.Point(x, y)) ? 0 : away).toBeLessThanOrEqual(Math.SQRT2 * depth + 1e-6);
            }
          const mitred = (wide + 2 * depth) * (long + 2 * depth) - wide * long;
          expect(rings.reduce((sum, ring) => sum + ring.area(), 0)).toBeCloseTo(mitred, 5);
          expect(figures.fabric.value / (figures.fabric.reason.inputs.at(-1)?.value ?? NaN)).toBeCloseTo(mitred, 5);
          expect(outline.depthMm).toBe(depth);
        },
      ),
      { numRuns: 60 },
    );
  });

  it('round a straight flap lies along both its sides, from where it begins, and along its edge: three rectangles', () => {
    const bag = edgedWith(bagOf('fold-over-strip'), { kind: 'single', edge: 'flap' });
    const plan = planOf({
      ...bag,
      closures: [],
      flap: { kind: 'straight', dropMm: 80, widthMm: null, hemMm: null },
    });
    const { marks, figures } = stageOf(plan);
    const depth = figures.depth.value;
    const { rowMm, stitchMm, stitchCount } = plan.pouch;
    const flapMm = (plan.flap.bridgeRows + plan.flap.flapRows) * rowMm;
    const wideMm = stitchCount * stitchMm;
    const rings = ringsOf(marks);
    expect(rings).toHaveLength(3);
    const area = rings.reduce((sum, ring) => sum + ring.area(), 0);
    expect(area).toBeCloseTo(2 * flapMm * depth + (wideMm + 2 * depth) * depth, 4);
  });

  it('is joined stitch to stitch where its sides are, and takes nothing of the width through its outer loops', () => {
    const bag = edgedWith(bagOf('fold-over-strip', { rowMm: 7.5 }), { kind: 'single', edge: 'strip' });
    const plan = planOf({ ...bag, flap: NO_FLAP });
    const { seamStitches, problems } = stageOf(plan);
    // Rows of 7.5 mm, stitches of 5 wide: two thirds of a row to a stitch.
    expect(seamStitches?.value).toBe(Math.round((plan.pouch.frontRows * 3) / 2));
    // Both edges of the seam have as many, and the stitch that turns the corner.
    const [side] = plan.joins.find(({ id }) => id === 'sides')?.stretches ?? [];
    expect([side?.first, side?.second]).toEqual([1, 1].map((one) => (seamStitches?.value ?? NaN) + one));
    const through = problems.find(({ code }) => String(code) === 'seam-beside-border');
    const mended = applyEdits({ ...bag, flap: NO_FLAP }, through?.repairs[0]?.edits ?? []);
    if (!mended.ok) throw new Error('the repair can’t be made');
    const joined = planOf(mended.design);
    expect(stageOf(joined).problems).toEqual([]);
    expect(joined.pouch.figures.width.value).toBeCloseTo(
      joined.pouch.stitchCount * 5 + 2 * stageOf(joined).figures.depth.value,
      9,
    );
  });
});

describe('a border whose pattern asks for more or fewer stitches than the edge gives', () => {
  it('takes them where no seam comes, so that both edges of a seam have as many stitches', () => {
    fc.assert(
      fc.property(someBag('fold-over-strip'), anyOver, (bag, edging) => {
        const plan = planOf(edgedWith(bag, { ...edging, edge: 'strip' }));
        const { counts, seamStitches } = stageOf(plan);
        const { stitches, rows } = counts.pickUp;
        // From the base fold up, row end by row end, on the front's edge and on the back's.
        const seamed = Math.min(plan.pouch.frontRows, plan.pouch.backRows);
        const [side] = plan.joins.find(({ id }) => id === 'sides')?.stretches ?? [];
        expect(seamStitches?.value).toBe(Math.round((seamed * stitches) / rows));
        expect([side?.first, side?.second]).toEqual([1, 1].map((one) => (seamStitches?.value ?? NaN) + one));
        counts.stretches.forEach(({ name, adjusted, slopeMm, rows: ends }) => {
          if (name === 'side' && adjusted !== 0) expect(ends > 2 * seamed || slopeMm > 0).toBe(true);
        });
      }),
    );
  });

  it('takes them along both upper edges where the sides are all seam', () => {
    // 30 stitches and 40 rows, of 5 × 5 mm: 2 × (30 + 2 × 40) and 8 in the corners are 228, 38 shells of six; with 31 and 40 there are two over.
    const across = [30, 31].map((stitches) => {
      const { counts } = stageOf(
        planOf(edgedWith(openStrip(stitches, 40), { kind: 'shell', edge: 'strip', rounds: 1 })),
      );
      return counts.stretches.map(({ name, adjusted }) => [name, adjusted]);
    });
    expect(across).toEqual([
      [
        ['front', 0],
        ['side', 0],
        ['back', 0],
        ['side', 0],
      ],
      [
        ['front', -1],
        ['side', 0],
        ['back', -1],
        ['side', 0],
      ],
    ]);
  });
});

describe('an edging of any bag', () => {
  it('never makes a bag of the same counts smaller, nor its flap shorter', () => {
    const kinds = fc.constantFrom(
      'fold-over-strip' as const,
      'boxed-corners' as const,
      'gusset' as const,
      'around-chain' as const,
      'oval-base' as const,
    );
    fc.assert(
      fc.property(
        kinds.chain(someBag),
        fc.oneof(anyPlain, anyOver),
        fc.constantFrom('strip' as const, 'mouth' as const, 'flap' as const),
        (bag, edging, edge) => {
          const without = planOf(bag);
          const { frontRows, backRows, stitchCount } = without.pouch;
          const { bridgeRows, flapRows } = without.flap;
          const counted = withBody(bag, {
            chosenStitches: stitchCount,
            chosenRows: {
              front: frontRows,
              back: backRows,
              bridge: without.flap.hasFlap ? bridgeRows : null,
              flap: without.flap.hasFlap ? flapRows : null,
            },
          });
          const edged = planOf(edgedWith(counted, { ...edging, edge }));
          expect(edged.pouch.figures.width.value).toBeGreaterThanOrEqual(without.pouch.figures.width.value - 1e-9);
          expect(edged.pouch.figures.height.value).toBeGreaterThanOrEqual(without.pouch.figures.height.value - 1e-9);
          if (without.flap.hasFlap)
            expect(edged.flap.dropMm.empty).toBeGreaterThanOrEqual(without.flap.dropMm.empty - 1e-9);
        },
      ),
      { numRuns: 60 },
    );
  });

  it('lies flat by the lengths of its arcs, or says that it does not', () => {
    fc.assert(
      fc.property(
        someBag('fold-over-strip'),
        fc.oneof(anyPlain, anyOver),
        fc.constantFrom('strip' as const, 'flap' as const),
        (bag, edging, edge) => {
          fc.pre(edge === 'strip' || bag.flap.kind !== 'none');
          const plan = planOf(edgedWith(bag, { ...edging, edge }));
          const { counts, figures, problems } = stageOf(plan);
          const panel = plan.pieces[0];
          if (panel?.kind !== 'rows') throw new Error('a strip is one panel');
          // Each row end by itself, as the hand meets it: level up, and over what is left or drawn in.
          const hem = panel.zones.find(({ id }) => id === 'hem');
          const first = edge === 'strip' ? 1 : plan.pouch.frontRows + plan.pouch.backRows + 1;
          const straight = plan.workedFrom === 'front-edge';
          const ends = panel.rows.map((row, index) => ({
            ...row,
            row: straight ? index + 1 : panel.rows.length - index,
          }));
          const side = ends.filter(({ row }) => row >= first && !(hem && row >= hem.fromRow && row <= hem.toRow));
          const lengthMm = side.reduce(
            (sum, { by, changeEachSide }) =>
              sum +
              (by === 'decreasing' || by === 'increasing'
                ? Math.hypot(panel.rowMm, changeEachSide * panel.stitchMm)
                : panel.rowMm),
            0,
          );
          const sides = counts.stretches.filter(({ name }) => name === 'side');
          const picks = sides.reduce((sum, stretch) => sum + stretch.picks - stretch.stitches, 0) / 2;
          const flatness = (picks * figures.stitchWidth.value) / lengthMm;
          expect(figures.flatness?.value).toBeCloseTo(flatness, 6);
          expect(problems.some(({ code }) => String(code) === 'edging-not-flat')).toBe(
            flatness < 0.95 || flatness > 1.05,
          );
        },
      ),
      { numRuns: 100 },
    );
  });

  it('comes out in full repeats: a closed round in nothing but repeats, a row with what stands beside them', () => {
    // Common practice, no source: shells of six, picots after three, spikes in every third.
    const MULTIPLES = { crab: [1, 0], picot: [3, 1], shell: [6, 1], spikes: [3, 2] } as const;
    const onBag = fc
      .constantFrom('fold-over-strip' as const, 'gusset' as const, 'around-chain' as const)
      .chain(someBag);
    fc.assert(
      fc.property(
        onBag,
        anyOver,
        fc.constantFrom('strip' as const, 'mouth' as const, 'flap' as const, 'band' as const),
        (bag, edging, edge) => {
          const plan = planOf(edgedWith(bag, { ...edging, edge }));
          fc.pre(plan.edgings.length > 0);
          const { counts, edge: free } = stageOf(plan);
          const [multiple, beside] = MULTIPLES[edging.kind];
          expect(counts.rounds.at(-1)).toBe((counts.repeats ?? 0) * multiple + (free.isRound ? 0 : beside));
          expect(counts.repeats).toBeGreaterThanOrEqual(1);
        },
      ),
    );
  });

  it('is worked before what shuts its edge off, and after what has to be done for it', () => {
    const orderOf = (design: Design) => planOf(design).steps.map(({ id }) => id);
    const bag = bagOf('fold-over-strip');
    const at = (ids: readonly string[], id: string) => ids.indexOf(id);
    const before = orderOf(edgedWith(bag, { kind: 'single', edge: 'strip' }));
    expect(at(before, 'work-edging')).toBeLessThan(at(before, 'block'));
    expect(at(before, 'work-edging')).toBeLessThan(at(before, 'seam-sides'));
    const after = orderOf(edgedWith(bag, { kind: 'single', edge: 'strip', blocking: 'after' }));
    expect(at(after, 'work-edging')).toBeGreaterThan(at(after, 'block'));
    expect(at(after, 'work-edging')).toBeLessThan(at(after, 'seam-sides'));
    const mouth = orderOf({ ...edgedWith(bag, { kind: 'single', edge: 'mouth', seaming: 'after' }), flap: NO_FLAP });
    expect(at(mouth, 'work-edging')).toBeGreaterThan(at(mouth, 'seam-sides'));
  });

  it('takes yarn: its area, by what its stitches usually take', () => {
    const bag = { ...bagOf('fold-over-strip'), flap: NO_FLAP };
    const counted = withBody(bag, {
      chosenStitches: 40,
      chosenRows: { front: 30, back: 30, bridge: null, flap: null },
    });
    const weighed = { ...counted, swatch: { ...counted.swatch, weighed: { massG: 20, widthMm: 200, heightMm: 200 } } };
    const grams = (design: Design) => planOf(design).yarn.figures?.fabric.value ?? NaN;
    // 20 g over 400 cm²; a border 5 mm deep round 200 by 300 mm, with its corners: 51 cm².
    expect(grams(edgedWith(weighed, { kind: 'single', edge: 'strip' })) - grams(weighed)).toBeCloseTo(
      (20 / 400) * 51,
      6,
    );
  });

  it('along a band is what the band is joined by: as many stitches as are picked up along its edge', () => {
    fc.assert(
      fc.property(
        fc.constantFrom('gusset' as const, 'round-purse' as const).chain(someBag),
        anyPlain,
        (bag, edging) => {
          const plan = planOf(edgedWith(bag, { ...edging, edge: 'band' }));
          const { counts } = stageOf(plan);
          for (const join of plan.joins.filter(({ edges }) => edges[1].hasBorder))
            expect(join.stretches.reduce((sum, { second }) => sum + second, 0)).toBe(counts.rounds[0]);
          expect(plan.joins.some(({ edges }) => edges[1].hasBorder)).toBe(true);
        },
      ),
      { numRuns: 60 },
    );
  });

  it('lies beside the rows that are not turned back, from whichever end the strip is worked', () => {
    const bag: Design = {
      ...bagOf('fold-over-strip'),
      flap: { kind: 'straight', dropMm: 80, widthMm: null, hemMm: 20 },
    };
    for (const workedFrom of ['front-edge', 'flap-edge']) {
      const plan = planOf(withBody(edgedWith(bag, { kind: 'single', edge: 'strip' }), { workedFrom }));
      const panel = plan.pieces[0];
      const hem = panel?.kind === 'rows' ? panel.zones.find(({ id }) => id === 'hem') : undefined;
      if (panel?.kind !== 'rows' || !hem) throw new Error('no hem was planned');
      const [low, high] = hem.fromRow === 1 ? [hem.toRow * 5, panel.rows.length * 5] : [0, (hem.fromRow - 1) * 5];
      const along = stageOf(plan).marks.flatMap(({ form }) =>
        form.kind === 'outline' ? form.points.map(([, alongMm]) => alongMm) : [],
      );
      expect([Math.min(...along), Math.max(...along)]).toEqual([low - 5, high + 5]);
    }
  });

  it('is left out, with a word, where the bag has no such edge or another edging is on it', () => {
    const codes = (design: Design) => planOf(design).problems.map(({ code }) => String(code));
    expect(codes(edgedWith(bagOf('round-purse'), { kind: 'single', edge: 'strip' }))).toContain('edging-without-edge');
    const twice: Design = {
      ...bagOf('fold-over-strip'),
      edgings: [usualEdging('single', 'strip'), usualEdging('shell', 'flap')],
    };
    expect(planOf(twice).edgings).toHaveLength(1);
    expect(codes(twice)).toContain('edging-on-edging');
  });
});
