import { acrossProfile, type SectionPiece } from '@/core/section';
import { stops } from './sheet';

/** A chord lies no further from its arc than this, mm: as much as can be seen. */
const SAGITTA_MM = 0.25;

/** However small an arc is, it is told so often, and however large, radians. */
const COARSEST_RAD = Math.PI / 4;
const FINEST_RAD = Math.PI / 16;

/**
 * How far apart an arc is told, radians: so that its chords can't be told from it.
 *
 * @example
 * chordRad(1000) // => Math.PI / 16
 */
export const chordRad = (radiusMm: number): number =>
  Math.max(FINEST_RAD, Math.min(COARSEST_RAD, 2 * Math.acos(Math.max(0, 1 - SAGITTA_MM / Math.max(radiusMm, 1e-6)))));

/**
 * Where a stretch of the section is told: at the ends of its pieces, finely along its arcs, and wherever else is asked for.
 *
 * @param more stations besides, mm
 */
export function alongStops(
  section: readonly SectionPiece[],
  fromMm: number,
  toMm: number,
  more: readonly number[] = [],
): number[] {
  const all = section.flatMap((piece) => {
    const start = Math.max(fromMm, piece.fromMm);
    const end = Math.min(toMm, piece.toMm);
    if (end - start < 1e-9) return [];
    if (piece.kind === 'line') return [start, end];
    return stops(start, end, Math.max(1e-6, piece.radiusMm * chordRad(piece.radiusMm)));
  });
  return sortedApart([fromMm, toMm, ...all, ...more.filter((mm) => mm > fromMm && mm < toMm)]);
}

/**
 * Where a row that is bent round a load is told, as shares of its half: at its middle, where it stops to be flat, along the bend, and at
 * its ends.
 */
export function shares(halfMm: number, reachMm: number, leastFlatMm: number): number[] {
  const { flatMm, radiusMm } = acrossProfile(halfMm, reachMm, leastFlatMm);
  const bendEndMm = flatMm + (Math.PI / 2) * radiusMm;
  const half = sortedApart([
    0,
    flatMm,
    ...(radiusMm > 0 ? stops(flatMm, bendEndMm, radiusMm * chordRad(radiusMm)) : []),
    halfMm,
  ]).map((mm) => mm / halfMm);
  return [
    ...half
      .slice(1)
      .reverse()
      .map((share) => -share),
    ...half,
  ];
}

/** Numbers in order, those that are as good as the one before left out. */
const sortedApart = (numbers: readonly number[]): number[] =>
  [...numbers].sort((a, b) => a - b).filter((mm, index, all) => index === 0 || mm - (all[index - 1] as number) > 1e-6);
