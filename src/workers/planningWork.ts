import { alternatives, type Alternative } from '@/core/alternatives';
import { packStepwise, type Box, type Packings, type SettledDesign } from '@/core/contents';
import type { Design, Swatch } from '@/core/design';
import type { MakingEvent } from '@/core/bench';
import { effectOf, madeBag, type FigureChange, type MadeBag } from '@/core/logbook';
import type { DesignEdit } from '@/core/problems';
import { makings, type Makings } from '@/core/makings';
import { solutions, type Solutions, type Weights, type Wishes } from '@/core/solutions';
import { clothPieces, layOnCloth, type ClothToCut, type Layout, type LayoutPiece } from '@/core/layout';
import { planBag, type Plan } from '@/core/plan';
import { findRepeat, type FoundRepeat, type StitchPattern } from '@/core/stitches';
import { seededRandom } from '@/core/random';
import { bagNeeds, type BagNeeds } from '@/core/stock';
import { LAYING_NAMES, wordsOf } from '@/core/wording';

/** How long a piece of work goes on before it lets others have a turn, ms: a call to stop is heard after it. */
const TURN_MS = 40;

/** The same pieces on the same cloth are laid alike. */
const LAYOUT_SEED = 17;

/** Told how much is done, from 0 to 1. */
type OnShare = (share: number) => void | Promise<void>;

/** The heavy work that is done away from the screen. */
export const planningWork = {
  /** The best ways to pack things, with word of how far the search is. */
  pack: (things: Box[], onShare: OnShare): Promise<Packings> => inTurns(packStepwise(things), onShare),

  /** Other stitches, hooks, edges and counts for a bag, the best first. */
  alternatives: (design: SettledDesign, swatches: Swatch[], onShare: OnShare): Promise<Alternative[]> =>
    inTurns(alternatives(design, swatches), onShare),

  /** The repeat that a pattern's rows allow, or the row that fits no count. */
  repeat: (rows: Pick<StitchPattern, 'setupRows' | 'rows'>): FoundRepeat => findRepeat(rows),

  /** Pieces laid on cloth: told of every shorter layout, so that what is stopped leaves the best there was. */
  layOut: async (
    pieces: LayoutPiece[],
    cloth: ClothToCut,
    onShare: OnShare,
    onBest: (layout: Layout) => void | Promise<void>,
  ): Promise<Layout> => {
    let told = Infinity;
    let best: Layout | null = null;
    const shares = function* (): Generator<number, Layout> {
      const search = layOnCloth(pieces, cloth, seededRandom(LAYOUT_SEED));
      for (;;) {
        const step = search.next();
        if (step.done) return step.value;
        best = step.value.best;
        yield step.value.share;
      }
    };
    const tell = async (share: number) => {
      if (best && best.lengthMm < told) {
        told = best.lengthMm;
        await onBest(best);
      }
      await onShare(share);
    };
    return inTurns(shares(), tell);
  },

  /** What of other bags is cut from the same cloth: each piece named after its bag too. A bag that can't be planned has none. */
  piecesOf: (bags: { id: string; design: Design }[], cloth: Design['cloth']): LayoutPiece[] =>
    bags.flatMap(({ id, design }) => {
      const result = planBag(design);
      return (result.ok ? clothPieces(result.plan, cloth, LAYING_NAMES) : []).map((piece) => ({
        ...piece,
        id: `${id}:${piece.id}`,
        name: `${piece.name} (${design.name})`,
      }));
    }),

  /** What bags take out of the stores; one that can't be planned takes nothing yet. */
  needsOf: (bags: Design[]): BagNeeds[] =>
    bags.flatMap((design) => {
      const result = planBag(design);
      return result.ok ? [bagNeeds(design.name, result.plan, (stage) => wordsOf(stage).title)] : [];
    }),

  /** Bags as the logbook has them; one that can't be planned is none of it. */
  madeBags: (makings: { id: string; design: Design; events: MakingEvent[] }[]): MadeBag[] =>
    makings.flatMap(({ id, design, events }) => {
      const result = planBag(design);
      return result.ok ? [madeBag(id, design, result.plan, events, (stage) => wordsOf(stage).title)] : [];
    }),

  /** What each of several changes would do to a bag's plan, by itself; null where no plan comes of it. */
  effectsOf: (design: Design, changes: DesignEdit[][]): (FigureChange[] | null)[] => {
    const result = planBag(design);
    return changes.map((edits) => (result.ok ? effectOf(design, result.plan, edits) : null));
  },

  /** A planned bag made many times over on paper; the same seed gives the same makings. */
  makings: (plan: Plan, runs: number, seed: number, onShare: OnShare): Promise<Makings> =>
    inTurns(makings(plan, runs, seededRandom(seed)), onShare),

  /** The best plans for a bag by a maker's weights, that keep to her wishes. */
  solutions: (
    design: Design,
    swatches: Swatch[],
    weights: Weights,
    wishes: Wishes,
    packings: Packings,
    onShare: OnShare,
  ): Promise<Solutions> => inTurns(solutions(design, swatches, weights, wishes, packings), onShare),
};
export type PlanningWork = typeof planningWork;

/** Runs steps to their end, with a pause every few hundredths of a second in which messages are heard. */
export async function inTurns<T>(steps: Generator<number, T>, onShare: OnShare): Promise<T> {
  let turnEndsMs = performance.now() + TURN_MS;
  for (;;) {
    const step = steps.next();
    if (step.done) return step.value;
    if (performance.now() < turnEndsMs) continue;
    await onShare(step.value);
    await new Promise((resolve) => setTimeout(resolve, 0));
    turnEndsMs = performance.now() + TURN_MS;
  }
}
