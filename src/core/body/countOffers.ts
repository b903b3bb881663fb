import type { SettledDesign } from '@/core/contents';
import { patternOf } from '@/core/design';
import { GEOMETRY, input, inputFrom, makeFigure, offFigure, type Figure } from '@/core/figures';
import type { GaugeStage } from '@/core/gauge';
import type { DesignEdit } from '@/core/problems';
import type { PouchStage } from '@/core/stages';
import { startingChain } from '@/core/stitches';
import { sizingOf } from './sizingOf';

/** A count that the repeat allows near the wanted width, with what it would give. */
export interface CountOffer {
  stitches: number;
  /** Full repeats across. */
  repeats: number;
  startingChain: number;
  width: Figure;
  off: Figure;
  /** The bag as it is planned now. */
  isPlanned: boolean;
  /** What adopting it changes. */
  edits: DesignEdit[];
}

/** How many counts are offered: enough to see the next ones on both sides of the wanted width. */
const OFFERED = 5;

/** Counts that come equally near are told apart by size, not by the last bit of a sum: in steps of a millionth of a mm. */
const apartBy = (aMm: number, bMm: number): number => Math.round(Math.abs(aMm - bMm) * 1e6);

/**
 * The counts around the wanted width that the stitch's repeat and the construction allow, the nearest first.
 *
 * @returns at most five, each with its finished width and by how much that is off; none where the width follows from rounds
 */
export function countOffers(design: SettledDesign, gauge: GaugeStage, pouch: PouchStage, wanted: Figure): CountOffer[] {
  const pattern = patternOf(design);
  const { across } = sizingOf(design, gauge, pattern);
  if (across === null) return [];
  const { repeatStitches, edgeStitches } = across.allowed;
  const { foundation, turningChain } = design.settings;
  const middle = Math.round((across.stitchesFor(design.body.widthMm) - edgeStitches) / repeatStitches);
  return Array.from({ length: OFFERED + 4 }, (_, index) => middle - 4 + index)
    .filter((repeats) => repeats >= 1)
    .map((repeats) => {
      const stitches = edgeStitches + repeats * repeatStitches;
      return { repeats, stitches, widthMm: across.widthMm(stitches) };
    })
    .filter(({ stitches, widthMm }) => widthMm > 0 && across.seenStitches(stitches) > 0)
    .sort((a, b) => apartBy(a.widthMm, wanted.value) - apartBy(b.widthMm, wanted.value) || b.stitches - a.stitches)
    .slice(0, OFFERED)
    .map(({ repeats, stitches, widthMm }): CountOffer => {
      const width = makeFigure(
        `offer.width.${stitches}`,
        `Width with ${stitches} stitches`,
        widthMm,
        'mm',
        {
          rule: across.width.rule,
          inputs: [
            input('Full repeats', repeats, 'count'),
            input('Stitches in a repeat', repeatStitches, 'stitch'),
            input('Stitches beside the repeats', edgeStitches, 'stitch'),
            ...across.width.inputs,
            inputFrom(gauge.stitchWidth),
          ],
          source: GEOMETRY,
        },
        across.seenStitches(stitches) * (gauge.stitchWidth.plusMinus ?? 0),
      );
      return {
        stitches,
        repeats,
        startingChain: startingChain(across.firstRow(stitches, pouch.frontRows), pattern, turningChain, foundation),
        width,
        off: offFigure(`offer.off.${stitches}`, width, wanted),
        isPlanned: stitches === pouch.stitchCount,
        edits: [{ path: ['body', 'chosenStitches'], value: stitches }],
      };
    });
}
