import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { usualLining, usualSnap, type Design } from '@/core/design';
import { anyClosure } from '@/core/testing/anyClosure';
import { bagOf } from '@/core/testing/bodies';
import { planOf } from '@/core/testing/designs';
import { readDesign } from '@/core/design';
import { settingGraph, type SettingGraph } from '.';

/** All that comes before a step by the edges of a graph, found by walking them. */
function reaches({ edges }: SettingGraph, from: string, to: string): boolean {
  const next = edges.filter((edge) => edge.from === from).map((edge) => edge.to);
  return next.includes(to) || next.some((one) => reaches({ nodes: [], edges }, one, to));
}

const bags = fc
  .record({ closures: fc.array(anyClosure, { minLength: 1, maxLength: 3 }), lined: fc.boolean() })
  .map(({ closures, lined }) =>
    readDesign({ ...bagOf('fold-over-strip'), closures, lining: lined ? usualLining() : null }),
  )
  .filter((read) => read.ok)
  .map((read) => (read as { ok: true; design: Design }).design);

describe('what is set before what', () => {
  it('says of its steps just what the steps’ own constraints come to, and nothing twice', () => {
    fc.assert(
      fc.property(bags, (design) => {
        const { steps } = planOf(design);
        const graph = settingGraph(steps, 'closures');
        const ids = graph.nodes.map(({ id }) => id);
        // By the constraints of all steps, as a walk back from each finds them.
        const direct = new Map(steps.map(({ id, needs, shutsOff }) => [id, [...needs, ...shutsOff]]));
        const before = (id: string): Set<string> => {
          const found = new Set<string>();
          const todo = [...(direct.get(id) ?? [])];
          for (let one = todo.pop(); one !== undefined; one = todo.pop())
            if (!found.has(one)) {
              found.add(one);
              todo.push(...(direct.get(one) ?? []));
            }
          return found;
        };
        for (const to of ids)
          for (const from of ids) expect(reaches(graph, from, to), `${from} → ${to}`).toBe(before(to).has(from));
        for (const edge of graph.edges) {
          const others = { ...graph, edges: graph.edges.filter((one) => one !== edge) };
          expect(reaches(others, edge.from, edge.to)).toBe(false);
        }
      }),
      { numRuns: 40 },
    );
  });

  it('shows by a heavy line what shuts off what: the lining the snap’s halves', () => {
    const design = { ...bagOf('fold-over-strip'), closures: [usualSnap()], lining: usualLining() };
    const { edges } = settingGraph(planOf(design).steps, 'closures');
    for (const half of ['set-snap-front', 'set-snap-flap'])
      expect(edges).toContainEqual({ from: half, to: 'sew-lining', shuts: true });
    expect(settingGraph(planOf({ ...design, closures: [] }).steps, 'closures').nodes).toEqual([]);
  });
});
