'use client';

import { Box, Button, Flex, Progress, SimpleGrid } from '@chakra-ui/react';
import dynamic from 'next/dynamic';
import { useEffect, useMemo, useRef, useState } from 'react';
import { makingsFigures, type Makings, type Measure } from '@/core/makings';
import type { Plan } from '@/core/plan';
import { influenceText } from '@/core/wording';
import { useBag, useBagStore } from '@/ui/bag/BagProvider';
import { Group } from '@/ui/bag/PlaceLayout';
import { AskableNumber } from '@/ui/figures/FigureTicket';
import { inWorker, type Running } from '@/ui/workers/planningWorker';

const SpreadChart = dynamic(() => import('./SpreadChart').then((module) => module.SpreadChart), { ssr: false });

const RUNS = 2000;

const NAMES: Record<Measure, string> = {
  width: 'Width',
  height: 'Height, empty',
  cover: 'Flap down the front, loaded',
  snap: 'Snap below its mate, loaded',
};

/** How the makings stand: none yet, being made, made of a plan, or broken off. */
type State =
  | { kind: 'none' }
  | { kind: 'making'; share: number }
  | { kind: 'made'; plan: Plan; makings: Makings }
  | { kind: 'failed' };

/** The bag made two thousand times over on paper: how far its sizes would differ, and what that comes from. */
export function MakingsGroup() {
  const edition = useBag((state) => state.edition);
  const unit = useBag((state) => state.design.settings.lengthUnit);
  const store = useBagStore();
  const { state, start, stop } = useMakings(edition);
  const figures = useMemo(() => (state.kind === 'made' ? makingsFigures(state.makings, state.plan) : null), [state]);
  useEffect(() => {
    if (figures)
      store
        .getState()
        .showBesides([
          ...figures.spreads.flatMap(({ low, high, left }) => [low, high, left]),
          ...(figures.fit ? [figures.fit] : []),
        ]);
  }, [figures, store]);
  return (
    <Group
      title="If you made it two thousand times"
      action={
        state.kind === 'making' ? (
          <Button size="xs" variant="outline" bg="paper" onClick={stop}>
            Stop
          </Button>
        ) : (
          <Button size="xs" variant="outline" bg="paper" onClick={start}>
            {state.kind === 'made' ? 'Make them again' : 'Make them on paper'}
          </Button>
        )
      }
    >
      {state.kind === 'none' && (
        <Box fontSize="14.5px">
          No two makings come out alike: gauge, tired hands, a row miscounted, a seam. See how far the sizes would
          differ.
        </Box>
      )}
      {state.kind === 'failed' && (
        <Box role="alert" fontSize="14.5px">
          That broke off and nothing came of it. Your bag is as it was; try once more.
        </Box>
      )}
      {state.kind === 'making' && (
        <Flex gap="3" align="center" role="status" fontSize="14px">
          <span>Making them…</span>
          <Progress.Root value={Math.round(state.share * 100)} width="10em" size="sm" aria-label="How many are made">
            <Progress.Track>
              <Progress.Range />
            </Progress.Track>
          </Progress.Root>
        </Flex>
      )}
      {state.kind === 'made' && figures && (
        <div data-testid="makings">
          {figures.fit && (
            <Box fontSize="15px" mb="2">
              What goes in fits in <AskableNumber figure={figures.fit} /> of them.
            </Box>
          )}
          <SimpleGrid columns={{ base: 1, md: 2 }} gap="4">
            {state.makings.spreads.map((spread, index) => {
              const { low, high, left } = figures.spreads[index] as (typeof figures.spreads)[number];
              const [first] = spread.influences;
              return (
                <Box key={spread.measure} bg="paper" border="1px solid" borderColor="paperEdge" p="3">
                  <Box as="h3" fontSize="15px">
                    {NAMES[spread.measure]}
                  </Box>
                  <SpreadChart
                    label={NAMES[spread.measure]}
                    valuesMm={spread.valuesMm}
                    plannedMm={spread.plannedMm}
                    unit={unit}
                  />
                  <Box fontSize="14px">
                    19 in 20 between <AskableNumber figure={low} signed={spread.measure === 'snap'} /> and{' '}
                    <AskableNumber figure={high} signed={spread.measure === 'snap'} />
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
    </Group>
  );
}

/** The makings of the bag as it is now: what was made of an earlier plan is put away once the bag changes. */
function useMakings(edition: number) {
  const [state, setState] = useState<State>({ kind: 'none' });
  const [ofEdition, setOfEdition] = useState(edition);
  const running = useRef<Running<Makings> | null>(null);
  const seed = useRef(0);
  const store = useBagStore();
  if (ofEdition !== edition) {
    setOfEdition(edition);
    setState({ kind: 'none' });
  }
  useEffect(() => {
    // A change of the bag, or leaving it, ends what is being made.
    return () => running.current?.stop();
  }, [edition]);
  const start = () => {
    const { plan } = store.getState();
    seed.current += 1;
    const stopped = { by: false };
    const run = inWorker(
      (worker, onShare) => worker.makings(plan, RUNS, seed.current, onShare),
      (share) => setState({ kind: 'making', share }),
    );
    running.current = { result: run.result, stop: () => ((stopped.by = true), run.stop()) };
    setState({ kind: 'making', share: 0 });
    void run.result.then((made) => {
      if (stopped.by) setState({ kind: 'none' });
      else setState(made ? { kind: 'made', plan, makings: made } : { kind: 'failed' });
    });
  };
  return { state, start, stop: () => running.current?.stop() };
}
