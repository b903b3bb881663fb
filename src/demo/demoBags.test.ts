import { describe, expect, it } from 'vitest';
import { readDesign } from '@/core/design';
import { isOfSizes, notionSchema } from '@/core/notions';
import { planBag } from '@/core/plan';
import { makingEventSchema } from '@/core/bench';
import { LESSON_KINDS, madeBag } from '@/core/logbook';
import { demoBags } from './demoBags';
import { FINISHED, HALF_MADE, demoFinished, demoMaking } from './demoMaking';
import { demoNotions } from './demoNotions';

const kindOf = ({ choice }: { choice: { kind: string } }): string => choice.kind;

describe('the demo', () => {
  it.each(demoBags())('$name is a whole design and has a plan', (design) => {
    expect(readDesign(JSON.parse(JSON.stringify(design)))).toEqual({ ok: true, design });
    expect(planBag(design).ok).toBe(true);
  });

  it('has bags with and without a closure, a strap and a lining, in both stitches', () => {
    const bags = demoBags();
    for (const has of [
      (bag: (typeof bags)[number]) => bag.closures.length > 0,
      (bag: (typeof bags)[number]) => bag.straps.length > 0,
      (bag: (typeof bags)[number]) => bag.lining !== null,
      (bag: (typeof bags)[number]) => bag.stitch === 'hdc',
    ])
      expect(new Set(bags.map(has))).toEqual(new Set([true, false]));
  });

  it('is closed and trimmed in ten ways', () => {
    const kinds = demoBags().flatMap(({ closures, hardware, trims }) =>
      [...closures, ...hardware, ...trims].map(({ kind }) => kind),
    );
    expect(new Set(kinds).size).toBeGreaterThanOrEqual(10);
  });

  it('is lined in three ways, once stiffened, and once with pockets in use', () => {
    const bags = demoBags();
    expect(new Set(bags.map(({ lining }) => lining?.kind)).size).toBeGreaterThanOrEqual(4);
    expect(bags.some(({ stiffener }) => stiffener !== null)).toBe(true);
    const [inUse] = bags.filter(({ pockets }) => pockets.length > 0);
    const result = inUse && planBag(inUse);
    if (!result?.ok) throw new Error('no bag with pockets');
    expect(result.plan.contents.pocketed).toHaveLength(inUse?.pockets.length ?? 0);
    expect(result.plan.problems.filter(({ code }) => code.startsWith('pocket'))).toEqual([]);
  });

  it('has one bag half made and one finished, all that was told of them readable, and the finished one taught everything', () => {
    const half = demoBags().find(({ name }) => name === HALF_MADE);
    const whole = demoBags().find(({ name }) => name === FINISHED);
    if (!half || !whole) throw new Error('no such demo bags');
    const { design, events } = demoFinished(whole);
    for (const event of [...demoMaking(half), ...events]) expect(makingEventSchema.parse(event)).toEqual(event);
    const result = planBag(design);
    if (!result.ok) throw new Error('no plan');
    const bag = madeBag('finished', design, result.plan, events, kindOf);
    expect(bag.rows.worked).toBe(bag.rows.all);
    expect(bag.lessons.map(({ kind }) => kind)).toEqual([...LESSON_KINDS]);
    expect(madeBag('half', half, result.plan, demoMaking(half), kindOf).finishedMs).toBeNull();
  });

  it('has a drawer of pieces that were measured, one of which is on a bag', () => {
    for (const notion of demoNotions()) expect(notionSchema.parse(notion)).toEqual(notion);
    const on = demoBags().flatMap(({ closures, hardware }) => [...closures, ...hardware]);
    expect(on.some((one) => demoNotions().some(({ kind, sizes }) => kind === one.kind && isOfSizes(one, sizes)))).toBe(
      true,
    );
  });

  it.each(demoBags())('$name begins with what goes in', (design) => {
    expect(design.body.sizesFrom).toBe('contents');
    const result = planBag(design);
    if (!result.ok) throw new Error('no plan');
    expect(result.plan.contents.things.length).toBeGreaterThan(0);
    expect(result.plan.contents.packed).not.toBeNull();
  });

  it('shares its swatches among the bags, as a library does: one measured swatch, the same in every bag', () => {
    const swatches = demoBags().map(({ swatch }) => swatch);
    const library = new Map(swatches.map((swatch) => [swatch.id, swatch]));
    expect(library.size).toBeLessThan(swatches.length);
    for (const swatch of swatches) expect(swatch).toEqual(library.get(swatch.id));
    expect(new Set([...library.values()].map(({ name }) => name)).size).toBe(library.size);
  });
});
