'use client';

import type { Diagnostic } from '@codemirror/lint';
import { Box, Button, Flex, Grid, Heading } from '@chakra-ui/react';
import Link from 'next/link';
import { useCallback, useMemo, useRef, useState } from 'react';
import { convertLengths, type ReadRow, type ReaderFault, type TermSet } from '@/core/reader';
import { readerFaultSentence, termsSentence, translateTerms, understoodWords } from '@/core/wording';
import { useLastSettings } from '@/ui/bag/useLastSettings';
import { localMemory } from '@/ui/browser/browserMemory';
import { downloadText } from '@/ui/browser/download';
import { ChoiceField } from '@/ui/fields';
import { DrawerHead } from '@/ui/shelf/DrawerHead';
import { CompareGroup } from './CompareGroup';
import { FaultList } from './FaultList';
import { KeepStitch } from './KeepStitch';
import { openPattern } from './openPattern';
import { PatternEditor, type Beside } from './PatternEditor';
import { ReadDrawings } from './ReadDrawings';
import { useReading } from './useReading';

/** Where the text is kept in this browser until it is read on. */
const KEPT = 'ruelle.reader.text';

const inText = ({ in: taken, out }: ReadRow): string => `${taken ?? '–'} → ${out ?? '–'}`;

/** A pattern, typed or pasted: what was understood of each row beside it, every fault at its word, and what it looks like. */
export function Reader() {
  const { lengthUnit } = useLastSettings();
  const [text, setText] = useState(() => localMemory.get(KEPT) ?? '');
  const [first] = useState(text);
  const [said, setSaid] = useState<TermSet | null>(null);
  const [cursor, setCursor] = useState(0);
  const [replaced, setReplaced] = useState({ text: '', number: 0 });
  const [goTo, setGoTo] = useState({ at: 0, number: 0 });
  const [trouble, setTrouble] = useState<string | null>(null);
  const file = useRef<HTMLInputElement>(null);
  const { reading, isGivenUp } = useReading(text, said);
  const isCurrent = reading?.text === text;
  const change = useCallback((now: string) => {
    setText(now);
    localMemory.set(KEPT, now);
  }, []);
  const replace = useCallback((now: string) => setReplaced(({ number }) => ({ text: now, number: number + 1 })), []);
  const mend = useCallback(
    (fault: ReaderFault) => {
      const whole = [...fault.mends].sort((one, other) => other.from - one.from);
      replace(whole.reduce((now, { from, to, text: by }) => now.slice(0, from) + by + now.slice(to), text));
    },
    [replace, text],
  );
  const diagnostics = useMemo(
    (): Diagnostic[] =>
      reading && isCurrent
        ? reading.read.faults.map((fault) => ({
            from: fault.from,
            to: fault.to,
            severity: 'error',
            message: readerFaultSentence(fault, lengthUnit),
          }))
        : [],
    [reading, isCurrent, lengthUnit],
  );
  const beside = useMemo(
    (): Beside[] => (reading && isCurrent ? besideOf(reading.read.parts.flatMap(({ rows }) => rows)) : []),
    [reading, isCurrent],
  );
  const read = reading?.read ?? null;
  const at =
    read?.parts
      .flatMap((part) => part.rows.map((row) => ({ part, row })))
      .find(({ row }) => row.from <= cursor && cursor <= row.to) ?? null;
  const shown = at?.part ?? read?.parts[0] ?? null;
  const into: TermSet = read?.terms.set === 'uk' ? 'us' : 'uk';
  const open = async (chosen: File) => {
    const opened = await openPattern(chosen);
    setTrouble(opened.ok ? null : opened.sentence);
    if (opened.ok) replace(opened.text);
  };
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
              { value: 'us', label: 'US' },
              { value: 'uk', label: 'UK' },
            ]}
            onChange={(value) => setSaid(value === 'guess' ? null : (value as TermSet))}
          />
          <input
            ref={file}
            type="file"
            accept=".txt,.md,.pdf,text/plain,text/markdown,application/pdf"
            hidden
            aria-label="Open a pattern"
            onChange={({ target }) => {
              const [chosen] = target.files ?? [];
              if (chosen) void open(chosen);
              target.value = '';
            }}
          />
          <Button minH="44px" variant="outline" bg="paper" onClick={() => file.current?.click()}>
            Open a file
          </Button>
          <Button
            minH="44px"
            variant="outline"
            bg="paper"
            disabled={!read || read.isProse || read.terms.set === null}
            onClick={() => replace(translateTerms(text, into === 'us' ? 'uk' : 'us', into))}
          >
            Into {into === 'us' ? 'US' : 'UK'} words
          </Button>
          <Button
            minH="44px"
            variant="outline"
            bg="paper"
            disabled={text === ''}
            onClick={() => replace(convertLengths(text, lengthUnit))}
          >
            Lengths in {lengthUnit}
          </Button>
          <Button
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
              diagnostics={diagnostics}
              beside={beside}
              goTo={goTo}
              onChange={change}
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
              {read && !read.isProse && termsSentence(read.terms)}
            </Box>
          </Box>
          <Box minW="0">
            {at && (
              <Box mb="4" data-testid="row-read">
                <Heading as="h2" fontSize="20px">
                  {at.row.noun === 'row' ? 'Row' : 'Round'} {at.row.number}: {inText(at.row)}
                </Heading>
                <Box fontSize="15px">
                  {at.row.side && `${at.row.side === 'RS' ? 'Right' : 'Wrong'} side. `}
                  {understoodWords(at.row)}
                </Box>
              </Box>
            )}
            {read && isCurrent && (
              <FaultList
                faults={read.faults}
                text={text}
                unit={lengthUnit}
                onGo={(fault) => setGoTo(({ number }) => ({ at: fault.from, number: number + 1 }))}
                onMend={mend}
              />
            )}
            {shown && <ReadDrawings part={shown} row={at?.row ?? null} />}
            {shown && isCurrent && <KeepStitch key={shown.title} part={shown} terms={read?.terms.set ?? 'us'} />}
            {read && !read.isProse && <CompareGroup text={text} read={read} terms={said} />}
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
