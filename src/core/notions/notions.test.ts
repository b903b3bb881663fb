import { describe, expect, it } from 'vitest';
import { CLOSURES } from '@/core/closure';
import { USUAL_HARDWARE, USUAL_TRIMS, applyEdits, type Closure, type Design } from '@/core/design';
import { bagOf } from '@/core/testing/bodies';
import { planOf } from '@/core/testing/designs';
import { GENERIC_SIZES, SIZE_FIELDS, genericSizesOf, isOfSizes, notionSchema, sizesEdits, sizesOf } from '.';

const bag = bagOf('fold-over-strip');
const KINDS = Object.keys(SIZE_FIELDS);
const GROUPS = { closures: CLOSURES, hardware: USUAL_HARDWARE, trims: USUAL_TRIMS } as const;

/** A bag with one of a kind on, and where that stands. */
function withOne(kind: string): { design: Design; group: keyof typeof GROUPS; choice: { kind: string } } {
  const group = (Object.keys(GROUPS) as (keyof typeof GROUPS)[]).find((one) => kind in GROUPS[one]);
  if (!group) throw new Error(`no ${kind}`);
  const choice: { kind: string } | undefined =
    group === 'closures'
      ? CLOSURES[kind as Closure['kind']].usual(bag)
      : (GROUPS[group] as Record<string, { kind: string }>)[kind];
  if (!choice) throw new Error(`no ${kind}`);
  return { design: { ...bag, [group]: [choice] } as Design, group, choice };
}

describe('pieces by their sizes', () => {
  it.each(KINDS)('%s: every usual size is taken by the file, planned, and found again as chosen', (kind) => {
    for (const sizes of genericSizesOf(kind)) {
      const { design, group } = withOne(kind);
      const read = applyEdits(design, sizesEdits([group, 0], sizes));
      if (!read.ok) throw new Error(`${kind}: ${read.faults[0]?.sentence}`);
      const [choice] = read.design[group] as { kind: string }[];
      expect(choice && isOfSizes(choice, sizes)).toBe(true);
      expect(choice && sizesOf(choice)).toEqual(sizes);
      expect(planOf(read.design).fittings.some(({ at }) => at.group === group)).toBe(true);
    }
  });

  it('those of one kind differ from each other, and get larger', () => {
    for (const [kind, all] of Object.entries(GENERIC_SIZES)) {
      const areas = all.map((sizes) => Object.values(sizes).reduce((sum, mm) => sum + mm, 0));
      expect(
        [...areas].sort((a, b) => a - b),
        kind,
      ).toEqual(areas);
      expect(new Set(all.map((sizes) => JSON.stringify(sizes))).size).toBe(all.length);
    }
  });

  it('one of hers has all sizes of its kind, and no others', () => {
    const made = (sizes: object) =>
      notionSchema.safeParse({ id: 'n1', name: 'From the old satchel', kind: 'rivet', sizes });
    expect(made({ headMm: 8.4, shankMm: 9 }).success).toBe(true);
    for (const wrong of [{ headMm: 8 }, { headMm: 8, shankMm: 9, holes: 2 }, {}, { headMm: -1, shankMm: 9 }])
      expect(made(wrong).success).toBe(false);
  });

  it('a zipper that is to be as long as fits has no size yet', () => {
    expect(sizesOf(CLOSURES.zipper.usual(bag))).toBeNull();
    const long = Object.assign(CLOSURES.zipper.usual(bag), { lengthMm: 200 });
    expect(sizesOf(long)).toEqual({ lengthMm: 200 });
  });
});
