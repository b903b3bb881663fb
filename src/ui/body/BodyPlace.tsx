'use client';

import { Button, Grid } from '@chakra-ui/react';
import { releaseRowsEdits } from '@/core/body';
import { formatQuantity } from '@/core/wording';
import { useBag, useBagBehind, useBagStore } from '@/ui/bag/BagProvider';
import { FoldedGroup } from '@/ui/bag/FoldedGroup';
import { Group, PlaceLayout } from '@/ui/bag/PlaceLayout';
import { SolutionsGroup } from '@/ui/solutions/SolutionsGroup';
import { SheetView } from '@/ui/drawing/SheetView';
import { SectionView } from '@/ui/drawing/SectionView';
import { FoldedBagView } from '@/ui/folded/FoldedBagView';
import { ProblemSlips } from '@/ui/problems/ProblemSlips';
import { BendsGroup } from './BendsGroup';
import { ConstructionGroup } from './ConstructionGroup';
import { CountsGroup } from './CountsGroup';
import { EdgingGroups } from './EdgingGroups';
import { EmptyFullGroup } from './EmptyFullGroup';
import { FlapGroup } from './FlapGroup';
import { FurtherSizes, Ledger } from './Ledger';
import { MakingsGroup } from './MakingsGroup';
import { FromLogbook } from '@/ui/logbook/FromLogbook';
import { SeamGroup } from './SeamGroup';

const PANEL_HIDES = ['lining'] as const;

/** What of the logbook is about seams. */
const SEAM = ['takeUp'] as const;

/** The heart: the flat panel with lines that move, the section beside it, and the ledger of finished sizes. */
export function BodyPlace() {
  return (
    <PlaceLayout title="Body" drawing={<SheetView movable hide={PANEL_HIDES} />}>
      <Grid templateColumns={{ base: 'minmax(0, 1fr)', md: 'minmax(0, 1fr) 180px' }} gap="4">
        <FoldedBagView heightPx={300} />
        <SectionView widthPx={180} heightPx={330} />
      </Grid>
      <ProblemSlips place="body" only="decide" />
      <ConstructionGroup />
      <Group title="Sizes">
        <Ledger />
        <ReleaseRows />
      </Group>
      <FlapGroup />
      <ProblemSlips place="body" only="mind" />
      <FoldedGroup title="More of its sizes" answer={<VolumeAnswer />}>
        <FurtherSizes />
      </FoldedGroup>
      <CountsGroup />
      <EdgingGroups />
      <SeamGroup />
      <EmptyFullGroup />
      <BendsGroup />
      <FromLogbook kinds={SEAM} />
      <SolutionsGroup />
      <MakingsGroup />
    </PlaceLayout>
  );
}

function VolumeAnswer() {
  const { volume } = useBagBehind('numbers', (state) => state.plan.fit.figures);
  const unit = useBag((state) => state.design.settings.lengthUnit);
  return `it holds ${formatQuantity(volume.value, volume.unit, unit)}`;
}

/** Once a line was moved by hand: the way back to rows that follow from the sizes. */
function ReleaseRows() {
  const chosen = useBag((state) => Object.values(state.design.body.chosenRows).some((rows) => rows !== null));
  const store = useBagStore();
  if (!chosen) return null;
  return (
    <Button
      mt="2"
      size="xs"
      variant="outline"
      bg="paper"
      onClick={() => store.getState().edit('Rows follow the sizes', releaseRowsEdits())}
    >
      You moved a line. Let the rows follow the sizes again
    </Button>
  );
}
