import type { Design } from '@/core/design';
import { nameAt, type FittingStage, type Moment, type StepRule } from '@/core/fittings';
import { bodySteps, type ToMake } from './bodySteps';
import { orderSteps } from './order';
import { step, type Step, type StepId } from './step';

/**
 * The steps of this bag, in an order in which nothing is set too late: the snap's halves before the lining covers
 * their backs and before the pieces are joined, the ends before they are shut in.
 *
 * What comes before what is common practice, no source; each fitting says its own.
 *
 * @param made the pieces and joins of the plan
 * @param fittings what is put on, each with its own steps
 * @throws Error naming the steps when the constraints contradict each other, which is a mistake in this folder, or of a fitting
 */
export function makingSteps(design: Design, made: ToMake, fittings: readonly FittingStage[]): Step[] {
  const halfDisc = made.pieces.some(({ id }) => id === 'half-disc');
  const hemmed =
    made.hasFlap && made.pieces.some((piece) => piece.kind === 'rows' && piece.zones.some(({ id }) => id === 'hem'));
  const { work, worked, join } = bodySteps(design, made);
  const joined = join.map(({ id }) => id);
  const moments: Record<Moment, StepId[]> = {
    begun: worked.slice(0, 1),
    'flap-worked': made.hasFlap
      ? [halfDisc ? 'work-half-disc' : ([...work].reverse().find(({ id }) => FLAP_STEPS.has(id))?.id ?? 'check-pieces')]
      : [],
    'flap-edged': stepsThatAre('flap-edged', fittings),
    edged: stepsThatAre('edged', fittings),
    worked: ['check-pieces'],
    blocked: ['block'],
    'cloth-cut': stepsThatAre('cloth-cut', fittings),
    'cloth-joined': stepsThatAre('cloth-joined', fittings),
    'cloth-ready': stepsThatAre('cloth-ready', fittings),
    'hem-turned': hemmed ? ['turn-hem'] : [],
    covered: stepsThatAre('covered', fittings),
    joined,
  };
  // Laying flat for the fold shuts nothing off yet; the first seam does.
  const shutting: Record<Moment, StepId[]> = { ...moments, joined: joined.filter((id) => id !== 'fold') };
  const shut = (by: Moment, ids: StepId[]): Shut[] => shutting[by].map((id) => ({ by: id, ids }));
  const fitted = fittings.map((fitting) => ({
    group: fitting.at.group,
    steps: fitting.steps.map((rule) => fittingStep(rule, fitting, moments)),
    shut: fitting.steps.flatMap(({ name, before }) => before.flatMap((by) => shut(by, [nameAt(fitting.at, name)]))),
  }));
  const of = (...groups: string[]) =>
    fitted.filter(({ group }) => groups.includes(group)).flatMap(({ steps }) => steps);
  const steps: Step[] = [
    ...work,
    ...(halfDisc ? [step('work-half-disc', worked)] : []),
    step('check-pieces', [...worked, 'work-half-disc']),
    ...of('edgings'),
    step('weave-ends', ['check-pieces']),
    step('block', ['check-pieces']),
    ...(halfDisc ? [step('sew-flap', ['block'])] : []),
    ...of('closures', 'hardware', 'pockets', 'stiffener', 'lining'),
    ...(hemmed ? [step('turn-hem', ['block'])] : []),
    ...join.map((one) => ({ ...one, needs: [...one.needs, 'block', 'sew-flap'] })),
    ...of('straps'),
    ...of('trims'),
  ];
  const everything = step(
    'inspect',
    steps.map(({ id }) => id),
  );
  const shutOff = [
    ...fitted.flatMap((one) => one.shut),
    ...shut('covered', ['weave-ends', 'block']),
    ...shut('joined', ['weave-ends', 'block', 'turn-hem']),
  ];
  return inOrder([...steps, everything], shutOff);
}

/** Steps in which a flap that goes on from the body is worked. */
const FLAP_STEPS: ReadonlySet<StepId> = new Set(['work-flap', 'work-back-piece']);

/** Steps that can't be done any more once another is. */
interface Shut {
  by: StepId;
  ids: StepId[];
}

const stepsThatAre = (moment: Moment, fittings: readonly FittingStage[]): StepId[] =>
  fittings.flatMap(({ at, steps }) =>
    steps
      .filter(({ is }) => is === moment || (Array.isArray(is) && is.includes(moment)))
      .map(({ name }) => nameAt(at, name)),
  );

function fittingStep(
  { name, after, mark }: StepRule,
  { at, steps }: FittingStage,
  moments: Record<Moment, StepId[]>,
): Step {
  const own = new Set(steps.map((rule) => rule.name));
  return {
    id: nameAt(at, name),
    of: { at, name, mark: mark === undefined ? null : nameAt(at, mark) },
    needs: after.flatMap((one) => (own.has(one) ? [nameAt(at, one)] : moments[one as Moment])),
    shutsOff: [],
  };
}

/** Puts steps in order, naming only those that this bag has. */
function inOrder(steps: readonly Step[], shutOff: readonly Shut[]): Step[] {
  const shutBy = new Map<StepId, StepId[]>(steps.map(({ id }) => [id, []]));
  for (const { by, ids } of shutOff) {
    const shut = shutBy.get(by);
    for (const id of ids) if (shut && shutBy.has(id) && !shut.includes(id)) shut.push(id);
  }
  const present = steps.map(({ id, of, needs }) => ({
    id,
    of,
    needs: needs.filter((other) => shutBy.has(other)),
    shutsOff: shutBy.get(id) ?? [],
  }));
  const ordered = orderSteps<StepId, Step>(present);
  if (!ordered.ok) throw new Error(`no order of making exists: ${ordered.cycle.join(', ')}`);
  return ordered.steps;
}
