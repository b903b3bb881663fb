import { partKey, type MakingEvent, type MakingEventOf, type PartAt } from './makingEvent';

/** What passes between two events counts as work up to so many ms; longer, and she was away. From memory: few rows of a bag take longer. */
export const MOST_AT_WORK_MS = 20 * 60_000;

/** A row that was told sooner after the one before wasn't worked in that time: she was catching up, ms. From memory: no row of a bag takes less. */
export const LEAST_ROW_MS = 10_000;

/** How far a making is: all that follows from its events, however they came. */
export interface BenchState {
  /** Rows worked of each part, by its key; one that isn't begun is not in it. */
  rows: ReadonlyMap<string, number>;
  /** Steps that she has ticked or passed over. */
  steps: ReadonlyMap<string, 'done' | 'skipped'>;
  counts: readonly MakingEventOf<'count'>[];
  measured: readonly MakingEventOf<'measured'>[];
  notes: readonly MakingEventOf<'note'>[];
  /** What she said when it was finished; of several the last one stands. */
  finished: readonly MakingEventOf<'finished'>[];
  /** Time at work, ms. */
  workedMs: number;
  /** How long single rows took, ms, those that were told one right after the other. */
  rowMs: readonly { part: string; row: number; ms: number }[];
  isPaused: boolean;
  /** Told last: the part that is in hand; null before the first row. */
  inHand: PartAt | null;
  /** The highest number of an event, to go on from. */
  lastN: number;
}

/** In the order they were told: by number, and by name where two windows gave the same. */
const inOrder = (one: MakingEvent, other: MakingEvent): number =>
  one.n - other.n || (one.id < other.id ? -1 : one.id > other.id ? 1 : 0);

/**
 * How far a making is. It follows from the set of its events alone: neither their order nor how often each came changes anything, so what was queued on one device and
 * sent late, or twice, counts once. A row that two devices told is one row; where one takes back a row that it knew of, the other's stays.
 *
 * @example
 * benchState([{ kind: 'row', id: 'event-one', n: 1, atMs: 0, piece: 'panel', copy: 1, row: 7 }]).rows.get('panel.1') // => 7
 */
export function benchState(events: Iterable<MakingEvent>): BenchState {
  const known = new Map<string, MakingEvent>();
  const taken = new Set<string>();
  for (const event of events) {
    known.set(event.id, event);
    if (event.kind === 'back') event.takes.forEach((id) => taken.add(id));
  }
  const live = [...known.values()].filter(({ id }) => !taken.has(id)).sort(inOrder);
  const rows = new Map<string, number>();
  const steps = new Map<string, 'done' | 'skipped'>();
  let inHand: PartAt | null = null;
  for (const event of live) {
    if (event.kind === 'row') {
      const key = partKey(event);
      rows.set(key, Math.max(rows.get(key) ?? 0, event.row));
      inHand = { piece: event.piece, copy: event.copy };
    }
    if (event.kind === 'step') {
      if (event.as === 'open') steps.delete(event.step);
      else steps.set(event.step, event.as);
    }
  }
  const of = <K extends MakingEvent['kind']>(kind: K) =>
    live.filter((event): event is MakingEventOf<K> => event.kind === kind);
  return {
    rows,
    steps,
    counts: of('count'),
    measured: of('measured'),
    notes: of('note'),
    finished: of('finished'),
    ...timesOf([...known.values()].sort(inOrder), taken),
    inHand,
    lastN: [...known.values()].reduce((most, { n }) => Math.max(most, n), 0),
  };
}

/** The time at work: what lies between two events, unless it is longer than she works at a row, she had laid the work down, or a clock was set back. */
function timesOf(
  events: readonly MakingEvent[],
  taken: ReadonlySet<string>,
): Pick<BenchState, 'workedMs' | 'rowMs' | 'isPaused'> {
  let workedMs = 0;
  const rowMs: { part: string; row: number; ms: number }[] = [];
  let before: MakingEvent | null = null;
  for (const event of events) {
    const last: MakingEvent | null = before;
    before = event;
    if (last === null || last.kind === 'pause') continue;
    const ms = event.atMs - last.atMs;
    if (ms <= 0 || ms > MOST_AT_WORK_MS) continue;
    workedMs += ms;
    if (event.kind !== 'row' || last.kind !== 'row' || taken.has(event.id) || ms < LEAST_ROW_MS) continue;
    if (partKey(last) === partKey(event) && event.row === last.row + 1)
      rowMs.push({ part: partKey(event), row: event.row, ms });
  }
  return { workedMs, rowMs, isPaused: before?.kind === 'pause' };
}

/**
 * The names of what has to be taken back so that a part stands at so many rows.
 *
 * @param rows how many are to be left
 */
export function toTakeBack(events: Iterable<MakingEvent>, part: PartAt, rows: number): string[] {
  const all = [...events];
  const taken = new Set(all.flatMap((event) => (event.kind === 'back' ? event.takes : [])));
  return all
    .filter((event) => event.kind === 'row' && partKey(event) === partKey(part) && event.row > rows)
    .map(({ id }) => id)
    .filter((id) => !taken.has(id));
}
