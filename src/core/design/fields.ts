import { z } from 'zod';
import { onOneLine } from './names';

/** A length within limits. A limit stands in its sentence as `{mm:20}`, to be written in the maker's unit at the field. */
export const lengthMm = (leastMm: number, mostMm: number) =>
  z
    .number({ error: 'Write a length here.' })
    .min(leastMm, { error: `This must be at least {mm:${leastMm}}.` })
    .max(mostMm, { error: `This can be {mm:${mostMm}} at most.` });

/** How far something lies from where it is counted from; less than nought to the other side. */
export const coordinateMm = (mostMm: number) =>
  z
    .number({ error: 'Write a length here.' })
    .min(-mostMm, { error: `This can be {mm:${mostMm}} at most.` })
    .max(mostMm, { error: `This can be {mm:${mostMm}} at most.` });

export const count = (least: number, most: number) =>
  z
    .number({ error: 'Write a whole number here.' })
    .int({ error: 'Write a whole number here.' })
    .min(least, { error: `This must be at least ${least}.` })
    .max(most, { error: `This can be ${most} at most.` });

export const massG = (leastG: number, mostG: number) =>
  z
    .number({ error: 'Write a weight here.' })
    .min(leastG, { error: `This must be at least ${leastG} g.` })
    .max(mostG, { error: `This can be ${mostG} g at most.` });

export const shortText = (most: number) =>
  z
    .string({ error: 'Write a few words here.' })
    .overwrite(onOneLine)
    .trim()
    .min(1, { error: 'Give it a name.' })
    .max(most, { error: `Keep it to ${most} characters.` });

/** What a name for the program may be made of: letters, digits, _ and -. */
export const idSchema = z
  .string()
  .regex(/^[\w-]{1,40}$/, { error: 'This name for the program may only have letters, digits, _ and -.' });
