'use client';

import { Box } from '@chakra-ui/react';
import { memo } from 'react';
import { BODY_KINDS, usualBody } from '@/core/body';
import type { Body, BodyKind, FieldFault } from '@/core/design';
import { bodyIcon } from '@/drawing';
import { useBag, useBagBehind, useBagStore } from '@/ui/bag/BagProvider';
import { useShared } from '@/ui/drawing/useShared';
import { Group, Row } from '@/ui/bag/PlaceLayout';
import { ChoiceField, LengthField, NumberField } from '@/ui/fields';
import { useAllTyped } from '@/ui/fields/useAllTyped';
import { DrawnChoice } from '@/ui/fields/DrawnChoice';
import { FigureTicket } from '@/ui/figures/FigureTicket';

const NAMES: Record<BodyKind, string> = {
  'fold-over-strip': 'Folded strip',
  'boxed-corners': 'Boxed corners',
  'side-bands': 'Band in each side',
  gusset: 'With a gusset',
  'round-purse': 'Round, banded',
  'around-chain': 'Round a chain',
  'oval-base': 'Oval base',
};

const CHOICES = BODY_KINDS.map((value) => ({ value, label: NAMES[value], drawing: bodyIcon(value) }));

/** How the body is made, chosen by its drawing; what that construction asks for, and what only it has. */
export function ConstructionGroup() {
  const kind = useBag((state) => state.design.body.kind);
  const colour = useBag((state) => state.design.swatch.yarn.colour);
  const store = useBagStore();
  const choose = (value: BodyKind) => {
    const { design, plan, edit } = store.getState();
    const { widthMm, heightMm } = plan.contents.settled.body;
    edit(`Made as: ${NAMES[value]}`, [{ path: ['body'], value: usualBody(value, design.body, { widthMm, heightMm }) }]);
  };
  return (
    <Group title="How it is made">
      <DrawnChoice
        legend="How the body is made"
        name="construction"
        choices={CHOICES}
        value={kind}
        cloth={colour}
        scale={1.55}
        onChange={choose}
      />
      <OwnChoices />
      <OwnFigures />
    </Group>
  );
}

type Set = (field: string, value: unknown) => FieldFault[];

/** The choices that a construction has of its own. Counts and rows that are dragged are none of them: while they change the fields hold still. */
function OwnChoices() {
  const body = useBag((state) => state.design.body);
  const own = useShared<Body>({ ...body, chosenStitches: null, chosenRows: NO_ROWS });
  return <ChoicesOf body={own} />;
}

const NO_ROWS: Body['chosenRows'] = { front: null, back: null, bridge: null, flap: null };

const ChoicesOf = memo(function ChoicesOf({ body }: { body: Body }) {
  const store = useBagStore();
  const set: Set = (field, value) => store.getState().edit('How it is made', [{ path: ['body', field], value }]);
  return (
    <Row>
      {'workedFrom' in body && (
        <ChoiceField
          label="Worked from"
          width="11em"
          value={body.workedFrom}
          choices={[
            { value: 'front-edge', label: 'The front’s edge' },
            { value: 'flap-edge', label: 'The flap’s edge' },
          ]}
          onChange={(value) => set('workedFrom', value)}
        />
      )}
      {'depthMm' in body && <DepthField body={body} set={set} />}
      {'radiusMm' in body && (
        <LengthField
          label="Radius of the corners"
          width="5em"
          fine
          valueMm={body.radiusMm}
          onChange={(mm) => set('radiusMm', mm)}
        />
      )}
      {'openMm' in body && (
        <LengthField
          label="Opening, along the rim"
          width="6em"
          valueMm={body.openMm}
          onChange={(mm) => set('openMm', mm)}
        />
      )}
      {'gussetWorked' in body && (
        <ChoiceField
          label="Gusset worked"
          width="11em"
          value={body.gussetWorked}
          choices={[
            { value: 'crosswise', label: 'In short rows' },
            { value: 'lengthwise', label: 'In long rows' },
          ]}
          onChange={(value) => set('gussetWorked', value)}
        />
      )}
      {'bandJoined' in body && !('gussetWorked' in body && body.gussetWorked === 'lengthwise') && (
        <ChoiceField
          label={'gussetWorked' in body ? 'Gusset joined' : 'Band joined'}
          width="12em"
          value={body.bandJoined}
          choices={[
            { value: 'sewn', label: 'Sewn in' },
            { value: 'as-worked', label: 'As it is worked' },
          ]}
          onChange={(value) => set('bandJoined', value)}
        />
      )}
      {'stripTrial' in body && <TrialFields trial={body.stripTrial} set={set} />}
      {'start' in body && (
        <>
          <ChoiceField
            label="Begun with"
            width="12em"
            value={body.start}
            choices={[
              { value: 'chain', label: 'A chain, both sides' },
              { value: 'ring', label: 'A ring, sewn flat' },
            ]}
            onChange={(value) => set('start', value)}
          />
          {body.start === 'chain' && (
            <NumberField
              label="Added at each end"
              suffix="stitches"
              width="4em"
              value={body.endStitches}
              onChange={(value) => set('endStitches', value)}
            />
          )}
        </>
      )}
      {'rounds' in body && <JoinedOrSpiral value={body.rounds} set={set} />}
      {'narrowing' in body && <RoundFields body={body} set={set} />}
      {'increases' in body && <IncreaseField value={body.increases} onChange={(value) => set('increases', value)} />}
    </Row>
  );
});

/** Where a disc or an oval grows. */
export function IncreaseField({
  value,
  onChange,
}: {
  value: 'staggered' | 'stacked' | 'as-needed';
  onChange: (value: string) => void;
}) {
  return (
    <ChoiceField
      label="Increases"
      width="13em"
      value={value}
      choices={[
        { value: 'staggered', label: 'Staggered, for a circle' },
        { value: 'stacked', label: 'In line, with corners' },
        { value: 'as-needed', label: 'As the gauge needs' },
      ]}
      onChange={onChange}
    />
  );
}

/** The depth outside; where the sizes follow from what goes in, so does it. */
function DepthField({ body, set }: { body: Body & { depthMm: number }; set: Set }) {
  const follows = body.sizesFrom === 'contents';
  if (follows) return null;
  return (
    <LengthField label="Depth, outside" width="5em" valueMm={body.depthMm} onChange={(mm) => set('depthMm', mm)} />
  );
}

/** A short trial of the strip: its rows and its length. */
function TrialFields({ trial, set }: { trial: { rows: number; lengthMm: number } | null; set: Set }) {
  const store = useBagStore();
  const whole = useAllTyped(['rows', 'lengthMm'], (measured) => set('stripTrial', measured));
  const shown = trial ?? whole.typed;
  const change = (field: 'rows' | 'lengthMm', value: number) =>
    trial === null
      ? whole.type(field, value)
      : store.getState().edit('Trial strip', [{ path: ['body', 'stripTrial', field], value }]);
  return (
    <>
      <NumberField
        label="Trial strip, rows"
        suffix="rows"
        width="4.5em"
        value={shown.rows ?? null}
        empty="none"
        onChange={(value) => change('rows', value)}
        onClear={() => set('stripTrial', null)}
      />
      <LengthField
        label="Its length"
        width="5em"
        valueMm={shown.lengthMm ?? null}
        empty="none"
        onChange={(mm) => change('lengthMm', mm)}
        onClear={() => set('stripTrial', null)}
      />
    </>
  );
}

/** Whether each round is closed, or runs on into the next. */
function JoinedOrSpiral({ value, set }: { value: 'joined' | 'spiral'; set: Set }) {
  return (
    <ChoiceField
      label="Rounds"
      width="9em"
      value={value}
      choices={[
        { value: 'joined', label: 'Joined' },
        { value: 'spiral', label: 'In a spiral' },
      ]}
      onChange={(value) => set('rounds', value)}
    />
  );
}

/** How the mouth is narrowed, and how far the rounds were seen to walk. */
function RoundFields({ body, set }: { body: Extract<Body, { kind: 'around-chain' | 'oval-base' }>; set: Set }) {
  const store = useBagStore();
  const { roundWalk } = body;
  const whole = useAllTyped(['rounds', 'stitches'], (measured) => set('roundWalk', measured));
  const shown = roundWalk ?? whole.typed;
  const walk = (field: 'rounds' | 'stitches', value: number) =>
    roundWalk === null
      ? whole.type(field, value)
      : store.getState().edit('Walk of the rounds', [{ path: ['body', 'roundWalk', field], value }]);
  return (
    <>
      <NumberField
        label="Last round joins one of"
        suffix="pairs"
        width="4.5em"
        value={body.narrowing}
        empty="none"
        onChange={(value) => set('narrowing', value)}
        onClear={() => set('narrowing', null)}
      />
      <NumberField
        label="Start has walked"
        suffix="stitches"
        width="4.5em"
        value={shown.stitches ?? null}
        empty="not yet"
        onChange={(value) => walk('stitches', value)}
        onClear={() => set('roundWalk', null)}
      />
      <NumberField
        label="over"
        suffix="rounds"
        width="4.5em"
        value={shown.rounds ?? null}
        empty="none"
        onChange={(value) => walk('rounds', value)}
        onClear={() => set('roundWalk', null)}
      />
    </>
  );
}

/** The figures that only this construction has. */
function OwnFigures() {
  const own = useBagBehind('numbers', (state) => state.plan.pouch.own);
  const depth = useBagBehind('numbers', (state) => state.plan.pouch.figures.depth);
  if (own.length === 0 && !depth) return null;
  return (
    <Box>
      <Row>
        {own.map((figure) => (
          <FigureTicket key={figure.id} figure={figure} />
        ))}
      </Row>
    </Box>
  );
}
