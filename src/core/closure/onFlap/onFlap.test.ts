import { describe, expect, it } from 'vitest';
import {
  applyEdits,
  usualDropIn,
  usualFlapLining,
  usualLining,
  type Closure,
  type Design,
  type Lining,
} from '@/core/design';
import { withHelpfulRepairs } from '@/core/helpfulRepairs';
import { bagOf, withBody } from '@/core/testing/bodies';
import { planOf } from '@/core/testing/designs';
import { problemSentence } from '@/core/wording';
import { CLOSURES } from '..';

/** What closes a flap, at the head of whose problems stands what. */
const KINDS = [
  ['magnetic-snap', 'snap'],
  ['press-stud', 'stud'],
  ['hook-tape', 'tape'],
  ['turn-lock', 'turn'],
  ['buttonhole', 'button'],
] as const;

const FLAP = { dropMm: 90, widthMm: null, hemMm: null };

/** What is wrong about each, and how the bag is made for it. */
const FAULTS: [code: string, change: object, bag: (design: Design) => Design][] = [
  ['off-flap', { insetMm: 140 }, (design) => design],
  ['off-front', { insetMm: 88 }, (design) => ({ ...design, contents: { ...design.contents, thicknessMm: 0 } })],
  ['on-fold', { insetMm: 4 }, (design) => ({ ...design, flap: { kind: 'straight', ...FLAP, dropMm: 129 } })],
  [
    'beside-flap',
    { insetMm: 3, layout: 'centre' },
    (design) => ({ ...design, flap: { kind: 'pointed', ...FLAP, pointMm: 85 } }),
  ],
  [
    'in-scallop',
    { insetMm: 14 },
    (design) => ({ ...design, flap: { kind: 'scalloped', ...FLAP, scallops: 5, depthMm: 28 } }),
  ],
  ['drifts', { insetMm: 30 }, (design) => ({ ...design, contents: { ...design.contents, thicknessMm: 26 } })],
  ['wide-flap', { insetMm: 30 }, (design) => withBody(design, { widthMm: 240 })],
  [
    'on-wrist',
    { insetMm: 30 },
    (design) => ({ ...design, contents: { ...design.contents, carried: 'on-the-wrist' as const } }),
  ],
  ['without-flap', {}, (design) => ({ ...design, flap: { kind: 'none', ...FLAP } })],
];

const bare = (): Design => ({
  ...withBody(bagOf('fold-over-strip'), { widthMm: 150, heightMm: 130 }),
  flap: { kind: 'straight', ...FLAP },
});

const codesOf = (design: Design): string[] => planOf(design).problems.map(({ code }) => String(code));

describe.each(KINDS)('%s: what is doubtful of it', (kind, prefix) => {
  it.each(FAULTS)('%s is told in a plain sentence, at its place, and what is offered ends it', (code, change, made) => {
    const base = made(bare());
    const design: Design = { ...base, closures: [{ ...CLOSURES[kind].usual(base), ...change } as Closure] };
    const named = `${prefix}-${code}`;
    const problem = planOf(design).problems.find((one) => String(one.code) === named);
    if (!problem) throw new Error(`${named} is not told: ${codesOf(design).join()}`);
    expect(problem.place).toBe('closures');
    expect(problem.path?.slice(0, 2)).toEqual(['closures', 0]);
    for (const unit of ['cm', 'in'] as const) {
      const sentence = problemSentence(problem, unit);
      expect(sentence).toMatch(/^[A-Z“].*[.!?]$/s);
      expect(sentence).not.toMatch(/NaN|undefined|Infinity|\bsnap\b(?<!snap)/);
      if (kind !== 'magnetic-snap') expect(sentence).not.toMatch(/\bsnap\b/);
      if (unit === 'in') expect(sentence).not.toMatch(/\d (?:mm|cm)\b/);
    }
    const [helpful] = withHelpfulRepairs(design, [problem]);
    for (const { edits } of helpful?.repairs ?? []) {
      const read = applyEdits(design, edits);
      if (!read.ok) throw new Error(read.faults[0]?.sentence);
      expect(codesOf(read.design)).not.toContain(named);
    }
  });

  it('set in the middle and well in from the edge has nothing to be said of its place', () => {
    const base = bare();
    const design: Design = {
      ...base,
      contents: { ...base.contents, thicknessMm: 0 },
      closures: [{ ...CLOSURES[kind].usual(base), insetMm: 32 } as Closure],
    };
    const placed = codesOf(design).filter((code) => FAULTS.some(([fault]) => code === `${prefix}-${fault}`));
    expect(placed).toEqual([]);
  });
});

describe('what a plate on the flap goes through', () => {
  // The flap's own sheets: its lining counts where the flap has one, whatever the walls have.
  it.each<[string, Lining | null, number]>([
    ['no lining', null, 0],
    ['a lining all over', { ...usualLining(), thicknessMm: 0.7 }, 0.7],
    ['the flap alone lined', { ...usualFlapLining(), thicknessMm: 0.7 }, 0.7],
    ['a lining that hangs in the bag', { ...usualDropIn(), thicknessMm: 0.7 }, 0],
  ])('%s', (_, lining, liningMm) => {
    const base: Design = { ...bare(), lining };
    const plan = planOf({ ...base, closures: [CLOSURES['turn-lock'].usual(base)] });
    const fabricMm = plan.pouch.layers.fabricMm;
    const throughOf = (id: string) => (plan.figures as Record<string, { value: number }>)[id]?.value;
    expect(throughOf('turn.halfThrough')).toBeCloseTo(fabricMm + liningMm, 9);
    expect(throughOf('turn.mateThrough')).toBeCloseTo(fabricMm, 9);
    const half = plan.marks.find(({ mark }) => mark === 'turn.half');
    expect(half?.throughMm.reduce((sum, mm) => sum + mm, 0)).toBeCloseTo(fabricMm + liningMm, 9);
  });
});
