import { useEffect, useState } from 'react';

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
  return ms === 0 ? value : settled;
}
