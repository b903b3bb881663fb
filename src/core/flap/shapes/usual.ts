import type { Flap, FlapKind } from '@/core/design';
import type { FlapSize } from './shape';

/** Sizes of a shape as it is first chosen, as shares of the flap's own. Ours, rough. */
const USUAL_SHARES = { edge: 0.6, point: 0.5, radius: 0.25, scallop: 0.14 } as const;

/** How wide a scallop is made at first, mm. Ours. */
const USUAL_SCALLOP_MM = 36;

/** A flap of another shape, as wide and as long as it was, its own size to begin with; in whole millimetres. */
export function usualFlap(
  kind: FlapKind,
  { dropMm, widthMm: chosenWidthMm, hemMm }: Pick<Flap, 'dropMm' | 'widthMm' | 'hemMm'>,
  { widthMm, lengthMm }: FlapSize,
): Flap {
  const base = { dropMm, widthMm: chosenWidthMm, hemMm };
  const whole = (mm: number) => Math.max(5, Math.round(mm));
  switch (kind) {
    case 'none':
    case 'straight':
    case 'round':
      return { kind, ...base };
    case 'tapered':
      return { kind, ...base, edgeWidthMm: whole(USUAL_SHARES.edge * widthMm) };
    case 'pointed':
      return { kind, ...base, pointMm: whole(USUAL_SHARES.point * lengthMm) };
    case 'scalloped':
      return {
        kind,
        ...base,
        scallops: Math.max(2, Math.min(40, Math.round(widthMm / USUAL_SCALLOP_MM))),
        depthMm: whole(Math.min(USUAL_SHARES.scallop * widthMm, lengthMm / 2)),
      };
    case 'half-disc':
      return { kind, ...base, increases: 'staggered' };
    case 'rounded-corners':
      return { kind, ...base, radiusMm: whole(Math.min(USUAL_SHARES.radius * widthMm, lengthMm)) };
  }
}
