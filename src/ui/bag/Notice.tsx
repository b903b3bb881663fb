'use client';

import { Button, Flex } from '@chakra-ui/react';
import { useBag, useBagStore } from './BagProvider';

/** Something that happened to her work, said until she has read it. */
export function Notice() {
  const notice = useBag((state) => state.notice);
  const store = useBagStore();
  if (notice === null) return null;
  return (
    <Flex role="status" bg="brassPale" px="5" py="2" gap="4" align="center" wrap="wrap">
      {notice}
      <Button size="sm" variant="outline" bg="paper" onClick={() => store.getState().noticed()}>
        Good
      </Button>
    </Flex>
  );
}
