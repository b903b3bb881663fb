import { usualDrawstring, type Drawstring } from '@/core/design';
import type { Figure } from '@/core/figures';
import { stageOf, type FittingInput, type FittingKind, type FittingStage, type StepRule } from '@/core/fittings';
import { trackRow } from '@/core/pieces';
import { casingFabric } from './casing';
import { cordPath } from './cordPath';
import { passesOf, rowBelow, rowCounts } from './cordRow';
import { tasselYarn } from './endTassels';
import { figuresOf, type DrawstringFigures } from './figures';
import { casingMarks, passMarks } from './marks';
import { fewStitches, noRow, problemsOf } from './problems';

/** With fewer stitches all round there is no going in and out. Ours. */
const LEAST_ROUND = 8;

export interface DrawstringStage extends FittingStage<Drawstring> {
  /** Stitches from one pass to the next, from the centre front on; none where it runs in a casing. */
  path: number[];
  row: number;
  figures: DrawstringFigures;
}

/** A cord that runs in and out of a row below the mouth and draws it together. */
export const drawstring: FittingKind<Drawstring, DrawstringStage> = {
  usual: usualDrawstring,
  plan(choice, bag) {
    const { at, pouch, set } = bag;
    const counts = rowCounts(choice, bag);
    if (counts === null) return { ok: false, problems: [noRow(bag)] };
    const stitches = counts.front + counts.back;
    if (stitches < LEAST_ROUND) return { ok: false, problems: [fewStitches(stitches, bag)] };
    const row = trackRow(set.tracks.front, rowBelow(choice, pouch.frontRows));
    const passes = passesOf(choice, stitches, pouch.stitchMm);
    const path = choice.through === 'casing' ? [] : cordPath(counts, passes);
    const figures = figuresOf(choice, { row, passes, stitches }, bag);
    const casing = casingFabric(figures, bag);
    const tassels = choice.ends === 'tassels' ? tasselYarn(choice, bag) : null;
    return {
      ok: true,
      stage: {
        ...stageOf({
          choice,
          at,
          closes: 'mouth',
          // Drawn together, it leaves no stretch of its own.
          holds: [[-figures.round.value, figures.round.value]],
          marks:
            choice.through === 'casing'
              ? casingMarks(choice, counts, figures, bag)
              : passMarks(choice, path, counts, bag),
          workedOn: casing ? [casing] : [],
          threads: tassels ? [tassels] : [],
          tails: casing ? 2 : 0,
          sewn:
            figures.casingLength === null
              ? []
              : [{ label: 'Both long edges of the casing', mm: 2 * figures.casingLength.value }],
          steps: stepsOf(choice, bag),
          asked: [...(Object.values(figures) as (Figure | null)[]), casing, tassels].filter(
            (figure) => figure !== null,
          ),
          problems: problemsOf(choice, bag),
        }),
        path,
        row,
        figures,
      },
    };
  },
};

/** Eyelets go through the crochet alone; the cord is drawn in once nothing more is sewn. */
const stepsOf = ({ through }: Drawstring, { design }: FittingInput): StepRule[] => [
  ...(through === 'eyelets'
    ? [
        {
          name: 'set-eyelets',
          after: ['blocked'],
          before: design.lining ? (['covered'] as const) : [],
          mark: 'cord',
        },
      ]
    : []),
  ...(through === 'casing'
    ? [
        { name: 'work-casing', after: ['begun'], before: [] },
        // On the inner face, over a lining where there is one.
        { name: 'sew-casing', after: ['joined', 'covered', 'work-casing'], before: [], mark: 'cord.casing' },
      ]
    : []),
  {
    name: 'thread-cord',
    after: ['blocked', 'joined', 'covered', 'set-eyelets', 'sew-casing'],
    before: [],
    mark: 'cord',
  },
];
