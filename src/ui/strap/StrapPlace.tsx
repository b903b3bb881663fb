'use client';

import { Box } from '@chakra-ui/react';
import { useMemo, type ReactNode } from 'react';
import { patternOf, type PlainStrap, type StitchChoice } from '@/core/design';
import { plainStitchOf } from '@/core/stitches';
import { grownFigures } from '@/core/strap';
import { strapForCarrying } from '@/core/contents';
import { formatQuantity, grownStrapText, stepTexts, stitchName } from '@/core/wording';
import { strapDrawing } from '@/drawing';
import { useBag, useBagStore } from '@/ui/bag/BagProvider';
import { Group, PlaceLayout, Row } from '@/ui/bag/PlaceLayout';
import { SheetView } from '@/ui/drawing/SheetView';
import { StillView } from '@/ui/drawing/StillView';
import { AddOrTake, ChoiceField, LengthField, NumberField } from '@/ui/fields';
import { useAllTyped } from '@/ui/fields/useAllTyped';
import { FigureTicket } from '@/ui/figures/FigureTicket';
import { ProblemSlips } from '@/ui/problems/ProblemSlips';

/** The strap: how long it must be worked to be as long as it is worn, and where its feet go. */
export function StrapPlace() {
  const strap = useBag((state) => state.design.straps[0]);
  return (
    <PlaceLayout title="Strap" drawing={<SheetView hide={['hardware', 'lining']} />}>
      {strap ? <StrapPlan strap={strap} /> : <NoStrap />}
    </PlaceLayout>
  );
}

function NoStrap() {
  const store = useBagStore();
  const carried = useBag((state) => state.design.contents.carried);
  return (
    <Group
      title="No strap"
      action={
        <AddOrTake
          label="Add a plain strap"
          onClick={() =>
            store.getState().edit('Strap added', [{ path: ['straps'], value: [strapForCarrying(carried)] }])
          }
        />
      }
    >
      <Box>This bag is carried in the hand.</Box>
    </Group>
  );
}

function StrapPlan({ strap }: { strap: PlainStrap }) {
  const design = useBag((state) => state.design);
  const plan = useBag((state) => state.plan);
  const unit = useBag((state) => state.design.settings.lengthUnit);
  const store = useBagStore();
  const drawing = useMemo(() => strapDrawing(plan, strap.overlapMm), [plan, strap.overlapMm]);
  const stage = plan.strap;
  if (!stage || !drawing) return null;
  const { figures } = stage;
  const feet = stepTexts(design, plan).find(({ id }) => id === 'attach-strap');
  const set = (label: string, path: (string | number)[], value: unknown) =>
    store.getState().edit(label, [{ path: ['straps', 0, ...path], value }]);
  const length = (mm: number) => formatQuantity(mm, 'mm', unit);

  return (
    <>
      <Box bg="counterEdge" p="2">
        <Box fontSize="13px" px="2">
          As worked, lying slack: {length(figures.slackPlanned.value)}, its sewn ends hatched
        </Box>
        <StillView
          drawing={drawing}
          heightPx={92}
          label="The strap slack, and as it is worn, to one scale"
          marginPx={8}
        />
        <Box fontSize="13px" px="2">
          {strap.school === 'pulled' ? 'Pulled' : 'Reinforced'}, as worn: {length(figures.pulledPlanned.value)} between
          the feet
        </Box>
      </Box>
      <Group
        title="Plain strap, in short rows"
        action={
          <AddOrTake
            label="Take the strap off"
            onClick={() => store.getState().edit('Strap taken off', [{ path: ['straps'], value: [] }])}
          />
        }
      >
        <Row>
          <LengthField
            label="Width"
            width="5em"
            fine
            valueMm={strap.widthMm}
            onChange={(mm) => set('Strap width', ['widthMm'], mm)}
          />
          <LengthField
            label="Worn length"
            width="6em"
            help="Tape from foot to foot, over the shoulder."
            valueMm={strap.wornLengthMm}
            onChange={(mm) => set('Worn length', ['wornLengthMm'], mm)}
          />
          <LengthField
            label="Sewn down at each end"
            width="5em"
            fine
            valueMm={strap.overlapMm}
            onChange={(mm) => set('Overlap', ['overlapMm'], mm)}
          />
          <ChoiceField
            label="Measured"
            width="15em"
            value={strap.school}
            choices={[
              { value: 'pulled', label: 'Fully pulled' },
              { value: 'slack', label: 'Slack, reinforced inside' },
            ]}
            onChange={(value) => set('Strap measured', ['school'], value)}
          />
        </Row>
      </Group>
      <TrialStrip strap={strap}>
        <FigureTicket figure={figures.growth} />
        <FigureTicket figure={figures.rowHeight} />
      </TrialStrip>
      <Group title="To work">
        <Row>
          <FigureTicket figure={figures.slackToWork} mark="strap.slack" />
          <FigureTicket figure={figures.rows} />
          <FigureTicket figure={figures.stitches} />
          <FigureTicket figure={figures.startingChain} />
          <FigureTicket figure={figures.slackPlanned} mark="strap.slack" />
          <FigureTicket figure={figures.pulledPlanned} mark="strap.pulled" />
          <FigureTicket figure={figures.width} />
          <FigureTicket figure={figures.footRows} mark="strap.feet" />
        </Row>
        <Box fontSize="14px">{feet?.what}</Box>
      </Group>
      <Group title="Grown from the body instead">
        <Box fontSize="14px" mb="2">
          {grownStrapText(plan)}
        </Box>
        <Row>
          {grownFigures(stage.grown).map((figure) => (
            <FigureTicket key={figure.id} figure={figure} />
          ))}
        </Row>
      </Group>
      <ProblemSlips place="strap" />
    </>
  );
}

/** A short trial of the strap: its rows, slack and pulled. Nothing of it is known before all three are measured. */
function TrialStrip({ strap, children }: { strap: PlainStrap; children: ReactNode }) {
  const design = useBag((state) => state.design);
  const store = useBagStore();
  const { sample } = strap;
  const edit = (path: (string | number)[], value: unknown) =>
    store.getState().edit('Trial strip', [{ path: ['straps', 0, 'sample', ...path], value }]);
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
