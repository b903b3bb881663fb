import type { Closure } from '@/core/design';
import type { FittingKind, FittingStage, StageOf } from '@/core/fittings';
import { buttonhole, hookTape, pressStud, turnLock } from './flapClosures';
import { buttonLoop, toggleLoop } from './loops';
import { magneticSnap } from './magneticSnap';
import { drawstring } from './mouth/drawstring';
import { frame } from './mouth/frame';
import { partSewn } from './mouth/partSewn';
import { zipper } from './mouth/zipper';
import type { OnFlapStage } from './onFlap/onFlapKind';

/** Every kind of closure. A new one is a file and a line here. */
export const CLOSURES = {
  'magnetic-snap': magneticSnap,
  'press-stud': pressStud,
  'hook-tape': hookTape,
  'turn-lock': turnLock,
  buttonhole,
  'button-loop': buttonLoop,
  'toggle-loop': toggleLoop,
  zipper,
  drawstring,
  frame,
  'part-sewn': partSewn,
} satisfies {
  [Kind in Closure['kind']]: FittingKind<
    Extract<Closure, { kind: Kind }>,
    FittingStage<Extract<Closure, { kind: Kind }>>
  >;
};

/** Which of them close a mouth that no flap lies over. */
export const CLOSES_MOUTHS: Readonly<Record<Closure['kind'], boolean>> = {
  'magnetic-snap': false,
  'press-stud': false,
  'hook-tape': false,
  'turn-lock': false,
  buttonhole: false,
  'button-loop': true,
  'toggle-loop': true,
  zipper: true,
  drawstring: true,
  frame: true,
  'part-sewn': true,
};

/** What comes of any closure. */
export type ClosureStage = StageOf<typeof CLOSURES>;

/** Whether it closes a flap: one part on the flap, its mate on the front. */
export const isOnFlap = (stage: FittingStage): stage is OnFlapStage => 'halves' in stage && 'mates' in stage;

export type { FlapClosureProblems, FlapClosureRepairs } from './flapClosures';
export type { LoopProblems, LoopRepairs, LoopStage } from './loop/loop';
export type { MagnetProblems } from './magneticSnap';
export { cordPath } from './mouth/cordPath';
export type { DrawstringProblems, DrawstringRepairs, DrawstringStage } from './mouth/drawstring';
export { channelMm, type FrameProblems, type FrameRepairs, type FrameStage } from './mouth/frame';
export type { PartSewnProblems, PartSewnRepairs, PartSewnStage } from './mouth/partSewn';
export type { ZipperProblems, ZipperRepairs, ZipperStage } from './mouth/zipper';
export type { OnFlapSpot } from './onFlap/places';
export type { OnFlapStage } from './onFlap/onFlapKind';
export type { OnFlapProblems, OnFlapRepairs } from './onFlap/problems';
export { leftBetween, slipsOutProblems, type SlipsOutProblems, type SlipsOutRepairs } from './slipsOut';
export { overlapProblems, type OverlapProblems, type OverlapRepairs } from './overlaps';
