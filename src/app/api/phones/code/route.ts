import QRCode from 'qrcode';
import { answer } from '@/server/http';
import { newCode } from '@/server/phones/phones';

/** A new code to pair a phone with: to be typed, and as a picture to be photographed (ISO/IEC 18004). */
export const POST = (): Promise<Response> =>
  answer(async () => {
    const { code, address } = newCode();
    return {
      code,
      address,
      picture: await QRCode.toDataURL(address, { errorCorrectionLevel: 'M', margin: 2, scale: 6 }),
    };
  });
