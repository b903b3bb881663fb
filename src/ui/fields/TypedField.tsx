'use client';

import { Flex, Input } from '@chakra-ui/react';
import { useState, type KeyboardEvent } from 'react';
import type { WordId } from '@/core/wording';
import { FieldFrame } from './FieldFrame';

interface TypedFieldProps {
  label: string;
  help?: string;
  hideLabel?: boolean;
  /** A word of the trade that the label uses. */
  word?: WordId;
  /** The value as text, as it is shown while nobody types. */
  shown: string;
  suffix?: string;
  /** What stands in the field while it is empty. */
  placeholder?: string;
  width?: string;
  /** Reads what was typed and makes the change. A sentence comes back when it can't be, and nothing has changed. */
  commit: (text: string) => string | null;
}

/**
 * A field that is typed into freely and read when it is left or Enter is pressed. Escape takes the typing back. What can't be
 * read stays as it was typed, with a sentence below, and costs nothing.
 */
export function TypedField({
  label,
  help,
  hideLabel,
  word,
  shown,
  suffix,
  placeholder,
  width = '6.5em',
  commit,
}: TypedFieldProps) {
  const [typed, setTyped] = useState<string | null>(null);
  const [fault, setFault] = useState<string | null>(null);

  const finish = () => {
    if (typed === null) return;
    if (typed.trim() === shown) return reset();
    const refused = commit(typed);
    setFault(refused);
    if (refused === null) setTyped(null);
  };
  const reset = () => {
    setTyped(null);
    setFault(null);
  };
  const onKeyDown = (event: KeyboardEvent) => {
    if (event.key === 'Enter') {
      // The key ends the typing and does no more: what the hand goes on to next is not pressed with it.
      event.preventDefault();
      finish();
    }
    if (event.key === 'Escape') {
      event.stopPropagation();
      reset();
    }
  };

  return (
    <FieldFrame label={label} help={help} fault={fault} hideLabel={hideLabel} word={word}>
      {({ id, describedBy }) => (
        <Flex align="baseline" gap="1.5">
          <Input
            id={id}
            value={typed ?? shown}
            data-typing={typed === null ? undefined : true}
            onChange={(event) => setTyped(event.target.value)}
            onBlur={finish}
            onKeyDown={onKeyDown}
            aria-invalid={fault !== null}
            aria-describedby={describedBy}
            placeholder={placeholder}
            autoComplete="off"
            size="sm"
            width={width}
            bg="paper"
            borderColor={fault ? 'decide' : 'counterEdge'}
            borderWidth={fault ? '2px' : '1px'}
            fontVariantNumeric="tabular-nums"
            fontSize="15px"
            px="2"
          />
          {suffix && (
            <span aria-hidden style={{ fontSize: 13 }}>
              {suffix}
            </span>
          )}
        </Flex>
      )}
    </FieldFrame>
  );
}
