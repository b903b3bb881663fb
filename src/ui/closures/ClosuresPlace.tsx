'use client';

import { Grid } from '@chakra-ui/react';
import { useBag } from '@/ui/bag/BagProvider';
import { PlaceLayout } from '@/ui/bag/PlaceLayout';
import { SectionView } from '@/ui/drawing/SectionView';
import { SheetView } from '@/ui/drawing/SheetView';
import { FoldedBagView } from '@/ui/folded/FoldedBagView';
import { FittingGroup, FittingTickets } from '@/ui/fittings/FittingGroup';
import { NotionRow } from '@/ui/notions/NotionRow';
import { NotionsProvider } from '@/ui/notions/NotionsProvider';
import { ProblemSlips } from '@/ui/problems/ProblemSlips';
import { AddClosure } from './AddClosure';
import { DrawnGroups } from './DrawnGroups';
import { OrderGraph } from './OrderGraph';

const HIDES = ['lining'] as const;
const MOVES = ['closures', 'hardware', 'trims'] as const;

/** What closes the bag: put on by its drawing, moved on the sheet, told by row, stitch and distance, empty and loaded. */
export function ClosuresPlace() {
  const closures = useBag((state) => state.design.closures);
  return (
    <NotionsProvider>
      <PlaceLayout title="Closures" drawing={<SheetView hide={HIDES} moves={MOVES} />}>
        <Grid templateColumns={{ base: 'minmax(0, 1fr)', md: 'minmax(0, 1fr) 180px' }} gap="4">
          <FoldedBagView heightPx={260} />
          <SectionView widthPx={180} heightPx={290} />
        </Grid>
        {closures.map((closure, index) => (
          <FittingGroup
            key={index}
            choice={closure}
            at={{ group: 'closures', index }}
            lead={<NotionRow choice={closure} at={{ group: 'closures', index }} />}
          >
            <FittingTickets group="closures" index={index} />
          </FittingGroup>
        ))}
        <ProblemSlips place="closures" />
        <AddClosure />
        <OrderGraph />
        <DrawnGroups group="hardware" />
        <DrawnGroups group="trims" />
      </PlaceLayout>
    </NotionsProvider>
  );
}
