import type { Ring } from '@/core/cutting';
import { formatLength, parseLength, type LengthUnit } from '@/core/units';

/**
 * The corners of an outline as a maker writes them: across and up, one after the other, apart by semicolons.
 *
 * @example
 * cornersText([[0, 0], [550, 0], [550, 505]], 'cm') // => '0.0 0.0; 55.0 0.0; 55.0 50.5'
 * cornersText([[0, 0], [254, 0], [254, 215.9]], 'in') // => '0 × 0; 10 × 0; 10 × 8 1/2'
 */
export const cornersText = (outline: Ring, unit: LengthUnit): string =>
  outline
    .map((corner) =>
      corner.map((mm) => formatLength(mm, unit, { bare: true, plain: true })).join(unit === 'in' ? ' × ' : ' '),
    )
    .join('; ');

/**
 * Reads corners as they are written: two lengths each, with a sign between them ("10 × 8 1/2") or, where neither has a gap in it, a gap.
 *
 * @returns the outline, mm; or the number, from 1, of the first corner that isn't two lengths
 *
 * @example
 * readCorners('0 0; 55 0; 55 50,5', 'cm') // => { ok: true, outline: [[0, 0], [550, 0], [550, 505]] }
 * readCorners('0 0; 10 x 8 1/2; 0 × 8 1/2', 'in') // => { ok: true, outline: [[0, 0], [254, 215.9], [0, 215.9]] }
 * readCorners('0 0; ten; 3 3', 'cm') // => { ok: false, corner: 2 }
 */
export function readCorners(
  text: string,
  unit: LengthUnit,
): { ok: true; outline: [number, number][] } | { ok: false; corner: number } {
  const outline: [number, number][] = [];
  const corners = text
    .split(';')
    .map((corner) => corner.trim())
    .filter(Boolean);
  for (const corner of corners) {
    const parts = /[×x*]/i.test(corner) ? corner.split(/[×x*]/i) : corner.split(/\s+/);
    const lengths = parts.map((part) => parseLength(part, unit));
    const [across, up] = lengths;
    if (lengths.length !== 2 || !across?.ok || !up?.ok) return { ok: false, corner: outline.length + 1 };
    outline.push([across.mm, up.mm]);
  }
  return { ok: true, outline };
}
