import type { Ring } from '@/core/cutting';
import type { Random } from '@/core/random';
import { cuttingLayout, type LayoutStep } from './cuttingLayout';
import { foldedPieces } from './foldedCloth';
import type { ClothSheet, Layout, LayoutPiece } from './layoutTypes';
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
  const filling = onRemnants(pieces, remnants, sheet.betweenMm);
  let step = filling.next();
  while (!step.done) step = filling.next();
  const onThem = step.value;
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
