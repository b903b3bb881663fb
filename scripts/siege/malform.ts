import { z } from 'zod';

/** Documents that fit a shape nearly, entirely, or not at all. */

type Json = null | boolean | number | string | Json[] | { [key: string]: Json };
type Random = () => number;
interface Shape {
  type?: string | string[];
  anyOf?: Shape[];
  oneOf?: Shape[];
  allOf?: Shape[];
  enum?: Json[];
  const?: Json;
  properties?: Record<string, Shape>;
  required?: string[];
  items?: Shape;
  prefixItems?: Shape[];
  minimum?: number;
  maximum?: number;
  exclusiveMinimum?: number;
  minItems?: number;
  maxItems?: number;
  $ref?: string;
  $defs?: Record<string, Shape>;
}

const pick = <T>(random: Random, all: readonly T[]): T => all[Math.floor(random() * all.length)] as T;

/** Words that have meant trouble somewhere. */
export const WORDS: readonly string[] = [
  '',
  ' ',
  '__proto__',
  'constructor',
  'toString',
  '../../etc/passwd',
  "'; DROP TABLE bags; --",
  '<script>alert(1)</script>',
  '\u0000',
  '\u202Egnp.gab',
  '\uD800',
  '🧶'.repeat(50),
  'a'.repeat(5000),
  'row\r\n\r\nHTTP/1.1 200 OK',
  '%00',
  '${7*7}',
  'NaN',
  '1e999',
];

/** Numbers at the edges of what a number can be. */
const NUMBERS: readonly number[] = [
  ...[0, -0, -1, 0.1, 1e-300, 1e300, -1e300, 2 ** 31, 2 ** 53, 2 ** 53 + 2, -(2 ** 63), 1e21],
];

/**
 * A document of a shape, as Zod knows it: what it may be is made at random, within its limits for the most part.
 *
 * @param schema the shape; `z.unknown()` in it becomes anything
 */
export function anyOfShape(schema: z.ZodType, random: Random): Json {
  const root = z.toJSONSchema(schema, { unrepresentable: 'any', io: 'input', reused: 'inline' }) as Shape;
  return make(root, root, random, 0);
}

function make(shape: Shape, root: Shape, random: Random, depth: number): Json {
  if (shape.$ref !== undefined) {
    const name = shape.$ref.split('/').at(-1) ?? '';
    return depth > 20 ? null : make(root.$defs?.[name] ?? {}, root, random, depth + 1);
  }
  if (shape.const !== undefined) return shape.const;
  if (shape.enum) return pick(random, shape.enum);
  const choices = shape.anyOf ?? shape.oneOf;
  if (choices) return make(pick(random, choices), root, random, depth + 1);
  if (shape.allOf) {
    const parts = shape.allOf.map((part) => make(part, root, random, depth + 1));
    return parts.every((part) => typeof part === 'object' && part !== null && !Array.isArray(part))
      ? (Object.assign({}, ...parts) as Json)
      : (parts[0] ?? null);
  }
  const type = Array.isArray(shape.type) ? pick(random, shape.type) : shape.type;
  switch (type) {
    case 'object':
      return Object.fromEntries(
        Object.entries(shape.properties ?? {})
          .filter(([key]) => shape.required?.includes(key) || random() < 0.5)
          .map(([key, part]) => [key, make(part, root, random, depth + 1)]),
      );
    case 'array': {
      const least = shape.minItems ?? 0;
      const length = least + Math.floor(random() * Math.min(4, (shape.maxItems ?? least + 3) - least + 1));
      return Array.from({ length }, (_, index) =>
        make(shape.prefixItems?.[index] ?? shape.items ?? {}, root, random, depth + 1),
      );
    }
    case 'integer':
    case 'number': {
      const least = shape.minimum ?? shape.exclusiveMinimum ?? -100;
      const most = Math.min(shape.maximum ?? 1000, least + 1000);
      const value = least + random() * (most - least);
      return type === 'integer' ? Math.round(value) : Math.round(value * 10) / 10;
    }
    case 'string':
      return random() < 0.7 ? `word${Math.floor(random() * 1000)}` : pick(random, WORDS);
    case 'boolean':
      return random() < 0.5;
    case 'null':
      return null;
    default:
      return anything(random, depth);
  }
}

/** Anything that can be said in JSON, small for the most part. */
export function anything(random: Random, depth = 0): Json {
  const kind = Math.floor(random() * (depth > 6 ? 4 : 6));
  if (kind === 0) return null;
  if (kind === 1) return random() < 0.5;
  if (kind === 2) return pick(random, NUMBERS);
  if (kind === 3) return pick(random, WORDS);
  const length = Math.floor(random() * 4);
  if (kind === 4) return Array.from({ length }, () => anything(random, depth + 1));
  // Made by definition, since an assignment to some of these names would make no key.
  return Object.fromEntries(Array.from({ length }, () => [pick(random, WORDS), anything(random, depth + 1)]));
}

/**
 * A document with one place in it changed: taken out, put in beside, or become something else.
 *
 * @example
 * malformed({ a: 1 }, () => 0.99) // another document than { a: 1 }
 */
export function malformed(document: Json, random: Random): Json {
  if (typeof document !== 'object' || document === null || random() < 0.1) return anything(random);
  if (Array.isArray(document)) {
    const at = Math.floor(random() * (document.length + 1));
    const rest = [...document];
    const choice = random();
    if (at === document.length || choice < 0.2) rest.splice(at, 0, anything(random));
    else if (choice < 0.4) rest.splice(at, 1);
    else rest[at] = malformed(rest[at] as Json, random);
    return rest;
  }
  const entries = Object.entries(document);
  const at = Math.floor(random() * (entries.length + 1));
  const chosen = entries[at];
  if (!chosen || random() < 0.1) return Object.fromEntries([...entries, [pick(random, WORDS), anything(random)]]);
  if (random() < 0.15) return Object.fromEntries(entries.filter((_entry, index) => index !== at));
  return Object.fromEntries(
    entries.map(([key, value], index) => [key, index === at ? malformed(value, random) : value]),
  );
}

/** Bytes that are a request only in part, or not at all. */
export function anyBytes(random: Random, port: number): Buffer {
  const host = `Host: 127.0.0.1:${port}\r\n`;
  const noise = Buffer.from(Array.from({ length: 1 + Math.floor(random() * 400) }, () => Math.floor(random() * 256)));
  const heads = [
    '',
    'GET / HTTP/1.1\r\n\r\n',
    `GET /api/bags HTTP/9.9\r\n${host}\r\n`,
    `POST /api/bags HTTP/1.1\r\n${host}Content-Length: -5\r\n\r\n`,
    `POST /api/bags HTTP/1.1\r\n${host}Content-Length: 10\r\nContent-Length: 20\r\n\r\n`,
    `POST /api/bags HTTP/1.1\r\n${host}Content-Length: 5\r\nTransfer-Encoding: chunked\r\n\r\n0\r\n\r\n`,
    `POST /api/bags HTTP/1.1\r\n${host}Transfer-Encoding: chunked\r\n\r\nzz\r\n`,
    `POST /api/bags HTTP/1.1\r\n${host}Transfer-Encoding: chunked\r\n\r\nffffffffffffffff\r\n`,
    `PUT /api/bags/x HTTP/1.1\r\n${host}Content-Length: 100\r\n\r\n{"base`,
    `GET /${'a'.repeat(20_000)} HTTP/1.1\r\n${host}\r\n`,
    `GET / HTTP/1.1\r\n${host}X: ${'y'.repeat(30_000)}\r\n\r\n`,
    `GET / HTTP/1.1\r\n${host}${'X: y\r\n'.repeat(3000)}\r\n`,
    `GET http://elsewhere.example/ HTTP/1.1\r\n${host}\r\n`,
    `CONNECT 127.0.0.1:${port} HTTP/1.1\r\n${host}\r\n`,
    `GET / HTTP/1.1\r\n${host}Upgrade: websocket\r\nConnection: Upgrade\r\n\r\n`,
    `GET / HTTP/1.1\r\n${host}Range: bytes=0-99999999999\r\n\r\n`,
    `GET /_next/../../etc/passwd HTTP/1.1\r\n${host}\r\n`,
    `GET /_next/static/%2e%2e/%2e%2e/package.json HTTP/1.1\r\n${host}\r\n`,
    `GET /_next/image?url=http%3A%2F%2Felsewhere.example%2Fa.png&w=64&q=75 HTTP/1.1\r\n${host}\r\n`,
    `GET / HTTP/1.1\r\n${host}RSC: 1\r\nNext-Router-State-Tree: %5B%22\r\n\r\n`,
    `POST / HTTP/1.1\r\n${host}Next-Action: ${'0'.repeat(40)}\r\nContent-Length: 2\r\n\r\n[]`,
    `GET / HTTP/1.1\r\n${host}X-Middleware-Subrequest: src/middleware\r\n\r\n`,
  ];
  return Buffer.concat([Buffer.from(pick(random, heads), 'latin1'), random() < 0.5 ? noise : Buffer.alloc(0)]);
}
