import { describe, expect, it } from 'vitest';
import { applyEdits, type Design, type Thing } from '@/core/design';
import { STITCHES, widestOpening } from '@/core/stitches';
import { bagOf } from '@/core/testing/bodies';
import { planOf } from '@/core/testing/designs';

const carrying = (bag: Design, size: [number, number, number]): Design => {
  const [widthMm, heightMm, thicknessMm] = size;
  const thing = {
    id: 'pick',
    name: 'Plectrum',
    widthMm,
    heightMm,
    thicknessMm,
    massG: 1,
    turns: 'any-way',
    known: null,
  };
  return { ...bag, contents: { ...bag.contents, items: [{ thing: thing as unknown as Thing, count: 1 }] } };
};

describe('the widest opening of a stitch', () => {
  // Chains between posts: 2 in the cluster mesh, whose doubles are twice as high as its single crochet; 1 in linen.
  it.each([
    ['sc', 1, 1],
    ['dc', 1, 1],
    ['linen', 2, 1],
    ['cluster-mesh', 3, 2 / 1.5],
  ] as const)('%s: %s stitches apart, %s of a row', (id, stitches, rows) => {
    const found = widestOpening(STITCHES[id]);
    expect(found.stitches).toBe(stitches);
    expect(found.rows).toBeCloseTo(rows, 9);
  });
});

describe('what is carried', () => {
  const open = { ...bagOf('fold-over-strip'), stitch: 'cluster-mesh' as const };

  it('falls through an open fabric where it is smaller than its openings, and not behind a lining', () => {
    const bag = carrying(open, [1, 1, 30]);
    const { opening, problems } = planOf(bag);
    expect(opening.figures.across.value).toBeGreaterThan(1);
    const problem = problems.find(({ code }) => code === 'falls-through-fabric');
    expect(problem?.names).toEqual({ thing: 'Plectrum' });
    const read = applyEdits(bag, problem?.repairs[0]?.edits ?? []);
    expect(read.ok && planOf(read.design).problems.map(({ code }) => code)).not.toContain('falls-through-fabric');
    expect(read.ok).toBe(true);
  });

  it('stays in where one side of it is wider, or the fabric is dense', () => {
    const said = (bag: Design) => planOf(bag).problems.map(({ code }) => code);
    expect(said(carrying(open, [60, 90, 2]))).not.toContain('falls-through-fabric');
    const dense = { ...open, stitch: 'sc' as const };
    const { across, up } = planOf(dense).opening.figures;
    const [least, most] = [Math.min(across.value, up.value), Math.max(across.value, up.value)];
    expect(said(carrying(dense, [least + 1, most + 1, 30]))).not.toContain('falls-through-fabric');
  });
});
