/** What is stiff in each kind of wall, mm thick; nought where a wall has nothing in it. */
export interface Stiff {
  facesMm: number;
  baseMm: number;
  sidesMm: number;
}

/** The sheets that a folded strip is made of, mm thick. A bag without lining has a lining of 0; one without stiffener has nothing stiff. */
export interface Layers {
  fabricMm: number;
  liningMm: number;
  stiff?: Stiff;
  /** So far in from the base and from the sides lie the holes of a lining whose seams are crocheted: nothing lies in what is beyond them. */
  edges?: { baseMm: number; sidesMm: number };
}

/**
 * What lies between the fabric of front or back, of the base, or of a side, and what goes in, mm: lining and stiffener.
 *
 * @example
 * withinFacesMm({ liningMm: 0.5, stiff: { facesMm: 1.5, baseMm: 0, sidesMm: 0 } }) // => 2
 * withinBaseMm({ liningMm: 0.5, stiff: { facesMm: 1.5, baseMm: 0, sidesMm: 0 } }) // => 0.5
 */
export const withinFacesMm = ({ liningMm, stiff }: Omit<Layers, 'fabricMm'>): number =>
  liningMm + (stiff?.facesMm ?? 0);
export const withinBaseMm = ({ liningMm, stiff, edges }: Omit<Layers, 'fabricMm'>): number =>
  liningMm + (stiff?.baseMm ?? 0) + (edges?.baseMm ?? 0);
export const withinSidesMm = ({ liningMm, stiff, edges }: Omit<Layers, 'fabricMm'>): number =>
  liningMm + (stiff?.sidesMm ?? 0) + (edges?.sidesMm ?? 0);

export type Firmness = 'soft' | 'stiff';

/**
 * Depth at the base fold: from the middle of the front's fabric to the middle of the back's, mm. The load,
 * both linings and what stiffens front and back lie between, and half of each fabric.
 * Source: geometry.
 *
 * @example
 * baseDepthMm({ fabricMm: 2, liningMm: 0.5 }, 10) // => 13
 */
export const baseDepthMm = (layers: Layers, loadMm: number): number =>
  loadMm + 2 * withinFacesMm(layers) + layers.fabricMm;

/**
 * Depth between the middles of front and back at the top, mm: what the load and the linings make it, or what the construction does where
 * that is more.
 *
 * @param depthMm of the construction; nought where the bag lies flat
 *
 * @example
 * mouthDepthMm({ fabricMm: 2, liningMm: 0.5 }, 10, 0) // => 13
 * mouthDepthMm({ fabricMm: 2, liningMm: 0.5 }, 10, 40) // => 40
 */
export const mouthDepthMm = (layers: Layers, loadMm: number, depthMm: number): number =>
  Math.max(baseDepthMm(layers, loadMm), depthMm);

/**
 * Depth that the flap crosses at the top: from the middle of the back's fabric to the middle of the flap's, mm. On the
 * way lie half the back, both linings, the load, the whole front, the flap's own lining and half the flap.
 * Source: geometry.
 *
 * @example
 * topDepthMm({ fabricMm: 2, liningMm: 0.5 }, 10) // => 15.5
 */
export const topDepthMm = (layers: Layers, loadMm: number, depthMm = 0): number =>
  mouthDepthMm(layers, loadMm, depthMm) + layers.fabricMm + layers.liningMm;

/**
 * Length of strip that bridges the top, from the back's upper end to the same height on the front, mm. Soft
 * contents round it into the half circle πd/2, a stiff box up to the brim lets it run straight across, d. It
 * is never shorter than the bend of the empty bag. A bag that is made deep keeps its depth: the flap runs straight across it.
 * Source: geometry.
 *
 * @example
 * bridgeLengthMm({ fabricMm: 0, liningMm: 0 }, 20, 'stiff') // => 20
 * bridgeLengthMm({ fabricMm: 0, liningMm: 0 }, 0, 'soft') // => 0
 * bridgeLengthMm({ fabricMm: 0, liningMm: 0 }, 20, 'soft', 50) // => 50
 */
export function bridgeLengthMm(layers: Layers, loadMm: number, firmness: Firmness, depthMm = 0): number {
  const topMm = topDepthMm(layers, loadMm, depthMm);
  if (depthMm > 0) return topMm;
  const emptyBendMm = (Math.PI / 2) * topDepthMm(layers, 0);
  return firmness === 'soft' ? (Math.PI / 2) * topMm : Math.max(topMm, emptyBendMm);
}

/**
 * Outside height, from the bottom of the base fold to an upper edge, of a side with `sideMm` of strip from that edge
 * to the middle of the base fold. A quarter circle of the base takes some of the strip.
 *
 * @returns mm; less than half the depth when the strip is too short to get round the base at all
 * Source: geometry.
 *
 * @example
 * heightFromSideMm(140, 0, 0) // => 140
 */
export const heightFromSideMm = (sideMm: number, depthMm: number, fabricMm: number): number =>
  sideMm - (Math.PI / 4) * depthMm + (depthMm + fabricMm) / 2;

/**
 * Strip needed on one side, from the middle of the base fold to the upper edge, for an outside height: the inverse
 * of `heightFromSideMm`.
 *
 * @example
 * sideForHeightMm(140, 0, 0) // => 140
 */
export const sideForHeightMm = (heightMm: number, depthMm: number, fabricMm: number): number =>
  heightMm + (Math.PI / 4) * depthMm - (depthMm + fabricMm) / 2;

/**
 * Strip on one side that hangs straight: what the base's quarter circle leaves, mm. Negative when it leaves nothing.
 *
 * @example
 * straightSideMm(140, 0) // => 140
 */
export const straightSideMm = (sideMm: number, depthMm: number): number => sideMm - (Math.PI / 4) * depthMm;
