'use client';

import { isSimple, ringBounds } from '@/core/cutting';
import { cornersText, readCorners, type StockRemnant } from '@/core/stock';
import type { LengthUnit } from '@/core/units';
import { TypedField } from '@/ui/fields/TypedField';

/** The outline of a remnant, drawn, and its corners to write. */
export function RemnantCorners({
  outline,
  unit,
  put,
}: {
  outline: StockRemnant['outline'];
  unit: LengthUnit;
  /** Keeps it; a sentence where it can't be. */
  put: (part: { outline: [number, number][] }) => string | null;
}) {
  return (
    <>
      <Outline outline={outline} />
      <TypedField
        label="Its corners"
        width="24em"
        suffix={unit}
        help={`Across and up, one after the other, all round: ${EXAMPLES[unit]}.`}
        shown={cornersText(outline, unit)}
        commit={(typed) => {
          const read = readCorners(typed, unit);
          if (!read.ok) return `Corner ${read.corner} isn’t two lengths. Write them as in ${EXAMPLES[unit]}.`;
          if (read.outline.length > 2 && !isSimple(read.outline))
            return 'Its sides cross each other. Write its corners one after the other, all round.';
          return put({ outline: read.outline });
        }}
      />
    </>
  );
}

const EXAMPLES = { cm: '0 0; 55 0; 55 50; 0 50', in: '0 × 0; 21 1/2 × 0; 21 1/2 × 20; 0 × 20' };

/** A remnant as it lies, its grain upwards. */
function Outline({ outline }: { outline: StockRemnant['outline'] }) {
  const { leftMm, lowMm, widthMm, heightMm } = ringBounds(outline);
  const points = outline.map(([x, y]) => `${x - leftMm},${heightMm - (y - lowMm)}`).join(' ');
  return (
    <svg
      width="96"
      height="80"
      viewBox={`0 0 ${Math.max(1, widthMm)} ${Math.max(1, heightMm)}`}
      role="img"
      aria-label="Its outline"
      style={{ overflow: 'visible' }}
    >
      <polygon
        points={points}
        fill="var(--chakra-colors-brass-pale)"
        stroke="var(--chakra-colors-ink)"
        vectorEffect="non-scaling-stroke"
      />
    </svg>
  );
}
