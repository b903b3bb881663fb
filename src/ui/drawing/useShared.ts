'use client';

import { useState } from 'react';
import { shareUnchanged } from '@/ui/bag/shareUnchanged';

/** A value in which what has not changed since the last time is the very same object, so that memoised parts hold still. */
export function useShared<T>(value: T): T {
  const [share] = useState(() => createSharer<T>());
  return share(value);
}

/** Remembers the last value it gave. Asked twice for the same value it gives the same answer. */
function createSharer<T>(): (value: T) => T {
  let kept: T | undefined;
  return (value) => {
    kept = shareUnchanged(kept, value);
    return kept;
  };
}
