import type { Hardware, Ring } from '@/core/design';
import type { FieldSpecs, SpecsOf } from './fieldSpec';

const small = { kind: 'length', width: '4.5em', fine: true } as const;

const PLACED = [
  {
    kind: 'choice',
    path: 'on',
    label: 'On',
    change: 'Where the hardware sits',
    width: '9em',
    choices: { sides: 'Both sides', front: 'The front', back: 'The back', flap: 'The flap' },
  },
  {
    kind: 'count',
    path: 'count',
    applies: ({ on }: Hardware) => on !== 'sides',
    label: 'How many',
    change: 'How many',
    width: '4em',
  },
  { ...small, path: 'fromEdgeMm', label: 'From the edge', change: 'Hardware, from the edge' },
] as const satisfies FieldSpecs<Hardware>;

const INSIDE = { ...small, path: 'insideMm', label: 'Inside', change: 'Inside width' } as const;

const RING: FieldSpecs<Ring> = [
  {
    kind: 'choice',
    path: 'shape',
    label: 'Shape',
    change: 'Shape of the ring',
    width: '7em',
    choices: { d: 'Like a D', round: 'Round' },
  },
  INSIDE,
  { ...small, path: 'wireMm', label: 'Wire', change: 'Wire of the ring' },
  {
    kind: 'choice',
    path: 'held',
    label: 'Held',
    change: 'How the ring is held',
    width: '12em',
    choices: { tab: 'In a folded tab', seam: 'In the side seam', 'worked-in': 'Worked into a row', sewn: 'Sewn over' },
  },
  ...PLACED,
];

/** The fields of every kind of hardware, beside its catalogue. */
export const HARDWARE_FIELDS: SpecsOf<Hardware> = {
  ring: RING,
  rivet: [
    { ...small, path: 'headMm', label: 'Head', change: 'Head of the rivet' },
    { ...small, path: 'shankMm', label: 'Shank, long', change: 'Shank of the rivet' },
    ...PLACED,
  ],
  eyelet: [
    { ...small, path: 'holeMm', label: 'Hole', change: 'Hole of the eyelet' },
    { ...small, path: 'rimMm', label: 'Its rim', change: 'Rim of the eyelet' },
    { ...small, path: 'barrelMm', label: 'Barrel, long', change: 'Barrel of the eyelet' },
    ...PLACED,
  ],
  clasp: [INSIDE, { ...small, path: 'lengthMm', label: 'Long', change: 'Length of the clasp' }, ...PLACED],
  'handle-plate': [
    { ...small, path: 'widthMm', label: 'Across', change: 'Width of the plate' },
    { ...small, path: 'heightMm', label: 'High', change: 'Height of the plate' },
    { kind: 'count', path: 'holes', label: 'Its holes', change: 'Holes of the plate', width: '4em' },
    ...PLACED,
  ],
};
