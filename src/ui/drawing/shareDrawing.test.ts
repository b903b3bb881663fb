import { expect, test } from 'vitest';
import type { Drawing, Shape } from '@/drawing';
import { shareDrawing } from './shareDrawing';

const snap = (y: number): Shape => ({ kind: 'circle', role: 'metal', layer: 'hardware', x: 1, y, radiusMm: 7 });
const edge = (x: number): Shape => ({
  kind: 'path',
  role: 'edge',
  layer: 'folds',
  closed: false,
  segments: [
    { to: 'move', x: 0, y: 0 },
    { to: 'line', x, y: 0 },
  ],
});
const drawn = (widthMm: number, ...shapes: Shape[]): Drawing => ({
  box: { x: 0, y: -9, widthMm, heightMm: 9 },
  shapes,
});

test('what is drawn as before is the very same, what moved is new', () => {
  const before = drawn(9, snap(2), edge(5));
  expect(shareDrawing(before, drawn(9, snap(2), edge(5)))).toBe(before);

  const moved = shareDrawing(before, drawn(9, snap(3), edge(5)));
  expect(moved.shapes[0]).toEqual(snap(3));
  expect(moved.shapes[1]).toBe(before.shapes[1]);

  const wider = shareDrawing(before, drawn(12, snap(2), edge(5)));
  expect(wider.box.widthMm).toBe(12);
  expect(wider.shapes[0]).toBe(before.shapes[0]);
});

test('a shape that comes, goes or becomes another kind is never taken for the one before', () => {
  const before = drawn(9, snap(2), edge(5));
  expect(shareDrawing(before, drawn(9, snap(2))).shapes).toEqual([snap(2)]);
  expect(shareDrawing(before, drawn(9, edge(5), snap(2))).shapes).toEqual([edge(5), snap(2)]);
  expect(shareDrawing(before, drawn(9, snap(2), edge(5), edge(6))).shapes).toHaveLength(3);
  const marked = { ...snap(2), mark: 'snap.half' };
  expect(shareDrawing(before, drawn(9, marked, edge(5))).shapes[0]).toBe(marked);
  expect(shareDrawing(undefined, before)).toBe(before);
});
