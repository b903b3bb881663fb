'use client';

import { memo, type ReactNode } from 'react';
import type { FieldFault } from '@/core/design';
import { fittingAt, isSingle, pathOf, takeOffEdit, type FittingPlace } from '@/core/fittings';
import { ordinal, wordsOf, type Ticket } from '@/core/wording';
import { useBag, useBagBehind, useBagStore } from '@/ui/bag/BagProvider';
import { Group, Row } from '@/ui/bag/PlaceLayout';
import { AddOrTake, ChoiceField, LengthField, NumberField } from '@/ui/fields';
import { FigureTicket } from '@/ui/figures/FigureTicket';
import { CLOSURE_FIELDS } from './closureFields';
import type { FieldSpec } from './fieldSpec';
import { EDGING_FIELDS, LINING_FIELDS, STIFFENER_FIELDS, STRAP_FIELDS } from './fields';
import { HARDWARE_FIELDS } from './hardwareFields';
import { POCKET_FIELDS } from './pocketFields';
import { TRIM_FIELDS } from './trimFields';

type AnyChoice = { kind: string } & Record<string, unknown>;

/** The fields of every kind by group, whatever the choices are that they lead to. */
const FIELDS = {
  closures: CLOSURE_FIELDS,
  hardware: HARDWARE_FIELDS,
  straps: STRAP_FIELDS,
  pockets: POCKET_FIELDS,
  lining: LINING_FIELDS,
  stiffener: STIFFENER_FIELDS,
  edgings: EDGING_FIELDS,
  trims: TRIM_FIELDS,
} as unknown as Record<FittingPlace['group'], Record<string, readonly FieldSpec<AnyChoice>[]>>;

/** One thing that is put on the bag: its fields, what takes it off, and below them what follows. */
export function FittingGroup({
  choice,
  at,
  lead,
  children,
}: {
  choice: { kind: string };
  at: FittingPlace;
  /** What stands above its fields. */
  lead?: ReactNode;
  children?: ReactNode;
}) {
  const store = useBagStore();
  const { title, takeOff, takenOff } = wordsOf({ choice, at });
  const ofSoMany = useBag(({ design }) => (isSingle(at.group) ? 1 : design[at.group].length));
  return (
    <Group
      next={choice.kind === 'zipper' ? 'say-zipper-length' : undefined}
      title={ofSoMany === 1 ? title : `${title} (${ordinal(at.index + 1)} of ${ofSoMany})`}
      action={
        <AddOrTake
          label={takeOff}
          onClick={() => store.getState().edit(takenOff, [takeOffEdit(store.getState().design, at)])}
        />
      }
    >
      {lead}
      <FittingFields choice={choice as AnyChoice} group={at.group} index={at.index} />
      {children}
    </Group>
  );
}

/** The row of fields of one fitting, as its kind lists them. */
const FittingFields = memo(function FittingFields({ choice, group, index }: { choice: AnyChoice } & FittingPlace) {
  const store = useBagStore();
  const set = ({ path, change }: FieldSpec<AnyChoice>, value: unknown) =>
    store.getState().edit(change, [{ path: [...pathOf({ group, index }), path], value }]);
  return (
    <Row>
      {applying(FIELDS[group][choice.kind], choice).map((spec) => (
        <FittingField key={spec.path} spec={spec} choice={choice} set={(value) => set(spec, value)} />
      ))}
    </Row>
  );
});

/** The fields of a kind that apply to what is chosen. */
const applying = (specs: readonly FieldSpec<AnyChoice>[] = [], choice: AnyChoice) =>
  specs.filter(({ applies }) => applies?.(choice) ?? true);

interface FittingFieldProps {
  spec: FieldSpec<AnyChoice>;
  choice: AnyChoice;
  set: (value: unknown) => FieldFault[];
}

/** A field is drawn anew when its own choice is another; one whose offers follow from other choices, whenever those are. */
const sameField = (one: FittingFieldProps, other: FittingFieldProps): boolean =>
  one.spec === other.spec &&
  one.choice[one.spec.path] === other.choice[one.spec.path] &&
  !(one.spec.kind === 'choice' && typeof one.spec.choices === 'function');

/** One choice of a fitting. */
const FittingField = memo(function FittingField({ spec, choice, set }: FittingFieldProps) {
  const { label, width, help } = spec;
  const frame = { label, width, help };
  const kept = choice[spec.path];
  switch (spec.kind) {
    case 'length':
      return (
        <LengthField
          {...frame}
          fine={spec.fine}
          empty={spec.empty}
          valueMm={kept as number | null}
          onChange={set}
          onClear={spec.empty === undefined ? undefined : () => set(null)}
        />
      );
    case 'count':
      return (
        <NumberField
          {...frame}
          suffix={spec.suffix}
          empty={spec.empty}
          value={kept as number | null}
          onChange={set}
          onClear={spec.empty === undefined ? undefined : () => set(null)}
        />
      );
    case 'choice':
      return <FittingChoice spec={spec} choice={choice} set={set} />;
  }
}, sameField);

function FittingChoice({ spec, choice, set }: FittingFieldProps & { spec: { kind: 'choice' } }) {
  const { label, width, help, word, choices, as } = spec;
  const offered = useBag(({ design }) => (typeof choices === 'function' ? choices(design, choice) : choices));
  const kept = choice[spec.path];
  return (
    <ChoiceField
      {...{ label, width, help, word }}
      value={as ? as.shown(kept) : (kept as string)}
      choices={Object.entries(offered).map(([value, text]) => ({ value, label: text }))}
      onChange={(value) => set(as ? as.kept(value) : value)}
    />
  );
}

/** What follows from a fitting's choices, in rows of tickets; nothing where it could not be planned. */
export function FittingTickets({ group, index }: FittingPlace) {
  const stage = useBagBehind('numbers', (state) => fittingAt(state.plan.fittings, { group, index }));
  if (!stage) return null;
  return wordsOf(stage)
    .tickets(stage)
    .map((row, rowIndex) => <TicketRow key={rowIndex} tickets={row} />);
}

export function TicketRow({ tickets }: { tickets: readonly Ticket[] }) {
  return (
    <Row>
      {tickets.map(({ figure, ...rest }) => (
        <FigureTicket key={figure.id} figure={figure} {...rest} />
      ))}
    </Row>
  );
}
