'use client';

import { Box, Button, Flex, Heading, Input, NativeSelect, Textarea, chakra } from '@chakra-ui/react';
import { nanoid } from 'nanoid';
import { useRef, useState, type ReactNode } from 'react';
import { testedSchema, type Tested } from '@/core/bench';
import { parseLength, type LengthUnit } from '@/core/units';
import { FIRST } from '@/drawing/pages';
import { localMemory } from '@/ui/browser/browserMemory';
import { FieldFrame } from '@/ui/fields/FieldFrame';
import type { PatternFigure } from '@/ui/writeup/drawnFigures';
import { PatternFigures } from '@/ui/writeup/PatternFigures';

const NAME_KEY = 'ruelle.tester.name';
const WHOLE = 'whole';

interface TestPageProps {
  id: string;
  title: string;
  unit: LengthUnit;
  figures: readonly PatternFigure[];
  sections: readonly { id: string; heading: string; lines: readonly string[] }[];
  parts: readonly { piece: string; copy: number; name: string; rows: number }[];
}

/** A pattern to be worked from by a tester: it can be read, and what she finds and measures goes back to whoever wrote it. */
export function TestPage({ id, title, unit, figures, sections, parts }: TestPageProps) {
  return (
    <Box as="main" maxW="46rem" mx="auto" px={{ base: '3', md: '6' }} py="5">
      <Heading as="h1" fontSize="28px" mb="2">
        {title}
      </Heading>
      <Box mb="5">
        You are trying this pattern before others do. Tell what you find as you go, at the end of this page; it is sent
        to who wrote it, and to nobody else.
      </Box>
      <Box
        as="article"
        className="by-day"
        bg="paper"
        border="1px solid"
        borderColor="paperEdge"
        px={{ base: '4', md: '8' }}
        py="5"
        mb="5"
      >
        {sections.map(({ id: section, heading, lines }) => (
          <Box as="section" key={section} mb="5">
            {section === FIRST && <PatternFigures figures={figures} of={section} />}
            <Heading as="h2" fontSize="18px" mb="1">
              {heading}
            </Heading>
            {section !== FIRST && <PatternFigures figures={figures} of={section} />}
            {lines.map((line, index) => (
              <chakra.p key={index} maxW="75ch" mb="0.5">
                {line}
              </chakra.p>
            ))}
          </Box>
        ))}
      </Box>
      <FoundForm {...{ id, unit, parts }} />
    </Box>
  );
}

/** What was found: in words, at a row or of the whole; and what the tape says there. */
function FoundForm({ id, unit, parts }: Pick<TestPageProps, 'id' | 'unit' | 'parts'>) {
  const [tester, setTester] = useState(() => localMemory.get(NAME_KEY) ?? '');
  const [where, setWhere] = useState(WHOLE);
  const [row, setRow] = useState('');
  const [says, setSays] = useState('');
  const [width, setWidth] = useState('');
  const [length, setLength] = useState('');
  const [told, setTold] = useState<{ words: string; isFault: boolean } | null>(null);
  const [sent, setSent] = useState<string[]>([]);
  // The same thing is sent under the same name until it is kept, so that it counts once.
  const name = useRef(nanoid(12));
  const part = parts.find((one) => `${one.piece}.${one.copy}` === where);
  const send = async () => {
    const found = asFound({ tester, part, row, says, width, length, unit }, name.current);
    if (typeof found === 'string') return setTold({ words: found, isFault: true });
    localMemory.set(NAME_KEY, tester.trim());
    const answer = await fetch(`/api/tests/${id}`, {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify(found),
    }).catch(() => null);
    if (!answer?.ok) return setTold({ words: await whyNot(answer), isFault: true });
    name.current = nanoid(12);
    setSent((before) => [...before, shortly(found, part?.name ?? null)]);
    setSays('');
    setWidth('');
    setLength('');
    setTold({ words: 'Sent. Thank you.', isFault: false });
  };
  return (
    <Box as="section" aria-label="What you found" bg="paper" border="1px solid" borderColor="paperEdge" p="4">
      <Heading as="h2" fontSize="20px" mb="3">
        What you found
      </Heading>
      <Flex gap="4" wrap="wrap" mb="3">
        <Field label="Your name">
          {(props) => (
            <Input
              {...props}
              width="12em"
              value={tester}
              maxLength={40}
              onChange={({ target }) => setTester(target.value)}
            />
          )}
        </Field>
        <Field label="Where">
          {(props) => (
            <NativeSelect.Root size="sm" width="13em">
              <NativeSelect.Field
                {...props}
                minH="44px"
                value={where}
                onChange={({ target }) => setWhere(target.value)}
              >
                <option value={WHOLE}>The whole of it</option>
                {parts.map((one) => (
                  <option key={`${one.piece}.${one.copy}`} value={`${one.piece}.${one.copy}`}>
                    {one.name}
                  </option>
                ))}
              </NativeSelect.Field>
              <NativeSelect.Indicator />
            </NativeSelect.Root>
          )}
        </Field>
        {part && (
          <Field label={`Row, of ${part.rows}`}>
            {(props) => (
              <Input
                {...props}
                width="6em"
                inputMode="numeric"
                value={row}
                onChange={({ target }) => setRow(target.value)}
              />
            )}
          </Field>
        )}
      </Flex>
      <Field label="In words">
        {(props) => (
          <Textarea
            {...props}
            rows={3}
            maxLength={2000}
            value={says}
            onChange={({ target }) => setSays(target.value)}
          />
        )}
      </Field>
      {part && (
        <Flex gap="4" wrap="wrap" mt="3">
          <Field label={`Width there, ${unit}`}>
            {(props) => (
              <Input
                {...props}
                width="7em"
                inputMode="decimal"
                value={width}
                onChange={({ target }) => setWidth(target.value)}
              />
            )}
          </Field>
          <Field label={`Length up to there, ${unit}`}>
            {(props) => (
              <Input
                {...props}
                width="7em"
                inputMode="decimal"
                value={length}
                onChange={({ target }) => setLength(target.value)}
              />
            )}
          </Field>
        </Flex>
      )}
      <Button mt="4" minH="48px" bg="drawer" color="drawerText" onClick={() => void send()}>
        Send it
      </Button>
      {told && (
        <Box role={told.isFault ? 'alert' : 'status'} mt="3">
          {told.words}
        </Box>
      )}
      {sent.length > 0 && (
        <Box as="ul" mt="3" ps="5" data-testid="sent">
          {sent.map((one, index) => (
            <li key={index}>{one}</li>
          ))}
        </Box>
      )}
    </Box>
  );
}

function Field({
  label,
  children,
}: {
  label: string;
  children: (props: { id: string; bg: string; minH: string }) => ReactNode;
}) {
  return <FieldFrame label={label}>{({ id }) => children({ id, bg: 'paper', minH: '44px' })}</FieldFrame>;
}

interface Typed {
  tester: string;
  part: TestPageProps['parts'][number] | undefined;
  row: string;
  says: string;
  width: string;
  length: string;
  unit: LengthUnit;
}

/** What was typed as it is sent; or the sentence that says what is missing. */
function asFound({ tester, part, row, says, width, length, unit }: Typed, id: string): Tested | string {
  if (tester.trim() === '') return 'Write your name first.';
  const number = Number(row.trim());
  if (part && !(Number.isInteger(number) && number >= 1 && number <= part.rows))
    return `Write a row from 1 to ${part.rows}.`;
  const mm = (typed: string): number | null | 'unread' => {
    if (!part || typed.trim() === '') return null;
    const parsed = parseLength(typed, unit);
    return parsed.ok && parsed.mm > 0 ? parsed.mm : 'unread';
  };
  const [widthMm, lengthMm] = [mm(width), mm(length)];
  if (widthMm === 'unread' || lengthMm === 'unread')
    return `Write a length in ${unit}, such as ${unit === 'cm' ? '21.5' : '8 1/2'}.`;
  const read = testedSchema.safeParse({
    id,
    tester,
    at: part ? { piece: part.piece, copy: part.copy, row: number } : null,
    says: says.trim() === '' ? null : says,
    widthMm,
    lengthMm,
  });
  return read.success ? read.data : (read.error.issues[0]?.message ?? 'That can’t be sent as it is.');
}

/** Why it was not kept, in the server’s own words where it has some. */
async function whyNot(answer: Response | null): Promise<string> {
  const told = answer && ((await answer.json().catch(() => null)) as { sentence?: unknown } | null);
  return typeof told?.sentence === 'string'
    ? told.sentence
    : 'It could not be sent just now. Nothing is lost: try again.';
}

/** What was sent, in a few words. */
function shortly({ at, says }: Tested, part: string | null): string {
  const place = at ? `${part ?? at.piece}, row ${at.row}` : 'The whole of it';
  return `${place}: ${says === null ? 'measured' : says.slice(0, 60)}`;
}
