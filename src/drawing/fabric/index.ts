export { fabricPlaces, type FabricPlace } from './fabricPlaces';
export { fabricOf, swatchFabric, type Fabric, type FabricRow, type FabricStitch } from './fabricRows';
export { BAND_ROWS, bandOf, isBand, wornFabric, type Worn } from './wornFabric';
export { roundPlaces, type RoundPlace } from './roundPlaces';
export { layersOfLook, lookBounds, type StrandLayer } from './strandLayers';
export {
  chainStrands,
  hidesLoops,
  stitchStrands,
  topLoops,
  YARN_TO_STITCH,
  type Strand,
  type StrandPart,
} from './strands';
