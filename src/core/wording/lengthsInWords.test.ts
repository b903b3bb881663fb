import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { BODY_KINDS } from '@/core/body';
import { usualLining, usualStrap, type Design } from '@/core/design';
import { flatSize, type RowsPiece } from '@/core/pieces';
import { planBag } from '@/core/plan';
import { PRINTED_MM, TOLD_LENGTH, toldMm } from '@/core/testing/toldLengths';
import { workableBag } from '@/core/testing/workableBag';
import { workedStrapOf } from '@/core/testing/designs';
import { writePattern } from '.';

const ROWS = new RegExp(String.raw`Rows? (\d+)(?: to (\d+))?, ${TOLD_LENGTH}`, 'g');
const FROM_START = new RegExp(String.raw`both ends of row (\d+)[^.]*?, ${TOLD_LENGTH} from the start`, 'g');
const OFF_AT = new RegExp(String.raw`Fasten off\. ${TOLD_LENGTH} from the start`);
const CUT = new RegExp(String.raw`pieces?(?: for the [^,]+)?(?:, all round)?, ${TOLD_LENGTH} by ${TOLD_LENGTH}`, 'g');
const PRESS = new RegExp(
  String.raw`^\d+\. Press the lining’s edges under\. ${TOLD_LENGTH} on every side, to (.*)\. Mind`,
);
const STRAP = new RegExp(String.raw`; (\d+) rows, ${TOLD_LENGTH} lying slack`);

const near = (toldMm: number, mm: number, line: string) =>
  expect(Math.abs(toldMm - mm), `${line}\n${mm}`).toBeLessThan(PRINTED_MM);

describe.each(BODY_KINDS)('%s: lengths in the order of making, recomputed from counts', (kind) => {
  test('rows, folds, ends, lining and strap', () => {
    fc.assert(
      fc.property(workableBag(kind), fc.boolean(), (bag, isLined) => {
        const design: Design = {
          ...bag,
          settings: { ...bag.settings, lengthUnit: 'cm' },
          lining: isLined ? usualLining() : null,
          straps: [usualStrap()],
        };
        const result = planBag(design);
        if (!result.ok) return;
        const { plan } = result;
        const { rowMm } = plan.pouch;
        const { sections } = writePattern(design, plan);
        const meets = sections.find(({ id }) => id === 'joins')?.lines ?? [];
        for (const line of meets) expect(line).not.toMatch(/: 0 of .* to 0 of/);
        const order = sections.find(({ id }) => id === 'order')?.lines ?? [];
        const first = plan.pieces.find((piece): piece is RowsPiece => piece.kind === 'rows');
        for (const line of order) {
          for (const [, from, to, value, unit] of line.matchAll(ROWS))
            near(toldMm(value, unit), (Number(to ?? from) - Number(from) + 1) * rowMm, line);
          for (const [, row, value, unit] of line.matchAll(FROM_START))
            near(toldMm(value, unit), Number(row) * rowMm, line);
          const off = OFF_AT.exec(line);
          if (off && first) near(toldMm(off[1], off[2]), first.rows.length * first.rowMm, line);
          const strap = STRAP.exec(line);
          if (strap && plan.straps[0])
            near(toldMm(strap[2], strap[3]), Number(strap[1]) * workedStrapOf(plan).figures.rowHeight.value, line);
          const pressed = PRESS.exec(line);
          if (pressed && plan.lining) {
            const underMm = toldMm(pressed[1], pressed[2]);
            const sizes = [...(pressed[3] ?? '').matchAll(new RegExp(`${TOLD_LENGTH} by ${TOLD_LENGTH}`, 'g'))];
            const cut = order.flatMap((one) => [...one.matchAll(CUT)]);
            sizes.forEach(([, width, widthUnit, height, heightUnit], index) => {
              const [, cutWidth, cutWidthUnit, cutHeight, cutHeightUnit] = cut[index] ?? [];
              if (cutWidth === undefined) return;
              near(
                toldMm(width, widthUnit) / 2,
                toldMm(cutWidth, cutWidthUnit) / 2 - underMm,
                `${line}\n${cut.join('\n')}`,
              );
              near(toldMm(height, heightUnit) / 2, toldMm(cutHeight, cutHeightUnit) / 2 - underMm, line);
            });
          }
        }
        // A piece of rows is lined to its outline, less the hem that is turned, a little inside its edge.
        const [piece] = plan.lining?.cloth ?? [];
        if (piece && first && first.roundCount === 0 && piece.for === first.id) {
          const { widthMm, lengthMm } = flatSize(first);
          const inMm = 2 * (design.lining?.kind === 'flat' ? design.lining.insetMm : 0);
          expect(piece.finishedWidth.value).toBeCloseTo(widthMm - inMm, 6);
          expect(piece.finishedLength.value).toBeCloseTo(
            lengthMm - (first.id === 'panel' ? plan.flap.hemRows : 0) * rowMm - inMm,
            6,
          );
        }
      }),
      { numRuns: 120 },
    );
  });
});
