'use client';

import { Box } from '@chakra-ui/react';
import { usualSnap, type Closure } from '@/core/design';
import { FITTING_WORDS } from '@/core/wording';
import { useBag, useBagStore } from '@/ui/bag/BagProvider';
import { Group } from '@/ui/bag/PlaceLayout';
import { AddOrTake } from '@/ui/fields';
import { FittingGroup, FittingTickets } from '@/ui/fittings/FittingGroup';

/** A closure as it is first put on, of every kind. */
const USUAL: Record<Closure['kind'], () => Closure> = { 'magnetic-snap': usualSnap };

/** What closes the bag: put on, taken off, placed; by row, stitch and distance, empty and loaded. */
export function ClosureGroups() {
  const closures = useBag((state) => state.design.closures);
  const hasFlap = useBag((state) => state.plan.flap.hasFlap);
  const store = useBagStore();
  if (closures.length === 0)
    return (
      <Group
        title="Closure"
        action={Object.entries(USUAL).map(([kind, usual]) => {
          const words = FITTING_WORDS.closures[kind];
          return (
            words && (
              <AddOrTake
                key={kind}
                label={words.add}
                onClick={() => store.getState().edit(words.added, [{ path: ['closures'], value: [usual()] }])}
              />
            )
          );
        })}
      >
        <Box fontSize="14px">{hasFlap ? 'The flap hangs free.' : 'Nothing closes the mouth.'}</Box>
      </Group>
    );
  return closures.map((closure, index) => (
    <FittingGroup key={closure.id} choice={closure} at={{ group: 'closures', index }}>
      <FittingTickets group="closures" index={index} />
    </FittingGroup>
  ));
}
