import { HAND_MM } from '@/core/defaults';
import { usualPartSewn, type PartSewn } from '@/core/design';
import { GEOMETRY, input, inputFrom, makeFigure, type Figure } from '@/core/figures';
import { nameAt, pathOf, stageOf, type FittingInput, type FittingKind, type FittingStage } from '@/core/fittings';
import { ownCodes, type Problem } from '@/core/problems';
import { mouthOf, type Mouth } from './mouth';
import { mouthMarks } from './mouthMarks';

/** What is doubtful of a mouth that is sewn up from both sides; lengths in mm. */
export interface PartSewnProblems {
  'mouth-left-small': { leftMm: number; handMm: number };
}
export interface PartSewnRepairs {
  'sew-up': { sewnMm: number };
}

const ours = ownCodes<PartSewnProblems, PartSewnRepairs>();

export interface PartSewnStage extends FittingStage<PartSewn> {
  mouth: Mouth;
  figures: { stitches: Figure; left: Figure };
}

/** The mouth sewn up from either side, so that a smaller one is left in the middle. */
export const partSewn: FittingKind<PartSewn, PartSewnStage> = {
  usual: usualPartSewn,
  plan(choice, bag) {
    const { at, gauge } = bag;
    const mouth = mouthOf('sewnUp', bag);
    const stitches = Math.min(Math.floor(mouth.stitches / 2), Math.round(choice.sewnMm / mouth.stitchMm));
    const leftMm = mouth.openingMm - 2 * stitches * mouth.stitchMm;
    const stitchesFigure = makeFigure(nameAt(at, 'sewnUp.stitches'), 'Sewn up from each side', stitches, 'stitch', {
      rule: 'As much as you wish, in whole stitches, the same from both sides.',
      inputs: [input('Sewn up from each side', choice.sewnMm, 'mm'), inputFrom(gauge.stitchWidth)],
      source: GEOMETRY,
    });
    const left = makeFigure(
      nameAt(at, 'sewnUp.left'),
      'Mouth that is left',
      Math.max(0, leftMm),
      'mm',
      {
        rule: 'The mouth from end to end, less what is sewn up from both sides.',
        inputs: [inputFrom(mouth.opening), inputFrom(stitchesFigure), inputFrom(gauge.stitchWidth)],
        source: GEOMETRY,
      },
      mouth.opening.plusMinus,
    );
    const sewnMm = stitches * mouth.stitchMm;
    const half = mouth.openingMm / 2;
    const line = { kind: 'line', toAcrossMm: sewnMm, toAlongMm: 0, wideMm: 2 } as const;
    return {
      ok: true,
      stage: {
        ...stageOf({
          choice,
          at,
          closes: 'mouth',
          holds: [
            [-half, sewnMm - half],
            [half - sewnMm, half],
          ],
          marks: mouthMarks(
            'sewnUp',
            [
              { acrossMm: -half, downMm: 1, form: () => line },
              { acrossMm: half - sewnMm, downMm: 1, form: () => line },
            ],
            { face: 'outer', stuff: 'cord', standsMm: 1 },
            bag,
          ),
          steps: [{ name: 'sew-up-mouth', after: ['blocked', 'joined', 'covered'], before: [], mark: 'sewnUp' }],
          asked: [mouth.opening, stitchesFigure, left],
          problems: problemsOf(choice, mouth, left.value, bag),
        }),
        mouth,
        figures: { stitches: stitchesFigure, left },
      },
    };
  },
};

function problemsOf({ sewnMm }: PartSewn, { openingMm }: Mouth, leftMm: number, { at }: FittingInput): Problem[] {
  if (leftMm >= HAND_MM || sewnMm <= 5) return [];
  const fitsMm = Math.floor((openingMm - HAND_MM) / 2 - 3);
  return [
    ours.problem({
      code: 'mouth-left-small',
      severity: 'decide',
      place: 'closures',
      path: [...pathOf(at), 'sewnMm'],
      asks: [nameAt(at, 'sewnUp.left')],
      mark: nameAt(at, 'sewnUp'),
      values: { leftMm, handMm: HAND_MM },
      repairs:
        fitsMm >= 5
          ? [
              ours.repair({
                code: 'sew-up',
                values: { sewnMm: fitsMm },
                edits: [{ path: [...pathOf(at), 'sewnMm'], value: fitsMm }],
              }),
            ]
          : [],
    }),
  ];
}
