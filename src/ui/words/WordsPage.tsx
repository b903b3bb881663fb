'use client';

import { Box, Grid, Heading, chakra } from '@chakra-ui/react';
import Link from 'next/link';
import { TRADE_WORDS, WORD_IDS } from '@/core/wording';
import { wordDrawing } from '@/drawing';
import { DrawnIcon } from '@/ui/fields/DrawnIcon';
import { DrawerHead } from '@/ui/shelf/DrawerHead';

const HomeLink = chakra(Link);

/** All words of the trade that Ruelle uses, each with its drawing. */
export function WordsPage() {
  return (
    <>
      <DrawerHead title="Words" counted={`${WORD_IDS.length} words of the trade`}>
        <HomeLink href="/" color="drawerText" textDecoration="underline">
          ← Shelf
        </HomeLink>
      </DrawerHead>
      <Grid as="main" templateColumns="repeat(auto-fill, minmax(19em, 1fr))" gap="4" px={{ base: '3', md: '6' }} py="6">
        {WORD_IDS.map((id) => (
          <Box
            as="section"
            className="word-card"
            key={id}
            id={id}
            bg="paper"
            border="1px solid"
            borderColor="paperEdge"
            p="4"
            display="flex"
            gap="4"
          >
            <DrawnIcon drawing={wordDrawing(id)} cloth="harbour" scale={2.3} />
            <Box fontSize="14.5px">
              <Heading as="h2" fontSize="17px" mb="1">
                {TRADE_WORDS[id].word}
              </Heading>
              {TRADE_WORDS[id].means}
            </Box>
          </Box>
        ))}
      </Grid>
    </>
  );
}
