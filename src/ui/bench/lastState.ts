import { get, set } from 'idb-keyval';

/** What was told of a making as it was known last, kept in the browser so that a bench that opens without the server shows it. */
export interface LastState {
  load(bagId: string): Promise<unknown>;
  save(bagId: string, events: readonly unknown[]): Promise<void>;
}

const key = (bagId: string): string => `ruelle.making.last.${bagId}`;

/** In the browser's database (W3C, Indexed Database API); where it has none, or no room, nothing is kept. */
export const browserLastState: LastState = {
  load: (bagId) => get(key(bagId)).catch(() => undefined),
  save: (bagId, events) => set(key(bagId), events).catch(() => undefined),
};
