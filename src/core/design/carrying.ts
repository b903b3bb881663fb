/** How a bag is carried, and what a strap lies over. */
export const CARRYINGS = [
  'in-the-hand',
  'on-the-wrist',
  'on-the-arm',
  'on-the-shoulder',
  'across-the-body',
  'round-the-waist',
] as const;
export type Carrying = (typeof CARRYINGS)[number];
