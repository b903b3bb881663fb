'use client';

import { Box } from '@chakra-ui/react';
import { useMemo } from 'react';
import { isWorkedStrap, type Strap } from '@/core/design';
import { nameAt } from '@/core/fittings';
import { isWorkedStage, laidStrap, type StrapStage } from '@/core/strap';
import { stepTexts, strapHeads, strapText, strapWay } from '@/core/wording';
import { strapDrawing } from '@/drawing';
import { useBag } from '@/ui/bag/BagProvider';
import { HAND_RESTS_MS, useSettled } from '@/ui/bag/useSettled';
import { Group } from '@/ui/bag/PlaceLayout';
import { DrawingTwin } from '@/ui/drawing/DrawingTwin';
import { StillView } from '@/ui/drawing/StillView';
import { FittingGroup, FittingTickets } from '@/ui/fittings/FittingGroup';
import { HungParts } from './HungParts';
import { StrapKindRow } from './StrapKindRow';
import { GrownInstead, WorkedStrapParts } from './WorkedStrapParts';

/** A strap: laid out to scale, what it is, how it hangs, and what is to be worked or cut. What can't be planned keeps its fields. */
export function StrapParts({ strap, index }: { strap: Strap; index: number }) {
  const design = useBag((state) => state.design);
  const plan = useBag((state) => state.plan);
  const at = { group: 'straps', index } as const;
  const stage = plan.straps.find((one) => one.at.index === index);
  const worked = stage && isWorkedStage(stage) ? stage : null;
  const feet = stepTexts(design, plan).find(({ id }) => id === nameAt(at, 'attach-strap'));
  return (
    <>
      {stage && <LaidOut stage={stage} />}
      <FittingGroup choice={strap} at={at} lead={<StrapKindRow strap={strap} index={index} />} />
      <HungParts strap={strap} stage={stage} index={index} />
      {worked && isWorkedStrap(strap) && <WorkedStrapParts strap={strap} stage={worked} />}
      {stage && (
        <Group title={worked ? 'To work' : 'To buy and to cut'}>
          <FittingTickets group="straps" index={index} />
          <Box fontSize="14px">{feet?.what}</Box>
        </Group>
      )}
      {worked && <GrownInstead stage={worked} />}
    </>
  );
}

/** The strap slack, and as it is worn with all that holds it, to one scale. */
function LaidOut({ stage }: { stage: StrapStage }) {
  const unit = useBag((state) => state.design.settings.lengthUnit);
  const drawing = useMemo(() => strapDrawing(laidStrap(stage)), [stage]);
  const { slack, worn } = strapHeads(stage, unit);
  const way = strapWay(stage, unit);
  const rested = useSettled(stage, HAND_RESTS_MS);
  const inWords = useMemo(() => strapText(rested, unit), [rested, unit]);
  const { index } = stage.at;
  return (
    <Box bg="counterEdge" p="2">
      <Box fontSize="13px" px="2">
        {slack}, what its ends take hatched
      </Box>
      <StillView
        drawing={drawing}
        heightPx={92}
        label="The strap slack, and as it is worn, to one scale"
        marginPx={8}
      />
      <DrawingTwin label={index > 0 ? `Strap ${index + 1} in words` : 'The strap in words'} parts={inWords} />
      <Box fontSize="13px" px="2">
        {worn}
        {way && `: ${way}`}
      </Box>
    </Box>
  );
}
