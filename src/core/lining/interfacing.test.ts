import { describe, expect, it } from 'vitest';
import { BODY_KINDS } from '@/core/body';
import { commonArea, ringArea, ringBounds } from '@/core/cutting';
import { applyEdits, usualDropIn, usualFlapLining, usualLining, type Design, type Lining } from '@/core/design';
import { bagOf } from '@/core/testing/bodies';
import { planOf } from '@/core/testing/designs';
import { piecesToCut } from '@/core/wording';

const lined = (bag: Design, lining: Partial<Lining>): Design => ({
  ...bag,
  lining: { ...usualDropIn(bag), ...lining } as Lining,
});

describe.each(BODY_KINDS)('%s', (kind) => {
  it('a lining in two layers is twice as thick, and twice as many pieces are cut', () => {
    const [one, two] = [1, 2].map((layers) => planOf(lined(bagOf(kind), { layers, thicknessMm: 1.5 })));
    const cut = (plan: typeof one) =>
      piecesToCut(bagOf(kind), plan as never).map(({ notes }) => Number(/Cut (\d+)/.exec(notes.join())?.[1]));
    expect(two?.pouch.layers.liningMm).toBe(3);
    expect(one?.pouch.layers.liningMm).toBe(1.5);
    expect(cut(two)).toEqual(cut(one).map((count) => 2 * count));
  });

  it('interfacing lies within the finished piece, is as thick in the folds, and is stuck on before seams are sewn', () => {
    for (const lining of [usualLining(), usualDropIn(bagOf(kind))]) {
      const plan = planOf({ ...bagOf(kind), lining: { ...lining, interfacingMm: 0.4 } });
      const { patterns = [], interfacing = [] } = plan.lining ?? {};
      expect(interfacing.map(({ id, copies }) => [id, copies])).toEqual(patterns.map(({ id, copies }) => [id, copies]));
      interfacing.forEach(({ cut }, index) => {
        const seam = patterns[index]?.seam ?? [];
        expect(commonArea(cut, seam)).toBeCloseTo(Math.abs(ringArea(cut)), -1);
      });
      expect(plan.pouch.layers.liningMm).toBeCloseTo(lining.thicknessMm + 0.4, 9);
      const names = plan.steps.map(({ id, of }) => of?.name ?? String(id));
      const at = (name: string) => names.indexOf(name);
      expect(at('cut-lining')).toBeLessThan(at('fuse-interfacing'));
      const sewn = Math.max(at('sew-lining'), at('sew-lining-seams'));
      expect(at('fuse-interfacing')).toBeLessThan(sewn);
    }
  });
});

it('interfacing ends inside the holes of a perforated lining', () => {
  const bag = bagOf('fold-over-strip');
  const plan = planOf({
    ...bag,
    lining: { ...usualLining(), stuff: 'felt', joined: 'through-holes', interfacingMm: 0.3, holesInMm: 9 },
  });
  const [seam, stuck] = [plan.lining?.patterns[0]?.seam ?? [], plan.lining?.interfacing[0]?.cut ?? []];
  expect(ringBounds(seam).widthMm - ringBounds(stuck).widthMm).toBeCloseTo(2 * 11, 2);
});

it.each(['vinyl', 'fleece'] as const)('%s would melt under the iron: told, and the way out helps', (stuff) => {
  const bag = {
    ...bagOf('fold-over-strip'),
    lining: { ...usualFlapLining(), stuff, interfacingMm: 0.3 },
  };
  const problem = planOf(bag).problems.find(({ code }) => code === 'interfacing-melts');
  const read = applyEdits(bag, problem?.repairs[0]?.edits ?? []);
  expect(problem).toBeDefined();
  expect(read.ok && planOf(read.design).problems.map(({ code }) => code)).not.toContain('interfacing-melts');
});
