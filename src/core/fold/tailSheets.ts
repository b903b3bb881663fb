import { factsOf } from '@/core/design';
import { rowStitches } from '@/core/flap';
import { acrossAt, acrossProfile, sectionPointAt } from '@/core/section';
import type { FoldInput } from './foldInput';
import { alongStops, shares } from './sampling';
import type { FoldedSheet, SheetByRows } from './sheet';
import { vec, type Vec } from './space';

/**
 * The bridge and the flap, as one strip that goes on from the back. Where the back's row is bent round the load, the bridge begins bent
 * as it is and lies flat across where the flap begins.
 *
 * @param backReachMm how far the ends of the back's upper row come forward
 */
export function tailSheets(input: FoldInput, backReachMm: number): SheetByRows[] {
  const { flap, pouch } = input.plan;
  if (!flap.hasFlap) return [];
  const { rowMm, stitchMm, layers } = pouch;
  const { flapMm, flapSidesMm } = pouch.borders;
  const { backEndMm, section, loadHalfMm } = input;
  const piece = (flap.onPiece ? factsOf(pouch.kind).flapFrom : null) ?? 'half-disc';
  const rows = flap.bridgeRows + flap.flapRows;
  const bridgeMm = flap.bridgeRows * rowMm;
  const bridgeEndMm = backEndMm + bridgeMm;
  const endMm = backEndMm + rows * rowMm;
  /** Half the width at a place between the ends of two rows. */
  const halfMm = (alongMm: number): number => {
    const row = Math.max(0, Math.min(rows, (alongMm - backEndMm) / rowMm));
    const atEnd = (k: number) => (rowStitches(flap, Math.max(1, k)) / 2) * stitchMm + flapSidesMm;
    const below = Math.floor(row);
    return atEnd(below) + (row - below) * (atEnd(Math.min(rows, below + 1)) - atEnd(below));
  };
  const rowAt = (alongMm: number) => {
    const half = halfMm(alongMm);
    const flatAgain = bridgeMm > 0 ? Math.min(1, (alongMm - backEndMm) / bridgeMm) : 1;
    const profile = acrossProfile(half, backReachMm * (1 - flatAgain), loadHalfMm);
    const { point, outward } = sectionPointAt(section, alongMm);
    return (share: number): Vec => {
      const { outMm, inMm } = acrossAt(profile, Math.abs(share) * half);
      return vec(point.x - inMm * outward.x, point.y - inMm * outward.y, Math.sign(share) * outMm);
    };
  };
  const isShaped = flap.rows.some(({ changeEachSide }) => changeEachSide !== 0);
  const rowEnds = isShaped ? flap.rows.map((_, index) => bridgeEndMm + (index + 1) * rowMm) : [];
  const sheet = (mark: string, fromMm: number, toMm: number, ends: readonly number[]): SheetByRows => ({
    mark,
    piece,
    thicknessMm: layers.fabricMm,
    fromMm,
    toMm,
    across: () => shares(halfMm(fromMm), backReachMm, loadHalfMm),
    along: () => alongStops(section, fromMm, toMm, ends),
    rowMm,
    isRound: false,
    rowAt,
    halfMm,
  });
  const straightRows = flap.scallops ? flap.flapRows - flap.scallops.rows.length : flap.flapRows;
  // A border at its edge is part of it.
  const straightEndMm = bridgeEndMm + straightRows * rowMm + (flap.scallops ? 0 : flapMm);
  return [
    ...(bridgeMm > 0 ? [sheet('part.bridge', backEndMm, bridgeEndMm, [])] : []),
    ...(straightEndMm > bridgeEndMm ? [sheet('part.flap', bridgeEndMm, straightEndMm, rowEnds)] : []),
    ...(flap.scallops ? scallopSheets(input, piece, straightEndMm, endMm) : []),
  ];
}

/** Every scallop as a sheet of its own, with the border round it, as far as there is room between two. */
function scallopSheets(
  { plan: { flap, pouch }, section }: FoldInput,
  piece: FoldedSheet['piece'],
  fromMm: number,
  toMm: number,
): SheetByRows[] {
  const { scallops } = flap;
  if (!scallops) return [];
  const { stitchMm, rowMm, layers, borders } = pouch;
  const { flapMm } = borders;
  const wideMm = scallops.stitchesEach * stitchMm;
  const spacingMm = (flap.startStitches * stitchMm) / scallops.count;
  return Array.from({ length: scallops.count }, (_, index) => {
    const middleMm = (index + 0.5 - scallops.count / 2) * spacingMm;
    const halfMm = (alongMm: number): number => {
      const row = Math.max(0, Math.min(scallops.rows.length, (alongMm - fromMm) / rowMm));
      const atEnd = (k: number) => (k === 0 ? wideMm : (scallops.rows[k - 1]?.stitches ?? 0) * stitchMm) / 2;
      const below = Math.floor(row);
      const rowHalfMm =
        atEnd(below) + (row - below) * (atEnd(Math.min(scallops.rows.length, below + 1)) - atEnd(below));
      return Math.max(rowHalfMm, Math.min(rowHalfMm + flapMm, spacingMm / 2));
    };
    const endMm = toMm + flapMm;
    return {
      mark: 'part.flap',
      piece,
      thicknessMm: layers.fabricMm,
      fromMm,
      toMm: endMm,
      across: () => [-1, 1],
      along: () =>
        alongStops(
          section,
          fromMm,
          endMm,
          scallops.rows.map((_, k) => fromMm + (k + 1) * rowMm),
        ),
      rowMm,
      isRound: false,
      rowAt: (alongMm) => {
        const { point } = sectionPointAt(section, alongMm);
        const half = halfMm(alongMm);
        return (share) => vec(point.x, point.y, middleMm + share * half);
      },
      halfMm,
    };
  });
}
