import fc from 'fast-check';
import { equalTo, greaterEq, solve as solveMilp, type Constraint } from 'yalps';
import { describe, expect, it } from 'vitest';
import { conflictOf } from './conflicts';
import { CRITERIA, perUnit, type Costs, type Units, type Weights } from './criteria';
import { plansOf, type FabricOptions, type SolutionModel } from './model';
import { costsOf, type Candidate } from './search';
import { solve, type Solved } from './solve';
import type { Wishes } from './wishes';

const UNITS: Units = { sizeMm: 5, doubtMm: 5, flapMm: 10, folds: 1, yarnG: 5, stitches: 100 };
const FREE: Wishes = {
  fits: false,
  yarnG: null,
  offMm: null,
  plainFolds: false,
  triedHooks: false,
  sameStitch: false,
};

const mm = fc.integer({ min: 0, max: 60 });

const anyFabric = (index: number): fc.Arbitrary<FabricOptions> =>
  fc.record({
    stitch: fc.constant(index % 2 === 0 ? ('sc' as const) : ('hdc' as const)),
    hookMm: fc.constant(3 + index / 2),
    swatch: fc.constant(null),
    plainEdge: fc.constant(0),
    isBags: fc.record({ stitch: fc.boolean(), hook: fc.boolean() }),
    across: fc.array(
      fc.record({
        stitches: fc.integer({ min: 5, max: 60 }),
        offMm: mm,
        doubtMm: mm,
        shortMm: fc.constantFrom(0, 0, 7),
      }),
      { minLength: 1, maxLength: 4 },
    ),
    sides: fc.array(
      fc.record({
        front: fc.integer({ min: 1, max: 40 }),
        back: fc.integer({ min: 1, max: 40 }),
        offMm: mm,
        doubtMm: mm,
        shortMm: fc.constantFrom(0, 0, 4),
        rows: fc.integer({ min: 2, max: 80 }),
        tails: fc.array(
          fc.record({
            bridge: fc.integer({ min: 0, max: 9 }),
            flap: fc.integer({ min: 1, max: 30 }),
            offMm: mm,
            texture: fc.integer({ min: 0, max: 4 }),
            rows: fc.integer({ min: 1, max: 40 }),
          }),
          { minLength: 1, maxLength: 3 },
        ),
      }),
      { minLength: 1, maxLength: 3 },
    ),
    yarn: fc.record({
      perStitchG: fc.double({ min: 0.005, max: 0.1, noNaN: true }),
      restG: fc.integer({ min: 0, max: 20 }),
    }),
    restStitches: fc.integer({ min: 0, max: 300 }),
  });

const anyModel: fc.Arbitrary<SolutionModel> = fc
  .integer({ min: 1, max: 3 })
  .chain((count) => fc.tuple(...Array.from({ length: count }, (_, index) => anyFabric(index))))
  .map((fabrics) => ({ fabrics, plans: fabrics.reduce((sum, fabric) => sum + plansOf(fabric), 0) }));

const anyWeights: fc.Arbitrary<Weights> = fc.record(
  Object.fromEntries(CRITERIA.map((criterion) => [criterion, fc.integer({ min: 0, max: 5 })])) as Record<
    keyof Weights,
    fc.Arbitrary<number>
  >,
);

const everyPlan = ({ fabrics }: SolutionModel): Candidate[] =>
  fabrics.flatMap((fabric) =>
    fabric.across.flatMap((across) =>
      fabric.sides.flatMap((side) => side.tails.map((tail) => ({ fabric, across, side, tail }))),
    ),
  );

function solved(model: SolutionModel, weights: Weights, wishes: Wishes, mostWeighed?: number): Solved {
  const steps = solve(model, {
    weights,
    units: UNITS,
    wishes,
    listed: 100,
    ofOneFabric: 100,
    ...(mostWeighed === undefined ? {} : { mostWeighed }),
  });
  for (;;) {
    const step = steps.next();
    if (step.done) return step.value;
  }
}

/** What a plan comes to and scores, written anew from the meaning of each criterion, not from what the search reckons by. */
function weighed({ fabric, across, side, tail }: Candidate, weights: Weights): { costs: Costs; score: number } {
  const stitches = (across.stitches as number) * side.rows + (across.stitches as number) * tail.rows;
  const costs = {
    size: side.offMm + across.offMm,
    doubt: side.doubtMm + across.doubtMm,
    flap: tail.offMm,
    texture: tail.texture,
    yarn: stitches * (fabric.yarn?.perStitchG ?? 0) + (fabric.yarn?.restG ?? 0),
    work: stitches + fabric.restStitches,
  };
  // Worse by a unit is worse by the weight; what weighs nothing still decides between plans alike in all else.
  const least = 0.0001;
  const score =
    ((weights.size + least) * costs.size) / 5 +
    ((weights.doubt + least) * costs.doubt) / 5 +
    ((weights.flap + least) * costs.flap) / 10 +
    (weights.texture + least) * costs.texture +
    ((weights.yarn + least) * costs.yarn) / 5 +
    ((weights.work + least) * costs.work) / 100;
  return { costs, score };
}

/** Worse in nothing and better in something, written anew. */
const betters = (a: Costs, b: Costs): boolean =>
  CRITERIA.every((one) => a[one] - b[one] <= 1e-9) && CRITERIA.some((one) => b[one] - a[one] > 1e-9);

/** Written anew from the meaning of each wish. */
const keepsTo = (wishes: Wishes, { fabric, across, side, tail }: Candidate): boolean =>
  !(
    (wishes.fits && (across.shortMm > 0 || side.shortMm > 0)) ||
    (wishes.offMm !== null && Math.max(across.offMm, side.offMm) > wishes.offMm) ||
    (wishes.plainFolds && tail.texture > 0) ||
    (wishes.triedHooks && fabric.swatch === null) ||
    (wishes.sameStitch && !fabric.isBags.stitch) ||
    (wishes.yarnG !== null && costsOf({ fabric, across, side, tail }).yarn > wishes.yarnG)
  );

const anyWishes: fc.Arbitrary<Wishes> = fc.record({
  fits: fc.boolean(),
  yarnG: fc.option(fc.integer({ min: 5, max: 200 })),
  offMm: fc.option(fc.integer({ min: 0, max: 60 })),
  plainFolds: fc.boolean(),
  triedHooks: fc.constant(false),
  sameStitch: fc.boolean(),
});

describe('the search for the best plans', () => {
  it('finds what trying every plan finds, and lists only plans that none betters', () => {
    fc.assert(
      fc.property(anyModel, anyWeights, anyWishes, (model, weights, wishes) => {
        const all = everyPlan(model)
          .filter((one) => keepsTo(wishes, one))
          .map((one) => weighed(one, weights));
        const { found, conflict, tally, gap } = solved(model, weights, wishes);
        expect(gap).toBe(0);
        if (all.length === 0) {
          expect(found).toEqual([]);
          expect(conflict).not.toBeNull();
          return;
        }
        expect(conflict).toBeNull();
        expect(tally.weighed + tally.ruledOut).toBe(model.plans);
        const best = Math.min(...all.map(({ score }) => score));
        expect(found[0]?.score).toBeCloseTo(best, 6);
        for (const one of found) expect(all.some(({ costs }) => betters(costs, one.costs))).toBe(false);
        // Whatever scores as well as a listed plan and is bettered by none is listed too.
        const worst = found.at(-1)?.score ?? 0;
        const free = all.filter(
          ({ score, costs }) => score < worst - 1e-6 && !all.some((other) => betters(other.costs, costs)),
        );
        for (const { score } of free) expect(found.some((one) => Math.abs(one.score - score) < 1e-6)).toBe(true);
      }),
    );
  });

  it('finds what a mixed-integer solver finds', () => {
    // yalps, a simplex and branch-and-bound solver, given the same model as yes-or-no variables.
    fc.assert(
      fc.property(anyModel, anyWeights, (model, weights) => {
        const rates = perUnit(weights, UNITS);
        const variables = new Map<string, Record<string, number>>();
        const constraints = new Map<string, Constraint>();
        constraints.set('one', equalTo(1));
        const binaries: string[] = [];
        const choose = (name: string, rows: Record<string, number>) => {
          variables.set(name, rows);
          binaries.push(name);
        };
        model.fabrics.forEach((fabric, f) => {
          const perStitch = rates.yarn * (fabric.yarn?.perStitchG ?? 0) + rates.work;
          const rest = rates.yarn * (fabric.yarn?.restG ?? 0) + rates.work * fabric.restStitches;
          constraints.set(`rows ${f}`, equalTo(0));
          fabric.across.forEach((across, i) =>
            choose(`x ${f} ${i}`, {
              one: 1,
              [`rows ${f}`]: 1,
              cost: rates.size * across.offMm + rates.doubt * across.doubtMm + rest,
              ...Object.fromEntries(
                fabric.sides.flatMap(({ tails }, j) => tails.map((_, k) => [`both ${f} ${i} ${j} ${k}`, -1])),
              ),
            }),
          );
          fabric.sides.forEach((side, j) =>
            side.tails.forEach((tail, k) => {
              choose(`t ${f} ${j} ${k}`, {
                [`rows ${f}`]: -1,
                cost:
                  rates.size * side.offMm +
                  rates.doubt * side.doubtMm +
                  rates.flap * tail.offMm +
                  rates.texture * tail.texture,
                ...Object.fromEntries(fabric.across.map((_, i) => [`both ${f} ${i} ${j} ${k}`, -1])),
              });
              fabric.across.forEach((across, i) => {
                // The stitches of a count across and rows are there when both are chosen: both ≥ x + t − 1.
                const name = `both ${f} ${i} ${j} ${k}`;
                constraints.set(name, greaterEq(-1));
                variables.set(`z ${name}`, {
                  [name]: 1,
                  cost: perStitch * (across.stitches ?? 1) * (side.rows + tail.rows),
                });
              });
            }),
          );
        });
        const milp = solveMilp({ direction: 'minimize', objective: 'cost', constraints, variables, binaries });
        expect(milp.status).toBe('optimal');
        expect(solved(model, weights, FREE).found[0]?.score).toBeCloseTo(milp.result, 4);
      }),
      { numRuns: 40 },
    );
  });

  it('says how much better a plan could be where it was stopped before the end', () => {
    const [first] = fc.sample(anyModel, { numRuns: 1, seed: 4 });
    const weights: Weights = { size: 3, doubt: 2, flap: 2, texture: 2, yarn: 1, work: 1 };
    const [fabric] = first?.fabrics ?? [];
    if (!fabric) throw new Error('there is a model');
    // A hundred fabrics that are alike but for what the rest of the bag takes.
    const fabrics = Array.from({ length: 100 }, (_, index) => ({ ...fabric, restStitches: index }));
    const model = { fabrics, plans: 100 * plansOf(fabric) };
    const broken = solved(model, weights, FREE, 1);
    const whole = solved(model, weights, FREE);
    expect(whole.gap).toBe(0);
    // No plan is better than what it has found by more than the gap it states.
    const found = broken.found[0]?.score ?? NaN;
    expect(found - broken.gap).toBeLessThanOrEqual((whole.found[0]?.score ?? NaN) + 1e-9);
    expect(found).toBeGreaterThanOrEqual((whole.found[0]?.score ?? NaN) - 1e-9);
  });
});

describe('wishes that cannot be had together', () => {
  const tail = { bridge: 1, flap: 5, offMm: 0, texture: 0, rows: 6 };
  const side = { front: 10, back: 10, offMm: 0, doubtMm: 1, shortMm: 0, rows: 20, tails: [tail] };
  const fabric: FabricOptions = {
    stitch: 'sc',
    hookMm: 4,
    swatch: null,
    plainEdge: 0,
    isBags: { stitch: true, hook: true },
    across: [
      { stitches: 20, offMm: 12, doubtMm: 1, shortMm: 0 },
      { stitches: 16, offMm: 2, doubtMm: 1, shortMm: 8 },
    ],
    sides: [side],
    yarn: { perStitchG: 0.1, restG: 4 },
    restStitches: 0,
  };
  const model: SolutionModel = { fabrics: [fabric], plans: 2 };

  it('are told, with the least that has to be given up of each', () => {
    // 20 stitches by 26 rows at 0.1 g, and 4 g: 56 g. Narrower by four stitches, what goes in lacks 8 mm.
    expect(conflictOf(model, { ...FREE, fits: true, offMm: 5 })).toEqual({
      wishes: ['fits', 'offMm'],
      giveUp: [
        { wish: 'fits', to: 8 },
        { wish: 'offMm', to: 12 },
      ],
    });
    const dear = conflictOf(model, { ...FREE, fits: true, yarnG: 50, plainFolds: true });
    expect(dear?.wishes).toEqual(['fits', 'yarnG']);
    expect(dear?.giveUp.find(({ wish }) => wish === 'yarnG')?.to).toBeCloseTo(56, 9);
    expect(conflictOf(model, { ...FREE, triedHooks: true })).toEqual({
      wishes: ['triedHooks'],
      giveUp: [{ wish: 'triedHooks', to: null }],
    });
  });

  it('are none where a plan keeps to all', () => {
    expect(conflictOf(model, { ...FREE, fits: true, yarnG: 56 })).toBeNull();
  });
});
