'use client';

import { Box } from '@chakra-ui/react';
import { useMemo } from 'react';
import type { Lining } from '@/core/design';
import { wordsOf } from '@/core/wording';
import { liningDrawing } from '@/drawing';
import { useBag } from '@/ui/bag/BagProvider';
import { Group, PlaceLayout } from '@/ui/bag/PlaceLayout';
import { SheetView } from '@/ui/drawing/SheetView';
import { StillView } from '@/ui/drawing/StillView';
import { AddFitting, FittingGroup, TicketRow } from '@/ui/fittings/FittingGroup';

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
  return (
    <Group title="No lining" action={<AddFitting group="lining" />}>
      <Box>
        The crochet shows inside. A lining keeps small things from slipping through and hides the back of a snap.
      </Box>
    </Group>
  );
}

const AT = { group: 'lining', index: 0 } as const;

function LiningPlan({ lining }: { lining: Lining }) {
  const stage = useBag((state) => state.plan.lining);
  if (!stage) return null;
  const [cut, pressed] = wordsOf(stage).tickets(stage);
  return (
    <>
      <FittingGroup choice={lining} at={AT} />
      <Group title="Cut">
        <TicketRow tickets={cut ?? []} />
        <Box fontSize="14px">Solid edge: cut here, along the grain.</Box>
      </Group>
      <Group title="Press">
        <TicketRow tickets={pressed ?? []} />
        <Box fontSize="14px">
          Dashed line: press the edges under here. The coloured line is the panel’s edge, a little outside it. Mind the
          hot iron.
        </Box>
      </Group>
    </>
  );
}
