'use client';

import { Box } from '@chakra-ui/react';
import { useBag } from '@/ui/bag/BagProvider';
import { Group } from '@/ui/bag/PlaceLayout';
import { AddFitting, FittingGroup, FittingTickets } from '@/ui/fittings/FittingGroup';

/** What closes the bag: put on, taken off, placed; by row, stitch and distance, empty and loaded. */
export function ClosureGroups() {
  const closures = useBag((state) => state.design.closures);
  const hasFlap = useBag((state) => state.plan.flap.hasFlap);
  if (closures.length === 0)
    return (
      <Group title="Closure" action={<AddFitting group="closures" />}>
        <Box fontSize="14px">{hasFlap ? 'The flap hangs free.' : 'Nothing closes the mouth.'}</Box>
      </Group>
    );
  return closures.map((closure, index) => (
    <FittingGroup key={index} choice={closure} at={{ group: 'closures', index }}>
      <FittingTickets group="closures" index={index} />
    </FittingGroup>
  ));
}
