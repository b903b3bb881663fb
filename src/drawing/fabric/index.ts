export { fabricOf, swatchFabric, type Fabric, type FabricRow, type FabricStitch } from './fabricRows';
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
