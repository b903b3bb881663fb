'use client';

import { memo } from 'react';
import { heightRemedy, wantedSizeEdits, widthRemedy, type WantedSize } from '@/core/body';
import { type Figure } from '@/core/figures';
import { useBag, useBagBehind, useBagStore } from '@/ui/bag/BagProvider';
import { LengthField } from '@/ui/fields';
import { AskableNumber } from '@/ui/figures/FigureTicket';
import { LedgerHead } from '@/ui/figures/LedgerHead';
import { showTheSame } from '@/ui/figures/showTheSame';
import { WordMark } from '@/ui/words/WordMark';
import { OffRemedyLine } from './OffRemedyLine';

const HEADS = ['Size', 'Wanted', 'Planned', 'Off by'];

/** The sizes that are wished for: wanted, planned with its ±, by how much they differ, and what brings them nearer. */
export function Ledger() {
  const { widthMm, heightMm } = useBag((state) => state.plan.contents.settled.body);
  const dropMm = useBag((state) => state.design.flap.dropMm);
  const { width, widthOff, height, heightOff, depth, depthOff } = useBagBehind(
    'numbers',
    (state) => state.plan.pouch.figures,
  );
  const { dropLoaded, dropOff } = useBagBehind('numbers', (state) => state.plan.flap.figures);
  const depthMm = useBag((state) =>
    'depthMm' in state.plan.contents.settled.body ? state.plan.contents.settled.body.depthMm : 0,
  );
  const hasFlap = useBag((state) => state.plan.flap.hasFlap);
  return (
    <>
      <table className="ledger">
        <LedgerHead heads={HEADS} />
        <tbody>
          <Line name="Width" size="width" wantedMm={widthMm} figure={width} off={widthOff} />
          <Line name="Height, empty" size="height" wantedMm={heightMm} figure={height} off={heightOff} />
          {depth && <Line name="Depth" size="depth" wantedMm={depthMm} figure={depth} off={depthOff ?? undefined} />}
          {hasFlap && <Line name="Flap drop, loaded" size="drop" wantedMm={dropMm} figure={dropLoaded} off={dropOff} />}
        </tbody>
      </table>
      <OffRemedyLine name="Width" off={widthOff} remedyOf={widthRemedy} />
      <OffRemedyLine name="Height" off={heightOff} remedyOf={heightRemedy} />
    </>
  );
}

/** The sizes that only follow. */
export function FurtherSizes() {
  const { heightLoaded, depth, mouthBefore, mouthNarrowed } = useBagBehind(
    'numbers',
    (state) => state.plan.pouch.figures,
  );
  const { opening, volume } = useBagBehind('numbers', (state) => state.plan.fit.figures);
  const { dropEmpty } = useBagBehind('numbers', (state) => state.plan.flap.figures);
  const { area, seams } = useBagBehind('numbers', (state) => state.plan.whole);
  const sewing = useBagBehind('numbers', (state) => state.plan.yarn.figures?.sewing);
  const hasFlap = useBag((state) => state.plan.flap.hasFlap);
  return (
    <table className="ledger">
      <LedgerHead heads={['Size', 'Planned']} />
      <tbody>
        {!depth && <Line name="Height, loaded" figure={heightLoaded} />}
        {hasFlap && <Line name="Flap drop, empty" figure={dropEmpty} />}
        {mouthNarrowed && mouthBefore && <Line name="Mouth before narrowing" figure={mouthBefore} />}
        {mouthNarrowed && <Line name="Mouth, narrowed" figure={mouthNarrowed} />}
        <Line name="Opening, all round" figure={opening} />
        <Line name="Volume inside" figure={volume} />
        <Line name="Area of the fabric" figure={area} />
        {seams.value > 0 && <Line name="Seams in all" figure={seams} />}
        {sewing && <Line name="Yarn to sew with" figure={sewing} />}
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
  /** By how much the planned size is off the wanted one. */
  off?: Figure;
}

const Line = memo(function Line({ name, figure, size, wantedMm, off }: LineProps) {
  return (
    <tr>
      <th scope="row">
        {name}
        {size === 'drop' && <WordMark id="drop" />}
      </th>
      {size !== undefined && (
        <td data-head={HEADS[1]}>{wantedMm !== undefined && <Wanted name={name} size={size} mm={wantedMm} />}</td>
      )}
      <td data-head={HEADS[2]}>
        <AskableNumber figure={figure} />
      </td>
      {size !== undefined && (
        <td className="ledger-off" data-head={HEADS[3]}>
          {off && <AskableNumber figure={off} signed />}
        </td>
      )}
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
      onChange={(next) =>
        store.getState().edit(`${name}, wanted`, wantedSizeEdits(store.getState().plan.contents.settled, size, next))
      }
    />
  );
});
