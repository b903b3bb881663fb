'use client';

import { Box, Button, Flex } from '@chakra-ui/react';
import { Camera } from 'lucide-react';
import { useRef, useState } from 'react';
import { pictureAddress, usePhotos, type PhotosOf } from './usePhotos';

/** Photos of something side by side; one that is pressed lies large below. Others are added, taken out and put back. */
export function PhotoStrip({ name, ...of }: PhotosOf & { name: string }) {
  const { photos, add, setRemoved } = usePhotos(of);
  const [open, setOpen] = useState<string | null>(null);
  const [said, setSaid] = useState<string | null>(null);
  const [gone, setGone] = useState<string | null>(null);
  const [isSending, setSending] = useState(false);
  const file = useRef<HTMLInputElement>(null);
  const shown = photos.find(({ id }) => id === open);
  const send = async (chosen: File[]) => {
    setSending(true);
    setGone(null);
    const refused: string[] = [];
    for (const one of chosen) {
      const sentence = await add(one);
      if (sentence !== null) refused.push(chosen.length > 1 ? `“${one.name}”: ${sentence}` : sentence);
    }
    setSending(false);
    setSaid(refused.length > 0 ? refused.join(' ') : null);
  };
  const takeOut = async (id: string) => {
    const refused = await setRemoved(id, true);
    setSaid(refused ?? 'The photo is out.');
    setGone(refused === null ? id : null);
    setOpen(null);
  };
  const putBack = async (id: string) => {
    setSaid(await setRemoved(id, false));
    setGone(null);
  };
  return (
    <Box mb="3" role="group" aria-label={`Photos of ${name}`}>
      <Flex gap="2" wrap="wrap" align="center">
        {photos.map((photo, index) => (
          <Button
            key={photo.id}
            variant="plain"
            p="0"
            h="auto"
            minH="44px"
            aria-expanded={open === photo.id}
            aria-label={`Photo ${index + 1} of ${photos.length}, ${photo.createdAt.slice(0, 10)}`}
            onClick={() => setOpen(open === photo.id ? null : photo.id)}
          >
            <img
              src={pictureAddress(photo.id, 'small')}
              alt=""
              width={84}
              height={84}
              style={{ width: 84, height: 84, objectFit: 'cover' }}
              loading="lazy"
            />
          </Button>
        ))}
        <Button
          size="sm"
          minH="44px"
          variant="outline"
          bg="paper"
          disabled={isSending}
          onClick={() => file.current?.click()}
        >
          <Camera aria-hidden size={16} /> {isSending ? 'Keeping it…' : 'Add a photo'}
        </Button>
        <input
          ref={file}
          type="file"
          accept="image/*"
          multiple
          hidden
          aria-label={`A photo of ${name}`}
          onChange={(event) => {
            const chosen = [...(event.target.files ?? [])];
            event.target.value = '';
            if (chosen.length > 0) void send(chosen);
          }}
        />
      </Flex>
      {said && (
        <Flex role="status" gap="2" mt="1" align="center" wrap="wrap">
          {said}
          {gone && (
            <Button size="xs" minH="44px" variant="outline" bg="paper" onClick={() => void putBack(gone)}>
              Put it back
            </Button>
          )}
        </Flex>
      )}
      {shown && (
        <Box mt="2" onKeyDown={({ key }) => key === 'Escape' && setOpen(null)}>
          <img
            src={pictureAddress(shown.id, 'whole')}
            alt={`${name}, photo of ${shown.createdAt.slice(0, 10)}`}
            width={shown.width}
            height={shown.height}
            style={{ maxWidth: '100%', maxHeight: '70vh', width: 'auto', height: 'auto' }}
          />
          <Flex gap="2" mt="1">
            <Button size="sm" minH="44px" variant="outline" bg="paper" onClick={() => setOpen(null)}>
              Close it
            </Button>
            <Button size="sm" minH="44px" variant="outline" bg="paper" onClick={() => void takeOut(shown.id)}>
              Take it out
            </Button>
          </Flex>
        </Box>
      )}
    </Box>
  );
}
