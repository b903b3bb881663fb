import { LEAST_WORN_MM, STRAP_OVERLAP_MM, YARN_RESERVE } from '@/core/defaults';
import { GEOMETRY, input, inputFrom, makeFigure, type Figure } from '@/core/figures';
import type { FittingStage } from '@/core/fittings';
import type { Problem, Repair } from '@/core/problems';

/** What is needed of one yarn, and what of it is at hand. */
export interface AtHand {
  /** The figure that it is asked by: `yarn.lacking`, with the number of the yarn from the second on. */
  id: string;
  name: string;
  /** In the bag and in what sews it, without a reserve; and with that, as it is to be had. */
  usedG: number;
  mass: Figure;
  ballMassG: number;
  atHandG: number;
  /** Of a strip of the fabric, by its area, mm²: what this yarn weighs in it. */
  gPerMm2: number;
}

/** Balls that are still to be bought, once what is at hand is used. */
export function lackingFigure({ id, name, mass, ballMassG, atHandG }: Omit<AtHand, 'usedG' | 'gPerMm2'>): Figure {
  const lackingG = Math.max(0, mass.value + (mass.plusMinus ?? 0) - atHandG);
  return makeFigure(id, `Balls to buy beside what is at hand, ${name}`, Math.ceil(lackingG / ballMassG), 'ball', {
    rule: 'Mass to have, with its ± on top, less what is at hand, divided by the mass of a ball, rounded up.',
    inputs: [inputFrom(mass), input('At hand', atHandG, 'g'), input('One ball', ballMassG, 'g')],
    source: GEOMETRY,
  });
}

/**
 * Whether what is at hand of a yarn lasts. Straps are worked last: where it lasts for all before the last one, that strap is what it ends in, and can be
 * made as much shorter.
 *
 * @param fittings what is put on, in the order of the design
 */
export function atHandProblems(
  { name, usedG, mass, atHandG, gPerMm2 }: AtHand,
  index: number,
  fittings: readonly FittingStage[],
): Problem[] {
  const told = {
    place: 'stores',
    path: ['yarnAtHandG', index],
    asks: [mass.id],
    names: { yarn: name },
  } as const;
  if (atHandG >= usedG * (1 + YARN_RESERVE)) return [];
  if (atHandG >= usedG)
    return [
      {
        code: 'yarn-within-doubt',
        severity: 'mind',
        values: { haveG: atHandG, needG: mass.value },
        repairs: [],
        ...told,
      },
    ];
  const last = fittings.findLast(({ at, worked }) => at.group === 'straps' && worked.length > 0);
  const lastG = (last?.worked ?? []).reduce((sum, { fabric }) => sum + fabric.value * gPerMm2, 0);
  const shortG = usedG - atHandG;
  if (!last || shortG >= lastG)
    return [
      {
        code: 'yarn-runs-out',
        severity: 'decide',
        values: { haveG: atHandG, needG: mass.value },
        repairs: [],
        ...told,
      },
    ];
  const lengthMm = last.worked.reduce((sum, { length }) => sum + length.value, 0);
  return [
    {
      code: 'strap-longer-than-yarn',
      severity: 'decide',
      values: { haveG: atHandG, shortG, shortMm: (lengthMm * shortG) / lastG },
      mark: last.marks[0]?.mark,
      repairs: shorterStrap(last, { shortMm: (lengthMm * shortG) / lastG, lengthMm }),
      ...told,
    },
  ];
}

/** What of a strap is no longer for being worn longer, such as its feet, at most, mm: a foot of twice the usual overlap at either end. */
const FIXED_MM = 4 * STRAP_OVERLAP_MM;

/**
 * The strap as long as the yarn surely reaches, to a whole centimetre; nothing where its length follows from something else, or none would be
 * left.
 */
function shorterStrap({ worn }: FittingStage, { shortMm, lengthMm }: { shortMm: number; lengthMm: number }): Repair[] {
  const growingMm = lengthMm - FIXED_MM;
  if (!worn?.path || growingMm <= shortMm) return [];
  const wornMm = 10 * Math.floor((worn.mm * (1 - shortMm / growingMm)) / 10);
  if (wornMm < LEAST_WORN_MM) return [];
  return [{ code: 'strap-worn-to', values: { wornMm }, edits: [{ path: [...worn.path], value: wornMm }] }];
}
