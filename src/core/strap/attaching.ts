import { LEAST_WORN_MM, MOST_WORN_MM } from '@/core/defaults';
import type { Strap } from '@/core/design';
import {
  liningGoesIn,
  pathOf,
  type FittingInput,
  type FittingPlace,
  type FittingStage,
  type StepRule,
} from '@/core/fittings';
import type { Problem } from '@/core/problems';
import type { HungStrap } from './hungStrap';
import { ours } from './ownProblems';

/**
 * What is sewn to hold a strap, mm: round its feet or its tabs; and where it is put through a ring, across each of its ends.
 *
 * @example
 * sewnMm({ kind: 'sewn', lie: 'inside', stitching: 'box' }, 20, 25) // => 180
 * sewnMm({ kind: 'knotted' }, 10, 25) // => 0
 */
export function sewnMm(ends: Strap['ends'], widthMm: number, deepMm: number): number {
  switch (ends.kind) {
    case 'sewn':
      return 2 * (2 * (widthMm + deepMm));
    case 'ring':
    case 'clasp':
      return 2 * (2 * (ends.innerMm + deepMm)) + 2 * (2 * widthMm);
    case 'knotted':
      return 0;
    // Its end is sewn to the other side; of two loops each to its own.
    case 'grown':
      return (ends.shortLoopMm === null ? 1 : 2) * 2 * widthMm;
  }
}

/** How long it is worn, as the bag is carried; nothing of one that lies over something else, or that is a handle. */
export const wornOf = (strap: Strap, mm: number, at: FittingPlace): FittingStage['worn'] =>
  strap.over === null
    ? { mm, path: strap.given.by === 'tape' || strap.given.by === 'copy' ? [...pathOf(at), 'wornLengthMm'] : null }
    : null;

/** When a strap's feet go on. */
export const attachStep = (after: string, { set, design }: Pick<FittingInput, 'set' | 'design'>): StepRule => ({
  name: 'attach-strap',
  after: [after, 'blocked', 'joined'],
  // A lining that goes in last lies over the feet.
  before: liningGoesIn(set, design) === 'last' ? ['covered'] : [],
  mark: 'strap.feet',
});

/** What is not strap along it is longer than it is to be worn; of one that is ready-made, than it comes to be. */
export const shorterThanHardware = (
  strap: Strap,
  { path, wornMm }: Pick<HungStrap, 'path' | 'wornMm'>,
  { at }: FittingInput,
): Problem => {
  const isReady = strap.kind === 'ready-made';
  const field = [...pathOf(at), isReady ? 'lengthMm' : 'wornLengthMm'];
  const wishMm = Math.max(LEAST_WORN_MM, Math.ceil(2 * path.hardwareMm + (isReady ? path.doubledMm : 0)));
  const edits = [{ path: field, value: wishMm }];
  const repair = isReady
    ? ours.repair({ code: 'strap-ready-made-of', values: { lengthMm: wishMm }, edits })
    : {
        code: 'strap-worn-to' as const,
        values: { wornMm: wishMm },
        edits: [{ path: [...pathOf(at), 'given'], value: { by: 'tape' } }, ...edits],
      };
  return ours.problem({
    code: 'strap-shorter-than-hardware',
    severity: 'decide',
    place: 'strap',
    path: field,
    // What is folded back can take more than a ready-made one has.
    values: { wornMm: Math.max(0, wornMm), hardwareMm: path.hardwareMm },
    repairs: wishMm > MOST_WORN_MM ? [] : [repair],
  });
};
