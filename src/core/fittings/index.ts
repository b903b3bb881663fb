export {
  liningGoesIn,
  type BareBag,
  type FittingInput,
  type FittingKind,
  type FittingKinds,
  type StageOf,
} from './input';
export { BEHIND_MM, reachProblems, type ReachProblems, type ReachRepairs, type ReachingPart } from './reaches';
export { smallParts, type SmallPartsProblems } from './smallParts';
export { formOnFabric, lineCorners, moveMarkEdits, type FabricMark, type MarkForm, type MarkMove } from './mark';
export { type HungBand } from './band';
export {
  FITTING_GROUPS,
  fittingOfPath,
  isSingle,
  nameAt,
  pathOf,
  takeOffEdit,
  type FittingGroup,
  type FittingPlace,
} from './place';
export { planFittings, type FittingCatalogues } from './planFittings';
export {
  fittingAt,
  type CutCloth,
  type Differing,
  type FittingStage,
  type MadeParts,
  type MadeSize,
  type Planned,
  type Span,
  type WorkedStrip,
} from './stage';
export { stageOf } from './stageOf';
export { rowsBeside, type BesideId, type RowsBeside } from './rowsBeside';
export { type Moment, type StepRule } from './step';
