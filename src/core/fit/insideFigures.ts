import { sheetsAcrossMm, sheetsAlongMm, type Wrap } from '@/core/contents';
import { GEOMETRY, input, inputFrom, makeFigure, restsOn, type Figure } from '@/core/figures';
import type { PouchStage } from '@/core/stages';
import type { Layers } from '@/core/section';

/** A bag's inside, and what lies between it and the outside. */
export interface InsideFigures {
  /** Fabric and lining of both sides, and of the base, or of a round bag all round. */
  sheetsAcross: Figure;
  sheetsAlong: Figure;
  insideWidth: Figure;
  insideHeight: Figure;
  /** Null for a bag that lies flat. */
  insideDepth: Figure | null;
}

/**
 * The inside of a planned bag: its outside, less the sheets of fabric and lining that lie between.
 * Source: geometry.
 */
export function insideFigures(
  { width, height, depth }: Pick<PouchStage['figures'], 'width' | 'height' | 'depth'>,
  sheets: Layers,
  wrap: Wrap,
): InsideFigures {
  const between = (id: string, label: string, mm: number, rule: string) =>
    makeFigure(id, label, mm, 'mm', {
      rule,
      inputs: [
        input('Thickness of the fabric', sheets.fabricMm, 'mm'),
        input('Thickness of the lining', sheets.liningMm, 'mm'),
      ],
      source: GEOMETRY,
      ...restsOn(height),
    });
  const isRound = wrap === 'round';
  const sheetsAcross = between(
    'size.sheetsAcross',
    'Fabric and lining, both sides',
    sheetsAcrossMm(sheets),
    'Twice the fabric and twice the lining: one of each on either side.',
  );
  const sheetsAlong = between(
    'size.sheetsAlong',
    isRound ? 'Fabric and lining, above and below' : 'Fabric and lining, base',
    sheetsAlongMm(sheets, wrap),
    isRound
      ? 'Twice the fabric and twice the lining: one of each above and below.'
      : 'Fabric and lining of the base. The mouth is open, so that nothing lies above.',
  );
  const inside = (id: string, label: string, outside: Figure, less: Figure, rule: string) =>
    makeFigure(
      id,
      label,
      outside.value - less.value,
      'mm',
      { rule, inputs: [inputFrom(outside), inputFrom(less)], source: GEOMETRY },
      outside.plusMinus,
    );
  return {
    sheetsAcross,
    sheetsAlong,
    insideWidth: inside(
      'size.insideWidth',
      'Width, inside',
      width,
      sheetsAcross,
      'Outside width, less fabric and lining on both sides.',
    ),
    insideHeight: inside(
      'size.insideHeight',
      'Height, inside',
      height,
      sheetsAlong,
      isRound
        ? 'Outside height, less fabric and lining above and below.'
        : 'Outside height, less fabric and lining of the base. The mouth is open.',
    ),
    insideDepth:
      depth &&
      inside(
        'size.insideDepth',
        'Depth, inside',
        depth,
        sheetsAcross,
        'Outside depth, less fabric and lining of front and back.',
      ),
  };
}
