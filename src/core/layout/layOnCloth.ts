import { ringArea, ringBounds, type Ring } from '@/core/cutting';
import type { Random } from '@/core/random';
import { layoutBoundMm } from './bound';
import { cuttingLayout, type LayoutStep } from './cuttingLayout';
import { foldedPieces } from './foldedCloth';
import type { ClothSheet, LaidPiece, Layout, LayoutPiece } from './layoutTypes';
import { onRemnants } from './onRemnants';

/** All that pieces can be cut from: remnants first, then the cloth itself, which may lie folded. */
export interface ClothToCut {
  sheet: ClothSheet;
  /** Their outlines, mm, the grain upwards. */
  remnants: readonly Ring[];
  /** Whether one selvedge lies on the other; the sheet is as wide as it then lies. */
  isFolded: boolean;
}

/** How much of a search goes by until the remnants are filled. */
const REMNANT_SHARE = 0.02;

/**
 * Pieces laid on remnants as far as they take them, and the rest on the least length of cloth. Whatever step it is stopped after, every piece is in the
 * layout that is not wider than the cloth.
 */
export function* layOnCloth(
  pieces: readonly LayoutPiece[],
  { sheet, remnants, isFolded }: ClothToCut,
  random: Random,
): Generator<LayoutStep, Layout> {
  const onThem = bestOnRemnants(pieces, { sheet, remnants, isFolded }, random);
  const taken = new Set(onThem.map(({ piece }) => piece));
  const single = pieces.filter((_, index) => taken.has(index));
  const at = new Map([...taken].sort((a, b) => a - b).map((piece, index) => [piece, index]));
  const laidThere = onThem.map((one) => ({ ...one, piece: at.get(one.piece) as number }));
  const rest = pieces.filter((_, index) => !taken.has(index));
  const onBolt = isFolded ? foldedPieces(rest) : rest;
  const all = [...single, ...onBolt];
  const withRemnants = (layout: Layout): Layout => ({
    ...layout,
    pieces: all,
    laid: [...laidThere, ...layout.laid.map((one) => ({ ...one, piece: one.piece + single.length }))],
    tooWide: layout.tooWide.map((piece) => piece + single.length),
  });
  const search = cuttingLayout(onBolt, sheet, random);
  for (;;) {
    const next = search.next();
    if (next.done) return withRemnants(next.value);
    yield { share: REMNANT_SHARE + (1 - REMNANT_SHARE) * next.value.share, best: withRemnants(next.value.best) };
  }
}

/** Orders that are tried by chance, besides the largest, the longest and the widest first. */
const TRIED_ORDERS = 20;

/** The filling of the remnants that leaves the least cloth to buy for the rest: by what no layout of that can be shorter than, then by its area. */
function bestOnRemnants(
  pieces: readonly LayoutPiece[],
  { sheet, remnants, isFolded }: ClothToCut,
  random: Random,
): LaidPiece[] {
  if (remnants.length === 0 || pieces.length === 0) return [];
  const bounds = pieces.map(({ ring }) => ringBounds(ring));
  const areas = pieces.map(({ ring }) => Math.abs(ringArea(ring)));
  const by = (key: (index: number) => number) => pieces.map((_, index) => index).sort((a, b) => key(b) - key(a));
  const orders = [
    by((index) => areas[index] ?? 0),
    by((index) => Math.max(bounds[index]?.widthMm ?? 0, bounds[index]?.heightMm ?? 0)),
    by((index) => bounds[index]?.widthMm ?? 0),
    ...Array.from({ length: TRIED_ORDERS }, () => shuffled(pieces.length, random)),
  ];
  let best: { laid: LaidPiece[]; boundMm: number; areaMm2: number } | null = null;
  for (const order of orders) {
    const filling = onRemnants(pieces, order, remnants, sheet.betweenMm);
    let step = filling.next();
    while (!step.done) step = filling.next();
    const taken = new Set(step.value.map(({ piece }) => piece));
    const rest = pieces.filter((_, index) => !taken.has(index));
    const boundMm = layoutBoundMm(isFolded ? foldedPieces(rest) : rest, sheet);
    const areaMm2 = areas.reduce((sum, mm2, index) => sum + (taken.has(index) ? 0 : mm2), 0);
    if (!best || boundMm < best.boundMm - 1e-6 || (boundMm < best.boundMm + 1e-6 && areaMm2 < best.areaMm2 - 1))
      best = { laid: step.value, boundMm, areaMm2 };
    if (rest.length === 0) break;
  }
  return best?.laid ?? [];
}

/** So many numbers from nought on, in an order of chance. Source: Fisher and Yates, as Durstenfeld (1964) has it. */
function shuffled(count: number, random: Random): number[] {
  const order = Array.from({ length: count }, (_, index) => index);
  for (let last = count - 1; last > 0; last--) {
    const other = Math.floor(random() * (last + 1));
    [order[last], order[other]] = [order[other] as number, order[last] as number];
  }
  return order;
}
