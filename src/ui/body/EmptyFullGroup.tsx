'use client';

import { SimpleGrid } from '@chakra-ui/react';
import type { EmptyAndFull } from '@/core/emptyAndFull';
import { formatDifference } from '@/core/wording';
import { useBag, useBagBehind } from '@/ui/bag/BagProvider';
import { FoldedGroup } from '@/ui/bag/FoldedGroup';
import { BesideTable } from '@/ui/figures/BesideTable';
import { FigureTicket } from '@/ui/figures/FigureTicket';

const HEADS = ['The finished bag', 'Empty', 'Full', 'Differs by'];

/** How far the finished bag will differ between empty and full, and what it is when it is laid flat. */
export function EmptyFullGroup() {
  const sizes = useBagBehind('numbers', (state) => state.plan.emptyAndFull);
  const { flatThickness, flatDrop } = useBagBehind('numbers', (state) => state.plan.fold.figures);
  if (sizes.length === 0 && !flatThickness) return null;
  return (
    <FoldedGroup title="How does it change when it is full?" answer={sizes[0] && <FullAnswer size={sizes[0]} />}>
      {sizes.length > 0 && (
        <BesideTable
          testId="empty-full"
          heads={HEADS}
          rows={sizes.map(({ id, name, empty, full, differs }) => ({
            key: id,
            name,
            one: empty,
            other: full,
            differs,
          }))}
        />
      )}
      <SimpleGrid columns={3} gap="3" mt={flatThickness ? 3 : 0}>
        {flatThickness && <FigureTicket figure={flatThickness} />}
        {flatDrop && <FigureTicket figure={flatDrop} />}
      </SimpleGrid>
    </FoldedGroup>
  );
}

/** The first of what differs, in a line. */
function FullAnswer({ size: { name, differs } }: { size: EmptyAndFull }) {
  const unit = useBag((state) => state.design.settings.lengthUnit);
  return `${name}: ${formatDifference(differs.value, differs.unit, unit)}`;
}
