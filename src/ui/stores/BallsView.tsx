'use client';

import { Box, Stack } from '@chakra-ui/react';
import { formatQuantity } from '@/core/wording';
import { useBag } from '@/ui/bag/BagProvider';
import { clothStyle } from '@/ui/theme/colours';

const BALL_PX = 96;
const MOST_DRAWN = 20;

/** The balls to buy of every yarn, the last one filled as far as it will be used. */
export function BallsView() {
  const lots = useBag((state) => state.plan.yarn.lots);
  const { swatch, furtherYarns } = useBag((state) => state.design);
  if (lots.length === 0) return null;
  return (
    <Stack gap="4">
      {lots.map(({ name, yarn, mass, balls: { value: balls }, ballMassG }, lot) => {
        const used = mass.value / ballMassG;
        const colour = furtherYarns[yarn - 1]?.colour ?? swatch.yarn.colour;
        return (
          <Box
            key={lot}
            style={clothStyle(colour)}
            display="flex"
            flexWrap="wrap"
            gap="3"
            role="img"
            aria-label={`${name}: ${formatQuantity(balls, 'ball', 'cm')}, of which ${used.toFixed(1)} ${used > 1 ? 'are' : 'is'} used`}
          >
            {Array.from({ length: Math.min(balls, MOST_DRAWN) }, (_, index) => (
              <Ball key={index} share={Math.min(1, Math.max(0, used - index))} id={`ball${lot}-${index}`} />
            ))}
            {balls > MOST_DRAWN && <Box alignSelf="center">and {balls - MOST_DRAWN} more</Box>}
          </Box>
        );
      })}
    </Stack>
  );
}

function Ball({ share, id }: { share: number; id: string }) {
  const radius = BALL_PX / 2 - 3;
  return (
    <svg width={BALL_PX} height={BALL_PX} viewBox={`${-BALL_PX / 2} ${-BALL_PX / 2} ${BALL_PX} ${BALL_PX}`} aria-hidden>
      <clipPath id={id}>
        <rect x={-radius} y={radius - 2 * radius * share} width={2 * radius} height={2 * radius * share} />
      </clipPath>
      <circle r={radius} fill="none" stroke="var(--cloth)" strokeWidth="1.5" strokeDasharray="4 4" />
      <g clipPath={`url(#${id})`}>
        <circle r={radius} fill="var(--cloth)" />
        {[-24, -12, 0, 12, 24].map((offset) => (
          <ellipse
            key={offset}
            rx={radius}
            ry={radius * 0.42}
            transform={`rotate(${offset * 3}) translate(0 ${offset * 0.5})`}
            fill="none"
            stroke="var(--thread)"
            strokeWidth="2"
          />
        ))}
      </g>
    </svg>
  );
}
