'use client';

import { Box, Button, Flex } from '@chakra-ui/react';
import { Volume2, VolumeX } from 'lucide-react';
import { useCallback, useMemo, useState } from 'react';
import { useHotkeys } from 'react-hotkeys-hook';
import { rowToWork, rowsDone, type PartToWork } from '@/core/bench';
import { duesOf, phaseOf, repeatsIn, shapingText, sideFacing, spokenRow, wordsOfPart } from '@/core/wording';
import { useBag } from '@/ui/bag/BagProvider';
import { BelowTheRow } from './BelowTheRow';
import type { MakingLog } from './makingLog';
import { RepeatTally } from './RepeatTally';
import { useBench, useBenchBehind } from './useMakingLog';
import { useAwake } from './useAwake';
import { useSpoken } from './useSpoken';

const COUNTED = { row: 'Row', round: 'Round' } as const;

/** The row in hand: its number, what is worked in it, what is to be minded, and one large press for done. */
export function RowCounter({
  log,
  part,
  isChosen,
}: {
  log: MakingLog;
  part: PartToWork;
  /** She took this part herself: the next key counts its row. */
  isChosen: boolean;
}) {
  const bench = useBench(log);
  const design = useBag((state) => state.design);
  const plan = useBag((state) => state.plan);
  const { of } = part;
  const words = useMemo(() => wordsOfPart(design, plan, { of }), [design, plan, of]);
  const dues = useMemo(() => duesOf(design, plan, of), [design, plan, of]);
  const [isAloud, setAloud] = useState(false);
  const done = rowsDone(bench, part);
  const isWorked = done >= part.rowCount;
  const row = done + 1;
  const work = rowToWork(of, row);
  const counted = work?.counted ?? rowToWork(of, part.rowCount)?.counted ?? 'row';

  // What is told goes by what is known at that moment, and not by what was drawn last.
  const finish = useCallback(() => {
    const next = rowsDone(log.getState().bench, part) + 1;
    if (next <= part.rowCount) log.tell({ kind: 'row', piece: part.piece, copy: part.copy, row: next });
  }, [log, part]);
  const takeBack = useCallback(() => {
    const now = rowsDone(log.getState().bench, part);
    if (now > 0) log.takeBackTo({ piece: part.piece, copy: part.copy }, now - 1);
  }, [log, part]);
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

  const later = useBenchBehind(log);
  const aloud = useMemo(
    () => (
      <Button minH="44px" variant="outline" bg="paper" aria-pressed={isAloud} onClick={() => setAloud(!isAloud)}>
        {isAloud ? <Volume2 aria-hidden size={18} /> : <VolumeX aria-hidden size={18} />} Read rows aloud
      </Button>
    ),
    [isAloud],
  );
  const side = sideFacing(design, of, row);
  const phase = phaseOf(design, of, row);
  const repeats = repeatsIn(design, of, row);
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
              shapingText(of, row),
              phase && `Row ${phase.row} of the pattern’s ${phase.of}`,
              repeats === null ? null : `The repeat comes ${repeats === 1 ? 'once' : `${repeats} times`}`,
              bench.isPaused ? 'You laid the work down here.' : null,
            ]}
          />
        </>
      )}
      {!isWorked && repeats !== null && repeats > 1 && <RepeatTally key={row} repeats={repeats} />}
      <BelowTheRow {...{ log, part, isChosen, dues, counted, finish, takeBack }} bench={later}>
        {aloud}
      </BelowTheRow>
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
