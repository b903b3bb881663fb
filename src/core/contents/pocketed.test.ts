import fc from 'fast-check';
import { describe, expect, it, test } from 'vitest';
import { USUAL_POCKETS, thingIdSchema, type Contents, type Pocket, type PocketKind, type Thing } from '@/core/design';
import { carriedThings, looseItems, pocketForMm, pocketedThings, thickestIn, thingBelowMouthMm } from '.';

const IDS = ['t0', 't1', 't2'] as const;
const thing = (id: string, widthMm: number, heightMm: number, thicknessMm: number): Thing => ({
  id: thingIdSchema.parse(id),
  name: id,
  ...{ widthMm, heightMm, thicknessMm },
  massG: null,
  turns: 'any-way',
  known: null,
});

const mm = fc.integer({ min: 1, max: 120 });
const items = fc
  .array(fc.record({ count: fc.integer({ min: 1, max: 4 }), size: fc.tuple(mm, mm, mm) }), { maxLength: 3 })
  .map((list): Contents['items'] =>
    list.map(({ count, size }, index) => ({ count, thing: thing(IDS[index] ?? 't9', ...size) })),
  );
const pocket = fc
  .record({
    kind: fc.constantFrom<PocketKind>('slip', 'divided', 'zipped', 'crocheted', 'vinyl', 'loop'),
    on: fc.constantFrom('front', 'back'),
    holds: fc.constantFrom(null, ...IDS),
  })
  .map(({ kind, ...rest }) => ({ ...USUAL_POCKETS[kind], ...rest }) as Pocket);
const design = fc.record({ contents: fc.record({ items }), pockets: fc.array(pocket, { maxLength: 8 }) });

describe('what lies in pockets', () => {
  it('and what is packed is all that goes in, each once', () => {
    fc.assert(
      fc.property(design, (bag) => {
        const countOf = (list: readonly { thing: Thing; count: number }[], id: string) =>
          list.reduce((sum, one) => sum + (one.thing.id === id ? one.count : 0), 0);
        const [loose, pocketed] = [looseItems(bag), pocketedThings(bag)];
        for (const id of IDS) expect(countOf(loose, id) + countOf(pocketed, id)).toBe(countOf(bag.contents.items, id));
        expect(carriedThings(loose).length + pocketed.reduce((sum, { count }) => sum + count, 0)).toBe(
          carriedThings(bag.contents.items).length,
        );
        for (const { pocket: at, count } of pocketed) {
          const of = bag.pockets[at];
          expect(count).toBeLessThanOrEqual(of?.kind === 'divided' ? of.parts : 1);
        }
      }),
    );
  });

  it('inside a wall, the thickest is what the load grows by', () => {
    fc.assert(
      fc.property(design, (bag) => {
        for (const wall of ['front', 'back'] as const) {
          // Another way: all that are in pockets of that wall which are not outside.
          const thick = pocketedThings(bag)
            .filter(({ pocket: at }) => {
              const of = bag.pockets[at];
              return of?.on === wall && of.kind !== 'crocheted' && of.kind !== 'vinyl';
            })
            .map((one) => one.thing.thicknessMm);
          expect(thickestIn(wall, bag)?.thicknessMm ?? 0).toBe(Math.max(0, ...thick));
        }
      }),
    );
  });

  it('no pocket is smaller than its thing: the thing’s own girth goes into it', () => {
    fc.assert(
      fc.property(pocket, fc.tuple(mm, mm, mm), (of, size) => {
        const held = thing('t0', ...size);
        const { widthMm, heightMm } = pocketForMm(of, held);
        if (of.kind === 'loop') return;
        // Flat on a wall, front and pocket together go round it.
        const parts = of.kind === 'divided' ? of.parts : 1;
        expect(2 * (widthMm / parts)).toBeGreaterThanOrEqual(2 * (held.widthMm + held.thicknessMm));
        expect(heightMm).toBeGreaterThanOrEqual(Math.min(held.heightMm, (2 / 3) * held.heightMm));
      }),
    );
  });

  test.each<[PocketKind, number]>([
    ['slip', 100],
    ['zipped', 100],
    ['loop', 170],
  ])('in a %s a thing of 100 mm reaches %f mm below the mouth', (kind, belowMm) => {
    expect(thingBelowMouthMm(kind, 100, { heightMm: 100 }, 300)).toBe(belowMm);
    expect(thingBelowMouthMm(kind, 100, { heightMm: 100 }, 120)).toBe(Math.min(belowMm, 120));
  });
});
