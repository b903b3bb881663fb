import { constructionOf, standingOut } from '@/core/body';
import { loadThicknessMm, type LoadState, type SettledDesign } from '@/core/contents';
import type { GaugeStage } from '@/core/gauge';
import { bridgeOverMm } from '@/core/section';
import type { FlapStage, PouchStage } from '@/core/stages';
import { halfDiscOf } from './halfDisc';
import { hemRowCount } from './hem';

/** How far a flap reaches, in rows and in mm: over the top, down the front, turned back. */
export type FlapReach = Pick<
  FlapStage,
  'hasFlap' | 'halfDisc' | 'bridgeRows' | 'flapRows' | 'hemRows' | 'totalRows' | 'corners' | 'bridgeMm' | 'dropMm'
>;

/** Reckons how many rows a flap has beyond the back, and how far they bring it down the front of the empty and the loaded bag. */
export function flapReach(design: SettledDesign, gauge: GaugeStage, pouch: PouchStage): FlapReach {
  const { rowMm, layers } = pouch;
  const { chosenRows } = design.body;
  const hasFlap = design.flap.kind !== 'none' && constructionOf(pouch.kind).takesFlap;
  const corners = hasFlap ? standingOut(design, pouch) : [];
  const bridgeMm = byState((state) =>
    bridgeOverMm(
      layers,
      loadThicknessMm(design.contents, state),
      design.contents.firmness,
      pouch.depthMm,
      state === 'loaded' ? corners : [],
    ),
  );
  const halfDisc = hasFlap && design.flap.kind === 'half-disc' ? halfDiscOf(design.flap, gauge, pouch) : null;
  const { flapMm } = pouch.borders;
  const wishedTailMm = bridgeMm.loaded + backAboveFrontMm(pouch) + design.flap.dropMm - flapMm;
  const wishedBridge = hasFlap ? (chosenRows.bridge ?? Math.max(0, Math.round(bridgeMm.loaded / rowMm))) : 0;
  // A half disc has as many rows as its width asks for; the bridge takes some of them.
  const bridgeRows = halfDisc ? Math.min(wishedBridge, halfDisc.counts.length - 1) : wishedBridge;
  const flapRows = halfDisc
    ? halfDisc.counts.length - bridgeRows
    : hasFlap
      ? (chosenRows.flap ?? Math.max(1, Math.round(wishedTailMm / rowMm) - bridgeRows))
      : 0;
  const tailMm = (bridgeRows + flapRows) * rowMm + flapMm;
  return {
    hemRows: hasFlap ? hemRowCount(design.flap, rowMm, flapRows) : 0,
    totalRows: pouch.rowsBeforeFlap + bridgeRows + flapRows,
    dropMm: byState((state) => (hasFlap ? tailMm - bridgeMm[state] - backAboveFrontMm(pouch) : 0)),
    hasFlap,
    halfDisc,
    bridgeRows,
    flapRows,
    corners,
    bridgeMm,
  };
}

/** By how much the back's upper edge lies above the front's, mm. */
export const backAboveFrontMm = ({ sectionMm }: Pick<PouchStage, 'sectionMm'>): number =>
  sectionMm.back - sectionMm.front;

function byState<T>(make: (state: LoadState) => T): Record<LoadState, T> {
  return { empty: make('empty'), loaded: make('loaded') };
}
