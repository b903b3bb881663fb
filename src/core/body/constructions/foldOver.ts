import { loadThicknessMm } from '@/core/contents';
import type { FoldOverStrip } from '@/core/design';
import { input } from '@/core/figures';
import { baseDepthMm, heightFromSideMm, sideForHeightMm, straightSideMm } from '@/core/section';
import { allowedInRows } from './allowed';
import { bordered } from './bordered';
import type { Construction, Sizing } from './construction';
import { planFaces, withOwn } from './planFaces';
import { STRIP_NAMES, stripFigures, stripPiece, takesInput, unevenProblems } from './strip';
import { seamedSides } from './seamedSides';

/** One strip that is folded up at the base and, where it has a flap, over at the top; its sides seamed. */
export const foldOver: Construction<FoldOverStrip> = {
  takesFlap: true,
  foldsFlat: false,
  sizing: ({ seam: { takeUpStitches } }, cloth, pattern): Sizing => {
    const { stitchMm, rowMm, fabricMm, liningMm } = cloth;
    const depthMm = baseDepthMm(cloth, 0);
    const bendInput = input('Depth of the base fold, between the middles of the fabric', depthMm, 'mm');
    return bordered(cloth, {
      across: {
        stitchesFor: (widthMm) => widthMm / stitchMm + 2 * takeUpStitches,
        widthMm: (stitches) => (stitches - 2 * takeUpStitches) * stitchMm,
        seenStitches: (stitches) => stitches - 2 * takeUpStitches,
        firstRow: (stitches) => stitches,
        allowed: allowedInRows(pattern),
        stitches: {
          rule: 'Wanted width divided by the width of one stitch, plus what both side seams take',
          inputs: [takesInput(takeUpStitches)],
        },
        width: {
          rule: 'Stitches less what both side seams take, times the width of one stitch.',
          inputs: [takesInput(takeUpStitches)],
        },
      },
      rowsFor: (heightMm) => sideForHeightMm(heightMm, depthMm, fabricMm) / rowMm,
      heightMm: (rows) => heightFromSideMm(rows * rowMm, depthMm, fabricMm),
      bendMm: (Math.PI / 4) * depthMm,
      rows: {
        rule: 'Strip from the top edge to the middle of the base fold: the height, plus the quarter circle the fabric makes round the base, less what that bend stands below.',
        inputs: [input('Thickness of the fabric', fabricMm, 'mm'), input('Thickness of the lining', liningMm, 'mm')],
      },
      height: {
        rule: 'Front rows times the row height, less the quarter circle that goes round the base, plus what that bend stands below: outside, from the bottom to the mouth.',
        inputs: [bendInput],
      },
    });
  },
  pouch: (inputs) => {
    const { body, cloth, pattern, design } = inputs;
    const emptyDepthMm = baseDepthMm(cloth, 0);
    const loadedDepthMm = baseDepthMm(cloth, design.contents.thicknessMm);
    const planned = planFaces(inputs, {
      sizing: foldOver.sizing(body, cloth, pattern),
      depthMm: 0,
      sideMm: (rows) => rows * cloth.rowMm,
      baseMm: 0,
      backFollows: false,
      heightLoadedMm: (rows) =>
        heightFromSideMm(rows * cloth.rowMm, loadedDepthMm, cloth.fabricMm) + cloth.borders.frontMm,
      flatFrontMm: (rows, state) =>
        straightSideMm(rows * cloth.rowMm, baseDepthMm(cloth, loadThicknessMm(design.contents, state))),
      mostLoadMm: (rows) => (4 / Math.PI) * rows * cloth.rowMm - emptyDepthMm,
      rowsBeforeFlap: (front, back) => front + back,
      names: STRIP_NAMES,
    });
    if (!planned.ok) return planned;
    const { pouch } = planned;
    return withOwn(pouch, {
      figures: { ...pouch.figures, ...stripFigures(inputs, pouch) },
      problems: unevenProblems(pouch),
    });
  },
  pieces: (inputs, pouch, flap) => {
    const { panel, ...strip } = stripPiece(inputs, pouch, flap);
    return {
      pieces: [panel],
      joins: [seamedSides(pouch, inputs.design, strip.workedFrom, panel)],
      figures: [],
      ...strip,
    };
  },
};
