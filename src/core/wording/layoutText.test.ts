import { expect, it } from 'vitest';
import { rectangle } from '@/core/cutting';
import type { LaidPiece, LayoutPiece } from '@/core/layout';
import { layoutText } from './layoutText';

const pieces = ['front', 'back'].map((name): LayoutPiece => ({
  id: name,
  name,
  ring: rectangle(10, 10),
  turns: [0],
  atFold: false,
}));
const at = (piece: number, remnant: number | null): LaidPiece => ({ piece, turn: 0, xMm: 0, yMm: 0, remnant });
const layout = { pieces, isProven: false, clashes: [], beyond: [] };

it.each([
  [
    'found',
    { laid: [at(0, null), at(1, null)] },
    false,
    '2 pieces, cut from the lower edge up; the shortest that was found.',
  ],
  [
    'proven',
    { laid: [at(0, null)], isProven: true },
    false,
    '1 piece, cut from the lower edge up; no layout is shorter.',
  ],
  ['of remnants alone', { laid: [at(0, 0)] }, false, 'All of it comes from what was left over: no cloth is needed.'],
  [
    'of both',
    { laid: [at(0, 0), at(1, null)] },
    true,
    '1 piece, as you have laid them. 1 more from what was left over.',
  ],
  [
    'that clashes',
    { laid: [at(0, null), at(1, null)], clashes: [[0, 1]] as const, beyond: [1] },
    true,
    '2 pieces, as you have laid them. The front and the back lie on each other, or too near. The back lies beyond the edge.',
  ],
])('a layout %s', (_, change, isByHand, text) => {
  expect(
    layoutText({ ...layout, ...change, clashes: [...('clashes' in change ? change.clashes : [])] }, isByHand),
  ).toBe(text);
});
