import { Box, Heading } from '@chakra-ui/react';
import { memo, useDeferredValue } from 'react';
import type { LengthUnit } from '@/core/units';
import { understoodWords } from '@/core/wording';
import type { ReadWay } from '@/workers/reader.worker';
import { CompareGroup } from './CompareGroup';
import { ReadDrawings } from './ReadDrawings';
import { ResizeGroup } from './ResizeGroup';
import { inText } from './inText';
import type { Reading } from './useReading';
import { WhatItBecomes } from './WhatItBecomes';

interface AsReadProps {
  whole: Reading;
  /** Whether that is the text as it stands: nothing is made of one that isn’t. */
  isCurrent: boolean;
  /** Where the cursor stands in the text. */
  cursor: number;
  way: ReadWay;
  unit: LengthUnit;
  onText: (text: string) => void;
}

/** What was read: the row at the cursor in words, the piece drawn, and what can be made of it. It follows the typing once that rests. */
export const AsRead = memo(function AsRead({ whole, isCurrent, cursor, way, unit, onText }: AsReadProps) {
  const { text, read } = whole;
  const here = useDeferredValue(cursor);
  const at =
    read.parts
      .flatMap((part) => part.rows.map((row) => ({ part, row })))
      .find(({ row }) => row.from <= here && here <= row.to) ?? null;
  const shown = at?.part ?? read.parts[0] ?? null;
  if (read.isProse) return null;
  return (
    <>
      {at && (
        <Box mb="4" data-testid="row-read">
          <Heading as="h2" fontSize="20px">
            {at.row.noun === 'row' ? 'Row' : 'Round'} {at.row.number}: {inText(at.row)}
          </Heading>
          <Box fontSize="15px">
            {at.row.side && `${at.row.side === 'RS' ? 'Right' : 'Wrong'} side. `}
            {understoodWords(at.row)}
          </Box>
        </Box>
      )}
      {shown && (
        <>
          <ReadDrawings part={shown} row={at?.row ?? null} />
          <WhatItBecomes key={shown.title} {...{ text, read, isCurrent }} part={shown} />
          <ResizeGroup {...{ text, isCurrent, way, unit, onText }} part={shown} at={read.parts.indexOf(shown)} />
        </>
      )}
      <CompareGroup text={text} read={read} way={way} />
    </>
  );
});
