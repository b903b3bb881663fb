export { commonArea, commonRing, offsetRing, unionRing } from './offsetRing';
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
