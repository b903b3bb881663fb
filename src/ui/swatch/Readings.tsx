'use client';

import { Box, Button, Flex, IconButton } from '@chakra-ui/react';
import { Plus, X } from 'lucide-react';
import { useBag, useBagStore } from '@/ui/bag/BagProvider';
import { LengthField, NumberField } from '@/ui/fields';

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
  const addOne = () => {
    const last = readings[readings.length - 1];
    if (last) edit('Reading added', [...readings, last]);
  };

  return (
    <Box>
      <Box fontSize="13px" fontWeight={600} color="inkSoft" mb="1">
        {title}
      </Box>
      {readings.map((reading, index) => (
        <Flex key={index} gap="2" align="flex-start" mb="1">
          <NumberField
            label={`Reading ${index + 1}: ${counted} counted`}
            hideLabel
            suffix={counted}
            width="4.2em"
            value={reading.count}
            onChange={(value) => edit('Reading', value, [index, 'count'])}
          />
          <Box pt="2" fontSize="14px">
            over
          </Box>
          <LengthField
            label={`Reading ${index + 1}: length of the ${counted}`}
            hideLabel
            width="5em"
            valueMm={reading.lengthMm}
            onChange={(value) => edit('Reading', value, [index, 'lengthMm'])}
          />
          <IconButton
            aria-label={`Take out reading ${index + 1}`}
            size="xs"
            variant="ghost"
            mt="1"
            disabled={readings.length === 1}
            onClick={() =>
              edit(
                'Reading taken out',
                readings.filter((_, other) => other !== index),
              )
            }
          >
            <X />
          </IconButton>
        </Flex>
      ))}
      <Button size="xs" variant="outline" bg="paper" onClick={addOne}>
        <Plus size={14} /> One more reading
      </Button>
    </Box>
  );
}
