import fc from 'fast-check';
import { describe, expect, it, test } from 'vitest';
import { BODY_KINDS } from '@/core/body';
import { usualCrochetedLining, usualEdging, usualStrap, WORKED_STRAP_KINDS, type Design } from '@/core/design';
import { planBag } from '@/core/plan';
import { anyDesignOf } from '@/core/testing/anyDesign';
import { bagOf } from '@/core/testing/bodies';
import { planOf } from '@/core/testing/designs';
import { besideComplaints } from '@/core/testing/replayPattern';
import { partName } from '@/core/wording';
import {
  makingEventSchema,
  partKey,
  partToGoOn,
  partsToWork,
  rehearsal,
  rowToWork,
  rowsLeft,
  stepsByRows,
  type PartToWork,
} from '.';

const RUNS = process.env.FUZZ_RUNS ? Number(process.env.FUZZ_RUNS) / 10 : 60;
const MOST_ROWS_READ = 3000;
const rowOf = ({ piece, copy }: PartToWork) => ({ kind: 'row', id: 'event-001', n: 1, atMs: 0, piece, copy, row: 1 });

describe.each(BODY_KINDS)('what is worked by rows beside the pieces of %s', (kind) => {
  test('is told row by row as it is planned, whatever is put on, and can be counted', () => {
    fc.assert(
      fc.property(anyDesignOf(kind), (design) => {
        const result = planBag(design);
        if (!result.ok) return;
        const { plan } = result;
        const parts = partsToWork(plan);
        // Absurdly large ones take minutes to read, and tell no more.
        fc.pre(parts.reduce((sum, { rowCount }) => sum + rowCount, 0) < MOST_ROWS_READ);
        expect(besideComplaints(design, plan)).toEqual([]);
        expect(new Set(parts.map(partKey)).size).toBe(parts.length);
        for (const part of parts) {
          expect(makingEventSchema.safeParse(rowOf(part)).success, part.piece).toBe(true);
          expect(partName(part, plan.fittings)).not.toMatch(/undefined/);
          if (part.step !== null) expect(plan.steps.map(({ id }) => id)).toContain(part.step);
        }
        const rows = rehearsal(plan).filter((moment) => moment.kind === 'row');
        expect(rows).toHaveLength(parts.reduce((sum, { rowCount }) => sum + rowCount, 0));
      }),
      { numRuns: RUNS },
    );
  });
});

const bag = (): Design => bagOf('fold-over-strip', { stitchMm: 5, rowMm: 5, fabricMm: 2 });
const partsOf = (design: Design) => partsToWork(planOf(design));
const beside = (design: Design) => partsOf(design).filter(({ of }) => of.kind === 'beside');

it.each(WORKED_STRAP_KINDS)('the stitches of a %s strap are those of its rows', (kind) => {
  const design = { ...bag(), straps: [{ ...usualStrap(), kind }] } as Design;
  const parts = beside(design);
  const strap = planOf(design).straps[0];
  if (!strap || !('stitchCount' in strap)) throw new Error('not planned');
  if (strap.nature.written === 'cord') expect(parts).toEqual([]);
  else {
    const [first] = parts as [PartToWork];
    expect(first.rowCount).toBe(strap.rowCount);
    for (const row of [1, strap.rowCount]) expect(rowToWork(first.of, row)?.stitches).toBe(strap.stitchCount);
    expect(rowToWork(first.of, strap.rowCount + 1)).toBeNull();
    expect(parts.map(({ piece }) => piece)).toContain('straps.0.strap');
  }
});

it('a border of two rounds, a strap and a crocheted lining are taken up in the order of their steps, after the pieces', () => {
  const design: Design = {
    ...bag(),
    straps: [usualStrap()],
    edgings: [{ ...usualEdging('single', 'strip'), rounds: 2 }],
    lining: usualCrochetedLining(),
  };
  const plan = planOf(design);
  const parts = partsToWork(plan);
  expect(parts[0]?.piece).toBe('panel');
  const steps = parts.flatMap(({ step }) => step ?? []);
  const places = steps.map((step) => plan.steps.findIndex(({ id }) => id === step));
  expect(places).toEqual([...places].sort((one, other) => one - other));
  expect(new Set(steps)).toEqual(new Set(['work-edging', 'work-strap', 'work-lining']));
  const edging = parts.find(({ piece }) => piece === 'edgings.0.edging') as PartToWork;
  expect(edging.rowCount).toBe(2);
  // Three in each of four corners: eight places more in the second round.
  expect((rowToWork(edging.of, 2)?.stitches ?? 0) - (rowToWork(edging.of, 1)?.stitches ?? 0)).toBe(8);
});

it('its step is done with its last row, and nothing of it is left once she says so', () => {
  const design: Design = { ...bag(), straps: [usualStrap()] };
  const parts = partsOf(design);
  const strap = parts.find(({ step }) => step === 'work-strap') as PartToWork;
  const worked = (count: number) => ({ rows: new Map([[partKey(strap), count]]) });
  expect(stepsByRows(parts, worked(strap.rowCount - 1)).has('work-strap')).toBe(false);
  expect(stepsByRows(parts, worked(strap.rowCount)).has('work-strap')).toBe(true);
  const rows = new Map(parts.filter((part) => part !== strap).map((part) => [partKey(part), part.rowCount]));
  expect(partToGoOn(parts, { rows, steps: new Map(), inHand: null })).toBe(strap);
  const said = { rows, steps: new Map([['work-strap', 'done' as const]]), inHand: null };
  expect(rowsLeft(said, strap)).toBe(0);
  expect(partToGoOn(parts, said)).toBeNull();
});

it('refuses a part that there can’t be', () => {
  for (const piece of ['straps', 'straps.0', 'straps.x.strap', 'rings.0.strap', 'straps.0.../x', 'straps.0.'])
    expect(makingEventSchema.safeParse({ ...rowOf(partsOf(bag())[0] as PartToWork), piece }).success, piece).toBe(
      false,
    );
});
