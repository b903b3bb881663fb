'use client';

import type { EmptyAndFull } from '@/core/emptyAndFull';
import { useBagNumbers } from '@/ui/bag/BagProvider';
import { Group } from '@/ui/bag/PlaceLayout';
import { AskableNumber } from '@/ui/figures/FigureTicket';
import { LedgerHead } from '@/ui/figures/LedgerHead';

const NAMES: Record<EmptyAndFull['id'], string> = {
  width: 'Width, outside',
  height: 'Height to the mouth',
  thickness: 'Front to back, outside',
  gap: 'Gap at the mouth',
  cover: 'Flap down the front',
  share: 'Share of the front it covers',
  snap: 'Snap meets the front at',
};

const HEADS = ['The finished bag', 'Empty', 'Full', 'Differs by'];

/** How far the finished bag will differ between empty and full. */
export function EmptyFullGroup() {
  const sizes = useBagNumbers((state) => state.plan.emptyAndFull);
  if (sizes.length === 0) return null;
  return (
    <Group title="Empty, and full">
      <table className="ledger" data-testid="empty-full">
        <LedgerHead heads={HEADS} />
        <tbody>
          {sizes.map(({ id, empty, full, differs }) => (
            <tr key={id}>
              <th scope="row">{NAMES[id]}</th>
              <td>
                <AskableNumber figure={empty} />
              </td>
              <td>
                <AskableNumber figure={full} />
              </td>
              <td className="ledger-off">
                <AskableNumber figure={differs} signed />
              </td>
            </tr>
          ))}
        </tbody>
      </table>
    </Group>
  );
}
