import { nanoid } from 'nanoid';
import { benchState, type MakingEvent } from '@/core/bench';
import type { BagNeeds } from '@/core/stock';
import type { Logbook } from '@/ui/logbook/readLogbook';

/** A bag that holds what it needs in the stores. */
export interface Holder {
  id: string;
  sinceMs: number;
  needs: BagNeeds;
}

/** Bags that hold something in the stores, the one that has longest first. */
export const holdersOf = (logbook: Logbook): Holder[] =>
  logbook.is !== 'here'
    ? []
    : logbook.bags
        .flatMap(({ id, holds }) => (holds ? [{ id, ...holds }] : []))
        .sort((one, other) => one.sinceMs - other.sinceMs);

/**
 * Holds what a bag needs in the stores, or gives it back.
 *
 * @returns whether that was kept
 */
export async function holdFor(bagId: string, holds: boolean): Promise<boolean> {
  try {
    const told = (await (await fetch(`/api/makings/${bagId}`, { cache: 'no-store' })).json()) as {
      events?: MakingEvent[];
    };
    if (!told.events) return false;
    const { lastN } = benchState(told.events);
    const event: MakingEvent = { kind: 'hold', id: nanoid(16), n: lastN + 1, atMs: Date.now(), holds };
    const response = await fetch(`/api/bags/${bagId}/making`, {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify({ events: [event] }),
    });
    return response.ok;
  } catch {
    return false;
  }
}
