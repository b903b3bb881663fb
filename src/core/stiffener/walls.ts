import { stadiumRing, type Ring } from '@/core/cutting';
import type { FittingInput } from '@/core/fittings';

/** A wall of a bag that can be stiffened. */
export type WallName = 'front' | 'base' | 'side' | 'disc' | 'panel';

/** A wall as it stands: how often there is one, across and up; an oval or a disc round. mm */
export interface Wall {
  name: WallName;
  copies: number;
  widthMm: number;
  heightMm: number;
  round: 'no' | 'below' | 'all';
}

/** The walls of a bag inside its crochet and its lining, mm. Sides that are worked in rounds bend, and have none. */
export function wallsInside({ pouch }: Pick<FittingInput, 'pouch'>): Wall[] {
  const { figures, layers } = pouch;
  const sheetsMm = 2 * (layers.fabricMm + layers.liningMm);
  const wide = figures.width.value - sheetsMm;
  const high = figures.height.value - sheetsMm / 2;
  const deep = (figures.depth?.value ?? 0) - sheetsMm;
  if (pouch.kind === 'round-purse')
    return [{ name: 'disc', copies: 2, widthMm: wide, heightMm: figures.height.value - sheetsMm, round: 'all' }];
  const base: Wall[] =
    deep > 0
      ? [{ name: 'base', copies: 1, widthMm: wide, heightMm: deep, round: pouch.kind === 'oval-base' ? 'all' : 'no' }]
      : [];
  // The faces of an oval bag end in half circles; only the base is a wall of its own.
  if (pouch.kind === 'oval-base') return base;
  const sides: Wall[] = deep > 0 ? [{ name: 'side', copies: 2, widthMm: deep, heightMm: high, round: 'no' }] : [];
  return [{ name: 'front', copies: 2, widthMm: wide, heightMm: high, round: 'no' }, ...base, ...sides];
}

/** Points of a rounded corner. */
const CORNER_STEPS = 12;

/**
 * A rectangle with all of its corners rounded, its middle across at nought, standing on nought.
 *
 * @example
 * roundedAll(20, 10, 0) // => [[-10, 0], [10, 0], [10, 10], [-10, 10]]
 */
export function roundedAll(widthMm: number, heightMm: number, radiusMm: number): Ring {
  const radius = Math.max(0, Math.min(radiusMm, widthMm / 2, heightMm / 2));
  const [x, y] = [widthMm / 2, heightMm];
  if (radius === 0)
    return [
      [-x, 0],
      [x, 0],
      [x, y],
      [-x, y],
    ];
  if (radius >= Math.min(widthMm, heightMm) / 2 - 1e-9 && widthMm >= heightMm) return stadiumRing(widthMm, heightMm);
  const corner = (cx: number, cy: number, fromDeg: number) =>
    Array.from({ length: CORNER_STEPS + 1 }, (_, step) => {
      const rad = ((fromDeg + (90 * step) / CORNER_STEPS) * Math.PI) / 180;
      return [cx + radius * Math.cos(rad), cy + radius * Math.sin(rad)] as const;
    });
  return [
    ...corner(-x + radius, radius, 180),
    ...corner(x - radius, radius, 270),
    ...corner(x - radius, y - radius, 0),
    ...corner(-x + radius, y - radius, 90),
  ];
}
