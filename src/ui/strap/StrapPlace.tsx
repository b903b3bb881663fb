'use client';

import { Box } from '@chakra-ui/react';
import { MOST_STRAPS } from '@/core/design';
import { STRAPS } from '@/core/strap';
import { useBag, useBagStore } from '@/ui/bag/BagProvider';
import { FromLogbook } from '@/ui/logbook/FromLogbook';
import { Group, PlaceLayout } from '@/ui/bag/PlaceLayout';
import { SheetView } from '@/ui/drawing/SheetView';
import { AddOrTake } from '@/ui/fields';
import { FoldedBagView } from '@/ui/folded/FoldedBagView';
import { ProblemSlips } from '@/ui/problems/ProblemSlips';
import { StrapParts } from './StrapParts';

const HIDES = ['hardware', 'lining'] as const;
const MOVES = ['straps'] as const;
/** What of the logbook is about straps. */
const CREEP = ['creep'] as const;

/** The straps: how long each must be worked to be as long as it is worn, and where its feet go. */
export function StrapPlace() {
  const straps = useBag((state) => state.design.straps);
  return (
    <PlaceLayout title="Strap" drawing={<SheetView hide={HIDES} moves={MOVES} />}>
      {straps.map((strap, index) => (
        <StrapParts key={index} strap={strap} index={index} />
      ))}
      {straps.length > 0 && <ProblemSlips place="strap" />}
      {straps.length === 0 && <FoldedBagView heightPx={300} />}
      <FromLogbook kinds={CREEP} />
      <AddStrap count={straps.length} />
    </PlaceLayout>
  );
}

/** Offers one more, as long as there is room for it. */
function AddStrap({ count }: { count: number }) {
  const store = useBagStore();
  if (count >= MOST_STRAPS) return null;
  const add = () => {
    const { design, edit } = store.getState();
    edit('Strap added', [{ path: ['straps', count], value: STRAPS.plain.usual(design) }]);
  };
  return (
    <Group
      title={count === 0 ? 'No strap' : 'Another strap'}
      action={<AddOrTake label={count === 0 ? 'Add a strap' : 'Add another strap'} onClick={add} />}
    >
      <Box fontSize="14px">
        {count === 0
          ? 'This bag is carried in the hand.'
          : 'Two handles are two straps; so are a long one and a wristlet.'}
      </Box>
    </Group>
  );
}
