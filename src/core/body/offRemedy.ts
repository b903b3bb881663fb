import type { SettledDesign } from '@/core/contents';
import { NOTICED_MM } from '@/core/defaults';
import { patternOf } from '@/core/design';
import type { GaugeStage } from '@/core/gauge';
import type { DesignEdit } from '@/core/problems';
import type { PouchStage } from '@/core/stages';
import { nearestCount } from '@/core/stitches';
import { sizingOf } from './sizingOf';

/** What makes a size that is off by more than she would notice come nearer, and how near; or why nothing does. */
export type OffRemedy =
  | { kind: 'plain-edge'; stitches: number; offMm: number; edits: DesignEdit[] }
  | { kind: 'count-follows'; stitches: number; offMm: number; edits: DesignEdit[] }
  | { kind: 'rows-follow'; rows: number; offMm: number; edits: DesignEdit[] }
  | { kind: 'no-nearer'; of: 'repeats' | 'stitches' | 'rows' };

/** Plain stitches at each side that are tried. */
const MOST_PLAIN = 3;

/**
 * What brings the width nearer to the one that is wanted: a count that she settled on let go, or plain stitches at each side, which make the count finer than the repeat.
 *
 * @param offMm how far the planned width is off the wanted one, mm
 * @returns null where it is off by no more than she would notice, or follows from rounds
 * Source: geometry; what is noticed, from memory (`NOTICED_MM`).
 */
export function widthRemedy(
  design: SettledDesign,
  gauge: GaugeStage,
  pouch: PouchStage,
  offMm: number,
): OffRemedy | null {
  if (Math.abs(offMm) <= NOTICED_MM) return null;
  const wantedMm = design.body.widthMm;
  const tries = Array.from({ length: MOST_PLAIN + 1 }, (_, stitches) => stitches).flatMap((plainEdge) => {
    const pattern = patternOf({ ...design, plainEdge });
    const { across } = sizingOf(design, gauge, pattern);
    const count = across && nearestCount(across.stitchesFor(wantedMm), across.allowed);
    if (!across || count === null || count < 2 || across.seenStitches(count) <= 0) return [];
    return [{ plainEdge, count, offMm: across.widthMm(count) - wantedMm }];
  });
  if (tries.length === 0) return null;
  const asItIs = tries.find(({ plainEdge, count }) => plainEdge === design.plainEdge && count !== pouch.stitchCount);
  const best = nearestOf(
    asItIs && isNearer(asItIs.offMm, offMm) && Math.abs(asItIs.offMm) <= NOTICED_MM ? [asItIs] : tries,
  );
  const release: DesignEdit = { path: ['body', 'chosenStitches'], value: null };
  if (!best || !isNearer(best.offMm, offMm))
    return { kind: 'no-nearer', of: patternOf(design).repeatStitches > 1 ? 'repeats' : 'stitches' };
  if (best.plainEdge === design.plainEdge)
    return { kind: 'count-follows', stitches: best.count, offMm: best.offMm, edits: [release] };
  return {
    kind: 'plain-edge',
    stitches: best.plainEdge,
    offMm: best.offMm,
    edits: [{ path: ['plainEdge'], value: best.plainEdge }, release],
  };
}

/**
 * What brings the height nearer: rows that she settled on let go. Where they follow already, whole rows come no nearer.
 *
 * @param offMm how far the planned height is off the wanted one, mm
 * @returns null where it is off by no more than she would notice
 * Source: as for the width.
 */
export function heightRemedy(
  design: SettledDesign,
  gauge: GaugeStage,
  pouch: PouchStage,
  offMm: number,
): OffRemedy | null {
  if (Math.abs(offMm) <= NOTICED_MM) return null;
  const sizing = sizingOf(design, gauge);
  const rows = Math.max(1, Math.round(sizing.rowsFor(design.body.heightMm)));
  const thenMm = sizing.heightMm(rows) - design.body.heightMm;
  if (rows === pouch.frontRows || !isNearer(thenMm, offMm)) return { kind: 'no-nearer', of: 'rows' };
  const release = ['front', 'back'].map((part): DesignEdit => ({ path: ['body', 'chosenRows', part], value: null }));
  return { kind: 'rows-follow', rows, offMm: thenMm, edits: release };
}

/** Nearer by enough to be worth it. */
const isNearer = (thenMm: number, nowMm: number): boolean => Math.abs(thenMm) < Math.abs(nowMm) - NOTICED_MM / 3;

/** The nearest; of those that come as near, the one with the fewest plain stitches. */
const nearestOf = <One extends { offMm: number }>(tries: readonly One[]): One | undefined =>
  tries.reduce<One | undefined>(
    (best, one) => (best === undefined || Math.abs(one.offMm) < Math.abs(best.offMm) - 0.1 ? one : best),
    undefined,
  );
