export { FabricPainter, wholeOf, type FabricScale, type PaintedAs, type Sight } from './fabricPainter';
export { softContext } from './brush';
export { paintedFace, type PaintedFace } from './paintedFace';
export { rgbOf, yarnLook, type Rgb, type YarnLook } from './yarnLook';
