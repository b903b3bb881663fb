'use client';

import { Box, chakra } from '@chakra-ui/react';
import type { Drawing } from '@/drawing';
import type { ClothName } from '@/ui/theme/colours';
import { DrawnIcon } from './DrawnIcon';

interface DrawnChoiceProps<Value extends string> {
  /** What is chosen, for those who don't see the drawings. */
  legend: string;
  name: string;
  choices: readonly { value: Value; label: string; drawing: Drawing }[];
  value: Value;
  cloth: ClothName;
  scale: number;
  onChange: (value: Value) => void;
}

/** One of several, chosen by its small drawing. */
export function DrawnChoice<Value extends string>(props: DrawnChoiceProps<Value>) {
  const { legend, name, choices, value, cloth, scale, onChange } = props;
  return (
    <Box as="fieldset" display="flex" flexWrap="wrap" gap="2" mb="3">
      <chakra.legend srOnly>{legend}</chakra.legend>
      {choices.map(({ value: one, label, drawing }) => (
        <chakra.label
          key={one}
          display="grid"
          justifyItems="center"
          alignContent="end"
          gap="1"
          px="1.5"
          py="2"
          bg="paper"
          border="1px solid"
          borderColor={one === value ? 'ink' : 'paperEdge'}
          boxShadow={one === value ? 'inset 0 -4px 0 var(--chakra-colors-brass)' : undefined}
          fontWeight={one === value ? 700 : 400}
          fontSize="13px"
          cursor="pointer"
        >
          <DrawnIcon drawing={drawing} cloth={cloth} scale={scale} />
          <span>
            <input type="radio" name={name} checked={one === value} onChange={() => onChange(one)} /> {label}
          </span>
        </chakra.label>
      ))}
    </Box>
  );
}
