import type { Design } from '@/core/design';
import { fittingAt } from '@/core/fittings';
import type { BodyStepId, Step } from '@/core/making';
import { isInRows } from '@/core/pieces';
import type { Plan } from '@/core/plan';
import { BODY_STEP_WORDS } from './bodyStepText';
import { FITTING_WORDS, wordsOf } from './fittings';
import { lengthWriterFor, stepWords as words, type StepText, type StepWords } from './stepWords';
import type { StepWriter } from './stepWriter';

/**
 * Words a plan's steps, in the maker's terms and units.
 *
 * @param fittingWords the words of what is put on; each words its own steps
 */
export function stepTexts(design: Design, plan: Plan, fittingWords = FITTING_WORDS): StepText[] {
  return plan.steps.map((step) => ({ id: step.id, ...textOf(step, design, plan, fittingWords) }));
}

function textOf({ id, of }: Step, design: Design, plan: Plan, fittingWords: typeof FITTING_WORDS): StepWords {
  const length = lengthWriterFor(design);
  if (of === null) return WORDS[id as BodyStepId](design, plan, length, fittingWords);
  const stage = fittingAt(plan.fittings, of.at);
  const write = stage && wordsOf(stage, fittingWords).steps[of.name];
  if (!write) throw new RangeError(`no words for the step ${id}`);
  return write(stage, { design, plan, length });
}

const WORDS: Record<BodyStepId, StepWriter> = {
  ...BODY_STEP_WORDS,
  'weave-ends': (design, plan) => {
    const shut = [
      ...(design.lining ? ['the lining'] : []),
      ...(plan.joins.some(({ made }) => made === 'sewn') ? ['the seams'] : []),
    ];
    return words(
      'Weave in the ends',
      shut.length > 0 ? 'All ends that will be shut in. Leave what will sew.' : 'All ends.',
      null,
      shut.length > 0 ? `After ${shut.join(' and ')} they can’t be reached.` : null,
    );
  },
  block: (_, plan) => {
    const flat = plan.pieces.some(isInRows);
    return words(
      'Block it',
      `Pin ${flat ? 'what lies flat square' : 'it'} to its sizes and steam or damp it. An iron never touches acrylic, and steam burns hands too.`,
      flat ? 'Where a piece is square, opposite corners are equally far apart.' : 'It is equally wide all the way up.',
    );
  },
  'turn-hem': (_, plan, length, fittingWords) =>
    words(
      'Turn the hem back',
      `Fold the ${plan.workedFrom === 'flap-edge' ? 'first' : 'last'} ${plan.flap.hemRows === 1 ? 'row' : `${plan.flap.hemRows} rows`} (${length(plan.flap.hemRows * plan.pouch.rowMm)}) over the inside of the flap’s edge and sew ${plan.flap.hemRows === 1 ? 'it' : 'them'} down${plan.fittings.map((stage) => wordsOf(stage, fittingWords).overHem?.(stage) ?? '').join('')}.`,
      'The edge is straight, and no stitch shows in front.',
    ),
  inspect: (_, { pouch, flap, fittings }, length, fittingWords) => {
    const found = fittings.flatMap((stage) => wordsOf(stage, fittingWords).inspect ?? []);
    return words(
      'Look it over and write it down',
      `Planned: ${length(pouch.figures.width.value)} wide, ${length(pouch.figures.height.value)} high${pouch.figures.depth ? `, ${length(pouch.figures.depth.value)} deep` : ''}${flap.hasFlap ? `, flap down ${length(flap.dropMm.loaded)} when loaded` : ''}.`,
      `${['Ends secure', 'corners square', ...(flap.hasFlap ? ['flap covers'] : []), ...new Set(found)].join(', ')}.`,
    );
  },
};
