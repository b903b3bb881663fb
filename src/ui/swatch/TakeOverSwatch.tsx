'use client';

import { Flex } from '@chakra-ui/react';
import { LibraryFinder } from '@/ui/library/LibraryFinder';
import { useSwatchPart } from './swatchLibrary';
import { useBag, useBagStore } from '@/ui/bag/BagProvider';
import { ChoiceField } from '@/ui/fields';

/** Plans the bag from a swatch of the library. What is measured anew on it is there for the next bag too; other bags keep what they have. */
export function TakeOverSwatch() {
  const own = useBag((state) => state.design.swatch.id);
  const store = useBagStore();
  const part = useSwatchPart();
  const others = part.kept.filter(({ id }) => id !== own);

  if (others.length === 0 && part.search === '') return null;
  const takeOver = (id: string) => {
    const chosen = others.find((swatch) => swatch.id === id);
    if (chosen) store.getState().edit('Swatch taken over', [{ path: ['swatch'], value: chosen }]);
  };
  return (
    // With a field to find one it has a line of its own: that field belongs to nothing else.
    <Flex gap="3" wrap="wrap" align="end" css={{ '&:has([type=search])': { flexBasis: '100%' } }}>
      <ChoiceField
        label="Take over one you measured before"
        width="16em"
        value=""
        choices={[
          { value: '', label: 'Choose a swatch…' },
          ...others.map(({ id, name }) => ({ value: id, label: name })),
        ]}
        onChange={takeOver}
      />
      <LibraryFinder part={part} label="Find among your swatches" where="in the list" isBeside />
    </Flex>
  );
}
