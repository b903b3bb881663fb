'use client';

import { Box } from '@chakra-ui/react';
import { useState } from 'react';
import { countCheck, rowToWork, type PartToWork } from '@/core/bench';
import { patternOf, type Design } from '@/core/design';
import { countSentences } from '@/core/wording';
import { TypedField } from '@/ui/fields/TypedField';
import type { MakingLog } from './makingLog';

/** What she counts in the row just worked, and where a slip probably is. */
export function CountCheckField({
  log,
  part,
  design,
  row,
}: {
  log: MakingLog;
  part: PartToWork;
  design: Design;
  /** The last row that is worked; 0 before the first. */
  row: number;
}) {
  const [said, setSaid] = useState<{ row: number; count: string; sentences: string[] } | null>(null);
  const work = rowToWork(part.of, row);
  if (!work) return null;
  const answer = said?.row === row ? said : null;
  return (
    <Box>
      <TypedField
        label={`Stitches in ${work.counted} ${row}`}
        placeholder={String(work.stitches)}
        shown={answer?.count ?? ''}
        commit={(typed) => {
          const count = typed.trim();
          if (!/^\d{1,4}$/.test(count)) return 'Write how many stitches you count.';
          log.tell({ kind: 'count', piece: part.piece, copy: part.copy, row, stitches: Number(count) });
          const check = countCheck({
            counted: Number(count),
            row: work,
            after: rowToWork(part.of, row + 1)?.stitches ?? null,
            repeatStitches: part.of.kind === 'beside' || part.of.plain ? 1 : patternOf(design).repeatStitches,
            turningChainCounts: design.settings.turningChain === 'counts',
          });
          setSaid({ row, count, sentences: countSentences(check, work.counted) });
          return null;
        }}
      />
      {answer && (
        <Box role="status" fontSize="15px" mt="1" maxW="34em" data-testid="count-check">
          {answer.sentences.map((sentence) => (
            <Box key={sentence}>{sentence}</Box>
          ))}
        </Box>
      )}
    </Box>
  );
}
