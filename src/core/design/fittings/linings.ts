import { z } from 'zod';
import { LINING_ALLOWANCE_MM, LINING_INSET_MM, LINING_THICKNESS_MM } from '@/core/defaults';
import { count, lengthMm } from '../fields';

/** What a lining is cut from. Felt, fleece and vinyl don't fray. */
export const LINING_STUFFS = ['cloth', 'felt', 'fleece', 'vinyl'] as const;
export type LiningStuff = (typeof LINING_STUFFS)[number];

/** How many stitches or holes an edge of it can have, as she counted them. */
export const COUNTED_LIMITS = { least: 4, most: 5000 } as const;

/** Stitches or rows in 100 mm. */
const gaugeCount = z
  .number({ error: 'Write how many you counted in 10 cm.' })
  .min(4, { error: 'Count at least 4 in 10 cm.' })
  .max(120, { error: 'This can be 120 at most.' });

/** What is so of every lining of cloth, felt, fleece or vinyl. */
const made = {
  stuff: z.enum(LINING_STUFFS),
  /** Of one layer. */
  thicknessMm: lengthMm(0.05, 5),
  /** Laid on each other and treated as one: as many are cut of every piece. */
  layers: count(1, 2),
  /** Stuck to its wrong side before it is sewn, so thick; null: none. */
  interfacingMm: lengthMm(0.05, 3).nullable(),
  /** Whipped to the crochet by hand; sewn to it by machine; or crocheted to it through holes along its edge. */
  joined: z.enum(['by-hand', 'by-machine', 'through-holes']),
  /** Holes so far from each other, and so far from the edge. */
  pitchMm: lengthMm(3, 25),
  holesInMm: lengthMm(3, 25),
  /** Every layer by itself, or those that lie on each other in one go. */
  perforated: z.enum(['each', 'together']),
  /** Holes along the edge that is joined, as she counted them on her own; null: as planned. */
  counted: count(COUNTED_LIMITS.least, COUNTED_LIMITS.most).nullable(),
};

/** Cut a little larger than the crochet, its edges pressed under, and joined to it while it lies flat. */
export const flatLiningSchema = z.strictObject({
  kind: z.literal('flat'),
  allowanceMm: lengthMm(5, 40),
  insetMm: lengthMm(0, 20),
  ...made,
});
export type FlatLining = z.infer<typeof flatLiningSchema>;

/** A bag of cloth for itself, put into the finished one and joined at its mouth. */
export const dropInLiningSchema = z.strictObject({
  kind: z.literal('drop-in'),
  /** One piece folded at the bottom; two with a seam there; or as many as the bag has walls. */
  cut: z.enum(['folded', 'two', 'walls']),
  seamMm: lengthMm(3, 30),
  hemMm: lengthMm(0, 60),
  /** So much smaller than the inside, across and up. */
  easeMm: lengthMm(0, 30),
  /** How its own seams are made: sewn and turned to the crochet, or crocheted through holes, edges on edges. */
  seams: z.enum(['sewn', 'through-holes']),
  /** Its edge lies so far below the mouth. */
  belowMm: lengthMm(0, 80),
  ...made,
});
export type DropInLining = z.infer<typeof dropInLiningSchema>;

/** The inner face of the flap alone. */
export const flapLiningSchema = z.strictObject({
  kind: z.literal('flap-only'),
  allowanceMm: lengthMm(5, 40),
  insetMm: lengthMm(0, 20),
  ...made,
});
export type FlapLining = z.infer<typeof flapLiningSchema>;

/** A bag of thinner crochet, put into the finished one and joined at its mouth, stitch to stitch. */
export const crochetedLiningSchema = z.strictObject({
  kind: z.literal('crocheted'),
  /** Its own gauge, of a swatch of single crochet in its yarn. */
  stitchesIn100Mm: gaugeCount,
  rowsIn100Mm: gaugeCount,
  hookMm: lengthMm(0.5, 30),
  thicknessMm: lengthMm(0.2, 10),
  /** So much smaller than the inside, across and up. */
  easeMm: lengthMm(0, 30),
  /** Its edge lies so far below the mouth. */
  belowMm: lengthMm(0, 80),
  /** Stitches along its edge, as she counted them on her own; null: as planned. */
  counted: count(COUNTED_LIMITS.least, COUNTED_LIMITS.most).nullable(),
});
export type CrochetedLining = z.infer<typeof crochetedLiningSchema>;

export const liningSchema = z.discriminatedUnion('kind', [
  flatLiningSchema,
  dropInLiningSchema,
  flapLiningSchema,
  crochetedLiningSchema,
]);
export type Lining = z.infer<typeof liningSchema>;
/** A lining that is cut from something. */
export type CutLining = Exclude<Lining, CrochetedLining>;

/** What every lining has as it is first added: cotton, whipped in. Holes from common practice: 6 to 12 mm from the edge. */
export const USUAL_MADE = {
  stuff: 'cloth' as LiningStuff,
  thicknessMm: LINING_THICKNESS_MM,
  layers: 1,
  interfacingMm: null as number | null,
  joined: 'by-hand' as 'by-hand' | 'by-machine' | 'through-holes',
  pitchMm: 8,
  holesInMm: 8,
  perforated: 'each' as 'each' | 'together',
  counted: null as number | null,
};

/** A crocheted lining as it is first added: thin cotton. Gauge from memory. */
export const usualCrochetedLining = (): CrochetedLining => ({
  kind: 'crocheted',
  stitchesIn100Mm: 30,
  rowsIn100Mm: 33,
  hookMm: 1.75,
  thicknessMm: 1,
  easeMm: 4,
  belowMm: 8,
  counted: null,
});

/** A flat lining as it is first added. */
export const usualLining = (): FlatLining => ({
  kind: 'flat',
  allowanceMm: LINING_ALLOWANCE_MM,
  insetMm: LINING_INSET_MM,
  ...USUAL_MADE,
});
/** Bodies whose lining is one piece, folded at the bottom. */
const FOLDS: ReadonlySet<string> = new Set(['fold-over-strip', 'around-chain', 'boxed-corners']);

/** A drop-in lining as it is first added. Ease from common practice: 3 to 6 mm. */
export const usualDropIn = ({ body }: { body?: { kind: string } } = {}): DropInLining => ({
  kind: 'drop-in',
  // A flat pouch in one piece; what has walls with a piece for each.
  cut: body === undefined || FOLDS.has(body.kind) ? 'folded' : 'walls',
  seamMm: 10,
  hemMm: 20,
  easeMm: 4,
  seams: 'sewn',
  belowMm: 8,
  ...USUAL_MADE,
});
/** A lining of the flap alone as it is first added. */
export const usualFlapLining = (): FlapLining => ({
  kind: 'flap-only',
  allowanceMm: LINING_ALLOWANCE_MM,
  insetMm: LINING_INSET_MM,
  ...USUAL_MADE,
});

/** Whether a lining is a bag for itself, that is put into the finished one. */
export const isBagForItself = ({ kind }: { kind: string }): boolean => kind === 'drop-in' || kind === 'crocheted';

/** Whether the flap has a lining on its inner face; and whether the walls of the bag have one. */
export const linesFlap = ({ lining }: { lining: { kind: string } | null }): boolean =>
  lining !== null && !isBagForItself(lining);
export const linesWalls = ({ lining }: { lining: { kind: string } | null }): boolean =>
  lining !== null && lining.kind !== 'flap-only';

/** What of a lining says how thick it is. */
type Thick = { thicknessMm: number; layers?: number; interfacingMm?: number | null };

/** How thick a lining is with all of its layers and what stiffens them, mm; nought without one. */
export const liningMmOf = ({ lining }: { lining: Thick | null }): number =>
  lining ? (lining.layers ?? 1) * lining.thicknessMm + (lining.interfacingMm ?? 0) : 0;

/** Whether the seams of a lining are crocheted through holes: of what does not fray, and joined so to the bag. */
export const isNoSew = (lining: Lining): boolean =>
  lining.kind === 'drop-in' &&
  lining.seams === 'through-holes' &&
  lining.joined === 'through-holes' &&
  lining.stuff !== 'cloth';

/** How thick the lining of the flap is, mm; nought where it has none. */
export const flapLiningMm = (design: { lining: (Thick & { kind: string }) | null }): number =>
  linesFlap(design) ? liningMmOf(design) : 0;

/** How thick the lining of the walls is, mm; nought where they have none. */
export const wallLiningMm = (design: { lining: (Thick & { kind: string }) | null }): number =>
  linesWalls(design) ? liningMmOf(design) : 0;
