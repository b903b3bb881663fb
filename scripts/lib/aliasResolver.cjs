/** Lets ESLint follow imports as TypeScript does: "@/…" is src, and endings are left off. */
const { existsSync, statSync } = require('node:fs');
const { dirname, join, resolve } = require('node:path');

const SRC = join(__dirname, '..', '..', 'src');
const ENDINGS = ['', '.ts', '.tsx', '.mjs', '/index.ts', '/index.tsx'];

exports.interfaceVersion = 2;

exports.resolve = (source, file) => {
  const base = source.startsWith('@/')
    ? join(SRC, source.slice(2))
    : source.startsWith('.')
      ? resolve(dirname(file), source)
      : null;
  // A package of the registry is of no part of ours.
  if (base === null) return { found: false };
  const path = ENDINGS.map((ending) => base + ending).find(
    (candidate) => existsSync(candidate) && statSync(candidate).isFile(),
  );
  return path === undefined ? { found: false } : { found: true, path };
};
