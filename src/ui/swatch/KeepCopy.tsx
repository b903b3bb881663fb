'use client';

import { Box, Flex } from '@chakra-ui/react';
import { useState } from 'react';
import type { Swatch } from '@/core/design';
import { AddOrTake } from '@/ui/fields';
import { TypedField } from '@/ui/fields/TypedField';

interface KeepCopyProps {
  swatch: Swatch;
  names: readonly string[];
  keepCopy: (swatch: Swatch) => Promise<string | null>;
}

/** Keeps the swatch as it is now, under a name of its own, apart from this bag. */
export function KeepCopy({ swatch, names, keepCopy }: KeepCopyProps) {
  const [typed, setTyped] = useState<string | null>(null);
  const [told, setTold] = useState<string | null>(null);
  const name = typed ?? freeName(swatch.name, names);
  return (
    <>
      <Flex gap="2" align="end" wrap="wrap">
        <TypedField
          label="Keep a copy as"
          width="14em"
          shown={name}
          commit={(text) => {
            if (text.trim() === '') return 'Give it a name.';
            setTyped(text.trim().slice(0, 80));
            return null;
          }}
        />
        <AddOrTake
          label="Keep a copy of this swatch"
          onClick={async () => {
            const refused = await keepCopy({ ...swatch, name });
            setTold(refused ?? `“${name}” is in the library, as it is now.`);
            if (refused === null) setTyped(null);
          }}
        />
      </Flex>
      {told && (
        <Box role="status" fontSize="14px">
          {told}
        </Box>
      )}
    </>
  );
}

function freeName(name: string, names: readonly string[]): string {
  const taken = new Set(names.map((one) => one.toLowerCase()));
  for (let number = 2; ; number += 1) if (!taken.has(`${name} ${number}`.toLowerCase())) return `${name} ${number}`;
}
