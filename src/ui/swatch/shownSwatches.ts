import { z } from 'zod';
import { swatchSchema, type Swatch } from '@/core/design';
import type { FoundLibrary, ReadPart } from '@/ui/library/library';

/** A swatch of the library, and the names of the bags that are planned from it. */
export interface ShownSwatch {
  swatch: Swatch;
  bags: readonly string[];
}

/** So many come at a time. */
export const SWATCHES_AT_A_TIME = 24;

const answerSchema = z.object({
  kept: z.array(swatchSchema),
  unreadable: z.array(z.string()),
  total: z.number(),
  usedBy: z.array(z.tuple([z.string(), z.array(z.string())])),
});

/** The swatches of an answer, each with its bags. */
export function shownSwatches({
  kept,
  unreadable,
  total,
  usedBy,
}: z.infer<typeof answerSchema>): FoundLibrary<ShownSwatch> {
  const bagsOf = new Map(usedBy);
  return { unreadable, total, kept: kept.map((swatch) => ({ swatch, bags: bagsOf.get(swatch.id) ?? [] })) };
}

export const readShownSwatches: ReadPart<ShownSwatch> = async ({ search, offset }) => {
  const part = new URLSearchParams({ search, offset: String(offset), limit: String(SWATCHES_AT_A_TIME) });
  const answer: unknown = await fetch(`/api/swatches?${part.toString()}`)
    .then((response) => response.json())
    .catch(() => null);
  const read = answerSchema.safeParse(answer);
  return read.success ? shownSwatches(read.data) : { kept: [], unreadable: [], total: 0 };
};
