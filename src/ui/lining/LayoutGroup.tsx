'use client';

import { Box } from '@chakra-ui/react';
import { useEffect, useMemo } from 'react';
import type { Design } from '@/core/design';
import { layoutFigures } from '@/core/layout';
import { formatQuantity, layoutText } from '@/core/wording';
import { useBag, useBagStore } from '@/ui/bag/BagProvider';
import { Group, Row } from '@/ui/bag/PlaceLayout';
import { ChoiceField, LengthField } from '@/ui/fields';
import { TicketRow } from '@/ui/fittings/FittingGroup';
import { RunButton, RunProgress } from '@/ui/workers/RunProgress';
import { MoveButtons } from './MoveButtons';
import type { useClothLayout } from './useClothLayout';

interface LengthOfCloth {
  field: 'widthMm' | 'selvedgeMm' | 'betweenMm' | 'repeatMm' | 'haveMm';
  label: string;
  change: string;
  width: string;
  fine?: boolean;
  /** What stands in the field while nothing is said, where that may be. */
  empty?: string;
}

/** The lengths of the cloth that are asked for. */
const LENGTHS: readonly LengthOfCloth[] = [
  { field: 'widthMm', label: 'Cloth, wide', change: 'Width of the cloth', width: '5em' },
  { field: 'selvedgeMm', label: 'Selvedge', change: 'Selvedge', width: '4.5em', fine: true },
  { field: 'betweenMm', label: 'Between pieces', change: 'Between pieces', width: '4.5em', fine: true },
  { field: 'repeatMm', label: 'Print repeats after', change: 'Repeat of the print', width: '6.5em', empty: 'no print' },
  { field: 'haveMm', label: 'You have', change: 'Cloth at hand', width: '6.5em', empty: 'to buy' },
];

/** The cloth, and its pieces laid on the least of it: looked for away from the screen, and stopped at any time. */
export function LayoutGroup({
  search,
  onLaid,
}: {
  search: ReturnType<typeof useClothLayout>;
  /** Told when a search begins. */
  onLaid: () => void;
}) {
  const { pieces, laid, isByHand, state, layOut, stop } = search;
  const cloth = useBag((bag) => bag.design.cloth);
  const unit = useBag((bag) => bag.design.settings.lengthUnit);
  const store = useBagStore();
  const figures = useMemo(() => laid && layoutFigures(laid, cloth, unit, isByHand), [laid, cloth, unit, isByHand]);
  useEffect(() => {
    if (figures) store.getState().showBesides('cloth', Object.values(figures));
  }, [figures, store]);
  const set = (field: keyof Design['cloth'], change: string) => (value: number | boolean | null) =>
    store.getState().edit(change, [{ path: ['cloth', field], value }]);
  const short = laid && cloth.haveMm !== null ? laid.lengthMm - cloth.haveMm : 0;
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
        {LENGTHS.map(({ field, label, change, empty, ...rest }) => (
          <LengthField
            key={field}
            label={label}
            valueMm={cloth[field]}
            empty={empty}
            onChange={set(field, change)}
            onClear={empty === undefined ? undefined : () => set(field, change)(null)}
            {...rest}
          />
        ))}
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
        <ChoiceField
          label="It lies"
          width="16em"
          value={cloth.folded ? 'folded' : 'flat'}
          choices={[
            { value: 'flat', label: 'In one layer' },
            { value: 'folded', label: 'Folded, selvedge on selvedge' },
          ]}
          onChange={(value) => set('folded', 'How the cloth lies')(value === 'folded')}
        />
      </Row>
      <RunProgress state={state} doing="Laying them closer…" label="How much was tried" />
      {figures && laid && (
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
            {layoutText(laid, isByHand)}
            {laid.tooWide.length > 0 &&
              ` ${laid.tooWide.length} of ${pieces.length} are wider than the cloth and not laid.`}
            {short > 0 && ` That is ${formatQuantity(short, 'mm', unit)} more than you have.`}
          </Box>
          <MoveButtons search={search} />
        </Box>
      )}
    </Group>
  );
}
