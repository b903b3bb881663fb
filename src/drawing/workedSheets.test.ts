import { describe, expect, test } from 'vitest';
import { BODY_KINDS } from '@/core/body';
import { foldBag } from '@/core/fold';
import type { PieceId } from '@/core/pieces';
import { bagOf } from '@/core/testing/bodies';
import { planOf } from '@/core/testing/designs';
import { foldedMesh, workedBag } from '.';

const WAY = { state: 'empty', flap: 1 } as const;

describe.each(BODY_KINDS)('%s, as far as it is worked', (kind) => {
  const plan = planOf(bagOf(kind));
  const bag = foldBag(plan, WAY);
  const count = (id: PieceId) => {
    const piece = plan.pieces.find((one) => one.id === id);
    return piece?.kind === 'rows' ? piece.rows.length : (piece?.counts.length ?? 0);
  };
  const after = (share: number) =>
    workedBag(bag, plan, new Map(plan.pieces.map(({ id }): [PieceId, number] => [id, Math.floor(share * count(id))])));
  /** How long all of its sheets are together, mm. */
  const lengthMm = (worked: typeof bag) => worked.sheets.reduce((sum, { fromMm, toMm }) => sum + toMm - fromMm, 0);

  test('begins with nothing, grows row by row, and ends as the bag is', () => {
    expect(after(0).sheets).toEqual([]);
    let before = 0;
    for (const share of [0.1, 0.3, 0.5, 0.7, 0.9, 0.999]) {
      const now = after(share);
      expect(lengthMm(now)).toBeGreaterThanOrEqual(before);
      before = lengthMm(now);
      const { solids } = foldedMesh(now, 0);
      for (const { positions } of solids) for (const at of positions) expect(Number.isFinite(at)).toBe(true);
    }
    expect(before).toBeLessThanOrEqual(lengthMm(bag) + 1e-6);
    expect(after(1)).toBe(bag);
  });

  test('what is worked of it lies where the whole bag has it', () => {
    for (const part of after(0.5).sheets) {
      const whole = bag.sheets.find((sheet) => sheet.mark === part.mark && sheet.rowAt === part.rowAt);
      expect(whole).toBeDefined();
      for (const mm of part.along) expect(part.at(0.5, mm)).toEqual(whole?.at(0.5, mm));
    }
  });
});

test('a strip that is begun at the front’s edge grows from the mouth down, round the base and up the back', () => {
  const plan = planOf(bagOf('fold-over-strip'));
  const bag = foldBag(plan, WAY);
  const [panel] = plan.pieces;
  if (panel?.kind !== 'rows') throw new Error('a strip');
  const front = panel.zones.find(({ id }) => id === 'front');
  if (!front) throw new Error('a front');
  const half = workedBag(bag, plan, new Map([['panel', Math.round(front.toRow / 2)]]));
  expect(half.sheets.map(({ mark }) => mark)).toEqual(['part.front']);
  const [part] = half.sheets;
  const [whole] = bag.sheets.filter(({ mark }) => mark === 'part.front');
  if (!part || !whole) throw new Error('a front');
  const heights = (sheet: typeof part) => [sheet.at(0, sheet.fromMm).y, sheet.at(0, sheet.toMm).y];
  // Its upper end is that of the whole front; its lower one is half way down.
  expect(Math.max(...heights(part))).toBeCloseTo(Math.max(...heights(whole)), 6);
  expect(Math.min(...heights(part))).toBeGreaterThan(Math.min(...heights(whole)) + 10);
});
