import { describe, expect, it } from 'vitest';
import { z } from 'zod';
import { seededRandom } from '../../src/core/random';
import { saveSchema } from '../../src/core/design';
import { archiveSchema } from '../../src/server/requests';
import { anyBytes, anyOfShape, malformed } from './malform';

const many = <T>(make: (random: () => number) => T, count = 300): T[] => {
  const random = seededRandom(5);
  return Array.from({ length: count }, () => make(random));
};

describe('documents of a shape', () => {
  const shape = z.strictObject({
    kind: z.enum(['one', 'two']),
    size: z.number().min(3).max(5),
    rows: z.array(z.number().int()).min(2).max(3),
    note: z.union([z.null(), z.boolean()]).optional(),
  });
  it('fit it', () => {
    for (const document of many((random) => anyOfShape(shape, random)))
      expect(shape.safeParse(document).success).toBe(true);
  });
  it('are of every kind that it knows', () => {
    const made = many((random) => anyOfShape(shape, random)) as { kind: string; note?: unknown }[];
    expect(new Set(made.map(({ kind }) => kind))).toEqual(new Set(['one', 'two']));
    expect(new Set(made.map(({ note }) => String(note)))).toEqual(new Set(['undefined', 'null', 'true', 'false']));
  });
  it('of the routes reach past the shape: some are taken', () => {
    expect(many((random) => archiveSchema.safeParse(anyOfShape(archiveSchema, random)).success)).not.toContain(false);
    expect(many((random) => saveSchema.safeParse(anyOfShape(saveSchema, random)).success)).toContain(true);
  });
});

describe('malformed documents', () => {
  const whole = { name: 'Bag', sizes: [1, 2, { deep: true }], flap: null };
  it('differ from what they were made of, nearly always, and leave it as it is', () => {
    const before = JSON.stringify(whole);
    const others = many((random) => JSON.stringify(malformed(whole, random)));
    expect(JSON.stringify(whole)).toBe(before);
    expect(others.filter((text) => text !== before).length).toBeGreaterThan(290);
    expect(new Set(others).size).toBeGreaterThan(100);
  });
  it('can carry names that JavaScript knows, as keys of their own', () => {
    expect(
      many((random) => JSON.stringify(malformed(whole, random))).some((text) => text.includes('"__proto__":')),
    ).toBe(true);
  });
});

it('throws whole requests, parts of them, and noise', () => {
  const thrown = many((random) => anyBytes(random, 3000).toString('latin1'));
  expect(thrown.some((text) => text.startsWith('GET / HTTP/1.1'))).toBe(true);
  expect(thrown.some((text) => !/^[A-Z]+ /.test(text))).toBe(true);
});
