import { z } from 'zod';
import { LEAST_WORN_MM, MOST_WORN_MM } from '@/core/defaults';
import { CARRYINGS } from '../carrying';
import { count, lengthMm, massG } from '../fields';

/** What a strap's length is given by. */
const givenSchema = z.discriminatedUnion('by', [
  /** The way from foot to foot, by a tape laid where it will run. */
  z.strictObject({ by: z.literal('tape') }),
  /** How far below what it lies over the mouth is to hang. */
  z.strictObject({ by: z.literal('drop'), dropMm: lengthMm(10, 1200) }),
  /** As long as a strap she likes: that one was measured slack, or with so much hung on it. */
  z.strictObject({ by: z.literal('copy'), massG: massG(10, 20000).nullable() }),
  /** Where the mouth is to hang above the floor, on a figure as tall as she is and as wide round the hip. */
  z.strictObject({
    by: z.literal('figure'),
    mouthMm: lengthMm(100, 2000),
    heightMm: lengthMm(800, 2300),
    hipMm: lengthMm(400, 1900),
  }),
]);
export type StrapGiven = z.infer<typeof givenSchema>;

/** A ring in a tab on the bag: across, inside; and how far its tab holds it above the mouth. */
const ringFields = { innerMm: lengthMm(4, 160), tabMm: lengthMm(0, 120) };

/** How each end of a strap is held on the bag. */
const endsSchema = z.discriminatedUnion('kind', [
  z.strictObject({
    kind: z.literal('sewn'),
    lie: z.enum(['inside', 'outside']),
    stitching: z.enum(['round-and-across', 'box', 'cross']),
  }),
  /** Put through a ring, and sewn back on itself. */
  z.strictObject({ kind: z.literal('ring'), ...ringFields }),
  /** A swivel clasp at its end, hooked into a ring: it can be taken off. */
  z.strictObject({ kind: z.literal('clasp'), lengthMm: lengthMm(10, 120), ...ringFields }),
  /** Put through an eyelet, and knotted inside. */
  z.strictObject({ kind: z.literal('knotted') }),
  /**
   * Grown from the body, or from the whole end of a gusset or a band, at both sides: one strap from side to side; or, where a short loop is
   * given, a long loop at one side that is passed through a short one at the other. How long that short one is worked, mm.
   */
  z.strictObject({ kind: z.literal('grown'), shortLoopMm: lengthMm(60, 600).nullable() }),
]);
export type StrapEnds = z.infer<typeof endsSchema>;

const longer = { longerMm: lengthMm(0, 800) };

/** What a strap is made longer and shorter by while it is worn, and how much longer than she wears it it is to go. */
const adjustSchema = z.discriminatedUnion('kind', [
  z.strictObject({ kind: z.literal('none') }),
  z.strictObject({ kind: z.literal('slider'), ...longer }),
  /** Two rings that the end is put through and back, as on a belt. */
  z.strictObject({ kind: z.literal('two-rings'), ...longer }),
  z.strictObject({
    kind: z.literal('buttonholes'),
    holes: count(2, 20),
    everyMm: lengthMm(10, 150),
    ...longer,
  }),
  z.strictObject({ kind: z.literal('knot'), ...longer }),
  /** Two ends tied in a bow: how long its loops are to be, and how much of each end is left to tie. */
  z.strictObject({ kind: z.literal('bow'), loopMm: lengthMm(20, 300), tieMm: lengthMm(20, 1000), ...longer }),
]);
export type StrapAdjust = z.infer<typeof adjustSchema>;

/** Where a strap's feet are: at both sides of the bag; or on one face, so many stitches in from either side, by count. */
const feetSchema = z.discriminatedUnion('on', [
  z.strictObject({ on: z.literal('sides') }),
  z.strictObject({ on: z.enum(['front', 'back']), inStitches: count(0, 200) }),
]);
export type StrapFeet = z.infer<typeof feetSchema>;

/** What every strap has, whatever it is made of. */
export const hungFields = {
  wornLengthMm: lengthMm(LEAST_WORN_MM, MOST_WORN_MM),
  given: givenSchema,
  /** What it lies over. Null: as the bag is carried. */
  over: z.enum(CARRYINGS).nullable(),
  /** Sewn down on the bag, or back on itself, at each end. */
  overlapMm: lengthMm(5, 100),
  ends: endsSchema,
  adjust: adjustSchema,
  feet: feetSchema,
};

/** As a strap is first put on: its length by a tape, sewn on at the sides, of one length. */
export const usualHung = () => ({
  given: { by: 'tape' as const },
  over: null,
  ends: { kind: 'sewn' as const, lie: 'inside' as const, stitching: 'round-and-across' as const },
  adjust: { kind: 'none' as const },
  feet: { on: 'sides' as const },
});

/**
 * How ends of a kind are usually held. From memory: the clasp, and how far a tab stands up.
 *
 * @param ringMm the ring that the strap goes through, across inside, mm
 *
 * @example
 * usualEnds('ring', 25) // => { kind: 'ring', innerMm: 25, tabMm: 10 }
 */
export function usualEnds(kind: StrapEnds['kind'], ringMm: number): StrapEnds {
  const ring = { innerMm: ringMm, tabMm: 10 };
  switch (kind) {
    case 'sewn':
      return usualHung().ends;
    case 'ring':
      return { kind, ...ring };
    case 'clasp':
      return { kind, lengthMm: 38, ...ring };
    case 'knotted':
      return { kind };
    case 'grown':
      return { kind, shortLoopMm: null };
  }
}

/**
 * What adjusts a strap, as it is first taken. From memory.
 *
 * @example
 * usualAdjust('slider') // => { kind: 'slider', longerMm: 150 }
 */
export function usualAdjust(kind: StrapAdjust['kind']): StrapAdjust {
  switch (kind) {
    case 'none':
      return { kind };
    case 'slider':
    case 'two-rings':
      return { kind, longerMm: 150 };
    case 'knot':
      return { kind, longerMm: 0 };
    case 'buttonholes':
      return { kind, longerMm: 60, holes: 5, everyMm: 30 };
    case 'bow':
      return { kind, longerMm: 0, loopMm: 60, tieMm: 150 };
  }
}
