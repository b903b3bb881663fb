import { WORN_LENGTHS, strapForCarrying } from '@/core/contents';
import type { Design } from '@/core/design';
import type { FittingStage } from '@/core/fittings';
import type { Problem } from '@/core/problems';

/**
 * How the bag is carried, and what it is carried by: nothing there that is worn, or not of such a length.
 *
 * Source: the lengths from memory.
 *
 * @param fittings what is put on the bag
 */
export function carryProblems({ contents }: Design, fittings: readonly Pick<FittingStage, 'worn'>[]): Problem[] {
  const usual = WORN_LENGTHS[contents.carried];
  if (!usual) return [];
  const { leastMm, usualMm, mostMm } = usual;
  const at = { place: 'carry', path: ['contents', 'carried'] } as const;
  const worn = fittings.flatMap((fitting) => fitting.worn ?? []);
  if (worn.length === 0)
    return [
      {
        severity: 'decide',
        code: 'carried-without-strap',
        values: { usualMm },
        repairs: [
          {
            code: 'add-strap',
            values: { wornMm: usualMm },
            edits: [{ path: ['straps'], value: [strapForCarrying(contents.carried)] }],
          },
        ],
        ...at,
      },
    ];
  return worn
    .filter(({ mm }) => mm < leastMm || mm > mostMm)
    .map(({ mm, path }): Problem => ({
      severity: 'mind',
      code: 'strap-unlike-carrying',
      values: { wornMm: mm, leastMm, mostMm },
      repairs: path
        ? [{ code: 'strap-worn-to', values: { wornMm: usualMm }, edits: [{ path: [...path], value: usualMm }] }]
        : [],
      ...at,
    }));
}
