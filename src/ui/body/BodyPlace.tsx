'use client';

import { Box, Button, Grid } from '@chakra-ui/react';
import { releaseRowsEdits } from '@/core/body';
import { useBag, useBagStore } from '@/ui/bag/BagProvider';
import { Group, PlaceLayout, Row } from '@/ui/bag/PlaceLayout';
import { PanelView } from '@/ui/drawing/PanelView';
import { SectionView } from '@/ui/drawing/SectionView';
import { ChoiceField, LengthField, NumberField } from '@/ui/fields';
import { FigureTicket } from '@/ui/figures/FigureTicket';
import { ProblemSlips } from '@/ui/problems/ProblemSlips';
import { Ledger } from './Ledger';
import { SnapGroup } from './SnapGroup';

/** The heart: the flat panel with lines that move, the section beside it, and the ledger of finished sizes. */
export function BodyPlace() {
  const design = useBag((state) => state.design);
  const plan = useBag((state) => state.plan);
  const store = useBagStore();
  const { figures } = plan.pouch;
  const chosen = Object.values(design.body.chosenRows).some((rows) => rows !== null);

  return (
    <PlaceLayout title="Body" drawing={<PanelView movable hide={['lining']} />}>
      <Grid templateColumns={{ base: 'minmax(0, 1fr)', md: '180px minmax(0, 1fr)' }} gap="4">
        <Box>
          <SectionView widthPx={180} heightPx={300} />
        </Box>
        <Box>
          <Box overflowX="auto" tabIndex={0} role="region" aria-label="Finished sizes">
            <Ledger />
          </Box>
          {chosen && (
            <Button
              mt="2"
              size="xs"
              variant="outline"
              bg="paper"
              onClick={() => store.getState().edit('Rows follow the sizes', releaseRowsEdits())}
            >
              You moved a line. Let the rows follow the sizes again
            </Button>
          )}
        </Box>
      </Grid>
      <ProblemSlips place="body" />
      <Group title="Counts">
        <Row>
          <FigureTicket figure={figures.stitches} />
          <FigureTicket figure={figures.startingChain} />
          <FigureTicket figure={plan.flap.figures.totalRows} />
          <FigureTicket figure={figures.frontRows} mark="part.front" />
          <FigureTicket figure={figures.backRows} mark="part.back" />
          <FigureTicket figure={plan.flap.figures.bridgeRows} label="Rows over the top" mark="part.bridge" />
          <FigureTicket figure={plan.flap.figures.flapRows} mark="part.flap" />
          <FigureTicket figure={figures.baseFold} label="Base fold, from the start" mark="fold.base" />
          <FigureTicket figure={plan.flap.figures.topFold} label="Top fold, from the start" mark="fold.top" />
          <FigureTicket figure={figures.seamRows} mark="seam.sides" />
          <FigureTicket figure={figures.seamLength} mark="seam.sides" />
        </Row>
      </Group>
      <SnapGroup />
      <Group title="What it carries">
        <Row>
          <LengthField
            label="Load, thickest"
            fine
            width="4.5em"
            valueMm={design.contents.thicknessMm}
            onChange={(value) => store.getState().edit('Load', [{ path: ['contents', 'thicknessMm'], value }])}
          />
          <ChoiceField
            label="The load is"
            width="13em"
            help="Soft things round the top, a box up to the brim squares it."
            value={design.contents.firmness}
            choices={[
              { value: 'soft', label: 'Soft' },
              { value: 'stiff', label: 'Stiff, up to the brim' },
            ]}
            onChange={(value) => store.getState().edit('Load', [{ path: ['contents', 'firmness'], value }])}
          />
          <NumberField
            label="Each side seam takes"
            suffix="stitches"
            width="4.5em"
            help="Whipped: nothing to half a stitch."
            value={design.body.seam.takeUpStitches}
            onChange={(value) =>
              store.getState().edit('Seam take-up', [{ path: ['body', 'seam', 'takeUpStitches'], value }])
            }
          />
          <FigureTicket figure={plan.flap.figures.bridgeLoaded} />
          <FigureTicket figure={plan.flap.figures.bridgeEmpty} />
        </Row>
      </Group>
    </PlaceLayout>
  );
}
