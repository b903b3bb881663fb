import { flapLiningMm } from './fittings/linings';
import type { WallStiffener } from './fittings/stiffeners';
import { factsOf, type BodyKind } from './schema';

/**
 * How thick what stiffens a bag's walls is in each of them, mm; null without a stiffener, or where the bag has no such wall. A flat pouch
 * wraps its stiff front and back as it wraps its load, so they take as much of its width and half as much of its height.
 *
 * @example
 * stiffOf({ body: { kind: 'side-bands' }, stiffener: { parts: 'base', thicknessMm: 1.4 } }) // => { facesMm: 0, baseMm: 1.4, sidesMm: 0 }
 * stiffOf({ body: { kind: 'fold-over-strip' }, stiffener: { parts: 'base', thicknessMm: 1.4 } }) // => null
 */
export function stiffOf({
  body,
  stiffener,
}: {
  body: { kind: BodyKind };
  stiffener: { parts: WallStiffener['parts']; thicknessMm: number } | { kind: 'mesh'; thicknessMm: number } | null;
}): { facesMm: number; baseMm: number; sidesMm: number } | null {
  if (stiffener === null) return null;
  if (!('parts' in stiffener)) {
    // A mesh lies all over the flat strip, and goes with it wherever that goes.
    const mm = isMeshed({ body, stiffener }) ? stiffener.thicknessMm : 0;
    return mm > 0 ? { facesMm: mm, baseMm: mm, sidesMm: mm } : null;
  }
  const { parts, thicknessMm } = stiffener;
  const { wrap, hasRoundEnds } = factsOf(body.kind);
  const inFaces = parts !== 'base' && !hasRoundEnds;
  const [facesMm, stands] = [inFaces ? thicknessMm : 0, wrap === 'deep'];
  const walls = {
    facesMm,
    baseMm: wrap === 'flat' ? facesMm : stands && parts !== 'faces' ? thicknessMm : 0,
    sidesMm: wrap === 'flat' ? facesMm : stands && parts === 'all' && !hasRoundEnds ? thicknessMm : 0,
  };
  return Object.values(walls).some((mm) => mm > 0) ? walls : null;
}

/** Whether a bag is one flat strip that a mesh is crocheted to. */
export const isMeshed = ({ body, stiffener }: { body: { kind: BodyKind }; stiffener: object | null }): boolean =>
  stiffener !== null &&
  'kind' in stiffener &&
  stiffener.kind === 'mesh' &&
  factsOf(body.kind).freeEdges.includes('strip');

/** How thick a mesh is that lies behind all of the crochet, mm; nought without one. */
export const meshMmOf = (design: Parameters<typeof stiffOf>[0]): number =>
  isMeshed(design) ? (design.stiffener?.thicknessMm ?? 0) : 0;

/** What lies within the fabric of the flap, mm: its lining, and a mesh; nought where it has neither. */
export const withinFlapMm = (design: Parameters<typeof flapLiningMm>[0] & Parameters<typeof stiffOf>[0]): number =>
  flapLiningMm(design) + meshMmOf(design);
