'use client';

import { memo } from 'react';
import { useBag } from '@/ui/bag/BagProvider';
import { FittingGroup, FittingTickets } from '@/ui/fittings/FittingGroup';
import { NotionRow } from '@/ui/notions/NotionRow';

/** One closure, piece of hardware or trim with its piece, its fields and what follows: drawn anew only when it itself is changed. */
export const PutOnGroup = memo(function PutOnGroup({
  group,
  index,
}: {
  group: 'closures' | 'hardware' | 'trims' | 'pockets';
  index: number;
}) {
  const choice: { kind: string } | undefined = useBag((state) => state.design[group][index]);
  if (!choice) return null;
  const at = { group, index } as const;
  return (
    <FittingGroup choice={choice} at={at} lead={<NotionRow choice={choice} at={at} />}>
      <FittingTickets group={group} index={index} />
    </FittingGroup>
  );
});

/** All of a group. */
export function PutOnGroups({ group }: { group: 'closures' | 'hardware' | 'trims' | 'pockets' }) {
  const count = useBag((state) => state.design[group].length);
  return Array.from({ length: count }, (_, index) => <PutOnGroup key={index} group={group} index={index} />);
}
