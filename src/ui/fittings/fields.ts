import { edgesOf } from '@/core/borders';
import { isNoSew } from '@/core/design';
import type {
  BoughtStrap,
  DropInLining,
  Edging,
  EdgingEdge,
  FlapLining,
  FlatLining,
  CrochetedLining,
  CutLining,
  Lining,
  Stiffener,
  Strap,
  WallStiffener,
  WorkedStrap,
} from '@/core/design';
import type { FieldSpec, FieldSpecs, SpecsOf } from './fieldSpec';

/** Of a cord the width follows from its yarn. */
const CORD: FieldSpecs<WorkedStrap> = [
  {
    kind: 'choice',
    path: 'school',
    label: 'Measured',
    change: 'Strap measured',
    width: '15em',
    choices: {
      pulled: 'Fully pulled',
      loaded: 'Under this bag’s weight',
      slack: 'Slack, reinforced inside',
    },
  },
];

const ACROSS = {
  kind: 'length',
  path: 'widthMm',
  label: 'Width',
  change: 'Strap width',
  width: '5em',
  fine: true,
} as const satisfies FieldSpec<Strap>;

const WORKED_STRAP: FieldSpecs<WorkedStrap> = [ACROSS, ...CORD];

const THICK = {
  kind: 'length',
  path: 'thicknessMm',
  label: 'Thickness',
  change: 'Strap thickness',
  width: '5em',
  fine: true,
} as const satisfies FieldSpec<BoughtStrap>;

const METRE = {
  kind: 'count',
  path: 'massPerMetreG',
  label: 'One metre weighs',
  change: 'Mass of the strap',
  suffix: 'g',
  empty: 'not weighed',
  width: '7em',
} as const satisfies FieldSpec<BoughtStrap>;

/** What every lining is asked. */
const LINED = [
  {
    kind: 'choice',
    path: 'stuff',
    label: 'Of',
    change: 'What the lining is of',
    width: '8em',
    choices: { cloth: 'Cloth', felt: 'Felt', fleece: 'Fleece', vinyl: 'Vinyl' },
  },
  {
    kind: 'length',
    path: 'thicknessMm',
    label: 'Its thickness',
    change: 'Lining thickness',
    width: '5em',
    help: 'Of one layer. Counts in the folds.',
    fine: true,
  },
  {
    kind: 'choice',
    path: 'layers',
    label: 'Layers',
    change: 'Layers of the lining',
    width: '9em',
    choices: { '1': 'One', '2': 'Two, as one' },
    as: { shown: String, kept: Number },
  },
  {
    kind: 'length',
    path: 'interfacingMm',
    label: 'Interfacing, thick',
    change: 'Interfacing',
    width: '5em',
    empty: 'none',
    help: 'Stuck to its wrong side.',
    fine: true,
  },
  {
    kind: 'choice',
    path: 'joined',
    label: 'Joined',
    change: 'How the lining is joined',
    width: '13em',
    choices: {
      'by-hand': 'Whipped in by hand',
      'by-machine': 'Sewn by machine',
      'through-holes': 'Crocheted through holes',
    },
  },
  {
    kind: 'length',
    path: 'pitchMm',
    applies: ({ joined }: CutLining) => joined === 'through-holes',
    label: 'Holes every',
    change: 'Holes of the lining',
    width: '4.5em',
    fine: true,
  },
  {
    kind: 'length',
    path: 'holesInMm',
    applies: ({ joined }: CutLining) => joined === 'through-holes',
    label: 'In from the edge',
    change: 'Holes of the lining, in from the edge',
    width: '4.5em',
    help: 'Usual: 6 to 12 mm.',
    fine: true,
  },
  {
    kind: 'choice',
    path: 'perforated',
    applies: (lining: CutLining) => lining.joined === 'through-holes' && (lining.layers > 1 || isNoSew(lining)),
    label: 'Perforated',
    change: 'How the lining is perforated',
    width: '13em',
    choices: { each: 'Each layer by itself', together: 'Both layers at once' },
  },
  {
    kind: 'count',
    path: 'counted',
    applies: ({ joined }: CutLining) => joined === 'through-holes',
    label: 'Holes you counted',
    change: 'Holes of the lining, counted',
    width: '7em',
    empty: 'as planned',
  },
] as const satisfies FieldSpecs<CutLining>;

const ALLOWANCE = [
  {
    kind: 'length',
    path: 'allowanceMm',
    applies: ({ stuff }: FlatLining | FlapLining) => stuff === 'cloth',
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
] as const satisfies FieldSpecs<FlatLining | FlapLining>;

const FLAT_LINING: FieldSpecs<FlatLining> = [...ALLOWANCE, ...LINED];
const FLAP_LINING: FieldSpecs<FlapLining> = [...ALLOWANCE, ...LINED];

const EASE = {
  kind: 'length',
  path: 'easeMm',
  label: 'Smaller by',
  change: 'Ease of the lining',
  width: '4.5em',
  help: 'Usual: 3 to 6 mm.',
  fine: true,
} as const;
const EDGE_BELOW = {
  kind: 'length',
  path: 'belowMm',
  label: 'Edge below the mouth',
  change: 'Edge of the lining',
  width: '4.5em',
  fine: true,
} as const;

const DROP_IN: FieldSpecs<DropInLining> = [
  {
    kind: 'choice',
    path: 'cut',
    label: 'Cut',
    change: 'How the lining is cut',
    width: '15em',
    choices: { folded: 'In one, folded below', two: 'In two, front and back', walls: 'A piece for each wall' },
  },
  {
    kind: 'choice',
    path: 'seams',
    applies: ({ stuff, joined }) => stuff !== 'cloth' && joined === 'through-holes',
    label: 'Its own seams',
    change: 'How the lining’s seams are made',
    width: '14em',
    choices: { sewn: 'Sewn', 'through-holes': 'Crocheted through holes' },
  },
  {
    kind: 'length',
    path: 'seamMm',
    applies: (lining) => !isNoSew(lining),
    label: 'Seams',
    change: 'Seams of the lining',
    width: '4.5em',
    fine: true,
  },
  {
    kind: 'length',
    path: 'hemMm',
    applies: ({ stuff, joined }) => stuff === 'cloth' && joined !== 'by-machine',
    label: 'Hem at its edge',
    change: 'Hem of the lining',
    width: '4.5em',
    fine: true,
  },
  EASE,
  EDGE_BELOW,
  ...LINED,
];

const IN_100 = { kind: 'count', suffix: 'in 10 cm', width: '8em' } as const;
const CROCHETED: FieldSpecs<CrochetedLining> = [
  {
    ...IN_100,
    path: 'stitchesIn100Mm',
    label: 'Its stitches',
    change: 'Gauge of the lining',
    help: 'Of a swatch of single crochet in its yarn, blocked.',
  },
  { ...IN_100, path: 'rowsIn100Mm', label: 'Its rows', change: 'Gauge of the lining' },
  { kind: 'count', path: 'hookMm', label: 'Its hook', change: 'Hook of the lining', suffix: 'mm', width: '6em' },
  {
    kind: 'length',
    path: 'thicknessMm',
    label: 'Its thickness',
    change: 'Lining thickness',
    width: '5em',
    help: 'Counts in the folds.',
    fine: true,
  },
  EASE,
  EDGE_BELOW,
  {
    kind: 'count',
    path: 'counted',
    label: 'Stitches you counted',
    change: 'Stitches of the lining’s edge, counted',
    empty: 'as planned',
    width: '7em',
  },
];

const EDGES: Readonly<Record<EdgingEdge, string>> = {
  strip: 'Round the strip',
  mouth: 'The mouth',
  flap: 'Round the flap',
  band: 'Both long edges',
};

/** Ratios that can be kept in mind while working. */
const PICK_UPS = ['1:1', '2:1', '3:2', '4:3', '5:4', '3:4', '2:3', '1:2'];
const FLAT = 'flat';

const EDGING: FieldSpecs<Edging> = [
  {
    kind: 'choice',
    path: 'edge',
    label: 'Along',
    change: 'Edging along',
    width: '14em',
    choices: (design, { edge }) => Object.fromEntries([...edgesOf(design), edge].map((one) => [one, EDGES[one]])),
  },
  { kind: 'count', path: 'rounds', label: 'Plain rounds', change: 'Rounds of the edging', width: '4em' },
  {
    kind: 'count',
    path: 'hookMm',
    label: 'Hook',
    change: 'Hook of the edging',
    suffix: 'mm',
    empty: 'as the bag',
    width: '6.5em',
  },
  {
    kind: 'choice',
    path: 'pickUp',
    label: 'Along row ends',
    change: 'Pick-up of the edging',
    width: '12em',
    choices: (_, { pickUp }) => {
      const ratios = [...PICK_UPS, ...(pickUp ? [`${pickUp.stitches}:${pickUp.rows}`] : [])];
      return { [FLAT]: 'As lies flat', ...Object.fromEntries(ratios.map((ratio) => [ratio, ratioWords(ratio)])) };
    },
    as: {
      shown: (kept) => {
        const ratio = kept as Edging['pickUp'];
        return ratio ? `${ratio.stitches}:${ratio.rows}` : FLAT;
      },
      kept: (shown) => {
        const [stitches, rows] = shown.split(':').map(Number);
        return shown === FLAT ? null : { stitches, rows };
      },
    },
  },
  {
    kind: 'choice',
    path: 'corner',
    label: 'Corners',
    change: 'Corners of the edging',
    width: '13em',
    choices: {
      'three-in-one': 'Three in one',
      'one-chain-one': 'One, chain 1, one',
      'one-chain': 'A single chain',
    },
  },
  {
    kind: 'choice',
    path: 'blocking',
    label: 'Blocking',
    change: 'When the edging is worked',
    width: '13em',
    choices: {
      before: 'Worked before it',
      after: 'Worked after it',
    },
  },
  {
    kind: 'choice',
    path: 'seaming',
    label: 'Joining the pieces',
    change: 'When the edging is worked',
    width: '13em',
    // Round a strip and along a band there is no other way, whatever was chosen for another edge.
    choices: (_, { edge, seaming }) =>
      edge === 'strip' || edge === 'band'
        ? { [seaming]: 'Worked before it' }
        : { before: 'Worked before it', after: 'Worked after it' },
  },
];

type OwnEdging = Extract<Edging, { kind: 'own' }>;

const OWN_EDGING: FieldSpecs<OwnEdging> = [
  {
    kind: 'choice',
    path: 'stitch',
    label: 'Pattern',
    change: 'Pattern of the edging',
    choices: ({ ownStitches }) => Object.fromEntries(ownStitches.map(({ id, name }) => [id, name])),
  },
  ...EDGING,
];

function ratioWords(ratio: string): string {
  const [stitches, rows] = ratio.split(':').map(Number);
  return rows === 1 ? `${stitches} in each` : `${stitches} in every ${rows}`;
}

/** The fields of every kind, beside its catalogue. A new kind is a list and a line here. */
export const STRAP_FIELDS: { [Kind in Strap['kind']]: FieldSpecs<Extract<Strap, { kind: Kind }>> } = {
  plain: WORKED_STRAP,
  lengthwise: WORKED_STRAP,
  double: WORKED_STRAP,
  linen: WORKED_STRAP,
  edged: WORKED_STRAP,
  tube: WORKED_STRAP,
  spiral: WORKED_STRAP,
  'i-cord': WORKED_STRAP,
  'chain-cord': CORD,
  'twisted-cord': CORD,
  'plaited-cord': CORD,
  rope: [{ ...ACROSS, label: 'Thickness' }, METRE],
  leather: [ACROSS, THICK, METRE],
  webbing: [ACROSS, THICK, METRE],
  'metal-chain': [ACROSS, THICK, METRE],
  'ready-made': [
    {
      kind: 'length',
      path: 'lengthMm',
      label: 'Its length',
      change: 'Length of the strap',
      width: '6em',
      help: 'From clasp to clasp, with both.',
    },
    ACROSS,
    METRE,
  ],
};
export const LINING_FIELDS: SpecsOf<Lining> = {
  flat: FLAT_LINING,
  'drop-in': DROP_IN,
  crocheted: CROCHETED,
  'flap-only': FLAP_LINING,
};
export const EDGING_FIELDS: { [Kind in Edging['kind']]: FieldSpecs<Edging> | FieldSpecs<OwnEdging> } = {
  'slip-stitch': EDGING,
  single: EDGING,
  crab: EDGING,
  picot: EDGING,
  shell: EDGING,
  spikes: EDGING,
  own: OWN_EDGING,
};

const BARS = {
  kind: 'count',
  path: 'barsPerInch',
  label: 'Bars to the inch',
  change: 'Canvas',
  width: '4em',
} as const;
const STIFF_THICKNESS = {
  kind: 'length',
  path: 'thicknessMm',
  label: 'Thickness',
  change: 'Thickness of the stiffener',
  width: '4.5em',
  fine: true,
} as const;

const STIFF = [
  {
    kind: 'choice',
    path: 'parts',
    label: 'It stiffens',
    change: 'What is stiffened',
    width: '10em',
    choices: { base: 'The base', faces: 'Front and back', all: 'All walls' },
  },
  {
    kind: 'length',
    path: 'smallerMm',
    label: 'Smaller all round',
    change: 'Size of the stiffener',
    width: '4.5em',
    help: 'Usual: 3 to 5 mm.',
    fine: true,
  },
  {
    kind: 'length',
    path: 'cornerMm',
    label: 'Its corners',
    change: 'Corners of the stiffener',
    width: '4.5em',
    fine: true,
  },
  STIFF_THICKNESS,
] as const satisfies FieldSpecs<WallStiffener>;

export const STIFFENER_FIELDS: SpecsOf<Stiffener> = {
  canvas: [BARS, ...STIFF],
  board: STIFF,
  mesh: [BARS, STIFF_THICKNESS],
};
