import { answer, bytesOf, readQuery, Refused } from '@/server/http';
import { MOST_PHOTO_BYTES, readPhoto } from '@/server/readPhoto';
import { photosOfSchema, photoToKeepSchema } from '@/server/requests';
import { getStore } from '@/server/store';

/** Photos of a bag, or of something in store. */
export const GET = (request: Request): Promise<Response> =>
  answer(async () => {
    const { of, owner } = readQuery(request, photosOfSchema);
    return { photos: await (await getStore()).photos.list(of, owner) };
  });

/** Keeps a photo, sent as the file it is. */
export const POST = (request: Request): Promise<Response> =>
  answer(async () => {
    const { of, owner, step } = readQuery(request, photoToKeepSchema);
    const bytes = await bytesOf(
      (request.body ?? []) as unknown as AsyncIterable<Uint8Array>,
      Number(request.headers.get('content-length') ?? 0),
      { most: MOST_PHOTO_BYTES, sentence: 'This photo is larger than 30 MB. Make it smaller, and try again.' },
    );
    const pictures = await readPhoto(bytes);
    const { photos } = await getStore();
    const photo = await photos.add({ of, ownerId: owner, step: step ?? null }, pictures);
    if (!photo) throw new Refused(422, { sentence: 'There are sixty photos of it already. Take one out first.' });
    return { photo };
  });
