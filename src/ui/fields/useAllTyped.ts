import { useState } from 'react';
import type { FieldFault } from '@/core/design';

interface AllTyped<Key extends string> {
  /** What was typed so far and waits for the rest. */
  typed: Partial<Record<Key, number>>;
  /** Takes one of them; with the last one all are made into a change. */
  type: (key: Key, value: number) => FieldFault[];
  clear: () => void;
}

/**
 * Numbers that say something only together, as a count and the length it was counted over: each waits until all are typed, so that none
 * is invented beside one that was measured.
 *
 * @param known what is known of them before anything is typed
 */
export function useAllTyped<Key extends string>(
  keys: readonly Key[],
  commit: (all: Record<Key, number>) => FieldFault[],
  known: Partial<Record<Key, number>> = {},
): AllTyped<Key> {
  const [typed, setTyped] = useState(known);
  const type = (key: Key, value: number): FieldFault[] => {
    const next = { ...typed, [key]: value };
    if (keys.some((one) => next[one] === undefined)) {
      setTyped(next);
      return [];
    }
    const faults = commit(next as Record<Key, number>);
    if (faults.length === 0) setTyped({});
    return faults;
  };
  return { typed, type, clear: () => setTyped({}) };
}
