import type { Body, BodyKind } from '@/core/design';
import { GUSSET_DEPTH_MM, LEAST_SIZE_MM, MOST_SIZE_MM } from '@/core/defaults';

/** What a construction has of its own, as it is first chosen. Sizes ours, rough. */
const OWN: { [Kind in BodyKind]: (body: Body) => Omit<Extract<Body, { kind: Kind }>, keyof Shared> } = {
  'fold-over-strip': (body) => ({ kind: 'fold-over-strip', workedFrom: kept(body, 'workedFrom') ?? 'front-edge' }),
  'boxed-corners': (body) => ({
    kind: 'boxed-corners',
    workedFrom: kept(body, 'workedFrom') ?? 'front-edge',
    depthMm: depthOf(body),
  }),
  'side-bands': (body) => ({
    kind: 'side-bands',
    workedFrom: kept(body, 'workedFrom') ?? 'front-edge',
    depthMm: depthOf(body),
    bandJoined: kept(body, 'bandJoined') ?? 'sewn',
    stripTrial: kept(body, 'stripTrial') ?? null,
  }),
  gusset: (body) => ({
    kind: 'gusset',
    depthMm: depthOf(body),
    radiusMm: kept(body, 'radiusMm') ?? Math.round(Math.min(30, body.widthMm / 6, body.heightMm / 4)),
    gussetWorked: kept(body, 'gussetWorked') ?? 'crosswise',
    bandJoined: kept(body, 'bandJoined') ?? 'sewn',
    stripTrial: kept(body, 'stripTrial') ?? null,
  }),
  'round-purse': (body) => ({
    kind: 'round-purse',
    depthMm: depthOf(body),
    // A third of the rim.
    openMm: Math.max(10, Math.round((Math.PI * body.widthMm) / 3)),
    rounds: kept(body, 'rounds') ?? 'joined',
    increases: kept(body, 'increases') ?? 'staggered',
    bandJoined: kept(body, 'bandJoined') ?? 'sewn',
    stripTrial: kept(body, 'stripTrial') ?? null,
  }),
  'around-chain': (body) => ({
    kind: 'around-chain',
    start: 'chain',
    rounds: kept(body, 'rounds') ?? 'joined',
    endStitches: 1,
    narrowing: kept(body, 'narrowing') ?? null,
    roundWalk: kept(body, 'roundWalk') ?? null,
  }),
  'oval-base': (body) => ({
    kind: 'oval-base',
    depthMm: depthOf(body),
    rounds: kept(body, 'rounds') ?? 'joined',
    increases: kept(body, 'increases') ?? 'staggered',
    narrowing: kept(body, 'narrowing') ?? null,
    roundWalk: kept(body, 'roundWalk') ?? null,
  }),
};

/** What every body has. */
interface Shared {
  sizesFrom: unknown;
  widthMm: unknown;
  heightMm: unknown;
  chosenStitches: unknown;
  chosenRows: unknown;
  seam: unknown;
}

/** A choice of the body before, where it had one like it. */
function kept<Key extends KeysOf<Body>>(body: Body, key: Key): FieldOf<Body, Key> | undefined {
  return key in body ? (body as unknown as Record<Key, FieldOf<Body, Key>>)[key] : undefined;
}

type KeysOf<T> = T extends unknown ? keyof T : never;
type FieldOf<T, Key extends PropertyKey> = T extends unknown ? (Key extends keyof T ? T[Key] : never) : never;

const depthOf = (body: Body): number =>
  kept(body, 'depthMm') ?? Math.max(10, Math.min(GUSSET_DEPTH_MM, Math.round(body.widthMm / 3)));

/**
 * A body of another construction: its sizes, its seam and every choice that still applies as they were, the rest as usual. Counts that
 * had been settled for the one before are let go.
 *
 * @param outside the outside sizes that the bag is planned for now, mm
 */
export function usualBody(kind: BodyKind, body: Body, outside: { widthMm: number; heightMm: number }): Body {
  // What follows from a small thing may be smaller than any bag that can be wished for.
  const within = (mm: number) => Math.min(MOST_SIZE_MM, Math.max(LEAST_SIZE_MM, mm));
  const { widthMm, heightMm } = body.sizesFrom === 'contents' ? outside : body;
  const base = { ...body, widthMm: within(widthMm), heightMm: within(heightMm) };
  return {
    ...OWN[kind](base),
    sizesFrom: body.sizesFrom,
    widthMm: base.widthMm,
    heightMm: base.heightMm,
    chosenStitches: null,
    chosenRows: { front: null, back: null, bridge: null, flap: null },
    seam: body.seam,
  } as Body;
}
