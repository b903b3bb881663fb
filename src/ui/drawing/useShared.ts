'use client';

import { useState } from 'react';
import type { Drawing } from '@/drawing';
import { shareUnchanged } from '@/ui/bag/shareUnchanged';
import { shareDrawing } from './shareDrawing';

/** A value in which what has not changed since the last time is the very same object, so that memoised parts hold still. */
export function useShared<T>(value: T): T {
  const [share] = useState(() => createSharer<T>());
  return share(value);
}

/** The drawings, with every shape the same object as long as it is drawn as before: only what has changed is drawn anew. */
export function useSharedDrawings(drawings: Drawing[]): Drawing[] {
  const [share] = useState(() => {
    let kept: Drawing[] = [];
    return (next: Drawing[]) => (kept = next.map((drawing, index) => shareDrawing(kept[index], drawing)));
  });
  return share(drawings);
}

/** Remembers the last value it gave. Asked twice for the same value it gives the same answer. */
function createSharer<T>(): (value: T) => T {
  let kept: T | undefined;
  return (value) => {
    kept = shareUnchanged(kept, value);
    return kept;
  };
}
