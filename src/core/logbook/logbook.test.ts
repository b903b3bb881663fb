import Papa from 'papaparse';
import fc from 'fast-check';
import { sampleCorrelation } from 'simple-statistics';
import { describe, expect, it } from 'vitest';
import {
  benchState,
  partsToWork,
  rowToWork,
  type MakingEvent,
  type NewMakingEvent,
  type PartToWork,
} from '@/core/bench';
import { applyEdits, type Design } from '@/core/design';
import { nextNormal, seededRandom } from '@/core/random';
import { bagOf, withBody } from '@/core/testing/bodies';
import { planOf, triedStrap } from '@/core/testing/designs';
import {
  editsLeaving,
  editsTaking,
  effectOf,
  isTaken,
  logbookCsv,
  logbookJson,
  madeBag,
  measuredLessons,
  offersFor,
  offersOf,
  shrunken,
  timeLeft,
  workCounted,
  type Lesson,
} from '.';

const kindOf = ({ choice }: { choice: { kind: string } }): string => choice.kind;

const MINUTE = 60_000;

/** Events one after the other, so many minutes apart. */
function told(events: readonly NewMakingEvent[], minutes = 3): MakingEvent[] {
  return events.map(
    (event, index) =>
      ({ ...event, id: `event-${1000 + index}`, n: index + 1, atMs: (index + 1) * minutes * MINUTE }) as MakingEvent,
  );
}

const weighedBag = (): Design => {
  const design = bagOf('fold-over-strip');
  return { ...design, swatch: { ...design.swatch, weighed: { massG: 10, widthMm: 100, heightMm: 100 } } };
};

describe('what bags say together, drawn towards what is usual', () => {
  // Gelman and others, Bayesian Data Analysis, § 2.5: a normal mean with known variance; here by integration over a grid.
  it('is what the product of prior and likelihoods says, integrated', () => {
    const usual = { mean: 0.2, makers: 0.5, bags: 0.3 };
    const seen = [
      { value: 0.9, sd: 0.1 },
      { value: 0.7, sd: 0.2 },
    ];
    const spread = (4 * 0.09 + 2 * 0.1 ** 2) / 5;
    const density = (x: number, mean: number, variance: number) => Math.exp((-0.5 * (x - mean) ** 2) / variance);
    let [sum, first, second] = [0, 0, 0];
    for (let x = -4; x < 5; x += 0.0005) {
      const weight = seen.reduce(
        (product, one) => product * density(one.value, x, spread + one.sd ** 2),
        density(x, usual.mean, 0.25),
      );
      [sum, first, second] = [sum + weight, first + weight * x, second + weight * x * x];
    }
    const found = shrunken(usual, seen);
    expect(found.mean).toBeCloseTo(first / sum, 6);
    expect(found.sd ** 2).toBeCloseTo(second / sum - (first / sum) ** 2, 6);
    expect(found.nextSd ** 2).toBeCloseTo(found.sd ** 2 + spread, 9);
  });

  it('lies between what is usual and what they told, nearer to the latter the more there are', () => {
    fc.assert(
      fc.property(fc.double({ min: -3, max: 3, noNaN: true }), fc.integer({ min: 1, max: 30 }), (value, count) => {
        const usual = { mean: 0, makers: 0.4, bags: 0.2 };
        const of = (bags: number) =>
          shrunken(
            usual,
            Array.from({ length: bags }, () => ({ value, sd: 0.05 })),
          );
        const [some, more] = [of(count), of(count + 1)];
        expect(Math.abs(some.mean)).toBeLessThanOrEqual(Math.abs(value));
        expect(Math.abs(more.mean)).toBeGreaterThanOrEqual(Math.abs(some.mean));
        expect(more.own).toBeGreaterThan(some.own);
        expect(more.sd).toBeLessThan(some.sd);
      }),
    );
  });

  it('has the next bag within its ± as often as it says, whatever makers there are', () => {
    const random = seededRandom(11);
    const usual = { mean: 0, makers: 0.4, bags: 0.2 };
    const runs = 4000;
    let within = 0;
    const [foretold, came]: [number[], number[]] = [[], []];
    for (let run = 0; run < runs; run += 1) {
      const hers = usual.makers * nextNormal(random);
      const bag = () => hers + usual.bags * nextNormal(random);
      const seen = Array.from({ length: 1 + (run % 4) }, () => ({
        value: bag() + 0.05 * nextNormal(random),
        sd: 0.05,
      }));
      const { mean, nextSd } = shrunken(usual, seen);
      const next = bag();
      if (Math.abs(next - mean) <= 1.959964 * nextSd) within += 1;
      foretold.push(mean);
      came.push(next);
    }
    expect(within / runs).toBeGreaterThan(0.93);
    expect(within / runs).toBeLessThan(0.97);
    expect(sampleCorrelation(foretold, came)).toBeGreaterThan(0.7);
  });
});

/** A strip bag made by a maker whose stitches and rows come out otherwise than on her swatch by these shares. */
function made(design: Design, { wider, lower, more = [] }: { wider: number; lower: number; more?: NewMakingEvent[] }) {
  const plan = planOf(design);
  const [part] = partsToWork(plan);
  const piece = plan.pieces[0];
  if (!part || piece?.kind !== 'rows') throw new Error('a strip is worked in rows');
  const rows = Array.from({ length: part.rowCount }, (_, index): NewMakingEvent => ({
    kind: 'row',
    piece: piece.id,
    copy: 1,
    row: index + 1,
  }));
  const { stitchWidth, rowHeight } = plan.gauge.bySwatch;
  const measured: NewMakingEvent = {
    kind: 'measured',
    piece: piece.id,
    copy: 1,
    rows: 40,
    lengthMm: 40 * rowHeight.value * lower,
    widthMm: (rowToWork(piece, 40)?.stitches ?? 0) * stitchWidth.value * wider,
    leftG: null,
  };
  return { plan, piece, events: told([...rows, measured, ...more]) };
}
const lessonOf = (lessons: readonly Lesson[], kind: Lesson['kind']) => lessons.find((one) => one.kind === kind);

describe('what a bag teaches', () => {
  it('is its gauge against the swatch alone, though the plan has long followed the piece', () => {
    const { plan, events } = made(weighedBag(), { wider: 1.04, lower: 0.95 });
    const worked = {
      rows: { count: 40, lengthMm: 150 },
      stitches: null,
      stitch: plan.pouch ? weighedBag().stitch : 'sc',
      hookMm: weighedBag().swatch.hookMm,
    };
    for (const design of [weighedBag(), { ...weighedBag(), worked } as Design]) {
      const lessons = measuredLessons(design, planOf(design), benchState(events));
      expect(lessonOf(lessons, 'stitchWidth')).toMatchObject({ of: 'panel', value: expect.closeTo(1.04, 9) });
      expect(lessonOf(lessons, 'rowHeight')?.value).toBeCloseTo(0.95, 9);
    }
  });

  it('is what its seams took: what the bag is narrower than its flat piece, shared by both seams', () => {
    const design = weighedBag();
    const plan = planOf(design);
    const piece = plan.pieces[0];
    if (piece?.kind !== 'rows') throw new Error('a strip');
    const flatMm = piece.startStitches * piece.stitchMm;
    // Another take-up of the plan makes the bag so much narrower: measured so, it is that take-up which is learnt.
    const other = planOf(
      withBody(design, {
        chosenStitches: piece.startStitches,
        seam: { ...design.body.seam, takeUpStitches: design.body.seam.takeUpStitches + 0.4 },
      }),
    );
    const came: Design = {
      ...design,
      cameOut: [
        { of: 'bag', widthMm: other.pouch.figures.width.value, heightMm: null, depthMm: null },
        { of: 'panel', widthMm: flatMm, heightMm: null, depthMm: null },
      ],
    };
    const lesson = lessonOf(measuredLessons(came, planOf(came), benchState([])), 'takeUp');
    expect(lesson).toMatchObject({ of: design.body.seam.kind });
    expect(lesson?.value).toBeCloseTo(design.body.seam.takeUpStitches + 0.4, 6);
  });

  it('is how a strap went on giving, what yarn its fabric took, and how long stitches take', () => {
    const design = weighedBag();
    const { figures } = planOf(design).yarn;
    if (!figures) throw new Error('weighed');
    const finished: NewMakingEvent = {
      kind: 'finished',
      usedG: figures.fabric.value * 1.1 + figures.sewing.value,
      hours: null,
      strap: { slackMm: 1000, hungMm: 1200, laterMm: 1250 },
      remark: 'Wears well.',
    };
    const { events, plan } = made(design, { wider: 1, lower: 1, more: [finished] });
    const bag = madeBag('one', design, plan, events, kindOf);
    expect(lessonOf(bag.lessons, 'creep')?.value).toBeCloseTo(0.25, 9);
    expect(lessonOf(bag.lessons, 'yarn')?.value).toBeCloseTo(1.1, 9);
    // Every row took three minutes, but for the first, of which that is not known.
    const stitches = workCounted(partsToWork(plan), { rows: new Map(), steps: new Map() }).stitches.all;
    const timed = bag.rows.all - 1;
    const first = plan.pieces[0]?.kind === 'rows' ? (plan.pieces[0].rows[0]?.stitches ?? 0) : 0;
    expect(lessonOf(bag.lessons, 'pace')?.value).toBeCloseTo((timed * 3) / 60 / ((stitches - first) / 1000), 9);
    // Three minutes a row, whatever else was told between.
    expect(bag.rowsPerHour).toBeCloseTo(20, 9);
    expect(bag.notes).toEqual(['Wears well.']);
    expect(bag.rows).toEqual({ worked: bag.rows.all, all: bag.rows.all });
  });

  it('is nothing where nothing was measured, and nothing of a swatch that never was', () => {
    const design = weighedBag();
    expect(measuredLessons(design, planOf(design), benchState([]))).toEqual([]);
    const { events } = made(design, { wider: 1.04, lower: 0.95 });
    const unmeasured: Design = { ...design, swatch: { ...design.swatch, stitchReadings: [], rowReadings: [] } };
    const lessons = measuredLessons(unmeasured, planOf(unmeasured), benchState(events));
    expect(lessons.map(({ kind }) => kind)).toEqual(['pace']);
  });
});

describe('corrections', () => {
  const bags = (count: number, of: Omit<Lesson, 'sd'>): Lesson[] =>
    Array.from({ length: count }, () => ({ ...of, sd: 0.005 }));
  const design = { ...weighedBag(), straps: [triedStrap()] } as Design;

  it('rest on the bags of their kind, and are offered for the bags that they are about', () => {
    const lessons = [
      ...bags(3, { kind: 'stitchWidth', of: 'panel', value: 1.05 }),
      ...bags(1, { kind: 'stitchWidth', of: 'rounds', value: 0.9 }),
      ...bags(2, { kind: 'takeUp', of: 'mattress', value: 0.9 }),
    ];
    expect(offersOf(lessons).map(({ kind, of, bags: rest }) => [kind, of, rest])).toEqual([
      ['stitchWidth', 'panel', 3],
      ['stitchWidth', 'rounds', 1],
      ['takeUp', 'mattress', 2],
    ]);
    const [only, ...none] = offersFor(design, lessons);
    expect(none).toEqual([]);
    expect(only).toMatchObject({ kind: 'stitchWidth', of: 'panel', bags: 3, told: expect.closeTo(1.05, 9) });
    expect(only?.value).toBeGreaterThan(1.03);
    expect(only?.value).toBeLessThan(1.05);
  });

  it.each([
    ['stitchWidth', 'panel', 1.05],
    ['rowHeight', 'panel', 0.93],
    ['takeUp', 'whip', 0.6],
    ['creep', 'any', 0.3],
    ['yarn', 'any', 1.12],
    ['pace', 'any', 0.8],
  ] as const)(
    '%s: nothing changes until it is taken; taken, the plan changes as foretold; left, it is as it was',
    (kind, of, value) => {
      const [offer] = offersFor(
        { ...design, body: { ...design.body, seam: { ...design.body.seam, kind: 'whip' } } },
        bags(4, { kind, of, value }),
      );
      if (!offer) throw new Error('nothing offered');
      const before = planOf(design);
      expect(isTaken(design, offer)).toBe('no');
      const edits = editsTaking(offer);
      const foretold = effectOf(design, before, edits) ?? [];
      if (kind !== 'pace') expect(foretold.length).toBeGreaterThan(0);
      const read = applyEdits(design, edits);
      if (!read.ok) throw new Error('refused');
      expect(isTaken(read.design, offer)).toBe('as-it-is');
      const { figures } = planOf(read.design);
      for (const { after } of foretold) expect(figures[after.id]?.value).toBe(after.value);
      const back = applyEdits(read.design, editsLeaving(offer));
      if (!back.ok) throw new Error('refused');
      expect(planOf(back.design).figures).toEqual(
        planOf({
          ...design,
          body: { ...design.body, seam: { ...design.body.seam, takeUpStitches: back.design.body.seam.takeUpStitches } },
        }).figures,
      );
    },
  );

  it('a gauge that was corrected is the swatch’s times what was learnt, its ± joined with how bags differ', () => {
    const corrected = { value: 1.05, plusMinus: 0.06, bags: 4 };
    const before = planOf(design).gauge.stitchWidth;
    const after = planOf({ ...design, corrected: { ...design.corrected, stitchWidth: corrected } }).gauge.stitchWidth;
    expect(after.value).toBeCloseTo(before.value * 1.05, 9);
    expect((after.plusMinus ?? 0) / after.value).toBeCloseTo(
      Math.hypot((before.plusMinus ?? 0) / before.value, 0.06),
      9,
    );
    expect(after.reason.inputs.map((one) => one.value)).toContain(4);
  });

  it('a bag made by a correction teaches the same again, for it is measured against the swatch alone', () => {
    const { events } = made(weighedBag(), { wider: 1.04, lower: 0.95 });
    const corrected: Design = {
      ...weighedBag(),
      corrected: { ...weighedBag().corrected, stitchWidth: { value: 1.03, plusMinus: 0.05, bags: 2 } },
    };
    const plain = lessonOf(measuredLessons(weighedBag(), planOf(weighedBag()), benchState(events)), 'stitchWidth');
    // The counts of both plans differ, the gauge that is learnt does not hang on them: the same rows are as wide.
    const [first] = planOf(corrected).pieces;
    const [other] = planOf(weighedBag()).pieces;
    const ratio =
      first?.kind === 'rows' && other?.kind === 'rows'
        ? (other.rows[39]?.stitches ?? 1) / (first.rows[39]?.stitches ?? 1)
        : 1;
    const again = lessonOf(measuredLessons(corrected, planOf(corrected), benchState(events)), 'stitchWidth');
    expect(again?.value).toBeCloseTo((plain?.value ?? 0) * ratio, 9);
  });
});

describe('the logbook as a file', () => {
  const bag = () => {
    const design: Design = {
      ...weighedBag(),
      name: '=SUM(1)',
      cameOut: [{ of: 'bag', widthMm: 251.5, heightMm: null, depthMm: null }],
    };
    const { plan, events } = made(design, { wider: 1, lower: 1 });
    return madeBag('one', design, plan, events, kindOf);
  };
  const day = (ms: number) => new Date(ms).toISOString().slice(0, 10);

  it('is a table that another reader reads the same, and that no spreadsheet reckons', () => {
    const { data } = Papa.parse<Record<string, string>>(logbookCsv([bag()], day), { header: true });
    expect(data[0]).toMatchObject({
      bag: "'=SUM(1)",
      begun: '1970-01-01',
      finished: '',
      width_mm_made: '251.5',
      depth_mm_made: '',
    });
    expect(Number(data[0]?.width_mm_planned)).toBeCloseTo(bag().sizes.widthMm.planned ?? NaN, 1);
  });

  it('is open JSON with what each bag taught', () => {
    const read = JSON.parse(logbookJson([bag()])) as { format: string; bags: unknown[] };
    expect(read.format).toBe('ruelle-logbook');
    expect(read.bags).toEqual(JSON.parse(JSON.stringify([bag()])));
  });
});

describe('time that is left', () => {
  const plan = planOf(weighedBag());
  const parts = partsToWork(plan);
  const all = workCounted(parts, { rows: new Map(), steps: new Map() }).stitches.all;

  it('is what is usual before a row is timed, her own pace where she has one, and rows of this bag once there are some', () => {
    const none = { rows: new Map(), steps: new Map(), rowMs: [] };
    expect(timeLeft(parts, none, null)).toMatchObject({ by: 'usual', hours: expect.closeTo(all / 1000, 9) });
    expect(timeLeft(parts, none, { value: 0.5, plusMinus: 0.2, bags: 3 })).toMatchObject({
      by: 'logbook',
      hours: expect.closeTo(all / 2000, 9),
      plusMinus: expect.closeTo(all / 10000, 9),
    });
    const events = made(weighedBag(), { wider: 1, lower: 1 }).events.slice(0, 21);
    const bench = benchState(events);
    const left = timeLeft(parts, bench, null);
    const perRow = rowToWork((parts[0] as PartToWork).of, 1)?.stitches ?? 0;
    expect(left).toMatchObject({ by: 'timed', timed: 20, stitches: all - 21 * perRow });
    // Twenty rows of three minutes each.
    expect(left.hours).toBeCloseTo(((all - 21 * perRow) / perRow) * 0.05, 9);
  });

  it('is nothing once all is worked', () => {
    const bench = benchState(made(weighedBag(), { wider: 1, lower: 1 }).events);
    expect(timeLeft(parts, bench, null)).toMatchObject({ hours: 0, plusMinus: 0, stitches: 0 });
  });
});
