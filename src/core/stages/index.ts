export type { FlapStage, HalfDisc, Scallops, ShapeFigures } from './flapStage';
export { NOTHING_SPECIAL, type PouchFigures, type PouchStage } from './pouchStage';
export type { SectionByState } from './sectionByState';
