'use client';

import { Button } from '@chakra-ui/react';
import { useState } from 'react';
import { chain, skip, work, type Into, type PatternRow, type Step, type StitchKind } from '@/core/stitches';
import { abbreviation, bareRowText, readRow } from '@/core/wording';
import { Row } from '@/ui/bag/PlaceLayout';
import { ChoiceField } from '@/ui/fields';
import { TypedField } from '@/ui/fields/TypedField';

interface StepFormProps {
  rowNumber: number;
  words: string;
  terms: 'us' | 'uk';
  onWords: (words: string) => void;
}

const KINDS: readonly StitchKind[] = [
  'sc',
  'hdc',
  'dc',
  'tr',
  'sl-st',
  'esc',
  'herringbone-hdc',
  'herringbone-dc',
  'bobble',
];

const PARTS: { value: keyof PatternRow; label: string }[] = [
  { value: 'before', label: 'Before the repeat' },
  { value: 'repeat', label: 'In the repeat' },
  { value: 'after', label: 'After the repeat' },
];

const INTO: { value: Into; label: string }[] = [
  { value: 'stitch', label: 'both loops' },
  { value: 'back-loop', label: 'the back loop' },
  { value: 'space', label: 'the chain space' },
  { value: 'spike', label: 'the row below' },
  { value: 'front-post', label: 'round the post' },
  { value: 'front-post-two-below', label: 'round the post two rows below' },
];

/** Puts a row together step by step: each step is added to the row's words, which can be changed as well. */
export function StepForm({ rowNumber, words, terms, onWords }: StepFormProps) {
  const [part, setPart] = useState<keyof PatternRow>('repeat');
  const [what, setWhat] = useState<StitchKind | 'chain' | 'skip'>('sc');
  const [into, setInto] = useState<Into>('stitch');
  const [times, setTimes] = useState(1);
  const read = readRow(words, terms);
  const row: PatternRow | null = read.ok
    ? read.row
    : words.trim() === ''
      ? { before: [], repeat: [], after: [] }
      : null;
  const step: Step = what === 'chain' ? chain(times) : what === 'skip' ? skip(times) : work(what, times, into);
  const isStitch = what !== 'chain' && what !== 'skip';
  return (
    <Row>
      <ChoiceField label={`Add to row ${rowNumber}`} width="10em" value={part} choices={PARTS} onChange={setPart} />
      <ChoiceField
        label="What"
        width="9em"
        value={what}
        choices={[
          ...KINDS.map((kind) => ({
            value: kind,
            label: abbreviation({ work: kind, into: 'stitch', over: 1 }, terms),
          })),
          { value: 'chain' as const, label: 'ch' },
          { value: 'skip' as const, label: terms === 'us' ? 'skip' : 'miss' },
        ]}
        onChange={setWhat}
      />
      {isStitch && <ChoiceField label="Into" width="11em" value={into} choices={INTO} onChange={setInto} />}
      <TypedField
        label="How often"
        width="3.5em"
        shown={String(times)}
        commit={(text) => {
          const count = Number(text);
          if (!Number.isInteger(count) || count < 1 || count > 50) return 'Write a whole number from 1 to 50.';
          setTimes(count);
          return null;
        }}
      />
      <Button
        size="sm"
        alignSelf="end"
        variant="outline"
        disabled={row === null}
        onClick={() => row && onWords(bareRowText({ ...row, [part]: [...row[part], step] }, terms))}
      >
        Add it
      </Button>
    </Row>
  );
}
