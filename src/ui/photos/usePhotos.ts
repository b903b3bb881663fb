import { useCallback, useEffect, useState } from 'react';
import { z } from 'zod';
import { sendTo } from '@/ui/library/library';

const photoSchema = z.object({
  id: z.string(),
  step: z.string().nullable(),
  width: z.number(),
  height: z.number(),
  createdAt: z.string(),
});
export type ShownPhoto = z.infer<typeof photoSchema>;

/** What photos are of. */
export interface PhotosOf {
  of: 'bag' | 'stock';
  ownerId: string;
  /** Only those of a step of the making; left out: all. */
  step?: string;
}

/** The largest file that is taken as a photo, bytes; the server says the same. */
const MOST_BYTES = 30_000_000;

/** Where a picture is asked for. */
export const pictureAddress = (id: string, size: 'small' | 'whole'): string => `/api/photos/${id}?size=${size}`;

/** Photos of something, and how to add one, take one out and put it back. The last three answer with null, or with a sentence. */
export function usePhotos({ of, ownerId, step }: PhotosOf) {
  const [photos, setPhotos] = useState<readonly ShownPhoto[]>([]);
  const [asked, setAsked] = useState(0);
  const query = `of=${of}&owner=${encodeURIComponent(ownerId)}`;
  useEffect(() => {
    let isOver = false;
    void fetch(`/api/photos?${query}`, { cache: 'no-store' })
      .then((response) => response.json())
      .then((answer: unknown) => {
        const read = z.object({ photos: z.array(photoSchema) }).safeParse(answer);
        if (read.success && !isOver) setPhotos(read.data.photos);
      })
      .catch(() => undefined);
    return () => {
      isOver = true;
    };
  }, [query, asked]);
  const reread = useCallback(() => setAsked((times) => times + 1), []);
  const send = useCallback(
    async (path: string, init: RequestInit): Promise<string | null> => {
      const refused = await sendTo(path, init);
      if (refused === null) reread();
      return refused;
    },
    [reread],
  );
  const add = async (file: Blob) => {
    // It would be refused, after it had been sent all the way.
    if (file.size > MOST_BYTES) return 'This photo is larger than 30 MB. Make it smaller, and try again.';
    return send(`/api/photos?${query}${step === undefined ? '' : `&step=${encodeURIComponent(step)}`}`, {
      method: 'POST',
      headers: { 'content-type': 'application/octet-stream' },
      body: file,
    });
  };
  const setRemoved = (id: string, removed: boolean) =>
    send(`/api/photos/${id}`, {
      method: 'PUT',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify({ removed }),
    });
  return { photos: step === undefined ? photos : photos.filter((photo) => photo.step === step), add, setRemoved };
}
