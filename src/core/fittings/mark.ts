import type { StitchPlace } from '@/core/body';
import type { PieceId } from '@/core/pieces';
import type { DesignEdit } from '@/core/problems';
import type { FittingPlace } from './place';

/** The outline of a mark, about its middle, mm. */
export type MarkForm =
  | { kind: 'disc'; radiusMm: number }
  /** A wire so thick, bent to a ring; its radius to the middle of the wire. */
  | { kind: 'ring'; radiusMm: number; wireMm: number }
  /** From the mark's own place to another on the same piece. */
  | { kind: 'line'; toAcrossMm: number; toAlongMm: number; wideMm: number }
  /** Along and across the piece. */
  | { kind: 'patch'; widthMm: number; lengthMm: number }
  /** Points from its own place: across and along. */
  | { kind: 'outline'; points: readonly (readonly [acrossMm: number, alongMm: number])[] };

/** What of the design changes when a mark is moved along the fabric, or across it, as plain data. */
export interface MarkMove {
  way: 'along' | 'across';
  /** The choice, and what it is now: a length in mm; or a count, each of so many mm. */
  path: readonly (string | number)[];
  valueMm: number;
  countedMm: number | null;
  /** How much it grows for each millimetre that the mark is moved: along the fabric from the front's mouth on, or across away from the edge that the working hand counts from. */
  perMm: 1 | -1;
  leastMm: number;
  mostMm: number;
  /** One step of the keys: a row, or a stitch, mm. */
  stepMm: number;
  /** Along the piece that the mark lies on, further from where that begins: 1 where this is further along the fabric too. */
  alongPiece: 1 | -1;
  /** Where it is set, as the same length: to whole rows. */
  setMm: number;
  /** Of marks that move together one has the grip on the flat piece. */
  isGripped: boolean;
}

/**
 * Whatever is put on a bag, as it lies on a flat piece: a half of a snap, a strap's foot, a lining's pressed edge. Drawings and hands
 * know this and nothing else of it.
 */
export interface FabricMark {
  /** Its name on drawings: what is selected lights all that bear it. */
  mark: string;
  of: FittingPlace;
  piece: PieceId;
  /** The face of the piece that it lies on, as it is worn. */
  face: 'outer' | 'inner';
  /** From the piece's middle line, mm; more is away from the edge that the working hand counts from. */
  acrossMm: number;
  /** From where the piece begins, mm. */
  alongMm: number;
  /** Along the folded fabric from the front's mouth, mm; null where it lies beside the way that the section is cut. */
  stationMm: number | null;
  /** Likewise, of what lies beside that way: at the sides, or along an edge; nothing of what only the flat piece shows. */
  foldedMm?: number;
  /** Its piece runs across the way that the section is cut, as a gusset does below: what is along on the piece is across there. */
  crosswise?: boolean;
  /** Where it is set by count; null where it is set by measure. */
  count: { row: number; place: StitchPlace; ofStitches: number } | null;
  form: MarkForm;
  stuff: 'metal' | 'cord' | 'cloth' | 'stitches' | 'edging' | 'board' | 'vinyl' | 'pocket';
  /** How far it stands out of the fabric, mm. */
  standsMm: number;
  /** Thicknesses of the layers that it goes through, mm. */
  throughMm: readonly number[];
  /** Set there; or only where something set elsewhere comes to lie. */
  presence: 'set' | 'lands';
  /** Null where it can't be moved by hand. */
  move: MarkMove | null;
  /** How it is moved across besides, where it is moved along by `move`. */
  slide?: MarkMove | null;
}

/**
 * The form of a mark as it lies along the folded fabric: of one whose piece runs across that, turned by a quarter.
 *
 * @example
 * formOnFabric({ crosswise: true, form: { kind: 'outline', points: [[2, 5]] } }) // => { kind: 'outline', points: [[-5, 2]] }
 */
export function formOnFabric({ form, crosswise }: Pick<FabricMark, 'form' | 'crosswise'>): MarkForm {
  if (!crosswise) return form;
  switch (form.kind) {
    case 'outline':
      return { kind: 'outline', points: form.points.map(([across, along]) => [-along, across] as const) };
    case 'patch':
      return { kind: 'patch', widthMm: form.lengthMm, lengthMm: form.widthMm };
    case 'line':
      return { ...form, toAcrossMm: -form.toAlongMm, toAlongMm: form.toAcrossMm };
    case 'disc':
    case 'ring':
      return form;
  }
}

/**
 * The corners of a line that is so wide, across and along from its own place, mm; counter-clockwise, across to the right and along upwards.
 *
 * @example
 * lineCorners({ toAcrossMm: 10, toAlongMm: 0, wideMm: 2 }) // => [[0, -1], [10, -1], [10, 1], [0, 1]]
 */
export function lineCorners({
  toAcrossMm: x,
  toAlongMm: y,
  wideMm,
}: Omit<Extract<MarkForm, { kind: 'line' }>, 'kind'>): [acrossMm: number, alongMm: number][] {
  const long = Math.hypot(x, y) || 1;
  // Plus nought, so that there is no negative one.
  const [sideX, sideY] = [((y / long) * wideMm) / 2 + 0, ((-x / long) * wideMm) / 2 + 0];
  return [
    [sideX, sideY],
    [x + sideX, y + sideY],
    [x - sideX, y - sideY],
    [0 - sideX, 0 - sideY],
  ];
}

/**
 * The edits that move a mark, within its reach and to a tenth of a millimetre, or to the nearest of what is counted.
 *
 * @param byMm further along the fabric, or across
 *
 * @example
 * moveMarkEdits({ path: ['closures', 0, 'insetMm'], valueMm: 30, countedMm: null, perMm: -1, leastMm: 3, mostMm: 90 }, 10) // => [{ path: ['closures', 0, 'insetMm'], value: 20 }]
 * moveMarkEdits({ path: ['straps', 0, 'feet', 'inStitches'], valueMm: 30, countedMm: 5, perMm: -1, leastMm: 0, mostMm: 90 }, 12) // => [{ path: ['straps', 0, 'feet', 'inStitches'], value: 4 }]
 */
export function moveMarkEdits(
  {
    path,
    valueMm,
    countedMm,
    perMm,
    leastMm,
    mostMm,
  }: Pick<MarkMove, 'path' | 'valueMm' | 'countedMm' | 'perMm' | 'leastMm' | 'mostMm'>,
  byMm: number,
): DesignEdit[] {
  const moved = Math.max(leastMm, Math.min(mostMm, valueMm + perMm * byMm));
  return [{ path, value: countedMm === null ? Math.round(moved * 10) / 10 : Math.round(moved / countedMm) }];
}
