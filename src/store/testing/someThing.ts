import { thingIdSchema, type Thing } from '@/core/design';

/** A small thing to carry, of an id and a name. */
export const someThing = (id: string, name: string): Thing => ({
  id: thingIdSchema.parse(id),
  name,
  widthMm: 40,
  heightMm: 60,
  thicknessMm: 8,
  massG: null,
  turns: 'any-way',
  known: null,
});
