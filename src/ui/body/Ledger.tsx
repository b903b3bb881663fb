'use client';

import { memo } from 'react';
import { wantedSizeEdits, type WantedSize } from '@/core/body';
import type { Figure } from '@/core/figures';
import { formatQuantity } from '@/core/wording';
import { useBag, useBagNumbers, useBagStore } from '@/ui/bag/BagProvider';
import { LengthField } from '@/ui/fields';
import { AskableNumber } from '@/ui/figures/FigureTicket';
import { showTheSame } from '@/ui/figures/showTheSame';

/** The ledger of finished sizes: wanted, planned with its ±, and by how much they differ. */
export function Ledger() {
  const { widthMm, heightMm } = useBag((state) => state.design.body);
  const dropMm = useBag((state) => state.design.flap.dropMm);
  const { width, height, heightLoaded } = useBagNumbers((state) => state.plan.pouch.figures);
  const { dropLoaded, dropEmpty } = useBagNumbers((state) => state.plan.flap.figures);
  return (
    <table className="ledger">
      <thead>
        <tr>
          {['Finished size', 'Wanted', 'Planned', 'Off by'].map((head) => (
            <th key={head} scope="col">
              {head}
            </th>
          ))}
        </tr>
      </thead>
      <tbody>
        <Line name="Width" size="width" wantedMm={widthMm} figure={width} />
        <Line name="Height, empty" size="height" wantedMm={heightMm} figure={height} />
        <Line name="Height, loaded" figure={heightLoaded} />
        <Line name="Flap drop, loaded" size="drop" wantedMm={dropMm} figure={dropLoaded} />
        <Line name="Flap drop, empty" figure={dropEmpty} />
      </tbody>
    </table>
  );
}

interface LineProps {
  name: string;
  figure: Figure;
  /** The size that can be wished for, and the wish. Absent for a size that only follows. */
  size?: WantedSize;
  wantedMm?: number;
}

const Line = memo(function Line({ name, figure, size, wantedMm }: LineProps) {
  const unit = useBag((state) => state.design.settings.lengthUnit);
  const off = wantedMm === undefined ? null : figure.value - wantedMm;
  return (
    <tr>
      <th scope="row">{name}</th>
      <td>{size !== undefined && wantedMm !== undefined && <Wanted name={name} size={size} mm={wantedMm} />}</td>
      <td>
        <AskableNumber figure={figure} />
      </td>
      <td className="ledger-off">
        {off !== null && `${off < 0 ? '−' : '+'}${formatQuantity(Math.abs(off), 'mm', unit)}`}
      </td>
    </tr>
  );
}, showTheSame);

const Wanted = memo(function Wanted({ name, size, mm }: { name: string; size: WantedSize; mm: number }) {
  const store = useBagStore();
  return (
    <LengthField
      label={`${name}, wanted`}
      hideLabel
      width="5.2em"
      valueMm={mm}
      onChange={(next) => store.getState().edit(`${name}, wanted`, wantedSizeEdits(size, next))}
    />
  );
});
