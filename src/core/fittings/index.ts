export { liningGoesIn, type FittingInput, type FittingKind, type FittingKinds, type StageOf } from './input';
export { moveMarkEdits, type FabricMark, type MarkForm, type MarkMove } from './mark';
export { FITTING_GROUPS, bareName, nameAt, pathOf, type FittingGroup, type FittingPlace } from './place';
export { planFittings, type FittingCatalogues, type Fittings } from './planFittings';
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
export { MOMENTS, type Moment, type StepRule } from './step';
