'use client';

import { Box, Flex, chakra } from '@chakra-ui/react';
import Link from 'next/link';
import { usePathname } from 'next/navigation';
import { PLACES } from './places';
import { useBag } from './BagProvider';

const TapeLink = chakra(Link);

/** The places of a bag along a tape measure, numbered in the order of work. */
export function TapeNav() {
  const id = useBag((state) => state.id);
  /** How much is to decide in each place, as one text: it stays the same through most of a drag. */
  const toDecide = useBag((state) =>
    PLACES.map(
      ({ slug }) => state.plan.problems.filter(({ place, severity }) => place === slug && severity === 'decide').length,
    ).join(),
  );
  const decisionsIn = toDecide.split(',').map(Number);
  const path = usePathname();
  return (
    <Flex
      as="nav"
      aria-label="Places"
      bg="brassPale"
      borderBottom="2px solid"
      borderColor="brassDeep"
      overflowX="auto"
      backgroundImage="repeating-linear-gradient(90deg, var(--chakra-colors-brass-deep) 0 1px, transparent 1px 12px)"
      backgroundSize="100% 7px"
      backgroundRepeat="repeat-x"
    >
      {PLACES.map(({ slug, name }, index) => {
        const here = path.endsWith(`/${slug}`);
        const decisions = decisionsIn[index] ?? 0;
        return (
          <TapeLink
            key={slug}
            href={`/bags/${id}/${slug}`}
            aria-current={here ? 'page' : undefined}
            display="flex"
            alignItems="baseline"
            gap="2"
            px={{ base: '3', md: '5' }}
            pt="3"
            pb="2"
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
            {decisions > 0 && (
              <Box
                as="span"
                bg="decide"
                color="white"
                borderRadius="full"
                px="1.5"
                fontSize="12px"
                fontWeight={700}
                aria-label={`${decisions} to decide`}
              >
                {decisions}!
              </Box>
            )}
          </TapeLink>
        );
      })}
    </Flex>
  );
}
