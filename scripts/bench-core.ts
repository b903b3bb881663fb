/** Times what the core computes, in Node: prints the milliseconds of each run as JSON, by what was run. */
import fc from 'fast-check';
import { alternatives } from '../src/core/alternatives';
import { benchState, replan, type MakingEvent } from '../src/core/bench';
import { BODY_KINDS, usualBody } from '../src/core/body';
import { pieceOfBody } from '../src/core/gauge';
import { KNOWN_THINGS, packQuickly, packStepwise, carriedThings, type Box } from '../src/core/contents';
import { madeBag } from '../src/core/logbook';
import { seededRandom } from '../src/core/random';
import { finder } from '../src/core/stock';
import {
  USUAL_HARDWARE,
  USUAL_TRIMS,
  starterDesign,
  swatchIdSchema,
  usualEdging,
  usualStrap,
  type BodyKind,
  type Design,
  type Swatch,
} from '../src/core/design';
import { CLOSURES } from '../src/core/closure';
import { foldBag, gridsOf } from '../src/core/fold';
import { settingGraph } from '../src/core/making';
import { makings } from '../src/core/makings';
import { solutions } from '../src/core/solutions';
import { perUnit } from '../src/core/solutions/criteria';
import { solutionModel } from '../src/core/solutions/fabricOptions';
import { search } from '../src/core/solutions/search';
import { FITTING_KINDS } from '../src/core/fittingKinds';
import { planFittings } from '../src/core/fittings';
import { planBag, type Plan } from '../src/core/plan';
import { bagOf } from '../src/core/testing/bodies';
import { planOf } from '../src/core/testing/designs';
import { shareAt, stretchDoubt } from '../src/core/strap/stretch';
import { anyDesign } from '../src/core/testing/anyDesign';
import { demoBags } from '../src/demo/demoBags';
import { demoSwatches } from '../src/demo/demoSwatches';
import { orderLayout } from '../src/drawing/orderLayout';
import { shelfWork } from '../src/workers/shelfWork';
import { timesOf } from './lib/timesOf';

/** Runs of a whole plan before the measured ones, so that the engine has compiled what they run. Measured on their own. */
const FIRST_PLANS = 3000;

/** Never the same design twice in a row, so that nothing could be remembered from the run before. */
const designs: Design[] = Array.from({ length: 3 * FIRST_PLANS }, (_, index) => {
  const bags = demoBags();
  const design = bags[index % bags.length] as Design;
  return { ...design, body: { ...design.body, widthMm: design.body.widthMm + (index % 97) } };
});

/** A bag of a construction whose front has 200 stitches and 300 rows, never the same one twice in a row. */
const large = (kind: BodyKind, index = 0): Design => {
  const base = starterDesign('rounded', swatchIdSchema.parse('bench-large'));
  const readings = (mm: number) => [20, 30].map((count) => ({ count, lengthMm: count * mm }));
  const body = usualBody(kind, base.body, base.body);
  const round = kind === 'round-purse';
  return {
    ...base,
    closures: round ? [] : (demoBags().slice(-1)[0]?.closures ?? []),
    swatch: {
      ...base.swatch,
      thicknessMm: 1,
      stitchReadings: readings(2),
      rowReadings: readings(1.4),
      standsFor: pieceOfBody(kind),
    },
    body: {
      ...body,
      widthMm: round ? 780 : 400 + 0.1 * (index % 31),
      heightMm: round ? 780 : 420,
      ...('depthMm' in body ? { depthMm: 60 } : {}),
      ...('radiusMm' in body ? { radiusMm: 60 } : {}),
    } as Design['body'],
    flap: round
      ? { kind: 'none', dropMm: 100, widthMm: null, hemMm: null }
      : { kind: 'rounded-corners', dropMm: 250, widthMm: null, hemMm: null, radiusMm: 80 },
  };
};

const random = seededRandom(7);
const between = (least: number, most: number) => Math.round(least + random() * (most - least));
/** Eight different things out of those that the app knows, up to the size of a passport. */
const smallThings = KNOWN_THINGS.filter(({ widthMm, heightMm }) => widthMm <= 125 && heightMm <= 180);
const eightKnown = (): Box[] =>
  [...smallThings]
    .map((thing) => ({ thing, at: random() }))
    .sort((a, b) => a.at - b.at)
    .slice(0, 8)
    .map(({ thing: { widthMm, heightMm, thicknessMm, turns } }) => ({
      widthMm,
      heightMm,
      thicknessMm: thicknessMm ?? between(2, 12),
      turns,
    }));
/** Eight boxes of any proportions, each turned in the plane of the bag: harder than things that people carry. */
const eightBoxes = (): Box[] =>
  Array.from({ length: 8 }, () => ({
    widthMm: between(20, 150),
    heightMm: between(30, 180),
    thicknessMm: between(3, 28),
    turns: 'in-the-plane',
  }));
const lists = (count: number, make: () => Box[]) => Array.from({ length: count }, make);

/** A yarn tried on eight hooks: a full library for one yarn. */
const [clutch] = demoBags().slice(-1) as [Design];
const library: Swatch[] = Array.from({ length: 8 }, (_, index) => ({
  ...clutch.swatch,
  id: swatchIdSchema.parse(`bench-${index}`),
  hookMm: 2 + 0.5 * index,
  stitchReadings: clutch.swatch.stitchReadings.map((reading) => ({
    ...reading,
    lengthMm: reading.lengthMm * (0.85 + 0.06 * index),
  })),
}));

const clutches = designs.slice(0, 220).flatMap((design) => {
  const result = planBag({ ...design, swatch: { ...clutch.swatch, id: swatchIdSchema.parse('bench-0') } });
  return result.ok ? [result.plan] : [];
});
const settled = clutches.map(({ contents }) => contents.settled);

const runOut = (steps: Generator<unknown>) => {
  while (!steps.next().done);
};

const plans = timesOf(
  designs.map((design) => ({
    design,
    packings: packQuickly(carriedThings(design.contents.items).map(({ box }) => box)),
  })),
  ({ design, packings }) => planBag(design, packings),
  0,
);

/** The clutch, which has a snap, a strap and a lining, with a border round it besides. */
const edgedClutch: Design = {
  ...clutch,
  edgings: [{ ...usualEdging('shell', 'strip'), hookMm: 2.5, rounds: 2 }],
};
const clutchPacking = packQuickly(carriedThings(clutch.contents.items).map(({ box }) => box));

const edgedPlans = timesOf(
  Array.from({ length: 2 * FIRST_PLANS }, (_, index) => ({
    ...edgedClutch,
    body: { ...edgedClutch.body, widthMm: 150 + (index % 97) },
  })),
  (design) => {
    if (!planBag(design, clutchPacking).ok) throw new Error('no plan of an edged clutch');
  },
  0,
);

/** The clutch with two handles on its faces and a long strap that clips on, each tried with six weights; an edging besides. */
const TRIED = {
  of: 'plain',
  stitch: 'sc',
  rows: 40,
  slackMm: 188,
  slackWidthMm: 24,
  loaded: [100, 200, 400, 700, 1000, 1500].map((massG, index) => ({ massG, lengthMm: 192 + 3 * index })),
  pulledMm: 214,
  pulledWidthMm: 20,
} as const;
const handled: Design = {
  ...edgedClutch,
  straps: [
    { ...usualStrap(), sample: TRIED, over: 'in-the-hand', wornLengthMm: 330, feet: { on: 'front', inStitches: 4 } },
    { ...usualStrap(), sample: TRIED, over: 'in-the-hand', wornLengthMm: 330, feet: { on: 'back', inStitches: 4 } },
    {
      ...usualStrap(),
      sample: TRIED,
      over: 'on-the-shoulder',
      school: 'loaded',
      wornLengthMm: 900,
      ends: { kind: 'clasp', lengthMm: 38, innerMm: 25, tabMm: 10 },
      adjust: { kind: 'slider', longerMm: 150 },
    },
  ],
};
const handledPlans = Array.from({ length: 97 }, (_, index) => {
  const result = planBag({ ...handled, body: { ...handled.body, widthMm: 150 + index } }, clutchPacking);
  if (!result.ok) throw new Error('no plan of a clutch with handles');
  return result.plan;
});
/** Three straps planned on a bag that is planned already. */
const threeStraps = (index: number) => {
  const plan = handledPlans[index % handledPlans.length] as Plan;
  const { gauge, contents, pouch, flap, pieces, joins, tracks, whole, section } = plan;
  const design = { ...contents.settled, closures: [], edgings: [], lining: null };
  const set = { ...plan, pieces, joins, tracks, figures: [] };
  planFittings(
    { design, gauge, mass: contents.figures.mass, pouch, flap, set, whole, section, bare: () => null },
    FITTING_KINDS,
  );
};
const strapPlans = timesOf(
  Array.from({ length: 2 * FIRST_PLANS }, (_, index) => index),
  threeStraps,
  0.5,
);
/** Ten pieces that close and trim a bag, planned on one that is planned already; and the graph of what is set before what of them. */
const PIECES = {
  closures: [
    CLOSURES['magnetic-snap'],
    CLOSURES['press-stud'],
    CLOSURES['tuck-lock'],
    CLOSURES.buttonhole,
    CLOSURES.tab,
    CLOSURES.drawstring,
  ].map(({ usual }) => usual(handled)),
  hardware: [USUAL_HARDWARE.ring, USUAL_HARDWARE.eyelet],
  trims: [USUAL_TRIMS.tassel, USUAL_TRIMS.flower],
};
const tenPieces = (index: number) => {
  const plan = handledPlans[index % handledPlans.length] as Plan;
  const { gauge, contents, pouch, flap, pieces, joins, tracks, whole, section } = plan;
  const design = { ...contents.settled, ...PIECES, straps: [], edgings: [], lining: null };
  const set = { ...plan, pieces, joins, tracks, figures: [] };
  planFittings(
    { design, gauge, mass: contents.figures.mass, pouch, flap, set, whole, section, bare: () => null },
    FITTING_KINDS,
  );
};
const closurePlans = timesOf(
  Array.from({ length: 2 * FIRST_PLANS }, (_, index) => index),
  tenPieces,
  0.5,
);
const manyPieces = planBag({ ...handled, ...PIECES }, clutchPacking);
if (!manyPieces.ok) throw new Error('no plan of a bag with ten pieces on it');
const { steps: manySteps } = manyPieces.plan;
const orderGraphs = timesOf(
  Array.from({ length: 120 }, (_, index) => index),
  () => orderLayout(settingGraph(manySteps, 'closures', 'hardware'), { widthPx: 148, heightPx: 44 }),
  0.5,
);
const stretchFits = timesOf(
  Array.from({ length: 2000 }, (_, index) => ({ ...TRIED, pulledMm: 214 + 0.01 * index })),
  (trial) => stretchDoubt(trial)((curve) => shareAt(curve, 7)),
);

/** A making of ten thousand rows, as a window that is opened reads it. */
const told = Array.from({ length: 10_000 }, (_, index): MakingEvent => ({
  kind: 'row',
  ...{ id: `event-${String(index).padStart(6, '0')}`, n: index + 1, atMs: index * 60_000 },
  ...{ piece: 'panel', copy: 1, row: index + 1 },
}));

const halfMade = bagOf('fold-over-strip');
const halfMadePlan = planOf(halfMade);
/** The plan anew from a tape laid on after some rows. */
const planAnew = (rows: number) =>
  replan(
    halfMade,
    halfMadePlan,
    { rows: new Map([['panel.1', rows]]) },
    { rows, lengthMm: rows * halfMadePlan.pouch.rowMm * 1.05, width: null },
  );

/** All that a fold is read by: the sheets, and every point that they are told at. */
const foldable = designs.slice(0, 900).flatMap((design) => {
  const result = planBag(design);
  return result.ok ? [result.plan] : [];
});
const largeFoldable = BODY_KINDS.flatMap((kind) =>
  Array.from({ length: 20 }, (_, index) => {
    const result = planBag(large(kind, index));
    if (!result.ok) throw new Error(`no plan of a large ${kind}`);
    return result.plan;
  }),
);
const fold = (plan: (typeof foldable)[number]) => gridsOf(foldBag(plan, { state: 'loaded', flap: 1 }));

const WEIGHTS = { size: 3, doubt: 2, flap: 2, texture: 2, yarn: 1, work: 1 };
const FREE = { fits: true, yarnG: null, offMm: null, plainFolds: false, triedHooks: false, sameStitch: false };

/** How many plans a second are reckoned one by one, nothing ruled out. */
function plansPerSecond(): number[] {
  const building = solutionModel(clutch, demoSwatches());
  let built = building.next();
  while (!built.done) built = building.next();
  const model = built.value;
  const rates = perUnit(WEIGHTS, { sizeMm: 5, doubtMm: 5, flapMm: 10, folds: 1, yarnG: 5, stitches: 300 });
  return Array.from({ length: 9 }, () => {
    const tally = { weighed: 0, ruledOut: 0 };
    const start = performance.now();
    runOut(
      search(
        model,
        rates,
        { ...FREE, fits: false },
        () => Infinity,
        () => {},
        tally,
      ),
    );
    return tally.weighed / ((performance.now() - start) / 1000);
  }).slice(1);
}

/** Five thousand lines of stores, and what is typed into the field above them. */
const SEARCHED = 'cotton 17 r';
const stash = Array.from(
  { length: 5000 },
  (_, index) => `Cotton no. ${index}, rosé Yarn 50 g, ${index % 97} m, lot ${index % 13}`,
);
const toldPlan = planOf(clutch);

process.stdout.write(
  JSON.stringify({
    plan: { first: plans.slice(0, FIRST_PLANS), later: plans.slice(FIRST_PLANS) },
    threePieces: large('gusset'),
    constructions: Object.fromEntries(
      BODY_KINDS.map((kind) => [
        kind,
        timesOf(
          Array.from({ length: 330 }, (_, index) => large(kind, index)),
          (design) => {
            if (!planBag(design).ok) throw new Error(`no plan of a large ${kind}`);
          },
        ),
      ]),
    ),
    planEdged: { first: edgedPlans.slice(0, FIRST_PLANS), later: edgedPlans.slice(FIRST_PLANS) },
    handled,
    // 40 stitches wide; front, back, over the top and flap come to 90 rows or so.
    forty: {
      ...handled,
      body: { ...handled.body, chosenStitches: 40, chosenRows: { ...handled.body.chosenRows, front: 32, back: 32 } },
    },
    // The first is a pair, so that its grip lies beside those of the others.
    oneOn: { ...handled, closures: PIECES.closures.slice(0, 1), straps: [] },
    tenOn: {
      ...handled,
      ...PIECES,
      closures: PIECES.closures.map((one, index) => (index === 0 ? { ...one, layout: 'pair', inMm: 24 } : one)),
      straps: [],
    },
    strapPlans,
    closurePlans,
    orderGraphs,
    benchStates: timesOf(
      Array.from({ length: 200 }, () => told),
      benchState,
    ),
    stashSearches: timesOf(
      Array.from({ length: 400 }, (_, index) => SEARCHED.slice(0, 1 + (index % SEARCHED.length))),
      finder(stash, (text) => text),
    ),
    logbooks: timesOf(
      Array.from({ length: 200 }, (_, index) => told.slice(0, 1000 + index)),
      (events) => madeBag('bag', clutch, toldPlan, events, ({ choice }) => choice.kind),
    ),
    replans: timesOf(
      Array.from({ length: 300 }, (_, index) => 10 + (index % 30)),
      planAnew,
    ),
    stretchFits,
    planAndPack: timesOf(designs.slice(0, 6000), (design) => planBag(design)),
    cards: timesOf(fc.sample(anyDesign, { numRuns: 400, seed: 7 }), (design) => shelfWork.card(design, null)),
    fold: timesOf(foldable, fold, 0.3),
    foldLarge: timesOf(largeFoldable, fold),
    plansPerSecond: plansPerSecond(),
    solutions: timesOf(
      Array.from({ length: 24 }, (_, index) => ({ ...clutch, body: { ...clutch.body, widthMm: 170 + index } })),
      (design) =>
        runOut(
          solutions(
            design,
            demoSwatches(),
            WEIGHTS,
            FREE,
            packQuickly(carriedThings(design.contents.items).map(({ box }) => box)),
          ),
        ),
    ),
    makings: timesOf(clutches.slice(0, 44), (plan) => runOut(makings(plan, 2000, seededRandom(1)))),
    packing: timesOf(lists(88, eightKnown), (things) => runOut(packStepwise(things))),
    packingBoxes: timesOf(lists(88, eightBoxes), (things) => runOut(packStepwise(things))),
    alternatives: timesOf(settled, (design) => runOut(alternatives(design, [...library, ...demoSwatches()]))),
  }),
);
