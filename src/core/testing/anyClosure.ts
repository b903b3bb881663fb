import fc from 'fast-check';
import type { Closure } from '@/core/design';
import { orNull } from './arbitraries';

const from = (min: number, max: number): fc.Arbitrary<number> => fc.double({ min, max, noNaN: true });

const across = {
  layout: fc.constantFrom('centre', 'pair', 'even'),
  inMm: orNull(from(3, 400)),
  count: fc.integer({ min: 2, max: 9 }),
};
const onFlap = {
  id: fc.constant('any'),
  insetMm: from(3, 400),
  ...across,
  mate: fc.constantFrom('loaded', 'between', 'both'),
};
const button = { diameterMm: from(8, 60), thicknessMm: from(1, 30) };
const loop = {
  id: fc.constant('any'),
  ...across,
  belowMm: from(0, 300),
  made: fc.constantFrom('last-row', 'joined-on'),
};

/** Any closure of each kind that the file can hold. */
const CLOSURES: Record<Closure['kind'], fc.Arbitrary<unknown>> = {
  'magnetic-snap': fc.record({
    kind: fc.constant('magnetic-snap'),
    ...onFlap,
    diameterMm: from(6, 40),
    fixing: fc.constantFrom('prongs', 'sewn', 'between-layers'),
    prongMm: from(2, 30),
  }),
  'press-stud': fc.record({ kind: fc.constant('press-stud'), ...onFlap, diameterMm: from(5, 30) }),
  'hook-tape': fc.record({ kind: fc.constant('hook-tape'), ...onFlap, widthMm: from(10, 400), heightMm: from(8, 60) }),
  'turn-lock': fc.record({
    kind: fc.constant('turn-lock'),
    ...onFlap,
    widthMm: from(10, 80),
    heightMm: from(8, 60),
    postMm: from(2, 20),
  }),
  'tuck-lock': fc.record({
    kind: fc.constant('tuck-lock'),
    ...onFlap,
    widthMm: from(10, 100),
    heightMm: from(8, 60),
    prongMm: from(2, 30),
  }),
  buttonhole: fc.record({
    kind: fc.constant('buttonhole'),
    ...onFlap,
    ...button,
    giveShare: from(0, 0.4),
    madeIn: fc.constantFrom('row', 'edging'),
  }),
  tab: fc.record({
    kind: fc.constant('tab'),
    id: fc.constant('any'),
    ...across,
    belowMm: from(0, 300),
    widthMm: from(6, 200),
    fastens: fc.constantFrom('slot', 'button'),
    ...button,
    giveShare: from(0, 0.4),
  }),
  'button-loop': fc.record({ kind: fc.constant('button-loop'), ...loop, ...button }),
  'toggle-loop': fc.record({
    kind: fc.constant('toggle-loop'),
    ...loop,
    lengthMm: from(15, 120),
    thicknessMm: from(4, 40),
  }),
  zipper: fc.record({
    kind: fc.constant('zipper'),
    id: fc.constant('any'),
    lengthMm: orNull(from(50, 1000)),
    joined: fc.constantFrom('lining', 'mouth', 'tabs'),
    pitchMm: from(4, 30),
  }),
  drawstring: fc.record({
    kind: fc.constant('drawstring'),
    id: fc.constant('any'),
    cords: fc.constantFrom(1, 2),
    cordMm: from(1, 20),
    belowRows: fc.integer({ min: 1, max: 60 }),
    through: fc.constantFrom('stitches', 'eyelets', 'casing'),
    everyMm: from(8, 120),
    closedBy: fc.constantFrom('bow', 'bead'),
    beadHoleMm: from(1, 40),
    ends: fc.constantFrom('knots', 'beads', 'tassels'),
  }),
  frame: fc.record({
    kind: fc.constant('frame'),
    id: fc.constant('any'),
    widthMm: from(40, 400),
    armMm: from(10, 150),
    radiusMm: from(0, 80),
    holes: fc.integer({ min: 8, max: 300 }),
  }),
  'part-sewn': fc.record({ kind: fc.constant('part-sewn'), id: fc.constant('any'), sewnMm: from(5, 300) }),
};

/** A closure of one kind. */
export const anyClosureOf = (kind: Closure['kind']): fc.Arbitrary<unknown> => CLOSURES[kind];

/** Any closure that can be written down. */
export const anyClosure: fc.Arbitrary<unknown> = fc.oneof(...Object.values(CLOSURES));
