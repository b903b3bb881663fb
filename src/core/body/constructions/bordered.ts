import type { Borders } from '@/core/borders';
import { input, type ReasonInput } from '@/core/figures';
import type { ClothMm, Sizing } from './construction';

/**
 * The sizing of a construction with what is worked round its free edges: the same count gives a larger bag, and the same bag takes fewer
 * stitches and rows. Without a border it is left as it is.
 */
export function bordered({ borders }: Pick<ClothMm, 'borders'>, sizing: Sizing): Sizing {
  const { sidesMm, frontMm } = borders;
  if (sidesMm === 0 && frontMm === 0) return sizing;
  return { ...sizing, ...(sidesMm > 0 ? wider(sizing, sidesMm) : {}), ...(frontMm > 0 ? higher(sizing, frontMm) : {}) };
}

function wider({ across }: Sizing, sidesMm: number): Pick<Sizing, 'across'> {
  if (across === null) return { across };
  const border = input('Border beyond each side', sidesMm, 'mm');
  return {
    across: {
      ...across,
      stitchesFor: (widthMm) => across.stitchesFor(widthMm - 2 * sidesMm),
      widthMm: (stitches) => across.widthMm(stitches) + 2 * sidesMm,
      stitches: {
        rule: `The border at both sides taken off first: ${lower(across.stitches.rule)}`,
        inputs: [...across.stitches.inputs, border],
      },
      width: { rule: `${across.width.rule} Plus the border at both sides.`, inputs: [...across.width.inputs, border] },
    },
  };
}

function higher(sizing: Sizing, frontMm: number): Omit<Sizing, 'across' | 'bendMm'> {
  const border = input('Border above the front’s rows', frontMm, 'mm');
  return {
    rowsFor: (heightMm) => sizing.rowsFor(heightMm - frontMm),
    heightMm: (rows) => sizing.heightMm(rows) + frontMm,
    rows: { rule: `The border taken off first. ${sizing.rows.rule}`, inputs: [...sizing.rows.inputs, border] },
    height: {
      rule: `${sizing.height.rule} Plus the border above the front’s rows.`,
      inputs: [...sizing.height.inputs, border],
    },
  };
}

/** What the border along both long edges of a gusset or a band does to its width, in the rule's words and inputs; nothing without one. */
export const bandBorder = ({ bandMm }: Borders): { words: string; inputs: ReasonInput[] } =>
  bandMm > 0
    ? { words: ' and the border along both its edges', inputs: [input('Border along each edge', bandMm, 'mm')] }
    : { words: '', inputs: [] };

const lower = (text: string): string => text.charAt(0).toLowerCase() + text.slice(1);
