import type { Strap } from '@/core/design';
import { GEOMETRY, input, inputFrom, makeFigure, restsOn, type Figure, type Reason } from '@/core/figures';
import type { HungStrap } from './hungStrap';
import { strapRange } from './strapPath';

/** How short and how long a strap can be worn, and where what adjusts it stands; nothing of one that can't be adjusted. */
interface RangeFigures {
  shortest?: Figure;
  longest?: Figure;
  stands?: Figure;
}

const STANDS: Readonly<Record<Exclude<Strap['adjust']['kind'], 'none'>, string>> = {
  slider: 'Slider, from the end it is folded round',
  'two-rings': 'Its end lies back from the rings',
  buttonholes: 'Buttoned, from its end',
  knot: 'Left of each end at the knot',
  bow: 'Left of each end at the bow',
};

/** How short and how long it can be worn. */
export function rangeFigures(
  { strap, hung, sizes }: { strap: Strap; hung: HungStrap; sizes: { wornMm: number } },
  worn: Figure,
  named: (id: string) => string,
): RangeFigures {
  const { adjust } = strap;
  const range = strapRange(adjust, sizes.wornMm, hung.path.hardwareMm);
  if (adjust.kind === 'none' || range === null) return {};
  const longer = input('To be let out by', adjust.longerMm, 'mm');
  const told = (id: string, label: string, mm: number, rule: string, inputs: Reason['inputs']) =>
    makeFigure(
      named(id),
      label,
      mm,
      'mm',
      { rule, inputs, source: GEOMETRY, ...restsOn(worn) },
      worn.plusMinus ?? null,
    );
  const doubled = hung.doubled ? [inputFrom(hung.doubled)] : [];
  return {
    shortest: told(
      'strap.shortest',
      'Shortest',
      Math.max(0, range.shortestMm),
      adjust.kind === 'buttonholes'
        ? 'Longest, less one distance for every hole after the first.'
        : 'Half of the strap folded back, and what is not strap: what is folded back reaches the other end then.',
      adjust.kind === 'buttonholes'
        ? [inputFrom(worn), longer, input('Holes', adjust.holes, 'count'), input('apart', adjust.everyMm, 'mm')]
        : [inputFrom(worn), ...doubled, ...(hung.hardware ? [inputFrom(hung.hardware)] : [])],
    ),
    longest: told('strap.longest', 'Longest', range.longestMm, 'As you wear it, and what it can be let out by.', [
      inputFrom(worn),
      longer,
    ]),
    stands: makeFigure(named('strap.stands'), STANDS[adjust.kind], range.standsMm, 'mm', {
      rule: 'So it is as long as you wear it.',
      inputs: doubled,
      source: GEOMETRY,
    }),
  };
}
