'use client';

import { Box } from '@chakra-ui/react';
import { useEffect, useMemo } from 'react';
import { notionSchema } from '@/core/notions';
import { bagCost, stockItemSchema } from '@/core/stock';
import { formatQuantity, wordsOf } from '@/core/wording';
import { useBag, useBagStore } from '@/ui/bag/BagProvider';
import { Group, Row } from '@/ui/bag/PlaceLayout';
import { FigureTicket } from '@/ui/figures/FigureTicket';
import { useWholeLibrary } from '@/ui/library/library';
import { SellingRow } from './SellingRow';

/** What the bag costs by the prices in her stores, and what of it lies there already. */
export function CostGroup() {
  const yarn = useBag((state) => state.plan.yarn);
  const fittings = useBag((state) => state.plan.fittings);
  const store = useBagStore();
  const stock = useWholeLibrary('/api/stock', stockItemSchema);
  const notions = useWholeLibrary('/api/notions', notionSchema);
  const cost = useMemo(
    () => bagCost({ yarn, fittings }, stock, notions, (stage) => wordsOf(stage).title),
    [yarn, fittings, stock, notions],
  );
  const { lines, total, unpriced } = cost;
  useEffect(() => {
    store
      .getState()
      .showBesides('cost', [...lines.flatMap(({ sum }) => (sum ? [sum] : [])), ...(total ? [total] : [])]);
  }, [lines, total, store]);
  const stored = lines.filter(({ inStore }) => inStore !== null);
  return (
    <Group title="What it costs">
      {total ? (
        <Row>
          {lines.map(({ sum }) => sum && <FigureTicket key={sum.id} figure={sum} />)}
          {lines.length > 1 && <FigureTicket figure={total} />}
        </Row>
      ) : (
        <Box fontSize="14px">Nothing of this bag has a price in your stores yet. Prices are in your own money.</Box>
      )}
      {total && (
        <Box fontSize="14px">
          Counted are yarn, in whole balls, and pieces that are bought by their size, in your own money. What else is
          needed stands below.
        </Box>
      )}
      {total && unpriced.length > 0 && (
        <Box fontSize="14px">Without a price, and not counted: {unpriced.join(', ')}.</Box>
      )}
      {stored.map(({ name, count, inStore, unit }) => (
        <Box key={name} fontSize="14px">
          {name}: {formatQuantity(inStore ?? 0, unit, 'cm')} in store, {count} needed
          {inStore !== null && inStore < count ? `, ${count - inStore} to buy.` : '.'}
        </Box>
      ))}
      <SellingRow materials={total} />
    </Group>
  );
}
