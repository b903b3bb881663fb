import { type BoughtStrap, type Strap, type WorkedStrap, type WorkedStrapKind } from '@/core/design';
import type { FittingKind } from '@/core/fittings';
import { boughtStrapKind, type BoughtStrapStage } from './boughtStrap';
import { workedStrapKind, type WorkedStrapStage } from './workedStrap';

type StageFor<Kind extends Strap['kind']> = Kind extends WorkedStrapKind
  ? WorkedStrapStage<Extract<WorkedStrap, { kind: Kind }>>
  : BoughtStrapStage<Extract<BoughtStrap, { kind: Kind }>>;

/** Every kind of strap and handle. A new one is a file and a line here. */
export const STRAPS = {
  plain: workedStrapKind('plain'),
  lengthwise: workedStrapKind('lengthwise'),
  double: workedStrapKind('double'),
  linen: workedStrapKind('linen'),
  edged: workedStrapKind('edged'),
  tube: workedStrapKind('tube'),
  spiral: workedStrapKind('spiral'),
  'i-cord': workedStrapKind('i-cord'),
  'chain-cord': workedStrapKind('chain-cord'),
  'twisted-cord': workedStrapKind('twisted-cord'),
  'plaited-cord': workedStrapKind('plaited-cord'),
  rope: boughtStrapKind('rope'),
  leather: boughtStrapKind('leather'),
  webbing: boughtStrapKind('webbing'),
  'metal-chain': boughtStrapKind('metal-chain'),
  'ready-made': boughtStrapKind('ready-made'),
} satisfies {
  [Kind in Strap['kind']]: FittingKind<Extract<Strap, { kind: Kind }>, StageFor<Kind>>;
};

export { isWorkedStage, type StrapStage } from './strapStage';
export { laidParts, laidStrap, type LaidPart, type LaidStrap } from './laidStrap';
export type { GrownStrap } from './grownStrap';
export { grownFigures } from './grownStrap';
export type { StrapFoot } from './strapFoot';
export type { WorkedStrapStage } from './workedStrap';
export type { BoughtStrapStage } from './boughtStrap';
export { bodyPlaces, mouthOnFigureMm, onShoulderMm, supportHeightMm, type BodyPlaces } from './bodyFigure';
export { clipsIntoEarlier, footRules, mostInStitches } from './placedFeet';
export { ringFor } from './hungProblems';
export { OVERLAP_NAMES, PART_NAMES, type HungStrap } from './hungStrap';
export { strapPieces, type Segment, type SegmentKind, type StrapPath } from './strapPath';
export { ALONG } from './stripGauge';
export { STRAP_NATURES, canGrow, strapStitch, type StrapNature } from './natures';
export type { StrapProblems, StrapRepairs } from './ownProblems';
export { heldReading, readBenchLine, type BenchReading, type HeldReading } from './benchReadings';
export { massOfPullG, pullOfMassN, shareAt, stretchDoubt, type StretchCurve } from './stretch';
