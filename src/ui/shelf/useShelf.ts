'use client';

import { useRef, useState } from 'react';
import { TYPING_MS } from '@/ui/library/library';
import { loadCards, type ShelfPart } from './shelfActions';

interface InSight extends ShelfPart {
  archived: boolean;
}

/** What of the shelf is in sight, and how more of it, another part, or what is searched for comes there. */
interface ShelfInSight extends InSight {
  search: string;
  find: (search: string) => void;
  /** Reads it anew; false where it can't be reached. */
  show: (archived: boolean) => Promise<boolean>;
  more: () => Promise<void>;
}

/** @param first the part that the page comes with */
export function useShelf(first: ShelfPart): ShelfInSight {
  const [shown, setShown] = useState<InSight>({ ...first, archived: false });
  const [search, setSearch] = useState('');
  const typing = useRef<ReturnType<typeof setTimeout>>(undefined);
  /** Grows with every question: an answer to an earlier one comes too late. */
  const asked = useRef(0);

  const read = async (archived: boolean, wanted: string): Promise<boolean> => {
    const mine = (asked.current += 1);
    const part = await loadCards({ offset: 0, archived, search: wanted });
    if (part && mine === asked.current) setShown({ ...part, archived });
    return part !== null;
  };
  const find = (wanted: string): void => {
    setSearch(wanted);
    clearTimeout(typing.current);
    typing.current = setTimeout(() => void read(shown.archived, wanted), TYPING_MS);
  };
  const more = async (): Promise<void> => {
    const mine = asked.current;
    const { archived, cards, unreadable } = shown;
    const part = await loadCards({ offset: cards.length + unreadable.length, archived, search });
    if (!part || mine !== asked.current) return;
    // A bag that was saved meanwhile has moved to the front, and one that was shown comes again.
    const known = new Set(cards.map(({ id }) => id));
    setShown({
      archived,
      total: part.total,
      cards: [...cards, ...part.cards.filter(({ id }) => !known.has(id))],
      unreadable: [...unreadable, ...part.unreadable],
    });
  };
  return { ...shown, search, find, show: (archived) => read(archived, search), more };
}
