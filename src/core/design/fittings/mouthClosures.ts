import { z } from 'zod';
import { count, lengthMm } from '../fields';
import { USUAL_BUTTON, buttonFields, buttonholeFields } from './button';
import { USUAL_ACROSS, acrossFields, closureIdSchema } from './onFlap';

const closure = { id: closureIdSchema };

/** What hangs from the flap's edge, or without a flap from the back's, and is fastened on the front. */
const hangs = {
  ...closure,
  ...acrossFields,
  /** What it is fastened to: its middle so far below the flap's edge, loaded; without a flap, below the front's. */
  belowMm: lengthMm(0, 300),
};

/** What hangs from an edge in a loop of chains, and is passed over something that is sewn to the front. */
const loop = {
  ...hangs,
  /** Worked into the edge's last row; or joined on once the piece is done. */
  made: z.enum(['last-row', 'joined-on']),
};

export const buttonLoopSchema = z.strictObject({
  kind: z.literal('button-loop'),
  ...loop,
  ...buttonFields,
});
export type ButtonLoop = z.infer<typeof buttonLoopSchema>;

/** A short bar, sewn on at its middle. */
export const toggleLoopSchema = z.strictObject({
  kind: z.literal('toggle-loop'),
  ...loop,
  lengthMm: lengthMm(15, 120),
  thicknessMm: lengthMm(4, 40),
});
export type ToggleLoop = z.infer<typeof toggleLoopSchema>;

/** A tab that is worked on from an edge, and tucked through a slot in the front or buttoned to it. */
export const tabSchema = z.strictObject({
  kind: z.literal('tab'),
  ...hangs,
  widthMm: lengthMm(6, 200),
  fastens: z.enum(['slot', 'button']),
  ...buttonholeFields,
});
export type Tab = z.infer<typeof tabSchema>;

export const zipperSchema = z.strictObject({
  kind: z.literal('zipper'),
  ...closure,
  /** From stop to stop. Null: the longest standard one that leaves both ends clear. */
  lengthMm: lengthMm(50, 1000).nullable(),
  /** Sewn to the lining first, into the mouth itself, or between tabs at its ends. */
  joined: z.enum(['lining', 'mouth', 'tabs']),
  /** Backstitches along its tape are so far from each other. */
  pitchMm: lengthMm(4, 30),
});
export type Zipper = z.infer<typeof zipperSchema>;

export const drawstringSchema = z.strictObject({
  kind: z.literal('drawstring'),
  ...closure,
  /** One that leaves at the centre front; or two, the other at the centre back. */
  cords: count(1, 2),
  cordMm: lengthMm(1, 20),
  /** Rows from the upper edge down to the one it passes through. */
  belowRows: count(1, 60),
  /** Between stitches; through eyelets that are set into the row; or through a casing, a strip sewn on inside along it. */
  through: z.enum(['stitches', 'eyelets', 'casing']),
  /** About so far from one pass to the next. */
  everyMm: lengthMm(8, 120),
  closedBy: z.enum(['bow', 'bead']),
  /** The hole of the bead that both strands go through. */
  beadHoleMm: lengthMm(1, 40),
  /** What the ends of the cords have, so that they don't slip back. */
  ends: z.enum(['knots', 'beads', 'tassels']),
});
export type Drawstring = z.infer<typeof drawstringSchema>;

/** A metal frame of two halves on hinges, with holes that the edges are sewn through. */
export const frameSchema = z.strictObject({
  kind: z.literal('frame'),
  ...closure,
  /** From hinge to hinge, an arm from the top to its hinge, and the radius of its corners. */
  widthMm: lengthMm(40, 400),
  armMm: lengthMm(10, 150),
  radiusMm: lengthMm(0, 80),
  /** Of each half. */
  holes: count(8, 300),
});
export type Frame = z.infer<typeof frameSchema>;

export const partSewnSchema = z.strictObject({
  kind: z.literal('part-sewn'),
  ...closure,
  /** So much of the mouth is sewn up from either side. */
  sewnMm: lengthMm(5, 300),
});
export type PartSewn = z.infer<typeof partSewnSchema>;

const id = (kind: string) => closureIdSchema.parse(kind);

/** Each as it is first put on. Sizes from memory. */
export const usualButtonLoop = (): ButtonLoop => ({
  kind: 'button-loop',
  id: id('button-loop'),
  ...USUAL_ACROSS,
  belowMm: 20,
  made: 'last-row',
  diameterMm: 22,
  thicknessMm: 5,
});
export const usualToggleLoop = (): ToggleLoop => ({
  kind: 'toggle-loop',
  id: id('toggle-loop'),
  ...USUAL_ACROSS,
  belowMm: 25,
  made: 'joined-on',
  lengthMm: 40,
  thicknessMm: 12,
});
export const usualTab = (): Tab => ({
  kind: 'tab',
  id: id('tab'),
  ...USUAL_ACROSS,
  belowMm: 30,
  widthMm: 30,
  fastens: 'slot',
  ...USUAL_BUTTON,
});
export const usualZipper = ({ lining }: { lining: unknown }): Zipper => ({
  kind: 'zipper',
  id: id('zipper'),
  lengthMm: null,
  joined: lining ? 'lining' : 'mouth',
  pitchMm: 10,
});
export const usualDrawstring = (): Drawstring => ({
  kind: 'drawstring',
  id: id('drawstring'),
  cords: 1,
  cordMm: 4,
  belowRows: 3,
  through: 'stitches',
  everyMm: 25,
  closedBy: 'bow',
  beadHoleMm: 7,
  ends: 'knots',
});
export const usualFrame = ({ body }: { body: { widthMm: number } }): Frame => ({
  kind: 'frame',
  id: id('frame'),
  widthMm: Math.max(40, Math.min(400, Math.round(body.widthMm * 0.92))),
  armMm: 45,
  radiusMm: 12,
  holes: 44,
});
export const usualPartSewn = (): PartSewn => ({ kind: 'part-sewn', id: id('part-sewn'), sewnMm: 55 });
