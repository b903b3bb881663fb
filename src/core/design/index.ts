export { usualLining, type FlatLining } from './fittings/flatLining';
export { SNAP_LIMITS, closureIdSchema, usualSnap, type ClosureId, type MagneticSnap } from './fittings/magneticSnap';
export { usualStrap, type PlainStrap } from './fittings/plainStrap';
export { applyEdits } from './applyEdits';
export { isEmptyChange, makeChange, reverseChange, squashChanges, type Change } from './change';
export { MOST_HISTORY_CHARACTERS, emptyHistory, readHistory, trimmedHistory, type History } from './history';
export { MOST_FILE_CHARACTERS, readDesign, readDesignText, type FieldFault, type ReadDesign } from './readDesign';
export { isOwnStitchId, ownStitchIdSchema, ownStitchSchema, type OwnStitch, type OwnStitchId } from './ownStitchSchema';
export { nameCut } from './names';
export { ownStitchProblems } from './ownStitchProblems';
export { patternNamed, patternOf, repeatOfOwn, swatchPatternOf } from './patternOf';
export {
  CARRYINGS,
  DESIGN_VERSION,
  MOST_DESIGN_CHARACTERS,
  HOOK_LETTER_NAMES,
  YARN_COLOURS,
  designSchema,
  isMeasured,
  settingsSchema,
  swatchIdSchema,
  swatchSchema,
  thingIdSchema,
  thingSchema,
  type AroundChain,
  type Body,
  type Closure,
  type Lining,
  type Strap,
  type BodyKind,
  type BoxedCorners,
  type Carrying,
  type Gusset,
  type OvalBase,
  type RoundPurse,
  type Contents,
  type Design,
  SEAM_KINDS,
  type SeamKind,
  type Flap,
  type FlapKind,
  type FoldOverStrip,
  type HeldYarn,
  type HookLetter,
  type Settings,
  type StitchChoice,
  type Swatch,
  type SwatchId,
  type Thing,
  type ThingId,
} from './schema';
export { STARTERS, USUAL_SETTINGS, USUAL_YARN, starterDesign, type StarterId, type YarnAndHook } from './starters';
