'use client';

import { memo, useEffect, useMemo } from 'react';
import { bendLengths, edgesMeet } from '@/core/fold';
import type { Plan } from '@/core/plan';
import { JOIN_NAMES } from '@/core/wording';
import { useBagBehind, useBagStore } from '@/ui/bag/BagProvider';
import { FoldedGroup } from '@/ui/bag/FoldedGroup';
import { BesideTable } from '@/ui/figures/BesideTable';
import { HAND_RESTS_MS, useSettled } from '@/ui/bag/useSettled';

const HEADS = ['In the folded bag', 'Empty', 'Full'];

/** How long each sheet of every bend is, and how well the joined edges meet: for whoever asks. */
export const BendsGroup = () => (
  <FoldedGroup title="How it bends and meets" answer="sheet by sheet, edge by edge" lazy>
    <Bends />
  </FoldedGroup>
);

/** The bag is folded for it once more: it waits until the hand rests. */
function Bends() {
  const plan = useBagBehind('numbers', (state) => state.plan);
  return <BendsOf plan={useSettled(plan, HAND_RESTS_MS)} />;
}

const BendsOf = memo(function BendsOf({ plan }: { plan: Plan }) {
  const store = useBagStore();
  const rows = useMemo(
    () => [
      ...bendLengths(plan).map(({ bend, face, mark, label, empty, loaded }) => ({
        key: `${bend}.${face}`,
        name: label,
        mark,
        one: empty,
        other: loaded,
      })),
      ...edgesMeet(plan, JOIN_NAMES).map(({ join, empty, loaded }) => ({
        key: join,
        name: `${JOIN_NAMES[join]}: edges apart by`,
        mark: `seam.${join}`,
        one: empty,
        other: loaded,
      })),
    ],
    [plan],
  );
  useEffect(() => {
    store.getState().showBesides(
      'bends',
      rows.flatMap(({ one, other }) => [one, other]),
    );
  }, [rows, store]);
  if (rows.length === 0) return null;
  return <BesideTable testId="bends" heads={HEADS} rows={rows} />;
});
