import { useEffect, useState } from 'react';
import type { MakingEvent } from '@/core/bench';
import type { Design } from '@/core/design';
import type { MadeBag } from '@/core/logbook';
import type { Work } from '@/ui/workers/planningWorker';
import { useAnswer } from '@/ui/workers/useAnswer';

/** A bag with all that was told of its making. */
interface ToldBag {
  id: string;
  design: Design;
  events: MakingEvent[];
}

/** So many come at once. */
const PART = 10;

/** All bags of whose making something was told, read part after part; null where they can't be reached. */
async function readTold(): Promise<ToldBag[] | null> {
  const all: ToldBag[] = [];
  for (let offset = 0; ; offset += PART) {
    const response = await fetch(`/api/makings?offset=${offset}&limit=${PART}`, { cache: 'no-store' }).catch(
      () => null,
    );
    const answer = (await response?.json().catch(() => null)) as
      { makings?: ToldBag[]; total?: number } | null | undefined;
    if (!response?.ok || !answer?.makings) return null;
    all.push(...answer.makings);
    if (offset + PART >= (answer.total ?? 0)) return all;
  }
}

const askMade =
  (told: ToldBag[]): Work<MadeBag[]> =>
  (worker) =>
    worker.madeBags(told);

/** The logbook as it stands: on its way, out of reach, or all bags of whose making something was told, the one told of last first. */
export type Logbook = { is: 'coming' } | { is: 'away' } | { is: 'here'; bags: readonly MadeBag[] };

const NOTHING_YET: Logbook = { is: 'here', bags: [] };

/**
 * Reads the logbook; what its bags taught is worked out away from the screen.
 *
 * @param changed another one when it is to be read anew
 */
export function useLogbook(changed: unknown = null): Logbook {
  const [told, setTold] = useState<ToldBag[] | 'away' | null>(null);
  useEffect(() => {
    let isOver = false;
    void readTold().then((read) => {
      if (!isOver) setTold(read ?? 'away');
    });
    return () => {
      isOver = true;
    };
  }, [changed]);
  const { last } = useAnswer(told === 'away' || told?.length === 0 ? null : told, askMade);
  if (told === 'away') return { is: 'away' };
  if (told?.length === 0) return NOTHING_YET;
  return last === null ? { is: 'coming' } : { is: 'here', bags: last };
}
