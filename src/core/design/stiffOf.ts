import type { Stiffener } from './fittings/stiffeners';
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
  stiffener: { parts: Stiffener['parts']; thicknessMm: number } | null;
}): { facesMm: number; baseMm: number; sidesMm: number } | null {
  if (stiffener === null) return null;
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
