import type { Edging } from '@/core/design';
import type { FittingInput } from '@/core/fittings';
import { isInRounds, isLengthwise, isOneOfTwo, stripOf, type Piece } from '@/core/pieces';
import type { ShapedRow } from '@/core/shaping';

/** What a stretch of a free edge is, for the maker. */
export type EdgeStretchName = 'front' | 'back' | 'side' | 'flap' | 'gusset-end' | 'all-round' | 'long-edge' | 'rim';

/** A stretch of a free edge, between corners or between two ways of picking up. */
export interface EdgeStretch {
  name: EdgeStretchName;
  /** Stitches that it has: one is worked in each. */
  stitches: number;
  /** Row ends, in which stitches are picked up by a ratio, and how many of them a seam joins. */
  rows: number;
  seamedRows: number;
  /** Outline that slants or curves, picked up by its length, mm. */
  slopeMm: number;
  /** All of it, mm. */
  lengthMm: number;
  /** Whether the edge turns a corner after it. */
  cornerAfter: boolean;
}

/** A free edge as it is worked along. */
export interface FreeEdge {
  stretches: EdgeStretch[];
  /** Its end meets its beginning. */
  isRound: boolean;
  /** How often there is such an edge. */
  times: 1 | 2 | 4;
}

/** A row that turns outwards by more than it is high ends no corner: over so many rows this is looked at. */
const CORNER_ROWS = 3;

type Bag = Pick<FittingInput, 'pouch' | 'flap' | 'set'>;

/** The free edge that an edging is worked on. */
export function freeEdge({ edge, seaming }: Pick<Edging, 'edge' | 'seaming'>, bag: Bag): FreeEdge {
  switch (edge) {
    case 'strip':
      return { stretches: roundStrip(bag), isRound: true, times: 1 };
    case 'mouth':
      return mouth(bag, seaming);
    case 'flap':
      return { stretches: flapEdge(bag), isRound: false, times: 1 };
    case 'band':
      return longEdges(bag.set.pieces);
  }
}

const inStitches = (name: EdgeStretchName, stitches: number, stitchMm: number, cornerAfter: boolean): EdgeStretch => ({
  name,
  stitches,
  rows: 0,
  seamedRows: 0,
  slopeMm: 0,
  lengthMm: stitches * stitchMm,
  cornerAfter,
});

/** Front, one side, flap or back, other side. */
function roundStrip({ pouch, flap }: Bag): EdgeStretch[] {
  const { stitchCount, stitchMm, rowMm, frontRows, backRows } = pouch;
  const tail = flap.onPiece ? tailSide(flap, pouch) : null;
  const bodyRows = frontRows + backRows;
  const { seamRows } = pouch.figures;
  const rows = bodyRows + (tail?.rows ?? 0);
  const beside = tail?.stitches ?? 0;
  const slopeMm = tail?.slopeMm ?? 0;
  const side = (cornerAfter: boolean): EdgeStretch => ({
    name: 'side',
    stitches: beside,
    rows,
    seamedRows: 2 * (seamRows?.value ?? 0),
    slopeMm,
    lengthMm: rows * rowMm + slopeMm + beside * stitchMm,
    cornerAfter,
  });
  const end = flap.onPiece ? flapEnd(flap, pouch) : inStitches('back', stitchCount, stitchMm, true);
  return [
    inStitches('front', stitchCount, stitchMm, true),
    side(tail?.turnsCorner ?? true),
    { ...end, cornerAfter: (tail?.turnsCorner ?? true) && !(tail?.isPoint ?? false) },
    side(true),
  ];
}

/** Down one side of the flap from the top fold, along its edge, and up the other. */
function flapEdge({ pouch, flap, set }: Bag): EdgeStretch[] {
  if (!flap.onPiece) {
    const disc = set.pieces.find(({ id }) => id === 'half-disc');
    return disc && disc.kind !== 'rows' ? [inStitches('rim', disc.counts.at(-1) ?? 0, disc.stitchMm, false)] : [];
  }
  const tail = tailSide(flap, pouch);
  const side = (cornerAfter: boolean): EdgeStretch => ({
    name: 'side',
    stitches: tail.stitches,
    rows: tail.rows,
    seamedRows: 0,
    slopeMm: tail.slopeMm,
    lengthMm: tail.rows * pouch.rowMm + tail.slopeMm + tail.stitches * pouch.stitchMm,
    cornerAfter,
  });
  return [
    side(tail.turnsCorner),
    { ...flapEnd(flap, pouch), cornerAfter: tail.turnsCorner && !tail.isPoint },
    side(false),
  ];
}

/** Where a flap goes on from the back, the front's edge alone is free; else both, and all round once they are joined. */
function mouth({ pouch, flap, set }: Bag, seaming: Edging['seaming']): FreeEdge {
  const { stitchMm, topStitches } = pouch;
  const front = inStitches('front', topStitches, stitchMm, false);
  if (flap.hasFlap) return { stretches: [front], isRound: false, times: 1 };
  const isStrip = set.pieces.some(({ id }) => id === 'panel');
  if (isStrip && seaming === 'before') return { stretches: [front], isRound: false, times: 2 };
  const end = gussetEnd(set.pieces);
  const back = inStitches('back', topStitches, stitchMm, false);
  if (set.pieces.some(isInRounds))
    return { stretches: [inStitches('all-round', 2 * topStitches, stitchMm, false)], isRound: true, times: 1 };
  return { stretches: end ? [front, end, back, end] : [front, back], isRound: true, times: 1 };
}

/**
 * The end of a strip between front and back at the mouth: stitches where its rows lie across it, row ends where they run along. A band round
 * discs ends beside the mouth, not between two edges of it.
 */
function gussetEnd(pieces: readonly Piece[]): EdgeStretch | null {
  const strip = stripOf({ pieces });
  if (!strip || pieces.some(({ kind }) => kind === 'disc')) return null;
  if (!isLengthwise(strip)) return inStitches('gusset-end', strip.startStitches, strip.stitchMm, false);
  const along = strip.rows.length;
  return {
    name: 'gusset-end',
    stitches: 0,
    rows: along,
    seamedRows: 0,
    slopeMm: 0,
    lengthMm: along * strip.rowMm,
    cornerAfter: false,
  };
}

/** Both long edges of a gusset or a band; of two bands, each has both. */
function longEdges(pieces: readonly Piece[]): FreeEdge {
  const strip = stripOf({ pieces });
  return { stretches: [longEdge(pieces)], isRound: false, times: strip && isOneOfTwo(strip) ? 4 : 2 };
}

/** One long edge of a gusset or a band. */
function longEdge(pieces: readonly Piece[]): EdgeStretch {
  const strip = stripOf({ pieces });
  if (!strip) throw new RangeError('a bag without a gusset or a band has no long edge');
  const rows = strip.rows.length;
  if (isLengthwise(strip)) return inStitches('long-edge', strip.startStitches, strip.stitchMm, false);
  return {
    name: 'long-edge',
    stitches: 0,
    rows,
    seamedRows: 0,
    slopeMm: 0,
    lengthMm: rows * strip.rowMm,
    cornerAfter: false,
  };
}

type Cloth = Pick<Bag['pouch'], 'stitchMm' | 'rowMm'>;

interface TailSide {
  /** Rows that go straight on, stitches that are left beside a narrower part, and what slants, mm. */
  rows: number;
  stitches: number;
  slopeMm: number;
  /** Whether side and edge meet in a corner, and whether both sides meet in one point. */
  turnsCorner: boolean;
  isPoint: boolean;
}

/** One side of what goes on from the back, up to the flap's edge. A hem is turned back and has none. */
function tailSide(flap: Bag['flap'], { stitchMm, rowMm }: Cloth): TailSide {
  const reach = flap.bridgeRows + flap.flapRows - (flap.scallops?.rows.length ?? 0);
  const rows = flap.tail.slice(0, reach);
  const isSlanted = ({ by }: ShapedRow) => by === 'decreasing' || by === 'increasing';
  const slanted = rows.filter(isSlanted);
  const left = rows.filter(({ by }) => by === 'leaving' || by === 'adding');
  const last = rows.slice(-CORNER_ROWS);
  const inMm = last.reduce((sum, { changeEachSide }) => sum - changeEachSide * stitchMm, 0);
  const end = flap.rows.at(-1)?.stitches ?? flap.startStitches;
  const isPoint = !flap.scallops && end <= 2 && flap.startStitches > 2;
  return {
    rows: rows.length - slanted.length,
    stitches: left.reduce((sum, { changeEachSide }) => sum + Math.abs(changeEachSide), 0),
    slopeMm: slanted.reduce((sum, { changeEachSide }) => sum + Math.hypot(rowMm, changeEachSide * stitchMm), 0),
    turnsCorner: !flap.scallops && (isPoint || inMm <= last.length * rowMm),
    isPoint,
  };
}

/** The flap's edge: its last row, or round all its scallops. */
function flapEnd({ rows, startStitches, scallops }: Bag['flap'], { stitchMm, rowMm }: Cloth): EdgeStretch {
  if (!scallops) return inStitches('flap', Math.round(rows.at(-1)?.stitches ?? startStitches), stitchMm, false);
  const bottom = scallops.rows.at(-1)?.stitches ?? scallops.stitchesEach;
  const sideMm = scallops.rows.reduce(
    (sum, { changeEachSide }) => sum + Math.hypot(rowMm, changeEachSide * stitchMm),
    0,
  );
  const slopeMm = scallops.count * (bottom * stitchMm + 2 * sideMm);
  return {
    name: 'flap',
    stitches: scallops.leftOver,
    rows: 0,
    seamedRows: 0,
    slopeMm,
    lengthMm: slopeMm + scallops.leftOver * stitchMm,
    cornerAfter: false,
  };
}
