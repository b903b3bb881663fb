import { canBeMeasured, partsToWork, type BenchState, type PartAt } from '@/core/bench';
import { factsOf, UNCORRECTED, type Design, type SeamKind, type Swatch } from '@/core/design';
import { gaugeStage, pieceOfBody, seenOn } from '@/core/gauge';
import { TAPE_ERROR_MM } from '@/core/defaults';
import { rowOfPiece, type Piece } from '@/core/pieces';
import type { Plan } from '@/core/plan';
import { timedRows } from './timedRows';
import { workCounted } from './workCounted';

/** What a bag that was made can teach. */
export const LESSON_KINDS = ['stitchWidth', 'rowHeight', 'takeUp', 'creep', 'yarn', 'pace'] as const;
export type LessonKind = (typeof LESSON_KINDS)[number];

/** What lessons are of: a gauge of a kind of piece, a take-up of a kind of seam; the others are all of one kind. */
export type LessonOf = Swatch['standsFor'] | SeamKind | 'any';

/** What one bag taught: a ratio, a share, stitches or hours for 1,000 stitches; and how far that may be off by itself, one standard deviation in the same unit. */
export interface Lesson {
  kind: LessonKind;
  of: LessonOf;
  value: number;
  sd: number;
}

/** One standard deviation of a tape that is read at both ends, mm (JCGM 100:2008, 4.3.7). */
const TAPE_SD_MM = TAPE_ERROR_MM / Math.sqrt(3);
/** Of yarn told in grams, as a share. From memory: balls are not what their label says, and tails are cut off. */
const YARN_SD_SHARE = 0.02;
/** Of hours told, as a share. From memory. */
const HOURS_SD_SHARE = 0.1;
/** Fewer stitches than this tell no pace. Ours. */
const LEAST_PACE_STITCHES = 300;

/** All that a bag taught, each from what she measured or counted; nothing of what she didn't. */
export const measuredLessons = (design: Design, plan: Plan, bench: BenchState): Lesson[] => [
  ...gaugeLessons(design, plan, bench),
  ...takeUpLesson(design, plan, bench),
  ...creepLesson(bench),
  ...yarnLesson(design, plan, bench),
  ...paceLesson(plan, bench),
];

/** A stitch and a row of the pieces against the swatch alone: by the longest that the tape was laid on. */
function gaugeLessons(design: Design, plan: Plan, { measured }: BenchState): Lesson[] {
  const bySwatch = gaugeStage({ ...design, corrected: UNCORRECTED, worked: null });
  // Nothing is learnt of a swatch that was never measured.
  if (bySwatch.basis === 'rough') return [];
  const of = pieceOfBody(design.body.kind);
  const longest = [...measured].filter(({ piece }) => isInOwnGauge(plan.pieces, piece)).sort((a, b) => b.rows - a.rows);
  const [rows] = longest;
  const wide = longest.find(({ widthMm }) => widthMm !== null);
  const against = (kind: 'stitchWidth' | 'rowHeight', count: number, lengthMm: number): Lesson => {
    const seen = seenOn({ count, lengthMm });
    const swatch = bySwatch[kind];
    const sd = Math.hypot(seen.sdMm / seen.mm, (swatch.plusMinus ?? 0) / 1.96 / swatch.value);
    const value = seen.mm / swatch.value;
    return { kind, of, value, sd: value * sd };
  };
  const across = wide ? stitchesAcross(plan.pieces, wide.piece, wide.rows) : null;
  return [
    ...(wide && wide.widthMm !== null && across !== null ? [against('stitchWidth', across, wide.widthMm)] : []),
    ...(rows ? [against('rowHeight', rows.rows, rows.lengthMm)] : []),
  ];
}

/** Pieces in the bag's own stitch; a strip between them works up otherwise. */
const isInOwnGauge = (pieces: readonly Piece[], id: PartAt['piece']): boolean =>
  pieces.some((piece) => piece.id === id && canBeMeasured(piece));

/** Stitches that lie beside one another in a row; of rounds that lie flat, those of one face. */
function stitchesAcross(pieces: readonly Piece[], id: PartAt['piece'], row: number): number | null {
  const piece = pieces.find((one) => one.id === id);
  const told = piece ? rowOfPiece(piece, row) : null;
  if (!piece || !told) return null;
  return piece.kind === 'rows' && row <= piece.roundCount ? told.stitches / 2 : told.stitches;
}

/** What the seams took: by how much more the finished bag is narrower than its piece than the plan has it, shared among both edges of every seam. */
function takeUpLesson(design: Design, plan: Plan, { measured }: BenchState): Lesson[] {
  const { seamsAcross } = factsOf(design.body.kind);
  const bagMm = design.cameOut.find(({ of }) => of === 'bag')?.widthMm ?? null;
  const flat = flatWidth(design, plan, measured);
  if (seamsAcross === 0 || bagMm === null || flat === null) return [];
  const stitchMm = flat.madeMm / flat.stitches;
  const plannedLossMm = flat.plannedMm - plan.pouch.figures.width.value;
  const lossMm = flat.madeMm - bagMm;
  const edges = seamsAcross;
  return [
    {
      kind: 'takeUp',
      of: design.body.seam.kind,
      value: design.body.seam.takeUpStitches + (lossMm - plannedLossMm) / edges / stitchMm,
      sd: (Math.SQRT2 * TAPE_SD_MM) / edges / stitchMm,
    },
  ];
}

/** How wide a piece that makes the width lay flat, as planned and as she measured it, and its stitches. */
function flatWidth(design: Design, plan: Plan, measured: BenchState['measured']) {
  const piece = plan.pieces.find(
    (one) => ['panel', 'front'].includes(one.id) && one.kind === 'rows' && !one.plain && one.roundCount === 0,
  );
  if (!piece || piece.kind !== 'rows') return null;
  const stitches = piece.startStitches;
  // Rows that are as wide as the first: the flap may be narrower, or wider.
  const asWide = ({ rows }: { rows: number }) => piece.rows[rows - 1]?.stitches === stitches;
  const told =
    design.cameOut.find(({ of }) => of === piece.id)?.widthMm ??
    measured.findLast((one) => one.piece === piece.id && one.widthMm !== null && asWide(one))?.widthMm ??
    null;
  return told === null ? null : { stitches, plannedMm: stitches * piece.stitchMm, madeMm: told };
}

/** What a strap gained in time, of what it had stretched at first. */
function creepLesson({ finished }: BenchState): Lesson[] {
  const strap = finished.at(-1)?.strap ?? null;
  if (strap === null) return [];
  const stretchedMm = strap.hungMm - strap.slackMm;
  const value = (strap.laterMm - strap.hungMm) / stretchedMm;
  return [{ kind: 'creep', of: 'any', value, sd: (TAPE_SD_MM * Math.hypot(1, 1 + value)) / stretchedMm }];
}

/** Yarn that the fabric took against what its area weighs on the swatch; what sews and what trims is as planned. */
function yarnLesson(design: Design, plan: Plan, { finished }: BenchState): Lesson[] {
  const usedG = finished.at(-1)?.usedG ?? null;
  const { figures } = plan.yarn;
  if (usedG === null || figures === null) return [];
  const fabricG = usedG - figures.sewing.value - (figures.trim?.value ?? 0);
  const plannedG = figures.fabric.value / (design.corrected.yarn?.value ?? 1);
  return fabricG <= 0
    ? []
    : [{ kind: 'yarn', of: 'any', value: fabricG / plannedG, sd: (YARN_SD_SHARE * usedG) / plannedG }];
}

/** Hours for 1,000 stitches: by rows that were told one right after the other; else by the hours she said, for all of the bag. */
function paceLesson(plan: Plan, bench: BenchState): Lesson[] {
  const said = bench.finished.at(-1)?.hours ?? null;
  const parts = partsToWork(plan);
  const timed = timedRows(parts, bench);
  const stitches = timed.reduce((sum, one) => sum + one.stitches, 0);
  if (stitches >= LEAST_PACE_STITCHES) {
    const ms = timed.reduce((sum, one) => sum + one.ms, 0);
    const value = ms / 3_600_000 / (stitches / 1000);
    return [{ kind: 'pace', of: 'any', value, sd: value * (HOURS_SD_SHARE / 2) }];
  }
  const { all } = workCounted(parts, { rows: new Map(), steps: new Map() }).stitches;
  if (said === null || all < LEAST_PACE_STITCHES) return [];
  const value = said / (all / 1000);
  return [{ kind: 'pace', of: 'any', value, sd: value * HOURS_SD_SHARE }];
}
