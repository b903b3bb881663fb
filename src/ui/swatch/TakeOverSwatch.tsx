'use client';

import { useSwatchLibrary } from './swatchLibrary';
import { useBag, useBagStore } from '@/ui/bag/BagProvider';
import { ChoiceField } from '@/ui/fields';

/** Takes over the readings of a swatch that was measured for another bag. This bag keeps a swatch of its own. */
export function TakeOverSwatch() {
  const own = useBag((state) => state.design.swatch.id);
  const store = useBagStore();
  const others = useSwatchLibrary().swatches.filter(({ id }) => id !== own);

  if (others.length === 0) return null;
  const takeOver = (id: string) => {
    const chosen = others.find((swatch) => swatch.id === id);
    if (chosen) store.getState().edit('Swatch taken over', [{ path: ['swatch'], value: { ...chosen, id: own } }]);
  };
  return (
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
  );
}
