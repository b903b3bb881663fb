import { describe, expect, it } from 'vitest';
import { BODY_KINDS } from '@/core/body';
import { edgesOf } from '@/core/borders';
import { CLOSURES } from '@/core/closure';
import { ringBounds } from '@/core/cutting';
import { applyEdits, usualEdging, usualMesh, withinFlapMm, type Design } from '@/core/design';
import { flatSize } from '@/core/pieces';
import { bagOf } from '@/core/testing/bodies';
import { planOf } from '@/core/testing/designs';
import { stepTexts } from '@/core/wording';
import type { MeshStage } from './mesh';

const meshed = (bag: Design, rounds = 2): Design => ({
  ...bag,
  edgings: [{ ...usualEdging('single', 'strip'), rounds }],
  stiffener: usualMesh(),
});
const stageOf = (bag: Design): MeshStage => {
  const { stiffener } = planOf(bag);
  if (!stiffener || !('stretches' in stiffener)) throw new Error('no mesh');
  return stiffener as MeshStage;
};

describe.each(BODY_KINDS)('a mesh in %s', (kind) => {
  const bag = bagOf(kind);
  const canHave = edgesOf(bag).includes('strip');

  it('needs a border with a second round; every way out leads on', () => {
    const plan = planOf({ ...bag, stiffener: usualMesh() });
    const problem = plan.problems.find(({ code }) => code === 'mesh-without-border');
    expect(plan.stiffener).toBe(null);
    expect(problem?.values).toEqual({ has: canHave });
    for (const { edits } of problem?.repairs ?? []) {
      const read = applyEdits({ ...bag, stiffener: usualMesh() }, edits);
      expect(read.ok && planOf(read.design).problems.map(({ code }) => code)).not.toContain('mesh-without-border');
      expect(read.ok).toBe(true);
    }
  });

  it.runIf(canHave)('is as large as the panel with one round of the border, and no larger', () => {
    const design = meshed(bag);
    const plan = planOf(design);
    const [piece] = stageOf(design).pieces;
    const panel = plan.pieces.find(({ id }) => id === 'panel');
    if (!panel) throw new Error('no panel');
    const { widthMm, lengthMm } = flatSize(panel);
    const [wide, long] = [ringBounds(piece.cut).widthMm - widthMm, ringBounds(piece.cut).heightMm - lengthMm];
    // One round of single crochet on each side: about as high as a row.
    expect(wide).toBeGreaterThan(plan.pouch.rowMm);
    expect(wide).toBeLessThan(4 * plan.pouch.rowMm);
    expect(long).toBeCloseTo(wide, 1);
    expect(piece.bars?.across).toBe(Math.floor(((widthMm + wide) * 7) / 25.4 + 1e-9));
  });

  it.runIf(canHave)('is cut and laid on before the border is worked, whose stitches are told over its holes', () => {
    const design = meshed(bag);
    const plan = planOf(design);
    const names = plan.steps.map(({ id, of }) => of?.name ?? String(id));
    expect(names.indexOf('put-stiffener-in')).toBeLessThan(names.indexOf('work-edging'));
    expect(names.indexOf('cut-stiffener')).toBeLessThan(names.indexOf('put-stiffener-in'));
    const edging = plan.edgings[0];
    const { stretches } = stageOf(design);
    expect(stretches.map(({ stitches }) => stitches)).toEqual(edging?.counts.stretches.map(({ picks }) => picks));
    stretches.forEach(({ holes }, index) => {
      const mm = edging?.counts.stretches[index]?.lengthMm ?? NaN;
      // Seven holes to the inch.
      expect(Math.abs(holes - Math.max(1, (mm * 7) / 25.4))).toBeLessThanOrEqual(0.5);
    });
    const text = stepTexts(design, plan).find(({ title }) => title === 'Lay the mesh on');
    for (const { stitches, holes } of stretches)
      expect(text?.what).toContain(`${stitches} stitches over ${holes} holes`);
    expect(text?.notLater).not.toBe(null);
  });

  it.runIf(canHave)('goes with the panel wherever that goes: into every wall, and into the flap', () => {
    const design = meshed(bag);
    expect(planOf(design).pouch.layers.stiff).toEqual({ facesMm: 1.4, baseMm: 1.4, sidesMm: 1.4 });
    expect(withinFlapMm(design)).toBe(1.4);
    const through = (of: Design) =>
      planOf({ ...of, closures: [CLOSURES['magnetic-snap'].usual(of)] })
        .marks.filter(({ of: { group } }) => group === 'closures')
        .map(({ throughMm }) => throughMm.reduce((sum, mm) => sum + mm, 0));
    const [without, with_] = [through({ ...design, stiffener: null }), through(design)];
    if (without[0] !== undefined) expect(Math.max(...with_) - Math.max(...without)).toBeCloseTo(1.4, 9);
  });
});
