'use client';

import { Box, chakra } from '@chakra-ui/react';
import type { Drawing } from '@/drawing';
import type { ClothName } from '@/ui/theme/colours';
import { DrawnIcon } from './DrawnIcon';

interface DrawnActionsProps<Value extends string> {
  /** What each is called, what it does for those who don't see the drawing, and that drawing. */
  actions: readonly { value: Value; label: string; says: string; drawing: Drawing }[];
  cloth: ClothName;
  scale: number;
  onAct: (value: Value) => void;
}

/** Things that can be put on, each by its small drawing. */
export function DrawnActions<Value extends string>({ actions, cloth, scale, onAct }: DrawnActionsProps<Value>) {
  return (
    <Box display="flex" flexWrap="wrap" gap="2" mb="3">
      {actions.map(({ value, label, says, drawing }) => (
        <chakra.button
          key={value}
          type="button"
          aria-label={says}
          display="grid"
          justifyItems="center"
          alignContent="end"
          gap="1"
          px="2"
          py="2"
          minH="44px"
          bg="paper"
          border="1px solid"
          borderColor="paperEdge"
          fontSize="13px"
          cursor="pointer"
          _hover={{ borderColor: 'ink' }}
          onClick={() => onAct(value)}
        >
          <DrawnIcon drawing={drawing} cloth={cloth} scale={scale} />
          {label}
        </chakra.button>
      ))}
    </Box>
  );
}
