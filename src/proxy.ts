import { NextResponse, type NextRequest } from 'next/server';
import { isOwnAddress } from '@/server/ownAddress';

/** Refuses requests that were addressed to another name or come from another site, before anything reads them. */
export function proxy(request: NextRequest): Response {
  const host = request.headers.get('host');
  const origin = request.headers.get('origin');
  const extra = process.env.RUELLE_HOSTS?.split(',') ?? [];
  if (!isOwnAddress(host, origin, extra))
    return Response.json({ sentence: 'Ruelle only answers to its own address on this computer.' }, { status: 403 });
  return NextResponse.next();
}
