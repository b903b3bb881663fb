import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { applyEdits, usualStrap, type Design, type WorkedStrap, type WorkedStrapKind } from '@/core/design';
import type { Plan } from '@/core/plan';
import { designAt, planOf, pulledTrial, triedStrap, workedStrapOf } from '@/core/testing/designs';
import { writePattern } from '@/core/wording';
import { slackToWorkMm } from './strapSizes';

const withStrap = (change: Partial<WorkedStrap>): Design => ({
  ...designAt(5, 5, 2),
  straps: [{ ...triedStrap(), ...change }],
});

const BARE = { hardwareMm: 0, doubledMm: 0, lossMm: 0 };

describe('slackToWorkMm', () => {
  it('has a handle that pulls to 432 mm worked 311 mm slack', () => {
    // Common practice, no source: a spiral handle 311 mm slack pulls to 432 mm.
    const slack = slackToWorkMm({ wornLengthMm: 432, school: 'pulled', slackMm: 311, pulledMm: 432, path: BARE });
    expect(slack).toBeCloseTo(311, 9);
  });

  it('adds 25 mm for each sewn-in end, which does not stretch', () => {
    // Common practice, no source.
    const strap = {
      wornLengthMm: 900,
      school: 'pulled',
      slackMm: 90,
      slackWidthMm: null,
      loaded: [],
      pulledMm: 100,
      pulledWidthMm: null,
    } as const;
    expect(slackToWorkMm({ ...strap, path: { ...BARE, lossMm: 50 } }) - slackToWorkMm({ ...strap, path: BARE })).toBe(
      50,
    );
  });

  it('is never longer than worn, less stretch the longer', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 100, max: 2000, noNaN: true }),
        fc.double({ min: 50, max: 400, noNaN: true }),
        fc.double({ min: 0, max: 100, noNaN: true }),
        (wornLengthMm, slackMm, growthMm) => {
          const at = (pulledMm: number) =>
            slackToWorkMm({ wornLengthMm, school: 'pulled', slackMm, pulledMm, path: BARE });
          expect(at(slackMm + growthMm)).toBeLessThanOrEqual(wornLengthMm + 1e-9);
          expect(at(slackMm + growthMm + 1)).toBeLessThan(at(slackMm + growthMm));
        },
      ),
    );
  });
});

describe('the plain strap', () => {
  it('comes out to the row on a worked example', () => {
    // 40 rows are 200 mm slack and 250 mm pulled: a quarter longer. 1000 mm worn is 800 mm slack, and 20 mm sewn down at each
    // end: 840 mm, 168 rows of 5 mm.
    const strap = workedStrapOf(
      planOf(
        withStrap({
          wornLengthMm: 1000,
          overlapMm: 20,
          sample: pulledTrial({ rows: 40, slackMm: 200, pulledMm: 250 }),
        }),
      ),
    );
    expect(strap?.figures.slackToWork.value).toBeCloseTo(840, 9);
    expect(strap?.rowCount).toBe(168);
    expect(strap?.figures.pulledPlanned.value).toBeCloseTo(1000, 9);
  });

  it('is worn within half a row of what was wanted, in every school', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 200, max: 1500 }),
        fc.integer({ min: 10, max: 60 }),
        fc.integer({ min: 100, max: 400 }),
        fc.integer({ min: 0, max: 120 }),
        fc.constantFrom('pulled' as const, 'loaded' as const, 'slack' as const),
        (wornLengthMm, rows, slackMm, growthMm, school) => {
          const sample = pulledTrial({ rows, slackMm, pulledMm: slackMm + growthMm });
          const strap = workedStrapOf(planOf(withStrap({ wornLengthMm, school, sample })));
          const wornRowMm = (school === 'slack' ? slackMm : slackMm + growthMm) / rows;
          expect(Math.abs((strap?.figures.pulledPlanned.value ?? NaN) - wornLengthMm)).toBeLessThanOrEqual(
            wornRowMm / 2 + 1e-6,
          );
        },
      ),
    );
  });

  it('has its feet on the side seams, half on the front and half on the back', () => {
    const plan = planOf(withStrap({ widthMm: 25, overlapMm: 25 }));
    const foot = workedStrapOf(plan).hung.feet.foot;
    if (foot?.on !== 'sides') throw new Error('a strip has sides');
    expect(foot.front.rows).toEqual({ from: 1, to: 5 });
    const seamEnd = plan.pouch.frontRows + (plan.pouch.figures.seamRows?.value ?? 0);
    expect(foot.back.rows).toEqual({ from: seamEnd - 4, to: seamEnd });
    expect(foot.frontStitches + foot.backStitches).toBe(workedStrapOf(plan).stitchCount);
  });

  it('advises to reinforce one that stretches much', () => {
    const sample = pulledTrial({ rows: 40, slackMm: 200, pulledMm: 290 });
    const codesOf = (design: Design) => planOf(design).problems.map(({ code }) => code);
    expect(codesOf(withStrap({ sample }))).toContain('strap-stretches-much');
    expect(codesOf(withStrap({ sample, school: 'slack' }))).not.toContain('strap-stretches-much');
  });

  it('says of a second strap that it is sewn where the first one is, until it is taken off', () => {
    const both: Design = { ...withStrap({}), straps: [triedStrap(), triedStrap()] };
    const over = (design: Design) => planOf(design).problems.find(({ code }) => String(code) === 'strap-over-strap');
    const mended = applyEdits(both, over(both)?.repairs[0]?.edits ?? []);
    if (!mended.ok) throw new Error('the repair can’t be made');
    expect(mended.design.straps).toHaveLength(1);
    expect(over(mended.design)).toBeUndefined();
  });

  it('is surer from a longer trial strip', () => {
    const doubt = (rows: number) =>
      workedStrapOf(planOf(withStrap({ sample: pulledTrial({ rows, slackMm: rows * 5, pulledMm: rows * 6 }) }))).figures
        .pulledPlanned.plusMinus;
    expect(doubt(80) ?? NaN).toBeLessThan(doubt(20) ?? NaN);
  });

  const inStitch = (stitch: Design['stitch'], sample: WorkedStrap['sample'] = null): Design => {
    const bag = withStrap({ sample });
    return { ...bag, stitch, swatch: { ...bag.swatch, stitch } };
  };

  it('without a trial strip follows from the bag’s own rows, and says how little is known', () => {
    // Rows of 5 mm: the strap's are foretold as high, and the ± of the whole is a tenth of it at least (common practice).
    const strap = workedStrapOf(
      planOf(withStrap({ sample: null, school: 'slack', wornLengthMm: 1000, overlapMm: 25 })),
    );
    expect(strap?.rowCount).toBe(210);
    expect(strap?.figures.rowHeight.basis).toBe('foretold');
    expect(strap?.figures.growth.basis).toBe('rough');
    expect(strap?.figures.slackPlanned.plusMinus ?? 0).toBeGreaterThan(0.1 * 1050);
    expect(strap?.problems.map(({ code }) => code)).toContain('strap-not-tried');
  });

  it('has as many rows as the bag’s own gauge gives in a tall stitch, not those of a strip in another', () => {
    // The bag's rows are 5 mm here, whatever the stitch is called; so are the strap's, worked in the same.
    for (const stitch of ['hdc', 'dc', 'tr'] as const)
      expect(workedStrapOf(planOf(inStitch(stitch))).figures.rowHeight.value).toBeCloseTo(5, 9);
    // A pattern's strap is in its plain stitch: rows of waffle, a double crochet fabric, are 1.75 sc high to 2 of dc (from memory).
    expect(workedStrapOf(planOf(inStitch('waffle'))).figures.rowHeight.value).toBeCloseTo((5 * 2) / 1.75, 9);
  });

  it('asks about a trial strip in another stitch, or with rows that are none of this bag', () => {
    const codes = (design: Design) => planOf(design).problems.map(({ code }) => code);
    const sample = pulledTrial({ rows: 40, slackMm: 200, pulledMm: 220 });
    expect(codes(inStitch('sc', sample))).not.toContain('strap-trial-other-stitch');
    expect(codes(inStitch('dc', sample))).toContain('strap-trial-other-stitch');
    expect(workedStrapOf(planOf(inStitch('dc', sample))).figures.rowHeight.value).toBeCloseTo(10, 9);
    expect(codes(inStitch('sc', { ...sample, rows: 90 }))).toContain('strap-trial-unlike');
  });
});

describe('a strap under its bag', () => {
  // 200 mm slack, 240 mm fully pulled, and half way between under 500 g.
  const sample = { ...pulledTrial({ rows: 40, slackMm: 200, pulledMm: 240 }), loaded: [{ massG: 500, lengthMm: 220 }] };
  const carrying = (change: Partial<WorkedStrap>, contents: Partial<Design['contents']> = {}): Design => {
    const bag = withStrap({ sample, overlapMm: 20, ...change });
    return {
      ...bag,
      swatch: { ...bag.swatch, weighed: null },
      contents: { ...bag.contents, massG: 1000, carried: 'across-the-body', ...contents },
    };
  };
  const problemsOf = (design: Design) =>
    planOf(design).problems.filter(({ place, code }) => place === 'strap' && code !== 'strap-load');
  const mended = (design: Design, code: string): Design => {
    const repair = problemsOf(design).find((problem) => String(problem.code) === code)?.repairs[0];
    const edited = applyEdits(design, repair?.edits ?? []);
    if (!repair || !edited.ok) throw new Error(`${code} was not mended`);
    return edited.design;
  };

  it('is worked so that half of 1000 g in each arm makes it as long as it is worn', () => {
    // Under 500 g a tenth longer: 1100 mm worn are 1000 mm slack, and 20 mm at each end: 208 rows of 5 mm.
    const strap = workedStrapOf(planOf(carrying({ school: 'loaded', wornLengthMm: 1100 })));
    expect(strap?.rowCount).toBe(208);
    expect(strap?.figures.pulledPlanned.value).toBeCloseTo(1100, 6);
    expect(strap?.hanging?.pull.value).toBeCloseTo(500, 6);
    expect(strap?.hanging?.loadedShare?.value).toBeCloseTo(0.1, 6);
    // From memory: a tenth more of the stretch in some weeks.
    expect(strap?.hanging?.crept?.value).toBeCloseTo(1110, 6);
    // Its area is kept: five stitches of 5 mm, 25 mm wide, a tenth longer.
    const wide = strap?.figures.width.value ?? NaN;
    expect(strap?.hanging?.loadedWidth?.value).toBeCloseTo(wide / 1.1, 6);
  });

  it('narrows as the trial strip did, where that was measured', () => {
    const measured = { ...sample, slackWidthMm: 30, pulledWidthMm: 24 };
    const strap = workedStrapOf(planOf(carrying({ school: 'loaded', wornLengthMm: 1100, sample: measured })));
    // A fifth narrower when fully pulled, so a tenth half way.
    expect(strap?.hanging?.loadedWidth?.value).toBeCloseTo(0.9 * (strap?.figures.width.value ?? NaN), 6);
  });

  it('worked to its pulled length it hangs shorter, which is said, and mended by working it to what it carries', () => {
    const pulled = carrying({ school: 'pulled', wornLengthMm: 1200 });
    const strap = workedStrapOf(planOf(pulled));
    expect(strap?.hanging?.loadedLength?.value).toBeCloseTo(1100, 6);
    const loaded = mended(pulled, 'strap-hangs-shorter');
    expect(workedStrapOf(planOf(loaded)).figures.pulledPlanned.value).toBeCloseTo(1200, -1);
    expect(problemsOf(loaded)).toEqual([]);
  });

  it('asks for the weight of what goes in before it is worked to that', () => {
    const unknown = carrying({ school: 'loaded' }, { massG: null });
    expect(workedStrapOf(planOf(unknown)).hanging).toBeNull();
    expect(problemsOf(mended(unknown, 'strap-load-unknown'))).toEqual([]);
  });

  it('hangs below the shoulder by the arms of it, and a tape inside keeps it from stretching', () => {
    const plan = planOf(carrying({ school: 'slack', wornLengthMm: 700 }, { carried: 'on-the-shoulder' }));
    const { hanging, figures } = workedStrapOf(plan);
    const [arm, beside] = [(figures?.pulledPlanned.value ?? NaN) - 110, plan.pouch.figures.width.value - 110];
    expect(hanging?.drop?.value).toBeCloseTo(Math.sqrt(arm ** 2 - beside ** 2) / 2, 6);
    expect(hanging?.loadedShare).toBeNull();
    expect(
      workedStrapOf(planOf(carrying({ school: 'slack' }, { carried: 'round-the-waist' }))).hanging?.drop,
    ).toBeNull();
  });

  it('carries the crochet as well, where the swatch was weighed', () => {
    const bag = carrying({ school: 'loaded' });
    const weighed = { massG: 10, widthMm: 100, heightMm: 100 };
    const plan = planOf({ ...bag, swatch: { ...bag.swatch, weighed } });
    expect(workedStrapOf(plan).load.mass?.value).toBeCloseTo(1000 + plan.whole.area.value / 1000, 6);
  });
});

describe('every kind of worked strap', () => {
  const of = (kind: WorkedStrapKind, change: Partial<WorkedStrap> = {}, design = designAt(5, 5, 2)) =>
    planOf({ ...design, straps: [{ ...usualStrap(), kind, ...change } as WorkedStrap] });
  const stageOf = (plan: Plan) => workedStrapOf(plan);

  it('comes near the wanted width by a count that its stitch allows, and near the wanted length', () => {
    // What one more or less of it makes of the width, mm; stitches and rows of 5 mm.
    const STEPS = {
      plain: 5,
      lengthwise: 5,
      double: 5,
      linen: 10,
      tube: 2.5,
      spiral: 2.5,
      edged: 5,
      'i-cord': 2.5,
    } satisfies Partial<Record<WorkedStrapKind, number>>;
    fc.assert(
      fc.property(
        fc.constantFrom(...(Object.keys(STEPS) as (keyof typeof STEPS)[])),
        fc.integer({ min: 21, max: 120 }),
        fc.integer({ min: 300, max: 2000 }),
        (kind, widthMm, wornLengthMm) => {
          const { figures, rowCount, stitchCount } = stageOf(of(kind, { widthMm, wornLengthMm, school: 'slack' }));
          expect(Math.abs(figures.width.value - widthMm)).toBeLessThanOrEqual(STEPS[kind] / 2 + 1e-9);
          const oneMm = figures.rowHeight.value;
          expect(Math.abs(figures.pulledPlanned.value - wornLengthMm)).toBeLessThanOrEqual(oneMm / 2 + 1e-9);
          if (kind === 'linen') expect(stitchCount % 2).toBe(1);
          const isLong = kind === 'lengthwise' || kind === 'tube';
          expect(figures.slackPlanned.value).toBeCloseTo((isLong ? stitchCount : rowCount) * oneMm, 6);
        },
      ),
    );
  });

  it('closes a band of five rows with a sixth to a tube half as wide as the band', () => {
    // Common practice, no source: five rows, joined by a sixth. Six of 5 mm round it lie 15 mm wide.
    const plan = of('tube', { widthMm: 15 });
    const { figures, rowCount } = stageOf(plan);
    expect([rowCount, figures.width.value]).toEqual([6, 15]);
    const lines = writePattern(designOf('tube', 15), plan).sections.find(({ id }) => id === 'strap')?.lines ?? [];
    expect(lines.join('\n')).toMatch(/Rows? [\d to]*5[^\n]*\n?[^\n]*Row 6: fold the band lengthwise/s);
  });

  it('works a spiral of eight in rounds, and double thickness in rows that are as many as it says', () => {
    // Common practice, no source: eight stitches, through the third loop. Eight of 5 mm round it lie 20 mm wide.
    const spiral = of('spiral', { widthMm: 20 });
    expect(stageOf(spiral).stitchCount).toBe(8);
    const said = (kind: 'spiral' | 'double', plan: Plan) =>
      writePattern(designOf(kind, 20), plan)
        .sections.find(({ id }) => id === 'strap')
        ?.lines.join(' ') ?? '';
    expect(said('spiral', spiral)).toContain(`until there are ${stageOf(spiral).rowCount} rounds`);
    const double = of('double', { widthMm: 20 });
    // The last row closes it.
    expect(said('double', double)).toContain(`until there are ${stageOf(double).rowCount - 1} rows`);
    expect(said('double', double)).toContain('Last row');
  });

  it('takes yarn for all its layers, and for how close its stitch is', () => {
    const weighed = { massG: 20, widthMm: 100, heightMm: 100 };
    const base = designAt(5, 5, 2);
    const grams = (kind: WorkedStrapKind | null) => {
      const design = { ...base, swatch: { ...base.swatch, weighed } };
      const plan =
        kind === null ? planOf({ ...design, straps: [] }) : of(kind, { widthMm: 20, school: 'slack' }, design);
      return plan.yarn.figures?.fabric.value ?? NaN;
    };
    const [none, plain, tube, double] = [null, 'plain' as const, 'tube' as const, 'double' as const].map(grams);
    const took = (of: number | undefined) => (of ?? NaN) - (none ?? NaN);
    // A tube of the same width and length has two layers; double thickness takes 1.9 times the yarn (from memory).
    expect(took(tube) / took(plain)).toBeCloseTo(2, 1);
    expect(took(double) / took(plain)).toBeCloseTo(1.9, 1);
  });

  it('takes no measure from a trial strip of another kind, and says so until one is worked', () => {
    const sample = pulledTrial({ rows: 40, slackMm: 260, pulledMm: 300 });
    const plain = stageOf(of('plain', { sample }));
    expect(plain.figures.rowHeight.value).toBeCloseTo(6.5, 9);
    const plan = of('double', { sample });
    expect(stageOf(plan).figures.rowHeight.value).not.toBeCloseTo(6.5, 1);
    const problem = plan.problems.find(({ code }) => String(code) === 'strap-trial-other-kind');
    expect(problem?.repairs).toHaveLength(2);
  });

  const designOf = (kind: WorkedStrapKind, widthMm: number): Design => ({
    ...designAt(5, 5, 2),
    straps: [{ ...usualStrap(), kind, widthMm } as WorkedStrap],
  });
});
