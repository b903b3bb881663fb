import type { Design } from '@/core/design';

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

/** A bag as a file of version 6 had it: one closure, called hardware, and one strap. */
export function asVersion6(design: Design): Record<string, unknown> {
  const same = Object.fromEntries(
    Object.entries({ ...design }).filter(([key]) => !(OF_VERSION_7 as readonly string[]).includes(key)),
  );
  return { ...same, version: 6, hardware: design.closures, strap: design.straps[0] ?? null };
}
