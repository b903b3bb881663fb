export { edgingStage, type EdgingStage } from './edgingStage';
export { FLAT_EDGE, edgeFlatness, pickUpRatio, type PickUp } from '@/core/borders';
