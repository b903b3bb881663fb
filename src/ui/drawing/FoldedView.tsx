import type { Drawing } from '@/drawing';
import { clothStyle, type ClothName } from '@/ui/theme/colours';
import { DrawingDefs, ShapeView } from './ShapeView';

interface FoldedViewProps {
  drawing: Drawing;
  cloth: ClothName;
  label: string;
  /** The box it is shown in, px; drawings in boxes of one size share the scale that `fitMm` gives. */
  boxPx: { width: number; height: number };
  /** The span that fills the box, mm, so that several bags are to one scale. */
  fitMm: { width: number; height: number };
}

/** The closed bag from the front, to scale, standing on the bottom of its box. */
export function FoldedView({ drawing, cloth, label, boxPx, fitMm }: FoldedViewProps) {
  const scale = Math.min(boxPx.width / fitMm.width, boxPx.height / fitMm.height);
  const { widthMm, heightMm } = drawing.box;
  const shown = Math.min(scale, boxPx.width / widthMm, boxPx.height / heightMm) * 0.96;
  return (
    <svg
      width={boxPx.width}
      height={boxPx.height}
      viewBox={`0 0 ${boxPx.width} ${boxPx.height}`}
      role="img"
      aria-label={label}
      style={clothStyle(cloth)}
    >
      <DrawingDefs />
      <g
        transform={`translate(${(boxPx.width - widthMm * shown) / 2} ${boxPx.height - heightMm * shown - 2}) scale(${shown})`}
      >
        {drawing.shapes.map((shape, index) => (
          <ShapeView key={index} shape={shape} />
        ))}
      </g>
    </svg>
  );
}
