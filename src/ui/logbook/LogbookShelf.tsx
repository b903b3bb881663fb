'use client';

import { Box, Button, Flex, Heading } from '@chakra-ui/react';
import Link from 'next/link';
import { logbookCsv, logbookJson, offersOf, type MadeBag } from '@/core/logbook';
import { lessonTitle, offerText } from '@/core/wording';
import { downloadText } from '@/ui/browser/download';
import { DrawerHead } from '@/ui/shelf/DrawerHead';
import { dayOf } from './dayOf';
import { LessonStrip } from './LessonStrip';
import { MadeBagCard } from './MadeBagCard';
import { useLogbook } from './readLogbook';

/** All bags of whose making something was told: each with what came of it, and what all of them taught. */
export function LogbookShelf() {
  const logbook = useLogbook();
  const bags = logbook.is === 'here' ? logbook.bags.filter(({ begunMs }) => begunMs !== null) : [];
  const made = bags.filter(({ finishedMs }) => finishedMs !== null);
  return (
    <Flex direction="column" minH="100vh">
      <DrawerHead title="Logbook" counted={`${made.length} finished, ${bags.length - made.length} on the way`}>
        <Link href="/" prefetch={false}>
          ← Shelf
        </Link>
      </DrawerHead>
      <Box as="main" p={{ base: '3', md: '6' }}>
        {logbook.is === 'coming' && <Box role="status">Opening the logbook…</Box>}
        {logbook.is === 'away' && (
          <Box role="status">
            The logbook can’t be reached just now. Nothing of it is lost; open it again in a moment.
          </Box>
        )}
        {logbook.is === 'here' && bags.length === 0 && (
          <Box maxW="36em">
            Nothing here yet. Count the rows of a bag at its Bench; when it is finished, say so there, with what it
            measures and what yarn it took. It then stands here, and teaches the next one.
          </Box>
        )}
        {bags.length > 0 && (
          <>
            <Taught bags={bags} />
            <Flex gap="3" wrap="wrap" mb="4">
              <Button
                size="sm"
                minH="44px"
                variant="outline"
                bg="paper"
                onClick={() => downloadText('logbook.csv', logbookCsv(bags, dayOf), 'text/csv')}
              >
                Save as a table (CSV)
              </Button>
              <Button
                size="sm"
                minH="44px"
                variant="outline"
                bg="paper"
                onClick={() => downloadText('logbook.json', logbookJson(bags), 'application/json')}
              >
                Save all of it (JSON)
              </Button>
            </Flex>
            <Box
              display="grid"
              gap="4"
              gridTemplateColumns={{ base: 'minmax(0, 1fr)', lg: 'repeat(2, minmax(0, 1fr))' }}
              alignItems="start"
            >
              {bags.map((bag) => (
                <MadeBagCard key={bag.id} bag={bag} />
              ))}
            </Box>
          </>
        )}
      </Box>
    </Flex>
  );
}

/** What all bags together taught: each lesson as a line with a ring for every bag, and how sure it is. */
function Taught({ bags }: { bags: readonly MadeBag[] }) {
  const lessons = bags.flatMap((bag) => bag.lessons);
  const offers = offersOf(lessons);
  if (offers.length === 0)
    return (
      <Box mb="4" maxW="40em">
        No bag has taught anything yet: measure one on the way at its Bench, and say what it came out at when it is
        finished.
      </Box>
    );
  return (
    <Box as="section" aria-label="What your bags taught" mb="5">
      <Heading as="h2" fontSize="20px" mb="1">
        What your bags taught
      </Heading>
      <Box mb="3" color="inkSoft" maxW="60em">
        A ring is a bag, the dark line what it comes to, the band where your next bag is expected (19 times in 20). Few
        bags are drawn towards what is usual. Nothing changes a plan by itself: each bag offers it where it belongs.
      </Box>
      <Box
        display="grid"
        gap="3"
        gridTemplateColumns={{
          base: 'minmax(0, 1fr)',
          md: 'repeat(2, minmax(0, 1fr))',
          xl: 'repeat(3, minmax(0, 1fr))',
        }}
      >
        {offers.map((offer) => (
          <Box
            key={`${offer.kind}.${offer.of}`}
            data-lesson={offer.kind}
            bg="paper"
            border="1px solid"
            borderColor="paperEdge"
            p="3"
          >
            <Box as="h3" fontWeight={700}>
              {lessonTitle(offer.kind, offer.of)}
            </Box>
            <LessonStrip
              offer={offer}
              told={lessons.flatMap((one) => (one.kind === offer.kind && one.of === offer.of ? [one.value] : []))}
            />
            <Box fontSize="15px">{offerText(offer)}</Box>
          </Box>
        ))}
      </Box>
    </Box>
  );
}
