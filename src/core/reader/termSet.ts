import type { Design } from '@/core/design';

/** Whose words a pattern is written in. */
export type TermSet = Design['settings']['terms'];
