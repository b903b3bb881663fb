'use client';

import { Box } from '@chakra-ui/react';
import dynamic from 'next/dynamic';
import type { WorkedStrap } from '@/core/design';
import { canGrow, grownFigures, type WorkedStrapStage } from '@/core/strap';
import type { LengthUnit } from '@/core/units';
import { formatQuantity, grownStrapText } from '@/core/wording';
import { useBag } from '@/ui/bag/BagProvider';
import { Group } from '@/ui/bag/PlaceLayout';
import { FigureTicket } from '@/ui/figures/FigureTicket';
import { TicketRow } from '@/ui/fittings/FittingGroup';
import { TrialStrip } from './TrialStrip';

/** Its room is kept while it is fetched, so that nothing below it moves. */
const StretchChart = dynamic(() => import('./StretchChart').then((module) => module.StretchChart), {
  ssr: false,
  loading: () => <Box height="220px" />,
});

/** What a strap has that is worked: its trial strip, and what it comes to under this bag. */
export function WorkedStrapParts({ strap, stage }: { strap: WorkedStrap; stage: WorkedStrapStage }) {
  const unit = useBag((state) => state.design.settings.lengthUnit);
  const { figures, at } = stage;
  return (
    <>
      <TrialStrip strap={strap} index={at.index}>
        <FigureTicket figure={figures.growth} />
        <FigureTicket figure={figures.rowHeight} />
      </TrialStrip>
      <UnderThisBag strap={strap} stage={stage} length={(mm) => formatQuantity(mm, 'mm', unit)} unit={unit} />
    </>
  );
}

/** Where it grows from the body; or what it would take up if it did, instead of being sewn on. */
export function GrownInstead({ stage }: { stage: WorkedStrapStage }) {
  const plan = useBag((state) => state.plan);
  if (!canGrow(stage.nature)) return null;
  return (
    <Group title={stage.choice.ends.kind === 'grown' ? 'Where it grows from the body' : 'Grown from the body instead'}>
      <Box fontSize="14px" mb="2">
        {grownStrapText(stage, plan)}
      </Box>
      <TicketRow tickets={grownFigures(stage.grown).map((figure) => ({ figure }))} />
    </Group>
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
              ` · ◇ this bag, ${length(stretchingMm * (1 + hanging.loadedShare.value))} of strap`}
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
