'use client';

import { Flex } from '@chakra-ui/react';
import { Check, CircleDot, TriangleAlert } from 'lucide-react';
import { useBag } from './BagProvider';

/** How the bag stands with the store, in a word. */
export function SaveMark() {
  const kind = useBag((state) => state.saveState.kind);
  const marks = {
    opening: { icon: <CircleDot size={16} />, text: 'Opening…' },
    saved: { icon: <Check size={16} />, text: 'Saved' },
    unsaved: { icon: <CircleDot size={16} />, text: 'Saving…' },
    saving: { icon: <CircleDot size={16} />, text: 'Saving…' },
    failed: { icon: <TriangleAlert size={16} />, text: 'Not saved yet' },
    'moved-on': { icon: <TriangleAlert size={16} />, text: 'Two versions' },
  } as const;
  return (
    <Flex align="center" gap="1" fontSize="14px" role="status" data-save={kind} minW="7.5em">
      {marks[kind].icon}
      {marks[kind].text}
    </Flex>
  );
}
