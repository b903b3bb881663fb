import { GEOMETRY, input, inputFrom, makeFigure, type Figure } from '@/core/figures';
import type { FittingStage } from '@/core/fittings';
import { isOfSizes, isSamePiece, type Notion } from '@/core/notions';
import type { YarnStage } from '@/core/yarn';
import { boughtBySize } from './bagNeeds';
import { isSameName, yarnInStoreG, type StockItem, type StockYarn } from './stockItem';

/** What a bag takes of something: how many, what one of it costs, and together. */
export interface CostLine {
  name: string;
  count: number;
  /** Null where no price is known. */
  each: number | null;
  sum: Figure | null;
  /** What of it is in store, in the same count; null where nothing of it is known there. */
  inStore: number | null;
  unit: 'ball' | 'count';
}

export interface BagCost {
  lines: CostLine[];
  /** Of all whose price is known; null where none is. */
  total: Figure | null;
  /** Names of what has no price yet. */
  unpriced: string[];
}

/** What of a bag is bought by its size: its stage, and how many there are of it. */
interface Bought {
  stage: FittingStage;
  count: number;
  name: string;
}

/**
 * What a bag costs: its yarn in whole balls, and every piece that is set on it, by the prices that stand in the stores. What has no price is named.
 *
 * @param wordsFor what a piece is called
 */
export function bagCost(
  { yarn, fittings }: { yarn: Pick<YarnStage, 'lots'>; fittings: readonly FittingStage[] },
  stock: readonly StockItem[],
  notions: readonly Notion[],
  wordsFor: (stage: FittingStage) => string,
): BagCost {
  const yarns = stock.filter((item): item is StockYarn => item.kind === 'yarn');
  const lines = [
    ...yarn.lots.map(({ name, balls, ballMassG }, index): CostLine => {
      const known = yarns.filter((one) => isSameName(one.name, name));
      const priced = known.find(({ price }) => price !== null);
      const has = known.reduce((sum, one) => sum + yarnInStoreG(one), 0);
      return lineOf(`yarn.${index}`, name, balls.value, priced?.price ?? null, {
        inStore: known.length > 0 && ballMassG > 0 ? Math.floor(has / ballMassG) : null,
        of: balls,
      });
    }),
    ...boughtOf(fittings, wordsFor).map(({ stage, count, name }, index): CostLine => {
      const like = notions.filter(
        ({ kind, sizes }) => isSamePiece(kind, stage.choice.kind) && isOfSizes(stage.choice, sizes),
      );
      const priced = like.find(({ price }) => price !== null);
      return lineOf(`piece.${index}`, name, count, priced?.price ?? null, {
        inStore: like.length > 0 ? like.reduce((sum, one) => sum + one.count, 0) : null,
        of: null,
      });
    }),
  ];
  const sums = lines.flatMap(({ sum }) => (sum ? [sum] : []));
  const total =
    sums.length === 0
      ? null
      : makeFigure(
          'cost.total',
          'What it costs',
          sums.reduce((all, one) => all + one.value, 0),
          'money',
          {
            rule: 'All that has a price in your stores, added up; yarn in whole balls.',
            inputs: sums.map((sum) => inputFrom(sum)),
            source: GEOMETRY,
          },
        );
  return { lines, total, unpriced: lines.filter(({ sum }) => sum === null).map(({ name }) => name) };
}

function lineOf(
  id: string,
  name: string,
  count: number,
  each: number | null,
  { inStore, of }: { inStore: number | null; of: Figure | null },
): CostLine {
  const sum =
    each === null
      ? null
      : makeFigure(`cost.${id}`, name, count * each, 'money', {
          rule: 'So many, times what one costs in your stores.',
          inputs: [of ? inputFrom(of) : input('Pieces', count, 'count'), input('One costs', each, 'money')],
          source: GEOMETRY,
        });
  return { name, count, each, sum, inStore, unit: of ? 'ball' : 'count' };
}

/** Pieces that are bought: of each stage as many as lie on the bag, halves of one together. */
const boughtOf = (fittings: readonly FittingStage[], wordsFor: (stage: FittingStage) => string): Bought[] =>
  boughtBySize(fittings).map((stage) => ({ stage, count: stage.bought, name: wordsFor(stage) }));
