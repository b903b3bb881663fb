import { NextRequest } from 'next/server';
import { describe, expect, it } from 'vitest';
import { proxy } from './proxy';

const asked = (path: string, headers: Record<string, string> = {}, method = 'GET') =>
  proxy(new NextRequest(`http://127.0.0.1:3000${path}`, { method, headers: { host: '127.0.0.1:3000', ...headers } }));

describe('every answer', () => {
  it.each([
    ['a page', asked('/')],
    ['a refusal', asked('/', { host: 'elsewhere.example' })],
  ])('%s keeps to itself', (_, { headers }) => {
    expect(headers.get('cross-origin-resource-policy')).toBe('same-origin');
    expect(headers.get('cross-origin-opener-policy')).toBe('same-origin');
    expect(headers.get('x-frame-options')).toBe('DENY');
    expect(headers.get('content-security-policy')).toContain("frame-ancestors 'none'");
  });

  it('lets no script run but its own, and inline only those of this page', () => {
    const policies = [asked('/'), asked('/')].map(({ headers }) => headers.get('content-security-policy') ?? '');
    const scripts = policies.map((policy) => /script-src ([^;]*)/.exec(policy)?.[1] ?? '');
    for (const allowed of scripts) expect(allowed).toMatch(/^'self' 'nonce-[\w+/=]{20,}'$/);
    expect(scripts[0]).not.toBe(scripts[1]);
  });

  it('of the program is kept by no browser', () => {
    expect(asked('/api/bags').headers.get('cache-control')).toBe('no-store');
    expect(asked('/').headers.get('cache-control')).toBeNull();
  });
});

describe('refused are', () => {
  it.each<[string, Response, number]>([
    ['another host', asked('/', { host: 'elsewhere.example' }), 403],
    ['no host', asked('/', { host: '' }), 403],
    ['another origin', asked('/api/bags', { origin: 'http://elsewhere.example' }), 403],
    ['a page of another site', asked('/api/bags', { 'sec-fetch-site': 'cross-site' }), 403],
    ['a method that nobody uses', asked('/', {}, 'PATCH'), 405],
  ])('%s', (_, response, status) => expect(response.status).toBe(status));

  it.each(['none', 'same-origin'])('and not what she does herself: %s', (site) => {
    expect(asked('/', { 'sec-fetch-site': site }).status).toBe(200);
  });
});
