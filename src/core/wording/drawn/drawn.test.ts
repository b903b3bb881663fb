import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { BODY_KINDS } from '@/core/body';
import { rectangle, ringArea } from '@/core/cutting';
import { USUAL_CLOTH, usualDropIn, usualLining, type Design } from '@/core/design';
import { clothPieces, clothToCut, layOnCloth, type LayoutPiece } from '@/core/layout';
import { seededRandom } from '@/core/random';
import { laidStrap } from '@/core/strap';
import { anyStrapStage } from '@/core/testing/anyStrapStage';
import { bagOf } from '@/core/testing/bodies';
import { fullDesign, planOf } from '@/core/testing/designs';
import { holding } from '@/core/testing/holding';
import { PRINTED_MM, TOLD_LENGTH, toldMm } from '@/core/testing/toldLengths';
import { cutText } from './cutText';
import { laidText } from './laidText';
import { packedText } from './packedText';
import { strapText } from './strapText';

/** All lengths that a line tells, mm. */
const lengthsIn = (line: string): number[] =>
  [...line.matchAll(new RegExp(TOLD_LENGTH, 'g'))].map(([, value, unit]) => toldMm(value, unit));

describe('a strap in words', () => {
  it('is as long from mouth to mouth as its parts are together, whatever it is and hangs by', () => {
    fc.assert(
      fc.property(anyStrapStage, (stage) => {
        const [slack, worn] = strapText(stage, 'cm');
        const { slackMm, wornMm } = laidStrap(stage);
        expect(Math.abs((lengthsIn(slack?.name ?? '')[0] ?? NaN) - slackMm)).toBeLessThan(PRINTED_MM);
        expect(Math.abs((lengthsIn(worn?.name ?? '')[0] ?? NaN) - wornMm)).toBeLessThan(PRINTED_MM);
        const parts = (worn?.lines ?? []).flatMap(lengthsIn);
        const sum = parts.reduce((all, mm) => all + mm, 0);
        expect(Math.abs(sum - wornMm)).toBeLessThan(PRINTED_MM * (parts.length + 1));
      }),
      { numRuns: 120 },
    );
  });
});

const sized = fc.tuple(
  fc.integer({ min: 20, max: 120 }),
  fc.integer({ min: 20, max: 120 }),
  fc.integer({ min: 2, max: 18 }),
);
type Box = [from: number, to: number][];

/** Of a told thing: where it lies across, up and behind the front. */
function boxOf(line: string): Box {
  const [size = '', where = ''] = line.split(';');
  const along = where.split(', ').map((part) => lengthsIn(part)[0] ?? 0);
  return lengthsIn(size).map((mm, index) => [along[index] ?? NaN, (along[index] ?? NaN) + mm]);
}
/** How deep two boxes are in each other; nothing or less where they are not. */
const depth = (one: Box, other: Box): number =>
  Math.min(...one.map(([from, to], at) => Math.min(to, other[at]?.[1] ?? NaN) - Math.max(from, other[at]?.[0] ?? NaN)));

describe('what is packed in words', () => {
  it('rebuilt from its words alone, no thing stands in another, and together they are as large as is told', () => {
    fc.assert(
      fc.property(fc.array(sized, { minLength: 1, maxLength: 5 }), (sizes) => {
        const [packed] = packedText(planOf(holding(sizes)), 'cm');
        const boxes = (packed?.lines ?? []).map(boxOf);
        expect(boxes).toHaveLength(sizes.length);
        boxes.forEach((one, index) => {
          for (const other of boxes.slice(index + 1)) expect(depth(one, other)).toBeLessThan(2 * PRINTED_MM);
        });
        lengthsIn(packed?.name ?? '').forEach((mm, at) => {
          const reach = Math.max(...boxes.map((box) => box[at]?.[1] ?? NaN));
          expect(Math.abs(reach - mm)).toBeLessThan(3 * PRINTED_MM);
        });
        // Each as large as it was given, none turned.
        const told = (packed?.lines ?? []).map((line) => lengthsIn(line.split(';')[0] ?? '').join()).sort();
        expect(told).toEqual(sizes.map((size) => size.join()).sort());
      }),
      { numRuns: 40 },
    );
  });

  it('is silent where nothing goes in', () => {
    expect(packedText(planOf(fullDesign()), 'cm')).toEqual([]);
  });
});

describe('what is cut in words', () => {
  it.each(BODY_KINDS)('%s: every piece of its lining, as often and as large as it is cut', (kind) => {
    const bag = bagOf(kind);
    const design = { ...bag, lining: usualDropIn(bag) };
    const plan = planOf(design);
    const told = cutText(design, plan);
    const patterns = plan.lining?.patterns ?? [];
    expect(told).toHaveLength(patterns.length);
    expect(patterns.length).toBeGreaterThan(0);
    patterns.forEach(({ cut, copies, layers, marks }, index) => {
      const lines = told[index]?.lines ?? [];
      expect(lines.some((line) => line.startsWith(`Cut ${copies * layers},`))).toBe(true);
      const [wide = NaN, high = NaN] = lengthsIn(lines.find((line) => line.startsWith('Cut line')) ?? '');
      const [across, up] = [0, 1].map((axis) => {
        const all = cut.map((point) => point[axis as 0 | 1]);
        return Math.max(...all) - Math.min(...all);
      });
      expect(Math.abs(wide - (across ?? NaN))).toBeLessThan(PRINTED_MM);
      expect(Math.abs(high - (up ?? NaN))).toBeLessThan(PRINTED_MM);
      const ticks = marks.filter((mark) => mark.kind === 'notch').length;
      expect(lines.some((line) => line.startsWith(`${ticks} tick`))).toBe(ticks > 0);
    });
  });

  it('tells where the snap lies behind a lining, as far up as its mark', () => {
    const design = { ...fullDesign(), lining: usualLining() };
    const plan = planOf(design);
    const spots = (plan.lining?.patterns ?? []).flatMap(({ marks }) => marks.filter(({ kind }) => kind === 'spot'));
    const lines = cutText(design, plan).flatMap((piece) =>
      piece.lines.filter((line) => line.startsWith('What closes')),
    );
    expect(spots.length).toBeGreaterThan(0);
    expect(lines).toHaveLength(spots.length);
    spots.forEach((mark, index) => {
      if (mark.kind !== 'spot') throw new Error('no spot');
      expect(Math.abs((lengthsIn(lines[index] ?? '').at(-1) ?? NaN) - mark.at[1])).toBeLessThan(PRINTED_MM);
    });
  });
});

describe('the cloth in words', () => {
  const laidOf = (pieces: readonly LayoutPiece[], cloth: Design['cloth']) => {
    const search = layOnCloth(pieces, clothToCut(cloth), seededRandom(3));
    let step = search.next();
    while (!step.done) step = search.next();
    return step.value;
  };

  it.each([false, true])('every piece lies within the cloth that is told, folded: %s', (folded) => {
    const bag = bagOf('gusset');
    const cloth = { ...USUAL_CLOTH, folded, widthMm: 900 };
    const layout = laidOf(clothPieces(planOf({ ...bag, lining: usualDropIn(bag) }), cloth), cloth);
    const [sheet] = laidText(layout, cloth, 'cm');
    const [wide = NaN, long = NaN] = lengthsIn(sheet?.name ?? '');
    expect(sheet?.lines).toHaveLength(layout.laid.length);
    let area = 0;
    for (const line of sheet?.lines ?? []) {
      const [left = NaN, right = NaN, low = NaN, high = NaN] = lengthsIn(line);
      expect(left).toBeGreaterThanOrEqual(0);
      expect(right).toBeLessThan(wide + 2 * PRINTED_MM);
      expect(high).toBeLessThan(long + 2 * PRINTED_MM);
      area += (right - left) * (high - low);
    }
    // Rectangles round them are no smaller than the pieces themselves.
    const cut = layout.laid.reduce((sum, { piece }) => sum + Math.abs(ringArea(layout.pieces[piece]?.ring ?? [])), 0);
    expect(area).toBeGreaterThan(0.99 * cut);
  });

  it('what is cut from what was left over is told there, from its own edges', () => {
    const outline = rectangle(300, 200).map(([x, y]): [number, number] => [x, y]);
    const cloth = { ...USUAL_CLOTH, remnants: [{ name: 'Rest', outline }] };
    const piece: LayoutPiece = { id: 'a', name: 'front', ring: rectangle(100, 80), turns: [0], atFold: false };
    const layout = {
      ...{ pieces: [piece], lengthMm: 0 },
      laid: [{ piece: 0, turn: 0 as const, xMm: -150 + 20, yMm: 30, remnant: 0 }],
    };
    expect(laidText(layout, cloth, 'cm')).toEqual([
      {
        name: 'Left over, 1: 30.0 cm by 20.0 cm',
        lines: ['front: 20.0 mm to 12.0 cm from its left edge, 3.0 cm to 11.0 cm up'],
      },
    ]);
  });

  it('a cloth that nothing lies on is not told', () => {
    expect(laidText(null, USUAL_CLOTH, 'in')).toEqual([]);
  });
});
