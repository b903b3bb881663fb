/** The places of a bag, in the order of work. The slug is the last part of the address. */
export const PLACES = [
  { slug: 'carry', name: 'Carry' },
  { slug: 'swatch', name: 'Swatch' },
  { slug: 'stitch', name: 'Stitch' },
  { slug: 'body', name: 'Body' },
  { slug: 'strap', name: 'Strap' },
  { slug: 'closures', name: 'Closures' },
  { slug: 'lining', name: 'Lining' },
  { slug: 'stores', name: 'Stores' },
  { slug: 'bench', name: 'Bench' },
  { slug: 'write-up', name: 'Write-up' },
] as const;

export type PlaceSlug = (typeof PLACES)[number]['slug'];
