import { NextResponse, type NextRequest } from 'next/server';
import { contentPolicy, withHeaders } from '@/server/headers';
import { isOwnAddress, namesAllowed } from '@/server/ownAddress';

const METHODS = new Set(['GET', 'HEAD', 'POST', 'PUT', 'DELETE', 'OPTIONS']);

/** Refuses requests that were addressed to another name or come from another site, before anything reads them; gives every answer its headers. */
export function proxy(request: NextRequest): Response {
  const { headers, method } = request;
  const { pathname } = request.nextUrl;
  const nonce = btoa(crypto.randomUUID());
  const policy = contentPolicy(nonce, process.env.NODE_ENV === 'development');
  const refuse = (status: number, sentence: string) =>
    withHeaders(Response.json({ sentence }, { status }), pathname, policy);

  const names = namesAllowed(process.env.RUELLE_HOSTS, process.env.RUELLE_HOST);
  if (!isOwnAddress(headers.get('host'), headers.get('origin'), names))
    return refuse(403, 'Ruelle only answers to its own address on this computer.');
  if (headers.get('sec-fetch-site') === 'cross-site')
    return refuse(403, 'Ruelle does not answer to pages of other sites. Type its address yourself.');
  if (!METHODS.has(method)) return refuse(405, 'Ruelle does not know this kind of request.');

  // By these the page puts the nonce on its own scripts.
  const passed = new Headers(headers);
  passed.set('x-nonce', nonce);
  passed.set('content-security-policy', policy);
  return withHeaders(NextResponse.next({ request: { headers: passed } }), pathname, policy);
}
