import type { Design } from '@/core/design';
import type { Plan } from '@/core/plan';
import { isBand, wornFabric } from '../fabric';
import { paintedFace, softContext, type Rgb, type YarnLook } from '../fabric/paint';
import type { Stuff } from '../solid';
import type { Skins, Surface } from './rasterBands';

/** The thickest a yarn's height is told: how much further out what is white lies than what is black, in widths of a stitch. */
const RELIEF_TO_STITCH = 0.55;
/** A face is painted no larger than this either way, px: all faces of a bag together stay under 200 MB. */
const MOST_SIDE_PX = 2800;
/** A stitch is painted no larger than this, px. */
const MOST_STITCH_PX = 64;

/** The colours of a bag. */
export interface BagColours {
  /** The swatch's own yarn first, then the further ones. */
  yarns: readonly YarnLook[];
  stuffs: Record<Exclude<Stuff, 'cloth'>, Rgb>;
}

/**
 * What the parts of a bag look like on a picture: each face of each piece is painted when it is first seen, as large as the picture shows it.
 *
 * @param pxPerMm of the picture
 */
export function bagSkins(
  design: Design,
  { pieces, pouch }: Plan,
  { yarns, stuffs }: BagColours,
  pxPerMm: number,
): Skins {
  return {
    colourOf: (stuff) => (stuff === 'cloth' ? (yarns[0]?.body ?? stuffs.lining) : stuffs[stuff]),
    surfaceOf: (worn, face) => {
      const fabric = wornFabric(design, pieces, worn, face);
      if (!fabric) return null;
      const stitchMm = isBand(worn) ? pouch.stitchMm : fabric.stitchMm;
      const painted = paintedFace(fabric, yarns, {
        stitchPx: Math.min(MOST_STITCH_PX, stitchMm * pxPerMm),
        sidePx: MOST_SIDE_PX,
      });
      if (!painted) return null;
      const [look, grey] = [pixelsOf(painted.look), pixelsOf(painted.height)];
      if (!look || !grey) return null;
      const height = new Uint8ClampedArray(grey.length / 4);
      for (let k = 0; k < height.length; k += 1) height[k] = grey[4 * k] as number;
      const reliefMm = RELIEF_TO_STITCH * stitchMm;
      return { widthPx: painted.look.width, heightPx: painted.look.height, look, height, reliefMm };
    },
  };
}

const pixelsOf = (canvas: OffscreenCanvas): Surface['look'] | null =>
  softContext(canvas)?.getImageData(0, 0, canvas.width, canvas.height).data ?? null;
