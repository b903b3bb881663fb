import type { SettledDesign } from '@/core/contents';
import { patternOf } from '@/core/design';
import type { PieceSet } from '@/core/pieces';
import type { PouchStage, FlapStage } from '@/core/stages';

/** The pieces of a bag with the half disc that is worked apart for its flap, and how that is sewn on; the same where there is none. */
export function withHalfDisc(set: PieceSet, design: SettledDesign, pouch: PouchStage, flap: FlapStage): PieceSet {
  const { halfDisc } = flap;
  if (halfDisc === null || design.flap.kind !== 'half-disc') return set;
  const piece = set.tracks.back.piece;
  const radiusMm = halfDisc.counts.length * pouch.rowMm;
  return {
    ...set,
    pieces: [
      ...set.pieces,
      {
        kind: 'half-disc',
        id: 'half-disc',
        copies: 1,
        plain: patternOf(design).rows.length > 1,
        stitchMm: pouch.stitchMm,
        rowMm: pouch.rowMm,
        counts: halfDisc.counts,
        increase: halfDisc.increase,
        school: design.flap.increases,
      },
    ],
    joins: [
      ...set.joins,
      {
        id: 'flap',
        times: 1,
        made: 'sewn',
        edges: [
          {
            piece,
            edge: set.workedFrom === 'flap-edge' ? 'start' : 'end',
            from: null,
            to: null,
          },
          { piece: 'half-disc', edge: 'start', from: null, to: null },
        ],
        stretches: [
          {
            name: 'back-edge',
            first: pouch.backStitches,
            // The straight side is made of the ends of its rows.
            second: 2 * halfDisc.counts.length,
            lengthMm: 2 * radiusMm,
          },
        ],
      },
    ],
    figures: [...set.figures, ...Object.values(halfDisc.figures)],
  };
}
