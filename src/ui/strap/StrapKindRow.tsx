'use client';

import { BOUGHT_STRAP_KINDS, WORKED_STRAP_KINDS, isWorkedStrap, type Design, type Strap } from '@/core/design';
import { STRAPS } from '@/core/strap';
import { STRAP_NAMES } from '@/core/wording';
import { strapIcon } from '@/drawing';
import { useBag, useBagStore } from '@/ui/bag/BagProvider';
import { DrawnChoice } from '@/ui/fields/DrawnChoice';

const CHOICES = [...WORKED_STRAP_KINDS, ...BOUGHT_STRAP_KINDS].map((value) => ({
  value,
  label: STRAP_NAMES[value].short,
  drawing: strapIcon(value),
}));

/** What a strap is, chosen by a short piece of it. Where it hangs and how long it is worn stay as they are. */
export function StrapKindRow({ strap, index }: { strap: Strap; index: number }) {
  const store = useBagStore();
  const colour = useBag(({ design }) => design.swatch.yarn.colour);
  return (
    <DrawnChoice
      legend="What the strap is"
      name={`strap-kind-${index}`}
      choices={CHOICES}
      value={strap.kind}
      cloth={colour}
      scale={1.6}
      onChange={(kind) => {
        const { design, edit } = store.getState();
        edit('What the strap is', [{ path: ['straps', index], value: asKind(strap, kind, design) }]);
      }}
    />
  );
}

/** A strap as one of another kind: what both have stays, all else is as it usually is. */
function asKind(strap: Strap, kind: Strap['kind'], design: Design): Strap {
  const usual = STRAPS[kind].usual(design);
  const { wornLengthMm, given, over, overlapMm, ends, adjust, feet } = strap;
  const hung = { wornLengthMm, given, over, overlapMm, adjust, feet };
  if (isWorkedStrap(strap)) {
    const { widthMm, school, sample } = strap;
    if ('school' in usual) return { ...usual, ...hung, ends, widthMm, school, sample };
  }
  // What is bought is held otherwise than what is worked: a chain is not sewn down.
  const isLike = isWorkedStrap(strap) === 'school' in usual;
  return { ...usual, ...hung, ...(isLike ? { ends } : {}) };
}
