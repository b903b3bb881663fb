export { applyEdits, type Edit } from './applyEdits';
export { isEmptyChange, makeChange, reverseChange, squashChanges, type Change } from './change';
export { MOST_DESIGN_CHARACTERS, readDesign, readDesignText, type FieldFault, type ReadDesign } from './readDesign';
export {
  DESIGN_VERSION,
  HOOK_LETTER_NAMES,
  YARN_COLOURS,
  designSchema,
  settingsSchema,
  hardwareIdSchema,
  swatchIdSchema,
  swatchSchema,
  type Contents,
  type Design,
  type FlatLining,
  type FoldOverStrip,
  type HardwareId,
  type HookLetter,
  type MagneticSnap,
  type PlainStrap,
  type Settings,
  type Swatch,
  type SwatchId,
} from './schema';
export {
  STARTERS,
  USUAL_SETTINGS,
  starterDesign,
  usualLining,
  usualSnap,
  usualStrap,
  type StarterId,
} from './starters';
