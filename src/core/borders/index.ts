export { NO_BORDERS, bordersOf, bordersTimes, joinedAlongBand, type Borders } from './borders';
export {
  edgingSizes,
  hookShare,
  isAsTheBag,
  natureOf,
  openOfEdging,
  type EdgingSizes,
  type Fabric,
} from './edgingSizes';
export { EDGING_NATURES, type EdgingNature } from './natures';
export { FLAT_EDGE, edgeFlatness, pickUpRatio, type PickUp } from './pickUp';
export { edgesOf, edgingFaults, hasFlap, nextFreeEdge, type EdgingFault } from './whichEdges';
