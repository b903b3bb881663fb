'use client';

import { Box } from '@chakra-ui/react';
import { useMemo, type ReactNode } from 'react';
import { patternOf, type PlainStrap, type StitchChoice } from '@/core/design';
import { plainStitchOf } from '@/core/stitches';
import { grownFigures, type PlainStrapStage } from '@/core/strap';
import { nameAt } from '@/core/fittings';
import { formatQuantity, grownStrapText, stepTexts, stitchName } from '@/core/wording';
import { strapDrawing } from '@/drawing';
import { useBag, useBagStore } from '@/ui/bag/BagProvider';
import { Group, Row } from '@/ui/bag/PlaceLayout';
import { StillView } from '@/ui/drawing/StillView';
import { AddOrTake, LengthField, NumberField } from '@/ui/fields';
import { useAllTyped } from '@/ui/fields/useAllTyped';
import { FigureTicket } from '@/ui/figures/FigureTicket';
import { FittingGroup, FittingTickets, TicketRow } from '@/ui/fittings/FittingGroup';

/** A plain strap: laid out to scale, its trial strip, what is to be worked, and what it would take up if it were grown from the body. */
export function PlainStrapParts({ strap, index }: { strap: PlainStrap; index: number }) {
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
      <FittingGroup choice={strap} at={stage.at} />
      <TrialStrip strap={strap} index={index}>
        <FigureTicket figure={figures.growth} />
        <FigureTicket figure={figures.rowHeight} />
      </TrialStrip>
      <Group title="To work">
        <FittingTickets group="straps" index={index} />
        <Box fontSize="14px">{feet?.what}</Box>
      </Group>
      <Group title="Grown from the body instead">
        <Box fontSize="14px" mb="2">
          {grownStrapText(stage, plan)}
        </Box>
        <TicketRow tickets={grownFigures(stage.grown).map((figure) => ({ figure }))} />
      </Group>
    </>
  );
}

/** The strap slack, and as it is worn, to one scale. */
function LaidOut({
  strap: { school, overlapMm },
  stage: { figures },
  length,
}: {
  strap: PlainStrap;
  stage: PlainStrapStage;
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
        {school === 'pulled' ? 'Pulled' : 'Reinforced'}, as worn: {length(wornMm)} between the feet
      </Box>
    </Box>
  );
}

/** A short trial of the strap: its rows, slack and pulled. Nothing of it is known before all three are measured. */
function TrialStrip({ strap, index, children }: { strap: PlainStrap; index: number; children: ReactNode }) {
  const design = useBag((state) => state.design);
  const store = useBagStore();
  const { sample } = strap;
  const edit = (path: (string | number)[], value: unknown) =>
    store.getState().edit('Trial strip', [{ path: ['straps', index, 'sample', ...path], value }]);
  const plain = plainStitchOf(patternOf(design)).id;
  const whole = useAllTyped(['rows', 'slackMm', 'pulledMm'], (measured) => edit([], { ...measured, stitch: plain }));
  const change = (key: 'rows' | 'slackMm' | 'pulledMm') => (value: number) =>
    sample === null ? whole.type(key, value) : edit([key], value);
  const shown = sample ?? whole.typed;
  return (
    <Group
      title={`Trial strip in ${stitchName(sample?.stitch ?? (plain as StitchChoice), design.settings.terms)}`}
      action={
        sample && (
          <AddOrTake
            label="Take its readings out"
            onClick={() => {
              whole.clear();
              edit([], null);
            }}
          />
        )
      }
    >
      <Row>
        <NumberField
          label="Its rows"
          width="6em"
          value={shown.rows ?? null}
          empty="not yet"
          onChange={change('rows')}
        />
        <LengthField label="Lying slack" valueMm={shown.slackMm ?? null} empty="not yet" onChange={change('slackMm')} />
        <LengthField
          label="Fully pulled"
          valueMm={shown.pulledMm ?? null}
          empty="not yet"
          onChange={change('pulledMm')}
        />
        {children}
      </Row>
    </Group>
  );
}
