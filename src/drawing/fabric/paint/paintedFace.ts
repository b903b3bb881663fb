import type { Fabric } from '../fabricRows';
import { FabricPainter, GROUND_HEIGHT, wholeOf } from './fabricPainter';
import { grey, softContext } from './brush';
import { colourOf, type YarnLook } from './yarnLook';

/** A face of a fabric, painted: as it looks in even light, and as grey how far out its yarn lies. Row 1 is below. */
export interface PaintedFace {
  look: OffscreenCanvas;
  height: OffscreenCanvas;
  /** How wide a stitch is on it, px. */
  stitchPx: number;
}

/**
 * Paints a face of a fabric.
 *
 * @param yarns the swatch's own first, then the further ones
 * @param most its stitches are no wider than `stitchPx`, and it is no larger than `sidePx` either way
 * @returns null where the browser has no canvas left to give
 */
export function paintedFace(
  fabric: Fabric,
  yarns: readonly YarnLook[],
  most: { stitchPx: number; sidePx: number },
): PaintedFace | null {
  const proportion = fabric.rowMm / fabric.stitchMm;
  const stitchPx = Math.min(
    most.stitchPx,
    most.sidePx / fabric.columns,
    most.sidePx / (fabric.rows.length * proportion),
  );
  const scale = { stitchPx, rowPx: stitchPx * proportion };
  const canvas = (as: 'look' | 'height') => {
    const made = new OffscreenCanvas(
      Math.max(1, Math.round(fabric.columns * scale.stitchPx)),
      Math.max(1, Math.round(fabric.rows.length * scale.rowPx)),
    );
    const context = softContext(made);
    if (!context) return null;
    const [own] = yarns;
    context.fillStyle = as === 'height' || !own ? grey(GROUND_HEIGHT) : colourOf(own.body);
    context.fillRect(0, 0, made.width, made.height);
    new FabricPainter(fabric, yarns, scale, as).paint(context, 0, made.height, wholeOf(made));
    return made;
  };
  const [look, height] = [canvas('look'), canvas('height')];
  return look && height ? { look, height, stitchPx } : null;
}
