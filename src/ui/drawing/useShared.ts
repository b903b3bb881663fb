'use client';

import { useState } from 'react';
import { shareUnchanged } from '@/ui/bag/shareUnchanged';

/** A value in which what has not changed since the last time is the very same object, so that memoised parts hold still. */
export function useShared<T>(value: T): T {
  const [kept, setKept] = useState(value);
  const shared = shareUnchanged(kept, value);
  if (shared !== kept) setKept(shared);
  return shared;
}
