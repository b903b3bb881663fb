import { expect, it } from 'vitest';
import { planBag } from '@/core/plan';
import { fullDesign } from '@/core/testing/designs';
import { sheetText } from './sheetText';

it('tells of every part, fold and mark what the drawing shows, with its numbers', () => {
  const design = fullDesign();
  const result = planBag(design);
  if (!result.ok) throw new Error('no plan');
  const { plan } = result;
  const [panel] = sheetText(design, plan);
  const [piece] = plan.pieces;
  if (piece?.kind !== 'rows') throw new Error('no panel');
  expect(panel?.name).toContain(`${plan.pouch.stitchCount} stitches by ${piece.rows.length} rows`);
  for (const { fromRow, toRow } of piece.zones)
    expect(panel?.lines.some((line) => line.includes(`rows ${fromRow} to ${toRow}`))).toBe(true);
  for (const { kind, afterRow } of piece.lines)
    if (kind === 'fold') expect(panel?.lines.some((line) => line.startsWith(`After row ${afterRow},`))).toBe(true);
  const set = plan.marks.filter(({ count, piece: on }) => count !== null && on === piece.id);
  expect(set.length).toBeGreaterThan(0);
  expect(panel?.lines.filter((line) => / of \d+$/.test(line))).toHaveLength(set.length);
});
