'use client';

import { Box, Button, Flex } from '@chakra-ui/react';
import { Pause, Play } from 'lucide-react';
import { memo, useDeferredValue, useEffect, useMemo, useState } from 'react';
import { partKey, partsToWork, rowToWork, type Moment, type PartAt } from '@/core/bench';
import { duesOf, partName, stepTexts, wordsOfPart } from '@/core/wording';
import { useBag } from '@/ui/bag/BagProvider';
import { Group } from '@/ui/bag/PlaceLayout';
import { FoldedBagView } from '@/ui/folded/FoldedBagView';

/** So many moments a second. */
const SPEEDS = [1, 4, 16] as const;

/** The whole making on paper before it is begun: moved through by hand, or left to run. Nothing of it is counted. */
export const RehearseGroup = memo(function RehearseGroup({
  moments,
  at,
  rows,
  onMove,
}: {
  moments: readonly Moment[];
  /** How many moments are shown as done; null where nothing is rehearsed. */
  at: number | null;
  /** How many rows of each piece are shown as worked. */
  rows: ReadonlyMap<PartAt['piece'], number>;
  onMove: (at: number | null) => void;
}) {
  const [speed, setSpeed] = useState<(typeof SPEEDS)[number] | null>(null);
  // The bag follows the slider as fast as it can be drawn.
  const upTo = useDeferredValue(rows);
  const isOver = at !== null && at >= moments.length;
  useEffect(() => {
    if (speed === null || at === null || isOver) return;
    const timer = setTimeout(() => onMove(at + 1), 1000 / speed);
    return () => clearTimeout(timer);
  }, [speed, at, isOver, onMove]);
  if (at === null)
    return (
      <Group title="Rehearse">
        <Button minH="44px" variant="outline" bg="paper" onClick={() => onMove(0)}>
          Go through the whole making first
        </Button>
      </Group>
    );
  const isRunning = speed !== null && !isOver;
  return (
    <Group
      title="Rehearse"
      action={
        <Button size="sm" minH="44px" variant="outline" bg="paper" onClick={() => onMove(null)}>
          Back to your own rows
        </Button>
      }
    >
      <input
        type="range"
        min={0}
        max={moments.length}
        value={at}
        aria-label="How far the making is rehearsed"
        aria-valuetext={`${at} of ${moments.length}`}
        style={{ width: '100%', minHeight: 44 }}
        onChange={({ target }) => onMove(Number(target.value))}
      />
      <MomentText moment={moments[at] ?? null} />
      <FoldedBagView heightPx={280} upTo={upTo} />
      <Flex gap="2" mt="2" wrap="wrap">
        <Button
          bg="drawer"
          color="drawerText"
          minH="44px"
          onClick={() => setSpeed(isRunning ? null : (speed ?? SPEEDS[1]))}
          disabled={isOver}
        >
          {isRunning ? <Pause aria-hidden size={18} /> : <Play aria-hidden size={18} />}{' '}
          {isRunning ? 'Stop' : 'Let it run'}
        </Button>
        {SPEEDS.map((one) => (
          <Button
            key={one}
            minH="44px"
            variant="outline"
            bg={speed === one ? 'brassPale' : 'paper'}
            aria-pressed={speed === one}
            onClick={() => setSpeed(one)}
          >
            {one} a second
          </Button>
        ))}
      </Flex>
    </Group>
  );
});

/** What comes next, in words. */
function MomentText({ moment }: { moment: Moment | null }) {
  const design = useBag((state) => state.design);
  const plan = useBag((state) => state.plan);
  const parts = useMemo(
    () =>
      new Map(
        partsToWork(plan).map((part) => [
          partKey(part),
          { part, words: wordsOfPart(design, plan, part), dues: duesOf(design, plan, part.of) },
        ]),
      ),
    [design, plan],
  );
  const steps = useMemo(() => stepTexts(design, plan), [design, plan]);
  if (moment === null)
    return (
      <Box fontSize="18px" data-testid="rehearsed">
        The bag is made.
      </Box>
    );
  if (moment.kind === 'step') {
    const step = steps.find(({ id }) => id === moment.step);
    return (
      <Box fontSize="18px" minH="5.5em" data-testid="rehearsed">
        <b>{step?.title}.</b> {step?.what} {step?.notLater && `Not later: ${step.notLater}`}
      </Box>
    );
  }
  const { row } = moment;
  const at = parts.get(partKey(moment.part));
  if (!at) return null;
  const counted = rowToWork(at.part.of, row)?.counted ?? 'row';
  const due = at.dues.filter((one) => one.row === row && one.when !== 'lies');
  return (
    <Box fontSize="18px" minH="5.5em" data-testid="rehearsed">
      <b>
        {partName(at.part, plan.fittings)}, {counted} {row}:
      </b>{' '}
      {at.words[row - 1]} {due.map(({ says }) => `Then ${says}.`).join(' ')}
    </Box>
  );
}
