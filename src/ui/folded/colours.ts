import type { Stuff } from '@/drawing';

/** What the bag is drawn in, beside its cloth: as on the other drawings (docs/look.md). */
export const STUFF_COLOURS: Record<Exclude<Stuff, 'cloth'>, string> = {
  lining: '#f1e3c0',
  metal: '#d9dde0',
  board: '#e4e2d6',
  pocket: '#d6bd84',
  thing: '#e9d9a6',
  load: '#e9d9a6',
};

/** The sides of a flap that hangs free. */
export const INK_COLOUR = '#1b2426';

/** What is selected. */
export const LIT_COLOUR = '#c9a550';
