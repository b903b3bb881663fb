import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { applyEdits, type Design, patternOf, usualLining } from '@/core/design';
import { planBag } from '@/core/plan';
import { PANEL_STITCH_IDS, STITCHES, isPlainAt, workPattern, type StitchId } from '@/core/stitches';
import { designAt, planOf, plannableDesign } from '@/core/testing/designs';

const inStitch = (stitch: StitchId, change: (design: Design) => Design = (d) => d): Design =>
  designAt(5, 5, 2, (d) => change({ ...d, stitch, swatch: { ...d.swatch, stitch } }));

const codes = (design: Design) => planOf(design).problems.map(({ code }) => code);

describe('counts that are offered', () => {
  test('can each be worked, are ranked by how near they come, and hold the planned one', () => {
    fc.assert(
      fc.property(plannableDesign, (design) => {
        const { offers, pouch } = planOf(design);
        for (const { stitches } of offers) expect(workPattern(patternOf(design), stitches, 8).ok).toBe(true);
        const offs = offers.map(({ off }) => Math.abs(off.value));
        for (let index = 1; index < offs.length; index += 1)
          expect(offs[index] as number).toBeGreaterThanOrEqual((offs[index - 1] as number) - 2e-6);
        expect(offers.some(({ stitches, isPlanned }) => isPlanned && stitches === pouch.stitchCount)).toBe(true);
        expect(offers[0]?.stitches).toBe(pouch.stitchCount);
      }),
      { numRuns: 150 },
    );
  });

  test('a count that is taken is the plan’s, with the width that was offered', () => {
    for (const id of PANEL_STITCH_IDS) {
      const design = inStitch(id);
      for (const offer of planOf(design).offers) {
        const read = applyEdits(design, offer.edits);
        if (!read.ok) throw new Error(`${id}: ${read.faults[0]?.sentence}`);
        const { pouch } = planOf(read.design);
        expect([pouch.stitchCount, pouch.figures.startingChain?.value]).toEqual([offer.stitches, offer.startingChain]);
        expect(pouch.figures.width.value).toBeCloseTo(offer.width.value, 9);
      }
    }
  });
});

test('of two counts that come equally near, the larger is planned and offered first', () => {
  const design = inStitch('sc', (d) => ({
    ...d,
    body: { ...d.body, widthMm: 182.5, seam: { ...d.body.seam, takeUpStitches: 0 } },
  }));
  const { offers, pouch } = planOf(design);
  expect([pouch.stitchCount, offers[0]?.stitches, offers[1]?.stitches]).toEqual([37, 37, 36]);
});

describe('a bag in a textured stitch', () => {
  test('is told of a fold on a raised row, and every way out leads to a plain one', () => {
    const design = inStitch('bobble-field', (d) => ({
      ...d,
      body: { ...d.body, chosenRows: { front: 26, back: 27, bridge: 2, flap: 18 } },
    }));
    const problem = planOf(design).problems.find(
      ({ code, mark }) => code === 'fold-on-texture' && mark === 'fold.base',
    );
    expect(problem?.values).toEqual({ row: 26 });
    expect(problem?.repairs.map(({ values }) => values)).toEqual([{ row: 25 }, { row: 27 }]);
    for (const repair of problem?.repairs ?? []) {
      const read = applyEdits(design, repair.edits);
      if (!read.ok) throw new Error(read.faults[0]?.sentence);
      const { pouch } = planOf(read.design);
      expect(isPlainAt(STITCHES['bobble-field'], pouch.frontRows)).toBe(true);
      // Both faces go with the fold, so that their upper edges still meet.
      expect(pouch.backRows).toBe(pouch.frontRows);
    }
  });

  test('a pattern without plain rows is not asked to fold on one', () => {
    expect(codes(inStitch('waffle'))).not.toContain('fold-on-texture');
  });

  test('an open fabric asks for a lining, until it has one', () => {
    expect(codes(inStitch('cluster-mesh'))).toContain('open-without-lining');
    const lined = inStitch('cluster-mesh', (d) => ({
      ...d,
      lining: { ...usualLining(), allowanceMm: 16, insetMm: 4, thicknessMm: 0.3 },
    }));
    expect(codes(lined)).not.toContain('open-without-lining');
  });

  test('only a motif with an up is said to stand on its head', () => {
    expect(codes(inStitch('raised-drops'))).toContain('motif-upside-down');
    expect(codes(inStitch('bobble-field'))).not.toContain('motif-upside-down');
  });
});

describe('a swatch in another stitch than the bag', () => {
  const mixed = designAt(5, 5, 2, (d) => ({ ...d, stitch: 'dc' }));

  test('foretells the gauge, says so, and widens its ±', () => {
    const { gauge, problems } = planOf(mixed);
    expect(gauge.rowHeight.value).toBeCloseTo(10, 9);
    expect(gauge.rowHeight.plusMinus ?? 0).toBeGreaterThan(1);
    const own = planOf({ ...mixed, swatch: { ...mixed.swatch, stitch: 'dc' } }).gauge.rowHeight;
    expect(own.value).toBeCloseTo(5, 9);
    expect(own.plusMinus ?? 0).toBeLessThan(0.5);
    expect(problems.find(({ code }) => code === 'swatch-other-stitch')?.severity).toBe('decide');
  });

  test.each([0, 1])('way out %d settles it', (which) => {
    const repair = planOf(mixed).problems.find(({ code }) => code === 'swatch-other-stitch')?.repairs[which];
    const read = applyEdits(mixed, repair?.edits ?? []);
    if (!read.ok) throw new Error(read.faults[0]?.sentence);
    expect(codes(read.design)).not.toContain('swatch-other-stitch');
  });

  test('weighs the yarn of the bag’s stitch, not the swatch’s', () => {
    const mass = (design: Design) => planOf(design).yarn.figures?.massPerArea.value ?? 0;
    expect(mass(mixed) / mass(inStitch('sc'))).toBeCloseTo(STITCHES.dc.nature.yarnToSc, 9);
  });

  test('a count settled on for another stitch is kept as near as the repeat allows, never worked as it is', () => {
    for (const id of PANEL_STITCH_IDS) {
      const { pouch } = planOf(inStitch(id, (d) => ({ ...d, body: { ...d.body, chosenStitches: 38 } })));
      expect(workPattern(STITCHES[id], pouch.stitchCount, 8).ok, id).toBe(true);
      expect(Math.abs(pouch.stitchCount - 38)).toBeLessThanOrEqual(STITCHES[id].repeatStitches / 2);
    }
  });

  test('a swatch for a strip leaves more open for a panel', () => {
    const strip = inStitch('sc', (d) => ({ ...d, swatch: { ...d.swatch, standsFor: 'strip' } }));
    expect(codes(strip)).toContain('swatch-other-piece');
    expect(planOf(strip).gauge.rowHeight.plusMinus ?? 0).toBeGreaterThan(
      planOf(inStitch('sc')).gauge.rowHeight.plusMinus ?? 0,
    );
  });

  test('a reading over less than two repeats is mentioned', () => {
    const small = inStitch('cluster-mesh', (d) => ({
      ...d,
      swatch: {
        ...d.swatch,
        stitchReadings: [
          { count: 8, lengthMm: 40 },
          { count: 9, lengthMm: 45 },
        ],
      },
    }));
    expect(codes(small)).toContain('swatch-under-two-repeats');
    expect(planBag(small).ok).toBe(true);
  });
});
