'use client';

import { Box, Grid, Heading, chakra } from '@chakra-ui/react';
import { BookOpen, PackageOpen, Ruler, ScrollText, type LucideIcon } from 'lucide-react';
import Link from 'next/link';

/** Where a new bag is opened first: at what it carries, or at its sizes. */
export type FirstPlace = 'carry' | 'body';

interface EmptyShelfProps {
  onExample: () => void;
  onBegin: (place: FirstPlace) => void;
}

/** A shelf with nothing on it yet: an example to walk through, and three ways to begin. */
export function EmptyShelf({ onExample, onBegin }: EmptyShelfProps) {
  return (
    <Box as="section" aria-label="Begin" maxW="64em">
      <Heading as="h2" fontSize="20px" mb="1">
        The shelf is empty.
      </Heading>
      <Box mb="4" maxW="70ch">
        A bag is planned from what it must hold, or from a size; and from a swatch, which can wait. Each place of a bag
        has a line, “Next”, that says what is worth doing there.
      </Box>
      <Grid templateColumns={{ base: '1fr', sm: '1fr 1fr', lg: 'repeat(4, 1fr)' }} gap="4">
        <Door Icon={PackageOpen} title="What must it hold?" onPress={() => onBegin('carry')}>
          You have the things: the bag is made around them.
        </Door>
        <Door Icon={Ruler} title="I have a size in mind" onPress={() => onBegin('body')}>
          You know how wide and how high: the counts follow.
        </Door>
        <Door Icon={ScrollText} title="I have a pattern" href="/reader">
          Paste it: every row is worked and checked, and can become a bag.
        </Door>
        <Door Icon={BookOpen} title="Walk through an example" onPress={onExample}>
          A small pouch, planned to its end. Change what you like.
        </Door>
      </Grid>
    </Box>
  );
}

interface DoorProps {
  Icon: LucideIcon;
  title: string;
  href?: string;
  onPress?: () => void;
  children: string;
}

function Door({ Icon, title, href, onPress, children }: DoorProps) {
  const inside = (
    <>
      <Icon size={30} strokeWidth={1.5} aria-hidden />
      <span className="door-title">{title}</span>
      <span>{children}</span>
    </>
  );
  return href === undefined ? (
    <chakra.button type="button" className="door" onClick={onPress}>
      {inside}
    </chakra.button>
  ) : (
    <Link href={href} prefetch={false} className="door">
      {inside}
    </Link>
  );
}
