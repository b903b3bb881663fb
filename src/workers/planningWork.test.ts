import { describe, expect, it } from 'vitest';
import { packThings, type Box } from '@/core/contents';
import { fullDesign, planOf } from '@/core/testing/designs';
import { inTurns, planningWork } from './planningWork';

const boxes: Box[] = [30, 45, 60, 75].map((widthMm, index) => ({
  widthMm,
  heightMm: 90 - 10 * index,
  thicknessMm: 4 + index,
  turns: 'in-the-plane',
}));

describe('work in turns', () => {
  it('gives what the steps come to, and lets others have their turn on the way', async () => {
    const shares: number[] = [];
    let others = 0;
    const timer = setInterval(() => (others += 1), 0);
    function* slow(): Generator<number, string> {
      for (let step = 1; step <= 4; step += 1) {
        const endMs = performance.now() + 45;
        while (performance.now() < endMs);
        yield step / 4;
      }
      return 'done';
    }
    expect(await inTurns(slow(), (share) => void shares.push(share))).toBe('done');
    clearInterval(timer);
    expect(shares).toEqual([0.25, 0.5, 0.75, 1]);
    expect(others).toBeGreaterThan(0);
  });

  it('passes a failure on', async () => {
    // eslint-disable-next-line require-yield
    function* failing(): Generator<number, string> {
      throw new Error('broken');
    }
    await expect(inTurns(failing(), () => {})).rejects.toThrow('broken');
  });
});

it('packs away from the screen as it would beside it', async () => {
  expect(await planningWork.pack(boxes, () => {})).toEqual(packThings(boxes));
});

it('makes a bag on paper from a plan that has been through a message', async () => {
  const plan = planOf(fullDesign());
  const shares: number[] = [];
  const many = await planningWork.makings(structuredClone(plan), 300, 4, (share) => void shares.push(share));
  expect(many.spreads.every(({ valuesMm }) => valuesMm.length === 300)).toBe(true);
  expect(await planningWork.makings(plan, 300, 4, () => {})).toEqual(many);
});

it('finds alternatives for a settled design that has been through a message', async () => {
  const { settled } = planOf(fullDesign()).contents;
  const found = await planningWork.alternatives(structuredClone(settled), [], () => {});
  expect(found.length).toBeGreaterThan(10);
});
