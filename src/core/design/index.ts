export { UNCORRECTED, USUAL_SELLING, type Corrected, type Correction, type Selling } from './corrected';
export { workedExample } from './workedExample';
export { yarnOfRow } from './stripes';
export { CARRYINGS, type Carrying } from './carrying';
export {
  MOST_FURTHER_YARNS,
  OF_ONE_COLOUR,
  YARN_COLOURS,
  type ColourRow,
  type FurtherYarn,
  type YarnColour,
} from './colours';
export { SEAM_KINDS, type SeamKind } from './bodies/common';
export type { BodyFacts } from './bodies/facts';
export type { FoldOverStrip } from './bodies/foldOverStrip';
export type { BoxedCorners } from './bodies/boxedCorners';
export type { SideBands } from './bodies/sideBands';
export type { Gusset } from './bodies/gusset';
export type { RoundPurse } from './bodies/roundPurse';
export type { AroundChain } from './bodies/aroundChain';
export type { OvalBase } from './bodies/ovalBase';
export {
  EDGING_CORNERS,
  EDGING_EDGES,
  usualEdging,
  type Edging,
  type EdgingCorner,
  type EdgingEdge,
  type EdgingKind,
} from './fittings/edgings';
export {
  usualBoard,
  usualCanvas,
  usualMesh,
  type Board,
  type Canvas,
  type Mesh,
  type Stiffener,
  type WallStiffener,
} from './fittings/stiffeners';
export {
  COUNTED_LIMITS,
  LINING_STUFFS,
  USUAL_MADE,
  flapLiningMm,
  isBagForItself,
  isNoSew,
  liningMmOf,
  linesFlap,
  linesWalls,
  usualDropIn,
  wallLiningMm,
  usualCrochetedLining,
  usualFlapLining,
  usualLining,
  type CrochetedLining,
  type CutLining,
  type DropInLining,
  type FlapLining,
  type FlatLining,
  type Lining,
  type LiningStuff,
} from './fittings/linings';
export {
  INSET_LIMITS,
  IN_LIMITS,
  USUAL_ACROSS,
  closureIdSchema,
  type Across,
  type ClosureId,
  type OnFlap,
} from './fittings/onFlap';
export {
  MOST_HARDWARE,
  USUAL_HARDWARE,
  type Clasp,
  type Eyelet,
  type HandlePlate,
  type Hardware,
  type HardwareKind,
  type HardwareOf,
  type Ring,
  type Rivet,
} from './fittings/hardware';
export {
  MOST_TRIMS,
  USUAL_TRIMS,
  type EdgeTrim,
  type SpotTrim,
  type Trim,
  type TrimKind,
  type TrimOf,
} from './fittings/trims';
export { usualSnap, type MagneticSnap } from './fittings/magneticSnap';
export {
  usualButtonhole,
  usualHookTape,
  PRONG_LIMITS,
  usualPressStud,
  usualTuckLock,
  usualTurnLock,
  type Buttonhole,
  type HookTape,
  type PressStud,
  type TuckLock,
  type TurnLock,
} from './fittings/flapClosures';
export {
  usualButtonLoop,
  usualDrawstring,
  usualFrame,
  usualPartSewn,
  usualTab,
  usualToggleLoop,
  usualZipper,
  type ButtonLoop,
  type Drawstring,
  type Frame,
  type PartSewn,
  type Tab,
  type ToggleLoop,
  type Zipper,
} from './fittings/mouthClosures';
export {
  MOST_STRAPS,
  WORKED_STRAP_KINDS,
  BOUGHT_STRAP_KINDS,
  USUAL_BOUGHT,
  isWorkedStrap,
  usualStrap,
  type BoughtStrap,
  type BoughtStrapKind,
  type Strap,
  type StrapTrial,
  type WorkedStrap,
  type WorkedStrapKind,
} from './fittings/straps';
export {
  usualAdjust,
  usualEnds,
  usualHung,
  type StrapAdjust,
  type StrapEnds,
  type StrapFeet,
  type StrapGiven,
} from './fittings/strapParts';
export { count, idSchema, lengthMm, massG, shortText } from './fields';
export { applyEdits } from './applyEdits';
export { isEmptyChange, makeChange, reverseChange, squashChanges, type Change } from './change';
export { MOST_HISTORY_CHARACTERS, emptyHistory, readHistory, trimmedHistory, type History } from './history';
export { MOST_FILE_CHARACTERS, readDesign, readDesignText, type FieldFault, type ReadDesign } from './readDesign';
export { isOwnStitchId, ownStitchIdSchema, ownStitchSchema, type OwnStitch } from './ownStitchSchema';
export { nameCut } from './names';
export { ownStitchProblems } from './ownStitchProblems';
export { patternNamed, patternOf, repeatOfOwn, swatchPatternOf } from './patternOf';
export {
  DESIGN_VERSION,
  MOST_CLOSURES,
  MOST_DESIGN_CHARACTERS,
  HOOK_LETTER_NAMES,
  GOES_WITHOUT,
  type GoesWithout,
  designSchema,
  factsOf,
  isMeasured,
  settingsSchema,
  swatchIdSchema,
  swatchSchema,
  thingIdSchema,
  thingSchema,
  type Body,
  type Closure,
  type BodyKind,
  type Contents,
  type Design,
  type Flap,
  type FlapKind,
  type HeldYarn,
  type HookLetter,
  type Settings,
  type StitchChoice,
  type Swatch,
  type SwatchId,
  type Thing,
  type ThingId,
} from './schema';
export { saveSchema, writtenSave, type Save, type WrittenSave } from './save';
export { STARTERS, USUAL_SETTINGS, USUAL_YARN, starterDesign, type StarterId, type YarnAndHook } from './starters';
export { isMeshed, meshMmOf, stiffOf, withinFlapMm } from './stiffOf';
export {
  MOST_POCKETS,
  USUAL_POCKETS,
  isOutside,
  type Pocket,
  type PocketKind,
  type PocketOf,
} from './fittings/pockets';
export {
  MOST_BESIDE,
  MOST_REMNANTS,
  remnantSchema,
  USUAL_CLOTH,
  type BagBeside,
  cameOutWith,
  type CameOut,
  type ClothOnBolt,
  type LaidByHand,
  type Remnant,
} from './cutting';
export { MOST_FURTHER_SIZES, USUAL_WRITTEN, type FurtherSize, type Written } from './written';
