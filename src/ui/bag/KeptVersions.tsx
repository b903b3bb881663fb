'use client';

import { Button, Flex } from '@chakra-ui/react';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import type { Design } from '@/core/design';
import { useBag } from './BagProvider';
import { keepAsCopy } from './keepAsCopy';

/** A version of the bag that another window could not save, as the store kept it. */
export interface KeptVersion {
  id: string;
  design: Design;
  createdAt: string;
}

/** Versions that were kept when a window was closed before its maker had chosen: each can become a bag or be let go. */
export function KeptVersions({ versions }: { versions: readonly KeptVersion[] }) {
  const bagId = useBag((state) => state.id);
  const choosingNow = useBag((state) => state.saveState.kind === 'moved-on');
  const router = useRouter();
  const [gone, setGone] = useState<readonly string[]>([]);
  const kept = versions.filter(({ id }) => !gone.includes(id));
  if (kept.length === 0 || choosingNow) return null;

  const letGo = async (id: string) => {
    const response = await fetch(`/api/bags/${bagId}/refused/${id}`, { method: 'DELETE' }).catch(() => null);
    if (response?.ok) setGone([...gone, id]);
    return response?.ok ?? false;
  };
  const makeBag = async ({ id, design }: KeptVersion) => {
    const copyId = await keepAsCopy(design);
    if (copyId === null) return;
    if (await letGo(id)) router.push(`/bags/${copyId}/body`);
  };

  return kept.map((version) => (
    <Flex
      key={version.id}
      role="status"
      bg="decidePale"
      borderBottom="3px solid"
      borderColor="decide"
      px="5"
      py="2"
      gap="3"
      align="center"
      wrap="wrap"
    >
      <span suppressHydrationWarning>
        <strong>Your decision:</strong> another version of this bag was kept on{' '}
        {new Date(version.createdAt).toLocaleString('en-GB', { dateStyle: 'medium', timeStyle: 'short' })}.
      </span>
      <Button size="sm" variant="outline" bg="paper" borderColor="decide" onClick={() => void makeBag(version)}>
        Make it a bag of its own
      </Button>
      <Button size="sm" variant="outline" bg="paper" borderColor="decide" onClick={() => void letGo(version.id)}>
        Let it go
      </Button>
    </Flex>
  ));
}
