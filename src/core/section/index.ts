export { acrossAt, acrossProfile, halfWidthOfProfileMm } from './acrossProfile';
export {
  baseDepthMm,
  bridgeLengthMm,
  heightFromSideMm,
  mouthDepthMm,
  sideForHeightMm,
  straightSideMm,
  topDepthMm,
  withinBaseMm,
  withinFacesMm,
  withinSidesMm,
  type Firmness,
  type Layers,
  type Stiff,
} from './folding';
export { pleat, type Pleat } from './pleat';
export { foldedFlatPieces, landsAtMm, sectionPieces, sectionPointAt, type SectionInput } from './section';
export type { SectionPiece, SectionPoint } from './sectionPiece';
export { bridgeOverMm } from './tautBridge';
export { tautLengthMm, tautOver, type TautStretch } from './tautOver';
