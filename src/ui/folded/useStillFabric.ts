import { useEffect, useMemo, useRef, useState, type RefObject } from 'react';
import type { Folded, Shown, UpTo, View } from '@/drawing';
import { useHandDown } from '@/ui/bag/hand';
import { bagColours, paintPicture } from '@/ui/picture/bagPicture';

/** The fabric follows when nothing has changed for so long, ms. */
const RESTS_MS = 350;

/** A still picture of the folded bag: how it is looked at, how large, and what of it is there. */
export interface StillSight {
  folded: Folded;
  view: View;
  pxPerMm: number;
  size: { width: number; height: number };
  shown: Shown;
  upTo: UpTo;
}

/** Paints the still bag in its fabric, away from the screen, when all rests; once anything has changed, what was painted is out of date. */
export function useStillFabric({ folded, view, pxPerMm, size, shown, upTo }: StillSight): {
  canvas: RefObject<HTMLCanvasElement | null>;
  isWorn: boolean;
} {
  const canvas = useRef<HTMLCanvasElement | null>(null);
  const isHandDown = useHandDown();
  const { yawRad, pitchRad, upMm } = view;
  const { width, height } = size;
  const wished = useMemo(
    () => ({ folded, turned: { yawRad, pitchRad }, at: { pxPerMm, upMm }, width, height, shown, upTo }),
    [folded, yawRad, pitchRad, pxPerMm, upMm, width, height, shown, upTo],
  );
  const [painted, setPainted] = useState<typeof wished | null>(null);
  useEffect(() => {
    if (isHandDown || wished.width < 1) return;
    const dots = Math.min(2, window.devicePixelRatio || 1);
    const [widthPx, heightPx] = [Math.round(wished.width * dots), Math.round(wished.height * dots)];
    const { design, bag } = wished.folded;
    const picture = {
      design,
      way: { state: bag.state, flap: bag.flap },
      turned: wished.turned,
      colours: bagColours(design),
      ...{ widthPx, heightPx, shown: wished.shown, upTo: wished.upTo },
      at: { pxPerMm: wished.at.pxPerMm * dots, upMm: wished.at.upMm },
    };
    return paintPicture(canvas, picture, RESTS_MS, () => setPainted(wished));
  }, [wished, isHandDown]);
  return { canvas, isWorn: painted === wished && !isHandDown };
}
