'use client';

import { Box, Grid, Heading, Stack } from '@chakra-ui/react';
import { Children, type ReactNode } from 'react';
import { InSight, useInSight } from './InSight';

interface PlaceLayoutProps {
  title: string;
  /** The drawing that carries the place. */
  drawing: ReactNode;
  /** What is chosen and what follows from it. */
  children: ReactNode;
  columns?: string;
  /** The drawing has a height of its own, and is not made to fill its place. */
  ownHeight?: boolean;
  /** On a phone what is worked with comes first, and the drawing after it. */
  drawingLast?: boolean;
}

/** A place: its drawing on the counter to the left, its choices and tickets to the right. One below the other on a phone. */
export function PlaceLayout({
  title,
  drawing,
  children,
  columns = 'minmax(0, 23fr) minmax(0, 27fr)',
  ownHeight = false,
  drawingLast = false,
}: PlaceLayoutProps) {
  const beside = (
    <Box
      {...(drawingLast ? { gridColumn: { lg: 1 }, gridRow: { lg: 1 } } : {})}
      position="relative"
      minH={{ base: ownHeight ? '0' : '460px', lg: 'calc(100vh - 190px)' }}
    >
      <Box
        position={{ lg: 'sticky' }}
        top="12px"
        height={{ base: ownHeight ? 'auto' : '460px', lg: 'calc(100vh - 190px)' }}
      >
        {drawing}
      </Box>
    </Box>
  );
  const worked = (
    <Stack gap="4" pb="6" {...(drawingLast ? { gridColumn: { lg: 2 }, gridRow: { lg: 1 } } : {})}>
      {Children.map(children, (child) => (
        <Part>{child}</Part>
      ))}
    </Stack>
  );
  return (
    <Grid templateColumns={{ base: 'minmax(0, 1fr)', lg: columns }} gap="4" flex="1">
      <Heading as="h1" srOnly>
        {title}
      </Heading>
      {/* In the page as on the screen, so that nothing jumps as it comes in. */}
      {drawingLast ? worked : beside}
      {drawingLast ? beside : worked}
    </Grid>
  );
}

/** A part of the column beside the drawing. Out of sight, its numbers wait for the hand. */
function Part({ children }: { children: ReactNode }) {
  const [ref, isInSight] = useInSight<HTMLDivElement>();
  return (
    <div ref={ref} className="part">
      <InSight value={isInSight}>{children}</InSight>
    </div>
  );
}

interface GroupProps {
  title: string;
  action?: ReactNode;
  /** What comes next by `core/whatNext` is done here: its codes, one after the other. */
  next?: string;
  children: ReactNode;
}

/** A titled group of a place. */
export function Group({ title, action, next, children }: GroupProps) {
  return (
    <section className="group" aria-label={title} data-next={next}>
      <div className="group-head">
        <h2>{title}</h2>
        {action}
      </div>
      {children}
    </section>
  );
}

/** Fields or tickets side by side, as many as fit. */
export function Row({ children }: { children: ReactNode }) {
  return <div className="row">{children}</div>;
}
