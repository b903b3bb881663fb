import { describe, expect, it } from 'vitest';
import { CLOSURES } from '@/core/closure';
import {
  USUAL_HARDWARE,
  USUAL_TRIMS,
  applyEdits,
  type Closure,
  type Design,
  type HardwareKind,
  type TrimKind,
} from '@/core/design';
import { moveMarkEdits, type FabricMark } from '@/core/fittings';
import { bagOf, withBody } from '@/core/testing/bodies';
import { planOf } from '@/core/testing/designs';
import { FITTING_WORDS } from '@/core/wording';

const CLOSURE_KINDS = Object.keys(CLOSURES) as Closure['kind'][];
const TRIM_KINDS = Object.keys(USUAL_TRIMS) as TrimKind[];

const bare = (): Design => ({
  ...withBody(bagOf('fold-over-strip'), { widthMm: 160, heightMm: 170 }),
  flap: { kind: 'straight', dropMm: 70, widthMm: null, hemMm: null },
});

/** The mark of a bag that is taken hold of to move what is put on it. */
const gripOf = (design: Design): FabricMark | undefined => planOf(design).marks.find(({ move }) => move?.isGripped);

const BAGS: [name: string, group: 'closures' | 'hardware' | 'trims', design: Design][] = [
  ...(Object.keys(USUAL_HARDWARE) as HardwareKind[]).flatMap((kind) =>
    (['sides', 'front', 'back', 'flap'] as const).map((on): [string, 'hardware', Design] => [
      `${kind} on the ${on}`,
      'hardware',
      { ...bare(), hardware: [{ ...USUAL_HARDWARE[kind], on, fromEdgeMm: 40 }] as Design['hardware'] },
    ]),
  ),
  ...CLOSURE_KINDS.map((kind): [string, 'closures', Design] => [
    kind,
    'closures',
    { ...bare(), closures: [CLOSURES[kind].usual(bare())] },
  ]),
  ...TRIM_KINDS.flatMap((kind): [string, 'trims', Design][] => {
    const usual = USUAL_TRIMS[kind];
    return ('on' in usual ? (['front', 'flap'] as const) : [null]).map((on) => [
      `${kind}${on ? ` on the ${on}` : ''}`,
      'trims',
      { ...bare(), trims: [on ? { ...usual, on } : usual] as Design['trims'] },
    ]);
  }),
];

describe('what is put on, taken hold of', () => {
  it.each(BAGS)(
    '%s: has a grip with a name where it can be moved, and one where it has a name',
    (name, group, design) => {
      const kind = name.split(' ')[0] as string;
      const words = (FITTING_WORDS[group] as Record<string, { grip: { name: string } | null }>)[kind];
      expect(Boolean(gripOf(design)), name).toBe(words?.grip !== null && words?.grip !== undefined);
    },
  );

  it.each(BAGS.filter(([, , design]) => gripOf(design)))(
    '%s: moved along the fabric by whole rows, it lies as many rows further, and back where it was',
    (_, __, design) => {
      const before = gripOf(design);
      if (!before?.move) throw new Error('no grip');
      const { move } = before;
      for (const rows of [2, -2]) {
        const edits = moveMarkEdits(move, rows * move.stepMm);
        const read = applyEdits(design, edits);
        if (!read.ok) throw new Error(read.faults[0]?.sentence);
        const after = gripOf(read.design);
        // Further along the fabric is further along its piece, or nearer to where that begins.
        expect((after?.alongMm ?? NaN) - before.alongMm).toBeCloseTo(rows * move.stepMm * move.alongPiece, 6);
        const back = applyEdits(
          read.design,
          edits.map(({ path }) => ({
            path,
            value: path.reduce<unknown>((value, step) => (value as Record<string | number, unknown>)[step], design),
          })),
        );
        expect(back.ok && back.design).toEqual(design);
      }
    },
  );

  it.each(['magnetic-snap', 'press-stud', 'turn-lock', 'button-loop', 'tab'] as const)(
    'a pair (%s) slid across by stitches lies as much further in from both ends, and its mates with it',
    (kind) => {
      const design = (inMm: number | null): Design => ({
        ...bare(),
        closures: [{ ...CLOSURES[kind].usual(bare()), layout: 'pair', inMm } as Closure],
      });
      const pair = (of: Design) => planOf(of).marks.filter(({ slide, presence }) => slide && presence === 'set');
      const before = pair(design(null));
      const [first] = before;
      if (!first?.slide) throw new Error('nothing to slide');
      const { stepMm } = first.slide;
      expect(before.reduce((sum, { acrossMm }) => sum + acrossMm, 0)).toBeCloseTo(0, 9);
      for (const stitches of [2, -2]) {
        const edits = moveMarkEdits(first.slide, stitches * first.slide.stepMm);
        const read = applyEdits(design(null), edits);
        if (!read.ok) throw new Error(read.faults[0]?.sentence);
        const after = pair(read.design);
        expect(after).toHaveLength(before.length);
        after.forEach(({ acrossMm }, index) => {
          const was = before[index]?.acrossMm ?? NaN;
          // To the nearest stitch or gap.
          expect(Math.abs(Math.abs(acrossMm - was) - 2 * stepMm)).toBeLessThanOrEqual(stepMm / 2);
          expect(Math.sign(acrossMm)).toBe(Math.sign(was));
        });
      }
    },
  );
});
