'use client';

import { Box, Button, Flex, Grid } from '@chakra-ui/react';
import Link from 'next/link';
import { useRouter } from 'next/navigation';
import { useMemo, useState } from 'react';
import type { Swatch } from '@/core/design';
import { Sheet } from '@/ui/bag/Sheet';
import { SetAside } from '@/ui/library/SetAside';
import { sendTo } from '@/ui/library/library';
import { DrawerHead } from '@/ui/shelf/DrawerHead';
import { newBag } from '@/ui/shelf/shelfActions';
import { SwatchCard } from './SwatchCard';

interface SwatchShelfProps {
  first: readonly Swatch[];
  /** Names of those that can't be read any more. */
  unreadable: readonly string[];
  /** The names of the bags that are planned from each, with the swatch's id. */
  usedBy: readonly (readonly [id: string, bags: readonly string[]])[];
}

/** The swatches that were measured: what each is, what it gives, and which bags are planned from it. */
export function SwatchShelf({ first, unreadable, usedBy }: SwatchShelfProps) {
  const bagsOf = useMemo(() => new Map<string, readonly string[]>(usedBy), [usedBy]);
  const [swatches, setSwatches] = useState(first);
  const [asking, setAsking] = useState<Swatch | null>(null);
  const [sentence, setSentence] = useState<string | null>(null);
  const router = useRouter();

  const takeOut = async (swatch: Swatch, even: boolean) => {
    setAsking(null);
    const refused = await sendTo(`/api/swatches/${swatch.id}${even ? '?even=used' : ''}`, { method: 'DELETE' });
    setSentence(refused ?? `“${swatch.name}” is out of the library.`);
    if (refused === null) setSwatches(swatches.filter(({ id }) => id !== swatch.id));
  };
  const begin = async (swatch: Swatch) => {
    const answer = await newBag('thirds', { swatchId: swatch.id });
    if ('sentence' in answer) setSentence(answer.sentence);
    else router.push(`/bags/${answer.id}/carry`);
  };

  return (
    <Flex direction="column" minH="100vh">
      <DrawerHead
        title="Swatches"
        counted={`${swatches.length} ${swatches.length === 1 ? 'swatch' : 'swatches'} in the library`}
      >
        <Link href="/" prefetch={false}>
          ← Shelf
        </Link>
      </DrawerHead>
      {sentence && (
        <Box role="status" bg="brassPale" px="6" py="2">
          {sentence}
        </Box>
      )}
      <Grid as="main" templateColumns="repeat(auto-fill, minmax(min(100%, 540px), 1fr))" gap="5" p="6">
        <SetAside names={unreadable} />
        {swatches.length === 0 && <Box>None yet. Every swatch that you measured for a bag is kept here.</Box>}
        {swatches.map((swatch) => (
          <SwatchCard
            key={swatch.id}
            swatch={swatch}
            bags={bagsOf.get(swatch.id) ?? []}
            onBegin={() => begin(swatch)}
            onTakeOut={() => ((bagsOf.get(swatch.id) ?? []).length > 0 ? setAsking(swatch) : takeOut(swatch, false))}
          />
        ))}
      </Grid>
      <Box as="footer" px="6" pb="6" fontSize="13px" color="inkSoft">
        Counts: all lengths of the readings together, divided by all their counts; the ± is where the truth lies 19
        times in 20. Open a bag planned from a swatch to ask its numbers one by one.
      </Box>
      {asking && (
        <Sheet open onClose={() => setAsking(null)} title={`Take out “${asking.name}”?`}>
          <Box mb="4">
            {(bagsOf.get(asking.id) ?? []).map((name) => `“${name}”`).join(', ')}{' '}
            {(bagsOf.get(asking.id) ?? []).length === 1 ? 'is' : 'are'} planned from it. Each bag keeps the readings,
            the yarn and the hook in its own plan; only the library forgets them.
          </Box>
          <Flex gap="3">
            <Button bg="brass" color="ink" _hover={{ bg: 'brassPale' }} onClick={() => takeOut(asking, true)}>
              Take it out of the library
            </Button>
            <Button variant="outline" onClick={() => setAsking(null)}>
              Leave it
            </Button>
          </Flex>
        </Sheet>
      )}
    </Flex>
  );
}
