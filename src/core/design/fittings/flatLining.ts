import { z } from 'zod';
import { LINING_ALLOWANCE_MM, LINING_INSET_MM, LINING_THICKNESS_MM } from '@/core/defaults';
import { lengthMm } from '../fields';

export const flatLiningSchema = z.strictObject({
  kind: z.literal('flat'),
  allowanceMm: lengthMm(5, 40),
  insetMm: lengthMm(0, 20),
  thicknessMm: lengthMm(0.05, 5),
});
export type FlatLining = z.infer<typeof flatLiningSchema>;

/** A flat lining as it is first added. */
export const usualLining = (): FlatLining => ({
  kind: 'flat',
  allowanceMm: LINING_ALLOWANCE_MM,
  insetMm: LINING_INSET_MM,
  thicknessMm: LINING_THICKNESS_MM,
});
