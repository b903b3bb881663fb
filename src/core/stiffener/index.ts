import type { Stiffener } from '@/core/design';
import type { FittingKind } from '@/core/fittings';
import { mesh } from './mesh';
import { board, canvas, type StiffenerStage } from './stiffenerKind';

/** Every kind of stiffener. A new one is a schema and a line here. */
export const STIFFENERS: {
  [Kind in Stiffener['kind']]: FittingKind<
    Extract<Stiffener, { kind: Kind }>,
    StiffenerStage<Extract<Stiffener, { kind: Kind }>>
  >;
} = { canvas, board, mesh };

export { CANVAS_SHEET_MM, sheetsFor, wholeBars } from './bars';
export { STIFFENER_NAMES, type StiffenerProblems, type StiffenerRepairs, type StiffenerStage } from './stiffenerKind';
export { roundedAll, wallsInside, type WallName } from './walls';
export type { MeshStage, MeshStretch } from './mesh';
export type { StiffenerPiece } from './stiffenerPiece';
