'use client';

import { Box, Heading } from '@chakra-ui/react';
import { memo, useDeferredValue, useMemo } from 'react';
import type { ReadPart, ReadRow } from '@/core/reader';
import { readChart, readPartDrawing, type Drawing } from '@/drawing';
import { DrawingDefs, ShapeView } from '@/ui/drawing/ShapeView';
import { clothStyle } from '@/ui/theme/colours';

/** What was read, lying flat, and its chart. It follows the text as soon as there is time. */
export const ReadDrawings = memo(function ReadDrawings({ part, row }: { part: ReadPart; row: ReadRow | null }) {
  const shown = useDeferredValue(part);
  const lit = useDeferredValue(row);
  const flat = useMemo(() => readPartDrawing(shown, lit), [shown, lit]);
  const chart = useMemo(() => readChart(shown), [shown]);
  const last = shown.rows.at(-1);
  if (!last) return null;
  return (
    <Box>
      <Heading as="h2" fontSize="18px" mb="2">
        {shown.title || 'As it was read'}
      </Heading>
      <Still
        drawing={flat}
        label={`${shown.rows.length} ${last.noun}s lying flat, the last of ${last.out ?? 'an unknown number of'} stitches; not to scale`}
        heightPx={220}
      />
      {chart && (
        <Still
          drawing={chart}
          label={`Chart of ${Math.min(shown.rows.length, 30)} rows, right side facing`}
          heightPx={260}
        />
      )}
    </Box>
  );
});

function Still({ drawing, label, heightPx }: { drawing: Drawing; label: string; heightPx: number }) {
  const { x, y, widthMm, heightMm } = drawing.box;
  return (
    <Box bg="counter" mb="3" style={clothStyle('madder')}>
      <svg
        role="img"
        aria-label={label}
        width="100%"
        height={heightPx}
        viewBox={`${x - 4} ${y - 4} ${widthMm + 8} ${heightMm + 8}`}
        preserveAspectRatio="xMidYMid meet"
        style={{ display: 'block' }}
      >
        <DrawingDefs />
        {drawing.shapes.map((shape, index) => (
          <ShapeView key={index} shape={shape} />
        ))}
      </svg>
    </Box>
  );
}
