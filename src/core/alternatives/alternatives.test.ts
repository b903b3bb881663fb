import fc from 'fast-check';
import { linearRegression, linearRegressionLine } from 'simple-statistics';
import { describe, expect, it, test } from 'vitest';
import { applyEdits, ownStitchIdSchema, swatchIdSchema, type Design, type Swatch } from '@/core/design';
import { gaugeOnHook } from '@/core/gauge';
import { STITCHES, everywhere, skip, work, workPattern, chain } from '@/core/stitches';
import { patternNamed } from '@/core/design';
import { withPlainEdge } from '@/core/stitches';
import { designAt, planOf, plannableDesign } from '@/core/testing/designs';
import { alternativeFigures, alternatives, hookFigures, isSameFabric, type Alternative } from '.';

function found(design: Design, swatches: readonly Swatch[] = []): { shares: number[]; all: Alternative[] } {
  const steps = alternatives(planOf(design).contents.settled, swatches);
  const shares: number[] = [];
  for (;;) {
    const step = steps.next();
    if (step.done) return { shares, all: step.value };
    shares.push(step.value);
  }
}

/** The same yarn on another hook: so much wider a stitch, so much higher a row. */
const onHook = (swatch: Swatch, hookMm: number, stitchMm: number, rowMm: number): Swatch => ({
  ...swatch,
  id: swatchIdSchema.parse(`hook-${hookMm}`),
  name: `On ${hookMm}`,
  hookMm,
  stitchReadings: [20, 30].map((count) => ({ count, lengthMm: count * stitchMm })),
  rowReadings: [20, 30].map((count) => ({ count, lengthMm: count * rowMm })),
});

describe('other ways to the same sizes', () => {
  it('come to what they say when they are taken, whatever the bag', () => {
    fc.assert(
      fc.property(plannableDesign, fc.nat({ max: 50 }), (base, pick) => {
        const design: Design = { ...base, contents: { ...base.contents, thicknessMm: 0 } };
        const takeable = found(design).all.filter(({ edits }) => edits.length > 0);
        fc.pre(takeable.length > 0);
        const one = takeable[pick % takeable.length] as Alternative;
        const read = applyEdits(design, one.edits);
        if (!read.ok) throw new Error(read.faults[0]?.sentence);
        const { pouch } = planOf(read.design);
        expect([pouch.stitchCount, pouch.figures.startingChain?.value]).toEqual([one.stitches, one.startingChain]);
        expect(pouch.figures.width.value).toBeCloseTo(one.width.mm, 6);
        expect(pouch.frontRows).toBe(one.frontRows);
        expect(pouch.figures.height.value).toBeCloseTo(one.height.mm, 6);
        expect(pouch.figures.width.plusMinus ?? NaN).toBeCloseTo(one.width.plusMinusMm, 6);
      }),
      { numRuns: 60 },
    );
  });

  it('are ranked by the most they may be off, and can each be worked', () => {
    const design = designAt(5, 5, 2);
    const { all, shares } = found(design, [onHook(design.swatch, 6, 5.6, 5.5)]);
    const offs = all.map(({ mostOffMm }) => mostOffMm);
    expect(offs).toEqual([...offs].sort((a, b) => a - b));
    for (const { stitch, plainEdge, stitches } of all) {
      const pattern = withPlainEdge(patternNamed(stitch, []), plainEdge);
      expect(workPattern(pattern, stitches, 8).ok, `${stitch} on ${stitches}`).toBe(true);
    }
    expect(shares.at(-1)).toBe(1);
    expect(shares).toEqual([...shares].sort((a, b) => a - b));
  });

  it('take in swatches of the same yarn on other hooks, and hooks between them, which want a swatch first', () => {
    const design = designAt(5, 5, 2);
    const bigger = onHook(design.swatch, design.swatch.hookMm + 1.5, 6, 5.8);
    const hooks = (swatches: Swatch[]) => new Map(found(design, swatches).all.map((one) => [one.hookMm, one]));
    expect([...hooks([]).keys()]).toEqual([design.swatch.hookMm]);
    const tried = hooks([bigger]);
    expect(tried.get(bigger.hookMm)?.swatch?.id).toBe(bigger.id);
    const between = [...tried.values()].filter(({ swatch }) => swatch === null);
    expect(between.length).toBeGreaterThan(0);
    for (const { hookMm, edits } of between) {
      expect(hookMm).toBeGreaterThan(design.swatch.hookMm);
      expect(hookMm).toBeLessThan(bigger.hookMm);
      expect(edits).toEqual([]);
    }
  });

  it('pass over what is not the same fabric', () => {
    const { swatch } = designAt(5, 5, 2);
    expect(isSameFabric(swatch, onHook(swatch, 7, 6, 6))).toBe(true);
    for (const other of [
      { ...swatch, yarn: { ...swatch.yarn, name: 'Another' } },
      { ...swatch, stitch: 'dc' as const },
      { ...swatch, strands: 2 },
      { ...swatch, standsFor: 'strip' as const },
      { ...swatch, state: 'hanging' as const },
    ])
      expect(isSameFabric(swatch, other)).toBe(false);
  });

  it('offer a plain edge where the repeat alone does not come near', () => {
    // 5 mm stitches in a repeat of 5 + 1: 41 or 46 for 205 mm of panel; two plain ones a side give 5n + 5.
    const design = designAt(5, 5, 2, (d) => ({
      ...d,
      stitch: 'cluster-mesh',
      swatch: { ...d.swatch, stitch: 'cluster-mesh' },
      body: { ...d.body, widthMm: 225, seam: { kind: 'whip', finish: 'turned', takeUpStitches: 0 } },
    }));
    const [edged] = found(design).all.filter(({ stitch, plainEdge }) => stitch === 'cluster-mesh' && plainEdge > 0);
    expect([edged?.plainEdge, edged?.stitches]).toEqual([2, 45]);
    expect(planOf(design).pouch.stitchCount).toBe(46);
  });

  it('hold her own patterns beside the catalogue', () => {
    const id = ownStitchIdSchema.parse('own:mine');
    const design = designAt(5, 5, 2, (d) => ({
      ...d,
      ownStitches: [
        {
          id,
          name: 'Mine',
          base: 'sc',
          setupRows: [],
          rows: [everywhere(work('sc'), chain(1), skip(1))] as never,
          firstRowPublic: true,
          nature: STITCHES.linen.nature,
        },
      ],
    }));
    const own = found(design).all.filter(({ stitch }) => stitch === id);
    expect(own.length).toBeGreaterThan(0);
    for (const { stitches } of own) expect(stitches % 2).toBe(0);
  });

  it('say where each of their numbers comes from', () => {
    const design = designAt(5, 5, 2);
    const [one] = found(design).all as [Alternative];
    const { width, height, off } = alternativeFigures(one, '0');
    expect([width.value, height.value, off.value]).toEqual([one.width.mm, one.height.mm, one.mostOffMm]);
    const wanted = planOf(design).contents.settled.body;
    expect(off.value).toBeCloseTo(
      Math.abs(width.value - wanted.widthMm) +
        Math.abs(height.value - wanted.heightMm) +
        (width.plusMinus ?? NaN) +
        (height.plusMinus ?? NaN),
      9,
    );
  });
});

describe('a hook that was not tried', () => {
  const design = designAt(5, 5, 2);
  const points = [
    { hookMm: 3, mm: 4.6, plusMinusMm: 0.05 },
    { hookMm: 4, mm: 5.1, plusMinusMm: 0.05 },
    { hookMm: 5, mm: 5.7, plusMinusMm: 0.05 },
  ];

  test('is read off the line of least squares, and the bag on it follows', () => {
    const line = gaugeOnHook(points);
    if (!line) throw new Error('no line');
    const { stitchWidth, stitches, width } = hookFigures(planOf(design).contents.settled, line, points, 4.5);
    const least = linearRegressionLine(linearRegression(points.map(({ hookMm, mm }) => [hookMm, mm])));
    expect(stitchWidth.value).toBeCloseTo(least(4.5), 2);
    const wanted = design.body.widthMm / stitchWidth.value + 2 * design.body.seam.takeUpStitches;
    expect(Math.abs((stitches?.value ?? NaN) - wanted)).toBeLessThanOrEqual(0.5);
    expect(width?.value).toBeCloseTo(
      ((stitches?.value ?? NaN) - 2 * design.body.seam.takeUpStitches) * stitchWidth.value,
      9,
    );
  });

  test('says no count where one repeat is already too wide', () => {
    const line = gaugeOnHook(points);
    if (!line) throw new Error('no line');
    const settled = planOf(design).contents.settled;
    const narrow = { ...settled, stitch: 'cluster-mesh' as const, body: { ...settled.body, widthMm: 6 } };
    expect(hookFigures(narrow, line, points, 4.5)).toMatchObject({ stitches: null, width: null });
  });
});
