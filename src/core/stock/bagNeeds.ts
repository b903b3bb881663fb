import { sizesOf, type PieceSizes } from '@/core/notions';
import type { FittingStage } from '@/core/fittings';
import type { YarnStage } from '@/core/yarn';

/** What one bag takes out of the stores. */
export interface BagNeeds {
  bag: string;
  /** Each yarn, with its reserve, g; and what a ball of it weighs, or nought where that isn't known. */
  yarns: { name: string; massG: number; ballMassG: number }[];
  /** Pieces that are bought by their size. */
  pieces: { name: string; kind: string; sizes: PieceSizes; count: number }[];
}

/** What of a bag is bought by its size: of each stage as many as lie on the bag. */
export const boughtBySize = <Stage extends FittingStage>(fittings: readonly Stage[]): Stage[] =>
  fittings.filter(({ bought, choice }) => bought > 0 && sizesOf(choice) !== null);

/**
 * What a planned bag takes.
 *
 * @param wordsFor what a piece is called
 */
export const bagNeeds = (
  bag: string,
  { yarn, fittings }: { yarn: Pick<YarnStage, 'lots'>; fittings: readonly FittingStage[] },
  wordsFor: (stage: FittingStage) => string,
): BagNeeds => ({
  bag,
  yarns: yarn.lots.map(({ name, mass, ballMassG }) => ({ name, massG: mass.value, ballMassG })),
  pieces: boughtBySize(fittings).map((stage) => ({
    name: wordsFor(stage),
    kind: stage.choice.kind,
    sizes: sizesOf(stage.choice) as PieceSizes,
    count: stage.bought,
  })),
});
