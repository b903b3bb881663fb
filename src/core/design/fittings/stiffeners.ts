import { z } from 'zod';
import { count, lengthMm } from '../fields';

/** What is so of every stiffener. */
const stiff = {
  /** Which walls have one: the base alone, front and back, or all of them. */
  parts: z.enum(['base', 'faces', 'all']),
  /** So much smaller than the wall, on every side. */
  smallerMm: lengthMm(0, 30),
  /** The radius of its corners. */
  cornerMm: lengthMm(0, 60),
  thicknessMm: lengthMm(0.3, 10),
};

/** Plastic canvas, cut along its bars. */
export const canvasSchema = z.strictObject({
  kind: z.literal('canvas'),
  ...stiff,
  barsPerInch: count(4, 16),
});
export type Canvas = z.infer<typeof canvasSchema>;

/** Card, foam, or stiff interfacing, cut to any size. */
export const boardSchema = z.strictObject({ kind: z.literal('board'), ...stiff });
export type Board = z.infer<typeof boardSchema>;

/** Canvas as large as the flat strip, that the second round of its border is crocheted through. */
export const meshSchema = z.strictObject({
  kind: z.literal('mesh'),
  barsPerInch: count(4, 16),
  thicknessMm: lengthMm(0.3, 10),
});
export type Mesh = z.infer<typeof meshSchema>;

export const stiffenerSchema = z.discriminatedUnion('kind', [canvasSchema, boardSchema, meshSchema]);
export type Stiffener = z.infer<typeof stiffenerSchema>;
/** A stiffener that is cut wall by wall. */
export type WallStiffener = Exclude<Stiffener, Mesh>;

/** Each as it is first put in: the base of what has one, else front and back. Sizes from memory. */
const usual = ({ body }: { body: { kind: string } }) => ({
  parts: body.kind === 'fold-over-strip' || body.kind === 'around-chain' ? ('faces' as const) : ('base' as const),
  smallerMm: 4,
  cornerMm: 6,
});
export const usualCanvas = (design: { body: { kind: string } }): Canvas => ({
  kind: 'canvas',
  ...usual(design),
  thicknessMm: 1.4,
  barsPerInch: 7,
});
export const usualBoard = (design: { body: { kind: string } }): Board => ({
  kind: 'board',
  ...usual(design),
  thicknessMm: 1.5,
});
/** A mesh as it is first put in. From memory. */
export const usualMesh = (): Mesh => ({ kind: 'mesh', barsPerInch: 7, thicknessMm: 1.4 });
