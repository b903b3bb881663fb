'use client';

import { Box, Button, Flex } from '@chakra-ui/react';
import { useState } from 'react';
import { emptyHistory } from '@/core/design';
import { downloadBag } from '@/ui/browser/download';
import { useBag, useBagStore } from './BagProvider';
import { dropDraft } from './drafts';
import { keepAsCopy } from './keepAsCopy';

/** Shown when the bag could not be saved, or when another window saved it first: both versions are kept, she chooses. */
export function SaveSlip() {
  // Saved, unsaved and saving are all the same here: nothing to say.
  const saveState = useBag(({ saveState: now }) => (now.kind === 'failed' || now.kind === 'moved-on' ? now : null));
  const store = useBagStore();
  const [trouble, setTrouble] = useState<string | null>(null);
  if (saveState === null) return null;
  if (saveState.kind === 'failed')
    return (
      <Strip>
        <Box>{saveState.sentence}</Box>
        <Choice onClick={() => downloadBag(store.getState().design)}>Keep it as a file</Choice>
      </Strip>
    );

  const { theirs, theirRevision, refusedId } = saveState;
  const takeTheirs = async () => {
    const { id, replace } = store.getState();
    replace(theirs, theirRevision, emptyHistory());
    dropDraft(id);
    await fetch(`/api/bags/${id}/refused/${refusedId}`, { method: 'DELETE' }).catch(() => undefined);
  };
  const keepBoth = async () => {
    const { design, edition } = store.getState();
    if ((await keepAsCopy(design)) === null)
      return setTrouble('That did not work just now. Both versions are still kept; try again.');
    if (store.getState().edition !== edition)
      return setTrouble('A copy was made, and you changed this bag meanwhile. Which one is it to be?');
    await takeTheirs();
  };

  return (
    <Strip>
      <Box>
        <strong>Your decision:</strong> this bag was changed in another window as well. Both versions are kept.{' '}
        {trouble}
      </Box>
      <Flex gap="2" wrap="wrap">
        <Choice onClick={() => store.getState().keepThisOne()}>Keep this window’s</Choice>
        <Choice onClick={takeTheirs}>Take the other window’s</Choice>
        <Choice onClick={keepBoth}>Keep both, this one as a copy</Choice>
      </Flex>
    </Strip>
  );
}

function Strip({ children }: { children: React.ReactNode }) {
  return (
    <Flex
      role="alert"
      bg="decidePale"
      borderBottom="3px solid"
      borderColor="decide"
      px="5"
      py="2"
      gap="4"
      align="center"
      wrap="wrap"
    >
      {children}
    </Flex>
  );
}

function Choice({ onClick, children }: { onClick: () => void; children: React.ReactNode }) {
  return (
    <Button size="sm" variant="outline" bg="paper" borderColor="decide" color="ink" onClick={onClick}>
      {children}
    </Button>
  );
}
