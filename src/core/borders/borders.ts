import type { Design, Edging, EdgingEdge } from '@/core/design';
import { edgingSizes, openOfEdging, type Fabric } from './edgingSizes';
import { pickUpRatio, type PickUp } from './pickUp';
import { edgingFaults, hasFlap } from './whichEdges';

/** How far what is worked round its free edges reaches beyond them, mm: what the sizes of a bag have besides its stitches and rows. */
export interface Borders {
  /** Beyond each side of front and back, and the stitches in its row ends; nought and nothing where the sides have no border. */
  sidesMm: number;
  sidesPickUp: PickUp | null;
  /** Above the upper edge of the front, and of a back that no flap goes on from. */
  frontMm: number;
  backMm: number;
  /** Beyond the flap's edge, and beyond each of its sides. */
  flapMm: number;
  flapSidesMm: number;
  /** Beyond each long edge of a gusset or a band, with how wide its stitches are and how they are to be picked up: null where that follows. */
  bandMm: number;
  bandStitchMm: number;
  bandPickUp: PickUp | null;
  /** Of what is round a strip, its plain rounds: a lining reaches over them, and no further. */
  linedMm: number;
  /** What is not known of all these before a border was measured, as a share: 95 % of it. */
  openShare: number;
}

export const NO_BORDERS: Borders = {
  sidesMm: 0,
  sidesPickUp: null,
  frontMm: 0,
  backMm: 0,
  flapMm: 0,
  flapSidesMm: 0,
  bandMm: 0,
  bandStitchMm: 0,
  bandPickUp: null,
  linedMm: 0,
  openShare: 0,
};

/**
 * The same borders in fabric that came out otherwise.
 *
 * @param share its rows against those that were planned
 */
export const bordersTimes = (borders: Borders, share: number): Borders => ({
  ...borders,
  sidesMm: borders.sidesMm * share,
  frontMm: borders.frontMm * share,
  backMm: borders.backMm * share,
  flapMm: borders.flapMm * share,
  flapSidesMm: borders.flapSidesMm * share,
  bandMm: borders.bandMm * share,
  linedMm: borders.linedMm * share,
});

/**
 * What is joined along so many row ends of a gusset or a band: those, or the stitches that its border has there.
 *
 * @param rowMm the height of its rows, mm
 *
 * @example
 * joinedAlongBand({ bandStitchMm: 0, bandPickUp: null }, 40, 5) // => 40
 * joinedAlongBand({ bandStitchMm: 5, bandPickUp: null }, 40, 7.5) // => 60
 */
export function joinedAlongBand(
  { bandStitchMm, bandPickUp }: Pick<Borders, 'bandStitchMm' | 'bandPickUp'>,
  rows: number,
  rowMm: number,
): number {
  if (bandStitchMm === 0) return rows;
  const { stitches, rows: every } = bandPickUp ?? pickUpRatio(rowMm, bandStitchMm);
  return Math.round((rows * stitches) / every);
}

type Edged = Pick<Design, 'edgings' | 'flap' | 'body' | 'swatch' | 'ownStitches'>;

/**
 * What the edgings of a bag add to it in a fabric. Those that can't be worked add nothing.
 *
 * @param fabricOf asked only where there is an edging: every plan comes by here
 */
export function bordersOf(design: Edged, fabricOf: () => Fabric): Borders {
  if (design.edgings.length === 0) return NO_BORDERS;
  const fabric = fabricOf();
  const faults = edgingFaults(design);
  const on = (edge: EdgingEdge): Edging | undefined =>
    design.edgings.find((edging, index) => edging.edge === edge && faults[index] === null);
  const sizesOn = (edge: EdgingEdge) => {
    const edging = on(edge);
    return edging ? edgingSizes(edging, design, fabric) : null;
  };
  const strip = sizesOn('strip');
  const band = sizesOn('band');
  const round = strip?.depthMm ?? 0;
  const mouthMm = round + (sizesOn('mouth')?.depthMm ?? 0);
  const flapMm = hasFlap(design) ? round + (sizesOn('flap')?.depthMm ?? 0) : 0;
  return {
    sidesMm: round,
    sidesPickUp: strip && (on('strip')?.pickUp ?? pickUpRatio(fabric.rowMm, strip.stitchMm)),
    frontMm: mouthMm,
    backMm: hasFlap(design) ? 0 : mouthMm,
    flapMm,
    flapSidesMm: flapMm,
    bandMm: band?.depthMm ?? 0,
    bandStitchMm: band?.stitchMm ?? 0,
    bandPickUp: on('band')?.pickUp ?? null,
    linedMm: strip?.plainMm ?? 0,
    openShare: Math.max(
      0,
      ...design.edgings.flatMap((edging, index) =>
        faults[index] === null ? [openOfEdging(edging, design, fabric)] : [],
      ),
    ),
  };
}
