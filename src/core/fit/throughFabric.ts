import type { Design, Thing } from '@/core/design';
import { linesWalls, patternOf, usualLining } from '@/core/design';
import { MEMORY, input, inputFrom, makeFigure, type Figure } from '@/core/figures';
import type { GaugeStage } from '@/core/gauge';
import type { Problem } from '@/core/problems';
import { widestOpening } from '@/core/stitches';

/** The openings of the bag's fabric, and what of its load goes through them. */
export interface ThroughFabricStage {
  figures: { across: Figure; up: Figure };
  problems: Problem[];
}

/**
 * How far the fabric of a bag opens between its stitches, and whether anything that it carries is smaller than that. Behind a lining nothing goes through.
 *
 * Source: the pattern's own stitches; how wide a post is, from memory.
 */
export function throughFabricStage(design: Design, gauge: GaugeStage): ThroughFabricStage {
  const { stitches, rows } = widestOpening(patternOf(design));
  // A fabric is about two strands thick, and a stitch's post two strands wide.
  const postMm = gauge.fabricThickness.value;
  const opening = (name: string, label: string, mm: number, per: Figure, times: number) =>
    makeFigure(`fabric.opening${name}`, label, Math.max(0, mm - postMm), 'mm', {
      rule: 'From the middle of one post to that of the next, or from row to row, less as much as the yarn between takes: the fabric’s thickness. Roughly.',
      inputs: [
        inputFrom(per),
        input(name === 'Across' ? 'Stitches apart' : 'Height of its row, of the mean', times, 'ratio'),
        inputFrom(gauge.fabricThickness),
      ],
      source: MEMORY,
    });
  const across = opening(
    'Across',
    'Widest opening of the stitch: across',
    stitches * gauge.stitchWidth.value,
    gauge.stitchWidth,
    stitches,
  );
  const up = opening('Up', 'Widest opening of the stitch: up', rows * gauge.rowHeight.value, gauge.rowHeight, rows);
  const figures = { across, up };
  if (linesWalls(design)) return { figures, problems: [] };
  const sides = [across.value, up.value];
  const falls = design.contents.items.find(({ thing }) => goesThrough(thing, sides))?.thing;
  if (!falls) return { figures, problems: [] };
  return {
    figures,
    problems: [
      {
        code: 'falls-through-fabric',
        severity: 'decide',
        place: 'carry',
        path: ['contents', 'items'],
        names: { thing: falls.name },
        values: { acrossMm: across.value, upMm: up.value },
        asks: [across.id, up.id],
        repairs: [{ code: 'add-lining', values: {}, edits: [{ path: ['lining'], value: usualLining() }] }],
      },
    ],
  };
}

/** Whether a thing goes through an opening end on: its two smaller sides are no larger than it. */
function goesThrough({ widthMm, heightMm, thicknessMm }: Thing, opening: readonly number[]): boolean {
  const [least = 0, middle = 0] = [widthMm, heightMm, thicknessMm].sort((a, b) => a - b);
  return least <= Math.min(...opening) && middle <= Math.max(...opening);
}
