import { describe, expect, it } from 'vitest';
import { packThings, type Box } from '@/core/contents';
import { rectangle } from '@/core/cutting';
import type { Layout, LayoutPiece } from '@/core/layout';
import { usualDropIn } from '@/core/design';
import { bagOf } from '@/core/testing/bodies';
import { seededRandom } from '@/core/random';
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

it('lays pieces on cloth, and tells of every shorter layout, each with all pieces in it', async () => {
  const random = seededRandom(3);
  const pieces = Array.from({ length: 14 }, (_, index): LayoutPiece => ({
    id: `piece ${index}`,
    name: `piece ${index}`,
    atFold: false,
    ring: rectangle(60 + Math.round(200 * random()), 60 + Math.round(200 * random())),
    turns: [0, 180],
  }));
  const cloth = { sheet: { widthMm: 700, betweenMm: 3, repeatMm: null }, remnants: [], isFolded: false };
  const told: Layout[] = [];
  const shares: number[] = [];
  const last = await planningWork.layOut(
    pieces,
    cloth,
    (share) => void shares.push(share),
    (layout) => void told.push(layout),
  );
  const lengths = told.map(({ lengthMm }) => lengthMm);
  expect(lengths.length).toBeGreaterThan(0);
  expect(lengths).toEqual([...lengths].sort((a, b) => b - a));
  for (const layout of [...told, last])
    expect(layout.laid.map(({ piece }) => piece).sort((a, b) => a - b)).toEqual(pieces.map((_, index) => index));
  expect(last.lengthMm).toBeLessThanOrEqual(Math.min(...lengths));
  expect(shares).toEqual([...shares].sort((a, b) => a - b));
  // The same pieces on the same cloth are laid alike.
  expect(
    await planningWork.layOut(
      pieces,
      cloth,
      () => {},
      () => {},
    ),
  ).toEqual(last);
});

it('names the pieces of other bags after them, and leaves out a bag that can’t be planned', () => {
  const lined = { ...bagOf('gusset'), name: 'Lined one', lining: usualDropIn(bagOf('gusset')) };
  const pieces = planningWork.piecesOf([{ id: 'b1', design: lined }], lined.cloth);
  expect(pieces.map(({ id, name }) => [id, name])).toEqual([
    ['b1:lining.front/1', 'front (Lined one)'],
    ['b1:lining.front/2', 'front (Lined one)'],
    ['b1:lining.gusset/1', 'gusset (Lined one)'],
  ]);
  const unplannable = { ...lined, body: { ...lined.body, widthMm: 1 } };
  expect(planningWork.piecesOf([{ id: 'b2', design: unplannable }], lined.cloth)).toEqual([]);
});
