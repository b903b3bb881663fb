export { STITCHES, STITCH_IDS, type StitchId } from './catalogue';
export { nearestCount } from './nearestCount';
export { startingChain, type Foundation } from './startingChain';
export type { StitchPattern, TurningChainRule, TurningChainSchool } from './stitch';
