import { usualBody } from '@/core/body';
import type { BodyKind, Design } from '@/core/design';
import { designAt } from './designs';

/** The usual bag of a construction in an exact gauge, carrying nothing, its swatch a trial for it. */
export const bagOf = (
  kind: BodyKind,
  { stitchMm = 5, rowMm = 5, fabricMm = 2 } = {},
  change: (design: Design) => Design = (design) => design,
): Design =>
  change(
    designAt(stitchMm, rowMm, fabricMm, (design) => ({
      ...design,
      contents: { ...design.contents, thicknessMm: 0 },
      swatch: { ...design.swatch, standsFor: inRounds(kind) ? 'rounds' : 'panel' },
      body: usualBody(kind, design.body, design.body),
    })),
  );

const inRounds = (kind: BodyKind): boolean => kind === 'around-chain' || kind === 'oval-base' || kind === 'round-purse';

/** A bag with some fields of its body changed. */
export const withBody = (design: Design, change: Record<string, unknown>): Design =>
  ({ ...design, body: { ...design.body, ...change } }) as Design;
