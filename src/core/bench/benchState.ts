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
  /** What testers of its pattern found. */
  tested: readonly MakingEventOf<'tested'>[];
  /** Since when what it needs is held for it in the stores, ms; null where it isn't. */
  heldMs: number | null;
  /** Time at work, ms. */
  workedMs: number;
  /** How long single rows took, ms, those that were told one right after the other. */
  rowMs: readonly { part: string; row: number; ms: number }[];
  isPaused: boolean;
  /** Told last: the part that is in hand; null before the first row. */
  inHand: PartAt | null;
  /** The highest number of an event, to go on from. */
  lastN: number;
  /** What was told last of the work, taken back or not; null before anything was. */
  lastTold: MakingEvent | null;
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
  let heldMs: number | null = null;
  for (const event of live) {
    if (event.kind === 'row') {
      const key = partKey(event);
      rows.set(key, Math.max(rows.get(key) ?? 0, event.row));
      inHand = { piece: event.piece, copy: event.copy };
    }
    if (event.kind === 'hold') heldMs = event.holds ? (heldMs ?? event.atMs) : null;
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
    tested: of('tested'),
    heldMs,
    ...timesOf(known, taken),
    inHand,
    lastN: [...known.values()].reduce((most, { n }) => Math.max(most, n), 0),
  };
}

/**
 * The same once one more row is told, without going through all that was told before; null where that has to be done, since the row is not the last of all.
 *
 * @example
 * benchStateWith(benchState([]), { kind: 'row', id: 'event-one', n: 1, atMs: 0, piece: 'panel', copy: 1, row: 7 })?.rows.get('panel.1') // => 7
 */
export function benchStateWith(state: BenchState, event: MakingEvent): BenchState | null {
  if (event.kind !== 'row' || event.n <= state.lastN) return null;
  const key = partKey(event);
  const { workedMs, rowMs } = timeBetween(state.lastTold, event);
  return {
    ...state,
    rows: new Map(state.rows).set(key, Math.max(state.rows.get(key) ?? 0, event.row)),
    inHand: { piece: event.piece, copy: event.copy },
    workedMs: state.workedMs + workedMs,
    rowMs: rowMs ? [...state.rowMs, rowMs] : state.rowMs,
    isPaused: false,
    lastN: event.n,
    lastTold: event,
  };
}

/** The time at work, of events in their order; rows that were taken back are timed by none. */
function timesOf(
  known: ReadonlyMap<string, MakingEvent>,
  taken: ReadonlySet<string>,
): Pick<BenchState, 'workedMs' | 'rowMs' | 'isPaused' | 'lastTold'> {
  let total = 0;
  const rows: BenchState['rowMs'][number][] = [];
  let lastTold: MakingEvent | null = null;
  for (const event of [...known.values()].sort(inOrder)) {
    // Nothing of it is work.
    if (event.kind === 'hold' || event.kind === 'tested') continue;
    const { workedMs, rowMs } = timeBetween(lastTold, event);
    lastTold = event;
    total += workedMs;
    if (rowMs && !taken.has(event.id)) rows.push(rowMs);
  }
  return { workedMs: total, rowMs: rows, isPaused: lastTold?.kind === 'pause', lastTold };
}

/** What lies between two events, unless it is longer than she works at a row, she had laid the work down, or a clock was set back; and the row that took it. */
function timeBetween(
  last: MakingEvent | null,
  event: MakingEvent,
): { workedMs: number; rowMs: BenchState['rowMs'][number] | null } {
  const ms = last === null || last.kind === 'pause' ? 0 : event.atMs - last.atMs;
  if (ms <= 0 || ms > MOST_AT_WORK_MS) return { workedMs: 0, rowMs: null };
  const isNext =
    event.kind === 'row' &&
    last?.kind === 'row' &&
    ms >= LEAST_ROW_MS &&
    partKey(last) === partKey(event) &&
    event.row === last.row + 1;
  return { workedMs: ms, rowMs: isNext ? { part: partKey(event), row: event.row, ms } : null };
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
