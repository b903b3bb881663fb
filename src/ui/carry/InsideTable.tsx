'use client';

import type { Figure } from '@/core/figures';
import { useBagBehind } from '@/ui/bag/BagProvider';
import { AskableNumber } from '@/ui/figures/FigureTicket';
import { LedgerHead } from '@/ui/figures/LedgerHead';
import { Scrolled } from '@/ui/figures/Scrolled';

const HEADS = ['Size', 'Outside', 'In the walls', 'Inside', 'Needed, with ease', 'Room left, with ease'];

/** Each size as a sum that can be followed: outside, less the sheets, is inside. Beside it what is needed, and the room round what goes in. */
export function InsideTable() {
  const { width, height, depth } = useBagBehind('numbers', (state) => state.plan.pouch.figures);
  const { needsWidth, needsHeight, needsDepth } = useBagBehind('numbers', (state) => state.plan.contents.figures);
  const inside = useBagBehind('numbers', (state) => state.plan.fit.figures);
  const { sheetsAcross, sheetsAlong, sheetsThrough } = inside;
  const hasThings = needsWidth !== null;
  return (
    <Scrolled label="Outside and inside">
      <table className="ledger" data-testid="inside">
        <LedgerHead heads={hasThings ? HEADS : HEADS.slice(0, 4)} />
        <tbody>
          <Line name="Across" figures={[width, sheetsAcross, inside.insideWidth, needsWidth, inside.easeAcross]} />
          <Line name="Up" figures={[height, sheetsAlong, inside.insideHeight, needsHeight, inside.easeUp]} />
          {depth && (
            <Line
              name="Front to back"
              figures={[depth, sheetsThrough, inside.insideDepth, needsDepth, inside.easeThrough]}
            />
          )}
        </tbody>
      </table>
    </Scrolled>
  );
}

function Line({ name, figures }: { name: string; figures: readonly (Figure | null)[] }) {
  return (
    <tr>
      <th scope="row">{name}</th>
      {figures.map(
        (figure) =>
          figure && (
            <td key={figure.id}>
              <AskableNumber figure={figure} />
            </td>
          ),
      )}
    </tr>
  );
}
