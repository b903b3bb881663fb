'use client';

import { Box, Button } from '@chakra-ui/react';
import { useState } from 'react';
import type { FieldFault, Thing } from '@/core/design';
import { Row } from '@/ui/bag/PlaceLayout';
import { LengthField, TextField } from '@/ui/fields';
import { useAllTyped } from '@/ui/fields/useAllTyped';

const SIZES = ['widthMm', 'heightMm', 'thicknessMm'] as const;
type Size = (typeof SIZES)[number];

/** A thing that is being measured: what is known of it so far. */
export interface BegunThing extends Pick<Thing, 'name' | 'massG' | 'turns' | 'known'> {
  sizes: Partial<Record<Size, number>>;
}

interface NewThingProps {
  begun: BegunThing;
  onAdd: (thing: Omit<Thing, 'id'>) => FieldFault[];
  onLeave: () => void;
}

/** A thing that is to go in, until all three of its sizes are typed: none is invented for it. */
export function NewThing({ begun, onAdd, onLeave }: NewThingProps) {
  const { sizes, name: knownName, ...rest } = begun;
  const [name, setName] = useState(knownName);
  const { typed, type } = useAllTyped<Size>(
    SIZES,
    (measured) => onAdd({ ...rest, ...measured, name: name.trim() || 'Thing' }),
    sizes,
  );
  const size = (key: Size) => ({ valueMm: typed[key] ?? null, onChange: (mm: number) => type(key, mm) });
  return (
    <Box bg="paper" border="1px dashed" borderColor="counterEdge" px="3" py="1.5" mt="1" data-testid="new-thing">
      <Row>
        <TextField
          label="Name"
          width="11em"
          value={name}
          onChange={(value) => {
            setName(value);
            return [];
          }}
        />
        <LengthField label="Wide" width="5em" {...size('widthMm')} />
        <LengthField label="High" width="5em" {...size('heightMm')} />
        <LengthField label="Thick" width="4.5em" fine {...size('thicknessMm')} />
      </Row>
      <Box display="flex" gap="3" alignItems="center" fontSize="14px">
        It goes in once you have typed how wide, how high and how thick it is.
        <Button size="xs" variant="outline" bg="paper" onClick={onLeave}>
          Leave it out
        </Button>
      </Box>
    </Box>
  );
}
