import { withinInputs } from '@/core/contents';
import { factsOf } from '@/core/design';
import { GEOMETRY, input, inputFrom, makeFigure, type Figure } from '@/core/figures';
import type { FoldStage } from '@/core/fold';
import type { GaugeStage } from '@/core/gauge';
import type { Differing, FittingStage } from '@/core/fittings';
import { withinFacesMm, mouthDepthMm } from '@/core/section';
import type { PouchStage, FlapStage } from '@/core/stages';

/** One size of the finished bag, empty and full. */
export interface EmptyAndFull extends Differing {
  /** Full less empty. */
  differs: Figure;
}

/**
 * How far the finished bag differs between empty and full: how it sinks, thickens and gapes, how far its flap comes down, and where
 * the snap meets the front.
 *
 * @returns what this bag has of it; nothing where no load is known
 */
export function emptyAndFullStage(
  gauge: GaugeStage,
  pouch: PouchStage,
  flap: FlapStage,
  fittings: readonly Pick<FittingStage, 'differs'>[],
  fold: FoldStage,
): EmptyAndFull[] {
  const { figures, loadMm } = pouch;
  if (loadMm <= 0) return [];
  const { thickness, gap } = acrossFigures(gauge, pouch);
  const { dropEmpty, dropLoaded } = flap.figures;
  return [
    ...(factsOf(pouch.kind).faces === 'discs'
      ? []
      : [row({ id: 'width', name: 'Width, outside', empty: figures.width, full: fold.figures.widthLoaded })]),
    row({ id: 'height', name: 'Height to the mouth', empty: figures.height, full: figures.heightLoaded }),
    row({
      id: 'thickness',
      name: 'Front to back, outside',
      empty: thickness('size.thicknessEmpty', 'Front to back, outside, empty', 0),
      full: thickness('size.thicknessFull', 'Front to back, outside, full', loadMm),
    }),
    row({
      id: 'gap',
      name: 'Gap at the mouth',
      empty: gap('mouth.gapEmpty', 'Gap at the mouth, empty', 0),
      full: gap('mouth.gapFull', 'Gap at the mouth, full', loadMm),
    }),
    ...(flap.hasFlap
      ? [
          row({ id: 'cover', name: 'Flap down the front', empty: dropEmpty, full: dropLoaded }),
          row({
            id: 'share',
            name: 'Share of the front it covers',
            empty: share('empty', dropEmpty, figures.height),
            full: share('full', dropLoaded, figures.heightLoaded),
          }),
        ]
      : []),
    ...fittings.flatMap(({ differs }) => differs.map(row)),
  ];
}

/** Front to back, outside, and between the linings at the mouth, with a load so thick. */
function acrossFigures(gauge: GaugeStage, { layers, depthMm }: PouchStage) {
  const sheets = [inputFrom(gauge.fabricThickness), ...withinInputs(layers)];
  const depth = depthMm > 0 ? [input('Depth, between the middles of the fabric', depthMm, 'mm')] : [];
  const size = (id: string, label: string, mm: number, load: number, rule: string) =>
    makeFigure(id, label, mm, 'mm', {
      rule,
      inputs: [input('Thickness of the load', load, 'mm'), ...sheets, ...depth],
      source: GEOMETRY,
    });
  const deep = depthMm > 0 ? ', or the depth it is made with where that is more' : '';
  const thickness = (id: string, label: string, load: number) =>
    size(
      id,
      label,
      mouthDepthMm(layers, load, depthMm) + layers.fabricMm,
      load,
      `From the outside of the front to the outside of the back: the load, both linings and both fabrics${deep}.`,
    );
  const gap = (id: string, label: string, load: number) =>
    size(
      id,
      label,
      Math.max(0, mouthDepthMm(layers, load, depthMm) - layers.fabricMm - 2 * withinFacesMm(layers)),
      load,
      `Between the linings of front and back at the mouth: as much as the load keeps them apart${deep}.`,
    );
  return { thickness, gap };
}

const share = (state: 'empty' | 'full', drop: Figure, height: Figure) =>
  makeFigure(
    `flap.share.${state}`,
    `Flap’s share of the front, ${state}`,
    height.value > 0 ? drop.value / height.value : 0,
    'ratio',
    {
      rule: 'How far the flap comes down, against the height to the mouth.',
      inputs: [inputFrom(drop), inputFrom(height)],
      source: GEOMETRY,
    },
  );

const row = ({ id, name, empty, full }: Differing): EmptyAndFull => ({
  id,
  name,
  empty,
  full,
  differs: makeFigure(`full.${id}.differs`, `${full.label}: more than empty`, full.value - empty.value, full.unit, {
    rule: 'Full, less empty.',
    inputs: [inputFrom(full), inputFrom(empty)],
    source: GEOMETRY,
  }),
});
