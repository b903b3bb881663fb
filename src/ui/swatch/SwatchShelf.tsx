'use client';

import { Box, Button, Flex, Grid } from '@chakra-ui/react';
import Link from 'next/link';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import type { Swatch } from '@/core/design';
import { Sheet } from '@/ui/bag/Sheet';
import { LibraryFinder } from '@/ui/library/LibraryFinder';
import { SetAside } from '@/ui/library/SetAside';
import { sendTo, useLibraryPart, type FoundLibrary } from '@/ui/library/library';
import { DrawerHead } from '@/ui/shelf/DrawerHead';
import { newBag } from '@/ui/shelf/shelfActions';
import { SwatchCard } from './SwatchCard';
import { readShownSwatches, type ShownSwatch } from './shownSwatches';

interface SwatchShelfProps {
  /** The part of the library that the page comes with. */
  first: FoundLibrary<ShownSwatch>;
}

/** The swatches that were measured: what each is, what it gives, and which bags are planned from it. */
export function SwatchShelf({ first }: SwatchShelfProps) {
  const [asked, setAsked] = useState(0);
  const part = useLibraryPart(readShownSwatches, first, asked);
  const { kept, unreadable, total } = part;
  const [asking, setAsking] = useState<ShownSwatch | null>(null);
  const [sentence, setSentence] = useState<string | null>(null);
  const router = useRouter();

  const takeOut = async (swatch: Swatch, even: boolean) => {
    setAsking(null);
    const refused = await sendTo(`/api/swatches/${swatch.id}${even ? '?even=used' : ''}`, { method: 'DELETE' });
    setSentence(refused ?? `“${swatch.name}” is out of the library.`);
    if (refused === null) setAsked((times) => times + 1);
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
        counted={`${total} ${total === 1 ? 'swatch' : 'swatches'} ${part.search === '' ? 'in the library' : 'found'}`}
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
        <LibraryFinder part={part} label="Find among your swatches" />
        <SetAside names={unreadable} />
        {total === 0 && part.search === '' && (
          <Box>None yet. Every swatch that you measured for a bag is kept here.</Box>
        )}
        {kept.map(({ swatch, bags }) => (
          <SwatchCard
            key={swatch.id}
            swatch={swatch}
            bags={bags}
            onBegin={() => begin(swatch)}
            onTakeOut={() => (bags.length > 0 ? setAsking({ swatch, bags }) : takeOut(swatch, false))}
          />
        ))}
      </Grid>
      <Box as="footer" px="6" pb="6" fontSize="13px" color="inkSoft">
        Counts: all lengths of the readings together, divided by all their counts; the ± is where the truth lies 19
        times in 20. Open a bag planned from a swatch to ask its numbers one by one.
      </Box>
      {asking && (
        <Sheet open onClose={() => setAsking(null)} title={`Take out “${asking.swatch.name}”?`}>
          <Box mb="4">
            {asking.bags.map((name) => `“${name}”`).join(', ')} {asking.bags.length === 1 ? 'is' : 'are'} planned from
            it. Each bag keeps the readings, the yarn and the hook in its own plan; only the library forgets them.
          </Box>
          <Flex gap="3">
            <Button
              bg="brass"
              color="onBrass"
              _hover={{ filter: 'brightness(1.12)' }}
              onClick={() => takeOut(asking.swatch, true)}
            >
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
