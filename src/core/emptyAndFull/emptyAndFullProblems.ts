import { factsOf } from '@/core/design';
import { constructionOf, usualBody } from '@/core/body';
import { sheetsThroughMm, type SettledDesign } from '@/core/contents';
import { GAP_WITHOUT_FLAP_MM, LEAST_DEPTH_MM, MOST_DEPTH_MM, NARROWER_SHARE } from '@/core/defaults';
import type { FittingStage } from '@/core/fittings';
import { wishableFlap } from '@/core/flap';
import type { FoldStage } from '@/core/fold';
import type { Problem } from '@/core/problems';
import type { PouchStage, FlapStage } from '@/core/stages';
import type { EmptyAndFull } from './emptyAndFullStage';

/** What matters of the difference between the empty and the full bag: a mouth that stands open, and a load that draws the sides in. */
export function emptyAndFullProblems(
  design: SettledDesign,
  pouch: PouchStage,
  flap: FlapStage,
  fold: FoldStage,
  sizes: readonly EmptyAndFull[],
  fittings: readonly Pick<FittingStage, 'closes'>[],
): Problem[] {
  // A bag that is made deep is meant to be.
  if (pouch.depthMm > 0) return [];
  const gap = sizes.find(({ id }) => id === 'gap')?.full;
  const { width } = pouch.figures;
  const lostMm = width.value - fold.figures.widthLoaded.value;
  const problems: Problem[] = [];
  const isClosed = flap.hasFlap || fittings.some(({ closes }) => closes === 'mouth');
  if (gap && !isClosed && gap.value > GAP_WITHOUT_FLAP_MM)
    problems.push({
      code: 'mouth-stands-open',
      severity: 'mind',
      place: 'body',
      asks: [gap.id],
      values: { gapMm: gap.value },
      repairs: constructionOf(pouch.kind).takesFlap
        ? [
            {
              code: 'give-flap',
              values: { halfway: false, second: false },
              edits: [{ path: ['flap'], value: { ...wishableFlap(design), kind: 'straight' } }],
            },
          ]
        : [],
    });
  if (lostMm > NARROWER_SHARE * width.value)
    problems.push({
      code: 'narrower-when-full',
      severity: 'mind',
      place: 'body',
      asks: [fold.figures.widthLoaded.id, width.id],
      values: { lostMm, loadMm: pouch.loadMm },
      repairs: deeper(design, pouch),
    });
  return problems;
}

/** The same strip with boxed corners, as deep as its load asks for. */
function deeper({ body, wishedMm, contents }: SettledDesign, { kind, layers }: PouchStage): Problem['repairs'] {
  const { deeperAs } = factsOf(kind);
  if (deeperAs === null) return [];
  const depthMm = Math.ceil(contents.thicknessMm + contents.easeMm + sheetsThroughMm(layers));
  if (depthMm > MOST_DEPTH_MM) return [];
  const wished = { ...body, ...wishedMm };
  const value = { ...usualBody(deeperAs, wished, body), depthMm: Math.max(LEAST_DEPTH_MM, depthMm) };
  return [{ code: 'box-the-corners', values: { depthMm: value.depthMm }, edits: [{ path: ['body'], value }] }];
}
