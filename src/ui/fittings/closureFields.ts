import type {
  ButtonLoop,
  Buttonhole,
  Closure,
  Drawstring,
  Frame,
  HookTape,
  MagneticSnap,
  OnFlap,
  PartSewn,
  PressStud,
  ToggleLoop,
  TurnLock,
  Zipper,
} from '@/core/design';
import type { FieldSpec, FieldSpecs, SpecsOf } from './fieldSpec';

const small = { kind: 'length', width: '4.5em', fine: true } as const;

/** Where what closes a flap is set. */
const ON_FLAP = [
  { ...small, path: 'insetMm', label: 'From the flap’s edge', change: 'Closure, from the edge' },
  {
    kind: 'choice',
    path: 'layout',
    label: 'How many',
    change: 'How many',
    width: '11em',
    choices: { centre: 'One, in the middle', pair: 'Two, a quarter in' },
  },
  {
    kind: 'choice',
    path: 'mate',
    label: 'Mate set for',
    change: 'Mate set for',
    width: '11.5em',
    choices: { loaded: 'The loaded bag', between: 'Halfway between', both: 'Both, two mates' },
  },
] as const satisfies FieldSpecs<OnFlap>;

const DIAMETER = { ...small, path: 'diameterMm', label: 'Across', change: 'Size' } as const;
const THICK = { ...small, path: 'thicknessMm', label: 'Thick', change: 'Thickness' } as const;

const SNAP: FieldSpecs<MagneticSnap> = [
  DIAMETER,
  {
    kind: 'choice',
    path: 'fixing',
    label: 'Held by',
    change: 'How the snap is held',
    width: '13em',
    choices: { prongs: 'Prongs and washers', sewn: 'Thread, sewn on', 'between-layers': 'Hidden between layers' },
  },
  ...ON_FLAP,
];

const PRESS_STUD: FieldSpecs<PressStud> = [DIAMETER, ...ON_FLAP];

const PATCH = [
  { ...small, path: 'widthMm', label: 'Across the bag', change: 'Width' },
  { ...small, path: 'heightMm', label: 'Along it', change: 'Height' },
] as const satisfies FieldSpecs<HookTape | TurnLock>;

const HOOK_TAPE: FieldSpecs<HookTape> = [...PATCH, ...ON_FLAP];

const TURN_LOCK: FieldSpecs<TurnLock> = [
  ...PATCH,
  { ...small, path: 'postMm', label: 'Post, long', change: 'Post of the lock' },
  ...ON_FLAP,
];

const BUTTONHOLE: FieldSpecs<Buttonhole> = [
  DIAMETER,
  THICK,
  {
    kind: 'choice',
    path: 'giveShare',
    label: 'The hole gives',
    change: 'Give of the buttonhole',
    width: '9em',
    choices: (_, { giveShare }) =>
      Object.fromEntries(
        [...new Set([0, 0.1, 0.12, 0.15, giveShare])]
          .sort((a, b) => a - b)
          .map((share) => [String(share), share === 0 ? 'Nothing' : `${Math.round(share * 100)} %`]),
      ),
    as: { shown: String, kept: Number },
  },
  ...ON_FLAP,
];

const LOOP = [
  { ...small, path: 'belowMm', label: 'Below the edge', change: 'Below the edge' },
  {
    kind: 'choice',
    path: 'made',
    label: 'Loop',
    change: 'How the loop is made',
    width: '12em',
    choices: { 'last-row': 'In the last row', 'joined-on': 'Joined on later' },
  },
  ON_FLAP[1],
] as const satisfies FieldSpecs<ButtonLoop | ToggleLoop>;

const ZIPPER: FieldSpecs<Zipper> = [
  {
    kind: 'length',
    path: 'lengthMm',
    label: 'Yours is',
    change: 'Length of the zipper',
    width: '6em',
    empty: 'as fits',
  },
  {
    kind: 'choice',
    path: 'joined',
    label: 'Sewn',
    change: 'How the zipper is sewn in',
    width: '14em',
    choices: { lining: 'To the lining first', mouth: 'Into the mouth', tabs: 'With a tab at each end' },
  },
  { ...small, path: 'pitchMm', label: 'Backstitch every', change: 'Backstitches of the zipper' },
];

const DRAWSTRING: FieldSpecs<Drawstring> = [
  { ...small, path: 'cordMm', label: 'Cord, thick', change: 'Cord' },
  {
    kind: 'choice',
    path: 'cords',
    label: 'How many',
    change: 'How many cords',
    width: '12em',
    choices: { 1: 'One', 2: 'Two, front and back' },
    as: { shown: String, kept: Number },
  },
  {
    kind: 'count',
    path: 'belowRows',
    label: 'Below the edge',
    change: 'Row of the cord',
    suffix: 'rows',
    width: '4em',
  },
  {
    kind: 'choice',
    path: 'through',
    label: 'Through',
    change: 'What the cord passes through',
    width: '11em',
    choices: { stitches: 'Between stitches', eyelets: 'Eyelets' },
  },
  { ...small, path: 'everyMm', label: 'About every', change: 'Passes of the cord' },
  {
    kind: 'choice',
    path: 'closedBy',
    label: 'Held by',
    change: 'What holds the cord',
    width: '10em',
    choices: { bow: 'A bow', bead: 'A bead' },
  },
  {
    ...small,
    path: 'beadHoleMm',
    applies: ({ closedBy }) => closedBy === 'bead',
    label: 'Hole of the bead',
    change: 'Hole of the bead',
  } satisfies FieldSpec<Drawstring>,
];

const FRAME: FieldSpecs<Frame> = [
  { ...small, path: 'widthMm', label: 'Hinge to hinge', change: 'Width of the frame' },
  { ...small, path: 'armMm', label: 'Arms', change: 'Arms of the frame' },
  { ...small, path: 'radiusMm', label: 'Its corners', change: 'Corners of the frame' },
  { kind: 'count', path: 'holes', label: 'Holes of each half', change: 'Holes of the frame', width: '4.5em' },
];

const PART_SEWN: FieldSpecs<PartSewn> = [
  {
    kind: 'length',
    path: 'sewnMm',
    label: 'Sewn up from each side',
    change: 'Mouth sewn up',
    width: '5em',
    help: 'Usual: 50 to 75 mm.',
  },
];

/** The fields of every kind, beside its catalogue. A new kind is a list and a line here. */
export const CLOSURE_FIELDS: SpecsOf<Closure> = {
  'magnetic-snap': SNAP,
  'press-stud': PRESS_STUD,
  'hook-tape': HOOK_TAPE,
  'turn-lock': TURN_LOCK,
  buttonhole: BUTTONHOLE,
  'button-loop': [DIAMETER, THICK, ...LOOP],
  'toggle-loop': [
    { ...small, path: 'lengthMm', label: 'Toggle, long', change: 'Length of the toggle' },
    THICK,
    ...LOOP,
  ],
  zipper: ZIPPER,
  drawstring: DRAWSTRING,
  frame: FRAME,
  'part-sewn': PART_SEWN,
};
