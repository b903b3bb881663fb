import { cutLine, notch, rectangle, type PatternPiece, type PieceMark, type RingPoint } from '@/core/cutting';
import type { Pocket, PocketOf } from '@/core/design';
import type { PocketSizes } from './pocketSizes';

/** The slit of a zipped pocket is so high, mm: the teeth show in it. Common practice: 8 to 10. */
export const SLIT_MM = 10;
/** Cloth of a zipped pocket beyond either end of its slit, finished, mm. From memory. */
export const BESIDE_SLIT_MM = 10;
/** Both ends of a loop's strip are turned under so far, mm. From memory. */
export const LOOP_ENDS_MM = 10;

/** A piece that is cut for a pocket. */
export type PocketPiece = PatternPiece & { id: 'pocket' };

/** What is cut for a pocket; nothing where it is worked, or is a strip of what is at hand. */
export function pocketPieces(pocket: Pocket, { width, height, girth }: PocketSizes): PocketPiece[] {
  switch (pocket.kind) {
    case 'crocheted':
      return [];
    case 'slip':
    case 'divided': {
      const [wide, high] = [width.value, height.value];
      const parts = pocket.kind === 'divided' ? pocket.parts : 1;
      const lines = Array.from({ length: parts - 1 }, (_, index): PieceMark => {
        const x = (wide * (index + 1)) / parts - wide / 2;
        return { kind: 'sew', from: [x, 0], to: [x, high] };
      });
      const { seamMm, hemMm } = pocket;
      return [asPiece(wide, high, { seamMm, hemMm, hemAt: 'top' }, lines, 'up')];
    }
    case 'zipped': {
      const { seamMm } = pocket;
      const [wide, high] = [width.value + 2 * BESIDE_SLIT_MM, 2 * (height.value + SLIT_MM)];
      const low = height.value;
      // What is above the slit is turned down behind it, along its upper edge, and so ends where the lower part does.
      return [
        asPiece(
          wide,
          high,
          { seamMm, hemMm: 0, hemAt: 'none' },
          [
            ...slit(width.value, low),
            { kind: 'fold', from: [-wide / 2, low + SLIT_MM], to: [wide / 2, low + SLIT_MM] },
            notch([-wide / 2, low + SLIT_MM], [-1, 0], seamMm),
            notch([wide / 2, low + SLIT_MM], [1, 0], seamMm),
          ],
          'up',
        ),
      ];
    }
    case 'vinyl':
      return [
        asPiece(
          width.value,
          height.value,
          { seamMm: 0, hemMm: 0, hemAt: 'none' },
          [{ kind: 'holes', at: vinylHoles(pocket, width.value, height.value) }],
          'any',
        ),
      ];
    case 'loop':
      return [
        asPiece(
          (girth?.value ?? 0) + 2 * LOOP_ENDS_MM,
          2 * height.value,
          { seamMm: 0, hemMm: 0, hemAt: 'none' },
          [
            {
              kind: 'fold',
              from: [-((girth?.value ?? 0) / 2 + LOOP_ENDS_MM), height.value],
              to: [(girth?.value ?? 0) / 2 + LOOP_ENDS_MM, height.value],
            },
          ],
          'any',
        ),
      ];
  }
}

/** The four sides of the slit, to be sewn round. */
function slit(wideMm: number, lowMm: number): PieceMark[] {
  const [x, high] = [wideMm / 2, lowMm + SLIT_MM];
  const corners: RingPoint[] = [
    [-x, lowMm],
    [x, lowMm],
    [x, high],
    [-x, high],
  ];
  return corners.map((from, index) => ({ kind: 'sew', from, to: corners[(index + 1) % 4] as RingPoint }));
}

function asPiece(
  wideMm: number,
  highMm: number,
  allowances: Parameters<typeof cutLine>[1],
  marks: PieceMark[],
  grain: PatternPiece['grain'],
): PocketPiece {
  const seam = rectangle(wideMm, highMm);
  const isCutAsFinished = allowances.seamMm === 0 && allowances.hemMm === 0;
  return {
    id: 'pocket',
    copies: 1,
    seam,
    cut: isCutAsFinished ? seam : cutLine(seam, allowances),
    marks,
    grain,
  };
}

/**
 * The holes of a vinyl pocket, down one side, along the bottom and up the other, the upper edge left open: evenly between the corners, as near
 * to the wished pitch as goes, a hole in each corner, mm; across from its middle and up from its lower edge.
 *
 * @example
 * vinylHoles({ pitchMm: 10, holesInMm: 5 }, 50, 35).length // => 11
 */
export function vinylHoles(
  { pitchMm, holesInMm }: Pick<PocketOf<'vinyl'>, 'pitchMm' | 'holesInMm'>,
  wideMm: number,
  highMm: number,
): RingPoint[] {
  const x = Math.max(0, wideMm / 2 - holesInMm);
  const low = Math.min(holesInMm, highMm / 2);
  const [top, bottom] = [Math.max(low, highMm - holesInMm), low];
  const corners: RingPoint[] = [
    [-x, top],
    [-x, bottom],
    [x, bottom],
    [x, top],
  ];
  const holes: RingPoint[] = [corners[0] as RingPoint];
  for (let index = 1; index < corners.length; index++) {
    const [from, to] = [corners[index - 1] as RingPoint, corners[index] as RingPoint];
    const gaps = Math.max(1, Math.round(Math.hypot(to[0] - from[0], to[1] - from[1]) / pitchMm));
    for (let gap = 1; gap <= gaps; gap++)
      holes.push([from[0] + ((to[0] - from[0]) * gap) / gaps, from[1] + ((to[1] - from[1]) * gap) / gaps]);
  }
  return holes;
}
