import { z } from 'zod';
import { localMemory } from '@/ui/browser/browserMemory';

/** How tall a maker is and how far round the hip, mm. */
export interface OwnSize {
  heightMm: number;
  hipMm: number;
}

/** A figure of middle size, until she sets it to her own, mm. From memory. */
export const MIDDLE_SIZE: OwnSize = { heightMm: 1660, hipMm: 1000 };

const KEY = 'ruelle.body';
const sizeSchema = z.object({ heightMm: z.number().min(800).max(2300), hipMm: z.number().min(400).max(1900) });

/** The size that she set last, on whatever bag; else a middle one. It stays in this browser. */
export function lastSize(): OwnSize {
  try {
    const parsed = sizeSchema.safeParse(JSON.parse(localMemory.get(KEY) ?? 'null'));
    return parsed.success ? parsed.data : MIDDLE_SIZE;
  } catch {
    return MIDDLE_SIZE;
  }
}

export const rememberSize = ({ heightMm, hipMm }: OwnSize): void => {
  localMemory.set(KEY, JSON.stringify({ heightMm, hipMm }));
};
