import QRCode from 'qrcode';
import { answer, bagIdFrom, noSuchBag } from '@/server/http';
import { newCode } from '@/server/phones/phones';
import { getStore } from '@/server/store';

interface Context {
  params: Promise<{ id: string }>;
}

/** A code that lets a tester in to the pattern of this bag and to nothing else: to be typed, and as a picture to be photographed. */
export const POST = (_: Request, { params }: Context): Promise<Response> =>
  answer(async () => {
    const id = bagIdFrom((await params).id);
    if (!(await (await getStore()).makings.knows(id))) throw noSuchBag();
    const { code, address } = newCode(id);
    return {
      code,
      address,
      picture: await QRCode.toDataURL(address, { errorCorrectionLevel: 'M', margin: 2, scale: 6 }),
    };
  });
