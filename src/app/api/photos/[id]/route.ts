import { answer, readBody, readQuery, Refused } from '@/server/http';
import { photoChangeSchema, pictureSchema } from '@/server/requests';
import { getStore } from '@/server/store';
import { photoIdSchema, type PhotoId } from '@/store';

interface Context {
  params: Promise<{ id: string }>;
}

const noSuchPhoto = () => new Refused(404, { sentence: 'There is no such photo.' });

function photoIdFrom(text: string): PhotoId {
  const parsed = photoIdSchema.safeParse(text);
  if (!parsed.success) throw noSuchPhoto();
  return parsed.data;
}

/** A picture. */
export const GET = (request: Request, { params }: Context): Promise<Response> =>
  answer(async () => {
    const { size } = readQuery(request, pictureSchema);
    const picture = await (await getStore()).photos.picture(photoIdFrom((await params).id), size);
    if (!picture) throw noSuchPhoto();
    return new Response(new Uint8Array(picture), { headers: { 'content-type': 'image/jpeg' } });
  });

/** Takes a photo out, or puts it back. */
export const PUT = (request: Request, { params }: Context): Promise<Response> =>
  answer(async () => {
    const id = photoIdFrom((await params).id);
    const { removed } = await readBody(request, photoChangeSchema);
    if (!(await (await getStore()).photos.setRemoved(id, removed))) throw noSuchPhoto();
    return { removed };
  });
