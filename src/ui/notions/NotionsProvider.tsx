'use client';

import { createContext, useContext, type ReactNode } from 'react';
import { notionSchema, type Notion } from '@/core/notions';
import { useLibrary, type LibraryShelf } from '@/ui/library/library';

const Notions = createContext<LibraryShelf<Notion> | null>(null);

/** Her own pieces, read once for all groups of a place. */
export function NotionsProvider({ children }: { children: ReactNode }) {
  return <Notions.Provider value={useLibrary('/api/notions', notionSchema)}>{children}</Notions.Provider>;
}

/** Her own pieces; null outside of the provider. */
export const useNotions = (): LibraryShelf<Notion> | null => useContext(Notions);
