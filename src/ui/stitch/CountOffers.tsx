'use client';

import { Box } from '@chakra-ui/react';
import { formatQuantity } from '@/core/wording';
import { useBag, useBagBehind } from '@/ui/bag/BagProvider';
import { Group } from '@/ui/bag/PlaceLayout';
import { AskableNumber } from '@/ui/figures/FigureTicket';
import { TakeTable } from '@/ui/figures/TakeTable';

/** The counts and rows around the wanted sizes that the stitch allows, the nearest first; each is taken with one press. */
export function CountOffers() {
  const offers = useBagBehind('numbers', (state) => state.plan.offers);
  const rowOffers = useBagBehind('numbers', (state) => state.plan.rowOffers);
  const { widthMm, heightMm } = useBag((state) => state.plan.contents.settled.body);
  const unit = useBag((state) => state.design.settings.lengthUnit);
  return (
    <>
      <Group title={`Counts near ${formatQuantity(widthMm, 'mm', unit)} across`}>
        <TakeTable
          testId="offers"
          heads={['Stitches', 'Repeats', 'Chain', 'Width', 'Off by']}
          rows={offers.map((offer) => ({
            key: String(offer.stitches),
            cells: [
              <Box as="span" key="stitches" fontWeight={offer.isPlanned ? 700 : 400}>
                {offer.stitches}
              </Box>,
              offer.repeats,
              offer.startingChain,
              <AskableNumber key="width" figure={offer.width} />,
              <AskableNumber key="off" figure={offer.off} signed />,
            ],
            isPlanned: offer.isPlanned,
            takeLabel: `Take ${offer.stitches} stitches`,
            edits: offer.edits,
          }))}
        />
      </Group>
      <Group title={`Rows near ${formatQuantity(heightMm, 'mm', unit)} up`}>
        <TakeTable
          testId="row-offers"
          heads={['Front and back', 'Ends on', 'Height', 'Off by', 'Folds on']}
          rows={rowOffers.map((offer) => ({
            key: String(offer.rows),
            cells: [
              `${offer.rows} ${offer.rows === 1 ? 'row' : 'rows'}, ${offer.isOdd ? 'odd' : 'even'}`,
              offer.isOdd ? 'the side of row 1' : 'the other side',
              <AskableNumber key="height" figure={offer.height} />,
              <AskableNumber key="off" figure={offer.off} signed />,
              foldsText(offer.baseOnPlain, offer.topOnPlain),
            ],
            isPlanned: offer.isPlanned,
            takeLabel: `Take ${offer.rows} rows`,
            edits: offer.edits,
          }))}
        />
        <Box fontSize="13px" color="inkSoft">
          With the focus in a table, its number keys take a line.
        </Box>
      </Group>
    </>
  );
}

function foldsText(base: boolean, top: boolean): string {
  if (base && top) return 'plain rows, both';
  if (base) return 'plain at the base, textured at the top';
  return top ? 'textured at the base, plain at the top' : 'textured rows, both';
}
