import { linesFlap, linesWalls } from '@/core/design';
import { liningGoesIn, type FittingInput, type StepRule } from '@/core/fittings';

/**
 * Parts that are set through the fabric, or shut in between its layers: each while its own back can be reached. Common practice, no source.
 *
 * @param prefix at the head of its names
 */
export function setThrough(prefix: string, { design, set }: FittingInput): StepRule[] {
  const lined = linesFlap(design);
  return [
    { name: `set-${prefix}-front`, after: ['blocked'], before: ['covered', 'joined'], mark: `${prefix}.mate` },
    {
      name: `set-${prefix}-flap`,
      after: ['blocked', 'cloth-ready'],
      // A part in the hem is set while the hem lies open; under a lining it goes into the cloth, and the hem is turned before.
      before: [
        'covered',
        ...(lined ? [] : (['hem-turned'] as const)),
        ...(lined && liningGoesIn(set, design) === 'last' ? [] : (['joined'] as const)),
      ],
      mark: `${prefix}.half`,
    },
  ];
}

/** Parts that a thread holds: on the front before a lining covers its back, on the flap at any time; where there is no lining, last of all, laid on the filled bag. */
export const setByThread = (prefix: string, { design }: FittingInput): StepRule[] => [
  {
    name: `set-${prefix}-front`,
    after: linesWalls(design) ? ['blocked'] : ['joined'],
    before: linesWalls(design) ? ['covered'] : [],
    mark: `${prefix}.mate`,
  },
  {
    name: `set-${prefix}-flap`,
    after: ['blocked', 'hem-turned', 'covered', 'joined'],
    before: [],
    mark: `${prefix}.half`,
  },
];
