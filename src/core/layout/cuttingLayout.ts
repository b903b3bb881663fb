import { ringArea, ringBounds } from '@/core/cutting';
import type { Random } from '@/core/random';
import { layoutBoundMm, waysOn } from './bound';
import type { ClothSheet, LaidPiece, Layout, LayoutPiece } from './layoutTypes';
import { nestInOrder } from './nestShapes';
import { allLayouts } from './allLayouts';
import { laidInOrder, type Box, type Put } from './skyline';

/** Up to so many pieces, every layout of their rectangles is gone through. */
const MOST_EXACT = 9;
const MOST_NODES = 150_000;
/** Tries of a search through orders; fewer of them where pieces are many. */
const TRIES = 22_000;
/** How much longer a layout may become on the way, as a share of it, at first. */
const WARMTH = 0.003;
/** Orders that are laid by true outlines after that. */
const NESTED_ORDERS = 2;
/** Lengths that differ by less are one, mm. */
const SAME_MM = 1e-4;

/** How far a search has come, and the shortest layout it has. */
export interface LayoutStep {
  share: number;
  best: Layout;
}

/**
 * Pieces laid on a length of cloth, as short as can be found: first as rectangles, the largest first; then every layout of a few of them, or many orders of
 * more; then by their true outlines. Whatever step it is stopped after, it has a layout with every piece in it that is not wider than the cloth.
 *
 * @param random where more are laid than can be gone through; the same numbers give the same layout
 */
export function* cuttingLayout(
  pieces: readonly LayoutPiece[],
  cloth: ClothSheet,
  random: Random,
): Generator<LayoutStep, Layout> {
  const { widthMm, betweenMm, repeatMm } = cloth;
  const boundMm = layoutBoundMm(pieces, cloth);
  const ways = pieces.map((piece) => waysOn(piece, cloth));
  const tooWide = pieces.flatMap((_, index) => (ways[index]?.length === 0 ? [index] : []));
  const here = pieces.flatMap((_, index) => ((ways[index]?.length ?? 0) > 0 ? [index] : []));
  // Every rectangle is grown by what is left between, and so is the cloth.
  const boxes = here.map((index): Box => ({
    atFold: pieces[index]?.atFold ?? false,
    ways: unlike(ways[index] ?? []).map(({ turn, wideMm, longMm }) => ({
      turn,
      wideMm: wideMm + betweenMm,
      longMm: longMm + betweenMm,
    })),
  }));
  const wide = widthMm + betweenMm;
  let best: Layout = {
    pieces,
    laid: [],
    tooWide,
    lengthMm: here.length === 0 ? 0 : Infinity,
    boundMm,
    isProven: false,
  };
  const isBest = () => best.lengthMm <= boundMm + SAME_MM;
  const take = (laid: LaidPiece[], lengthMm: number) => {
    if (lengthMm < best.lengthMm - SAME_MM) best = { ...best, laid, lengthMm, isProven: lengthMm <= boundMm + SAME_MM };
  };
  const takePuts = ({ puts, lengthMm }: { puts: Put[]; lengthMm: number }) =>
    take(
      puts.map(({ box, turn, xMm, yMm }) => ({ piece: here[box] as number, turn, xMm, yMm, remnant: null })),
      lengthMm - betweenMm,
    );
  if (here.length === 0) return { ...best, isProven: true };

  const sizes = boxes.map(({ ways: [way] }) => ({ wide: way?.wideMm ?? 0, long: way?.longMm ?? 0 }));
  const by = (key: (at: number) => number) => boxes.map((_, at) => at).sort((a, b) => key(b) - key(a));
  const areas = here.map((index) => Math.abs(ringArea(pieces[index]?.ring ?? [])));
  const starts = [by((at) => areas[at] ?? 0), by((at) => sizes[at]?.wide ?? 0), by((at) => sizes[at]?.long ?? 0)];
  const asListed = boxes.map(() => 0);
  for (const order of starts) takePuts(laidInOrder(boxes, order, asListed, wide, repeatMm));
  yield { share: 0.02, best };

  const areRectangles = here.every((index) => {
    const ring = pieces[index]?.ring ?? [];
    const { widthMm: w, heightMm: h } = ringBounds(ring);
    return Math.abs(ringArea(ring)) > w * h - 1;
  });
  let goneThrough = false;
  if (here.length <= MOST_EXACT && !isBest()) {
    const kinds = new Map<string, number>();
    const alike = boxes.map((box) => {
      const key = JSON.stringify(box);
      if (!kinds.has(key)) kinds.set(key, kinds.size);
      return kinds.get(key) as number;
    });
    const search = allLayouts(boxes, alike, wide, repeatMm, best.lengthMm + betweenMm, boundMm + betweenMm, MOST_NODES);
    let step = search.next();
    while (!step.done) {
      takePuts(step.value);
      yield { share: 0.3, best };
      step = search.next();
    }
    goneThrough = step.value;
  }
  if (!goneThrough && !isBest()) {
    const order = [...(starts[0] ?? [])];
    const first = [...asListed];
    // Of two that are equally long, that is nearer to a better one which has spent less.
    const worth = (one: { lengthMm: number; spentMm: number }) => one.lengthMm + one.spentMm;
    let atMm = worth(laidInOrder(boxes, order, first, wide, repeatMm));
    const boxesMm = sizes.reduce((sum, one) => sum + one.wide * one.long, 0) / wide;
    const tries = Math.max(200, Math.round(TRIES / Math.max(1, boxes.length / 30)));
    for (let attempt = 0; attempt < tries && !isBest(); attempt++) {
      const before = [...order];
      const [i, j] = [Math.floor(random() * order.length), Math.floor(random() * order.length)];
      const turned = order[i] as number;
      const move = (boxes[turned]?.ways.length ?? 1) > 1 ? random() : 0.2 + 0.8 * random();
      if (move < 0.2) first[turned] = 1 - (first[turned] ?? 0);
      else if (move < 0.6) order.splice(j, 0, ...order.splice(i, 1));
      else [order[i], order[j]] = [order[j] as number, order[i] as number];
      // Simulated annealing: it may become a little longer, less and less, so that it comes out of where no single change makes it shorter.
      const mayMm = WARMTH * atMm * (1 - attempt / tries) * -Math.log(random() + 1e-9);
      // What is spent is no less than the boxes take.
      const mostMm = atMm + mayMm - boxesMm;
      const laid = laidInOrder(boxes, order, first, wide, repeatMm, mostMm);
      if (laid.lengthMm <= mostMm && worth(laid) <= atMm + mayMm) atMm = worth(laid);
      else {
        order.splice(0, order.length, ...before);
        if (move < 0.2) first[turned] = 1 - (first[turned] ?? 0);
      }
      if (laid.puts.length === boxes.length) takePuts(laid);
      if (attempt % 100 === 99) yield { share: 0.1 + 0.6 * (attempt / tries), best };
    }
  }
  if (areRectangles) return { ...best, isProven: best.isProven || goneThrough };
  // By their true outlines: as they lie now, from the beginning of the cloth on, and the largest first.
  const asTheyLie = [...best.laid].sort((a, b) => a.yMm - b.yMm || a.xMm - b.xMm).map(({ piece }) => piece);
  const orders = [asTheyLie, ...starts.map((order) => order.map((at) => here[at] as number))].slice(0, NESTED_ORDERS);
  for (const [index, order] of orders.entries()) {
    if (isBest()) break;
    const nesting = nestInOrder(pieces, order, cloth, best.lengthMm);
    let step = nesting.next();
    while (!step.done) {
      yield { share: 0.7 + (0.3 * (index + step.value)) / orders.length, best };
      step = nesting.next();
    }
    if (step.value) take(step.value.laid, step.value.lengthMm);
  }
  return best;
}

/** Ways to lie that differ in size: a rectangle turned by half is the same again. */
const unlike = (ways: ReturnType<typeof waysOn>): ReturnType<typeof waysOn> =>
  ways.filter(
    (way, index) =>
      !ways
        .slice(0, index)
        .some(
          (other) => Math.abs(other.wideMm - way.wideMm) < SAME_MM && Math.abs(other.longMm - way.longMm) < SAME_MM,
        ),
  );
