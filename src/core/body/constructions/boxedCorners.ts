import type { BoxedCorners } from '@/core/design';
import { GEOMETRY, input, inputFrom, makeFigure, restsOn } from '@/core/figures';
import type { Join } from '@/core/pieces';
import { allowedInRows } from './allowed';
import { bordered } from './bordered';
import type { ClothMm, Construction, Sizing } from './construction';
import { depthFigures, planFaces, withOwn } from './planFaces';
import { seamedSides } from './seamedSides';
import { deepStripFaces, stripFigures, stripPiece, takesInput, unevenProblems } from './strip';

/** From the middle of the front to the middle of the back, for a depth outside, mm. */
const middleDepthMm = ({ depthMm }: BoxedCorners, { fabricMm }: ClothMm): number => Math.max(1, depthMm - fabricMm);

/**
 * A strip folded at the base and seamed at its sides; then each lower corner is folded to a point and seamed across, half the depth
 * from the point, so that the bag stands. The base takes half the depth of front and back, and of each side.
 */
export const boxedCorners: Construction<BoxedCorners> = {
  takesFlap: true,
  foldsFlat: true,
  sizing: (body, cloth, pattern): Sizing => {
    const { stitchMm, rowMm, fabricMm } = cloth;
    const { takeUpStitches } = body.seam;
    const depthMm = middleDepthMm(body, cloth);
    const depthInput = input('Depth, between the middles of the fabric', depthMm, 'mm');
    const inputs = [takesInput(takeUpStitches), depthInput];
    return bordered(cloth, {
      across: {
        stitchesFor: (widthMm) => (widthMm - fabricMm + depthMm) / stitchMm + 2 * takeUpStitches,
        widthMm: (stitches) => (stitches - 2 * takeUpStitches) * stitchMm - depthMm + fabricMm,
        seenStitches: (stitches) => stitches - 2 * takeUpStitches,
        firstRow: (stitches) => stitches,
        allowed: allowedInRows(pattern),
        stitches: {
          rule: 'Wanted width, less one thickness of fabric, plus the depth, of which half turns round each side; divided by the width of one stitch, plus what both side seams take',
          inputs,
        },
        width: {
          rule: 'Stitches less what both side seams take, times the width of one stitch; less the depth, of which half turns round each side; plus one thickness of fabric.',
          inputs,
        },
      },
      rowsFor: (heightMm) => (heightMm + depthMm / 2 - fabricMm / 2) / rowMm,
      heightMm: (rows) => rows * rowMm - depthMm / 2 + fabricMm / 2,
      bendMm: depthMm / 2,
      rows: {
        rule: 'Height, plus half the depth, which turns under the base, less half the fabric.',
        inputs: [depthInput],
      },
      height: {
        rule: 'Front rows times the row height, less half the depth, which turns under the base, plus half the fabric: outside, from the bottom to the mouth.',
        inputs: [depthInput],
      },
    });
  },
  pouch: (inputs) => {
    const { body, cloth, pattern } = inputs;
    const depthMm = middleDepthMm(body, cloth);
    const sizing = boxedCorners.sizing(body, cloth, pattern);
    const planned = planFaces(inputs, deepStripFaces(sizing, depthMm, cloth));
    if (!planned.ok) return planned;
    const { pouch } = planned;
    const figures = { ...pouch.figures, ...stripFigures(inputs, pouch), ...depthFigures(inputs, depthMm) };
    const corner = (
      id: string,
      label: string,
      sizeMm: number,
      unit: 'stitch' | 'row',
      figure: typeof figures.stitches,
    ) =>
      makeFigure(id, label, depthMm / 2 / sizeMm, unit, {
        rule: `Half the depth, divided by the ${unit === 'stitch' ? 'width of one stitch' : 'row height'}. Fold the corner to a point, so that the side seam lies on the base fold; the seam across it is as far from the point.`,
        inputs: [input('Depth, between the middles of the fabric', depthMm, 'mm'), inputFrom(figure)],
        source: GEOMETRY,
      });
    return withOwn(pouch, {
      figures,
      own: [
        makeFigure('corner.seam', 'Seam across each corner', depthMm, 'mm', {
          rule: 'As long as the bag is deep, between the middles of the fabric.',
          inputs: [input('Depth you want, outside', body.depthMm, 'mm'), inputFrom(inputs.gauge.fabricThickness)],
          source: GEOMETRY,
        }),
        makeFigure('corner.fromPoint', 'Corner seam from the point', depthMm / 2, 'mm', {
          rule: 'Half the depth from the point of the corner, along the side seam.',
          inputs: [input('Depth, between the middles of the fabric', depthMm, 'mm')],
          source: GEOMETRY,
          ...restsOn(inputs.gauge.fabricThickness),
        }),
        corner(
          'corner.stitches',
          'Corner, in stitches from each side',
          cloth.stitchMm,
          'stitch',
          inputs.gauge.stitchWidth,
        ),
        corner('corner.rows', 'Corner, in rows from the base fold', cloth.rowMm, 'row', inputs.gauge.rowHeight),
      ],
      problems: unevenProblems(pouch),
    });
  },
  pieces: (inputs, pouch, flap) => {
    const { panel, ...strip } = stripPiece(inputs, pouch, flap);
    const rows = Math.min(pouch.frontRows, Math.round(pouch.depthMm / 2 / pouch.rowMm));
    const corner: Join['edges'][0] = { piece: 'panel', edge: 'corners', from: null, to: null };
    return {
      pieces: [panel],
      joins: [
        seamedSides(pouch, inputs.design, strip.workedFrom, panel),
        {
          id: 'corners',
          times: 2,
          made: 'sewn',
          edges: [corner, corner],
          stretches: [{ name: 'corner', first: rows, second: rows, lengthMm: pouch.depthMm }],
        },
      ],
      figures: [],
      ...strip,
    };
  },
};
