import { useEffect, useState } from 'react';

/** A hand has come to rest after so many ms: followers of a drag come up to a third of a second apart. */
export const HAND_RESTS_MS = 450;

/**
 * A value once it has rested: while it goes on changing, the one before. The first is there at once.
 *
 * @param ms how long it must rest; nought follows at once
 */
export function useSettled<T>(value: T, ms: number): T {
  const [settled, setSettled] = useState(value);
  useEffect(() => {
    if (ms === 0) return;
    const timer = setTimeout(() => setSettled(value), ms);
    return () => clearTimeout(timer);
  }, [value, ms]);
  // Where it follows at once, it has settled: what it is held at afterwards is the last, not the first.
  if (ms === 0 && settled !== value) setSettled(value);
  return ms === 0 ? value : settled;
}
