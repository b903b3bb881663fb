import { chordRad } from './sampling';
import { stops, type FoldedSheet, type SheetByRows } from './sheet';
import type { Vec } from './space';

/** A place in the plane of a flat piece of rounds: along its chain, and across it, mm from its middle. */
interface FlatPlace {
  a: number;
  b: number;
}

/**
 * The rim of a piece of rounds: a circle, or two half circles and two straight sides. Asked by share of the way round, from −1 to 1, and
 * by how far out from the middle or the chain.
 */
interface Stadium {
  shares: number[];
  at(share: number, outMm: number): FlatPlace;
  /** Half of the way round, so far out. */
  halfMm(outMm: number): number;
}

/**
 * The rounds about a chain, or about a point where it has no length.
 *
 * @param halfChainMm half the chain's length
 * @param radiusMm how far the last round lies out
 *
 * @example
 * stadium(10, 5).at(0, 5) // => { a: 15, b: 0 }
 */
export function stadium(halfChainMm: number, radiusMm: number): Stadium {
  const endMm = Math.PI * radiusMm;
  const wholeMm = 2 * endMm + 4 * halfChainMm;
  // From the middle of one end to the middle of the other, by length; the other half lies opposite.
  const ends = [0, endMm / 2, endMm / 2 + 2 * halfChainMm, wholeMm / 2];
  const place = (fromEndMm: number, outMm: number): FlatPlace => {
    const [, first, second] = ends as [number, number, number];
    if (fromEndMm <= first) {
      const angle = fromEndMm / radiusMm;
      return { a: halfChainMm + outMm * Math.cos(angle), b: outMm * Math.sin(angle) };
    }
    if (fromEndMm < second) return { a: halfChainMm - (fromEndMm - first), b: outMm };
    const angle = Math.PI / 2 + (fromEndMm - second) / radiusMm;
    return { a: -halfChainMm + outMm * Math.cos(angle), b: outMm * Math.sin(angle) };
  };
  const half = [
    ...stops(0, ends[1] as number, radiusMm * chordRad(radiusMm)),
    ...(halfChainMm > 0 ? [ends[2] as number] : []),
    ...stops(ends[2] as number, wholeMm / 2, radiusMm * chordRad(radiusMm)).slice(1),
  ].map((mm) => (2 * mm) / wholeMm);
  return {
    shares: [
      ...half
        .slice(1)
        .reverse()
        .map((share) => -share),
      ...half,
    ],
    halfMm: (outMm) => Math.PI * outMm + 2 * halfChainMm,
    at(share, outMm) {
      const { a, b } = place((Math.abs(share) * wholeMm) / 2, outMm);
      // Clockwise in (a, b), so that outward is the way it is seen from.
      return { a, b: share === 0 ? 0 : -Math.sign(share) * b };
    },
  };
}

/** A flat piece of rounds, as a sheet from its middle out. */
export function roundSheet(
  what: Pick<FoldedSheet, 'mark' | 'piece' | 'thicknessMm' | 'rowMm'>,
  radiusMm: number,
  rim: Stadium,
  place: (at: FlatPlace) => Vec,
): SheetByRows {
  return {
    fromMm: 0,
    toMm: radiusMm,
    across: () => rim.shares,
    along: () => [0, radiusMm],
    isRound: true,
    rowAt: (alongMm) => (share) => place(rim.at(share, alongMm)),
    halfMm: rim.halfMm,
    ...what,
  };
}
