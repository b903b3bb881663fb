'use client';

import { Box, Stack } from '@chakra-ui/react';
import { PlaceLayout } from '@/ui/bag/PlaceLayout';
import { SectionView } from '@/ui/drawing/SectionView';
import { ProblemSlips } from '@/ui/problems/ProblemSlips';
import { HowCarriedGroup } from './HowCarriedGroup';
import { PackedView } from './PackedView';
import { PackingGroup } from './PackingGroup';
import { SizesGroup } from './SizesGroup';
import { ThingsGroup } from './ThingsGroup';

/** What goes in: the things packed in the bag's front and section, which of them sets each size, and how the bag is carried. */
export function CarryPlace() {
  return (
    <PlaceLayout
      ownHeight
      title="Carry"
      columns="minmax(0, 9fr) minmax(0, 11fr)"
      drawing={
        <Stack gap="3" height="full">
          <PackedView heightPx={340} />
          <Box mx="auto">
            <SectionView widthPx={220} heightPx={270} />
          </Box>
        </Stack>
      }
    >
      <ProblemSlips place="carry" />
      <ThingsGroup />
      <SizesGroup />
      <PackingGroup />
      <HowCarriedGroup />
    </PlaceLayout>
  );
}
