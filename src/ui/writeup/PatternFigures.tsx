import { Box, chakra } from '@chakra-ui/react';
import type { PatternFigure } from './drawnFigures';

/** The drawings that stand in one section of a pattern. */
export function PatternFigures({ figures, of }: { figures: readonly PatternFigure[]; of: string }) {
  return figures
    .filter(({ before }) => before === of)
    .map(({ file, label, notes, source }) => (
      <Box as="figure" key={file} my="3">
        <chakra.img
          src={source}
          alt={label}
          maxW="full"
          maxH="22rem"
          mx="auto"
          display="block"
          mixBlendMode="multiply"
        />
        {notes.map((note) => (
          <chakra.p key={note} maxW="75ch" mb="0.5">
            {note}
          </chakra.p>
        ))}
      </Box>
    ));
}
