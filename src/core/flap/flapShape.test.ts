import fc from 'fast-check';
import { describe, expect, it, test } from 'vitest';
import { moveLineEdits, panelLines } from '@/core/body';
import { usualSnap, applyEdits, patternOf, type Design, type Flap } from '@/core/design';
import { withHelpfulRepairs } from '@/core/helpfulRepairs';
import { STITCHES, foundation, workRow, type Cell, type StitchId } from '@/core/stitches';
import { designAt, planOf, plannableDesign } from '@/core/testing/designs';
import { withBody } from '@/core/testing/bodies';
import { replayComplaints } from '@/core/testing/replayPattern';
import { patternAsText, writePattern } from '@/core/wording';
import { areaMm2, shapedPatternRow } from '@/core/pieces';
import { FLAP_KINDS, flapOutline, flapSize, shapeHandle, usualFlap } from '.';

/** Any flap of any shape, with sizes that may or may not fit. */
const anyFlap = (dropMm: number): fc.Arbitrary<Flap> => {
  const size = fc.integer({ min: 5, max: 300 });
  const widthMm = fc.option(fc.integer({ min: 10, max: 500 }), { nil: null });
  const hemMm = fc.option(fc.integer({ min: 5, max: 40 }), { nil: null });
  const base = { dropMm: fc.constant(dropMm), widthMm, hemMm };
  return fc.oneof(
    fc.record({ kind: fc.constant('none' as const), ...base }),
    fc.record({ kind: fc.constant('straight' as const), ...base }),
    fc.record({ kind: fc.constant('tapered' as const), ...base, edgeWidthMm: size }),
    fc.record({ kind: fc.constant('pointed' as const), ...base, pointMm: size }),
    fc.record({ kind: fc.constant('rounded-corners' as const), ...base, radiusMm: size }),
    fc.record({ kind: fc.constant('round' as const), ...base }),
  );
};
const flapped = plannableDesign.chain((design) =>
  anyFlap(design.flap.dropMm).map((flap): Design => ({ ...design, flap })),
);

/** A flap on a bag of exact sizes: 5 mm stitches and rows, 180 wide, flap 90 down. */
const exact = (flap: (base: { dropMm: number; widthMm: null; hemMm: null }) => Flap, stitch: StitchId = 'sc') =>
  designAt(5, 5, 0.2, (d) => ({
    ...d,
    stitch,
    swatch: { ...d.swatch, stitch },
    contents: { ...d.contents, thicknessMm: 0 },
    body: { ...d.body, widthMm: 180, heightMm: 150, seam: { ...d.body.seam, takeUpStitches: 0 } },
    flap: flap({ dropMm: 90, widthMm: null, hemMm: null }),
  }));

describe('any flap', () => {
  it('is symmetric by count, never rises, leaves as much at both sides, and each row can be worked over the one before', () => {
    fc.assert(
      fc.property(flapped, (design) => {
        const { pouch, flap } = planOf(design);
        expect(Number.isInteger(flap.leftEachSide)).toBe(true);
        expect(flap.startStitches + 2 * flap.leftEachSide).toBe(pouch.stitchCount);
        expect((flap.startStitches - patternOf(design).edgeStitches) % patternOf(design).repeatStitches).toBe(0);
        expect(flap.rows).toHaveLength(flap.flapRows);
        let below: Cell[] = foundation(flap.startStitches);
        for (const row of flap.rows) {
          const worked = workRow(shapedPatternRow(row, 'sc'), below);
          if (!worked.ok) throw new Error(`${below.length} → ${row.stitches}: ${JSON.stringify(worked.fault)}`);
          expect(worked.cells).toHaveLength(row.stitches);
          below = worked.cells;
        }
      }),
      { numRuns: 120 },
    );
  });

  it('has the area that its rows add up to, and its outline no further off than is said', () => {
    fc.assert(
      fc.property(flapped, (design) => {
        const { pouch, flap, pieces, whole } = planOf(design);
        const sum = (rows: readonly { stitches: number }[]) => rows.reduce((all, { stitches }) => all + stitches, 0);
        const hem = flap.hemRows * (flap.rows.at(-1)?.stitches ?? 0);
        const stitches =
          (pouch.frontRows + pouch.backRows) * pouch.stitchCount +
          flap.bridgeRows * flap.startStitches +
          sum(flap.rows) +
          hem;
        expect(whole.area.value).toBeCloseTo(stitches * pouch.stitchMm * pouch.rowMm, 4);
        expect(pieces.map(areaMm2)).toEqual([whole.area.value]);
        const half = flapOutline(design.flap, flapSize(pouch, flap));
        flap.rows.forEach((row, index) => {
          const offMm = Math.abs(half((index + 0.5) * pouch.rowMm) - (row.stitches / 2) * pouch.stitchMm);
          expect(offMm / pouch.stitchMm).toBeLessThanOrEqual(flap.figures.outlineOff.value + 1e-9);
        });
      }),
      { numRuns: 120 },
    );
  });

  it('that has no room for its shape is planned as near as can be, and its repair makes it fit', () => {
    fc.assert(
      fc.property(flapped, (design) => {
        const problem = planOf(design).problems.find(({ code }) => code === 'flap-shape-too-large');
        fc.pre(problem !== undefined);
        const read = applyEdits(design, problem?.repairs[0]?.edits ?? []);
        if (!read.ok) throw new Error(read.faults[0]?.sentence);
        const after = planOf(read.design).problems.filter(({ code }) => code === 'flap-shape-too-large');
        expect(after.map(({ path }) => path?.at(-1))).not.toContain(problem?.path?.at(-1));
      }),
      { numRuns: 120 },
    );
  });

  it('is written so that every row says the stitches it comes to', () => {
    fc.assert(
      fc.property(flapped, (design) => {
        const plan = planOf(design);
        const text = patternAsText(writePattern(design, plan));
        expect(text).not.toMatch(/NaN|undefined|Infinity/);
        expect(replayComplaints(design, plan)).toEqual([]);
      }),
      { numRuns: 60 },
    );
  });
});

describe('shapes on a worked example', () => {
  const countsOf = (design: Design) => planOf(design).flap.rows.map(({ stitches }) => stitches);

  test('tapered to half: 36 stitches to 18 over 18 rows, a stitch a side every second row', () => {
    const counts = countsOf(exact((base) => ({ ...base, kind: 'tapered', edgeWidthMm: 90 })));
    expect([counts.length, counts.at(-1)]).toEqual([18, 18]);
    for (let row = 1; row < counts.length; row += 1)
      expect((counts[row - 1] as number) - (counts[row] as number)).toBeLessThanOrEqual(2);
  });

  test('a half circle has the area of one, within a row of stitches', () => {
    const design = exact((base) => ({ ...base, kind: 'round' }));
    const plan = planOf(design);
    const { widthMm, lengthMm } = flapSize(plan.pouch, plan.flap);
    expect([widthMm, lengthMm]).toEqual([180, 90]);
    const stitchArea = 25;
    const flapArea = plan.flap.rows.reduce((sum, { stitches }) => sum + stitches * stitchArea, 0);
    const byIntegration = Array.from(
      { length: 9000 },
      (_, index) => 2 * flapOutline(design.flap, { widthMm, lengthMm })((index + 0.5) / 100) * 0.01,
    ).reduce((a, b) => a + b, 0);
    expect(byIntegration).toBeCloseTo((Math.PI / 2) * 90 ** 2, 0);
    // Rows take the width in their middle: what lies beyond the curve and what is missing of it make up for each other.
    expect(Math.abs(byIntegration - flapArea) / byIntegration).toBeLessThan(0.01);
    // No nub of a stitch or two hangs below a curve that ends wide.
    expect(plan.flap.rows.at(-1)?.stitches).toBeGreaterThan(6);
  });

  test('a point comes to one stitch in the middle, of an odd count or an even one', () => {
    const even = exact((base) => ({ ...base, kind: 'pointed', pointMm: 60 }));
    expect(countsOf(even).slice(-2)).toEqual([4, 1]);
    expect(patternAsText(writePattern(even, planOf(even)))).toContain('sc4tog over next 4 sts, turn. (1 sc)');
    expect(countsOf({ ...even, body: { ...even.body, chosenStitches: 37 } }).at(-1)).toBe(1);
  });

  test('a steep point of an even count ends in one stitch, worked of the last two: no nub of two hangs below it', () => {
    const steep = exact((base) => ({ ...base, kind: 'pointed', pointMm: 88, widthMm: 40 as never }));
    const counts = countsOf(steep);
    // 8 stitches over 17.6 rows: 0.45 a row. The last three rows are narrower than a stitch and a half.
    expect(counts.slice(-6)).toEqual([2, 2, 2, 1, 1, 1]);
    expect(planOf(steep).flap.figures.outlineOff?.value ?? NaN).toBeLessThan(1);
    const text = patternAsText(writePattern(steep, planOf(steep)));
    expect(text).toMatch(/sc2tog over next 2 sts, turn\. \(1 sc\)/);
    const other = withBody(steep, { workedFrom: 'flap-edge' });
    expect(patternAsText(writePattern(other, planOf(other)))).toMatch(/2 sc in next st, turn\. \(2 sc\)/);
  });

  test('a narrower flap starts on the middle stitches of the back, and the snap stays in the middle of both', () => {
    const design: Design = {
      ...exact((base) => ({ ...base, kind: 'straight', widthMm: 120 as never })),
      closures: [{ ...usualSnap(), insetMm: 25 }],
    };
    const plan = planOf(design);
    expect([plan.flap.startStitches, plan.flap.leftEachSide]).toEqual([24, 6]);
    const [half] = plan.snaps[0]?.halves ?? [];
    const [mate] = plan.snaps[0]?.mates ?? [];
    expect(half?.place).toEqual({ kind: 'between', after: 12 });
    expect(mate?.place).toEqual({ kind: 'between', after: 18 });
    expect(half?.acrossMm).toBe(mate?.acrossMm);
    const text = patternAsText(writePattern(design, plan));
    expect(text).toContain(
      'sl st in each of next 6 sts, ch 1 (does not count as a st), sc in each st to last 6 sts, leave last 6 sts unworked, turn. (24 sc)',
    );
  });

  test('decreases are written with their counts', () => {
    const text = patternAsText(
      writePattern(
        exact((base) => ({ ...base, kind: 'pointed', pointMm: 90 })),
        planOf(exact((base) => ({ ...base, kind: 'pointed', pointMm: 90 }))),
      ),
    );
    expect(text).toMatch(
      /ch 1 \(does not count as a st\), sc2tog over next 2 sts, sc in each st to last 2 sts, sc2tog over last 2 sts, turn\. \(34, 32, 30 … 4 sc\)/,
    );
  });

  test('a snap in the hem of a tapered flap has no more beside it than the edge is wide', () => {
    const tapered = (edgeWidthMm: number): Design => ({
      ...exact((base) => ({ ...base, kind: 'tapered', edgeWidthMm, hemMm: 40 as never })),
      closures: [{ ...usualSnap(), insetMm: 20 }],
      lining: null,
    });
    const codes = (design: Design) => planOf(design).problems.map(({ code }) => code);
    expect(planOf(tapered(10)).snaps[0]?.inHem).toBe(true);
    expect(codes(tapered(10))).toContain('snap-beside-flap');
    expect(codes(tapered(60))).not.toContain('snap-beside-flap');
  });

  test('a snap where the flap is too narrow for it says so, and goes further up', () => {
    const design: Design = {
      ...exact((base) => ({ ...base, kind: 'pointed', pointMm: 90 })),
      closures: [{ ...usualSnap(), insetMm: 8, diameterMm: 18 }],
    };
    const problem = planOf(design).problems.find(({ code }) => code === 'snap-beside-flap');
    const read = applyEdits(design, problem?.repairs[0]?.edits ?? []);
    if (!read.ok) throw new Error('refused');
    expect(planOf(read.design).problems.map(({ code }) => code)).not.toContain('snap-beside-flap');
  });
});

test('every shape starts with sizes that fit, and what is pulled is what it says', () => {
  const size = { widthMm: 180, lengthMm: 90 };
  for (const kind of FLAP_KINDS) {
    const flap = usualFlap(kind, { dropMm: 90, widthMm: null, hemMm: null }, size);
    const handle = shapeHandle(flap, size);
    const half = flapOutline(flap, size);
    expect(half(0)).toBeCloseTo(90, 9);
    if (!handle) continue;
    expect((flap as Record<string, unknown>)[handle.field]).toBe(handle.valueMm);
    // The handle lies on the outline.
    expect(half(handle.at.downMm)).toBeCloseTo(handle.at.acrossMm, 6);
  }
});

test('in a pattern with a repeat the shaped rows keep to it, and a plain fabric says its stitch', () => {
  const textured = exact((base) => ({ ...base, kind: 'rounded-corners', radiusMm: 40 }), 'bobble-field');
  const text = patternAsText(writePattern(textured, planOf(textured)));
  expect(text).toMatch(/sc2tog over next 2 sts, .*bobble in next st, sc in each of next 3 sts/);
  expect(text).not.toMatch(/keep to the pattern|go on in the pattern/i);
  expect(STITCHES['bobble-field'].rows.length).toBeGreaterThan(1);
});

describe('a bag without a flap', () => {
  const open = exact((base) => ({ ...base, kind: 'none' }));

  it('ends with the back, in rows, drawing lines, section, steps and words', () => {
    const plan = planOf(open);
    expect([plan.flap.totalRows, plan.flap.flapRows, plan.flap.bridgeRows]).toEqual([
      plan.pouch.frontRows + plan.pouch.backRows,
      0,
      0,
    ]);
    expect(panelLines(plan).map(({ id }) => id)).toEqual(['fold.base', 'edge.back']);
    expect(plan.section.loaded.at(-1)?.toMm).toBeCloseTo(plan.flap.figures.panelLength.value, 6);
    expect(plan.steps.map(({ id }) => id)).not.toContain('work-flap');
    const text = patternAsText(writePattern(open, plan));
    expect(text).not.toMatch(/flap|top fold|NaN|undefined/i);
  });

  it('keeps what was wished for the flap, and gets it back', () => {
    const back = applyEdits(open, [
      { path: ['flap'], value: { kind: 'straight', dropMm: 90, widthMm: null, hemMm: null } },
    ]);
    if (!back.ok) throw new Error('refused');
    expect(planOf(back.design).flap.figures.wantedDrop.value).toBe(open.flap.dropMm);
  });

  it('has no use for a snap: it is left out and said, and either way out settles it', () => {
    const design: Design = { ...open, closures: [usualSnap()] };
    const plan = planOf(design);
    expect(plan.closures[0]).toBeUndefined();
    expect(plan.steps.map(({ id }) => id)).not.toContain('set-snap-flap');
    const problem = plan.problems.find(({ code }) => code === 'snap-without-flap');
    for (const repair of problem?.repairs ?? []) {
      const read = applyEdits(design, repair.edits);
      if (!read.ok) throw new Error('refused');
      expect(planOf(read.design).problems.map(({ code }) => code)).not.toContain('snap-without-flap');
    }
    expect(problem?.repairs).toHaveLength(2);
  });

  // The load makes the bridge longer by π/2 times its thickness, so that the empty bag's flap comes down by so much more.
  it.each([
    [4, 'loaded'],
    [9, 'between'],
    [12, 'both'],
  ] as const)('round a load of %i mm is given a flap with a mate that holds: %s', (thicknessMm, mate) => {
    const design: Design = {
      ...open,
      contents: { ...open.contents, items: [], thicknessMm },
      closures: [{ ...usualSnap(), diameterMm: 18, mate: 'loaded' }],
    };
    const [problem] = withHelpfulRepairs(
      design,
      planOf(design).problems.filter(({ code }) => code === 'snap-without-flap'),
    );
    const give = problem?.repairs.find(({ code }) => code === 'give-flap');
    const read = applyEdits(design, give?.edits ?? []);
    expect(read).toMatchObject({ ok: true, design: { flap: { kind: 'straight' }, closures: [{ mate }] } });
  });

  it('lets its back’s upper edge be moved, and asks for both sides to meet', () => {
    const moved = applyEdits(open, moveLineEdits(planOf(open), 'edge.back', planOf(open).flap.totalRows + 3));
    if (!moved.ok) throw new Error('refused');
    const plan = planOf(moved.design);
    expect(plan.pouch.backRows).toBe(plan.pouch.frontRows + 3);
    expect(plan.problems.map(({ code }) => code)).toContain('front-back-differ');
  });
});
