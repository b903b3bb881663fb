'use client';

import { Box, Button, Flex } from '@chakra-ui/react';
import { Pause, Undo2, Volume2, VolumeX } from 'lucide-react';
import { useEffect, useMemo, useState, type ReactNode } from 'react';
import { useHotkeys } from 'react-hotkeys-hook';
import { partKey, rowToWork, rowsDone, type BenchState, type PartToWork } from '@/core/bench';
import {
  dueIn,
  duesOf,
  phaseOf,
  repeatsIn,
  shapingText,
  sideFacing,
  spokenRow,
  wordsOfEachRow,
  type Due,
} from '@/core/wording';
import { useBag } from '@/ui/bag/BagProvider';
import { CountCheckField } from './CountCheckField';
import type { MakingLog } from './makingLog';
import { RowField } from './RowField';
import { timeText } from './timeText';
import { useAwake } from './useAwake';

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

const WHEN: Record<Due['when'], string> = { after: 'before you go on: ', in: '', lies: 'here lies ' };

function Dues({
  now,
  ahead,
  rowNow,
  counted,
}: {
  now: readonly Due[];
  ahead: readonly Due[];
  rowNow: number;
  counted: 'row' | 'round';
}) {
  return (
    <>
      {now.length > 0 && (
        <Box
          bg="brassPale"
          border="2px solid"
          borderColor="brassDeep"
          px="3"
          py="2"
          mt="3"
          fontSize="18px"
          role="status"
          data-testid="due-now"
        >
          {now.map((due) => (
            <Box key={due.says}>
              <b>Now</b>, {WHEN[due.when]}
              {due.says}
            </Box>
          ))}
        </Box>
      )}
      {ahead.length > 0 && (
        <Box as="ul" listStyleType="none" mt="3" ps="0" fontSize="15px" data-testid="due-ahead">
          {ahead.map((due) => (
            <Ahead key={`${due.row} ${due.says}`}>
              <b>{due.row === rowNow ? `in this ${counted}` : dueIn(due, rowNow, counted)}</b>
              {due.row === rowNow ? '' : `, ${counted} ${due.row}`}: {due.when === 'lies' ? 'here will lie ' : ''}
              {due.says}
            </Ahead>
          ))}
        </Box>
      )}
    </>
  );
}

const Ahead = ({ children }: { children: ReactNode }) => <li>{children}</li>;

/** How long it took, and how long the rest will. */
function Times({ bench, part, done }: { bench: BenchState; part: PartToWork; done: number }) {
  const own = bench.rowMs.filter((one) => one.part === partKey(part));
  if (own.length < 2) return null;
  const eachMs = own.reduce((sum, { ms }) => sum + ms, 0) / own.length;
  const left = part.rowCount - done;
  return (
    <Box mt="3" fontSize="15px" color="inkSoft">
      {timeText(bench.workedMs)} at work so far; {timeText(eachMs)} each, from {own.length} of them
      {left > 0 ? `; about ${timeText(eachMs * left)} left of this piece.` : '.'}
    </Box>
  );
}

/** Reads a text aloud with the browser's own voice, each time it changes. */
function useSpoken(text: string | null): void {
  useEffect(() => {
    if (text === null || !('speechSynthesis' in window)) return;
    window.speechSynthesis.cancel();
    window.speechSynthesis.speak(new SpeechSynthesisUtterance(text));
    return () => window.speechSynthesis.cancel();
  }, [text]);
}
