import { useEffect, useState } from 'react';
import type { MakingEvent } from '@/core/bench';
import type { Design } from '@/core/design';
import type { MadeBag } from '@/core/logbook';
import { inWorker } from '@/ui/workers/planningWorker';

/** A bag of which something was told, and how far its making and its design have come. */
interface ToldOf {
  id: string;
  latest: number;
  revision: number;
}

/** A bag with all that was told of its making. */
interface ToldBag {
  id: string;
  design: Design;
  events: MakingEvent[];
}

/** So many are listed at once. */
const PART = 200;

/** What each bag taught, as it was worked out last, by how far it had come then: it is worked out once, for however many places ask. */
const known = new Map<string, { upTo: string; bag: MadeBag | null }>();

const upToOf = ({ latest, revision }: ToldOf): string => `${latest} ${revision}`;

/** What an address answers; null where it can't be reached, or refuses. */
async function asked<T>(address: string): Promise<T | null> {
  const response = await fetch(address, { cache: 'no-store' }).catch(() => null);
  return response?.ok ? ((await response.json().catch(() => null)) as T | null) : null;
}

async function listTold(): Promise<ToldOf[] | null> {
  const all: ToldOf[] = [];
  for (;;) {
    const part = await asked<{ makings: ToldOf[]; total: number }>(`/api/makings?offset=${all.length}&limit=${PART}`);
    if (!part) return null;
    all.push(...part.makings);
    if (part.makings.length === 0 || all.length >= part.total) return all;
  }
}

/** All bags of whose making something was told, the one told of last first; null where they can't be reached. */
async function readLogbook(): Promise<MadeBag[] | null> {
  const listed = await listTold();
  if (!listed) return null;
  const fresh = listed.filter((one) => known.get(one.id)?.upTo !== upToOf(one));
  const told: ToldBag[] = [];
  for (const { id } of fresh) {
    const whole = await asked<Omit<ToldBag, 'id'>>(`/api/makings/${id}`);
    if (whole) told.push({ id, ...whole });
  }
  if (told.length > 0) {
    const made = await inWorker(
      (worker) => worker.madeBags(told),
      () => {},
    ).result;
    if (made === null) return null;
    for (const one of fresh)
      known.set(one.id, { upTo: upToOf(one), bag: made.find(({ id }) => id === one.id) ?? null });
  }
  return listed.flatMap(({ id }) => known.get(id)?.bag ?? []);
}

/** The logbook as it stands: on its way, out of reach, or all bags of whose making something was told, the one told of last first. */
export type Logbook = { is: 'coming' } | { is: 'away' } | { is: 'here'; bags: readonly MadeBag[] };

/** Reads the logbook, once; what its bags taught is worked out away from the screen. */
export function useLogbook(): Logbook {
  const [logbook, setLogbook] = useState<Logbook>({ is: 'coming' });
  useEffect(() => {
    let isOver = false;
    void readLogbook().then((bags) => {
      if (!isOver) setLogbook(bags ? { is: 'here', bags } : { is: 'away' });
    });
    return () => {
      isOver = true;
    };
  }, []);
  return logbook;
}
