import type { BagState } from './ledger';

/** What came of something that was asked: done, refused in a sentence, or never answered. */
export type Outcome<T> = { done: T } | 'refused' | 'unanswered';

/** Where bags are worked on: through the server, or in the store itself. */
export interface Workplace {
  create(mark: string): Promise<Outcome<string>>;
  /** Saves a bag under a new mark, with a history that bears it too, and gives the new revision. */
  save(id: string, baseRevision: number, mark: string): Promise<Outcome<number>>;
  copy(id: string): Promise<Outcome<string>>;
  archive(id: string, archived: boolean): Promise<Outcome<true>>;
  /** How a bag is now, null where there is none; undefined where that could not be told. */
  look(id: string): Promise<BagState | null | undefined>;
}

/** Who is told of every step, before and after it. */
export interface Journal {
  ask(id: string, state: BagState): void;
  keep(id: string, state: BagState): void;
  refuse(id: string): void;
}

const COPY_ENDING = ' (copy)';
/** Names are cut for a copy at this length; marks stay under it. */
const LONGEST_MARK = 60;
const MOST_BAGS = 12;

/**
 * A maker's work: saves for the most part, new bags, copies and bags put away between them, one after the other on bags of her own.
 *
 * @param bags bags that she begins with, in the state they are in
 * @param markOf gives a mark that was never given before
 * @param isOver asked before each step
 * @param rest between two steps; none where it is left out
 * @returns how many steps were acknowledged; it ends with the first that is not answered
 */
export async function work(
  place: Workplace,
  journal: Journal,
  {
    bags,
    markOf,
    random,
    isOver,
    rest,
  }: {
    bags: Map<string, BagState>;
    markOf: () => string;
    random: () => number;
    isOver: () => boolean;
    rest?: (() => Promise<void>) | undefined;
  },
): Promise<number> {
  let acknowledged = 0;
  const appears = (id: string, mark: string) => {
    const state = { revision: 1, mark, historyMark: null, archived: false };
    journal.keep(id, state);
    if (bags.size >= MOST_BAGS) bags.delete(bags.keys().next().value as string);
    bags.set(id, state);
    acknowledged += 1;
  };
  while (!isOver()) {
    await rest?.();
    const known = [...bags];
    const [id, state] = known[Math.floor(random() * known.length)] ?? [];
    const choice = random();
    if (id === undefined || state === undefined || choice < 0.1) {
      const mark = markOf();
      const made = await place.create(mark);
      if (made === 'unanswered') break;
      if (made !== 'refused') appears(made.done, mark);
    } else if (choice < 0.2 && state.mark.length < LONGEST_MARK) {
      const copied = await place.copy(id);
      if (copied === 'unanswered') break;
      if (copied !== 'refused') appears(copied.done, state.mark + COPY_ENDING);
    } else {
      const archives = choice < 0.3;
      const mark = archives ? state.mark : markOf();
      const next: BagState = archives
        ? { ...state, archived: !state.archived }
        : { ...state, revision: state.revision + 1, mark, historyMark: mark };
      journal.ask(id, next);
      const outcome: Outcome<unknown> = archives
        ? await place.archive(id, next.archived)
        : await place.save(id, state.revision, mark);
      if (outcome === 'unanswered') break;
      if (outcome === 'refused') journal.refuse(id);
      else {
        journal.keep(id, next);
        bags.set(id, next);
        acknowledged += 1;
      }
    }
  }
  return acknowledged;
}
