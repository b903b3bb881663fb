'use client';

import { Box, Button, Flex, List } from '@chakra-ui/react';
import { Check, Circle, CircleDashed, Hourglass, OctagonX, SkipForward } from 'lucide-react';
import { memo, useMemo, useState, type ReactNode } from 'react';
import { partsToWork, stepStandings, stepsByRows, wouldShut, type BenchState, type StepStanding } from '@/core/bench';
import type { Figure } from '@/core/figures';
import type { Step, StepId } from '@/core/making';
import { stepFigures, stepTexts, type StepText } from '@/core/wording';
import { useBag, useBagStore } from '@/ui/bag/BagProvider';
import { Group } from '@/ui/bag/PlaceLayout';
import { useShared } from '@/ui/drawing/useShared';
import { WhyThese } from '@/ui/figures/WhyThese';
import type { MakingLog } from './makingLog';
import { StepNotes } from './StepNotes';
import { StepPhotos } from './StepPhotos';
import { WaysOut } from './WaysOut';

/** The mark on the drawing that a step of the body is about; what is put on says its own. */
const MARKS: Partial<Record<StepId, string>> = {
  start: 'edge.front',
  'mark-base': 'fold.base',
  'mark-top': 'fold.top',
  'work-flap': 'edge.flap',
  fold: 'fold.base',
  'seam-sides': 'seam.sides',
};

/** What can be done now is pressed for; the rest can be told as well. */
const READY = { bg: 'drawer', color: 'drawerText' } as const;
const LATER = { variant: 'outline', bg: 'paper' } as const;

/** So many steps are named where others wait for them. */
const MOST_NAMED = 3;

/** How a step stands, by sign and word. */
const STANDING: Record<StepStanding['is'], { icon: ReactNode; words: string }> = {
  done: { icon: <Check size={18} />, words: 'Done' },
  skipped: { icon: <SkipForward size={18} />, words: 'Passed over' },
  ready: { icon: <Circle size={18} />, words: 'Can be done now' },
  waits: { icon: <CircleDashed size={18} />, words: 'Waits' },
  'too-late': { icon: <OctagonX size={18} />, words: 'Too late' },
};

/** The steps in an order in which nothing is set too late: what can be done now, what waits, and what a step shuts off before it is ticked. */
export const StepList = memo(function StepList({ log, bench }: { log: MakingLog; bench: BenchState }) {
  const design = useBag((state) => state.design);
  const plan = useBag((state) => state.plan);
  const steps = useMemo(() => stepTexts(design, plan), [design, plan]);
  const standings = useMemo(
    () => stepStandings(plan.steps, bench.steps, stepsByRows(partsToWork(plan), bench)),
    [plan, bench],
  );
  const figures = useMemo(() => plan.steps.map(({ id }) => stepFigures(plan, id)), [plan]);
  const notes = useShared(bench.notes);
  const named = (ids: readonly StepId[]) => {
    const titles = ids.slice(0, MOST_NAMED).map((id) => `“${steps.find((step) => step.id === id)?.title ?? id}”`);
    return ids.length > MOST_NAMED ? `${titles.join(', ')} and ${ids.length - MOST_NAMED} more` : titles.join(', ');
  };
  const done = [...standings.values()].filter(({ is }) => is === 'done').length;
  return (
    <Group title={`Steps, ${done} of ${steps.length} done`}>
      <List.Root as="ol" listStyleType="none" ps="0" gap="2">
        {steps.map((text, index) => (
          <StepItem
            key={text.id}
            {...{ log, notes, text }}
            mark={plan.steps[index]?.of?.mark ?? MARKS[text.id] ?? null}
            number={index + 1}
            figures={figures[index] as Figure[]}
            {...toldStanding(standings.get(text.id), named)}
            shuts={named(wouldShut(plan.steps[index] as Step, standings))}
          />
        ))}
      </List.Root>
    </Group>
  );
});

/** How a step stands, and the names of the steps that it waits for, or that are done already. */
const toldStanding = (
  standing: StepStanding = { is: 'ready' },
  named: (ids: readonly StepId[]) => string,
): { is: StepStanding['is']; others: string } => ({
  is: standing.is,
  others: standing.is === 'waits' ? named(standing.for) : standing.is === 'too-late' ? named(standing.after) : '',
});

/** A step. What it is shown by is plain, so that a row that is counted leaves it as it is. */
const StepItem = memo(function StepItem({
  log,
  notes,
  text,
  mark,
  number,
  is,
  others,
  shuts,
  figures,
}: {
  log: MakingLog;
  notes: BenchState['notes'];
  text: StepText;
  mark: string | null;
  number: number;
  is: StepStanding['is'];
  others: string;
  /** The names of the steps that are too late once this one is done; empty where none is. */
  shuts: string;
  figures: Figure[];
}) {
  const store = useBagStore();
  const [warned, setWarned] = useState<'done' | 'skipped' | null>(null);
  const isOver = is === 'done' || is === 'skipped';
  const say = (as: 'done' | 'skipped' | 'open') => {
    setWarned(null);
    log.tell({ kind: 'step', step: text.id, as });
  };
  return (
    <List.Item
      data-step={text.id}
      data-standing={is}
      bg="paper"
      border="1px solid"
      borderColor={is === 'too-late' ? 'decide' : 'paperEdge'}
      px="3"
      py="2"
      onPointerEnter={() => store.getState().select(mark)}
    >
      <Flex gap="3">
        <Box fontFamily="heading" fontSize="18px" color="brassDeep" minW="1.6em" textAlign="right">
          {number}
        </Box>
        <Box flex="1">
          <Box fontWeight={700}>{text.title}</Box>
          <Flex gap="1.5" align="center" fontSize="14px" color="inkSoft">
            <Box aria-hidden>{STANDING[is].icon}</Box>
            {STANDING[is].words}
            {is === 'waits' && ` for ${others}`}
            {is === 'too-late' && `: ${others} is done`}
          </Flex>
          {!isOver && <Box>{text.what}</Box>}
          {!isOver && <WhyThese figures={figures} />}
          {!isOver && text.check && <Remark icon={<Check size={15} />}>Check: {text.check}</Remark>}
          {!isOver && text.notLater && <Remark icon={<Hourglass size={15} />}>Not later: {text.notLater}</Remark>}
          {is !== 'done' && <WaysOut ways={text.ways} />}
          {warned && (
            <Box role="alert" bg="brassPale" px="3" py="2" mt="2">
              {warned === 'skipped'
                ? `Passed over: ${text.notLater ?? 'it may be missed later.'}`
                : `After this it is too late for ${shuts}.`}
              <Flex gap="2" mt="2" wrap="wrap">
                <Button size="sm" minH="44px" onClick={() => say(warned)}>
                  {warned === 'skipped' ? 'Pass it over' : 'It is done all the same'}
                </Button>
                <Button size="sm" minH="44px" variant="outline" bg="paper" onClick={() => setWarned(null)}>
                  Not yet
                </Button>
              </Flex>
            </Box>
          )}
          {!warned && (
            <Flex gap="2" mt="2" wrap="wrap">
              {isOver ? (
                <Button size="sm" minH="44px" variant="outline" bg="paper" onClick={() => say('open')}>
                  Not done after all
                </Button>
              ) : (
                <>
                  <Button
                    size="sm"
                    minH="44px"
                    {...(is === 'ready' ? READY : LATER)}
                    onClick={() => (shuts ? setWarned('done') : say('done'))}
                  >
                    Done
                    <Box as="span" srOnly>
                      : {text.title}
                    </Box>
                  </Button>
                  <Button size="sm" minH="44px" variant="outline" bg="paper" onClick={() => setWarned('skipped')}>
                    Pass over
                    <Box as="span" srOnly>
                      : {text.title}
                    </Box>
                  </Button>
                </>
              )}
              <StepNotes log={log} step={text.id} title={text.title} notes={notes} />
              <StepPhotos step={text.id} title={text.title} />
            </Flex>
          )}
        </Box>
      </Flex>
    </List.Item>
  );
});

function Remark({ icon, children }: { icon: ReactNode; children: ReactNode }) {
  return (
    <Flex gap="1.5" fontSize="14px" color="inkSoft" align="baseline">
      <Box aria-hidden flexShrink={0} alignSelf="center">
        {icon}
      </Box>
      <Box>{children}</Box>
    </Flex>
  );
}
