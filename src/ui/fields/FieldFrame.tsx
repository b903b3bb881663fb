'use client';

import { Box, chakra } from '@chakra-ui/react';
import type { WordId } from '@/core/wording';
import { WordMark } from '@/ui/words/WordMark';
import { useId, type ReactNode } from 'react';

interface FieldFrameProps {
  label: string;
  /** One sentence where the question arises. */
  help?: string;
  fault?: string | null;
  hideLabel?: boolean;
  /** A word of the trade that the label uses: what it means can be asked. */
  word?: WordId;
  children: (ids: { id: string; describedBy: string | undefined }) => ReactNode;
}

/** A field with its label above and, below it, its help or what is wrong with it. */
export function FieldFrame({ label, help, fault, hideLabel = false, word, children }: FieldFrameProps) {
  const id = useId();
  const noteId = `${id}-note`;
  const note = fault ?? help;
  return (
    <Box>
      <chakra.label
        htmlFor={id}
        display={word ? 'inline-block' : 'block'}
        fontSize="13px"
        color="inkSoft"
        fontWeight={600}
        {...(hideLabel ? { srOnly: true } : {})}
      >
        {label}
      </chakra.label>
      {word && <WordMark id={word} />}
      {children({ id, describedBy: note ? noteId : undefined })}
      {note && (
        <Box
          id={noteId}
          role={fault ? 'alert' : undefined}
          fontSize="13px"
          maxW="30ch"
          color={fault ? 'decide' : 'inkSoft'}
          fontWeight={fault ? 600 : 400}
        >
          {fault ? `⚠ ${fault}` : note}
        </Box>
      )}
    </Box>
  );
}
