import type {
  Across,
  ButtonLoop,
  Buttonhole,
  Closure,
  Design,
  Drawstring,
  Frame,
  HookTape,
  MagneticSnap,
  OnFlap,
  PartSewn,
  PressStud,
  Tab,
  ToggleLoop,
  TuckLock,
  TurnLock,
  Zipper,
} from '@/core/design';
import type { FieldSpec, FieldSpecs, SpecsOf } from './fieldSpec';

const small = { kind: 'length', width: '4.5em', fine: true } as const;

/** How many there are, and where along the row. */
const ACROSS = [
  {
    kind: 'choice',
    path: 'layout',
    label: 'How many',
    change: 'How many',
    width: '11em',
    choices: { centre: 'One, in the middle', pair: 'Two, mirrored', even: 'Several, evenly' },
  },
  {
    ...small,
    path: 'inMm',
    applies: ({ layout }: Across) => layout === 'pair',
    label: 'In from each end',
    change: 'In from each end',
    width: '6em',
    empty: 'a quarter',
  },
  {
    kind: 'count',
    path: 'count',
    applies: ({ layout }: Across) => layout === 'even',
    label: 'So many',
    change: 'How many',
    width: '4em',
  },
] as const satisfies FieldSpecs<Across>;

/** Where what closes a flap is set. */
const ON_FLAP = [
  { ...small, path: 'insetMm', label: 'From the flap’s edge', change: 'Closure, from the edge' },
  ...ACROSS,
  {
    kind: 'choice',
    path: 'mate',
    label: 'Mate set for',
    word: 'mate',
    change: 'Mate set for',
    width: '11.5em',
    choices: { loaded: 'The loaded bag', between: 'Halfway between', both: 'Both, two mates' },
  },
] as const satisfies FieldSpecs<OnFlap>;

const DIAMETER = { ...small, path: 'diameterMm', label: 'Across', change: 'Size' } as const;
const THICK = { ...small, path: 'thicknessMm', label: 'Thick', change: 'Thickness' } as const;

const PRONGS = { ...small, path: 'prongMm', label: 'Prongs, long', change: 'Prongs' } as const;

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
  { ...PRONGS, applies: ({ fixing }: MagneticSnap) => fixing === 'prongs' },
  ...ON_FLAP,
];

const PRESS_STUD: FieldSpecs<PressStud> = [DIAMETER, ...ON_FLAP];

const PATCH = [
  { ...small, path: 'widthMm', label: 'Across the bag', change: 'Width' },
  { ...small, path: 'heightMm', label: 'Along it', change: 'Height' },
] as const satisfies FieldSpecs<HookTape | TurnLock | TuckLock>;

const HOOK_TAPE: FieldSpecs<HookTape> = [...PATCH, ...ON_FLAP];

const TURN_LOCK: FieldSpecs<TurnLock> = [
  ...PATCH,
  { ...small, path: 'postMm', label: 'Post, long', change: 'Post of the lock' },
  ...ON_FLAP,
];

const TUCK_LOCK: FieldSpecs<TuckLock> = [...PATCH, PRONGS, ...ON_FLAP];

/** How much smaller than its button a hole is made. */
const GIVES = {
  kind: 'choice',
  path: 'giveShare',
  label: 'The hole gives',
  change: 'Give of the buttonhole',
  width: '9em',
  choices: (_: Design, { giveShare }: Pick<Buttonhole, 'giveShare'>) =>
    Object.fromEntries(
      [...new Set([0, 0.1, 0.12, 0.15, giveShare])]
        .sort((a, b) => a - b)
        .map((share) => [String(share), share === 0 ? 'Nothing' : `${Math.round(share * 100)} %`]),
    ),
  as: { shown: String, kept: Number },
} as const satisfies FieldSpec<Pick<Buttonhole, 'giveShare'>>;

const BUTTONHOLE: FieldSpecs<Buttonhole> = [
  DIAMETER,
  THICK,
  GIVES,
  {
    kind: 'choice',
    path: 'madeIn',
    label: 'The hole is in',
    change: 'Where the buttonhole is',
    width: '11em',
    choices: { row: 'A row of the flap', edging: 'The edging' },
  },
  ...ON_FLAP,
];

const IS_BUTTON = { applies: ({ fastens }: Tab) => fastens === 'button' };

const TAB: FieldSpecs<Tab> = [
  { ...small, path: 'widthMm', label: 'Tab, wide', change: 'Width of the tab' },
  {
    kind: 'choice',
    path: 'fastens',
    label: 'It goes',
    change: 'How the tab is fastened',
    width: '11em',
    choices: { slot: 'Through a slot', button: 'Over a button' },
  },
  { ...small, path: 'belowMm', label: 'Below the edge', change: 'Below the edge' },
  { ...DIAMETER, ...IS_BUTTON },
  { ...THICK, ...IS_BUTTON },
  { ...GIVES, ...IS_BUTTON },
  ...ACROSS,
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
  ...ACROSS,
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
    choices: { stitches: 'Between stitches', eyelets: 'Eyelets', casing: 'A casing inside' },
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
    kind: 'choice',
    path: 'ends',
    label: 'Its ends',
    change: 'Ends of the cord',
    width: '9em',
    choices: { knots: 'Knots', beads: 'Small beads', tassels: 'Tassels' },
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
  'tuck-lock': TUCK_LOCK,
  buttonhole: BUTTONHOLE,
  'button-loop': [DIAMETER, THICK, ...LOOP],
  'toggle-loop': [
    { ...small, path: 'lengthMm', label: 'Toggle, long', change: 'Length of the toggle' },
    THICK,
    ...LOOP,
  ],
  tab: TAB,
  zipper: ZIPPER,
  drawstring: DRAWSTRING,
  frame: FRAME,
  'part-sewn': PART_SEWN,
};
