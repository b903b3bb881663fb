import { pocketedThings, type Pocketed } from '@/core/contents';
import { isOutside, USUAL_POCKETS, type Pocket, type PocketKind, type PocketOf } from '@/core/design';
import type { Figure } from '@/core/figures';
import { nameAt, rowsBeside, stageOf, type FittingKind, type FittingStage, type StepRule } from '@/core/fittings';
import { crochetedSizes } from './crochetedSizes';
import { ownFigures, type OwnFigures } from './ownFigures';
import { pocketMark } from './pocketMark';
import { pocketPieces, type PocketPiece } from './pocketPieces';
import { pocketProblems, unplannable } from './pocketProblems';
import { pocketSizes, type PocketSizes } from './pocketSizes';

/** A pocket as it is planned. */
export interface PocketStage<Choice extends Pocket = Pocket> extends FittingStage<Choice> {
  /** How large it is finished. */
  measures: PocketSizes;
  /** What is cut for it. */
  pieces: PocketPiece[];
  /** What of the things carried lies in it; null where it is empty. */
  held: Pocketed | null;
  own: OwnFigures;
  /** Chains that a worked one begins with; nought of all others. */
  chain: number;
}

/** The step that a worked one is worked in. */
const WORK = 'work-pocket';

/** A pocket of a kind: all are sized by their thing and placed on a wall alike. */
export const pocketKind = <Kind extends PocketKind>(
  kind: Kind,
): FittingKind<PocketOf<Kind>, PocketStage<PocketOf<Kind>>> => ({
  usual: ({ pockets }) => {
    const usual: PocketOf<Kind> = USUAL_POCKETS[kind];
    // On the wall where there are fewer already.
    const on = (wall: Pocket['on']) =>
      pockets.filter((other) => other.on === wall && isOutside(other) === isOutside(usual)).length;
    return { ...usual, on: on('back') > on('front') ? 'front' : usual.on };
  },
  plan(choice, bag) {
    const pocket: Pocket = choice;
    const { at, design } = bag;
    const problem = unplannable(pocket, bag);
    if (problem) return { ok: false, problems: [problem] };
    const held = pocketedThings(design).find(({ pocket: of }) => of === at.index) ?? null;
    const wished = pocketSizes(pocket, held, bag);
    const worked = pocket.kind === 'crocheted' ? crochetedSizes(wished, bag) : null;
    const sizes = worked ? { ...wished, width: worked.width, height: worked.height } : wished;
    const pieces = pocketPieces(pocket, sizes);
    const own = { ...ownFigures(pocket, sizes, pieces, bag), ...worked?.own };
    const { width, height, girth } = sizes;
    return {
      ok: true,
      stage: {
        ...stageOf({
          choice,
          at,
          marks: [pocketMark(pocket, sizes, bag)],
          worked: worked ? [{ name: nameAt(at, 'pocket.worked'), width, length: height, fabric: worked.fabric }] : [],
          beside: worked
            ? [
                rowsBeside(at, {
                  name: 'pocket',
                  step: WORK,
                  startStitches: worked.own.stitches.value,
                  counts: Array<number>(worked.own.rows.value).fill(worked.own.stitches.value),
                }),
              ]
            : [],
          // Inside, cloth is sewn with thread.
          sewn: isOutside(pocket) ? [{ label: 'Round the pocket', mm: width.value + 2 * height.value }] : [],
          tails: worked ? 2 : 0,
          steps: stepsOf(pocket),
          asked: [
            width,
            height,
            girth,
            ...(worked ? [wished.width, wished.height, worked.fabric] : []),
            ...Object.values(own),
          ].filter((one): one is Figure => Boolean(one)),
          problems: pocketProblems(pocket, sizes, held, bag),
        }),
        ...{ measures: sizes, pieces, held, own },
        chain: worked?.chain ?? 0,
      },
    };
  },
});

/** On the lining while that lies flat; on the crochet before it is joined. */
const stepsOf = (pocket: Pocket): StepRule[] => {
  const make = pocket.kind === 'crocheted' ? WORK : 'cut-pocket';
  return [
    { name: make, after: [pocket.kind === 'crocheted' ? 'begun' : 'blocked'], before: [] },
    {
      name: 'sew-pocket',
      after: ['blocked', make, ...(isOutside(pocket) ? [] : (['cloth-cut'] as const))],
      before: isOutside(pocket) ? ['covered', 'joined'] : ['cloth-joined', 'covered', 'joined'],
      mark: 'pocket',
    },
  ];
};
