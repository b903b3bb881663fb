import type { Strap } from '@/core/design';
import { nameAt, type FittingPlace, type HungBand } from '@/core/fittings';
import { dropMm } from './hanging';
import type { HungStrap } from './hungStrap';

/** A loop's two ends lie so far apart on the bag, mm: behind each other. Ours. */
const LOOP_FEET_MM = 8;

/** A strap as it rises above the bag; of a long loop that is passed through a short one, both. */
export function hungBands(
  { kind, ends }: Strap,
  { load: { span }, feet }: HungStrap,
  { emptyMm, fullMm, widthMm, thicknessMm }: { emptyMm: number; fullMm: number; widthMm: number; thicknessMm: number },
  at: FittingPlace,
): HungBand[] {
  const [empty, loaded] = [emptyMm, fullMm].map((mm) => span && dropMm(mm, span)) as [number | null, number | null];
  const long: HungBand = {
    mark: nameAt(at, 'strap.hung'),
    of: at,
    at: feet.foot.on === 'face' ? { on: 'face', face: feet.foot.face, apartMm: feet.apartMm } : { on: 'sides' },
    lengthMm: { empty: emptyMm, loaded: fullMm },
    dropMm: empty === null || loaded === null ? null : { empty, loaded },
    supportMm: span?.supportMm ?? feet.apartMm,
    widthMm,
    thicknessMm,
    stuff: kind === 'metal-chain' ? 'metal' : 'cloth',
  };
  if (ends.kind !== 'grown' || ends.shortLoopMm === null) return [long];
  const { shortLoopMm } = ends;
  return [
    { ...long, at: { on: 'one-side', side: -1, apartMm: LOOP_FEET_MM } },
    {
      ...long,
      mark: nameAt(at, 'strap.shortLoop'),
      at: { on: 'one-side', side: 1, apartMm: LOOP_FEET_MM },
      lengthMm: { empty: shortLoopMm, loaded: shortLoopMm },
      dropMm: { empty: shortLoopMm / 2, loaded: shortLoopMm / 2 },
      supportMm: LOOP_FEET_MM,
    },
  ];
}
