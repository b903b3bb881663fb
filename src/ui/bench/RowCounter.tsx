'use client';

import { Box, Button, Flex } from '@chakra-ui/react';
import { Pause, Undo2, Volume2, VolumeX } from 'lucide-react';
import { useMemo, useState } from 'react';
import { useHotkeys } from 'react-hotkeys-hook';
import { rowToWork, rowsDone, type BenchState, type PartToWork } from '@/core/bench';
import { duesOf, phaseOf, repeatsIn, shapingText, sideFacing, spokenRow, wordsOfEachRow } from '@/core/wording';
import { useBag } from '@/ui/bag/BagProvider';
import { ClickerBox } from './ClickerBox';
import { CountCheckField } from './CountCheckField';
import { Dues } from './Dues';
import type { MakingLog } from './makingLog';
import { RowField } from './RowField';
import { RepeatTally } from './RepeatTally';
import { Times } from './Times';
import { useAwake } from './useAwake';
import { useSpoken } from './useSpoken';

const COUNTED = { row: 'Row', round: 'Round' } as const;

/** So many of what comes is shown ahead. */
const SHOWN_AHEAD = 3;

/** The row in hand: its number, what is worked in it, what is to be minded, and one large press for done. */
export function RowCounter({ log, bench, part }: { log: MakingLog; bench: BenchState; part: PartToWork }) {
  const design = useBag((state) => state.design);
  const plan = useBag((state) => state.plan);
  const piece = plan.pieces.find(({ id }) => id === part.piece);
  const words = useMemo(() => (piece ? wordsOfEachRow(design, plan, piece) : []), [design, plan, piece]);
  const dues = useMemo(() => (piece ? duesOf(design, plan, piece) : []), [design, plan, piece]);
  const [isAloud, setAloud] = useState(false);
  const done = rowsDone(bench, part);
  const isWorked = done >= part.rowCount;
  const row = done + 1;
  const at = { piece: part.piece, copy: part.copy };
  const work = piece ? rowToWork(piece, row) : null;
  const counted = work?.counted ?? (piece && rowToWork(piece, part.rowCount)?.counted) ?? 'row';

  const finish = () => {
    if (!isWorked) log.tell({ kind: 'row', ...at, row });
  };
  const takeBack = () => {
    if (done > 0) log.takeBackTo(at, done - 1);
  };
  useHotkeys('space', finish, { preventDefault: true, ignoreEventWhen: ({ target }) => isOperated(target) });
  // What a pedal sends; a button has no use for it.
  useHotkeys('pagedown', finish, { preventDefault: true, ignoreEventWhen: ({ target }) => isMovedByKeys(target) });
  useHotkeys('backspace,pageup', takeBack, {
    preventDefault: true,
    ignoreEventWhen: ({ target }) => isMovedByKeys(target),
  });
  useAwake(!isWorked && !bench.isPaused);
  useSpoken(
    isAloud && !isWorked ? `${COUNTED[counted]} ${row}. ${spokenRow(words[done] ?? '', design.settings.terms)}` : null,
  );

  if (!piece) return null;
  const side = sideFacing(design, piece, row);
  const phase = phaseOf(design, piece, row);
  const repeats = repeatsIn(design, piece, row);
  const now = dues.filter((due) => (due.when === 'after' ? due.row === done : due.row === row && due.when === 'in'));
  const ahead = dues.filter((due) => !now.includes(due) && due.row >= row).slice(0, SHOWN_AHEAD);
  return (
    <Box data-testid="row-counter" data-row={row}>
      {isWorked ? (
        <Box fontFamily="heading" fontSize="30px" role="status">
          All {part.rowCount} {counted}s are worked.
        </Box>
      ) : (
        <>
          <Flex align="baseline" gap="4" wrap="wrap">
            <Box fontFamily="heading" fontSize={{ base: '64px', md: '84px' }} lineHeight="1" aria-live="polite">
              <Box as="span" srOnly>
                {COUNTED[counted]}{' '}
              </Box>
              {row}
            </Box>
            <Box fontSize="20px">
              of {part.rowCount} {counted}s
              {work && (
                <Box fontWeight={700}>
                  {work.stitches} stitches{side && `, ${side === 'RS' ? 'right' : 'wrong'} side facing you`}
                </Box>
              )}
            </Box>
          </Flex>
          <Box fontSize="20px" mt="2" lang="en">
            {words[done]}
          </Box>
          <Facts
            facts={[
              shapingText(piece, row),
              phase && `Row ${phase.row} of the pattern’s ${phase.of}`,
              repeats === null ? null : `The repeat comes ${repeats === 1 ? 'once' : `${repeats} times`}`,
              bench.isPaused ? 'You laid the work down here.' : null,
            ]}
          />
        </>
      )}
      {!isWorked && repeats !== null && repeats > 1 && <RepeatTally key={row} repeats={repeats} />}
      <Dues now={now} ahead={ahead} rowNow={row} counted={counted} />
      <Flex gap="3" mt="3" wrap="wrap">
        <Button
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
      <Flex gap="2" mt="3" wrap="wrap" align="end">
        <CountCheckField {...{ log, part, piece, design }} row={done} />
        <RowField log={log} part={part} done={done} counted={counted} />
        <Button
          minH="44px"
          variant="outline"
          bg="paper"
          onClick={() => log.tell({ kind: 'pause' })}
          disabled={bench.isPaused}
        >
          <Pause aria-hidden size={18} /> Lay it down
        </Button>
        <Button minH="44px" variant="outline" bg="paper" aria-pressed={isAloud} onClick={() => setAloud(!isAloud)}>
          {isAloud ? <Volume2 aria-hidden size={18} /> : <VolumeX aria-hidden size={18} />} Read rows aloud
        </Button>
      </Flex>
      <ClickerBox onPress={finish} />
      <Times bench={bench} part={part} done={done} />
    </Box>
  );
}

/** What is typed into, or moved by keys: it keeps them. */
const MOVED_BY_KEYS = 'input, textarea, select, [tabindex="0"]';
const isMovedByKeys = (target: EventTarget | null): boolean =>
  target instanceof Element && target.closest(MOVED_BY_KEYS) !== null;

/** What a space presses keeps it as well; a link has no use for it. */
const isOperated = (target: EventTarget | null): boolean =>
  target instanceof Element && target.closest(`${MOVED_BY_KEYS}, button, summary`) !== null;

function Facts({ facts }: { facts: readonly (string | null)[] }) {
  const told = facts.filter((fact) => fact !== null);
  if (told.length === 0) return null;
  return (
    <Box mt="1" color="inkSoft" fontSize="16px">
      {told.join('. ')}
    </Box>
  );
}
