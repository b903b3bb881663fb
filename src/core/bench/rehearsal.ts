import type { Step, StepId } from '@/core/making';
import { partKey, type PartAt } from './makingEvent';
import { partsToWork, rowsDone, type PartToWork, type ToCount } from './parts';
import { stepsByRows } from './stepStates';

/** A moment of a making: a row is worked, or a step is done. */
export type Moment = { kind: 'row'; part: PartAt; row: number } | { kind: 'step'; step: StepId };

/** Steps that join a strip between two others, and the strips. */
const JOINING: ReadonlySet<StepId> = new Set(['join-gusset-front', 'join-side-bands', 'join-band']);
const JOINED_AS_WORKED: ReadonlySet<PartAt['piece']> = new Set(['gusset', 'band']);

/** Rows of a part after which a step may be done: no other row ends one. */
function endsOf({ of, rowCount }: PartToWork): Set<number> {
  const ends = of.kind === 'rows' ? [...of.zones.map(({ toRow }) => toRow), of.roundCount - 1, of.roundCount] : [];
  return new Set([1, rowCount, ...ends]);
}

/**
 * The whole making, moment by moment, in the order of its steps: each row where the step comes that it belongs to, then the step itself.
 *
 * @returns every row of every part once, and every step once
 */
export function rehearsal(plan: ToCount & { steps: readonly Step[] }): Moment[] {
  const parts = partsToWork(plan);
  const rows = new Map<string, number>();
  const moments: Moment[] = [];
  const workOn = (part: PartAt) => {
    const row = rowsDone({ rows }, part) + 1;
    rows.set(partKey(part), row);
    moments.push({ kind: 'row', part: { piece: part.piece, copy: part.copy }, row });
  };
  const isByRows = new Set(stepsByRows(parts, { rows: new Map(parts.map((part) => [partKey(part), part.rowCount])) }));
  for (const { id } of plan.steps) {
    // A strip that is joined as it is worked is worked when it is joined.
    if (JOINING.has(id))
      for (const part of parts)
        while (JOINED_AS_WORKED.has(part.piece) && rowsDone({ rows }, part) < part.rowCount) workOn(part);
    // What rows do is done by the first rows that do it, in the order in which the pieces are worked.
    const own = parts.filter(({ step }) => step === id);
    while (isByRows.has(id) && !stepsByRows(parts, { rows }).has(id)) {
      const next = (own.length > 0 ? own : parts).find((part) => rowsDone({ rows }, part) < part.rowCount);
      if (!next) break;
      const ends = endsOf(next);
      do workOn(next);
      while (!ends.has(rowsDone({ rows }, next)));
    }
    moments.push({ kind: 'step', step: id });
  }
  for (const part of parts) while (rowsDone({ rows }, part) < part.rowCount) workOn(part);
  return moments;
}

/** How far a making is after so many of its moments. */
export function rehearsedUpTo(
  moments: readonly Moment[],
  count: number,
): { rows: Map<string, number>; steps: Set<StepId> } {
  const rows = new Map<string, number>();
  const steps = new Set<StepId>();
  for (const moment of moments.slice(0, count)) {
    if (moment.kind === 'row') rows.set(partKey(moment.part), moment.row);
    else steps.add(moment.step);
  }
  return { rows, steps };
}
