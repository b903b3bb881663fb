'use client';

import { Box, chakra } from '@chakra-ui/react';
import { Check } from 'lucide-react';
import Link from 'next/link';
import { usePathname } from 'next/navigation';
import { useEffect, useRef } from 'react';
import { isDoneAt } from '@/core/whatNext';
import { BASIS_SIGN, BASIS_WORDS } from '@/core/wording';
import { useNextThings } from '@/ui/next/useNext';
import { useBag, useBagBehind } from './BagProvider';
import { PLACES, type PlaceSlug } from './places';

const TapeLink = chakra(Link);

/** The places of a bag along a tape measure, numbered in the order of work. */
export function TapeNav() {
  const id = useBag((state) => state.id);
  const path = usePathname();
  const things = useNextThings();
  const tape = useRef<HTMLElement>(null);
  // The place she is at lies in sight, with a little of what comes before and after it.
  useEffect(() => {
    const strip = tape.current;
    if (!strip) return;
    const show = () => {
      const here = strip.querySelector<HTMLElement>('[aria-current=page]');
      if (here) strip.scrollLeft = here.offsetLeft - (strip.clientWidth - here.offsetWidth) / 2;
    };
    // A phone that is turned shows another stretch of it.
    const observer = new ResizeObserver(show);
    observer.observe(strip);
    return () => observer.disconnect();
  }, [path]);
  return (
    <nav ref={tape} aria-label="Places" className="tape">
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
            flexShrink="0"
            pt="3"
            pb="2"
            minH="44px"
            whiteSpace="nowrap"
            color="ink"
            borderRight="1px solid"
            borderColor="brassDeep"
            bg={here ? 'paper' : undefined}
            boxShadow={here ? 'inset 0 -4px 0 var(--chakra-colors-ink)' : undefined}
            fontWeight={here ? 700 : 500}
          >
            <Box as="span" fontFamily="heading" fontSize="13px" color="brassDeep" minW="2ch" aria-hidden>
              {isDoneAt(slug, things) === true ? <Check size={13} strokeWidth={3.5} aria-hidden /> : index + 1}
            </Box>
            {name}
            {isDoneAt(slug, things) === true && <span className="only-read">, done</span>}
            {slug === 'swatch' && <SwatchBasis />}
            <ToDecide place={slug} />
          </TapeLink>
        );
      })}
    </nav>
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
