'use client';

import { Box, Button, Flex } from '@chakra-ui/react';
import { nanoid } from 'nanoid';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { ownStitchIdSchema, swatchIdSchema } from '@/core/design';
import { translatorOf } from '@/core/language';
import {
  asOwnStitch,
  bagOfPart,
  readPattern,
  stitchOfPart,
  type BagKind,
  type ReadPart,
  type ReadPattern,
} from '@/core/reader';
import { noBagText, noStitchText } from '@/core/wording';
import { useLastSettings } from '@/ui/bag/useLastSettings';
import { keepIn } from '@/ui/library/library';
import { bagFrom } from '@/ui/shelf/shelfActions';

const newStitchId = () => ownStitchIdSchema.parse(`own:${nanoid(10)}`);

interface WhatItBecomesProps {
  text: string;
  read: ReadPattern;
  part: ReadPart;
  /** Whether all of this is of the text as it stands. */
  isCurrent: boolean;
}

/** What a read piece can become: a stitch of her own, to be chosen in any bag; a strip that is folded; the faces of a bag with a gusset. */
export function WhatItBecomes({ text, read, part, isCurrent }: WhatItBecomesProps) {
  const [said, setSaid] = useState<string | null>(null);
  const terms = read.terms.set ?? 'us';
  const settings = useLastSettings();
  const router = useRouter();
  const keep = async () => {
    const stitch = stitchOfPart(part, terms);
    if (!stitch.ok) return setSaid(noStitchText(stitch));
    const { repeatStitches, edgeStitches } = stitch;
    const name = `${part.title || 'Read pattern'} ${new Date().toLocaleDateString('en-GB')}`.slice(0, 60);
    try {
      const refused = await keepIn('/api/stitches', asOwnStitch(stitch, newStitchId(), name));
      setSaid(
        refused ??
          `Kept as “${name}”: it repeats over ${repeatStitches} ${repeatStitches === 1 ? 'stitch' : 'stitches'}${edgeStitches > 0 ? `, plus ${edgeStitches}` : ''}. Choose it at Stitch, and work a swatch of it: its height and thickness are those of its plain stitch so far.`,
      );
    } catch {
      setSaid('It is too large for a stitch.');
    }
  };
  const make = async (kind: BagKind) => {
    const swatchId = swatchIdSchema.parse(`read-${nanoid(10)}`);
    const [words, piece] = inEnglish(text, read, part);
    const bag = bagOfPart(words, piece, { kind, terms, swatchId, ownStitchId: newStitchId(), settings });
    if (!bag.ok) return setSaid(noBagText(bag));
    const made = await bagFrom(bag.design);
    if ('sentence' in made) return setSaid(made.sentence);
    router.push(`/bags/${made.id}/body`);
  };
  return (
    <Box mb="4">
      <Flex gap="2" align="center" wrap="wrap">
        <PieceButton isOff={!isCurrent} onClick={() => void keep()}>
          Keep it as a stitch of mine
        </PieceButton>
        <PieceButton isOff={!isCurrent} onClick={() => void make('fold-over-strip')}>
          Fold it into a bag
        </PieceButton>
        <PieceButton isOff={!isCurrent} onClick={() => void make('gusset')}>
          Make it a front and a back
        </PieceButton>
      </Flex>
      {said && (
        <Box role="status" mt="1" fontSize="14.5px" data-testid="kept-stitch">
          {said}
        </Box>
      )}
    </Box>
  );
}

/** The text and one of its parts in English, where what is said between the rows is looked for. */
function inEnglish(text: string, { language, parts }: ReadPattern, part: ReadPart): [string, ReadPart] {
  if (language === null) return [text, part];
  const us = translatorOf(language).back(text).text;
  return [us, readPattern(us, 'us').parts[parts.indexOf(part)] ?? part];
}

function PieceButton({ isOff, onClick, children }: { isOff: boolean; onClick: () => void; children: React.ReactNode }) {
  return (
    <Button size="sm" minH="44px" variant="outline" bg="paper" disabled={isOff} onClick={onClick}>
      {children}
    </Button>
  );
}
