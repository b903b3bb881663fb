'use client';

import { Popover, Portal } from '@chakra-ui/react';
import { CircleHelp } from 'lucide-react';
import Link from 'next/link';
import { TRADE_WORDS, type WordId } from '@/core/wording';
import { wordDrawing } from '@/drawing';
import { DrawnIcon } from '@/ui/fields/DrawnIcon';

/** A sign beside a word of the trade: pressed, it says what the word means, with its small drawing. */
export function WordMark({ id }: { id: WordId }) {
  const { word, means } = TRADE_WORDS[id];
  return (
    <Popover.Root lazyMount unmountOnExit>
      <Popover.Trigger className="word-mark" aria-label={`What is “${word}”?`}>
        <CircleHelp size={14} aria-hidden />
      </Popover.Trigger>
      <Portal>
        <Popover.Positioner>
          <Popover.Content bg="paper" color="ink" borderColor="inkSoft" width="20em" className="word-card">
            <Popover.Body display="flex" gap="3" fontSize="14px" alignItems="flex-start">
              <DrawnIcon drawing={wordDrawing(id)} cloth="harbour" scale={1.9} />
              <div>
                <Popover.Title fontFamily="heading" fontWeight="600" fontSize="15px">
                  {word}
                </Popover.Title>
                {means}{' '}
                <Link href="/words" prefetch={false} style={{ textDecoration: 'underline' }}>
                  All words
                </Link>
              </div>
            </Popover.Body>
          </Popover.Content>
        </Popover.Positioner>
      </Portal>
    </Popover.Root>
  );
}
