import { shortestStandardMm } from '@/core/closure';
import { ringBounds } from '@/core/cutting';
import type { Pocket } from '@/core/design';
import { COMMON_PRACTICE, GEOMETRY, MEMORY, input, inputFrom, makeFigure, type Figure } from '@/core/figures';
import { nameAt, type FittingInput } from '@/core/fittings';
import { BESIDE_SLIT_MM, LOOP_ENDS_MM, SLIT_MM, vinylHoles, type PocketPiece } from './pocketPieces';
import type { PocketSizes } from './pocketSizes';

/** What a kind of pocket has besides its size: lengths in mm; null of those that have none of it. */
export interface OwnFigures {
  cutWidth: Figure | null;
  cutHeight: Figure | null;
  stitches: Figure | null;
  rows: Figure | null;
  zipper: Figure | null;
  holes: Figure | null;
}

/** Why a piece is cut so large: across, and up. */
interface CutRules {
  across: { rule: string; inputs: ReturnType<typeof input>[] };
  up: { rule: string; inputs: ReturnType<typeof input>[] };
}

function cutRules(pocket: Pocket, { width, height, girth }: PocketSizes): CutRules | null {
  const seam = 'seamMm' in pocket ? [input('Turned under, each side', pocket.seamMm, 'mm')] : [];
  switch (pocket.kind) {
    case 'slip':
    case 'divided':
      return {
        across: { rule: 'Finished, and what is turned under at both sides.', inputs: [inputFrom(width), ...seam] },
        up: {
          rule: 'Finished, what is turned under below, and the hem above.',
          inputs: [inputFrom(height), ...seam, input('Hem', pocket.hemMm, 'mm')],
        },
      };
    case 'zipped':
      return {
        across: {
          rule: 'The slit, cloth beyond both its ends, and a seam at each side.',
          inputs: [inputFrom(width), input('Beyond the slit, each end', BESIDE_SLIT_MM, 'mm'), ...seam],
        },
        up: {
          rule: 'Twice the pocket and the slit, since it is turned down behind the zipper, and a seam at each end.',
          inputs: [inputFrom(height), input('Slit, high', SLIT_MM, 'mm'), ...seam],
        },
      };
    case 'vinyl':
      return {
        across: { rule: 'As it is finished: vinyl does not fray.', inputs: [inputFrom(width)] },
        up: { rule: 'As it is finished: vinyl does not fray.', inputs: [inputFrom(height)] },
      };
    case 'loop':
      return {
        across: {
          rule: 'What stands free, and both ends that are turned under.',
          inputs: [...(girth ? [inputFrom(girth)] : []), input('Each end', LOOP_ENDS_MM, 'mm')],
        },
        up: { rule: 'Twice as wide as the strip, which is folded along its middle.', inputs: [inputFrom(height)] },
      };
    case 'crocheted':
      return null;
  }
}

/** The figures that a pocket has besides its size, of what is cut, bought or perforated for it. */
export function ownFigures(
  pocket: Pocket,
  sizes: PocketSizes,
  [piece]: PocketPiece[],
  { at, design }: FittingInput,
): OwnFigures {
  const rules = cutRules(pocket, sizes);
  const bounds = piece && ringBounds(piece.cut);
  const cut = (id: string, what: string, mm: number, why: CutRules['across']) =>
    makeFigure(nameAt(at, `pocket.${id}`), `Cut the pocket: ${what}`, mm, 'mm', { ...why, source: COMMON_PRACTICE });
  return {
    cutWidth: rules && bounds ? cut('cutWidth', 'width', bounds.widthMm, rules.across) : null,
    cutHeight: rules && bounds ? cut('cutHeight', 'length', bounds.heightMm, rules.up) : null,
    stitches: null,
    rows: null,
    zipper: pocket.kind === 'zipped' ? zipperFigure(sizes.width, at, design.settings.lengthUnit) : null,
    holes: pocket.kind === 'vinyl' ? holesFigure(pocket, sizes, at) : null,
  };
}

const holesFigure = (
  pocket: Extract<Pocket, { kind: 'vinyl' }>,
  { width, height }: PocketSizes,
  at: FittingInput['at'],
): Figure =>
  makeFigure(nameAt(at, 'pocket.holes'), 'Holes', vinylHoles(pocket, width.value, height.value).length, 'count', {
    rule: 'Down one side, along the bottom and up the other, one in each corner, evenly between them as near to the pitch as goes.',
    inputs: [
      inputFrom(width),
      inputFrom(height),
      input('From hole to hole', pocket.pitchMm, 'mm'),
      input('From the edge', pocket.holesInMm, 'mm'),
    ],
    source: GEOMETRY,
  });

/** The shortest zipper that is sold as long as the slit, or longer; cut down at its end. */
const zipperFigure = (width: Figure, at: FittingInput['at'], unit: 'cm' | 'in'): Figure | null => {
  const mm = shortestStandardMm(width.value, unit);
  return mm === null
    ? null
    : makeFigure(nameAt(at, 'pocket.zipper'), 'Zipper to buy', mm, 'mm', {
        rule: 'The shortest that is sold as long as the slit or longer; what is left over is sewn across and cut off.',
        inputs: [inputFrom(width)],
        source: MEMORY,
      });
};
