'use client';

import { Box, Button, Flex, Textarea } from '@chakra-ui/react';
import { NotebookPen } from 'lucide-react';
import { useState } from 'react';
import type { BenchState } from '@/core/bench';
import type { StepId } from '@/core/making';
import type { MakingLog } from './makingLog';

const MOST_CHARACTERS = 2000;

/** What she wrote down at a step, and room to write more. */
export function StepNotes({
  log,
  step,
  title,
  notes,
}: {
  log: MakingLog;
  step: StepId;
  title: string;
  notes: BenchState['notes'];
}) {
  const [text, setText] = useState<string | null>(null);
  const own = notes.filter((note) => note.step === step);
  const keep = () => {
    if (text?.trim()) log.tell({ kind: 'note', text: text.trim(), step, at: null });
    setText(null);
  };
  return (
    <Box flex={text === null && own.length === 0 ? undefined : '1 1 100%'}>
      {own.map((note) => (
        <Flex key={note.id} gap="2" fontSize="15px" align="baseline" bg="brassPale" px="2" py="1" mb="1">
          <Box flex="1" whiteSpace="pre-wrap">
            {note.text}
          </Box>
          <Button
            size="xs"
            minH="44px"
            variant="ghost"
            aria-label="Take this note back"
            onClick={() => log.takeBack([note.id])}
          >
            Take back
          </Button>
        </Flex>
      ))}
      {text === null ? (
        <Button size="sm" minH="44px" variant="ghost" aria-label={`Note: ${title}`} onClick={() => setText('')}>
          <NotebookPen aria-hidden size={16} /> Note
        </Button>
      ) : (
        <>
          <Textarea
            aria-label={`Note: ${title}`}
            bg="paper"
            value={text}
            maxLength={MOST_CHARACTERS}
            autoFocus
            onChange={({ target }) => setText(target.value)}
            onKeyDown={({ key }) => key === 'Escape' && setText(null)}
          />
          <Button size="sm" minH="44px" mt="1" onClick={keep}>
            Keep the note
          </Button>
        </>
      )}
    </Box>
  );
}
