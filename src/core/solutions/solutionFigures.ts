import { GEOMETRY, figureId, inputFrom, makeFigure, type Figure, type FigureName } from '@/core/figures';
import type { Plan } from '@/core/plan';

/** The figures that plans are compared by, in the order they are read. */
const COMPARED: readonly FigureName[] = [
  'size.width',
  'size.height',
  'size.depth',
  'flap.drop.loaded',
  'flap.drop.empty',
  'size.insideWidth',
  'size.insideHeight',
  'size.opening',
  'contents.easeAcross',
  'contents.easeUp',
  'panel.stitches',
  'panel.startingChain',
  'panel.frontRows',
  'panel.backRows',
  'panel.bridgeRows',
  'panel.flapRows',
  'panel.area',
  'yarn.mass',
  'yarn.balls',
];

/** One figure of two plans, and what is between them. */
export interface ComparedFigure {
  now: Figure;
  then: Figure;
  differs: Figure;
}

/** A figure of another plan under a name of its own, so that both can be asked why, and so can what it comes from. */
function named(figure: Figure, name: string): Figure {
  const own = (id: string) => figureId(`solution.${name}.${id}`);
  const inputs = figure.reason.inputs.map((one) => (one.from === undefined ? one : { ...one, from: own(one.from) }));
  return { ...figure, id: own(figure.id), reason: { ...figure.reason, inputs } };
}

/** All figures of another plan under names of their own. @param name tells it from others */
export const namedFigures = (plan: Plan, name: string): Figure[] =>
  Object.values(plan.figures).map((figure) => named(figure, name));

/**
 * The figures of another plan beside those of the present one, those that both have.
 *
 * @param name tells the other plan from more of them
 */
export const comparedFigures = (now: Plan, then: Plan, name: string): ComparedFigure[] =>
  [...COMPARED, ...now.fittings.flatMap(({ compared }) => compared.map(({ id }) => id))].flatMap((id) => {
    const [mine, other] = [now.figures[figureId(id)], then.figures[figureId(id)]];
    if (!mine || !other || mine.unit !== other.unit) return [];
    const shown = named(other, name);
    return [
      {
        now: mine,
        then: shown,
        differs: makeFigure(
          `solution.${name}.${id}.differs`,
          `${mine.label}: more than now`,
          other.value - mine.value,
          mine.unit,
          {
            rule: 'This plan, less the bag as it is now.',
            inputs: [inputFrom(shown), inputFrom(mine)],
            source: GEOMETRY,
          },
        ),
      },
    ];
  });

/** What the list shows of a plan, each to be asked why. */
export interface SolutionFigures {
  width: Figure;
  height: Figure;
  drop: Figure | null;
  yarn: Figure | null;
  stitches: Figure;
}

/** The figures of an offered plan. @param name tells it from the others */
export function solutionFigures(plan: Plan, stitches: number, name: string): SolutionFigures {
  return {
    width: named(plan.pouch.figures.width, name),
    height: named(plan.pouch.figures.height, name),
    drop: plan.flap.hasFlap ? named(plan.flap.figures.dropLoaded, name) : null,
    yarn: plan.yarn.figures && named(plan.yarn.figures.mass, name),
    stitches: makeFigure(`solution.${name}.work`, 'Stitches to work', Math.round(stitches), 'stitch', {
      rule: 'The stitches of every row of every piece, added up.',
      inputs: [named(plan.pouch.figures.stitches, name), named(plan.pouch.figures.frontRows, name)].map(inputFrom),
      source: GEOMETRY,
    }),
  };
}
