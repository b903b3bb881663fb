'use client';

import type { EmptyAndFull } from '@/core/emptyAndFull';
import { useBagNumbers } from '@/ui/bag/BagProvider';
import { Group } from '@/ui/bag/PlaceLayout';
import { BesideTable } from '@/ui/figures/BesideTable';

const NAMES: Record<EmptyAndFull['id'], string> = {
  width: 'Width, outside',
  height: 'Height to the mouth',
  thickness: 'Front to back, outside',
  gap: 'Gap at the mouth',
  cover: 'Flap down the front',
  share: 'Share of the front it covers',
  snap: 'Snap meets the front at',
};

const HEADS = ['The finished bag', 'Empty', 'Full', 'Differs by'];

/** How far the finished bag will differ between empty and full. */
export function EmptyFullGroup() {
  const sizes = useBagNumbers((state) => state.plan.emptyAndFull);
  if (sizes.length === 0) return null;
  return (
    <Group title="Empty, and full">
      <BesideTable
        testId="empty-full"
        heads={HEADS}
        rows={sizes.map(({ id, empty, full, differs }) => ({
          key: id,
          name: NAMES[id],
          one: empty,
          other: full,
          differs,
        }))}
      />
    </Group>
  );
}
