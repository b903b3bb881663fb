import { notch, rectangle, roundedBelow, stadiumRing, type PieceMark, type Ring } from '@/core/cutting';
import type { DropInLining } from '@/core/design';
import type { FittingInput } from '@/core/fittings';
import type { DropInSizes } from './dropInSizes';
import type { LiningPieceName } from './liningPattern';

/** What a piece is before its allowances. */
export interface Wall {
  id: LiningPieceName;
  copies: number;
  seam: Ring;
  hemAt: 'none' | 'top' | 'both';
  marks: PieceMark[];
}

/** The pieces of a lining, by how it is cut and what it goes into. */
export function wallsOf(
  cut: DropInLining['cut'],
  sizes: DropInSizes,
  { seamMm }: DropInLining,
  { pouch }: FittingInput,
): Wall[] {
  const [wide, high] = [sizes.width.value, sizes.height.value];
  const deep = sizes.depth?.value ?? 0;
  const middle = (x: number, y: number, up: 1 | -1) => notch([x, y], [0, up], seamMm);
  if (pouch.kind === 'round-purse') {
    const radius = wide / 2;
    const openMm = pouch.figures.rimOpen?.value ?? 0;
    return [
      { id: 'disc', copies: 2, seam: stadiumRing(wide, wide), hemAt: 'none', marks: [middle(0, 0, -1)] },
      {
        id: 'band',
        copies: 1,
        seam: rectangle(deep, Math.max(1, 2 * Math.PI * radius - openMm)),
        hemAt: 'both',
        marks: [],
      },
    ];
  }
  if (pouch.kind === 'oval-base') {
    const roundMm = 2 * Math.max(0, wide - deep) + Math.PI * deep;
    return [
      {
        id: 'wall',
        copies: 1,
        seam: rectangle(roundMm, high),
        hemAt: 'top',
        marks: [-1, 0, 1].map((quarter) => middle((quarter * roundMm) / 4, 0, -1)),
      },
      {
        id: 'base',
        copies: 1,
        seam: stadiumRing(wide, deep),
        hemAt: 'none',
        marks: [middle(0, 0, -1), middle(0, deep, 1)],
      },
    ];
  }
  if (cut === 'walls' && deep > 0) return wallsOfDeep(wide, high, deep, seamMm, pouch);
  if (cut === 'folded') return [folded(wide, high, deep, seamMm)];
  // Front and back alike, with the base's half on each.
  return [
    {
      id: 'front',
      copies: 2,
      seam: rectangle(wide + deep, high + deep / 2),
      hemAt: 'top',
      marks: [middle(0, 0, -1), ...boxedCorners(wide + deep, 0, deep, 1)],
    },
  ];
}

/** One piece from edge to edge, folded in the middle of the base. */
function folded(wide: number, high: number, deep: number, seamMm: number): Wall {
  const [across, along] = [wide + deep, 2 * high + deep];
  return {
    id: 'body',
    copies: 1,
    seam: rectangle(across, along),
    hemAt: 'both',
    marks: [
      { kind: 'fold', from: [-across / 2, along / 2], to: [across / 2, along / 2] },
      notch([-across / 2, along / 2], [-1, 0], seamMm),
      notch([across / 2, along / 2], [1, 0], seamMm),
      ...boxedCorners(across, along / 2, deep, 1),
      ...boxedCorners(across, along / 2, deep, -1),
    ],
  };
}

/** Where a corner is sewn across, so that a depth stands: half of it in from the side, and half up from the bottom. */
const boxedCorners = (acrossMm: number, bottomMm: number, deepMm: number, up: 1 | -1): PieceMark[] =>
  deepMm <= 0
    ? []
    : ([-1, 1] as const).flatMap((side): PieceMark[] => {
        const [x, y] = [(side * acrossMm) / 2, bottomMm];
        const corner: [number, number] = [x - (side * deepMm) / 2, y + (up * deepMm) / 2];
        return [
          { kind: 'sew', from: [x, corner[1]], to: corner },
          { kind: 'sew', from: corner, to: [corner[0], y] },
        ];
      });

/** As many pieces as the bag has walls. */
function wallsOfDeep(wide: number, high: number, deep: number, seamMm: number, pouch: FittingInput['pouch']): Wall[] {
  if (pouch.kind === 'gusset') {
    const radius = Math.max(
      0,
      Math.min((pouch.figures.cornerRadius?.value ?? 0) - pouch.layers.fabricMm, wide / 2, high),
    );
    const roundMm = 2 * (high - radius) + (wide - 2 * radius) + Math.PI * radius;
    return [
      {
        id: 'front',
        copies: 2,
        seam: roundedBelow(wide, high, radius),
        hemAt: 'top',
        marks: [notch([0, 0], [0, -1], seamMm)],
      },
      {
        id: 'gusset',
        copies: 1,
        seam: rectangle(deep, roundMm),
        hemAt: 'both',
        marks: [notch([-deep / 2, roundMm / 2], [-1, 0], seamMm), notch([deep / 2, roundMm / 2], [1, 0], seamMm)],
      },
    ];
  }
  if (pouch.kind === 'side-bands')
    return [
      {
        id: 'body',
        copies: 1,
        seam: rectangle(wide, 2 * high + deep),
        hemAt: 'both',
        marks: [-1, 1].flatMap((side) =>
          [high, high + deep].map((y) => notch([(side * wide) / 2, y], [side, 0], seamMm)),
        ),
      },
      { id: 'band', copies: 2, seam: rectangle(deep, high), hemAt: 'top', marks: [notch([0, 0], [0, -1], seamMm)] },
    ];
  // A flat pouch whose corners are boxed: the corners are cut away instead of sewn across.
  const [across, along] = [wide + deep, 2 * high + deep];
  const [x, y] = [across / 2, along / 2];
  const half = deep / 2;
  return [
    {
      id: 'body',
      copies: 1,
      seam: [
        [-x, 0],
        [x, 0],
        [x, y - half],
        [x - half, y - half],
        [x - half, y + half],
        [x, y + half],
        [x, along],
        [-x, along],
        [-x, y + half],
        [-x + half, y + half],
        [-x + half, y - half],
        [-x, y - half],
      ],
      hemAt: 'both',
      marks: [],
    },
  ];
}
