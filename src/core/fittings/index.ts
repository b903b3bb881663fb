export { liningGoesIn, type FittingInput, type FittingKind, type FittingKinds, type StageOf } from './input';
export { moveMarkEdits, type FabricMark, type MarkForm, type MarkMove } from './mark';
export { FITTING_GROUPS, nameAt, pathOf, type FittingGroup, type FittingPlace } from './place';
export { planFittings, type FittingCatalogues } from './planFittings';
export type {
  CutCloth,
  Differing,
  FittingStage,
  MadeParts,
  MadeSize,
  OutlinePoint,
  Planned,
  WorkedStrip,
} from './stage';
export { type Moment, type StepRule } from './step';
