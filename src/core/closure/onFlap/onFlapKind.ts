import { constructionOf } from '@/core/body';
import type { LoadState } from '@/core/contents';
import { flapLiningMm, linesFlap, meshMmOf } from '@/core/design';
import type { Design, OnFlap } from '@/core/design';
import { GEOMETRY, input, inputFrom, makeFigure, type Figure } from '@/core/figures';
import {
  nameAt,
  stageOf,
  type FittingInput,
  type FittingKind,
  type FittingStage,
  type MadeParts,
  type MadeSize,
  type MarkForm,
} from '@/core/fittings';
import { onFlapFigures, type OnFlapFigures } from './figures';
import { onFlapMarks } from './marks';
import type { OnFlapNature } from './nature';
import { placeOnFlap, type OnFlapSpot } from './places';
import { onFlapProblems, withoutFlap } from './problems';

export interface OnFlapStage<Choice extends OnFlap = OnFlap> extends FittingStage<Choice> {
  /** The parts on the flap. */
  halves: OnFlapSpot[];
  /** They sit in the hem's own rows, which hide what shows of them once they are turned back. */
  inHem: boolean;
  /** They are left in a round of the edging along the flap's edge. */
  inEdging: boolean;
  /** The mates to set on the front's outer face; none where the flap's part does not come to lie on it. */
  mates: OnFlapSpot[];
  /** Where the flap's part meets the front, exactly, from the front's top edge, mm. */
  meetsMm: Record<LoadState, number>;
  /** By how much it may miss its mate and still close, mm. */
  findsMm: number;
  figures: OnFlapFigures;
  /** Figures that only its kind has. */
  own: Figure[];
}

/** Something that closes a flap: one part on the flap, its mate on the front where the folded flap brings it. */
export const onFlapKind = <Choice extends OnFlap>(
  usual: (design: Design) => Choice,
  nature: OnFlapNature<Choice>,
  /** Figures that only this kind has. */
  ownFigures: (choice: Choice, bag: FittingInput) => Figure[] = () => [],
): FittingKind<Choice, OnFlapStage<Choice>> => ({
  usual,
  plan(choice, bag) {
    const { design, pouch, flap, at } = bag;
    const radiusMm = nature.radiusMm(choice);
    const told = { prefix: nature.prefix, closure: choice, radiusMm, findsMm: nature.findsMm(choice) };
    if (!flap.hasFlap)
      return {
        ok: false,
        problems: [withoutFlap(told, design, constructionOf(pouch.kind).takesFlap, flap, at)],
      };
    const isHidden = nature.isHidden(choice);
    const wideMm = widthOf(nature.half.form(choice));
    const places = placeOnFlap(choice, isHidden ? radiusMm : null, bag, nature.inEdging?.(choice, bag) ?? null);
    const figures = onFlapFigures(choice, nature, places, bag);
    const own = [...ownFigures(choice, bag), ...throughFigures(choice, nature, bag)];
    return {
      ok: true,
      stage: {
        ...stageOf({
          choice,
          at,
          closes: 'flap',
          holds: places.halves.map(({ acrossMm }) => [acrossMm - wideMm / 2, acrossMm + wideMm / 2] as const),
          marks: onFlapMarks(choice, nature, places, bag),
          steps: nature.steps(choice, bag),
          differs: [
            {
              id: nameAt(at, nature.prefix),
              name: `${nature.half.label} meets the front at`,
              empty: figures.meetsEmpty,
              full: figures.meetsLoaded,
            },
          ],
          fromEdgeMm: choice.insetMm,
          bought: places.halves.length,
          asked: [...Object.values(figures).filter((figure) => figure !== null), ...own],
          problems: [...nature.cautions(choice, bag), ...onFlapProblems({ ...told, bag, places, isHidden, wideMm })],
        }),
        halves: places.halves,
        inHem: places.hemRow !== null,
        inEdging: places.round !== null,
        mates: places.mates,
        meetsMm: places.meetsMm,
        findsMm: told.findsMm,
        figures,
        own,
      },
    };
  },
  made: (stage, parts) => madeOf(nature, stage, parts),
});

/** What each part goes through, for the length of its prongs or its post; nothing of what a thread holds. */
const throughFigures = <Choice extends OnFlap>(
  choice: Choice,
  { prefix, half, mate }: OnFlapNature<Choice>,
  { design, pouch, gauge, at }: FittingInput,
): Figure[] =>
  (
    [
      ['half', half],
      ['mate', mate],
    ] as const
  ).flatMap(([name, part]) => {
    const { fabric, lining } = part.through(choice, linesFlap(design));
    const meshMm = fabric ? meshMmOf(design) : 0;
    const mm = (fabric ? pouch.layers.fabricMm : 0) + meshMm + (lining ? flapLiningMm(design) : 0);
    if (mm === 0) return [];
    return [
      makeFigure(
        nameAt(at, `${prefix}.${name}Through`),
        `${part.label} goes through`,
        mm,
        'mm',
        {
          rule: 'Thickness of the layers at its place: its prongs or its post have to reach through them and be bent, or screwed, behind.',
          inputs: [
            ...(fabric ? [inputFrom(gauge.fabricThickness)] : []),
            ...(meshMm > 0 ? [input('Thickness of the mesh', meshMm, 'mm')] : []),
            ...(lining ? [input('Thickness of the flap’s lining', flapLiningMm(design), 'mm')] : []),
          ],
          source: GEOMETRY,
        },
        fabric ? gauge.fabricThickness.plusMinus : null,
      ),
    ];
  });

/** By how much the flap's part lies below its mate on the loaded bag as it came out; the part is counted from the flap's edge, its mate from the front's mouth. */
function madeOf<Choice extends OnFlap>(
  { prefix, half, mate }: OnFlapNature<Choice>,
  { at, figures }: OnFlapStage<Choice>,
  { coverMm, rowMm, tailRowMm, frontRowMm, borders, planned }: MadeParts,
): MadeSize[] {
  const mateMm = figures.mateDistance?.value;
  /** A distance from an edge as it came out: its rows, and the border beyond them. */
  const asMade = (mm: number, madeRowMm: number, border: 'flapMm' | 'frontMm') =>
    ((mm - planned[border]) / rowMm) * madeRowMm + borders[border];
  return [
    {
      id: nameAt(at, prefix),
      name: `${half.label} below its ${mate.noun}, loaded`,
      label: `${half.label} below its ${mate.noun} as made, loaded`,
      isDifference: true,
      mm:
        mateMm === undefined || coverMm === null
          ? null
          : coverMm - asMade(figures.halfInset.value, tailRowMm, 'flapMm') - asMade(mateMm, frontRowMm, 'frontMm'),
    },
  ];
}

/** How wide a part lies across the fabric, mm. */
function widthOf(form: MarkForm): number {
  switch (form.kind) {
    case 'disc':
    case 'ring':
      return 2 * form.radiusMm;
    case 'patch':
      return form.widthMm;
    case 'line':
      return Math.abs(form.toAcrossMm);
    case 'outline':
      return 2 * Math.max(0, ...form.points.map(([across]) => Math.abs(across)));
  }
}
