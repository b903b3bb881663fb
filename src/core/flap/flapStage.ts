import type { SettledDesign } from '@/core/contents';
import { LEAST_DROP_MM } from '@/core/defaults';
import { patternOf } from '@/core/design';
import type { GaugeStage } from '@/core/gauge';
import type { Problem } from '@/core/problems';
import { shapedRows, type ShapedRow } from '@/core/shaping';
import type { FlapStage, PouchStage } from '@/core/stages';
import { flapFigures } from './flapFigures';
import { flapProblems, shapeProblems } from './flapProblems';
import { flapReach } from './flapReach';
import { flapRowsOf, gapsBefore, halfDiscRows, type FlapRows } from './flapRows';
import type { FlapSize } from './shapes';

/**
 * Plans a flap that goes on from the back, in its shape. The bridge is made long enough for the loaded bag, since a flap cut for an
 * empty one does not close on a full one.
 */
export function flapStage(design: SettledDesign, gauge: GaugeStage, pouch: PouchStage): FlapStage {
  const reach = flapReach(design, gauge, pouch);
  const { hasFlap, halfDisc, bridgeRows, flapRows, hemRows, dropMm } = reach;
  const shaped: FlapRows = halfDisc
    ? halfDiscRows(pouch, halfDisc.counts, bridgeRows)
    : flapRowsOf(design.flap, patternOf(design), pouch, flapRows);
  const onPiece = hasFlap && halfDisc === null;
  const problems = hasFlap
    ? [
        ...flapProblems(design, pouch, dropMm),
        ...shapeProblems(design, pouch, {
          widthMm: shaped.startStitches * pouch.stitchMm,
          lengthMm: flapRows * pouch.rowMm,
        }),
        ...(halfDisc?.problems ?? []),
      ]
    : design.flap.kind === 'none'
      ? []
      : [noFlapProblem(design)];
  return {
    onPiece,
    tail: onPiece ? tailRows(shaped, bridgeRows, hemRows) : [],
    scallops: shaped.scallops,
    scallopGaps: shaped.scallops ? gapsBefore(shaped.scallops) : [],
    startStitches: shaped.startStitches,
    leftEachSide: shaped.leftEachSide,
    rows: shaped.rows,
    figures: flapFigures(reach, shaped, design, gauge, pouch),
    problems,
    ...reach,
  };
}

/** What was wished of a flap, whatever its shape: its width, and its drop, no longer than the front. */
export const wishableFlap = ({
  flap,
  body,
  wishedMm,
}: SettledDesign): { dropMm: number; widthMm: number | null; hemMm: number | null } => ({
  dropMm: Math.max(LEAST_DROP_MM, Math.min(flap.dropMm, body.heightMm, wishedMm.heightMm)),
  widthMm: flap.widthMm,
  hemMm: flap.hemMm,
});

/** All rows beyond the back's upper edge: over the top, the flap, and its hem. */
function tailRows({ startStitches, leftEachSide, rows }: FlapRows, bridgeRows: number, hemRows: number): ShapedRow[] {
  const edge = rows.at(-1)?.stitches ?? startStitches;
  const tail = [
    ...shapedRows(startStitches, Array<number>(bridgeRows).fill(startStitches)),
    ...rows,
    ...shapedRows(edge, Array<number>(hemRows).fill(edge)),
  ];
  const [first] = tail;
  // What is left at each side of a narrower flap is left in the first row beyond the back.
  if (leftEachSide > 0 && first) {
    // On a flap that begins without a bridge its own outline can take some more.
    const within = (startStitches - first.stitches) / 2;
    tail[0] = { ...first, changeEachSide: -leftEachSide - within, by: 'leaving' };
  }
  return tail;
}

/** A flap on a body that has no straight edge for it: it is left out, and either way out settles it. */
const noFlapProblem = (design: SettledDesign): Problem => ({
  code: 'flap-without-edge',
  severity: 'mind',
  place: 'body',
  path: ['flap', 'kind'],
  values: {},
  repairs: [
    {
      code: 'take-flap-off',
      values: {},
      edits: [{ path: ['flap'], value: { kind: 'none', ...wishableFlap(design) } }],
    },
  ],
});

/** The size that a flap is worked to: where it starts, and from there to its edge, mm. */
export const flapSize = (pouch: PouchStage, flap: Pick<FlapStage, 'startStitches' | 'flapRows'>): FlapSize => ({
  widthMm: flap.startStitches * pouch.stitchMm,
  lengthMm: flap.flapRows * pouch.rowMm,
});

/**
 * Stitches across beyond the back's upper edge, in row `k` from it: over the top, then down the flap.
 *
 * @param k from 1
 */
export function rowStitches(flap: FlapStage, k: number): number {
  return flap.rows[k - 1 - flap.bridgeRows]?.stitches ?? flap.startStitches;
}
