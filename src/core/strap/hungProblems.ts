import { MOST_WORN_MM } from '@/core/defaults';
import type { Strap } from '@/core/design';
import { nameAt, pathOf, takeOffEdit, type FittingInput } from '@/core/fittings';
import type { Problem } from '@/core/problems';
import type { HungStrap } from './hungStrap';
import { ours } from './ownProblems';
import { clipsIntoEarlier, haveSameFeet } from './placedFeet';
import { bowTakesMm } from './strapPath';

/** Beyond the distance of its feet, a strap needs so much for a hand to go through, mm. From memory. */
const HAND_MM = 160;

/** A strap slides in a ring that is wider than this against the strap. From memory. */
const WIDE_RING_TIMES = 1.6;

/** Rings are sold so wide inside, mm. From memory. */
const RING_SIZES_MM = [10, 12, 15, 20, 25, 30, 32, 38, 40, 50, 60, 75, 100, 150];
const MOST_RING_MM = Math.max(...RING_SIZES_MM);

/**
 * The ring that is sold for a strap: the narrowest that it goes through.
 *
 * @example
 * ringFor(22) // => 25
 */
export const ringFor = (widthMm: number): number => RING_SIZES_MM.find((mm) => mm >= widthMm) ?? Math.ceil(widthMm);

/** What is known of any strap, mm: as it is worn from mouth to mouth, and how wide it is, slack and under its load. */
interface Known {
  hung: HungStrap;
  wornMm: number;
  widthMm: number;
  loadedWidthMm: number;
}

/** What can be doubtful about any strap: its length, its rings, its bow, and what lies beside it. */
export const hungProblems = (strap: Strap, known: Known, bag: FittingInput): Problem[] => [
  ...cautionOf(bag),
  ...spanProblems(known, bag),
  ...ringProblems(strap, known, bag),
  ...adjustProblems(strap, known, bag),
  ...besideProblems(strap, known, bag),
];

/** The usual caution, once for all straps of a bag. */
const cautionOf = ({ at }: FittingInput): Problem[] =>
  at.index > 0
    ? []
    : [
        ours.problem({
          code: 'strap-load',
          severity: 'mind',
          place: 'strap',
          path: ['straps'],
          values: {},
          repairs: [],
        }),
      ];

/** A strap that is no longer than its feet are apart hangs below the mouth. */
function spanProblems({ hung, wornMm: plannedMm }: Known, { at }: FittingInput): Problem[] {
  const { feet, wornMm: wishedMm } = hung;
  const shortest = Math.min(wishedMm, plannedMm);
  if (wishedMm >= feet.apartMm) return [];
  const wornMm = Math.ceil(feet.apartMm + HAND_MM);
  const path = [...pathOf(at), 'wornLengthMm'];
  return [
    ours.problem({
      code: 'strap-shorter-than-bag',
      severity: 'decide',
      place: 'strap',
      path,
      asks: ['size.width'],
      values: { wornMm: shortest, widthMm: feet.apartMm },
      repairs:
        wornMm <= MOST_WORN_MM
          ? [
              {
                code: 'strap-worn-to',
                values: { wornMm },
                edits: [
                  { path: [...pathOf(at), 'given'], value: { by: 'tape' } },
                  { path, value: wornMm },
                ],
              },
            ]
          : [],
    }),
  ];
}

/** Rings that it does not go through, or that it slides in. */
function ringProblems({ ends }: Strap, { widthMm, loadedWidthMm }: Known, { at }: FittingInput): Problem[] {
  if (!('innerMm' in ends)) return [];
  const { innerMm } = ends;
  const isNarrow = innerMm < loadedWidthMm - 0.5;
  if (!isNarrow && innerMm <= WIDE_RING_TIMES * widthMm) return [];
  const path = [...pathOf(at), 'ends', 'innerMm'];
  const fits = ringFor(isNarrow ? loadedWidthMm : widthMm);
  return [
    ours.problem({
      code: isNarrow ? 'strap-ring-narrow' : 'strap-ring-wide',
      severity: isNarrow ? 'decide' : 'mind',
      place: 'strap',
      path,
      mark: nameAt(at, 'strap.ring'),
      asks: [nameAt(at, 'strap.width')],
      values: { innerMm, widthMm: isNarrow ? loadedWidthMm : widthMm },
      repairs:
        fits === innerMm || fits > MOST_RING_MM
          ? []
          : [ours.repair({ code: 'strap-ring-of', values: { innerMm: fits }, edits: [{ path, value: fits }] })],
    }),
  ];
}

/** A bow that needs more than it has, and holes that go on beyond the strap. */
function adjustProblems({ adjust }: Strap, { hung }: Known, { at }: FittingInput): Problem[] {
  const where = { severity: 'decide', place: 'strap' } as const;
  if (adjust.kind === 'bow') {
    const takesMm = bowTakesMm(adjust.loopMm);
    if (adjust.tieMm >= takesMm) return [];
    const path = [...pathOf(at), 'adjust', 'tieMm'];
    return [
      ours.problem({
        code: 'strap-bow-short',
        path,
        values: { tieMm: adjust.tieMm, takesMm },
        repairs: [
          ours.repair({
            code: 'strap-tie-left',
            values: { tieMm: Math.ceil(takesMm) },
            edits: [{ path, value: Math.ceil(takesMm) }],
          }),
        ],
        ...where,
      }),
    ];
  }
  if (adjust.kind === 'none') return [];
  const { hardwareMm, doubledMm } = hung.path;
  const strapMm = hung.wornMm - hardwareMm;
  if (adjust.kind === 'buttonholes') {
    const alongMm = (adjust.holes - 1) * adjust.everyMm;
    if (alongMm < strapMm + adjust.longerMm) return [];
    return [
      ours.problem({
        code: 'strap-holes-beyond',
        path: [...pathOf(at), 'adjust', 'holes'],
        values: { alongMm, strapMm },
        repairs: [],
        ...where,
      }),
    ];
  }
  // What is folded back reaches the other end at most.
  if (doubledMm <= strapMm) return [];
  const mostMm = Math.max(0, Math.floor(strapMm - (doubledMm - adjust.longerMm)));
  const path = [...pathOf(at), 'adjust', 'longerMm'];
  return [
    ours.problem({
      code: 'strap-let-out-beyond',
      path,
      values: { longerMm: adjust.longerMm, mostMm },
      repairs: [ours.repair({ code: 'strap-let-out-by', values: { mostMm }, edits: [{ path, value: mostMm }] })],
      ...where,
    }),
  ];
}

/** Straps that lie on each other's feet, and handles that are to hang level and do not. */
function besideProblems(strap: Strap, { wornMm }: Known, { design, at }: FittingInput): Problem[] {
  const earlier = design.straps.slice(0, at.index);
  if (clipsIntoEarlier(design.straps, at.index)) return [];
  if (earlier.some((one) => haveSameFeet(one, strap)))
    return [
      ours.problem({
        code: 'strap-over-strap',
        severity: 'mind',
        place: 'strap',
        path: [...pathOf(at), 'feet'],
        mark: nameAt(at, 'strap.feet'),
        values: {},
        repairs: [
          ours.repair({
            code: 'strap-off',
            values: {},
            edits: [takeOffEdit(design, at)],
          }),
        ],
      }),
    ];
  const { feet, over } = strap;
  if (feet.on === 'sides') return [];
  const other = earlier.find((one) => one.feet.on !== 'sides' && one.feet.on !== feet.on && one.over === over);
  return other ? unlikeProblems(strap, other, wornMm, at) : [];
}

/** Two handles that lie over the same hand, set or cut unlike each other: the bag hangs askew. */
function unlikeProblems(strap: Strap, other: Strap, wornMm: number, at: FittingInput['at']): Problem[] {
  if (strap.feet.on === 'sides' || other.feet.on === 'sides') return [];
  const beside = { severity: 'decide', place: 'strap' } as const;
  const alike = (edits: { path: (string | number)[]; value: unknown }[]) => [
    ours.repair({ code: 'strap-like-the-other', values: {}, edits }),
  ];
  const apart = strap.feet.inStitches !== other.feet.inStitches;
  const sameWish = JSON.stringify(strap.given) === JSON.stringify(other.given);
  const unlike = !sameWish || (strap.given.by !== 'drop' && strap.wornLengthMm !== other.wornLengthMm);
  return [
    ...(apart
      ? [
          ours.problem({
            code: 'strap-handles-apart',
            path: [...pathOf(at), 'feet', 'inStitches'],
            mark: nameAt(at, 'strap.feet'),
            values: { firstStitches: other.feet.inStitches, secondStitches: strap.feet.inStitches },
            repairs: alike([{ path: [...pathOf(at), 'feet', 'inStitches'], value: other.feet.inStitches }]),
            ...beside,
          }),
        ]
      : []),
    ...(unlike
      ? [
          ours.problem({
            code: 'strap-handles-unlike',
            path: [...pathOf(at), 'wornLengthMm'],
            values: { firstMm: other.wornLengthMm, secondMm: wornMm },
            repairs: alike([
              { path: [...pathOf(at), 'wornLengthMm'], value: other.wornLengthMm },
              { path: [...pathOf(at), 'given'], value: other.given },
            ]),
            ...beside,
          }),
        ]
      : []),
  ];
}
