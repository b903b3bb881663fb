import { BOW_TIMES, KEPT_BY_MM } from '@/core/defaults';
import type { Strap, StrapAdjust, StrapEnds } from '@/core/design';

/** What the way from mouth to mouth along a strap is made of. */
export type SegmentKind =
  | 'foot'
  | 'root'
  | 'tab'
  | 'ring'
  | 'clasp'
  | 'eyelet'
  | 'strap'
  | 'slider'
  | 'two-rings'
  | 'buttonholes'
  | 'knot'
  | 'bow';

/** One part of that way. Lengths in mm, as it is worn. */
export interface Segment {
  kind: SegmentKind;
  /** What it adds to the way. Of the strap itself: what the others leave it. */
  wayMm: number;
  /** Strap that lies double or is tied there: it is worked, and adds nothing to the way. */
  doubledMm: number;
  /** Strap that is sewn down, sewn back or knotted there: it does not stretch. */
  lossMm: number;
}

/** The way along a strap, and what its parts come to together. */
export interface StrapPath {
  /** From the first foot to the second. */
  segments: readonly Segment[];
  /** What is not strap, and does not stretch. */
  hardwareMm: number;
  doubledMm: number;
  lossMm: number;
}

const part = (kind: SegmentKind, sizes: Partial<Omit<Segment, 'kind'>> = {}): Segment => ({
  kind,
  wayMm: 0,
  doubledMm: 0,
  lossMm: 0,
  ...sizes,
});

/** One end, from the mouth up. A ring takes of the way what it is across inside: tab and strap pull at opposite sides of it. */
function endParts(ends: StrapEnds, overlapMm: number): Segment[] {
  switch (ends.kind) {
    case 'sewn':
      return [part('foot', { lossMm: overlapMm })];
    case 'knotted':
      return [part('eyelet', { lossMm: overlapMm })];
    // What grows from the body is not sewn down.
    case 'grown':
      return [part('root')];
    case 'ring':
      return [part('tab', { wayMm: ends.tabMm }), part('ring', { wayMm: ends.innerMm, lossMm: overlapMm })];
    case 'clasp':
      return [
        part('tab', { wayMm: ends.tabMm }),
        part('ring', { wayMm: ends.innerMm }),
        part('clasp', { wayMm: ends.lengthMm, lossMm: overlapMm }),
      ];
  }
}

/**
 * Strap that what adjusts it takes while it is worn as she wears it, mm.
 *
 * @example
 * doubledByMm({ kind: 'slider', longerMm: 200 }) // => 230
 * doubledByMm({ kind: 'bow', loopMm: 60, tieMm: 150, longerMm: 0 }) // => 300
 */
export function doubledByMm(adjust: StrapAdjust): number {
  switch (adjust.kind) {
    case 'none':
      return 0;
    case 'bow':
      return 2 * adjust.tieMm + adjust.longerMm;
    default:
      return KEPT_BY_MM[adjust.kind] + adjust.longerMm;
  }
}

/**
 * The way along a strap, part by part.
 *
 * Source: geometry; what ends and knots take, common practice.
 *
 * @example
 * strapPath({ overlapMm: 25, ends: { kind: 'clasp', lengthMm: 40, innerMm: 20, tabMm: 10 }, adjust: { kind: 'none' } }).hardwareMm // => 140
 * strapPath({ overlapMm: 25, ends: { kind: 'knotted' }, adjust: { kind: 'knot', longerMm: 0 } }).doubledMm // => 100
 */
export function strapPath({ overlapMm, ends, adjust }: Pick<Strap, 'overlapMm' | 'ends' | 'adjust'>): StrapPath {
  const first = endParts(ends, overlapMm);
  const between =
    adjust.kind === 'none'
      ? [part('strap')]
      : [part('strap'), part(adjust.kind, { doubledMm: doubledByMm(adjust) }), part('strap')];
  const segments = [...first, ...between, ...first.toReversed()];
  const sum = (of: (segment: Segment) => number) => segments.reduce((total, segment) => total + of(segment), 0);
  return {
    segments,
    hardwareMm: sum(({ wayMm }) => wayMm),
    doubledMm: sum(({ doubledMm }) => doubledMm),
    lossMm: sum(({ lossMm }) => lossMm),
  };
}

/**
 * How many pieces a strap is of: one that is tied has two.
 *
 * @example
 * strapPieces({ kind: 'bow', loopMm: 60, tieMm: 150, longerMm: 0 }) // => 2
 */
export const strapPieces = ({ kind }: StrapAdjust): 1 | 2 => (kind === 'knot' || kind === 'bow' ? 2 : 1);

/** How short and how long a strap can be worn, and where what adjusts it stands, mm; null for one that can't be adjusted. */
export interface StrapRange {
  shortestMm: number;
  longestMm: number;
  /** From the second end, as she wears it: what lies double, half of what is tied, or the hole that is buttoned. */
  standsMm: number;
}

/**
 * How short and how long a strap can be worn.
 *
 * Folded through a slider or two rings, and tied, it can be shortened until what is folded back reaches the other end: until half of it is
 * left. Buttoned, to its last hole.
 *
 * @param wornMm as she wears it, from mouth to mouth
 * Source: geometry.
 *
 * @example
 * strapRange({ kind: 'slider', longerMm: 200 }, 1000, 100) // => { shortestMm: 665, longestMm: 1200, standsMm: 230 }
 * strapRange({ kind: 'buttonholes', holes: 4, everyMm: 30, longerMm: 30 }, 500, 0) // => { shortestMm: 440, longestMm: 530, standsMm: 55 }
 */
export function strapRange(adjust: StrapAdjust, wornMm: number, hardwareMm: number): StrapRange | null {
  if (adjust.kind === 'none') return null;
  const doubledMm = doubledByMm(adjust);
  const longestMm = wornMm + adjust.longerMm;
  if (adjust.kind === 'buttonholes')
    return { shortestMm: longestMm - (adjust.holes - 1) * adjust.everyMm, longestMm, standsMm: doubledMm };
  return {
    shortestMm: hardwareMm + (wornMm - hardwareMm + doubledMm) / 2,
    longestMm,
    standsMm: doubledMm / strapPieces(adjust),
  };
}

/**
 * What a bow takes of each end that is tied.
 *
 * Source: common practice, no source.
 *
 * @example
 * bowTakesMm(60) // => 150
 */
export const bowTakesMm = (loopMm: number): number => BOW_TIMES * loopMm;
