'use client';

import { Box, Button, Flex } from '@chakra-ui/react';
import { useState } from 'react';
import { emptyHistory } from '@/core/design';
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
      </Strip>
    );

  const { id, design, history, replace, setSaveState } = store.getState();
  const { theirs, theirRevision, refusedId } = saveState;
  const forgetRefused = () => fetch(`/api/bags/${id}/refused/${refusedId}`, { method: 'DELETE' });

  const keepMine = async () => {
    replace(design, theirRevision, history);
    const response = await fetch(`/api/bags/${id}`, {
      method: 'PUT',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify({ baseRevision: theirRevision, design, history }),
    }).catch(() => null);
    const answer = response?.ok ? await response.json() : null;
    if (!answer?.ok) {
      setSaveState(saveState);
      return setTrouble('That did not work just now. Both versions are still kept; try again.');
    }
    setSaveState({ kind: 'saved' }, answer.revision);
    dropDraft(id);
    await forgetRefused();
  };
  const takeTheirs = async () => {
    replace(theirs, theirRevision, emptyHistory());
    dropDraft(id);
    await forgetRefused();
  };
  const keepBoth = async () => {
    if ((await keepAsCopy(design)) === null)
      return setTrouble('That did not work just now. Both versions are still kept; try again.');
    await takeTheirs();
  };

  return (
    <Strip>
      <Box>
        <strong>Your decision:</strong> this bag was changed in another window as well. Both versions are kept.{' '}
        {trouble}
      </Box>
      <Flex gap="2" wrap="wrap">
        <Choice onClick={keepMine}>Keep this window’s</Choice>
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
