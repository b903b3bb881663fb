import fc from 'fast-check';
import { describe, expect, it, test } from 'vitest';
import { BODY_KINDS } from '@/core/body';
import { bagOf } from '@/core/testing/bodies';
import { planOf } from '@/core/testing/designs';
import {
  benchState,
  benchStateWith,
  countCheck,
  makingEventSchema,
  partToGoOn,
  partsToWork,
  rowToWork,
  rowsDone,
  stepStandings,
  stepsByRows,
  toTakeBack,
  wouldShut,
  type MakingEvent,
} from '.';

const id = (at: number) => `event-${String(at).padStart(6, '0')}`;
const at = { piece: 'panel', copy: 1 } as const;
const rowEvent = (n: number, row: number, atMs = n * 60_000): MakingEvent => ({
  kind: 'row',
  id: id(n),
  n,
  atMs,
  ...at,
  row,
});

/** What several devices tell: rows, what they take back of what they know, steps, pauses. */
const anyEvents = fc
  .array(
    fc.record({
      what: fc.constantFrom('row', 'row', 'row', 'back', 'step', 'pause' as const),
      row: fc.integer({ min: 1, max: 60 }),
      of: fc.nat(),
      as: fc.constantFrom('done', 'skipped', 'open' as const),
      atMs: fc.integer({ min: 0, max: 10_000_000 }),
      n: fc.integer({ min: 1, max: 40 }),
    }),
    { maxLength: 40 },
  )
  .map((all): MakingEvent[] =>
    all.map(({ what, row, of, as, atMs, n }, index) => {
      const base = { id: id(index), n, atMs };
      if (what === 'row') return { kind: 'row', ...base, ...at, row };
      if (what === 'back') return { kind: 'back', ...base, takes: [id(of % Math.max(1, index))] };
      if (what === 'step') return { kind: 'step', ...base, step: `step-${of % 5}`, as };
      return { kind: 'pause', ...base };
    }),
  );

describe('how far a making is', () => {
  it('follows from what was told, whatever the order in which it came and however often', () => {
    fc.assert(
      fc.property(anyEvents, fc.array(fc.nat(), { maxLength: 30 }), fc.nat(), (events, again, turn) => {
        const shuffled = [...events, ...again.flatMap((one) => events[one % Math.max(1, events.length)] ?? [])];
        const from = shuffled.length === 0 ? 0 : turn % shuffled.length;
        const otherwise = [...shuffled.slice(from), ...shuffled.slice(0, from)].reverse();
        expect(benchState(otherwise)).toEqual(benchState(events));
      }),
      { numRuns: 300 },
    );
  });

  it('counts a row that two devices told once, and keeps the one that the other took back', () => {
    const phone = rowEvent(1, 12);
    const laptop = { ...rowEvent(1, 12), id: 'laptop-row-12' };
    expect(benchState([phone, laptop]).rows.get('panel.1')).toBe(12);
    const back: MakingEvent = { kind: 'back', id: 'taken-back', n: 2, atMs: 0, takes: [phone.id] };
    expect(benchState([phone, laptop, back]).rows.get('panel.1')).toBe(12);
    expect(benchState([phone, back]).rows.get('panel.1')).toBeUndefined();
  });

  it('takes back to any row what was worked beyond it, and nothing else', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 80 }), fc.integer({ min: 0, max: 80 }), (worked, left) => {
        const events = Array.from({ length: worked }, (_, index) => rowEvent(index + 1, index + 1));
        const takes = toTakeBack(events, at, left);
        expect(takes).toHaveLength(Math.max(0, worked - left));
        if (takes.length === 0) return;
        const back: MakingEvent = { kind: 'back', id: 'taken-back', n: worked + 1, atMs: 0, takes };
        expect(benchState([...events, back]).rows.get('panel.1') ?? 0).toBe(left);
        expect(toTakeBack([...events, back], at, left)).toEqual([]);
      }),
    );
  });

  it('reckons the time at work without what she was away, and without a clock that was set back', () => {
    const minutes = (...times: number[]) =>
      benchState(times.map((min, index) => rowEvent(index + 1, index + 1, min * 60_000)));
    expect(minutes(0, 2, 4).workedMs).toBe(4 * 60_000);
    expect(minutes(0, 2, 500, 503).workedMs).toBe(5 * 60_000);
    expect(minutes(60, 2, 4).workedMs).toBe(2 * 60_000);
    const pause: MakingEvent = { kind: 'pause', id: 'laid-down', n: 2, atMs: 60_000 };
    const state = benchState([rowEvent(1, 1, 0), pause, rowEvent(3, 2, 10 * 60_000)]);
    expect(state.workedMs).toBe(60_000);
    expect(state.isPaused).toBe(false);
    expect(benchState([rowEvent(1, 1, 0), pause]).isPaused).toBe(true);
    expect(minutes(0, 2, 4).rowMs.map(({ row, ms }) => [row, ms])).toEqual([
      [2, 120_000],
      [3, 120_000],
    ]);
  });

  it('of a step the last word counts', () => {
    const say = (n: number, as: 'done' | 'skipped' | 'open'): MakingEvent => ({
      kind: 'step',
      id: id(n),
      n,
      atMs: 0,
      step: 'block',
      as,
    });
    expect(benchState([say(1, 'done')]).steps.get('block')).toBe('done');
    expect(benchState([say(2, 'open'), say(1, 'done')]).steps.has('block')).toBe(false);
    expect(benchState([say(1, 'done'), say(2, 'open'), say(3, 'skipped')]).steps.get('block')).toBe('skipped');
  });

  it('refuses what is no event', () => {
    for (const bad of [{}, { ...rowEvent(1, 0) }, { ...rowEvent(1, 1), id: '../x' }, { ...rowEvent(1, 1), n: 1.5 }])
      expect(makingEventSchema.safeParse(bad).success).toBe(false);
  });
});

test('what is held for it is held from when it was told first, and given back when that is told; none of it is time at work', () => {
  const hold = (n: number, holds: boolean): MakingEvent => ({ kind: 'hold', id: id(n), n, atMs: n * 60_000, holds });
  const events = [rowEvent(1, 1), hold(2, true), hold(3, true), rowEvent(4, 2)];
  const state = benchState(events);
  expect(state.heldMs).toBe(120_000);
  expect(state.rowMs).toEqual([{ part: 'panel.1', row: 2, ms: 180_000 }]);
  expect(state.workedMs).toBe(180_000);
  expect(benchState([...events, hold(5, false)]).heldMs).toBeNull();
  expect(benchState([...events, { kind: 'back', id: id(9), n: 9, atMs: 0, takes: [id(2)] }]).heldMs).toBe(180_000);
});

test('a row told last changes what follows just as going through all of it does', () => {
  const some = fc.record({
    kind: fc.constantFrom('row' as const, 'pause' as const, 'back' as const),
    row: fc.integer({ min: 1, max: 6 }),
    minutes: fc.integer({ min: -2, max: 30 }),
    takes: fc.integer({ min: 0, max: 9 }),
  });
  fc.assert(
    fc.property(fc.array(some, { maxLength: 12 }), (all) => {
      let atMs = 1e9;
      const events = all.map(({ kind, row, minutes, takes }, index): MakingEvent => {
        atMs += minutes * 60_000;
        const event = { id: id(index), n: index + 1, atMs };
        if (kind === 'pause') return { ...event, kind };
        return kind === 'back'
          ? { ...event, kind, takes: [id(takes)] }
          : { ...event, kind, piece: 'panel', copy: 1, row };
      });
      const last = events.at(-1);
      if (last?.kind !== 'row' || events.some((event) => event.kind === 'back' && event.takes.includes(last.id)))
        return;
      expect(benchStateWith(benchState(events.slice(0, -1)), last)).toEqual(benchState(events));
    }),
    { numRuns: 500 },
  );
  expect(benchStateWith(benchState([rowEvent(1, 5)]), rowEvent(1, 2))).toBeNull();
});

describe.each(BODY_KINDS)('the rows of %s', (kind) => {
  const plan = planOf(bagOf(kind));
  const parts = partsToWork(plan);

  it('each follow on the one before, side by side', () => {
    for (const { piece, rowCount } of parts) {
      const found = plan.pieces.find((one) => one.id === piece);
      if (!found) throw new Error('no piece');
      expect(rowToWork(found, 0)).toBe(null);
      expect(rowToWork(found, rowCount + 1)).toBe(null);
      for (let row = 2; row <= rowCount; row += 1) {
        const [below, here] = [rowToWork(found, row - 1), rowToWork(found, row)];
        expect(here?.before).toBe(below?.stitches);
      }
    }
  });

  it('once all are worked leave nothing to go on with, and have done every step that rows do', () => {
    const rows = new Map(parts.map(({ piece, copy, rowCount }) => [`${piece}.${copy}`, rowCount]));
    expect(partToGoOn(parts, { rows, steps: new Map(), inHand: null })).toBe(null);
    const done = stepsByRows(parts, { rows });
    const worked = plan.steps.filter(({ of, id: step }) => of === null && /^(start|work-|narrow-)/.test(step));
    expect(worked.filter(({ id: step }) => !done.has(step)).map(({ id: step }) => step)).toEqual([]);
    expect(stepsByRows(parts, { rows: new Map() }).size).toBe(0);
    expect(partToGoOn(parts, { rows: new Map(), steps: new Map(), inHand: null })).toEqual(parts[0]);
    expect(rowsDone({ rows }, parts[0] as (typeof parts)[number])).toBe(parts[0]?.rowCount);
  });

  it('ticked in their order nothing is too late, and nothing waits', () => {
    const said = new Map<string, 'done' | 'skipped'>();
    for (const step of plan.steps) {
      const standings = stepStandings(plan.steps, said, new Set());
      expect(standings.get(step.id)).toEqual({ is: 'ready' });
      expect(wouldShut(step, standings)).toEqual([]);
      said.set(step.id, 'done');
    }
  });
});

describe('what shuts a step off', () => {
  it('is told before it is ticked, and then the step is too late', () => {
    const plan = planOf(bagOf('fold-over-strip'));
    const seam = plan.steps.find(({ shutsOff }) => shutsOff.includes('weave-ends'));
    if (!seam) throw new Error('nothing shuts the ends in');
    const before = stepStandings(plan.steps, new Map(), new Set());
    expect(wouldShut(seam, before)).toContain('weave-ends');
    const after = stepStandings(plan.steps, new Map([[seam.id, 'done']]), new Set());
    expect(after.get('weave-ends')).toEqual({ is: 'too-late', after: [seam.id] });
  });
});

describe('a count that differs', () => {
  const even = { counted: 'row', stitches: 58, before: 58, by: 'nothing', changeEachSide: 0 } as const;
  const plain = { after: 58, repeatStitches: 1, turningChainCounts: false };
  const kinds = (check: ReturnType<typeof countCheck>) => check.causes.map(({ kind }) => kind);

  it('is nothing where it is as planned', () => {
    expect(countCheck({ counted: 58, row: even, ...plain })).toEqual({ off: 0, causes: [] });
  });

  it('by one is looked for at the ends, where she works turning chains first', () => {
    expect(kinds(countCheck({ counted: 57, row: even, ...plain }))).toEqual(['ends']);
    expect(kinds(countCheck({ counted: 57, row: even, ...plain, turningChainCounts: true }))).toEqual([
      'turning-chain',
      'ends',
    ]);
    expect(kinds(countCheck({ counted: 57, row: { ...even, counted: 'round' }, ...plain }))).toEqual(['join']);
  });

  it('is what shaping left out would leave', () => {
    const row = { ...even, stitches: 36, before: 40, by: 'decreasing', changeEachSide: -2 } as const;
    expect(kinds(countCheck({ counted: 40, row, ...plain, after: 32 }))).toEqual(['shaping-forgotten']);
    expect(kinds(countCheck({ counted: 38, row, ...plain, after: 32 }))).toEqual(['one-side', 'ends']);
    expect(kinds(countCheck({ counted: 32, row, ...plain, after: 32 }))).toEqual(['row-ahead']);
  });

  it('by whole repeats is told so, and by anything else that nothing tells', () => {
    expect(countCheck({ counted: 50, row: even, ...plain, repeatStitches: 4 }).causes).toEqual([
      { kind: 'repeats', repeats: 2, stitches: 4 },
    ]);
    expect(kinds(countCheck({ counted: 51, row: even, ...plain, repeatStitches: 4 }))).toEqual(['somewhere']);
  });
});
