import { describe, expect, it } from 'vitest';
import { readDesign } from '@/core/design';
import { planBag } from '@/core/plan';
import { demoBags } from './demoBags';

describe('the demo', () => {
  it.each(demoBags())('$name is a whole design and has a plan', (design) => {
    expect(readDesign(JSON.parse(JSON.stringify(design)))).toEqual({ ok: true, design });
    expect(planBag(design).ok).toBe(true);
  });

  it('has bags with and without a closure, a strap and a lining, in both stitches', () => {
    const bags = demoBags();
    for (const has of [
      (bag: (typeof bags)[number]) => bag.hardware.length > 0,
      (bag: (typeof bags)[number]) => bag.strap !== null,
      (bag: (typeof bags)[number]) => bag.lining !== null,
      (bag: (typeof bags)[number]) => bag.stitch === 'hdc',
    ])
      expect(new Set(bags.map(has))).toEqual(new Set([true, false]));
  });
});
