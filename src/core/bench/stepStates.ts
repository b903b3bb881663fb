import type { Step, StepId } from '@/core/making';
import type { Piece, ZoneId } from '@/core/pieces';
import type { BenchState } from './benchState';
import { rowsDone, workedThrough, type PartToWork } from './parts';

/** Where a step stands: done or passed over; next to be done; waiting for others; or too late, since what shuts it off is done. */
export type StepStanding =
  { is: 'done' | 'skipped' | 'ready' } | { is: 'waits'; for: StepId[] } | { is: 'too-late'; after: StepId[] };

/** Steps that are done once the rows of a part of the bag are worked. */
const BY_ZONE: Readonly<Record<string, readonly ZoneId[]>> = {
  'work-front': ['front'],
  'work-back': ['back'],
  'work-flap': ['flap', 'bridge', 'hem'],
};

/** Steps that are done once a piece is worked, all that are worked alike. */
const BY_PIECE: Readonly<Record<string, Piece['id']>> = {
  'work-front-piece': 'front',
  'work-back-piece': 'back',
  'work-gusset': 'gusset',
  'work-discs': 'disc',
  'work-band': 'band',
  'work-base': 'base',
  'work-half-disc': 'half-disc',
};

/** Steps that the rows worked so far have done, without her ticking them. */
export function stepsByRows(parts: readonly PartToWork[], state: Pick<BenchState, 'rows'>): Set<StepId> {
  const pieces = parts.flatMap(({ of, copy }) => (of.kind === 'beside' || copy > 1 ? [] : [of]));
  const whole = workedThrough(parts, state);
  const done = new Set<StepId>();
  if (parts.some((part) => rowsDone(state, part) > 0)) done.add('start');
  for (const [step, zones] of Object.entries(BY_ZONE)) {
    const stretches = pieces.flatMap((piece) =>
      piece.kind === 'rows'
        ? piece.zones.filter(({ id }) => zones.includes(id)).map(({ toRow }) => ({ piece: piece.id, copy: 1, toRow }))
        : [],
    );
    if (stretches.length > 0 && stretches.every((one) => rowsDone(state, one) >= one.toRow)) done.add(step);
  }
  for (const [step, piece] of Object.entries(BY_PIECE)) if (whole.has(piece)) done.add(step);
  const sides = pieces.find((piece) => piece.id === 'sides');
  if (sides?.kind === 'rows') {
    const worked = rowsDone(state, { piece: 'sides', copy: 1 });
    const isNarrowed = (sides.rows[sides.roundCount - 1]?.stitches ?? 0) < sides.startStitches;
    if (worked >= sides.roundCount - (isNarrowed ? 1 : 0)) done.add('work-sides');
    if (isNarrowed && worked >= sides.roundCount) done.add('narrow-mouth');
  }
  const besides = parts.filter(({ step }) => step !== null);
  for (const { step } of besides)
    if (besides.every((other) => other.step !== step || whole.has(other.piece))) done.add(step as StepId);
  return done;
}

/**
 * Where every step stands, in their order. What she says goes before what the rows say.
 *
 * @param byRows steps that the rows have done
 *
 * @example
 * stepStandings([{ id: 'snap', of: null, needs: [], shutsOff: [] }, { id: 'seam', of: null, needs: [], shutsOff: ['snap'] }], new Map([['seam', 'done']]), new Set()).get('snap') // => { is: 'too-late', after: ['seam'] }
 */
export function stepStandings(
  steps: readonly Step[],
  said: BenchState['steps'],
  byRows: ReadonlySet<StepId>,
): Map<StepId, StepStanding> {
  const stateOf = (id: StepId): 'done' | 'skipped' | null => said.get(id) ?? (byRows.has(id) ? 'done' : null);
  return new Map(
    steps.map(({ id, needs }): [StepId, StepStanding] => {
      const own = stateOf(id);
      if (own !== null) return [id, { is: own }];
      const after = steps.filter((other) => other.shutsOff.includes(id) && stateOf(other.id) === 'done');
      if (after.length > 0) return [id, { is: 'too-late', after: after.map((other) => other.id) }];
      const waitsFor = needs.filter((other) => steps.some((one) => one.id === other) && stateOf(other) === null);
      return [id, waitsFor.length > 0 ? { is: 'waits', for: waitsFor } : { is: 'ready' }];
    }),
  );
}

/** Steps that could not be done any more once this one is, and aren't done: what she is warned of before she ticks it. */
export const wouldShut = (
  { shutsOff }: Pick<Step, 'shutsOff'>,
  standings: ReadonlyMap<StepId, StepStanding>,
): StepId[] =>
  shutsOff.filter((id) => {
    const standing = standings.get(id);
    return standing !== undefined && (standing.is === 'ready' || standing.is === 'waits');
  });
