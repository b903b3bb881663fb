'use client';

import { Box, Button, Flex, Grid, Heading } from '@chakra-ui/react';
import Link from 'next/link';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import type { Swatch } from '@/core/design';
import { estimateGauge } from '@/core/gauge';
import { MM_PER_INCH } from '@/core/units';
import { formatQuantity, stitchName } from '@/core/wording';
import { Sheet } from '@/ui/bag/Sheet';
import { sendTo } from '@/ui/library/library';
import { newBag } from '@/ui/shelf/shelfActions';
import { CLOTHS } from '@/ui/theme/system';
import { useLastSettings } from '@/ui/bag/useLastSettings';

const PIECES = { panel: 'panel', strip: 'narrow strip', rounds: 'joined rounds', border: 'border' } as const;
const STATES = { 'as-worked': 'as worked', blocked: 'blocked', hanging: 'hanging' } as const;

interface SwatchShelfProps {
  first: readonly Swatch[];
  /** The names of the bags that are planned from each, by the swatch's id. */
  usedBy: Record<string, string[]>;
}

/** The swatches that were measured: what each is, what it gives, and which bags are planned from it. */
export function SwatchShelf({ first, usedBy }: SwatchShelfProps) {
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
    const answer = await newBag('thirds', swatch.id);
    if ('sentence' in answer) setSentence(answer.sentence);
    else router.push(`/bags/${answer.id}/carry`);
  };

  return (
    <Flex direction="column" minH="100vh">
      <Flex
        as="header"
        className="onDark"
        bg="drawer"
        color="drawerText"
        px="6"
        py="3"
        gap="3"
        align="center"
        wrap="wrap"
      >
        <Heading as="h1" fontSize="26px" color="brassPale">
          Swatches
        </Heading>
        <Box flex="1">
          {swatches.length} {swatches.length === 1 ? 'swatch' : 'swatches'} in the library
        </Box>
        <Link href="/" prefetch={false}>
          ← Shelf
        </Link>
      </Flex>
      {sentence && (
        <Box role="status" bg="brassPale" px="6" py="2">
          {sentence}
        </Box>
      )}
      <Grid as="main" templateColumns="repeat(auto-fill, minmax(340px, 1fr))" gap="4" p="6">
        {swatches.length === 0 && <Box>None yet. Every swatch that a bag is planned from is kept here.</Box>}
        {swatches.map((swatch) => (
          <SwatchCard
            key={swatch.id}
            swatch={swatch}
            bags={usedBy[swatch.id] ?? []}
            onBegin={() => begin(swatch)}
            onTakeOut={() => ((usedBy[swatch.id] ?? []).length > 0 ? setAsking(swatch) : takeOut(swatch, false))}
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
            {(usedBy[asking.id] ?? []).map((name) => `“${name}”`).join(', ')}{' '}
            {(usedBy[asking.id] ?? []).length === 1 ? 'is' : 'are'} planned from it. Each bag keeps the readings, the
            yarn and the hook in its own plan; only the library forgets them.
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

interface SwatchCardProps {
  swatch: Swatch;
  bags: readonly string[];
  onBegin: () => void;
  onTakeOut: () => void;
}

function SwatchCard({ swatch, bags, onBegin, onTakeOut }: SwatchCardProps) {
  const { lengthUnit, terms } = useLastSettings();
  const overMm = lengthUnit === 'cm' ? 100 : 4 * MM_PER_INCH;
  const over = lengthUnit === 'cm' ? '10 cm' : '4 in';
  const counted = (readings: Swatch['stitchReadings']) => {
    const { mm, plusMinusMm } = estimateGauge(readings);
    const count = overMm / mm;
    return `${count.toFixed(1)} ± ${Math.max(0.1, (count * plusMinusMm) / mm).toFixed(1)}`;
  };
  const facts: [string, string][] = [
    [
      'Yarn',
      `${swatch.yarn.name}${swatch.strands > 1 ? `, ${swatch.strands} strands` : ''}${swatch.heldWith.map(({ name }) => ` + ${name}`).join('')}`,
    ],
    ['Hook', `${swatch.hookMm} mm${swatch.hookLetter ? `, ${swatch.hookLetter}` : ''}`],
    ['Stitch', stitchName(swatch.stitch, terms)],
    ['A trial for', `${PIECES[swatch.standsFor]}, ${STATES[swatch.state]}`],
    [`Over ${over}`, `${counted(swatch.stitchReadings)} stitches, ${counted(swatch.rowReadings)} rows`],
    ['Thickness', formatQuantity(swatch.thicknessMm, 'mm', lengthUnit)],
    ['Bags', bags.length === 0 ? 'none' : bags.join(', ')],
  ];
  return (
    <Box
      as="article"
      bg="paper"
      border="1px solid"
      borderColor="paperEdge"
      borderLeftWidth="14px"
      p="4"
      aria-label={swatch.name}
      style={{ borderLeftColor: CLOTHS[swatch.yarn.colour].cloth }}
    >
      <Heading as="h2" fontSize="18px" mb="2">
        {swatch.name}
      </Heading>
      <Box as="dl" display="grid" gridTemplateColumns="6em 1fr" columnGap="3" rowGap="1" fontSize="14.5px">
        {facts.map(([name, what]) => (
          <Box key={name} display="contents">
            <Box as="dt" color="inkSoft">
              {name}
            </Box>
            <Box as="dd">{what}</Box>
          </Box>
        ))}
      </Box>
      <Flex gap="2" mt="3">
        <Button size="xs" variant="outline" onClick={onBegin}>
          Begin a bag with it
        </Button>
        <Button size="xs" variant="outline" onClick={onTakeOut} aria-label={`Take out ${swatch.name}`}>
          Take out
        </Button>
      </Flex>
    </Box>
  );
}
