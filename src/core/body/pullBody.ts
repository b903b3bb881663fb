import { depthSizeEdits, type SettledDesign } from '@/core/contents';
import { LEAST_DEPTH_MM, MOST_DEPTH_MM } from '@/core/defaults';
import { flatSize, type Piece, type PieceId } from '@/core/pieces';
import type { DesignEdit } from '@/core/problems';
import type { PouchStage } from '@/core/stages';

/** A size of the body that she can pull on the drawing. */
export interface BodyHandle {
  size: 'depth' | 'radius';
  valueMm: number;
  leastMm: number;
  mostMm: number;
  /** Where it is taken hold of on its piece: across from the left, and along from where it begins, mm. */
  piece: PieceId;
  at: { acrossMm: number; alongMm: number };
  /** The way it is pulled, and by how much the size grows for each mm across, or along. */
  pulled: 'across' | 'along';
  perMm: number;
}

/** What of a body can be pulled: its depth, on the gusset, the base or the boxed corner; and the radius of its lower corners. */
export function bodyHandles(settled: SettledDesign, pouch: PouchStage, pieces: readonly Piece[]): BodyHandle[] {
  const { body } = settled;
  if (!('depthMm' in body)) return [];
  const depth = { size: 'depth', valueMm: body.depthMm, leastMm: LEAST_DEPTH_MM, mostMm: MOST_DEPTH_MM } as const;
  const piece = (id: PieceId) => pieces.find((one) => one.id === id);
  const sizeOf = (id: PieceId) => {
    const found = piece(id);
    return found ? flatSize(found) : { widthMm: 0, lengthMm: 0 };
  };
  switch (body.kind) {
    case 'boxed-corners': {
      const { widthMm } = sizeOf('panel');
      const half = pouch.depthMm / 2;
      const base = pieces[0]?.kind === 'rows' ? pieces[0].lines.find(({ mark }) => mark === 'fold.base') : undefined;
      const at = { acrossMm: widthMm - half, alongMm: (base?.afterRow ?? 0) * pouch.rowMm };
      return [{ ...depth, piece: 'panel', at, pulled: 'across', perMm: -2 }];
    }
    case 'gusset':
    case 'side-bands':
    case 'round-purse': {
      const id = body.kind === 'gusset' ? 'gusset' : 'band';
      const { widthMm, lengthMm } = sizeOf(id);
      const lengthwise = widthMm > lengthMm;
      const grip = {
        ...depth,
        piece: id,
        at: lengthwise ? { acrossMm: widthMm / 4, alongMm: lengthMm } : { acrossMm: widthMm, alongMm: lengthMm / 4 },
        pulled: lengthwise ? ('along' as const) : ('across' as const),
        perMm: 1,
      } as const;
      return body.kind === 'gusset' ? [grip, radiusHandle(body.radiusMm, pouch, sizeOf('front'))] : [grip];
    }
    case 'oval-base': {
      const { widthMm, lengthMm } = sizeOf('base');
      return [{ ...depth, piece: 'base', at: { acrossMm: widthMm / 2, alongMm: lengthMm }, pulled: 'along', perMm: 2 }];
    }
  }
}

function radiusHandle(radiusMm: number, pouch: PouchStage, front: { widthMm: number; lengthMm: number }): BodyHandle {
  const mostMm = Math.max(0, Math.min(front.widthMm / 2 - pouch.stitchMm, front.lengthMm));
  const valueMm = Math.min(radiusMm, mostMm);
  return {
    size: 'radius',
    valueMm,
    leastMm: 0,
    mostMm,
    piece: 'front',
    at: { acrossMm: front.widthMm - valueMm, alongMm: 0 },
    pulled: 'across',
    perMm: -1,
  };
}

/**
 * The edits that pull a size of the body by so much, kept within its limits, to half a millimetre.
 *
 * @param movedMm how far the hand has gone the way that it is pulled, mm
 */
export function pullBodyEdits(settled: SettledDesign, handle: BodyHandle, movedMm: number): DesignEdit[] {
  const { size, valueMm, leastMm, mostMm, perMm } = handle;
  const value = Math.floor(2 * Math.min(mostMm, Math.max(leastMm, valueMm + movedMm * perMm))) / 2;
  return size === 'depth' ? depthSizeEdits(settled, value) : [{ path: ['body', 'radiusMm'], value }];
}
