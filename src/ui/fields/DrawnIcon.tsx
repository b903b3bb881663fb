'use client';

import type { Drawing } from '@/drawing';
import { ShapeView } from '@/ui/drawing/ShapeView';
import { clothStyle, type ClothName } from '@/ui/theme/colours';

/** A small drawing that something is chosen by; what it is stands beside it in words. */
export function DrawnIcon({ drawing, cloth, scale }: { drawing: Drawing; cloth: ClothName; scale: number }) {
  const { box, shapes } = drawing;
  return (
    <svg
      width={box.widthMm * scale}
      height={box.heightMm * scale}
      viewBox={`-1 -1 ${box.widthMm + 2} ${box.heightMm + 2}`}
      style={clothStyle(cloth)}
      aria-hidden
    >
      {shapes.map((shape, index) => (
        <ShapeView key={index} shape={shape} />
      ))}
    </svg>
  );
}
