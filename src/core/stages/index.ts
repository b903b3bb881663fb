export type { FlapStage, HalfDisc, Scallops, ShapeFigures } from './flapStage';
export type { PouchFigures, PouchStage } from './pouchStage';
export type { SectionByState } from './sectionByState';
