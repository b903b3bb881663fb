'use client';

import { WORKED_STRAP_KINDS, type WorkedStrapKind } from '@/core/design';
import { STRAP_NAMES } from '@/core/wording';
import { strapIcon } from '@/drawing';
import { useBag, useBagStore } from '@/ui/bag/BagProvider';
import { DrawnChoice } from '@/ui/fields/DrawnChoice';

const CHOICES = WORKED_STRAP_KINDS.map((value) => ({
  value,
  label: STRAP_NAMES[value].short,
  drawing: strapIcon(value),
}));

/** How a strap is worked, chosen by a short piece of it. Everything else of it stays as it is. */
export function StrapKindRow({ kind, index }: { kind: WorkedStrapKind; index: number }) {
  const store = useBagStore();
  const colour = useBag(({ design }) => design.swatch.yarn.colour);
  return (
    <DrawnChoice
      legend="How the strap is worked"
      name={`strap-kind-${index}`}
      choices={CHOICES}
      value={kind}
      cloth={colour}
      scale={2}
      onChange={(value) =>
        store.getState().edit('How the strap is worked', [{ path: ['straps', index, 'kind'], value }])
      }
    />
  );
}
