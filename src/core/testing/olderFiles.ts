import { isWorkedStrap, type Body, type Closure, type Design, type Strap, type Trim } from '@/core/design';

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

/** A body as files up to version 9 had it: every gusset and every band was sewn in. */
export const bodyOfVersion9 = (body: Body): Record<string, unknown> =>
  Object.fromEntries(Object.entries(body).filter(([key]) => key !== 'bandJoined'));

const without = (from: object, ...keys: string[]): Record<string, unknown> =>
  Object.fromEntries(Object.entries(from).filter(([key]) => !keys.includes(key)));

/** A lining as files up to version 11 had it: flat, of cloth, whipped in. */
export function liningOfVersion11(lining: Design['lining']): Record<string, unknown> | null {
  if (lining === null) return null;
  if (lining.kind !== 'flat' || lining.stuff !== 'cloth' || lining.joined !== 'by-hand' || lining.counted !== null)
    throw new Error('version 11 knew flat linings of cloth that were whipped in');
  return without(lining, 'stuff', 'joined', 'pitchMm', 'holesInMm', 'counted');
}

/** A bag as a file of version 12 had it: without what is cut from, and what came out. */
export const asVersion12 = (design: Design): Record<string, unknown> => ({
  ...without(design, 'cloth', 'cameOut', 'worked', 'written', 'furtherYarns', 'without'),
  version: 12,
});

/** A bag as a file of version 11 had it. */
export const asVersion11 = (design: Design): Record<string, unknown> => ({
  ...asVersion12(design),
  version: 11,
  lining: liningOfVersion11(design.lining),
});

/** A closure as files up to version 10 had it: one in the middle or two a quarter in, a buttonhole in a row. */
export function closureOfVersion10(closure: Closure): Record<string, unknown> {
  if ('layout' in closure && (closure.layout === 'even' || closure.inMm !== null))
    throw new Error('version 10 knew one in the middle, or two a quarter in');
  if (closure.kind === 'tab' || closure.kind === 'tuck-lock') throw new Error(`version 10 knew no ${closure.kind}`);
  return without(closure, 'inMm', 'count', 'madeIn', 'ends', ...(closure.kind === 'magnetic-snap' ? ['prongMm'] : []));
}

/** A trim as files up to version 10 had it. */
export const trimOfVersion10 = (trim: Trim): Record<string, unknown> => without(trim, 'buttonMm', 'of');

/** A bag as a file of version 10 had it. */
export function asVersion10(design: Design): Record<string, unknown> {
  const old = without(asVersion11(design), 'hardware');
  if (design.hardware.length > 0) throw new Error('version 10 knew hardware only where it holds a strap');
  return {
    ...old,
    version: 10,
    closures: design.closures.map(closureOfVersion10),
    trims: design.trims.map(trimOfVersion10),
  };
}

/** A closure as files up to version 9 had it: a snap with prongs. */
export function closureOfVersion9(closure: Closure): Record<string, unknown> {
  if (closure.kind !== 'magnetic-snap' || closure.fixing !== 'prongs')
    throw new Error('version 9 knew snaps with prongs alone');
  return without(closureOfVersion10(closure), 'fixing');
}

/** A bag as a file of version 9 had it. */
export function asVersion9(design: Design): Record<string, unknown> {
  const old = without(asVersion10(design), 'yarnAtHandG');
  if (design.yarnAtHandG.length > 0) throw new Error('version 9 did not ask what is at hand');
  return { ...old, version: 9, body: bodyOfVersion9(design.body), closures: design.closures.map(closureOfVersion9) };
}

/** A strap as files up to version 8 had it: worked, sewn on at the sides, of one length. */
export function strapOfVersion8(strap: Strap) {
  if (!isWorkedStrap(strap)) throw new Error('version 8 knew none that is bought');
  const { kind, widthMm, wornLengthMm, school, sample, overlapMm } = strap;
  return { kind, widthMm, wornLengthMm, school, sample, overlapMm };
}

/** A bag as a file of version 8 had it. */
export const asVersion8 = (design: Design): Record<string, unknown> => ({
  ...asVersion9(design),
  version: 8,
  straps: design.straps.map(strapOfVersion8),
});

/** A strap as files up to version 7 had it: no weights were hung on its trial strip. */
export function strapOfVersion7(strap: Strap): Record<string, unknown> {
  const { sample, ...old } = strapOfVersion8(strap);
  if (sample === null) return { ...old, sample };
  const { stitch, rows, slackMm, pulledMm } = sample;
  return { ...old, sample: { stitch, rows, slackMm, pulledMm } };
}

/** A bag as a file of version 7 had it. */
export const asVersion7 = (design: Design): Record<string, unknown> => ({
  ...asVersion9(design),
  version: 7,
  straps: design.straps.map(strapOfVersion7),
});

/** A bag as a file of version 6 had it: one closure, called hardware, and one strap. */
export function asVersion6(design: Design): Record<string, unknown> {
  const same = Object.fromEntries(
    Object.entries(asVersion9(design)).filter(([key]) => !(OF_VERSION_7 as readonly string[]).includes(key)),
  );
  return {
    ...same,
    version: 6,
    hardware: design.closures.map(closureOfVersion9),
    strap: design.straps.map(strapOfVersion7)[0] ?? null,
  };
}
