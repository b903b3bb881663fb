import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { readDesign, usualLining, type Design } from '@/core/design';
import { settingGraph } from '@/core/making';
import { anyClosure } from '@/core/testing/anyClosure';
import { bagOf } from '@/core/testing/bodies';
import { planOf } from '@/core/testing/designs';
import { orderLayout } from './orderLayout';

const BOX = { widthPx: 148, heightPx: 44 };

const bags = fc
  .array(anyClosure, { minLength: 1, maxLength: 4 })
  .map((closures) => readDesign({ ...bagOf('gusset'), closures, lining: usualLining() }))
  .filter((read) => read.ok)
  .map((read) => (read as { ok: true; design: Design }).design);

describe('a graph of steps', () => {
  it('is laid out from the top down, no step on another', () => {
    fc.assert(
      fc.property(bags, (design) => {
        const graph = settingGraph(planOf(design).steps, 'closures');
        const { nodes, edges, widthPx, heightPx } = orderLayout(graph, BOX);
        const at = new Map(nodes.map((node) => [node.id, node]));
        for (const { from, to } of edges) expect(at.get(from)?.y).toBeLessThan(at.get(to)?.y ?? -1);
        for (const [index, one] of nodes.entries()) {
          expect(one.x).toBeGreaterThanOrEqual(0);
          expect(one.x + BOX.widthPx).toBeLessThanOrEqual(widthPx + 1e-6);
          expect(one.y + BOX.heightPx).toBeLessThanOrEqual(heightPx + 1e-6);
          for (const other of nodes.slice(index + 1))
            expect(
              Math.abs(one.x - other.x) >= BOX.widthPx || Math.abs(one.y - other.y) >= BOX.heightPx,
              `${one.id} on ${other.id}`,
            ).toBe(true);
        }
      }),
      { numRuns: 25 },
    );
  });
});
