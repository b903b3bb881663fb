'use client';

import { Box, Button, Flex } from '@chakra-ui/react';
import Link from 'next/link';
import { useState } from 'react';
import { z } from 'zod';
import { partKey, partsToWork, testedSizes, type MakingEventOf } from '@/core/bench';
import { formatDifference, formatQuantity, partName } from '@/core/wording';
import { useBag } from '@/ui/bag/BagProvider';
import { Group } from '@/ui/bag/PlaceLayout';
import { useBench, useInBrowser, useMakingLog } from '@/ui/bench/useMakingLog';
import { askFor } from '@/ui/workroom/useAnswered';

const codeSchema = z.object({ code: z.string(), address: z.string(), picture: z.string() });

/** Somebody who tries the pattern before it is given away: let in to it alone, on the network here; what she finds stands beside it. */
export function TestersGroup() {
  const isInBrowser = useInBrowser();
  return isInBrowser ? <Testers /> : null;
}

function Testers() {
  const id = useBag((state) => state.id);
  const { tested } = useBench(useMakingLog());
  const [code, setCode] = useState<z.infer<typeof codeSchema> | null>(null);
  const [said, setSaid] = useState<string | null>(null);
  const newCode = async () => {
    const made = await askFor(`/api/bags/${id}/tester`, { method: 'POST' }, codeSchema);
    setCode(made.ok ? made.answer : null);
    setSaid(made.ok ? null : made.sentence);
  };
  return (
    <Group
      title={tested.length === 0 ? 'Tried by others' : `Tried by others: ${tested.length} found`}
      action={
        <Button size="sm" minH="44px" variant="outline" bg="paper" onClick={() => void newCode()}>
          {code ? 'Another code' : 'A code for a tester'}
        </Button>
      }
    >
      {said && (
        <Box role="status" bg="brassPale" px="3" py="2" mb="2" fontSize="14.5px">
          {said} Phones are let in at the <Link href="/workroom">Workroom</Link>.
        </Box>
      )}
      {code && (
        <Flex gap="4" align="center" wrap="wrap" bg="paper" border="1px solid" borderColor="paperEdge" p="3" mb="3">
          <img src={code.picture} alt={`The address ${code.address} to be photographed`} width={150} height={150} />
          <Box flex="1 1 14em" fontSize="14.5px">
            On the same network: photograph this, or open {code.address.split('#')[0]} and type
            <Box fontSize="24px" fontFamily="mono" letterSpacing="0.1em" data-testid="tester-code">
              {code.code.slice(0, 5)} {code.code.slice(5)}
            </Box>
            Good once, for ten minutes. It lets in to this pattern and to nothing else.
          </Box>
        </Flex>
      )}
      {tested.length === 0 ? (
        <Box fontSize="14px">
          A tester reads this pattern on her own phone; what she finds and measures comes back here, at its row.
        </Box>
      ) : (
        <Box as="ul" listStyleType="none" ps="0" data-testid="tested">
          {[...tested]
            .sort((one, other) => other.atMs - one.atMs)
            .map((event) => (
              <Found key={event.id} event={event} />
            ))}
        </Box>
      )}
    </Group>
  );
}

function Found({ event }: { event: MakingEventOf<'tested'> }) {
  const plan = useBag((state) => state.plan);
  const unit = useBag((state) => state.design.settings.lengthUnit);
  const { tester, at, says, atMs } = event;
  const part = at && partsToWork(plan).find(({ of, copy }) => partKey({ piece: of.id, copy }) === partKey(at));
  const place = at ? `${part ? partName(part, plan.fittings) : at.piece}, row ${at.row}` : 'The whole of it';
  return (
    <Box as="li" bg="paper" border="1px solid" borderColor="paperEdge" px="3" py="2" mb="2" fontSize="14.5px">
      <Box>
        <b>{place}</b> · {tester}, {new Date(atMs).toLocaleDateString('en-GB')}
      </Box>
      {says !== null && <Box whiteSpace="pre-wrap">{says}</Box>}
      {testedSizes(plan, event).map(({ what, measuredMm, plannedMm }) => (
        <Box key={what}>
          {what === 'width' ? 'Wide' : 'Long'}: {formatQuantity(measuredMm, 'mm', unit)}
          {plannedMm !== null &&
            `; planned ${formatQuantity(plannedMm, 'mm', unit)}, ${formatDifference(measuredMm - plannedMm, 'mm', unit)}`}
        </Box>
      ))}
    </Box>
  );
}
