import { readFileSync, readdirSync } from 'node:fs';
import { expect, it } from 'vitest';
import { ROUTES } from './routes';

/** The methods that the route files answer, by their paths. */
function answered(folder: string, path: string): string[] {
  return readdirSync(folder, { withFileTypes: true }).flatMap((entry) => {
    const inner = `${folder}/${entry.name}`;
    if (entry.isDirectory()) return answered(inner, `${path}/${entry.name}`);
    if (entry.name !== 'route.ts') return [];
    const text = readFileSync(inner, 'utf8');
    return ['GET', 'POST', 'PUT', 'PATCH', 'DELETE']
      .filter((method) => new RegExp(`export (const|async function|function) (\\{[^}]*\\b)?${method}\\b`).test(text))
      .map((method) => `${method} ${path}`);
  });
}

it('a siege knows every route there is', () => {
  const known = ROUTES.map(({ method, path }) => `${method} ${path}`).filter((route) => route.includes('/api/'));
  expect(known.sort()).toEqual(answered('src/app/api', '/api').sort());
});
