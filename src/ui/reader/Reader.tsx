'use client';

import type { Diagnostic } from '@codemirror/lint';
import { Box, Button, Flex, Grid } from '@chakra-ui/react';
import Link from 'next/link';
import { useCallback, useMemo, useState } from 'react';
import { LANGUAGES, LANGUAGE_IDS } from '@/core/language';
import { convertLengths, withMends, type ReadRow, type ReadWords, type ReaderFault } from '@/core/reader';
import { converted } from '@/core/converting';
import { readerFaultSentence, termsSentence } from '@/core/wording';
import { useLastSettings } from '@/ui/bag/useLastSettings';
import { localMemory } from '@/ui/browser/browserMemory';
import { downloadText } from '@/ui/browser/download';
import { ChoiceField } from '@/ui/fields';
import { DrawerHead } from '@/ui/shelf/DrawerHead';
import { AsRead } from './AsRead';
import { FaultList } from './FaultList';
import { inText } from './inText';
import { PatternFileButton } from './PatternFileButton';
import { PatternEditor, type Beside } from './PatternEditor';
import { changedText, useReading } from './useReading';

/** Where the text is kept in this browser until it is read on. */
const KEPT = 'ruelle.reader.text';

/** Whose words a text can be in. */
const WORDS: readonly (readonly [words: ReadWords, label: string])[] = [
  ['us', 'US'],
  ['uk', 'UK'],
  ...LANGUAGE_IDS.map((id) => [id, LANGUAGES[id].name] as const),
];

/** A pattern, typed or pasted: what was understood of each row beside it, every fault at its word, and what it looks like. */
export function Reader() {
  const { lengthUnit } = useLastSettings();
  const [text, setText] = useState(() => localMemory.get(KEPT) ?? '');
  const [first] = useState(text);
  const [said, setSaid] = useState<ReadWords | null>(null);
  const [size, setSize] = useState(0);
  const [cursor, setCursor] = useState(0);
  const [replaced, setReplaced] = useState({ text: '', number: 0 });
  const [goTo, setGoTo] = useState({ at: 0, number: 0 });
  const [trouble, setTrouble] = useState<string | null>(null);
  const way = useMemo(() => ({ words: said, size }), [said, size]);
  const { reading, whole, isGivenUp } = useReading(text, way);
  const isCurrent = reading?.text === text;
  const typed = useCallback((now: string) => {
    setText(now);
    localMemory.set(KEPT, now);
  }, []);
  const replace = useCallback((now: string) => setReplaced(({ number }) => ({ text: now, number: number + 1 })), []);
  const mend = useCallback((fault: ReaderFault) => replace(withMends(text, fault.mends)), [replace, text]);
  const marked = useMemo(
    () =>
      reading && isCurrent
        ? {
            diagnostics: reading.read.faults.map((fault): Diagnostic => ({
              from: fault.from,
              to: fault.to,
              severity: 'error',
              message: readerFaultSentence(fault, lengthUnit),
            })),
            beside: besideOf(reading.read.parts.flatMap(({ rows }) => rows)),
          }
        : null,
    [reading, isCurrent, lengthUnit],
  );
  const read = reading?.read ?? null;
  const own: ReadWords = read?.language ?? read?.terms.set ?? 'us';
  const convert = (to: ReadWords) => {
    const done = converted(text, own, to);
    if (done.ok) replace(done.text);
    const label = WORDS.find(([words]) => words === to)?.[1] ?? '';
    setTrouble(
      done.ok
        ? null
        : `Nothing was changed: in “${done.line.trim().slice(0, 60)}” ${done.words[0] === undefined ? 'something is not understood' : `“${done.words[0]}” is not known`} in ${label} words.`,
    );
  };
  const go = useCallback((fault: ReaderFault) => setGoTo(({ number }) => ({ at: fault.from, number: number + 1 })), []);
  const change = useCallback(
    async (what: 'mend-all' | 'renumber') => {
      const answer = await changedText<string | { text: string }>({ do: what, text, way });
      if (answer === null) setTrouble('This takes too long. Try a part of the text.');
      else replace(typeof answer === 'string' ? answer : answer.text);
    },
    [text, way, replace],
  );
  const mendAll = useCallback(() => void change('mend-all'), [change]);
  return (
    <Flex direction="column" minH="100vh">
      <DrawerHead
        title="Reader"
        counted={
          read && !read.isProse
            ? `${read.parts.reduce((sum, { rows }) => sum + rows.length, 0)} rows read`
            : 'a pattern, row by row'
        }
      >
        <Link href="/" prefetch={false}>
          ← Shelf
        </Link>
      </DrawerHead>
      <Box as="main" p={{ base: '3', md: '5' }}>
        <Flex gap="3" wrap="wrap" align="end" mb="3">
          <ChoiceField
            label="Its words are"
            width="13em"
            value={said ?? 'guess'}
            choices={[
              { value: 'guess', label: 'to be found out' },
              ...WORDS.map(([value, label]) => ({ value, label })),
            ]}
            onChange={(value) => setSaid(value === 'guess' ? null : (value as ReadWords))}
          />
          {read && read.sizes.length > 1 && (
            <ChoiceField
              label="Of its sizes"
              width="9em"
              value={String(Math.min(size, read.sizes.length - 1))}
              choices={read.sizes.map((name, index) => ({ value: String(index), label: name }))}
              onChange={(value) => setSize(Number(value))}
            />
          )}
          <PatternFileButton
            label="Open a file"
            fileLabel="Open a pattern"
            onOpened={(opened) => {
              setTrouble(opened.ok ? null : opened.sentence);
              if (opened.ok) replace(opened.text);
            }}
          />
          {read && !read.isProse && (
            <>
              {WORDS.filter(([to]) => to !== own).map(([to, label]) => (
                <Button key={to} size="sm" minH="44px" variant="outline" bg="paper" onClick={() => convert(to)}>
                  Into {label} words
                </Button>
              ))}
              <Button size="sm" minH="44px" variant="outline" bg="paper" onClick={() => void change('renumber')}>
                Number the rows
              </Button>
            </>
          )}
          <Button
            size="sm"
            minH="44px"
            variant="outline"
            bg="paper"
            disabled={text === ''}
            onClick={() => replace(convertLengths(text, lengthUnit))}
          >
            Lengths in {lengthUnit}
          </Button>
          <Button
            size="sm"
            minH="44px"
            variant="outline"
            bg="paper"
            disabled={text === ''}
            onClick={() => downloadText('pattern.txt', text, 'text/plain')}
          >
            Save the text
          </Button>
        </Flex>
        {trouble && (
          <Box role="status" bg="brassPale" px="4" py="2" mb="3">
            {trouble}
          </Box>
        )}
        <Grid templateColumns={{ base: 'minmax(0, 1fr)', lg: 'minmax(0, 7fr) minmax(0, 5fr)' }} gap="5">
          <Box minW="0">
            <PatternEditor
              text={first}
              replaced={replaced}
              said={marked}
              goTo={goTo}
              onChange={typed}
              onCursor={setCursor}
            />
            <Box mt="2" fontSize="14.5px" role="status" data-testid="reader-says">
              {verdict({
                text,
                isCurrent,
                isGivenUp,
                faults: read?.faults.length ?? 0,
                isProse: read?.isProse ?? true,
              })}{' '}
              {read &&
                !read.isProse &&
                (read.language ? `In ${LANGUAGES[read.language].name}.` : termsSentence(read.terms))}
            </Box>
          </Box>
          <Box minW="0">
            {reading && isCurrent && (
              <FaultList
                faults={reading.read.faults}
                text={reading.text}
                unit={lengthUnit}
                onGo={go}
                onMend={mend}
                onMendAll={mendAll}
              />
            )}
            {whole && (
              <AsRead {...{ whole, cursor, way, unit: lengthUnit }} isCurrent={whole.text === text} onText={replace} />
            )}
          </Box>
        </Grid>
      </Box>
    </Flex>
  );
}

/** Of rows that one line tells, the first and the last count. */
function besideOf(rows: readonly ReadRow[]): Beside[] {
  const byLine = new Map<number, ReadRow[]>();
  for (const row of rows) byLine.set(row.to, [...(byLine.get(row.to) ?? []), row]);
  return [...byLine].map(([to, all]) => {
    const [one] = all;
    const last = all.at(-1);
    return {
      at: to,
      text:
        all.length === 1 || !last
          ? inText(one as ReadRow)
          : `${one?.in ?? '–'} → ${last.out ?? '–'}, ${all.length} rows`,
      isRight: all.every(({ isRight }) => isRight),
    };
  });
}

function verdict({
  text,
  isCurrent,
  isGivenUp,
  faults,
  isProse,
}: {
  text: string;
  isCurrent: boolean;
  isGivenUp: boolean;
  faults: number;
  isProse: boolean;
}): string {
  if (text.trim() === '') return 'Nothing here yet.';
  if (isGivenUp) return 'This takes too long to be read. Try a part of it.';
  if (!isCurrent) return 'Reading…';
  if (isProse) return 'No row of a pattern is found in this. A row begins with its number, such as “Row 1:”.';
  if (faults === 0) return 'Every row comes out as it is written.';
  return `${faults} ${faults === 1 ? 'place' : 'places'} to look at.`;
}
