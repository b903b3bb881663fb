'use client';

import { Box } from '@chakra-ui/react';
import { useEffect, useMemo } from 'react';
import { partsToWork } from '@/core/bench';
import { USUAL_SELLING, type Selling } from '@/core/design';
import type { Figure } from '@/core/figures';
import { sellingPrice } from '@/core/selling';
import { useBag, useBagStore } from '@/ui/bag/BagProvider';
import { Row } from '@/ui/bag/PlaceLayout';
import { AddOrTake, ChoiceField, NumberField } from '@/ui/fields';
import { FigureTicket } from '@/ui/figures/FigureTicket';

/** If she sells it: the hours in it, and a price as she makes hers. */
export function SellingRow({ materials }: { materials: Figure | null }) {
  const selling = useBag((state) => state.design.selling);
  const pace = useBag((state) => state.design.corrected.pace);
  const plan = useBag((state) => state.plan);
  const store = useBagStore();
  const told = useMemo(
    () => selling && sellingPrice(selling, partsToWork(plan), pace, materials),
    [selling, plan, pace, materials],
  );
  useEffect(() => {
    store.getState().showBesides('selling', told ? [told.hours, ...(told.price ? [told.price] : [])] : []);
  }, [told, store]);
  const set = (label: string, value: Selling | null) => store.getState().edit(label, [{ path: ['selling'], value }]);
  if (!selling || !told)
    return <AddOrTake label="A price, if you sell it" onClick={() => set('To be sold', USUAL_SELLING)} />;
  const put = (label: string, some: Partial<Selling>) => set(label, { ...selling, ...some });
  return (
    <Box role="group" aria-label="A price, if you sell it" mt="2" data-testid="selling">
      <Row>
        <ChoiceField
          label="The price is made"
          width="16em"
          value={selling.by}
          choices={[
            { value: 'hours', label: 'of materials and hours' },
            { value: 'materials', label: 'of the materials, times' },
          ]}
          onChange={(by) => put('Way of the price', { by })}
        />
        {selling.by === 'hours' ? (
          <NumberField
            label="An hour is worth"
            width="6em"
            value={selling.perHour}
            onChange={(perHour) => put('Worth of an hour', { perHour })}
          />
        ) : (
          <NumberField
            label="Times"
            width="5em"
            value={selling.times}
            onChange={(times) => put('Times the materials', { times })}
          />
        )}
        <NumberField
          label="Your hours"
          suffix="h"
          width="6em"
          empty="reckoned"
          value={selling.hours}
          onChange={(hours) => put('Hours', { hours })}
          onClear={() => put('Hours', { hours: null })}
        />
        <NumberField
          label="Besides"
          width="6em"
          value={selling.besides}
          onChange={(besides) => put('Besides', { besides })}
        />
      </Row>
      <Row>
        <FigureTicket figure={told.hours} />
        {told.price && <FigureTicket figure={told.price} />}
      </Row>
      {told.price === null && (
        <Box fontSize="14px">
          {selling.by === 'hours'
            ? 'Say what an hour is worth to you, in your own money.'
            : 'No material has a price in your stores yet, so there is none to multiply.'}
        </Box>
      )}
      <AddOrTake label="It isn’t sold" onClick={() => set('Not to be sold', null)} />
    </Box>
  );
}
