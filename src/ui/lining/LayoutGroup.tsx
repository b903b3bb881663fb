'use client';

import { Box } from '@chakra-ui/react';
import { useEffect, useMemo } from 'react';
import type { Design } from '@/core/design';
import { layoutFigures } from '@/core/layout';
import { formatQuantity } from '@/core/wording';
import { useBag, useBagStore } from '@/ui/bag/BagProvider';
import { Group, Row } from '@/ui/bag/PlaceLayout';
import { ChoiceField, LengthField } from '@/ui/fields';
import { TicketRow } from '@/ui/fittings/FittingGroup';
import { RunButton, RunProgress } from '@/ui/workers/RunProgress';
import type { useClothLayout } from './useClothLayout';

/** The cloth, and its pieces laid on the least of it: looked for away from the screen, and stopped at any time. */
export function LayoutGroup({
  search: { pieces, found, state, layOut, stop },
  onLaid,
}: {
  search: ReturnType<typeof useClothLayout>;
  /** Told when a search begins. */
  onLaid: () => void;
}) {
  const cloth = useBag((bag) => bag.design.cloth);
  const unit = useBag((bag) => bag.design.settings.lengthUnit);
  const store = useBagStore();
  const figures = useMemo(() => found && layoutFigures(found.pieces, found.layout, cloth, unit), [found, cloth, unit]);
  useEffect(() => {
    if (figures) store.getState().showBesides('cloth', Object.values(figures));
  }, [figures, store]);
  const set =
    <Field extends keyof Design['cloth']>(field: Field, change: string) =>
    (value: Design['cloth'][Field]) =>
      store.getState().edit(change, [{ path: ['cloth', field], value }]);
  const short = found && cloth.haveMm !== null ? found.layout.lengthMm - cloth.haveMm : 0;
  return (
    <Group
      title="On the cloth"
      action={
        <RunButton
          state={state}
          begin="Lay them out"
          again="Lay them out again"
          onStart={() => {
            onLaid();
            layOut();
          }}
          onStop={stop}
        />
      }
    >
      <Row>
        <LengthField
          label="Cloth, wide"
          width="5em"
          valueMm={cloth.widthMm}
          onChange={set('widthMm', 'Width of the cloth')}
        />
        <LengthField
          label="Selvedge"
          fine
          width="4.5em"
          valueMm={cloth.selvedgeMm}
          onChange={set('selvedgeMm', 'Selvedge')}
        />
        <LengthField
          label="Between pieces"
          fine
          width="4.5em"
          valueMm={cloth.betweenMm}
          onChange={set('betweenMm', 'Between pieces')}
        />
        <ChoiceField
          label="It has"
          width="13em"
          value={cloth.oneWay ? 'one' : 'both'}
          choices={[
            { value: 'both', label: 'No up and down' },
            { value: 'one', label: 'A nap, or an up' },
          ]}
          onChange={(value) => set('oneWay', 'Nap of the cloth')(value === 'one')}
        />
        <LengthField
          label="Print repeats after"
          width="6.5em"
          empty="no print"
          valueMm={cloth.repeatMm}
          onChange={set('repeatMm', 'Repeat of the print')}
          onClear={() => set('repeatMm', 'Repeat of the print')(null)}
        />
        <LengthField
          label="You have"
          width="6.5em"
          empty="to buy"
          valueMm={cloth.haveMm}
          onChange={set('haveMm', 'Cloth at hand')}
          onClear={() => set('haveMm', 'Cloth at hand')(null)}
        />
      </Row>
      <RunProgress state={state} doing="Laying them closer…" label="How much was tried" />
      {figures && found && (
        <Box data-testid="layout">
          <TicketRow
            tickets={[
              figures.length,
              ...(cloth.haveMm === null ? [figures.toBuy] : []),
              figures.waste,
              figures.bound,
            ].map((figure) => ({ figure }))}
          />
          <Box fontSize="14px">
            {found.layout.laid.length} pieces, cut from the lower edge up
            {found.layout.isProven ? '; no layout is shorter.' : '; the shortest that was found.'}
            {found.layout.tooWide.length > 0 &&
              ` ${found.layout.tooWide.length} of ${pieces.length} are wider than the cloth and not laid.`}
            {short > 0 && ` That is ${formatQuantity(short, 'mm', unit)} more than you have.`}
          </Box>
        </Box>
      )}
    </Group>
  );
}
