import type { ContentsStage, SettledDesign } from '@/core/contents';
import { patternOf } from '@/core/design';
import type { GaugeStage } from '@/core/gauge';
import type { PieceSet } from '@/core/pieces';
import { withCode, type Problem } from '@/core/problems';
import type { FlapStage, PouchStage } from '@/core/stages';
import { clothOf } from './clothOf';
import { shallowerRepairs } from './shallowerRepairs';
import { constructionOf, withOwn, type BodyInput } from './constructions';

type BodyResult =
  | {
      ok: true;
      pouch: PouchStage;
      /** The design with the load that the body was planned for. */
      design: SettledDesign;
      /** The pieces, once it is known what flap goes on from the back. */
      pieces(flap: FlapStage): PieceSet;
    }
  | { ok: false; problems: Problem[] };

/**
 * The body for the load. A thickness that she gave and that no bag this size can take prevents a plan; one that follows from
 * what goes in does not: the bag is then planned for the most that it can take, and says so.
 */
export function bodyStage({ settled, wanted, packed }: ContentsStage, gauge: GaugeStage): BodyResult {
  const construction = constructionOf(settled.body.kind);
  const planned = (design: SettledDesign): BodyResult => {
    const inputs: BodyInput = {
      design,
      body: design.body,
      gauge,
      cloth: clothOf(design, gauge),
      pattern: patternOf(design),
      wanted,
    };
    const result = construction.pouch(inputs);
    if (!result.ok) return result;
    const { pouch } = withOwn(result.pouch, { problems: deepProblems(design, result.pouch) });
    return { ok: true, pouch, design, pieces: (flap) => construction.pieces(inputs, pouch, flap) };
  };
  const body = planned(settled);
  if (body.ok) return body;
  const tooThick = body.problems.find(withCode('load-too-thick'));
  if (!tooThick || packed?.thicknessMm !== settled.contents.thicknessMm) return body;
  const clampedLoadMm = tooThick.values.mostLoadMm;
  return planned({ ...settled, clampedLoadMm, contents: { ...settled.contents, thicknessMm: clampedLoadMm } });
}

/** A bag that is deeper than it is wide or high can be worked, but is hardly what was meant. */
function deepProblems(design: SettledDesign, { depthMm, figures }: PouchStage): Problem[] {
  const least = Math.min(figures.width.value, figures.height.value);
  if (depthMm === 0 || depthMm <= least) return [];
  return [
    {
      code: 'deeper-than-the-bag',
      severity: 'mind',
      place: 'body',
      path: ['body', 'depthMm'],
      asks: ['size.depth', 'size.width', 'size.height'],
      values: { depthMm: figures.depth?.value ?? depthMm, leastMm: least },
      repairs: shallowerRepairs(design, {
        widthMm: figures.width.value,
        heightMm: figures.height.value,
        depthMm: figures.depth?.value ?? depthMm,
      }),
    },
  ];
}
