'use client';

import { Box, Flex, chakra } from '@chakra-ui/react';
import Link from 'next/link';
import { usePathname } from 'next/navigation';
import { BASIS_SIGN, BASIS_WORDS } from '@/core/wording';
import { useBag, useBagBehind } from './BagProvider';
import { PLACES, type PlaceSlug } from './places';

const TapeLink = chakra(Link);

/** The places of a bag along a tape measure, numbered in the order of work. */
export function TapeNav() {
  const id = useBag((state) => state.id);
  const path = usePathname();
  return (
    <Flex
      as="nav"
      aria-label="Places"
      bg="brassPale"
      borderBottom="2px solid"
      borderColor="brassDeep"
      flexWrap={{ base: 'wrap', lg: 'nowrap' }}
      backgroundImage="repeating-linear-gradient(90deg, var(--chakra-colors-brass-deep) 0 1px, transparent 1px 12px)"
      backgroundSize="100% 7px"
      backgroundRepeat="repeat-x"
    >
      {PLACES.map(({ slug, name }, index) => {
        const here = path.endsWith(`/${slug}`);
        return (
          <TapeLink
            key={slug}
            href={`/bags/${id}/${slug}`}
            aria-current={here ? 'page' : undefined}
            display="flex"
            alignItems="baseline"
            gap="2"
            px={{ base: '2.5', xl: '5' }}
            pt={{ base: '2', lg: '3' }}
            pb={{ base: '1', lg: '2' }}
            whiteSpace="nowrap"
            color="ink"
            borderRight="1px solid"
            borderColor="brassDeep"
            bg={here ? 'paper' : undefined}
            boxShadow={here ? 'inset 0 -4px 0 var(--chakra-colors-ink)' : undefined}
            fontWeight={here ? 700 : 500}
          >
            <Box as="span" fontFamily="heading" fontSize="13px" color="brassDeep" aria-hidden>
              {index + 1}
            </Box>
            {name}
            {slug === 'swatch' && <SwatchBasis />}
            <ToDecide place={slug} />
          </TapeLink>
        );
      })}
    </Flex>
  );
}

/** Where nothing was measured yet, or not for this, the swatch's place on the tape says so. */
function SwatchBasis() {
  const basis = useBagBehind('numbers', ({ plan }) => plan.gauge.basis);
  if (basis === null) return null;
  return (
    <span className="tape-basis">
      {BASIS_SIGN} {BASIS_WORDS[basis]}
    </span>
  );
}

/** How much is to decide in a place. It follows like the numbers, and the tape holds still. */
function ToDecide({ place }: { place: PlaceSlug }) {
  const decisions = useBagBehind(
    'numbers',
    ({ plan }) => plan.problems.filter((problem) => problem.place === place && problem.severity === 'decide').length,
  );
  if (decisions === 0) return null;
  return (
    <span className="to-decide" aria-label={`${decisions} to decide`}>
      {decisions}!
    </span>
  );
}
