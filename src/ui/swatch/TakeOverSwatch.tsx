'use client';

import { useEffect, useState } from 'react';
import { swatchSchema, type Swatch } from '@/core/design';
import { useBag, useBagStore } from '@/ui/bag/BagProvider';
import { ChoiceField } from '@/ui/fields';

/** Takes over the readings of a swatch that was measured for another bag. This bag keeps a swatch of its own. */
export function TakeOverSwatch() {
  const own = useBag((state) => state.design.swatch.id);
  const store = useBagStore();
  const [others, setOthers] = useState<Swatch[]>([]);

  useEffect(() => {
    let gone = false;
    void measuredSwatches().then((swatches) => {
      if (!gone) setOthers(swatches.filter(({ id }) => id !== own));
    });
    return () => {
      gone = true;
    };
  }, [own]);

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

/** The library; empty when it can't be reached, since nothing here depends on it. */
async function measuredSwatches(): Promise<Swatch[]> {
  try {
    const response = await fetch('/api/swatches');
    const { swatches } = (await response.json()) as { swatches: unknown[] };
    return swatches.flatMap((swatch) => {
      const parsed = swatchSchema.safeParse(swatch);
      return parsed.success ? [parsed.data] : [];
    });
  } catch {
    return [];
  }
}
