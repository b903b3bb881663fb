'use client';

import { Box } from '@chakra-ui/react';
import { formatQuantity } from '@/core/wording';
import { useBag, useBagNumbers, useBagStore } from '@/ui/bag/BagProvider';
import { Group } from '@/ui/bag/PlaceLayout';
import { AskableNumber } from '@/ui/figures/FigureTicket';

/** The counts around the wanted width that the repeat allows, the nearest first; each is taken with one press. */
export function CountOffers() {
  const offers = useBagNumbers((state) => state.plan.offers);
  const widthMm = useBag((state) => state.design.body.widthMm);
  const unit = useBag((state) => state.design.settings.lengthUnit);
  const store = useBagStore();
  return (
    <Group title={`Counts near ${formatQuantity(widthMm, 'mm', unit)}`}>
      <table className="ledger" data-testid="offers">
        <thead>
          <tr>
            {['Stitches', 'Repeats', 'Chain', 'Width', 'Off by', ''].map((head, index) => (
              <th key={head} scope="col">
                {index === 5 ? <span className="only-read">Take it</span> : head}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {offers.map((offer) => (
            <tr key={offer.stitches} aria-current={offer.isPlanned || undefined}>
              <th scope="row">
                <Box as="span" fontWeight={offer.isPlanned ? 700 : 400}>
                  {offer.stitches}
                </Box>
              </th>
              <td>{offer.repeats}</td>
              <td>{offer.startingChain}</td>
              <td>
                <AskableNumber figure={offer.width} />
              </td>
              <td>
                <AskableNumber figure={offer.off} signed />
              </td>
              <td>
                {offer.isPlanned ? (
                  'as planned'
                ) : (
                  <button
                    type="button"
                    className="take"
                    aria-label={`Take ${offer.stitches} stitches`}
                    onClick={() => store.getState().edit(`${offer.stitches} stitches`, offer.edits)}
                  >
                    Take it
                  </button>
                )}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
    </Group>
  );
}
