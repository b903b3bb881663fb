import type { Closure } from '@/core/design';
import type { FittingKind, FittingStage, StageOf } from '@/core/fittings';
import { buttonhole } from './buttonhole';
import { hookTape, pressStud, tuckLock, turnLock } from './flapClosures';
import { buttonLoop, toggleLoop } from './hanging/loops';
import { tab } from './hanging/tab';
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
  'tuck-lock': tuckLock,
  buttonhole,
  'button-loop': buttonLoop,
  'toggle-loop': toggleLoop,
  tab,
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
  'tuck-lock': false,
  buttonhole: false,
  'button-loop': true,
  'toggle-loop': true,
  tab: true,
  zipper: true,
  drawstring: true,
  frame: true,
  'part-sewn': true,
};

/** What comes of any closure. */
export type ClosureStage = StageOf<typeof CLOSURES>;

/** Whether it closes a flap: one part on the flap, its mate on the front. */
export const isOnFlap = (stage: FittingStage): stage is OnFlapStage => 'halves' in stage && 'mates' in stage;

export type { ButtonholeProblems, ButtonholeRepairs } from './buttonhole';
export type { TabProblems, TabRepairs, TabStage } from './hanging/tab';
export type { HungProblems, HungRepairs } from './hanging/hung';
export type { LoopProblems, LoopRepairs, LoopStage } from './hanging/loop';
export type { MagnetProblems } from './magneticSnap';
export {
  cordPath,
  END_TASSEL,
  type DrawstringProblems,
  type DrawstringRepairs,
  type DrawstringStage,
} from './mouth/drawstring';
export { channelMm, type FrameProblems, type FrameRepairs, type FrameStage } from './mouth/frame';
export type { PartSewnProblems, PartSewnRepairs, PartSewnStage } from './mouth/partSewn';
export type { ZipperProblems, ZipperRepairs, ZipperStage } from './mouth/zipper';
export type { OnFlapSpot } from './onFlap/places';
export type { OnFlapStage } from './onFlap/onFlapKind';
export type { OnFlapProblems, OnFlapRepairs } from './onFlap/problems';
export { leftBetween, slipsOutProblems, type SlipsOutProblems, type SlipsOutRepairs } from './slipsOut';
export { onRaisedProblems, type OnRaisedProblems, type OnRaisedRepairs } from './onRaised';
export { overlapProblems, type OverlapProblems, type OverlapRepairs } from './overlaps';
export { shortestStandardMm } from './mouth/zipperLengths';
export { boxOf } from './overlaps';
