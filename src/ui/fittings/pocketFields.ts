import type { Pocket, PocketOf } from '@/core/design';
import type { FieldSpec, FieldSpecs, SpecsOf } from './fieldSpec';

const small = { kind: 'length', width: '4.5em', fine: true } as const;

const PLACED = [
  {
    kind: 'choice',
    path: 'holds',
    label: 'For',
    change: 'What the pocket is for',
    width: '13em',
    choices: ({ contents }) => ({
      '': 'Nothing on the list',
      ...Object.fromEntries(contents.items.map(({ thing }) => [thing.id, thing.name])),
    }),
    as: { shown: (kept) => (kept as string | null) ?? '', kept: (shown) => (shown === '' ? null : shown) },
  },
  {
    kind: 'choice',
    path: 'on',
    label: 'On',
    change: 'Wall of the pocket',
    width: '7em',
    choices: { front: 'The front', back: 'The back' },
  },
  { ...small, path: 'fromMouthMm', label: 'Below the mouth', change: 'Pocket, below the mouth' },
  {
    ...small,
    path: 'acrossMm',
    label: 'From the middle',
    change: 'Pocket, from the middle',
    help: 'Less than 0: to the other side.',
  },
] as const satisfies FieldSpecs<Pocket>;

type Sized = Exclude<Pocket, { kind: 'loop' }>;

const SIZED = [
  { ...small, path: 'widthMm', label: 'Across', change: 'Width of the pocket', width: '6.5em', empty: 'as needed' },
  { ...small, path: 'heightMm', label: 'Up', change: 'Height of the pocket', width: '6.5em', empty: 'as needed' },
] as const satisfies FieldSpecs<Sized>;

const SEAM = {
  ...small,
  path: 'seamMm',
  label: 'Turned under',
  change: 'Seam of the pocket',
  help: 'Usual: 8 to 12 mm.',
} as const satisfies FieldSpec<PocketOf<'slip'>>;

const HEM = {
  ...small,
  path: 'hemMm',
  label: 'Hem at its edge',
  change: 'Hem of the pocket',
} as const satisfies FieldSpec<PocketOf<'slip'>>;

/** The fields of every kind of pocket, beside its catalogue. */
export const POCKET_FIELDS: SpecsOf<Pocket> = {
  slip: [...PLACED, ...SIZED, SEAM, HEM],
  divided: [
    ...PLACED,
    { kind: 'count', path: 'parts', label: 'Parts', change: 'Parts of the pocket', width: '4em' },
    ...SIZED,
    SEAM,
    HEM,
  ],
  zipped: [...PLACED, ...SIZED, { ...SEAM, label: 'Seam' }],
  crocheted: [...PLACED, ...SIZED],
  vinyl: [
    ...PLACED,
    ...SIZED,
    { ...small, path: 'pitchMm', label: 'Hole to hole', change: 'Holes of the pocket' },
    {
      ...small,
      path: 'holesInMm',
      label: 'Holes from the edge',
      change: 'Holes of the pocket',
      help: 'Usual: 6 to 12 mm.',
    },
  ],
  loop: [
    ...PLACED,
    { ...small, path: 'heightMm', label: 'Strip, wide', change: 'Width of the loop' },
    {
      ...small,
      path: 'girthMm',
      label: 'Free between its ends',
      change: 'Length of the loop',
      width: '6.5em',
      empty: 'as needed',
    },
  ],
};
