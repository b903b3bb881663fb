export { bagSkins, type BagColours } from './bagSkins';
export { fittedView } from './fittedView';
export { rasterBands, type Skins, type Surface } from './rasterBands';
export type { RasterView } from './triangles';
