import { NextResponse, type NextRequest } from 'next/server';
import { isOwnAddress, namesAllowed } from '@/server/ownAddress';

/** Refuses requests that were addressed to another name or come from another site, before anything reads them. */
export function proxy(request: NextRequest): Response {
  const host = request.headers.get('host');
  const origin = request.headers.get('origin');
  if (!isOwnAddress(host, origin, namesAllowed(process.env.RUELLE_HOSTS, process.env.RUELLE_HOST)))
    return Response.json({ sentence: 'Ruelle only answers to its own address on this computer.' }, { status: 403 });
  return NextResponse.next();
}
