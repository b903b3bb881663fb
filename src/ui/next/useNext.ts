import { useMemo } from 'react';
import { nextThings, type NextThing } from '@/core/whatNext';
import { useBagBehind } from '@/ui/bag/BagProvider';

/** All that the open bag asks, done or not, following like the numbers. */
export function useNextThings(): readonly NextThing[] {
  const { design, plan } = useBagBehind('numbers', (state) => ({ design: state.design, plan: state.plan }));
  return useMemo(() => nextThings(design, plan), [design, plan]);
}
