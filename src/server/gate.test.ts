import { describe, expect, it } from 'vitest';
import { contentPolicy, headersFor, whyTurnedAway } from './gate';

const asked = (url: string, headers: Record<string, string | undefined> = {}, method = 'GET') =>
  whyTurnedAway({ url, method, headers: { host: '127.0.0.1:3000', ...headers } }, [])?.status ?? null;

describe('every answer', () => {
  it('keeps to itself', () => {
    expect(headersFor('/', contentPolicy('n'))).toMatchObject({
      'Cross-Origin-Resource-Policy': 'same-origin',
      'Cross-Origin-Opener-Policy': 'same-origin',
      'X-Frame-Options': 'DENY',
      'Content-Security-Policy': expect.stringContaining("frame-ancestors 'none'"),
    });
  });

  it('lets no script run but its own, and inline only those of this page', () => {
    const scripts = (policy: string) => /script-src ([^;]*)/.exec(policy)?.[1];
    expect(scripts(contentPolicy('Zm9v'))).toBe(`'self' 'nonce-Zm9v'`);
  });

  it('of the program is kept by no browser', () => {
    expect(headersFor('/api/bags', '')['Cache-Control']).toBe('no-store');
    expect(headersFor('/', '')['Cache-Control']).toBeUndefined();
  });
});

describe('turned away are', () => {
  it.each<[string, number | null, number]>([
    ['another host', asked('/', { host: 'elsewhere.example' }), 403],
    ['no host', asked('/', { host: '' }), 403],
    ['a host left out', asked('/', { host: undefined }), 403],
    ['another origin', asked('/api/bags', { origin: 'http://elsewhere.example' }), 403],
    ['a page of another site', asked('/api/bags', { 'sec-fetch-site': 'cross-site' }), 403],
    ['a method that nobody uses', asked('/', {}, 'PATCH'), 405],
    ['TRACE', asked('/', {}, 'TRACE'), 405],
    ['what would write to a page', asked('/', { 'next-action': 'x' }, 'POST'), 405],
    ['half a percent sign', asked('/%'), 400],
    ['a NUL', asked('/api/bags/%00'), 400],
    ['a very long address', asked(`/${'a'.repeat(9000)}`), 414],
  ])('%s', (_, status, wanted) => expect(status).toBe(wanted));

  it('and not what writes through a route', () => expect(asked('/api/bags', {}, 'POST')).toBeNull());
  it.each(['none', 'same-origin'])('and not what she does herself: %s', (site) => {
    expect(asked('/', { 'sec-fetch-site': site })).toBeNull();
  });
});
