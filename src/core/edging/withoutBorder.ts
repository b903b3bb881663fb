import { SEAMS } from '@/core/body';
import type { Design } from '@/core/design';
import type { Join } from '@/core/pieces';
import type { Problem } from '@/core/problems';
import type { PouchStage } from '@/core/stages';

/** A seam that is meant to go through the outer loops of a border, where the edges that it joins have none. */
export function withoutBorderProblems(
  { body: { seam } }: Pick<Design, 'body'>,
  { borders }: Pick<PouchStage, 'borders'>,
  joins: readonly Join[],
): Problem[] {
  const isSewn = joins.some(({ made, id }) => made === 'sewn' && id !== 'flap');
  if (seam.kind !== 'outer-loops' || !isSewn || borders.sidesMm > 0 || borders.bandMm > 0) return [];
  return [
    {
      code: 'outer-loops-without-border',
      severity: 'mind',
      place: 'body',
      path: ['body', 'seam', 'kind'],
      values: {},
      repairs: [
        {
          code: 'whip-the-seam',
          values: {},
          edits: [
            { path: ['body', 'seam', 'kind'], value: 'whip' },
            { path: ['body', 'seam', 'takeUpStitches'], value: SEAMS.whip.takeUp.usual },
          ],
        },
      ],
    },
  ];
}
