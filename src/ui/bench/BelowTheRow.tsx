'use client';

import { Button, Flex } from '@chakra-ui/react';
import { Pause, Undo2 } from 'lucide-react';
import { memo, useEffect, useRef, type ReactNode } from 'react';
import { rowsDone, type BenchState, type PartToWork } from '@/core/bench';
import type { Due } from '@/core/wording';
import { useBag } from '@/ui/bag/BagProvider';
import { ClickerBox } from './ClickerBox';
import { CountCheckField } from './CountCheckField';
import { Dues } from './Dues';
import type { MakingLog } from './makingLog';
import { RowField } from './RowField';
import { Times } from './Times';

const COUNTED = { row: 'Row', round: 'Round' } as const;

/** So many of what comes is shown ahead. */
const SHOWN_AHEAD = 3;

interface BelowTheRowProps {
  log: MakingLog;
  /** As it was a frame ago: the row itself is drawn first. */
  bench: BenchState;
  part: PartToWork;
  isChosen: boolean;
  dues: readonly Due[];
  counted: 'row' | 'round';
  finish: () => void;
  takeBack: () => void;
  children: ReactNode;
}

/** What stands below the row in hand: what is to be minded, the presses, the check of the count, devices, times. It follows the row by a frame. */
export const BelowTheRow = memo(function BelowTheRow({
  log,
  bench,
  part,
  isChosen,
  dues,
  counted,
  finish,
  takeBack,
  children,
}: BelowTheRowProps) {
  const design = useBag((state) => state.design);
  const done = rowsDone(bench, part);
  const isWorked = done >= part.rowCount;
  const row = done + 1;
  const now = dues.filter((due) => (due.when === 'after' ? due.row === done : due.row === row && due.when === 'in'));
  const ahead = dues.filter((due) => !now.includes(due) && due.row >= row).slice(0, SHOWN_AHEAD);
  return (
    <>
      <Dues now={now} ahead={ahead} rowNow={row} counted={counted} />
      <Presses {...{ counted, isWorked, isChosen, finish, takeBack, done }} />
      <Flex gap="2" mt="3" wrap="wrap" align="end">
        <CountCheckField {...{ log, part, design }} row={done} />
        <RowField log={log} part={part} counted={counted} />
        <Button
          minH="44px"
          variant="outline"
          bg="paper"
          onClick={() => log.tell({ kind: 'pause' })}
          disabled={bench.isPaused}
        >
          <Pause aria-hidden size={18} /> Lay it down
        </Button>
        {children}
      </Flex>
      <ClickerBox onPress={finish} />
      <Times bench={bench} part={part} done={done} />
    </>
  );
});

/** The large press for a row done, and the one that takes it back. */
function Presses({
  counted,
  isWorked,
  isChosen,
  finish,
  takeBack,
  done,
}: Pick<BelowTheRowProps, 'counted' | 'isChosen' | 'finish' | 'takeBack'> & { isWorked: boolean; done: number }) {
  const button = useRef<HTMLButtonElement>(null);
  useEffect(() => {
    if (isChosen) button.current?.focus({ preventScroll: true });
  }, [isChosen]);
  return (
    <Flex gap="3" mt="3" wrap="wrap">
      <Button
        ref={button}
        flex="1 1 60%"
        minH={{ base: '112px', md: '96px' }}
        fontSize="24px"
        bg="drawer"
        color="drawerText"
        onClick={finish}
        disabled={isWorked}
        data-testid="row-done"
      >
        {COUNTED[counted]} done
      </Button>
      <Button
        flex="1 1 25%"
        minH="64px"
        alignSelf="stretch"
        variant="outline"
        bg="paper"
        onClick={takeBack}
        disabled={done === 0}
      >
        <Undo2 aria-hidden /> Take back {done > 0 ? done : ''}
      </Button>
    </Flex>
  );
}
