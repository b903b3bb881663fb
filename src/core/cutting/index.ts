export { commonArea, commonRing, commonRings, offsetRing, ringsLess, unionRing } from './clipping';
export { isSimple } from './isSimple';
export { cutLine, notch, type Allowances, type PatternPiece, type PieceMark } from './patternPiece';
export {
  mirroredUp,
  movedRing,
  rectangle,
  ringArea,
  ringBounds,
  ringLength,
  roundedBelow,
  stadiumRing,
  type Ring,
  type RingBounds,
  type RingPoint,
} from './ring';
