'use client';

import { Box } from '@chakra-ui/react';
import type { ComponentType } from 'react';
import type { Strap } from '@/core/design';
import { useBag } from '@/ui/bag/BagProvider';
import { Group, PlaceLayout } from '@/ui/bag/PlaceLayout';
import { SheetView } from '@/ui/drawing/SheetView';
import { AddFitting, FittingGroup, FittingTickets } from '@/ui/fittings/FittingGroup';
import { ProblemSlips } from '@/ui/problems/ProblemSlips';
import { PlainStrapParts } from './PlainStrapParts';

/** Kinds that show more than their fields and tickets. */
const PARTS: { [Kind in Strap['kind']]?: ComponentType<{ strap: Extract<Strap, { kind: Kind }>; index: number }> } = {
  plain: PlainStrapParts,
};

/** The straps: how long each must be worked to be as long as it is worn, and where its feet go. */
export function StrapPlace() {
  const straps = useBag((state) => state.design.straps);
  return (
    <PlaceLayout title="Strap" drawing={<SheetView hide={['hardware', 'lining']} />}>
      {straps.length === 0 && (
        <Group title="No strap" action={<AddFitting group="straps" />}>
          <Box>This bag is carried in the hand.</Box>
        </Group>
      )}
      {straps.map((strap, index) => {
        const Parts = PARTS[strap.kind];
        return Parts ? (
          <Parts key={index} strap={strap} index={index} />
        ) : (
          <FittingGroup key={index} choice={strap} at={{ group: 'straps', index }}>
            <FittingTickets group="straps" index={index} />
          </FittingGroup>
        );
      })}
      {straps.length > 0 && <ProblemSlips place="strap" />}
    </PlaceLayout>
  );
}
