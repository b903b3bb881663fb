'use client';

import { Table } from '@chakra-ui/react';
import { wantedSizeEdits, type WantedSize } from '@/core/body';
import type { Figure } from '@/core/figures';
import { formatQuantity } from '@/core/wording';
import { useBag, useBagStore } from '@/ui/bag/BagProvider';
import { LengthField } from '@/ui/fields';
import { AskableNumber } from '@/ui/figures/FigureTicket';

/** The ledger of finished sizes: wanted, planned with its ±, and by how much they differ. */
export function Ledger() {
  const design = useBag((state) => state.design);
  const plan = useBag((state) => state.plan);
  const { width, height, heightLoaded } = plan.pouch.figures;
  const { dropLoaded, dropEmpty } = plan.flap.figures;
  return (
    <Table.Root size="sm" variant="line" fontSize="14.5px">
      <Table.Header>
        <Table.Row bg="transparent">
          {['Finished size', 'Wanted', 'Planned', 'Off by'].map((head) => (
            <Table.ColumnHeader key={head} px="1" color="ink" borderColor="inkSoft">
              {head}
            </Table.ColumnHeader>
          ))}
        </Table.Row>
      </Table.Header>
      <Table.Body>
        <WantedLine name="Width" size="width" wantedMm={design.body.widthMm} figure={width} />
        <WantedLine name="Height, empty" size="height" wantedMm={design.body.heightMm} figure={height} />
        <PlannedLine name="Height, loaded" figure={heightLoaded} />
        <WantedLine name="Flap drop, loaded" size="drop" wantedMm={design.flap.dropMm} figure={dropLoaded} />
        <PlannedLine name="Flap drop, empty" figure={dropEmpty} />
      </Table.Body>
    </Table.Root>
  );
}

function WantedLine({
  name,
  size,
  wantedMm,
  figure,
}: {
  name: string;
  size: WantedSize;
  wantedMm: number;
  figure: Figure;
}) {
  const unit = useBag((state) => state.design.settings.lengthUnit);
  const store = useBagStore();
  const off = figure.value - wantedMm;
  return (
    <Line name={name} figure={figure} off={`${off < 0 ? '−' : '+'}${formatQuantity(Math.abs(off), 'mm', unit)}`}>
      <LengthField
        label={`${name}, wanted`}
        hideLabel
        width="5.2em"
        valueMm={wantedMm}
        onChange={(mm) => store.getState().edit(`${name}, wanted`, wantedSizeEdits(size, mm))}
      />
    </Line>
  );
}

const PlannedLine = ({ name, figure }: { name: string; figure: Figure }) => <Line name={name} figure={figure} off="" />;

function Line({
  name,
  figure,
  off,
  children,
}: {
  name: string;
  figure: Figure;
  off: string;
  children?: React.ReactNode;
}) {
  return (
    <Table.Row bg="transparent">
      <Table.Cell px="1" py="1" borderColor="counterEdge">
        {name}
      </Table.Cell>
      <Table.Cell px="1" py="1" borderColor="counterEdge">
        {children}
      </Table.Cell>
      <Table.Cell px="1" py="1" borderColor="counterEdge">
        <AskableNumber figure={figure} />
      </Table.Cell>
      <Table.Cell px="1" py="1" borderColor="counterEdge" whiteSpace="nowrap" fontVariantNumeric="tabular-nums">
        {off}
      </Table.Cell>
    </Table.Row>
  );
}
