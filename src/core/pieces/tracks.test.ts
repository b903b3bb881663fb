import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { BODY_KINDS } from '@/core/body';
import { planBag, type Plan } from '@/core/plan';
import { anyDesignOf } from '@/core/testing/anyDesign';
import { bagOf, withBody } from '@/core/testing/bodies';
import { planOf } from '@/core/testing/designs';
import { standsUpright, trackAlongMm, trackRow, type Track } from '.';

/** The ways along a bag's pieces, each with how many rows it goes. */
const waysOf = ({ tracks, pouch, flap }: Plan): [Track, number][] => [
  [tracks.front, pouch.frontRows],
  [tracks.back, pouch.backRows],
  ...(tracks.flap ? [[tracks.flap, flap.bridgeRows + flap.flapRows] as [Track, number]] : []),
];

describe('ways along the pieces', () => {
  it.each(BODY_KINDS)('%s: every row of front, back and flap is a row of its piece, each met once', (kind) => {
    fc.assert(
      fc.property(anyDesignOf(kind), (design) => {
        const result = planBag(design);
        if (!result.ok) return;
        const { plan } = result;
        for (const [track, rows] of waysOf(plan)) {
          const piece = plan.pieces.find(({ id }) => id === track.piece);
          if (piece?.kind !== 'rows') continue;
          const met = Array.from({ length: rows }, (_, index) => trackRow(track, index + 1));
          expect(new Set(met).size).toBe(rows);
          expect(Math.min(...met, 1)).toBeGreaterThanOrEqual(1);
          expect(Math.max(...met, 0)).toBeLessThanOrEqual(piece.rows.length);
        }
      }),
      { numRuns: 60 },
    );
  });

  it.each(BODY_KINDS)('%s: a distance on the way and a row of it come to the same place', (kind) => {
    const plan = planOf(bagOf(kind));
    for (const [track, rows] of waysOf(plan))
      for (let k = 1; k <= rows; k += 1) {
        const middle = trackAlongMm(track, (k - 0.5) * 5, 5);
        // The middle of row r of a piece lies r − ½ rows from where the piece begins.
        expect(middle).toBeCloseTo((trackRow(track, k) - 0.5) * 5, 9);
      }
  });

  it('turn round with the strip: what stood upright on one face stands on its head', () => {
    const strip = bagOf('fold-over-strip');
    const [fromFront, fromFlap] = ['front-edge', 'flap-edge'].map(
      (workedFrom) => planOf(withBody(strip, { workedFrom })).tracks,
    ) as [Plan['tracks'], Plan['tracks']];
    for (const zone of ['front', 'back', 'flap'] as const)
      expect(standsUpright(zone, fromFlap)).toBe(!standsUpright(zone, fromFront));
    // A strip runs down one face and up the other: only one of them stands upright.
    expect(standsUpright('front', fromFront)).toBe(!standsUpright('back', fromFront));
    expect(standsUpright('gusset', fromFront)).toBeNull();
  });
});
