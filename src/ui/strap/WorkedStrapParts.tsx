'use client';

import { Box } from '@chakra-ui/react';
import dynamic from 'next/dynamic';
import { useMemo } from 'react';
import type { WorkedStrap } from '@/core/design';
import { grownFigures, type WorkedStrapStage } from '@/core/strap';
import { nameAt } from '@/core/fittings';
import type { LengthUnit } from '@/core/units';
import { formatQuantity, grownStrapText, stepTexts } from '@/core/wording';
import { strapDrawing } from '@/drawing';
import { useBag } from '@/ui/bag/BagProvider';
import { Group } from '@/ui/bag/PlaceLayout';
import { StillView } from '@/ui/drawing/StillView';
import { FigureTicket } from '@/ui/figures/FigureTicket';
import { FittingGroup, FittingTickets, TicketRow } from '@/ui/fittings/FittingGroup';
import { StrapKindRow } from './StrapKindRow';
import { TrialStrip } from './TrialStrip';

/** Its room is kept while it is fetched, so that nothing below it moves. */
const StretchChart = dynamic(() => import('./StretchChart').then((module) => module.StretchChart), {
  ssr: false,
  loading: () => <Box height="220px" />,
});

/** A worked strap: laid out to scale, its trial strip, what is to be worked, and what it would take up if it were grown from the body. */
export function WorkedStrapParts({ strap, index }: { strap: WorkedStrap; index: number }) {
  const design = useBag((state) => state.design);
  const plan = useBag((state) => state.plan);
  const unit = useBag((state) => state.design.settings.lengthUnit);
  const stage = plan.straps.find(({ at }) => at.index === index);
  if (!stage) return null;
  const { figures } = stage;
  const feet = stepTexts(design, plan).find(({ id }) => id === nameAt(stage.at, 'attach-strap'));
  const length = (mm: number) => formatQuantity(mm, 'mm', unit);
  return (
    <>
      <LaidOut strap={strap} stage={stage} length={length} />
      <FittingGroup choice={strap} at={stage.at} lead={<StrapKindRow kind={strap.kind} index={index} />} />
      <TrialStrip strap={strap} index={index}>
        <FigureTicket figure={figures.growth} />
        <FigureTicket figure={figures.rowHeight} />
      </TrialStrip>
      <UnderThisBag strap={strap} stage={stage} length={length} unit={unit} />
      <Group title="To work">
        <FittingTickets group="straps" index={index} />
        <Box fontSize="14px">{feet?.what}</Box>
      </Group>
      {stage.nature.lie === 'across' && (
        <Group title="Grown from the body instead">
          <Box fontSize="14px" mb="2">
            {grownStrapText(stage, plan)}
          </Box>
          <TicketRow tickets={grownFigures(stage.grown).map((figure) => ({ figure }))} />
        </Group>
      )}
    </>
  );
}

const WORN: Readonly<Record<WorkedStrap['school'], string>> = {
  pulled: 'Pulled',
  loaded: 'Under this bag',
  slack: 'Reinforced',
};

/** The strap slack, and as it is worn, to one scale. */
function LaidOut({
  strap: { school, overlapMm },
  stage: { figures },
  length,
}: {
  strap: WorkedStrap;
  stage: WorkedStrapStage;
  length: (mm: number) => string;
}) {
  const [slackMm, wornMm, widthMm] = [figures.slackPlanned.value, figures.pulledPlanned.value, figures.width.value];
  const drawing = useMemo(
    () => strapDrawing({ slackMm, wornMm, widthMm, overlapMm }),
    [slackMm, wornMm, widthMm, overlapMm],
  );
  return (
    <Box bg="counterEdge" p="2">
      <Box fontSize="13px" px="2">
        As worked, lying slack: {length(slackMm)}, its sewn ends hatched
      </Box>
      <StillView
        drawing={drawing}
        heightPx={92}
        label="The strap slack, and as it is worn, to one scale"
        marginPx={8}
      />
      <Box fontSize="13px" px="2">
        {WORN[school]}, as worn: {length(wornMm)} between the feet
      </Box>
    </Box>
  );
}

/** How it stretches, and what comes of that under what this bag carries. */
function UnderThisBag({
  strap: { kind, school, sample: trial },
  stage: { curve, load, hanging, stretchingMm },
  length,
  unit,
}: {
  strap: WorkedStrap;
  stage: WorkedStrapStage;
  length: (mm: number) => string;
  unit: LengthUnit;
}) {
  const sample = trial?.of === kind ? trial : null;
  const rest = hanging && [hanging.pull, hanging.loadedLength, hanging.loadedWidth, hanging.crept, hanging.drop];
  return (
    <Group title="Under this bag">
      {school !== 'slack' && (
        <>
          <StretchChart
            slackMm={stretchingMm}
            sample={sample}
            curve={curve}
            pullG={hanging?.pull.value ?? null}
            unit={unit}
          />
          <Box fontSize="13px" px="2" mb="2">
            {sample
              ? '● the trial strip’s readings, as long as the strap'
              : 'No trial strip of this kind: the curve is a guess'}
            {hanging?.loadedShare &&
              ` · ◇ this bag, ${length(stretchingMm * (1 + hanging.loadedShare.value))} between the feet`}
          </Box>
        </>
      )}
      {rest ? (
        <TicketRow tickets={[load.mass, ...rest].flatMap((figure) => (figure ? [{ figure }] : []))} />
      ) : (
        <Box fontSize="14px">
          Give what goes in a weight in Carry, and you will see what the strap comes to under it.
        </Box>
      )}
    </Group>
  );
}
