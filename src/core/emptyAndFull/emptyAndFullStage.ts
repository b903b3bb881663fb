import { GEOMETRY, input, inputFrom, makeFigure, type Figure } from '@/core/figures';
import type { FoldStage } from '@/core/fold';
import type { GaugeStage } from '@/core/gauge';
import type { SnapStage } from '@/core/closure';
import { mouthDepthMm } from '@/core/section';
import type { PouchStage, FlapStage } from '@/core/stages';

/** One size of the finished bag, empty and full. */
export interface EmptyAndFull {
  id: 'width' | 'height' | 'thickness' | 'gap' | 'cover' | 'share' | 'snap';
  empty: Figure;
  full: Figure;
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
  snap: SnapStage | null,
  fold: FoldStage,
): EmptyAndFull[] {
  const { figures, layers, loadMm, depthMm } = pouch;
  if (loadMm <= 0) return [];
  const sheets = [inputFrom(gauge.fabricThickness), input('Thickness of the lining', layers.liningMm, 'mm')];
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
      Math.max(0, mouthDepthMm(layers, load, depthMm) - layers.fabricMm - 2 * layers.liningMm),
      load,
      `Between the linings of front and back at the mouth: as much as the load keeps them apart${deep}.`,
    );
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
  const row = (id: EmptyAndFull['id'], empty: Figure, full: Figure): EmptyAndFull => ({
    id,
    empty,
    full,
    differs: makeFigure(`full.${id}.differs`, `${full.label}: more than empty`, full.value - empty.value, full.unit, {
      rule: 'Full, less empty.',
      inputs: [inputFrom(full), inputFrom(empty)],
      source: GEOMETRY,
    }),
  });
  const { dropEmpty, dropLoaded } = flap.figures;
  return [
    ...(pouch.kind === 'round-purse' ? [] : [row('width', figures.width, fold.figures.widthLoaded)]),
    row('height', figures.height, figures.heightLoaded),
    row(
      'thickness',
      thickness('size.thicknessEmpty', 'Front to back, outside, empty', 0),
      thickness('size.thicknessFull', 'Front to back, outside, full', loadMm),
    ),
    row(
      'gap',
      gap('mouth.gapEmpty', 'Gap at the mouth, empty', 0),
      gap('mouth.gapFull', 'Gap at the mouth, full', loadMm),
    ),
    ...(flap.hasFlap
      ? [
          row('cover', dropEmpty, dropLoaded),
          row('share', share('empty', dropEmpty, figures.height), share('full', dropLoaded, figures.heightLoaded)),
        ]
      : []),
    ...(snap ? [row('snap', snap.figures.meetsEmpty, snap.figures.meetsLoaded)] : []),
  ];
}
