export { cordPath } from './cordPath';
export { drawstring, type DrawstringStage } from './drawstring';
export { END_TASSEL } from './endTassels';
export type { DrawstringProblems, DrawstringRepairs } from './problems';
