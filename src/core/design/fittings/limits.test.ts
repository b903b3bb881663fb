import { describe, expect, it } from 'vitest';
import { CLOSURES } from '@/core/closure';
import {
  USUAL_HARDWARE,
  USUAL_TRIMS,
  applyEdits,
  readDesign,
  type Closure,
  type Design,
  type HardwareKind,
  type TrimKind,
} from '@/core/design';
import { planBag } from '@/core/plan';
import { bagOf } from '@/core/testing/bodies';

const bag = bagOf('fold-over-strip');
const CLOSURE_KINDS = Object.keys(CLOSURES) as Closure['kind'][];
const TRIM_KINDS = Object.keys(USUAL_TRIMS) as TrimKind[];
const HARDWARE_KINDS = Object.keys(USUAL_HARDWARE) as HardwareKind[];

/** Every choice of every closure, piece of hardware and trim: the bag that has it, and where it stands. */
const CHOICES = [
  ...CLOSURE_KINDS.map(
    (kind) => ['closures', kind, { ...bag, closures: [CLOSURES[kind].usual(bag)] } as Design] as const,
  ),
  ...HARDWARE_KINDS.map((kind) => ['hardware', kind, { ...bag, hardware: [USUAL_HARDWARE[kind]] } as Design] as const),
  ...TRIM_KINDS.map((kind) => ['trims', kind, { ...bag, trims: [USUAL_TRIMS[kind]] } as Design] as const),
].flatMap(([group, kind, design]) =>
  Object.entries((design[group] as unknown as Record<string, unknown>[])[0] ?? {})
    .filter(([field]) => field !== 'kind' && field !== 'id')
    .map(([field, value]) => ({ group, kind, design, field, value })),
);

/** What a field is answered when so much is written into it. */
const answered = (design: Design, group: string, field: string, value: unknown) => {
  const read = applyEdits(design, [{ path: [group, 0, field], value }]);
  return read.ok ? null : read.faults;
};

describe('what is put on a bag, at its fields', () => {
  it.each(CHOICES)(
    '$kind, $field: what it can’t be is answered there, in a sentence of ours',
    ({ group, field, design, value }) => {
      const wrong = typeof value === 'string' ? ['no such thing', 7, null] : [-1, 1e9, 'wide', Infinity, NaN];
      for (const one of wrong) {
        const faults = answered(design, group, field, one);
        expect(
          faults?.map(({ path }) => path.join('.')),
          `${field} = ${String(one)}`,
        ).toContain(`${group}.0.${field}`);
        for (const { sentence } of faults ?? []) {
          expect(sentence).toMatch(/^[A-Z“].*[.!?]$/);
          expect(sentence).not.toMatch(/invalid|expected|received|enum|undefined|NaN/i);
        }
      }
    },
  );

  it.each(CHOICES.filter(({ value }) => typeof value === 'number'))(
    '$kind, $field: from its least to its most it is taken, and planned or said why not',
    ({ group, field, design, value }) => {
      // By halves outwards from what is usual, as far as the file goes.
      const taken = (from: number, to: number): number => {
        let [good, bad] = [from, to];
        for (let step = 0; step < 40; step += 1) {
          const middle = (good + bad) / 2;
          const tried = Number.isInteger(value) ? Math.round(middle) : middle;
          if (answered(design, group, field, tried) === null) good = middle;
          else bad = middle;
        }
        return Number.isInteger(value) ? Math.round(good) : good;
      };
      for (const end of [taken(value as number, -10), taken(value as number, 5000)]) {
        const read = applyEdits(design, [{ path: [group, 0, field], value: end }]);
        if (!read.ok) continue;
        const result = planBag(read.design);
        if (!result.ok) throw new Error(result.problems.map(({ code }) => String(code)).join());
        const isPlanned = result.plan.fittings.some(({ at }) => at.group === group);
        const isSaid = result.plan.problems.some(({ path }) => path?.[0] === group);
        expect(isPlanned || isSaid, `${field} = ${end}`).toBe(true);
      }
    },
  );

  it('a file with eight of them is read, one with nine is answered at the list', () => {
    for (const [group, one] of [
      ['closures', CLOSURES.zipper.usual(bag)],
      ['hardware', USUAL_HARDWARE.ring],
      ['trims', USUAL_TRIMS.bow],
    ] as const) {
      expect(readDesign({ ...bag, [group]: Array(8).fill(one) }).ok).toBe(true);
      const read = readDesign({ ...bag, [group]: Array(9).fill(one) });
      expect(!read.ok && read.faults.map(({ path }) => path.join('.'))).toEqual([group]);
    }
  });
});
