import type { Role } from '../shape';

/** How a role is drawn on paper: black on white, told apart by weights and dashes alone. */
export interface PaperLook {
  strokeMm: number;
  dashMm: readonly number[];
  fill: 'none' | 'solid';
  /** The layer that a cutter knows it by. */
  layer: 'CUT' | 'SEAM' | 'MARKS' | 'PERFORATION' | 'OUTLINE';
}

const look = (
  layer: PaperLook['layer'],
  strokeMm: number,
  dashMm: readonly number[] = [],
  fill: PaperLook['fill'] = 'none',
): PaperLook => ({ strokeMm, dashMm, fill, layer });

const PLAIN = look('OUTLINE', 0.2);

/** What is not named here is drawn in a thin line. */
const LOOKS: Partial<Record<Role, PaperLook>> = {
  load: look('CUT', 0.5),
  press: look('SEAM', 0.3, [4, 2]),
  tick: look('MARKS', 0.3),
  opening: look('MARKS', 0.9, [0.5, 2]),
  crease: look('MARKS', 0.3, [8, 2, 1, 2]),
  outline: look('OUTLINE', 0.15, [1, 1.5]),
  metal: look('MARKS', 0.25),
  bump: look('PERFORATION', 0.15),
};

export const paperLook = (role: Role): PaperLook => LOOKS[role] ?? PLAIN;
