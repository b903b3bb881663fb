import { baseDepthMm, bridgeLengthMm, straightSideMm, topDepthMm, type Firmness, type Layers } from './folding';

/** A point of the section, mm: x runs from front to back, y up from the base's middle line. */
export interface SectionPoint {
  x: number;
  y: number;
}

/**
 * A stretch of the strip's middle line in the section, from station to station along the strip (mm from the
 * front's top edge). An arc turns about `centre` from one angle to another (radians, counter-clockwise from +x).
 */
export type SectionPiece =
  | { kind: 'line'; fromMm: number; toMm: number; from: SectionPoint; to: SectionPoint }
  | {
      kind: 'arc';
      fromMm: number;
      toMm: number;
      centre: SectionPoint;
      radiusMm: number;
      fromRad: number;
      toRad: number;
    };

export interface SectionInput {
  /** Strip from the front's top edge to the middle of the base fold, and on to the back's upper end, mm. */
  frontMm: number;
  backMm: number;
  /** Strip beyond the back's upper end: bridge and flap together, mm. */
  tailMm: number;
  layers: Layers;
  loadMm: number;
  firmness: Firmness;
}

/**
 * The strip's middle line as the folded bag's side shows it: down the front, round the base, up the back, over the
 * top and down the flap. Its pieces follow each other without a gap and their lengths add up to the strip.
 *
 * @throws RangeError when front or back is too short to get round the base
 * Source: geometry.
 *
 * @example
 * sectionPieces({ frontMm: 100, backMm: 100, tailMm: 60, layers: { fabricMm: 0, liningMm: 0 }, loadMm: 0, firmness: 'soft' }).at(-1).toMm // => 260
 */
export function sectionPieces(input: SectionInput): SectionPiece[] {
  const { frontMm, backMm, tailMm, layers, loadMm, firmness } = input;
  const depth = baseDepthMm(layers, loadMm);
  const frontStraight = straightSideMm(frontMm, depth);
  const backStraight = straightSideMm(backMm, depth);
  if (frontStraight < 0 || backStraight < 0) throw new RangeError('the strip is too short to get round the base');

  const radius = depth / 2;
  const backTop = { x: depth, y: radius + backStraight };
  const backEndMm = frontMm + backMm;
  const flapX = depth - topDepthMm(layers, loadMm);
  const bridge = bridgePieces(backTop, flapX, backEndMm, bridgeLengthMm(layers, loadMm, firmness), tailMm);
  const bridgedMm = bridge.at(-1)?.toMm ?? backEndMm;
  const stripEndMm = backEndMm + tailMm;

  return [
    line(0, frontStraight, { x: 0, y: radius + frontStraight }, { x: 0, y: radius }),
    arc(frontStraight, frontMm * 2 - frontStraight, { x: radius, y: radius }, radius, Math.PI, 2 * Math.PI),
    line(frontMm * 2 - frontStraight, backEndMm, { x: depth, y: radius }, backTop),
    ...bridge,
    ...(stripEndMm > bridgedMm
      ? [line(bridgedMm, stripEndMm, { x: flapX, y: backTop.y }, { x: flapX, y: backTop.y - (stripEndMm - bridgedMm) })]
      : []),
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
    const outward = { x: Math.cos(angle), y: Math.sin(angle) };
    return {
      point: { x: piece.centre.x + piece.radiusMm * outward.x, y: piece.centre.y + piece.radiusMm * outward.y },
      outward,
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
