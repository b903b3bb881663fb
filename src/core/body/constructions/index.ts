import type { Body, BodyKind } from '@/core/design';
import { aroundChain } from './aroundChain';
import { boxedCorners } from './boxedCorners';
import type { Construction } from './construction';
import { foldOver } from './foldOver';
import { gusset } from './gusset';
import { ovalBase } from './ovalBase';
import { sideBands } from './sideBands';
import { roundPurse } from './roundPurse';

/** Every construction of a body. A new one is a new file and a line here. */
const CONSTRUCTIONS: { [Kind in BodyKind]: Construction<Extract<Body, { kind: Kind }>> } = {
  'fold-over-strip': foldOver,
  'boxed-corners': boxedCorners,
  'side-bands': sideBands,
  gusset,
  'round-purse': roundPurse,
  'around-chain': aroundChain,
  'oval-base': ovalBase,
};

export const BODY_KINDS = Object.keys(CONSTRUCTIONS) as BodyKind[];

/** The construction of a body. */
export const constructionOf = (kind: BodyKind): Construction => CONSTRUCTIONS[kind] as unknown as Construction;

export { gussetLengthMm } from './gusset';
export { narrowedFace } from './rounds';
export { withOwn } from './planFaces';
export type { BodyInput, ClothMm, Construction, PouchResult, Sizing } from './construction';
