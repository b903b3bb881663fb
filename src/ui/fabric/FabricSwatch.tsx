'use client';

import { useEffect, useRef } from 'react';
import type { Fabric } from '@/drawing/fabric';
import type { CLOTHS } from '@/ui/theme/colours';
import { whenIdle } from '@/ui/browser/whenIdle';
import { FabricPainter, wholeOf, yarnLook } from '@/drawing/fabric/paint';

/** It is painted after so long even if the browser is never at rest, ms. */
const MOST_WAIT_MS = 600;

interface FabricSwatchProps {
  fabric: Fabric;
  /** The yarns that it is worked in, the swatch's own first. */
  cloths: readonly (typeof CLOTHS)[keyof typeof CLOTHS][];
  widthPx: number;
  heightPx: number;
  /** How wide a stitch is drawn. */
  stitchPx: number;
}

/** A piece of worked fabric, as large as its room; painted when the browser has a moment. */
export function FabricSwatch({ fabric, cloths, widthPx, heightPx, stitchPx }: FabricSwatchProps) {
  const ref = useRef<HTMLCanvasElement>(null);
  useEffect(() => {
    const canvas = ref.current;
    if (!canvas) return;
    const dots = window.devicePixelRatio || 1;
    canvas.width = Math.round(widthPx * dots);
    canvas.height = Math.round(heightPx * dots);
    const context = canvas.getContext('2d');
    if (!context) return;
    const scale = { stitchPx: stitchPx * dots, rowPx: (stitchPx * dots * fabric.rowMm) / fabric.stitchMm };
    const painter = new FabricPainter(fabric, cloths.map(yarnLook), scale);
    const wide = fabric.columns * scale.stitchPx;
    const paint = () => painter.paint(context, (canvas.width - wide) / 2, canvas.height, wholeOf(canvas));
    return whenIdle(paint, MOST_WAIT_MS);
  }, [fabric, cloths, widthPx, heightPx, stitchPx]);
  return (
    <canvas
      ref={ref}
      aria-hidden
      style={{
        width: widthPx,
        height: heightPx,
        display: 'block',
        background: 'color-mix(in srgb, var(--cloth) 45%, #10181a)',
      }}
    />
  );
}
