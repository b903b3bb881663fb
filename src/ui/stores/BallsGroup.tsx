'use client';

import { Box } from '@chakra-ui/react';
import { useMemo } from 'react';
import type { PieceId } from '@/core/pieces';
import { ballsForPieces, ballsOf, piecesOfYarn, stockItemSchema, type Ball, type PieceFromBalls } from '@/core/stock';
import { PIECE_NAMES } from '@/core/wording';
import { formatMass, type LengthUnit } from '@/core/units';
import { useBag } from '@/ui/bag/BagProvider';
import { Group } from '@/ui/bag/PlaceLayout';
import { useWholeLibrary } from '@/ui/library/library';

const nameOf = (id: PieceId): string => PIECE_NAMES[id];

/** Which piece is worked from which ball, so that yarn is joined in as few as can be. Told of a bag in one yarn, once its swatch was weighed. */
export function BallsGroup() {
  const plan = useBag((state) => state.plan);
  const unit = useBag((state) => state.design.settings.lengthUnit);
  const stock = useWholeLibrary('/api/stock', stockItemSchema);
  const told = useMemo(() => {
    const pieces = piecesOfYarn(plan, nameOf);
    const balls = pieces && ballsOf(plan.yarn, stock);
    return pieces && balls && { balls, pieces: ballsForPieces(pieces, balls) };
  }, [plan, stock]);
  if (!told) return null;
  const joined = told.pieces.filter(({ from }) => from.length > 1).length;
  return (
    <Group title="From which ball">
      <Box as="ul" listStyleType="none" data-testid="balls">
        {told.pieces.map((one, index) => (
          <Box as="li" key={index}>
            <b>{firstLarge(one.piece.name)}</b>: {fromText(one, told.balls, unit)}
          </Box>
        ))}
      </Box>
      <Box mt="1" fontSize="14px">
        Each with its ± on top, so that it surely lasts.{' '}
        {joined === 0
          ? 'No piece has to be joined.'
          : `${joined === 1 ? 'One piece has' : `${joined} pieces have`} yarn joined in: do so at an edge, or where a fold or the lining hides it.`}{' '}
        What sews is what is left over.
      </Box>
    </Group>
  );
}

const firstLarge = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);

function fromText({ piece, from, lackingG }: PieceFromBalls, balls: readonly Ball[], unit: LengthUnit): string {
  const mass = (massG: number) => formatMass(Math.ceil(massG), unit);
  const parts = from.map(({ ball, massG }) =>
    from.length === 1 && lackingG === 0
      ? `${balls[ball]?.name} (${mass(massG)})`
      : `${mass(massG)} of ${balls[ball]?.name}`,
  );
  const lacking = lackingG > 0 ? [`${mass(lackingG)} are lacking`] : [];
  return [...parts, ...lacking].join(', then ') || `${mass(piece.massG)} are lacking`;
}
