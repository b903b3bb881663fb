import type { Carrying } from '@/core/design';

/** How a bag is carried, and what a strap lies over, as it is chosen. */
export const CARRIED: Record<Carrying, string> = {
  'in-the-hand': 'In the hand',
  'on-the-wrist': 'On the wrist',
  'on-the-arm': 'In the crook of the arm',
  'on-the-shoulder': 'On the shoulder',
  'across-the-body': 'Across the body',
  'round-the-waist': 'Round the waist',
};
