import { useMemo } from 'react';
import type { Design } from '@/core/design';
import type { FoldWay } from '@/core/fold';
import type { Plan } from '@/core/plan';
import { folded, type Folded, type Shown, type UpTo } from '@/drawing';

/** The folded bag of a plan, folded anew only when something of it changes. */
export const useFolded = (
  { design, plan }: { design: Design; plan: Plan },
  { state, flap }: FoldWay,
  shown: Shown,
  upTo: UpTo = null,
): Folded =>
  useMemo(() => folded(design, plan, { state, flap }, shown, upTo), [design, plan, state, flap, shown, upTo]);
