import type { Closure, FlatLining, Lining, MagneticSnap, PlainStrap, Strap } from '@/core/design';

/** One choice of a fitting, as a field: what it is called, where it stands in the fitting, and the name of its change. */
export type FieldSpec<Choice> = {
  path: keyof Choice & string;
  label: string;
  change: string;
  width?: string;
  help?: string;
} & (
  | {
      kind: 'length';
      /** For thicknesses and small parts: millimetres, or hundredths of an inch. */
      fine?: boolean;
    }
  | { kind: 'choice'; choices: readonly { value: string; label: string }[] }
);

/** The row of fields of one kind. Limits, and the sentence that is said where one is passed, are its schema's. */
type FieldSpecs<Choice> = readonly FieldSpec<Choice>[];

const SNAP: FieldSpecs<MagneticSnap> = [
  { kind: 'length', path: 'diameterMm', label: 'Across', change: 'Snap size', width: '4.5em', fine: true },
  { kind: 'length', path: 'insetMm', label: 'From the flap’s edge', change: 'Snap inset', width: '4.5em', fine: true },
  {
    kind: 'choice',
    path: 'layout',
    label: 'How many',
    change: 'How many snaps',
    width: '11em',
    choices: [
      { value: 'centre', label: 'One, in the middle' },
      { value: 'pair', label: 'Two, a quarter in' },
    ],
  },
  {
    kind: 'choice',
    path: 'mate',
    label: 'Mate set for',
    change: 'Mate set for',
    width: '11.5em',
    choices: [
      { value: 'loaded', label: 'The loaded bag' },
      { value: 'between', label: 'Halfway between' },
      { value: 'both', label: 'Both, two mates' },
    ],
  },
];

const PLAIN_STRAP: FieldSpecs<PlainStrap> = [
  { kind: 'length', path: 'widthMm', label: 'Width', change: 'Strap width', width: '5em', fine: true },
  {
    kind: 'length',
    path: 'wornLengthMm',
    label: 'Worn length',
    change: 'Worn length',
    width: '6em',
    help: 'Tape from foot to foot, over the shoulder.',
  },
  { kind: 'length', path: 'overlapMm', label: 'Sewn down at each end', change: 'Overlap', width: '5em', fine: true },
  {
    kind: 'choice',
    path: 'school',
    label: 'Measured',
    change: 'Strap measured',
    width: '15em',
    choices: [
      { value: 'pulled', label: 'Fully pulled' },
      { value: 'slack', label: 'Slack, reinforced inside' },
    ],
  },
];

const FLAT_LINING: FieldSpecs<FlatLining> = [
  {
    kind: 'length',
    path: 'allowanceMm',
    label: 'Cloth beyond the panel',
    change: 'Lining allowance',
    width: '5em',
    help: 'Usual: 12 to 25 mm.',
    fine: true,
  },
  {
    kind: 'length',
    path: 'insetMm',
    label: 'Edge inside the crochet’s',
    change: 'Lining inset',
    width: '5em',
    fine: true,
  },
  {
    kind: 'length',
    path: 'thicknessMm',
    label: 'Cloth thickness',
    change: 'Lining thickness',
    width: '5em',
    help: 'Counts in the folds.',
    fine: true,
  },
];

type SpecsOf<Union extends { kind: string }> = { [Kind in Union['kind']]: FieldSpecs<Extract<Union, { kind: Kind }>> };

/** The fields of every kind, beside its catalogue. A new kind is a list and a line here. */
export const CLOSURE_FIELDS: SpecsOf<Closure> = { 'magnetic-snap': SNAP };
export const STRAP_FIELDS: SpecsOf<Strap> = { plain: PLAIN_STRAP };
export const LINING_FIELDS: SpecsOf<Lining> = { flat: FLAT_LINING };
