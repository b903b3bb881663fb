'use client';

import { Box, SimpleGrid } from '@chakra-ui/react';
import dynamic from 'next/dynamic';
import { useEffect, useMemo, useRef } from 'react';
import { makingsFigures, type Makings } from '@/core/makings';
import type { Plan } from '@/core/plan';
import { influenceText } from '@/core/wording';
import { useBag, useBagStore } from '@/ui/bag/BagProvider';
import { FoldedGroup } from '@/ui/bag/FoldedGroup';
import { AskableNumber } from '@/ui/figures/FigureTicket';
import { RunButton, RunProgress } from '@/ui/workers/RunProgress';
import { useRun } from '@/ui/workers/useRun';

const SpreadChart = dynamic(() => import('./SpreadChart').then((module) => module.SpreadChart), { ssr: false });

const RUNS = 2000;

/** The bag made two thousand times over on paper: how far its sizes would differ, and what that comes from. */
export function MakingsGroup() {
  const unit = useBag((state) => state.design.settings.lengthUnit);
  const store = useBagStore();
  const { state, start, stop } = useRun<{ plan: Plan; makings: Makings }>();
  const seed = useRef(0);
  const made = state.kind === 'done' ? state.result : null;
  const figures = useMemo(() => made && makingsFigures(made.makings, made.plan), [made]);
  const make = () => {
    const { plan } = store.getState();
    seed.current += 1;
    const runSeed = seed.current;
    start(async (worker, onShare) => ({ plan, makings: await worker.makings(plan, RUNS, runSeed, onShare) }));
  };
  useEffect(() => {
    if (figures)
      store
        .getState()
        .showBesides('makings', [
          ...figures.spreads.flatMap(({ low, high, left }) => [low, high, left]),
          ...(figures.fit ? [figures.fit] : []),
        ]);
  }, [figures, store]);
  return (
    <FoldedGroup title="How far may sizes vary?" answer={figures ? undefined : 'made two thousand times on paper'}>
      <RunButton state={state} begin="Make them on paper" again="Make them again" onStart={make} onStop={stop} />
      {state.kind === 'none' && (
        <Box fontSize="14.5px">
          No two makings come out alike: gauge, tired hands, a row miscounted, a seam. See how far the sizes would
          differ.
        </Box>
      )}
      <RunProgress state={state} doing="Making them…" label="How many are made" />
      {made && figures && (
        <div data-testid="makings">
          {figures.fit && (
            <Box fontSize="15px" mb="2">
              What goes in fits in <AskableNumber figure={figures.fit} /> of them.
            </Box>
          )}
          <SimpleGrid columns={{ base: 1, md: 2 }} gap="4">
            {made.makings.spreads.map((spread, index) => {
              const { low, high, left } = figures.spreads[index] as (typeof figures.spreads)[number];
              const [first] = spread.influences;
              return (
                <Box key={spread.measure} bg="paper" border="1px solid" borderColor="paperEdge" p="3">
                  <Box as="h3" fontSize="15px">
                    {spread.name}
                  </Box>
                  <SpreadChart
                    label={spread.name}
                    valuesMm={spread.valuesMm}
                    plannedMm={spread.plannedMm}
                    unit={unit}
                  />
                  <Box fontSize="14px">
                    19 in 20 between <AskableNumber figure={low} signed={spread.isDifference} /> and{' '}
                    <AskableNumber figure={high} signed={spread.isDifference} />
                  </Box>
                  {first && (
                    <Box fontSize="13px" color="inkSoft">
                      {influenceText(first)} <AskableNumber figure={left} />
                    </Box>
                  )}
                </Box>
              );
            })}
          </SimpleGrid>
          <Box fontSize="13px" color="inkSoft" mt="2">
            The inked bar holds the planned size. Sizes read in {unit === 'cm' ? 'centimetres' : 'inches'}.
          </Box>
        </div>
      )}
    </FoldedGroup>
  );
}
