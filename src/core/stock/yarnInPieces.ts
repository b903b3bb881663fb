import { areaMm2, type Piece, type PieceId } from '@/core/pieces';
import type { FittingStage } from '@/core/fittings';
import type { YarnStage } from '@/core/yarn';
import type { Ball, PieceOfYarn } from './ballsForPieces';
import { isSameName, type StockItem, type StockYarn } from './stockItem';

/** More balls than a bag takes. */
const MOST_BALLS = 24;

/**
 * What of the yarn is in each piece, and in what is worked apart, each with its ± on top, so that a ball that has it surely lasts.
 *
 * @param nameOf what a piece is called
 * @returns null where that is not known, or several yarns are held together
 */
export function piecesOfYarn(
  { pieces, fittings, yarn }: { pieces: readonly Piece[]; fittings: readonly FittingStage[]; yarn: YarnStage },
  nameOf: (id: PieceId) => string,
): PieceOfYarn[] | null {
  const { figures, lots } = yarn;
  if (!figures || lots.length !== 1) return null;
  const { massPerArea, fabric } = figures;
  const gPerMm2 = (massPerArea.value / 1e6) * (1 + (fabric.plusMinus ?? 0) / fabric.value);
  return [
    ...pieces.flatMap((piece) =>
      Array.from({ length: piece.copies }, (_, copy) => ({
        name: piece.copies > 1 ? `${nameOf(piece.id)} ${copy + 1}` : nameOf(piece.id),
        massG: areaMm2(piece) * gPerMm2,
      })),
    ),
    ...fittings.flatMap(({ worked }) =>
      worked.map(({ name, fabric: strip }) => ({ name, massG: strip.value * gPerMm2 })),
    ),
  ];
}

/** The balls there are of a bag's first yarn, opened ones first; where there are none, as many new ones as are to be bought. */
export function ballsOf({ lots }: Pick<YarnStage, 'lots'>, stock: readonly StockItem[]): Ball[] {
  const [lot] = lots;
  if (!lot) return [];
  const own = stock.filter((item): item is StockYarn => item.kind === 'yarn' && isSameName(item.name, lot.name));
  const opened = own.flatMap(({ openedG, dyeLot }) =>
    openedG.map((massG) => ({ name: `the opened ball of ${massG} g${ofLot(dyeLot)}`, massG })),
  );
  const whole = own.flatMap(({ balls, ballMassG, dyeLot }) =>
    Array.from({ length: Math.min(balls, MOST_BALLS) }, (_, index) => ({
      name: `ball ${index + 1}${ofLot(dyeLot)}`,
      massG: ballMassG,
    })),
  );
  const toBuy = own.length === 0 ? Math.min(lot.balls.value, MOST_BALLS) : 0;
  const fresh = Array.from({ length: toBuy }, (_, index) => ({ name: `new ball ${index + 1}`, massG: lot.ballMassG }));
  return [...opened, ...whole, ...fresh].slice(0, MOST_BALLS);
}

const ofLot = (dyeLot: string): string => (dyeLot === '' ? '' : `, lot ${dyeLot}`);
