import type { Design, Strap } from '@/core/design';

/** What version 7 brought, and version 6 had otherwise. */
const OF_VERSION_7 = [
  'closures',
  'straps',
  'pockets',
  'stiffener',
  'trims',
  'edgings',
  'colourRows',
] as const satisfies (keyof Design)[];

/** A strap as files up to version 7 had it: no weights were hung on its trial strip. */
export function strapOfVersion7(strap: Strap): Record<string, unknown> {
  if (strap.sample === null) return { ...strap };
  const { stitch, rows, slackMm, pulledMm } = strap.sample;
  return { ...strap, sample: { stitch, rows, slackMm, pulledMm } };
}

/** A bag as a file of version 7 had it. */
export const asVersion7 = (design: Design): Record<string, unknown> => ({
  ...design,
  version: 7,
  straps: design.straps.map(strapOfVersion7),
});

/** A bag as a file of version 6 had it: one closure, called hardware, and one strap. */
export function asVersion6(design: Design): Record<string, unknown> {
  const same = Object.fromEntries(
    Object.entries({ ...design }).filter(([key]) => !(OF_VERSION_7 as readonly string[]).includes(key)),
  );
  return { ...same, version: 6, hardware: design.closures, strap: design.straps.map(strapOfVersion7)[0] ?? null };
}
