import { everywhere, work, type Into, type StitchKind } from '../step';
import type { StitchNature, StitchPattern } from '../stitch';
import { turningChainOf } from '../turning';

const LIKE_SC: StitchNature = {
  widthToSc: 1,
  heightToSc: 1,
  yarnToSc: 1,
  thicknessToSc: 1,
  openness: 'dense',
  hasUp: false,
  sameOnBothFaces: true,
};

/** A fabric of one stitch, the same all along every row. */
const plain = <Id extends string>(id: Id, kind: StitchKind, nature: Partial<StitchNature>, into: Into = 'stitch') =>
  ({
    id,
    use: 'fabric',
    base: kind,
    repeatStitches: 1,
    edgeStitches: 0,
    turningChain: turningChainOf(kind),
    setupRows: [],
    rows: [everywhere(work(kind, 1, into))],
    firstRowPublic: true,
    inRounds: false,
    nature: { ...LIKE_SC, ...nature },
  }) as const satisfies StitchPattern;

/** Slip stitches under both loops: very firm, barely stretching. Proportions from memory. */
export const slipStitch = plain('sl-st', 'sl-st', { heightToSc: 0.5, yarnToSc: 1.15, thicknessToSc: 0.9 });
/** Slip stitches in the back loop: a rib that stretches along the rows. Proportions from memory. */
export const slipStitchRib = {
  ...plain('sl-st-rib', 'sl-st', { heightToSc: 0.55, yarnToSc: 1.1, thicknessToSc: 1.1 }, 'back-loop'),
  // A chain has no row to make ribs of.
  setupRows: [everywhere(work('sl-st'))],
} as const satisfies StitchPattern;
/** Single crochet (US), double crochet (UK). Common practice, no source. */
export const singleCrochet = plain('sc', 'sc', {});
/** Extended single crochet: a chain is worked before it is closed. Proportions from memory. */
export const extendedSingleCrochet = plain('esc', 'esc', { heightToSc: 1.35, yarnToSc: 0.95, thicknessToSc: 0.95 });
/** Half double crochet (US), half treble (UK). Proportions from memory. */
export const halfDoubleCrochet = plain('hdc', 'hdc', { heightToSc: 1.45, yarnToSc: 0.95, thicknessToSc: 1.05 });
/** Double crochet (US), treble (UK). Proportions from memory. */
export const doubleCrochet = plain('dc', 'dc', {
  heightToSc: 2,
  yarnToSc: 0.85,
  thicknessToSc: 0.9,
  openness: 'medium',
});
/** Treble (US), double treble (UK). Proportions from memory. */
export const treble = plain('tr', 'tr', { heightToSc: 2.8, yarnToSc: 0.75, thicknessToSc: 0.85, openness: 'open' });
/** Herringbone half double: the first loop is drawn through, so the stitches lean. Proportions from memory. */
export const herringboneHalfDouble = plain('herringbone-hdc', 'herringbone-hdc', {
  heightToSc: 1.3,
  yarnToSc: 1,
  thicknessToSc: 1.05,
});
/** Herringbone double: leaning, denser than a double. Proportions from memory. */
export const herringboneDouble = plain('herringbone-dc', 'herringbone-dc', {
  heightToSc: 1.8,
  yarnToSc: 0.9,
  thicknessToSc: 0.95,
  openness: 'medium',
});
