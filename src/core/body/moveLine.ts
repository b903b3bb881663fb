import { outsideSizeEdits, type SettledDesign } from '@/core/contents';
import type { FlapStage } from '@/core/flap';
import type { DesignEdit } from '@/core/problems';
import { baseDepthMm } from './folding';
import type { PouchStage } from './foldOverStrip';

/** What of a plan says where its lines are. */
export interface Lines {
  pouch: PouchStage;
  flap: FlapStage;
}

/** A line across the panel that can be moved: it lies after a row. */
export type PanelLineId = 'fold.base' | 'fold.top' | 'fold.flap' | 'edge.flap' | 'edge.back';

/** Where a line is now and how far it can go, in rows from the start of the strip. */
export interface PanelLine {
  id: PanelLineId;
  afterRow: number;
  leastRow: number;
  mostRow: number;
}

/** The most rows a flap can be given by moving its edge. */
const MOST_FLAP_ROWS = 600;

/** The movable lines of a plan, in the order of the rows. A limit is where the strip could no longer be folded. */
export function panelLines(plan: Lines): PanelLine[] {
  const { frontRows, backRows, rowMm, layers } = plan.pouch;
  const { bridgeRows, totalRows } = plan.flap;
  const deepestMm = (Math.PI / 4) * baseDepthMm(layers, plan.pouch.loadMm);
  const leastSideRows = Math.floor(deepestMm / rowMm) + 1;
  const topRow = frontRows + backRows;
  const flapRow = topRow + bridgeRows;
  const line = (id: PanelLineId, afterRow: number, leastRow: number, mostRow: number): PanelLine => ({
    id,
    afterRow,
    leastRow: Math.min(leastRow, afterRow),
    mostRow: Math.max(mostRow, afterRow),
  });
  const emptyBridgeRows = Math.floor(plan.flap.bridgeMm.empty / rowMm);
  const baseFold = line('fold.base', frontRows, leastSideRows, topRow - leastSideRows);
  // Without a flap the strip ends with the back, and only that end can be moved.
  if (!plan.flap.hasFlap)
    return [
      baseFold,
      line('edge.back', topRow, frontRows + leastSideRows, Math.max(topRow, frontRows + 2 * frontRows)),
    ];
  return [
    baseFold,
    line('fold.top', topRow, frontRows + leastSideRows, totalRows - bridgeRows - 1),
    line('fold.flap', flapRow, topRow, totalRows - 1),
    line('edge.flap', totalRows, flapRow + 1, Math.min(topRow + emptyBridgeRows + frontRows, flapRow + MOST_FLAP_ROWS)),
  ];
}

/**
 * The edits that move a line to a row, kept within its limits. The base and top folds trade rows between their
 * neighbours, so the strip keeps its length; the flap's edge makes it longer or shorter.
 */
export function moveLineEdits(plan: Lines, id: PanelLineId, wishedRow: number): DesignEdit[] {
  const line = panelLines(plan).find((candidate) => candidate.id === id);
  if (!line) return [];
  const row = Math.min(line.mostRow, Math.max(line.leastRow, Math.round(wishedRow)));
  const { frontRows, backRows } = plan.pouch;
  const { bridgeRows, flapRows, totalRows } = plan.flap;
  const topRow = frontRows + backRows;
  const rows: Record<PanelLineId, Partial<Record<'front' | 'back' | 'bridge' | 'flap', number | null>>> = {
    'fold.base': { front: row, back: topRow - row, ...(plan.flap.hasFlap ? { flap: flapRows } : {}) },
    'fold.top': {
      front: frontRows,
      back: row - frontRows,
      bridge: bridgeRows,
      flap: totalRows - row - bridgeRows,
    },
    'fold.flap': { bridge: row - topRow, flap: totalRows - row },
    'edge.flap': { flap: row - topRow - bridgeRows },
    'edge.back': { front: frontRows, back: row - frontRows },
  };
  return Object.entries(rows[id]).map(([part, value]) => ({ path: ['body', 'chosenRows', part], value }));
}

/** The edits that let all rows follow from the wanted sizes again. */
export const releaseRowsEdits = (): DesignEdit[] =>
  (['front', 'back', 'bridge', 'flap'] as const).map((part) => ({ path: ['body', 'chosenRows', part], value: null }));

export type WantedSize = 'width' | 'height' | 'drop';

/** The edits that set a wanted outside size, or the flap's drop, and let go of the counts that had been settled for it. */
export function wantedSizeEdits(settled: SettledDesign, size: WantedSize, mm: number): DesignEdit[] {
  switch (size) {
    case 'width':
      return outsideSizeEdits(settled, { widthMm: mm });
    case 'height':
      return outsideSizeEdits(settled, { heightMm: mm });
    case 'drop':
      return [
        { path: ['flap', 'dropMm'], value: mm },
        ...['bridge', 'flap'].map((part) => ({ path: ['body', 'chosenRows', part], value: null })),
      ];
  }
}
