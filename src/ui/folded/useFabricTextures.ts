import { useEffect, useRef, useState } from 'react';
import { CanvasTexture, LinearMipmapLinearFilter, RepeatWrapping, SRGBColorSpace, type Texture } from 'three';
import type { Design } from '@/core/design';
import type { Plan } from '@/core/plan';
import { whenIdle } from '@/ui/browser/whenIdle';
import { bandOf, wornFabric, type Worn } from '@/drawing/fabric';
import { paintedFace, yarnLook } from '@/drawing/fabric/paint';
import { CLOTHS } from '@/ui/theme/colours';

/** A face of a piece, painted: as it looks in even light, and how far out its yarn lies. */
export interface WornTexture {
  look: Texture;
  height: Texture;
}

export type FaceOfPiece = `${Worn} ${'outer' | 'inner'}`;

/** A texture is no larger than this either way, px: every graphics card takes that. */
const MOST_PX = 2048;
/** A face is painted after so long even if the browser is never at rest, ms. */
const MOST_WAIT_MS = 1000;
/** A stitch is painted no larger than this, px. */
const STITCH_PX = 18;

/**
 * The fabric of every piece for the folded bag, painted one face at a time when the browser has a moment. While it is being painted anew the bag wears what was painted before.
 */
export function useFabricTextures(design: Design, plan: Plan): ReadonlyMap<FaceOfPiece, WornTexture> {
  const [painted, setPainted] = useState<ReadonlyMap<FaceOfPiece, WornTexture>>(new Map());
  const all = useRef(new Map<FaceOfPiece, WornTexture>());
  useEffect(() => {
    const bands = plan.bands
      .filter(({ stuff }) => stuff === 'cloth')
      .map(({ widthMm }) => ({ worn: bandOf(widthMm, plan.pouch.stitchMm), face: 'outer' as const }));
    const faces = (['outer', 'inner'] as const)
      .flatMap((face) => plan.pieces.map(({ id }) => ({ worn: id as Worn, face })))
      .concat(bands);
    let giveUp = () => {};
    const soon = (paint: () => void) => (giveUp = whenIdle(paint, MOST_WAIT_MS));
    const paintNext = (index: number) => {
      const next = faces[index];
      if (!next) return;
      const name: FaceOfPiece = `${next.worn} ${next.face}`;
      const made = textureOf(design, plan, next.worn, next.face);
      if (made) {
        const before = all.current.get(name);
        all.current.set(name, made);
        setPainted(new Map(all.current));
        // What still lies on a solid is let go once the new one is on it.
        if (before) window.setTimeout(() => dispose(before), 500);
      }
      soon(() => paintNext(index + 1));
    };
    soon(() => paintNext(0));
    return () => giveUp();
  }, [design, plan]);
  useEffect(() => {
    const made = all.current;
    return () => made.forEach(dispose);
  }, []);
  return painted;
}

const dispose = ({ look, height }: WornTexture) => {
  look.dispose();
  height.dispose();
};

function textureOf(design: Design, { pieces }: Plan, worn: Worn, face: 'outer' | 'inner'): WornTexture | null {
  const begun = performance.now();
  const yarns = [design.swatch.yarn, ...design.furtherYarns].map(({ colour }) => yarnLook(CLOTHS[colour]));
  const fabric = wornFabric(design, pieces, worn, face);
  const painted = fabric && paintedFace(fabric, yarns, { stitchPx: STITCH_PX, sidePx: MOST_PX });
  performance.measure('fabric-in-space', { start: begun, end: performance.now() });
  return painted && { look: asTexture(painted.look, true), height: asTexture(painted.height, false) };
}

function asTexture(canvas: OffscreenCanvas, isColour: boolean): Texture {
  const texture = new CanvasTexture(canvas);
  if (isColour) texture.colorSpace = SRGBColorSpace;
  texture.wrapS = RepeatWrapping;
  texture.wrapT = RepeatWrapping;
  texture.minFilter = LinearMipmapLinearFilter;
  texture.anisotropy = 8;
  return texture;
}
