'use client';

import { Box } from '@chakra-ui/react';
import { useMemo } from 'react';
import { usualLining, type FlatLining } from '@/core/design';
import { liningDrawing } from '@/drawing';
import { useBag, useBagStore } from '@/ui/bag/BagProvider';
import { Group, PlaceLayout, Row } from '@/ui/bag/PlaceLayout';
import { SheetView } from '@/ui/drawing/SheetView';
import { StillView } from '@/ui/drawing/StillView';
import { AddOrTake, LengthField } from '@/ui/fields';
import { FigureTicket } from '@/ui/figures/FigureTicket';

/** The lining: its cut piece with the pressing line and the panel it covers. */
export function LiningPlace() {
  const lining = useBag((state) => state.design.lining);
  const plan = useBag((state) => state.plan);
  const drawing = useMemo(() => liningDrawing(plan), [plan]);
  return (
    <PlaceLayout
      title="Lining"
      ownHeight={drawing !== null}
      drawing={
        drawing ? (
          <StillView
            drawing={drawing}
            heightPx={560}
            ruled
            label="The lining as cut, its pressing line dashed, the panel outlined"
          />
        ) : (
          <SheetView />
        )
      }
    >
      {lining ? <LiningPlan lining={lining} /> : <NoLining />}
    </PlaceLayout>
  );
}

function NoLining() {
  const store = useBagStore();
  return (
    <Group
      title="No lining"
      action={
        <AddOrTake
          label="Add a flat lining"
          onClick={() => store.getState().edit('Lining added', [{ path: ['lining'], value: usualLining() }])}
        />
      }
    >
      <Box>
        The crochet shows inside. A lining keeps small things from slipping through and hides the back of a snap.
      </Box>
    </Group>
  );
}

function LiningPlan({ lining }: { lining: FlatLining }) {
  const stage = useBag((state) => state.plan.lining);
  const store = useBagStore();
  if (!stage) return null;
  const set = (label: string, key: keyof FlatLining, value: number) =>
    store.getState().edit(label, [{ path: ['lining', key], value }]);
  const { pieces, turnUnder } = stage;
  return (
    <>
      <Group
        title="Flat lining"
        action={
          <AddOrTake
            label="Take the lining out"
            onClick={() => store.getState().edit('Lining taken out', [{ path: ['lining'], value: null }])}
          />
        }
      >
        <Row>
          <LengthField
            label="Cloth beyond the panel"
            fine
            width="5em"
            help="Usual: 12 to 25 mm."
            valueMm={lining.allowanceMm}
            onChange={(mm) => set('Lining allowance', 'allowanceMm', mm)}
          />
          <LengthField
            label="Edge inside the crochet’s"
            fine
            width="5em"
            valueMm={lining.insetMm}
            onChange={(mm) => set('Lining inset', 'insetMm', mm)}
          />
          <LengthField
            label="Cloth thickness"
            fine
            width="5em"
            help="Counts in the folds."
            valueMm={lining.thicknessMm}
            onChange={(mm) => set('Lining thickness', 'thicknessMm', mm)}
          />
        </Row>
      </Group>
      <Group title="Cut">
        <Row>
          {pieces.flatMap(({ cutWidth, cutLength }) =>
            [cutWidth, cutLength].map((figure) => <FigureTicket key={figure.id} figure={figure} mark="lining.cut" />),
          )}
        </Row>
        <Box fontSize="14px">Solid edge: cut here, along the grain.</Box>
      </Group>
      <Group title="Press">
        <Row>
          <FigureTicket figure={turnUnder} mark="lining.press" />
          {pieces.flatMap(({ finishedWidth, finishedLength }) =>
            [finishedWidth, finishedLength].map((figure) => (
              <FigureTicket key={figure.id} figure={figure} mark="lining.press" />
            )),
          )}
        </Row>
        <Box fontSize="14px">
          Dashed line: press the edges under here. The coloured line is the panel’s edge, a little outside it. Mind the
          hot iron.
        </Box>
      </Group>
    </>
  );
}
