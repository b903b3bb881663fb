'use client';

import { Box, Button, Flex, IconButton } from '@chakra-ui/react';
import { Plus, X } from 'lucide-react';
import { useState } from 'react';
import type { FieldFault } from '@/core/design';
import { useBag, useBagStore } from '@/ui/bag/BagProvider';
import { LengthField, NumberField } from '@/ui/fields';
import { useAllTyped } from '@/ui/fields/useAllTyped';

interface ReadingsProps {
  kind: 'stitchReadings' | 'rowReadings';
  title: string;
  counted: string;
}

/** The readings of one kind: so many counted over a length. Each can be changed, taken out, or one more added. */
export function Readings({ kind, title, counted }: ReadingsProps) {
  const readings = useBag((state) => state.design.swatch[kind]);
  const store = useBagStore();
  const path = ['swatch', kind] as const;
  const edit = (label: string, value: unknown, rest: (string | number)[] = []) =>
    store.getState().edit(label, [{ path: [...path, ...rest], value }]);
  const [wantsMore, setAdding] = useState(false);
  const next = useAllTyped(['count', 'lengthMm'], (reading) => {
    const faults = edit('Reading added', reading, [readings.length]);
    if (faults.length === 0) setAdding(false);
    return faults;
  });
  const isAdding = wantsMore || readings.length === 0;

  return (
    <Box>
      <Box fontSize="13px" fontWeight={600} color="inkSoft" mb="1">
        {title}
      </Box>
      {readings.map((reading, index) => (
        <ReadingRow
          key={index}
          number={index + 1}
          counted={counted}
          count={reading.count}
          lengthMm={reading.lengthMm}
          onCount={(value) => edit('Reading', value, [index, 'count'])}
          onLength={(value) => edit('Reading', value, [index, 'lengthMm'])}
          onTakeOut={() =>
            edit(
              'Reading taken out',
              readings.filter((_, other) => other !== index),
            )
          }
        />
      ))}
      {isAdding ? (
        <ReadingRow
          number={readings.length + 1}
          counted={counted}
          count={next.typed.count ?? null}
          lengthMm={next.typed.lengthMm ?? null}
          onCount={(value) => next.type('count', value)}
          onLength={(value) => next.type('lengthMm', value)}
          onTakeOut={
            readings.length === 0
              ? null
              : () => {
                  next.clear();
                  setAdding(false);
                }
          }
        />
      ) : (
        <Button size="xs" variant="outline" bg="paper" onClick={() => setAdding(true)}>
          <Plus size={14} /> One more reading
        </Button>
      )}
    </Box>
  );
}

interface ReadingRowProps {
  number: number;
  counted: string;
  /** Null where it is not typed yet. */
  count: number | null;
  lengthMm: number | null;
  onCount: (value: number) => FieldFault[];
  onLength: (mm: number) => FieldFault[];
  onTakeOut: (() => void) | null;
}

/** One reading: so many over a length. */
function ReadingRow({ number, counted, count, lengthMm, onCount, onLength, onTakeOut }: ReadingRowProps) {
  return (
    <Flex gap="2" align="flex-start" mb="1">
      <NumberField
        label={`Reading ${number}: ${counted} counted`}
        hideLabel
        suffix={counted}
        width="4.2em"
        value={count}
        onChange={onCount}
      />
      <Box pt="2" fontSize="14px">
        over
      </Box>
      <LengthField
        label={`Reading ${number}: length of the ${counted}`}
        hideLabel
        width="5em"
        valueMm={lengthMm}
        onChange={onLength}
      />
      {onTakeOut && (
        <IconButton aria-label={`Take out reading ${number}`} size="xs" variant="ghost" mt="1" onClick={onTakeOut}>
          <X />
        </IconButton>
      )}
    </Flex>
  );
}
