import { factsOf } from '@/core/design';
import { depthSizeEdits, outsideSizeEdits, type SettledDesign } from '@/core/contents';
import type { PieceId, WorkedFrom } from '@/core/pieces';
import type { DesignEdit } from '@/core/problems';
import type { FlapStage, PouchStage } from '@/core/stages';

/** What of a plan says where its lines are. */
export interface Lines {
  pouch: PouchStage;
  flap: FlapStage;
  workedFrom: WorkedFrom;
}

/** A line across a piece that can be moved: it lies after a row. */
export type PanelLineId = 'fold.base' | 'fold.top' | 'fold.flap' | 'edge.flap' | 'edge.back' | 'edge.front';

/** Where a line is now and how far it can go, in rows from where its piece begins. */
export interface PanelLine {
  id: PanelLineId;
  piece: PieceId;
  afterRow: number;
  leastRow: number;
  mostRow: number;
}

/** The most rows a flap, or a face, can be given by moving its edge. */
const MOST_FLAP_ROWS = 600;

/** A strip has its base fold; every other body is worked from the base up. */
const isStrip = ({ pouch }: Lines): boolean => pouch.figures.baseFold !== null;

/** The movable lines of a plan, in the order of the rows. A limit is where the bag could no longer be folded. */
export function panelLines(plan: Lines): PanelLine[] {
  const lines = isStrip(plan) ? stripLines(plan) : faceLines(plan);
  if (!turned(plan)) return lines;
  const rows = plan.flap.totalRows + plan.flap.hemRows;
  return lines
    .map(({ leastRow, mostRow, afterRow, ...line }) => ({
      ...line,
      afterRow: rows - afterRow,
      leastRow: rows - mostRow,
      mostRow: rows - leastRow,
    }))
    .reverse();
}

/** Whether the rows of a strip are counted from its other end. */
const turned = (plan: Lines): boolean => isStrip(plan) && plan.workedFrom === 'flap-edge';

const line = (id: PanelLineId, piece: PieceId, afterRow: number, leastRow: number, mostRow: number): PanelLine => ({
  id,
  piece,
  afterRow,
  leastRow: Math.min(leastRow, afterRow),
  mostRow: Math.max(mostRow, afterRow),
});

/** Rows that a side must have more than, for the bend at the base and the load. */
const leastSideRows = ({ pouch }: Lines): number => {
  const bendMm = pouch.sectionMm.front - Math.min(pouch.flatFrontMm.empty, pouch.flatFrontMm.loaded);
  return Math.max(1, Math.floor(bendMm / pouch.rowMm) + 1);
};

function stripLines(plan: Lines): PanelLine[] {
  const { frontRows, backRows } = plan.pouch;
  const { bridgeRows, totalRows } = plan.flap;
  const least = leastSideRows(plan);
  const topRow = frontRows + backRows;
  const baseFold = line('fold.base', 'panel', frontRows, least, topRow - least);
  // Without a flap that goes on, the strip ends with the back, and only that end can be moved.
  if (!plan.flap.onPiece)
    return [
      baseFold,
      line('edge.back', 'panel', topRow, frontRows + least, Math.max(topRow, frontRows + 2 * frontRows)),
    ];
  return [
    baseFold,
    line('fold.top', 'panel', topRow, frontRows + least, totalRows - bridgeRows - 1),
    ...flapLines(plan, 'panel', topRow),
  ];
}

function faceLines(plan: Lines): PanelLine[] {
  const { pouch, flap } = plan;
  const { faces, flapFrom: piece } = factsOf(pouch.kind);
  if (piece === null) return [];
  const row = pouch.frontRows;
  const most = Math.min(MOST_FLAP_ROWS, 3 * row);
  const least = leastSideRows(plan);
  return [
    ...(faces === 'panels' ? [line('edge.front', 'front', row, least, most)] : []),
    line(flap.onPiece ? 'fold.top' : 'edge.back', piece, row, least, most),
    ...(flap.onPiece ? flapLines(plan, piece, row) : []),
  ];
}

function flapLines({ pouch, flap }: Lines, piece: PieceId, topRow: number): PanelLine[] {
  const flapRow = topRow + flap.bridgeRows;
  const emptyBridgeRows = Math.floor(flap.bridgeMm.empty / pouch.rowMm);
  return [
    line('fold.flap', piece, flapRow, topRow, flap.totalRows - 1),
    line(
      'edge.flap',
      piece,
      flap.totalRows,
      flapRow + 1,
      Math.min(topRow + emptyBridgeRows + pouch.frontRows, flapRow + MOST_FLAP_ROWS),
    ),
  ];
}

/**
 * The edits that move a line to a row of its piece, kept within its limits. The base and top folds of a strip trade rows between their
 * neighbours, so the strip keeps its length; on other bodies the upper edges move together. The flap's edge makes it longer or shorter.
 */
export function moveLineEdits(plan: Lines, id: PanelLineId, wishedRow: number): DesignEdit[] {
  const found = panelLines(plan).find((candidate) => candidate.id === id);
  if (!found) return [];
  const pieceRow = Math.min(found.mostRow, Math.max(found.leastRow, Math.round(wishedRow)));
  const { frontRows, backRows, rowsBeforeFlap } = plan.pouch;
  const { bridgeRows, flapRows, hemRows, totalRows } = plan.flap;
  const row = turned(plan) ? totalRows + hemRows - pieceRow : pieceRow;
  type Part = 'front' | 'back' | 'bridge' | 'flap';
  const face: Partial<Record<Part, number | null>> = { front: row };
  const rows: Record<PanelLineId, Partial<Record<Part, number | null>>> = isStrip(plan)
    ? {
        'fold.base': {
          front: row,
          back: frontRows + backRows - row,
          ...(plan.flap.onPiece ? { flap: flapRows } : {}),
        },
        'fold.top': {
          front: frontRows,
          back: row - frontRows,
          bridge: bridgeRows,
          flap: totalRows - row - bridgeRows,
        },
        'fold.flap': { bridge: row - rowsBeforeFlap, flap: totalRows - row },
        'edge.flap': { flap: row - rowsBeforeFlap - bridgeRows },
        'edge.back': { front: frontRows, back: row - frontRows },
        'edge.front': {},
      }
    : {
        'fold.base': {},
        'fold.top': face,
        'edge.front': face,
        'edge.back': face,
        'fold.flap': { bridge: row - rowsBeforeFlap, flap: totalRows - row },
        'edge.flap': { flap: row - rowsBeforeFlap - bridgeRows },
      };
  return Object.entries(rows[id]).map(([part, value]) => ({ path: ['body', 'chosenRows', part], value }));
}

/** The edits that let all rows follow from the wanted sizes again. */
export const releaseRowsEdits = (): DesignEdit[] =>
  (['front', 'back', 'bridge', 'flap'] as const).map((part) => ({ path: ['body', 'chosenRows', part], value: null }));

export type WantedSize = 'width' | 'height' | 'depth' | 'drop';

/** The edits that set a wanted outside size, or the flap's drop, and let go of the counts that had been settled for it. */
export function wantedSizeEdits(settled: SettledDesign, size: WantedSize, mm: number): DesignEdit[] {
  switch (size) {
    case 'width':
      return outsideSizeEdits(settled, { widthMm: mm });
    case 'height':
      return outsideSizeEdits(settled, { heightMm: mm });
    case 'depth':
      return depthSizeEdits(settled, mm);
    case 'drop':
      return [
        { path: ['flap', 'dropMm'], value: mm },
        ...['bridge', 'flap'].map((part) => ({ path: ['body', 'chosenRows', part], value: null })),
      ];
  }
}
