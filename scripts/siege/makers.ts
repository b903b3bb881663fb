import type { Ledger } from './ledger';
import { work, type Workplace } from './work';

/** So many bags that were worked on before each maker takes up again. */
const TAKEN_UP = 2;

/**
 * Several makers at work at once, each on bags of her own: the last ones of the ledger, and those that she makes.
 *
 * @param name goes before each of their marks, so that none is given twice
 * @param rest between two steps; none where it is left out
 * @returns how many steps were acknowledged
 */
export async function makersAtWork(
  place: Workplace,
  ledger: Ledger,
  {
    makers,
    name,
    random,
    isOver,
    rest,
  }: { makers: number; name: string; random: () => number; isOver: () => boolean; rest?: () => Promise<void> },
): Promise<number> {
  const taken = ledger.bags.slice(-makers * TAKEN_UP);
  const worked = Array.from({ length: makers }, (_, maker) => {
    const mine = taken.filter((_id, index) => index % makers === maker);
    const bags = new Map(mine.flatMap((id) => pairs(id, ledger.stateOf(id))));
    let marks = 0;
    const markOf = () => `${name} m${maker} ${(marks += 1)}`;
    return work(place, ledger, { bags, markOf, random, isOver, rest });
  });
  return (await Promise.all(worked)).reduce((sum, acknowledged) => sum + acknowledged, 0);
}

const pairs = <T>(id: string, state: T | undefined): [string, T][] => (state === undefined ? [] : [[id, state]]);
