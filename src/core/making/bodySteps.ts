import type { BodyKind, Design } from '@/core/design';
import type { Join, Piece, WorkedFrom } from '@/core/pieces';
import { step, type BodyStepId, type Step } from './step';

/** What of a plan the order of making depends on. */
export interface ToMake {
  pieces: readonly Piece[];
  joins: readonly Join[];
  workedFrom: WorkedFrom;
  hasFlap: boolean;
}

/** How a body is made: its pieces, what has to be worked of them before they are blocked, and how they are joined. */
interface BodySteps {
  work: Step[];
  /** The steps with which the pieces are done. */
  worked: BodyStepId[];
  /** Joining, in order, from the step before which everything flat has to be done. */
  join: Step[];
}

/** A strip is worked in one, from either end; its folds are marked as they are passed. */
function stripSteps({ hasFlap, pieces, workedFrom }: ToMake, boxed: boolean): BodySteps {
  const flapOn = hasFlap && !pieces.some(({ id }) => id === 'half-disc');
  const fromFlap = workedFrom === 'flap-edge';
  const forward: BodyStepId[] = [
    'work-front',
    'mark-base',
    'work-back',
    ...(flapOn ? (['mark-top', 'work-flap'] as const) : []),
  ];
  const order: BodyStepId[] = ['start', ...(fromFlap ? [...forward].reverse() : forward)];
  return {
    work: order.map((id, index) => step(id, index === 0 ? [] : [order[index - 1] as BodyStepId])),
    worked: [order.at(-1) as BodyStepId],
    join: [
      step('fold', ['check-pieces']),
      step('seam-sides', ['fold']),
      ...(boxed ? [step('box-corners', ['seam-sides'])] : []),
    ],
  };
}

/** Whether the last round of the sides has fewer stitches than they begin with. */
const isNarrowed = (pieces: readonly Piece[]): boolean =>
  pieces.some(
    (piece) =>
      piece.kind === 'rows' &&
      piece.id === 'sides' &&
      (piece.rows[piece.roundCount - 1]?.stitches ?? piece.startStitches) < piece.startStitches,
  );

/** Whether a gusset or a band is joined while it is worked, and so is worked when the other pieces are joined. */
const isAsWorked = ({ joins }: ToMake): boolean => joins.some(({ made }) => made === 'as-worked');

const roundSteps = (_: Design, { hasFlap, pieces, joins }: ToMake): BodySteps => {
  const flapOn = hasFlap && !pieces.some(({ id }) => id === 'half-disc');
  const order: BodyStepId[] = [
    'start',
    ...(pieces.some(({ id }) => id === 'base') ? (['work-base'] as const) : []),
    'work-sides',
    ...(isNarrowed(pieces) ? (['narrow-mouth'] as const) : []),
    ...(flapOn ? (['work-flap'] as const) : []),
  ];
  return {
    work: order.map((id, index) => step(id, index === 0 ? [] : [order[index - 1] as BodyStepId])),
    worked: [order.at(-1) as BodyStepId],
    join: joins.some(({ id }) => id === 'bottom') ? [step('sew-bottom', ['check-pieces'])] : [],
  };
};

/** The steps of every construction. */
const BODY_STEPS: Record<BodyKind, (design: Design, made: ToMake) => BodySteps> = {
  'fold-over-strip': (_, made) => stripSteps(made, false),
  'boxed-corners': (_, made) => stripSteps(made, true),
  'side-bands': (_, made) => {
    const { work, worked } = stripSteps(made, false);
    if (isAsWorked(made)) return { work, worked, join: [step('join-side-bands', ['check-pieces'])] };
    return {
      work: [...work, step('work-band', worked)],
      worked: [...worked, 'work-band'],
      join: [step('join-side-bands', ['check-pieces'])],
    };
  },
  gusset: (_, made) => {
    const panels = [step('work-front-piece', []), step('work-back-piece', ['work-front-piece'])];
    // Worked between both panels, it is joined to both at once.
    if (isAsWorked(made))
      return {
        work: panels,
        worked: ['work-front-piece', 'work-back-piece'],
        join: [step('join-gusset-front', ['check-pieces'])],
      };
    return {
      work: [...panels, step('work-gusset', ['work-back-piece'])],
      worked: ['work-front-piece', 'work-back-piece', 'work-gusset'],
      join: [step('join-gusset-front', ['check-pieces']), step('join-gusset-back', ['join-gusset-front'])],
    };
  },
  'round-purse': (_, made) => {
    const join = [step('join-band', ['check-pieces'])];
    if (isAsWorked(made)) return { work: [step('work-discs', [])], worked: ['work-discs'], join };
    return {
      work: [step('work-discs', []), step('work-band', ['work-discs'])],
      worked: ['work-discs', 'work-band'],
      join,
    };
  },
  'around-chain': roundSteps,
  'oval-base': roundSteps,
};

/** How a bag's body is made. */
export const bodySteps = (design: Design, made: ToMake): BodySteps => BODY_STEPS[design.body.kind](design, made);
