'use client';

import { Box, Button } from '@chakra-ui/react';
import { useMemo } from 'react';
import { notionSchema } from '@/core/notions';
import { bagNeeds, held, stockItemSchema } from '@/core/stock';
import { wordsOf } from '@/core/wording';
import { useBag } from '@/ui/bag/BagProvider';
import { Group } from '@/ui/bag/PlaceLayout';
import { useBench, useInBrowser, useMakingLog } from '@/ui/bench/useMakingLog';
import { useWholeLibrary } from '@/ui/library/library';
import { useLogbook } from '@/ui/logbook/readLogbook';
import { HeldTable } from '@/ui/stock/HeldTable';
import { holdersOf } from '@/ui/stock/holding';

/** Holds what the bag needs in the stores, so that no other bag counts on it; and what others hold of the same. */
export function HoldGroup() {
  const isInBrowser = useInBrowser();
  return isInBrowser ? <Holding /> : null;
}

function Holding() {
  const log = useMakingLog();
  const { heldMs, finished } = useBench(log);
  const id = useBag((state) => state.id);
  const name = useBag((state) => state.design.name);
  const unit = useBag((state) => state.design.settings.lengthUnit);
  const yarn = useBag((state) => state.plan.yarn);
  const fittings = useBag((state) => state.plan.fittings);
  const stock = useWholeLibrary('/api/stock', stockItemSchema);
  const notions = useWholeLibrary('/api/notions', notionSchema);
  const logbook = useLogbook();
  const own = useMemo(
    () => bagNeeds(name, { yarn, fittings }, (stage) => wordsOf(stage).title),
    [name, yarn, fittings],
  );
  const lines = useMemo(() => {
    const others = holdersOf(logbook).filter((holder) => holder.id !== id);
    const isBefore = ({ sinceMs }: { sinceMs: number }) => heldMs === null || sinceMs <= heldMs;
    const ordered = [...others.filter(isBefore), { needs: own }, ...others.filter((one) => !isBefore(one))];
    return held(
      ordered.map(({ needs }) => needs),
      stock,
      notions,
    ).filter(({ of }) => of.some(({ bag }) => bag === name));
  }, [logbook, id, heldMs, own, stock, notions, name]);
  if (own.yarns.length + own.pieces.length === 0 || finished.length > 0) return null;
  const isHeld = heldMs !== null;
  return (
    <Group title="Hold it in your stores">
      <Box mb="2" fontSize="14.5px">
        {isHeld
          ? 'Held for this bag: no other one counts on it until you give it back, or say that the bag is finished.'
          : 'As it would be shared out: other bags may count on the same until you hold it for this one.'}
      </Box>
      <HeldTable lines={lines} unit={unit} />
      <Button
        size="sm"
        minH="44px"
        mt="2"
        variant="outline"
        bg="paper"
        aria-pressed={isHeld}
        onClick={() => log.tell({ kind: 'hold', holds: !isHeld })}
      >
        {isHeld ? 'Give it back to the stores' : 'Hold all this for this bag'}
      </Button>
    </Group>
  );
}
