import type { EdgeTrim, SpotTrim, Trim } from '@/core/design';
import type { FieldSpecs, SpecsOf } from './fieldSpec';

const small = { kind: 'length', width: '4.5em', fine: true } as const;

const SPOTS = [
  {
    kind: 'choice',
    path: 'on',
    label: 'On',
    change: 'Where the trim sits',
    width: '8em',
    choices: { front: 'The front', flap: 'The flap' },
  },
  { kind: 'count', path: 'count', label: 'How many', change: 'How many', width: '4em' },
  {
    ...small,
    path: 'fromEdgeMm',
    label: 'From the edge',
    change: 'Trim, from the edge',
    help: 'Usual: 15 to 20 mm in.',
  },
] as const satisfies FieldSpecs<SpotTrim>;

const ALONG = [
  {
    kind: 'choice',
    path: 'edge',
    label: 'Along',
    change: 'Edge of the trim',
    width: '11em',
    choices: { mouth: 'The front’s edge', flap: 'The flap’s edge' },
  },
  { kind: 'count', path: 'every', label: 'One in every', change: 'How often', suffix: 'stitches', width: '4em' },
] as const satisfies FieldSpecs<EdgeTrim>;

const PATCH = [
  { ...small, path: 'widthMm', label: 'Across', change: 'Width of the trim' },
  { ...small, path: 'heightMm', label: 'High', change: 'Height of the trim' },
] as const;

/** The fields of every kind of trim, beside its catalogue. */
export const TRIM_FIELDS: SpecsOf<Trim> = {
  tassel: [
    { ...small, path: 'lengthMm', label: 'Long', change: 'Length of the tassel' },
    { kind: 'count', path: 'wraps', label: 'Wraps', change: 'Wraps of the tassel', width: '4.5em' },
    ...SPOTS,
  ],
  flower: [
    { kind: 'count', path: 'petals', label: 'Petals', change: 'Petals of the flower', width: '4em' },
    { kind: 'count', path: 'petalChains', label: 'Chains of a petal', change: 'Chains of a petal', width: '4em' },
    {
      ...small,
      path: 'buttonMm',
      label: 'Button in it',
      change: 'Button of the flower',
      width: '5.5em',
      empty: 'none',
    },
    ...SPOTS,
  ],
  pompon: [
    { ...small, path: 'diameterMm', label: 'Across', change: 'Size of the pompon' },
    { kind: 'count', path: 'wraps', label: 'Wraps', change: 'Wraps of the pompon', width: '4.5em' },
    ...SPOTS,
  ],
  bow: [
    {
      kind: 'choice',
      path: 'of',
      label: 'Of',
      change: 'What the bow is of',
      width: '9em',
      choices: { crochet: 'Crochet', cloth: 'Cloth' },
    },
    ...PATCH,
    ...SPOTS,
  ],
  patch: [...PATCH, ...SPOTS],
  charm: [...PATCH, ...SPOTS],
  'surface-line': [{ ...small, path: 'lengthMm', label: 'Long', change: 'Length of the lines' }, ...SPOTS],
  beads: [
    { ...small, path: 'diameterMm', label: 'Across', change: 'Size of the beads' },
    { ...small, path: 'holeMm', label: 'Their hole', change: 'Hole of the beads' },
    ...ALONG,
  ],
  fringe: [
    { ...small, path: 'lengthMm', label: 'Long', change: 'Length of the fringe' },
    { kind: 'count', path: 'strands', label: 'Strands in each', change: 'Strands of the fringe', width: '4em' },
    ...ALONG,
  ],
  frill: [
    { kind: 'count', path: 'chains', label: 'Chains of a loop', change: 'Chains of the frill', width: '4em' },
    ...ALONG,
  ],
};
