import {
  baseDepthMm,
  bridgeLengthMm,
  mouthDepthMm,
  straightSideMm,
  topDepthMm,
  type Firmness,
  type Layers,
} from './folding';
import { pleat } from './pleat';
import type { SectionPiece, SectionPoint } from './sectionPiece';
import { tautBridge } from './tautBridge';
import { tautLengthMm, type TautStretch } from './tautOver';

export interface SectionInput {
  /** Strip from the front's top edge to the middle of the base fold, and on to the back's upper end, mm. */
  frontMm: number;
  backMm: number;
  /** Strip beyond the back's upper end: bridge and flap together, mm. */
  tailMm: number;
  layers: Layers;
  loadMm: number;
  firmness: Firmness;
  /** From the middle of the front to the middle of the back where the construction makes it so, mm; nought where the bag lies flat. */
  depthMm: number;
  /** Strip that lies under the base of a deep bag, between front and back, mm; nought where front and back turn under themselves. */
  baseMm: number;
  /** Corners of what stands out of the bag, as `standingOut` gives them. */
  corners: readonly SectionPoint[];
}

/**
 * The strip's middle line as the folded bag's side shows it: down the front, round the base, up the back, over the
 * top and down the flap. Its pieces follow each other without a gap and their lengths add up to the strip.
 *
 * @throws RangeError when front or back is too short to get round the base
 * Source: geometry.
 *
 * @example
 * sectionPieces({ frontMm: 100, backMm: 100, tailMm: 60, layers: { fabricMm: 0, liningMm: 0 }, loadMm: 0, firmness: 'soft', depthMm: 0, baseMm: 0, corners: [] }).at(-1).toMm // => 260
 */
export function sectionPieces(input: SectionInput): SectionPiece[] {
  const { frontMm, backMm, tailMm, layers, loadMm, firmness, depthMm } = input;
  const pouch = depthMm > 0 ? deepPieces(input) : foldedPieces(input);
  const back = pouch[pouch.length - 1] as Extract<SectionPiece, { kind: 'line' }>;
  const backTop = back.to;
  const backEndMm = frontMm + input.baseMm + backMm;
  const depth = mouthDepthMm(layers, loadMm, depthMm);
  const flapX = depth - topDepthMm(layers, loadMm, depthMm);
  const plainMm = bridgeLengthMm(layers, loadMm, firmness, depthMm);
  const taut = input.corners.length > 0 ? tautBridge(layers, loadMm, depthMm, input.corners) : [];
  const bridge =
    tautLengthMm(taut) > plainMm
      ? tautPieces(taut, backTop.y, backEndMm, tailMm)
      : bridgePieces(backTop, flapX, backEndMm, plainMm, tailMm);
  return [
    ...pouch,
    ...bridge,
    ...hanging(bridge.at(-1)?.toMm ?? backEndMm, backEndMm + tailMm, { x: flapX, y: backTop.y }),
  ];
}

/**
 * The strip's middle line in the empty bag laid flat: what lies under a deep bag is folded up between front and back, which then lie as near
 * to each other as their sheets allow, and the flap falls over both.
 *
 * @returns null where the bag is not deep, or too shallow for its base to turn in
 * Source: geometry.
 */
export function foldedFlatPieces({
  frontMm,
  backMm,
  baseMm,
  tailMm,
  depthMm,
  layers,
}: SectionInput): SectionPiece[] | null {
  const underMm = Math.max(0, depthMm - baseMm) / 2;
  const [frontWall, backWall] = [Math.max(0, frontMm - underMm), Math.max(0, backMm - underMm)];
  const under = depthMm > 0 ? pleat(frontMm + baseMm + backMm - frontWall - backWall, layers, frontWall) : null;
  if (!under) return null;
  const { apartMm } = under;
  const backEndMm = frontMm + baseMm + backMm;
  const backTop = { x: apartMm, y: backWall };
  const flapX = -(layers.fabricMm + layers.liningMm);
  const bridge = bridgePieces(backTop, flapX, backEndMm, (Math.PI / 2) * (apartMm - flapX), tailMm);
  return [
    line(0, frontWall, { x: 0, y: frontWall }, { x: 0, y: 0 }),
    ...under.pieces,
    line(backEndMm - backWall, backEndMm, { x: apartMm, y: 0 }, backTop),
    ...bridge,
    ...hanging(bridge.at(-1)?.toMm ?? backEndMm, backEndMm + tailMm, { x: flapX, y: backTop.y }),
  ];
}

/** What of the strip hangs down in front, from where the bridge ends. */
const hanging = (fromMm: number, toMm: number, from: SectionPoint): SectionPiece[] =>
  toMm > fromMm ? [line(fromMm, toMm, from, { x: from.x, y: from.y - (toMm - fromMm) })] : [];

/** Front and back of a bag that lies flat when empty: the strip goes round the base in a half circle. */
function foldedPieces({ frontMm, backMm, layers, loadMm }: SectionInput): SectionPiece[] {
  const depth = baseDepthMm(layers, loadMm);
  const frontStraight = straightSideMm(frontMm, depth);
  const backStraight = straightSideMm(backMm, depth);
  if (frontStraight < 0 || backStraight < 0) throw new RangeError('the strip is too short to get round the base');
  const radius = depth / 2;
  return [
    line(0, frontStraight, { x: 0, y: radius + frontStraight }, { x: 0, y: radius }),
    arc(frontStraight, frontMm * 2 - frontStraight, { x: radius, y: radius }, radius, Math.PI, 2 * Math.PI),
    line(
      frontMm * 2 - frontStraight,
      frontMm + backMm,
      { x: depth, y: radius },
      { x: depth, y: radius + backStraight },
    ),
  ];
}

/** Front, base and back of a bag that stands: two walls and a floor. What the strip lacks for the floor, front and back give. */
function deepPieces({ frontMm, backMm, baseMm, depthMm, layers, loadMm }: SectionInput): SectionPiece[] {
  const depth = mouthDepthMm(layers, loadMm, depthMm);
  const underMm = Math.max(0, depthMm - baseMm) / 2;
  const frontWall = Math.max(0, frontMm - underMm);
  const backWall = Math.max(0, backMm - underMm);
  const floorTo = frontMm + baseMm + (backMm - backWall);
  return [
    line(0, frontWall, { x: 0, y: frontWall }, { x: 0, y: 0 }),
    line(frontWall, floorTo, { x: 0, y: 0 }, { x: depth, y: 0 }),
    line(floorTo, frontMm + baseMm + backMm, { x: depth, y: 0 }, { x: depth, y: backWall }),
  ];
}

/** Where a station of the strip is in the section, and which way is outward there (a unit vector). */
export function sectionPointAt(
  pieces: readonly SectionPiece[],
  stationMm: number,
): { point: SectionPoint; outward: SectionPoint } {
  const piece = pieces.find(({ toMm }) => stationMm <= toMm) ?? pieces[pieces.length - 1];
  if (piece === undefined) throw new RangeError('a section has at least one piece');
  const share = piece.toMm === piece.fromMm ? 0 : (stationMm - piece.fromMm) / (piece.toMm - piece.fromMm);
  if (piece.kind === 'arc') {
    const angle = piece.fromRad + share * (piece.toRad - piece.fromRad);
    const fromCentre = { x: Math.cos(angle), y: Math.sin(angle) };
    // Outward is to the right of the way: away from the middle of a bend to the left, towards that of one to the right.
    const side = piece.toRad >= piece.fromRad ? 1 : -1;
    return {
      point: { x: piece.centre.x + piece.radiusMm * fromCentre.x, y: piece.centre.y + piece.radiusMm * fromCentre.y },
      outward: { x: side * fromCentre.x, y: side * fromCentre.y },
    };
  }
  const along = { x: piece.to.x - piece.from.x, y: piece.to.y - piece.from.y };
  const length = Math.hypot(along.x, along.y) || 1;
  return {
    point: { x: piece.from.x + share * along.x, y: piece.from.y + share * along.y },
    // The strip runs counter-clockwise round the load, so outward is to its right.
    outward: { x: along.y / length, y: -along.x / length },
  };
}

/**
 * Where a station of the flap comes to lie on the front, from the front's upper edge down, mm. Of a station that does not hang down yet, less than
 * nothing: the strip that it lacks; null where the strip ends before it hangs down at all.
 *
 * @example
 * landsAtMm([{ kind: 'line', fromMm: 0, toMm: 9, from: { x: 0, y: 9 }, to: { x: 0, y: 0 } }, { kind: 'line', fromMm: 9, toMm: 12, from: { x: 0, y: 8 }, to: { x: 0, y: 5 } }], 11) // => 3
 */
export function landsAtMm(pieces: readonly SectionPiece[], stationMm: number): number | null {
  const [front, hangs] = [pieces[0], pieces.at(-1)];
  if (front?.kind !== 'line' || hangs?.kind !== 'line') return null;
  // Drawn taut over what stands out, the bridge may end in a line too, which slants.
  if (hangs.to.x !== hangs.from.x || hangs.to.y >= hangs.from.y) return null;
  return front.from.y - hangs.from.y + (stationMm - hangs.fromMm);
}

/** The top drawn taut over what stands out of the bag, as far as the strip goes. */
function tautPieces(
  stretches: readonly TautStretch[],
  backEndY: number,
  startMm: number,
  tailMm: number,
): SectionPiece[] {
  const up = ({ x, y }: SectionPoint): SectionPoint => ({ x, y: y + backEndY });
  const pieces: SectionPiece[] = [];
  let atMm = startMm;
  for (const stretch of stretches) {
    const wholeMm = tautLengthMm([stretch]);
    const usedMm = Math.min(wholeMm, startMm + tailMm - atMm);
    // A turn of nothing, as between corners in one line, is none; the way goes on behind it.
    if (usedMm <= 0) continue;
    const share = usedMm / wholeMm;
    if (stretch.kind === 'line') {
      const { from, to } = stretch;
      const end = { x: from.x + share * (to.x - from.x), y: from.y + share * (to.y - from.y) };
      pieces.push(line(atMm, atMm + usedMm, up(from), up(end)));
    } else {
      const { centre, radiusMm, fromRad, toRad } = stretch;
      pieces.push(arc(atMm, atMm + usedMm, up(centre), radiusMm, fromRad, fromRad + share * (toRad - fromRad)));
    }
    atMm += usedMm;
  }
  return pieces;
}

/** The top: a half circle where the bridge is as long as one, else straight across and down. */
function bridgePieces(
  from: SectionPoint,
  flapX: number,
  startMm: number,
  lengthMm: number,
  tailMm: number,
): SectionPiece[] {
  const usedMm = Math.min(lengthMm, tailMm);
  if (usedMm <= 0) return [];
  const radius = (from.x - flapX) / 2;
  const isRound = lengthMm > 2 * radius + 1e-9;
  if (isRound) {
    const centre = { x: from.x - radius, y: from.y };
    return [arc(startMm, startMm + usedMm, centre, radius, 0, (usedMm / lengthMm) * Math.PI)];
  }
  return [line(startMm, startMm + usedMm, from, { x: from.x - usedMm, y: from.y })];
}

const line = (fromMm: number, toMm: number, from: SectionPoint, to: SectionPoint): SectionPiece => ({
  kind: 'line',
  fromMm,
  toMm,
  from,
  to,
});

const arc = (
  fromMm: number,
  toMm: number,
  centre: SectionPoint,
  radiusMm: number,
  fromRad: number,
  toRad: number,
): SectionPiece => ({ kind: 'arc', fromMm, toMm, centre, radiusMm, fromRad, toRad });
