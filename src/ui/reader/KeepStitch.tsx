'use client';

import { Box, Button, Flex } from '@chakra-ui/react';
import { nanoid } from 'nanoid';
import { useState } from 'react';
import { ownStitchIdSchema, ownStitchSchema } from '@/core/design';
import { stitchOfPart, type ReadPart, type TermSet } from '@/core/reader';
import { STITCHES, type StitchPattern } from '@/core/stitches';
import { noStitchText } from '@/core/wording';
import { keepIn } from '@/ui/library/library';

/** Keeps what a read piece is worked in as a stitch of her own, to be chosen in any bag. */
export function KeepStitch({ part, terms }: { part: ReadPart; terms: TermSet }) {
  const [said, setSaid] = useState<string | null>(null);
  const keep = async () => {
    const stitch = stitchOfPart(part, terms);
    if (!stitch.ok) return setSaid(noStitchText(stitch));
    const { base, setupRows, rows, repeatStitches, edgeStitches } = stitch;
    const plain = (STITCHES as Record<string, StitchPattern | undefined>)[base] ?? STITCHES.sc;
    const name = `${part.title || 'Read pattern'} ${new Date().toLocaleDateString('en-GB')}`.slice(0, 60);
    const one = ownStitchSchema.safeParse({
      ...{ id: ownStitchIdSchema.parse(`own:${nanoid(10)}`), name, base, setupRows, rows },
      ...{ firstRowPublic: true, nature: plain.nature },
    });
    if (!one.success) return setSaid(one.error.issues[0]?.message ?? 'It is too large for a stitch.');
    const refused = await keepIn('/api/stitches', one.data);
    setSaid(
      refused ??
        `Kept as “${name}”: it repeats over ${repeatStitches} ${repeatStitches === 1 ? 'stitch' : 'stitches'}${edgeStitches > 0 ? `, plus ${edgeStitches}` : ''}. Choose it at Stitch, and work a swatch of it: its height and thickness are those of its plain stitch so far.`,
    );
  };
  return (
    <Flex gap="3" mb="4" align="center" wrap="wrap">
      <Button size="sm" minH="44px" variant="outline" bg="paper" onClick={() => void keep()}>
        Keep it as a stitch of mine
      </Button>
      {said && (
        <Box role="status" fontSize="14.5px" flex="1 1 16em" data-testid="kept-stitch">
          {said}
        </Box>
      )}
    </Flex>
  );
}
