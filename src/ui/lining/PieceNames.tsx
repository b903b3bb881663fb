'use client';

import type { PiecesDrawing } from '@/drawing';

/** Letters of a piece's name, px; a piece that is narrower than so many of its letters has its name along it. */
const NAME_PX = 12;

/** The name of each piece on it, along it where it is too narrow; smaller ones have none. */
export function PieceNames({
  places,
  names,
  pxPerMm,
}: Pick<PiecesDrawing, 'places'> & { names: readonly string[]; pxPerMm: number }) {
  return names.map((name, index) => {
    const place = places[index];
    if (!place) return null;
    const { x, y, widthMm, heightMm } = place;
    const longPx = 0.55 * NAME_PX * name.length;
    const isAlong = widthMm * pxPerMm < longPx && heightMm > widthMm;
    if (Math.max(widthMm, heightMm) * pxPerMm < longPx || Math.min(widthMm, heightMm) * pxPerMm < NAME_PX) return null;
    return (
      <text
        key={index}
        transform={`translate(${x} ${y}) scale(${1 / pxPerMm})${isAlong ? ' rotate(-90)' : ''}`}
        textAnchor="middle"
        dominantBaseline="central"
        fontSize={NAME_PX}
        fill="var(--chakra-colors-ink)"
        // So that it can be read over the lines that cross it.
        stroke="var(--chakra-colors-brass-pale)"
        strokeWidth="4"
        strokeLinejoin="round"
        paintOrder="stroke"
      >
        {name}
      </text>
    );
  });
}
