'use client';

import { Box, Button, Flex } from '@chakra-ui/react';
import { Download, FileInput } from 'lucide-react';
import { useRef, useState } from 'react';
import { z } from 'zod';
import { dayInWords } from '@/ui/logbook/dayOf';
import { Group } from '@/ui/bag/PlaceLayout';
import { askFor, sending, useAnswered } from './useAnswered';
import { ChangesTable, changesSchema, isNothing, type Changes } from './ChangesTable';

const nightlySchema = z.object({
  copies: z.array(z.object({ name: z.string(), bytes: z.number(), madeAt: z.string() })),
});
const lookedSchema = z.object({ token: z.string(), changes: changesSchema });
const broughtSchema = z.object({ changes: changesSchema });

/** A copy that was looked into and waits to be brought in. */
interface Looked {
  token: string;
  changes: Changes;
}

/** Copies of everything: one now, those of the last nights, and one brought in again, once it was told what that changes. */
export function CopiesGroup() {
  const { answer: nightly } = useAnswered('/api/backup/nightly', nightlySchema);
  const [looked, setLooked] = useState<Looked | null>(null);
  const [said, setSaid] = useState<string | null>(null);
  const [isBusy, setBusy] = useState(false);
  const file = useRef<HTMLInputElement>(null);
  const lookInto = async (address: string, body?: Blob) => {
    setBusy(true);
    setSaid(null);
    const found = await askFor(address, { method: 'POST', ...(body ? { body } : {}) }, lookedSchema);
    setBusy(false);
    if (found.ok) setLooked(found.answer);
    else setSaid(found.sentence);
  };
  const bringIn = async (way: 'add' | 'replace') => {
    if (!looked) return;
    setBusy(true);
    const done = await askFor(`/api/restore/${looked.token}`, sending('POST', { way }), broughtSchema);
    setBusy(false);
    setLooked(null);
    setSaid(done.ok ? 'The copy is in. What was otherwise here is kept beside its bag.' : done.sentence);
  };
  const leave = () => {
    if (looked) void fetch(`/api/restore/${looked.token}`, { method: 'DELETE' }).catch(() => undefined);
    setLooked(null);
    setSaid('Nothing was changed.');
  };
  return (
    <Group title="Copies">
      <Box mb="3">
        A copy is one ZIP of everything: bags and libraries as open files, photos, and a list with the check sum of
        each. Keep one elsewhere than on this computer.
      </Box>
      <Flex gap="3" wrap="wrap" mb="3">
        <Button asChild size="sm" minH="44px" bg="drawer" color="drawerText">
          <a href="/api/backup" download>
            <Download size={16} aria-hidden /> Save a copy of everything
          </a>
        </Button>
        <Button
          size="sm"
          minH="44px"
          variant="outline"
          bg="paper"
          disabled={isBusy}
          onClick={() => file.current?.click()}
        >
          <FileInput size={16} aria-hidden /> Bring a copy in
        </Button>
        <Button asChild size="sm" minH="44px" variant="outline" bg="paper">
          <a href="/api/copy" download>
            Save the database alone
          </a>
        </Button>
        <input
          ref={file}
          type="file"
          accept=".zip,application/zip"
          hidden
          aria-label="A copy of everything"
          onChange={(event) => {
            const [chosen] = event.target.files ?? [];
            event.target.value = '';
            if (chosen) void lookInto('/api/restore', chosen);
          }}
        />
      </Flex>
      {isBusy && <Box role="status">Looking through it…</Box>}
      {said && (
        <Box role="status" bg="brassPale" px="3" py="2" mb="3">
          {said}
        </Box>
      )}
      {looked && (
        <Box
          as="section"
          aria-label="What this copy changes"
          className="on-paper"
          bg="paper"
          border="1px solid"
          borderColor="paperEdge"
          p="4"
          mb="4"
        >
          <Box fontWeight={700} mb="2">
            The copy of {dayInWords(new Date(looked.changes.madeAt).getTime())}. Nothing is changed yet, and nothing
            that is here will be taken away.
          </Box>
          <ChangesTable changes={looked.changes} />
          <Flex gap="2" mt="3" wrap="wrap">
            {!isNothing(looked.changes) && (
              <Button
                size="sm"
                minH="44px"
                bg="drawer"
                color="drawerText"
                disabled={isBusy}
                onClick={() => void bringIn('add')}
              >
                Add what is missing
              </Button>
            )}
            {looked.changes.lines.some(({ different }) => different.length > 0) && (
              <Button
                size="sm"
                minH="44px"
                variant="outline"
                bg="paper"
                disabled={isBusy}
                onClick={() => void bringIn('replace')}
              >
                Add it, and put what differs back as it was then
              </Button>
            )}
            <Button size="sm" minH="44px" variant="outline" bg="paper" onClick={leave}>
              Leave it
            </Button>
          </Flex>
        </Box>
      )}
      <Box fontWeight={700}>The last nights</Box>
      <Box mb="2">
        Every day, from three in the morning on, a copy is laid beside the database while Ruelle runs; the last seven
        are kept.
      </Box>
      {nightly && nightly.copies.length === 0 && <Box>None yet.</Box>}
      <Box as="ul" listStyleType="none">
        {nightly?.copies.map(({ name, bytes, madeAt }) => (
          <Flex as="li" key={name} gap="3" align="center" wrap="wrap" py="1">
            <Box flex="0 1 18em">
              {dayInWords(new Date(madeAt).getTime())}, {sizeText(bytes)}
            </Box>
            <Button asChild size="xs" minH="44px" variant="outline" bg="paper">
              <a href={`/api/backup/nightly/${name}`} download>
                Save it elsewhere
              </a>
            </Button>
            <Button
              size="xs"
              minH="44px"
              variant="outline"
              bg="paper"
              disabled={isBusy}
              onClick={() => void lookInto(`/api/restore?nightly=${encodeURIComponent(name)}`)}
            >
              Look into it
            </Button>
          </Flex>
        ))}
      </Box>
    </Group>
  );
}

/** How large a file is. */
const sizeText = (bytes: number): string =>
  bytes < 1_000_000 ? `${Math.max(1, Math.round(bytes / 1000))} kB` : `${(bytes / 1_000_000).toFixed(1)} MB`;
