import { bordersTimes, type Borders } from '@/core/borders';
import { constructionOf, type ClothMm } from '@/core/body';
import { insideNeeded, sheetsAcrossMm, sheetsAlongMm, sheetsThroughMm, wrapOf } from '@/core/contents';
import { factsOf, patternOf, type Body } from '@/core/design';
import { FITTING_KINDS } from '@/core/fittingKinds';
import type { FittingCatalogues, MadeSize } from '@/core/fittings';
import type { Plan } from '@/core/plan';
import { bridgeOverMm } from '@/core/section';
import type { Making } from './making';

/** What comes of a making, mm. */
export interface MadeSizes {
  widthMm: number;
  heightMm: number;
  /** How far the flap comes down the front of the loaded bag; null without one. */
  coverMm: number | null;
  /** What the kinds of what is put on add. */
  fitted: MadeSize[];
  /** Whether what goes in fits, without the ease that was planned for it; null where nothing goes in. */
  fits: boolean | null;
}

/**
 * The sizes of a bag made with the planned counts, but for what the making differs by. The body's own construction says what its
 * counts come to; drift makes early rows lower and late ones higher than the average.
 */
export function madeSizes(plan: Plan, making: Making, kinds: FittingCatalogues = FITTING_KINDS): MadeSizes {
  const { pouch, flap, contents } = plan;
  const { settled } = contents;
  const planned: ClothMm = {
    ...pouch.layers,
    stitchMm: pouch.stitchMm,
    rowMm: pouch.rowMm,
    borders: pouch.borders,
  };
  const cloth: ClothMm = {
    ...planned,
    stitchMm: planned.stitchMm * making.stitchShare,
    rowMm: planned.rowMm * making.rowShare,
    borders: bordersTimes(pouch.borders, making.rowShare),
  };
  const drift = driftsOf(plan, making);
  const front = lengthsOf(pouch.frontRows, making.slips.front, drift.front, planned, cloth);
  const back = lengthsOf(pouch.backRows, making.slips.back, drift.back, planned, cloth);
  const tail = lengthsOf(flap.bridgeRows + flap.flapRows, making.slips.tail, drift.tail, planned, cloth);

  const construction = constructionOf(pouch.kind);
  const body = {
    ...settled.body,
    seam: { ...settled.body.seam, takeUpStitches: making.takeUpStitches },
  } as Body;
  const sizing = construction.sizing(body, cloth, patternOf(settled));
  const heightMm = sizing.heightMm(front.rows);
  const widthMm =
    construction.widthAsCountedMm?.(body, pouch, planned, cloth) ??
    sizing.across?.widthMm(pouch.stitchCount) ??
    heightMm;
  const depthMm = pouch.depthMm * depthShare(plan, making);
  const coverMm = coverOf(plan, front, back, tail, depthMm, cloth.borders);
  const parts = {
    rowMm: planned.rowMm,
    frontRowMm: front.rowMm,
    tailRowMm: tail.rowMm,
    coverMm,
    borders: cloth.borders,
    planned: pouch.borders,
  };
  return {
    widthMm,
    heightMm,
    coverMm,
    fits: fitsIn(plan, { widthMm, heightMm, depthMm }),
    fitted: plan.fittings.flatMap(
      (stage) => kinds[stage.at.group][stage.choice.kind]?.made?.(stage as never, parts) ?? [],
    ),
  };
}

type MadePart = ReturnType<typeof lengthsOf>;

/** How far the flap of the loaded bag comes down its front; null without one. */
function coverOf(
  plan: Plan,
  front: MadePart,
  back: MadePart,
  tail: MadePart,
  depthMm: number,
  borders: Borders,
): number | null {
  const { pouch, flap, contents } = plan;
  if (!flap.hasFlap) return null;
  // What stands out of the bag does so less where its back came out higher.
  const corners = flap.corners.flatMap(({ x, y }) => (y > back.moreMm ? [{ x, y: y - back.moreMm }] : []));
  const bridgeMm = bridgeOverMm(pouch.layers, pouch.loadMm, contents.settled.contents.firmness, depthMm, corners);
  const backAboveFrontMm =
    backAbove(pouch.sectionMm, pouch.borders) + back.moreMm - front.moreMm - (borders.frontMm - borders.backMm);
  return tail.lengthMm + borders.flapMm - bridgeMm - backAboveFrontMm;
}

/** By how much the back's rows reach above the front's, mm: without what is worked on either. */
const backAbove = ({ front, back }: Plan['pouch']['sectionMm'], { frontMm, backMm }: Borders): number =>
  back - backMm - (front - frontMm);

/** Rows of a part as they were made: how many, how high on the average, and by how much they are longer than planned, mm. */
function lengthsOf(plannedRows: number, slip: number, drift: number, planned: ClothMm, made: ClothMm) {
  const rowMm = made.rowMm * (1 + drift);
  const rows = Math.max(0, plannedRows + slip);
  // A sizing multiplies rows by the row height of the whole bag: as many rows of that height as these are long.
  return {
    rows: (rows * rowMm) / made.rowMm,
    rowMm,
    lengthMm: rows * rowMm,
    moreMm: rows * rowMm - plannedRows * planned.rowMm,
  };
}

/** How much higher the rows of each part are than on the average, as a share, in the order they are worked. */
function driftsOf({ pouch, flap, workedFrom }: Plan, { drift }: Making): Record<'front' | 'back' | 'tail', number> {
  // Discs are worked from the middle outwards, one after the other: no part of a face comes before another.
  const { faces } = factsOf(pouch.kind);
  if (faces === 'discs') return { front: 0, back: 0, tail: 0 };
  // In the round, front and back are the same rows, worked at the same time.
  const atOnce = faces === 'rounds';
  const tailRows = flap.onPiece ? flap.bridgeRows + flap.flapRows : 0;
  const backRows = atOnce ? 0 : pouch.backRows;
  const all = pouch.frontRows + backRows + tailRows;
  const way = workedFrom === 'flap-edge' ? -1 : 1;
  const at = (rowsBefore: number, rows: number) => way * drift * ((rowsBefore + rows / 2) / all - 0.5);
  const front = at(0, pouch.frontRows);
  return {
    front,
    back: atOnce ? front : at(pouch.frontRows, backRows),
    tail: flap.onPiece ? at(pouch.frontRows + backRows, tailRows) : 0,
  };
}

/**
 * How the depth comes out against the planned one: corners are boxed by measure; the rounds of a base grow with their rows; a gusset or
 * a band with whichever of its stitches and rows runs across it.
 */
function depthShare({ pouch, contents }: Plan, { stitchShare, rowShare }: Making): number {
  const { body } = contents.settled;
  const lengthwise = 'gussetWorked' in body && body.gussetWorked === 'lengthwise';
  return { measure: 1, rows: rowShare, stitches: stitchShare, 'its-strip': lengthwise ? rowShare : stitchShare }[
    factsOf(pouch.kind).depthFrom
  ];
}

/** Whether what is packed has room. */
function fitsIn(
  { contents: { loaded }, pouch: { kind, layers } }: Plan,
  outside: { widthMm: number; heightMm: number; depthMm: number },
): boolean | null {
  if (loaded === null) return null;
  const wrap = wrapOf(kind);
  const needed = insideNeeded(loaded, 0, wrap);
  const acrossMm = sheetsAcrossMm(layers);
  return (
    outside.widthMm - acrossMm >= needed.widthMm &&
    outside.heightMm - sheetsAlongMm(layers, wrap) >= needed.heightMm &&
    (needed.depthMm === null || outside.depthMm + layers.fabricMm - sheetsThroughMm(layers) >= needed.depthMm)
  );
}
