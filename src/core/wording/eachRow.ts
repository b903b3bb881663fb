import type { Design } from '@/core/design';
import type { Piece } from '@/core/pieces';
import type { Plan } from '@/core/plan';
import { beforeScallops, flapTail } from './pieceText';
import { discRoundWords, halfDiscRowWords, ovalRoundWords, sidesRoundWords } from './roundsText';
import { plainRowLines, turnedRowWords, withoutNumber } from './rowsText';
import { inPlainStitch } from './rowText';

/**
 * What is worked in every row or round of a piece, in words, one for each and without its number: where a pattern says "repeat rows 2 to 5", here each is told in full.
 * Scallops are worked one after the other; their rows are told once.
 *
 * @returns as many as the piece has rows or rounds, the first one first
 */
export function wordsOfEachRow(design: Design, plan: Plan, piece: Piece): string[] {
  const worked = piece.plain ? inPlainStitch(design) : design;
  switch (piece.kind) {
    case 'disc':
      return discRoundWords(worked, piece);
    case 'half-disc':
      return halfDiscRowWords(worked, piece);
    case 'oval':
      return ovalRoundWords(worked, piece);
    case 'rows': {
      const { rows, end, scallops } = beforeScallops(plan, piece);
      const inScallops = scallops
        ? plainRowLines(inPlainStitch(worked), { from: end + 1, rows: scallops.rows, belowCounts: false })
        : [];
      const each = inScallops.map((line) => `in each scallop: ${withoutNumber(line)}`);
      const { roundCount, startStitches } = piece;
      if (roundCount === 0)
        return [...turnedRowWords(worked, { from: 1, rows, startStitches, over: 'beginning' }), ...each];
      const { startStitches: flapStitches } = plan.flap;
      const tail = flapTail(rows.slice(roundCount), flapStitches);
      return [
        ...sidesRoundWords(worked, plan, piece),
        ...turnedRowWords(worked, { from: roundCount + 1, rows: tail, startStitches: flapStitches, over: 'rounds' }),
        ...each,
      ];
    }
  }
}
