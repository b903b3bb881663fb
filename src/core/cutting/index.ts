export { commonArea, commonRing, commonRings, offsetRing, ringsLess, unionRing } from './clipping';
export { cutLine, notch, type Allowances, type PatternPiece, type PieceMark } from './patternPiece';
export {
  isSimple,
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
