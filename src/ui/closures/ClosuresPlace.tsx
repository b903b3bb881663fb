'use client';

import { Grid } from '@chakra-ui/react';
import { PlaceLayout } from '@/ui/bag/PlaceLayout';
import { SectionView } from '@/ui/drawing/SectionView';
import { SheetView } from '@/ui/drawing/SheetView';
import { FoldedBagView } from '@/ui/folded/FoldedBagView';
import { NotionsProvider } from '@/ui/notions/NotionsProvider';
import { ProblemSlips } from '@/ui/problems/ProblemSlips';
import { AddClosure } from './AddClosure';
import { DrawnGroups } from './DrawnGroups';
import { OrderGraph } from './OrderGraph';
import { PutOnGroups } from './PutOnGroup';

const HIDES = ['lining'] as const;
const MOVES = ['closures', 'hardware', 'trims'] as const;

/** What closes the bag: put on by its drawing, moved on the sheet, told by row, stitch and distance, empty and loaded. */
export function ClosuresPlace() {
  return (
    <NotionsProvider>
      <PlaceLayout title="Closures" drawing={<SheetView hide={HIDES} moves={MOVES} />}>
        <Grid templateColumns={{ base: 'minmax(0, 1fr)', md: 'minmax(0, 1fr) 180px' }} gap="4">
          <FoldedBagView heightPx={260} />
          <SectionView widthPx={180} heightPx={290} />
        </Grid>
        <PutOnGroups group="closures" />
        <ProblemSlips place="closures" />
        <AddClosure />
        <OrderGraph />
        <DrawnGroups group="hardware" />
        <DrawnGroups group="trims" />
      </PlaceLayout>
    </NotionsProvider>
  );
}
