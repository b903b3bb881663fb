import { capital } from '@/core/units';
import { sheetInputs, sheetWords, sheetsAcrossMm, sheetsAlongMm, sheetsThroughMm, type Wrap } from '@/core/contents';
import { GEOMETRY, inputFrom, makeFigure, restsOn, type Figure } from '@/core/figures';
import type { PouchStage } from '@/core/stages';
import type { Layers, Stiff } from '@/core/section';

/** A bag's inside, and what lies between it and the outside. */
export interface InsideFigures {
  /** Fabric and lining of both sides, and of the base, or of a round bag all round. */
  sheetsAcross: Figure;
  sheetsAlong: Figure;
  /** Of front and back; null for a bag that lies flat. */
  sheetsThrough: Figure | null;
  insideWidth: Figure;
  insideHeight: Figure;
  /** Null for a bag that lies flat. */
  insideDepth: Figure | null;
}

/**
 * The inside of a planned bag: its outside, less the sheets of fabric, lining and stiffener that lie between.
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
      inputs: sheetInputs(sheets),
      source: GEOMETRY,
      ...restsOn(height),
    });
  const isRound = wrap === 'round';
  const words = sheetWords(sheets);
  const what = capital(words);
  const also = (wall: keyof Stiff) => (sheets.stiff && sheets.stiff[wall] > 0 ? ', and twice the stiffener' : '');
  const sheetsAcross = between(
    'size.sheetsAcross',
    `${what}, both sides`,
    sheetsAcrossMm(sheets),
    `Twice the fabric and twice the lining${also('sidesMm')}: one of each on either side.`,
  );
  const sheetsAlong = between(
    'size.sheetsAlong',
    isRound ? `${what}, above and below` : `${what}, base`,
    sheetsAlongMm(sheets, wrap),
    isRound
      ? 'Twice the fabric and twice the lining: one of each above and below.'
      : `${what} of the base. The mouth is open, so that nothing lies above.`,
  );
  const sheetsThrough =
    depth &&
    between(
      'size.sheetsThrough',
      `${what}, front and back`,
      sheetsThroughMm(sheets),
      `Twice the fabric and twice the lining${also('facesMm')}: one of each in front and behind.`,
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
    sheetsThrough,
    insideWidth: inside(
      'size.insideWidth',
      'Width, inside',
      width,
      sheetsAcross,
      `Outside width, less ${words} on both sides.`,
    ),
    insideHeight: inside(
      'size.insideHeight',
      'Height, inside',
      height,
      sheetsAlong,
      isRound
        ? 'Outside height, less fabric and lining above and below.'
        : `Outside height, less ${words} of the base. The mouth is open.`,
    ),
    insideDepth:
      depth &&
      sheetsThrough &&
      inside(
        'size.insideDepth',
        'Depth, inside',
        depth,
        sheetsThrough,
        `Outside depth, less ${words} of front and back.`,
      ),
  };
}
