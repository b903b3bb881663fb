import { isOutside, linesWalls, usualDropIn, type Design, type Pocket } from '@/core/design';
import { nameAt, pathOf, takeOffEdit, type FittingInput } from '@/core/fittings';
import { ownCodes, type Problem } from '@/core/problems';
import { BESIDE_POCKET_MM, LEAST_POCKET_MM, thingBelowMouthMm, type Pocketed } from '@/core/contents';
import { wallOf, type PocketSizes } from './pocketSizes';

/** What is doubtful of a pocket; lengths in mm. */
export interface PocketProblems {
  'pocket-no-wall': object;
  'pocket-needs-lining': object;
  'pocket-thing-gone': object;
  'pocket-thing-elsewhere': object;
  'pocket-below-base': { overMm: number };
  'pocket-beyond-side': { overMm: number };
  'pocket-tight': { hasMm: number; needsMm: number };
  'pocket-thing-above-mouth': { aboveMm: number };
}
export interface PocketRepairs {
  'pocket-off': object;
  'pocket-add-lining': object;
  'pocket-for-nothing': object;
  'pocket-up': { fromMouthMm: number };
  'pocket-lower': { heightMm: number };
  'pocket-to-middle': object;
  'pocket-narrower': { widthMm: number };
  'pocket-as-thing': object;
  'pocket-down': { fromMouthMm: number };
}

export const ours = ownCodes<PocketProblems, PocketRepairs>();

const told = { severity: 'decide', place: 'lining' } as const;

/** What keeps a pocket from being planned; null where nothing does. */
export function unplannable(pocket: Pocket, { design, set, pouch, at }: FittingInput): Problem | null {
  const off = ours.repair({ code: 'pocket-off', values: {}, edits: [takeOffEdit(design, at)] });
  const hasWall = set.pieces.some(({ id, kind }) => id === set.tracks[pocket.on].piece && kind === 'rows');
  if (!hasWall || pouch.kind === 'round-purse')
    return ours.problem({ code: 'pocket-no-wall', path: pathOf(at), values: {}, repairs: [off], ...told });
  if (pocket.kind !== 'zipped' || linesWalls(design)) return null;
  return ours.problem({
    code: 'pocket-needs-lining',
    path: pathOf(at),
    values: {},
    repairs: [
      ours.repair({ code: 'pocket-add-lining', values: {}, edits: [{ path: ['lining'], value: usualDropIn(design) }] }),
      off,
    ],
    ...told,
  });
}

/** A pocket that does not lie on its wall, or that its thing does not go into. */
export function pocketProblems(
  pocket: Pocket,
  sizes: PocketSizes,
  held: Pocketed | null,
  bag: FittingInput,
): Problem[] {
  return [...placeProblems(pocket, sizes, bag), ...thingProblems(pocket, sizes, held, bag)];
}

function placeProblems(pocket: Pocket, { width, height }: PocketSizes, bag: FittingInput): Problem[] {
  const { at } = bag;
  const wall = wallOf(pocket, bag);
  const path = (field: string) => [...pathOf(at), field];
  const mark = nameAt(at, 'pocket');
  const problems: Problem[] = [];
  const lowMm = pocket.fromMouthMm + height.value + BESIDE_POCKET_MM - wall.heightMm;
  if (lowMm > 0) {
    const upMm = Math.floor(pocket.fromMouthMm - lowMm);
    const heightMm = Math.floor(height.value - lowMm);
    problems.push(
      ours.problem({
        code: 'pocket-below-base',
        path: path('fromMouthMm'),
        values: { overMm: lowMm },
        asks: [height.id],
        mark,
        repairs: [
          ...(upMm >= 0
            ? [
                ours.repair({
                  code: 'pocket-up',
                  values: { fromMouthMm: upMm },
                  edits: [{ path: path('fromMouthMm'), value: upMm }],
                }),
              ]
            : []),
          ...(heightMm >= LEAST_POCKET_MM
            ? [
                ours.repair({
                  code: 'pocket-lower',
                  values: { heightMm },
                  edits: [{ path: path('heightMm'), value: heightMm }],
                }),
              ]
            : []),
        ],
        ...told,
      }),
    );
  }
  const wideMm = Math.abs(pocket.acrossMm) + width.value / 2 + BESIDE_POCKET_MM - wall.widthMm / 2;
  if (wideMm > 0) {
    const fitsInMiddle = width.value / 2 + BESIDE_POCKET_MM <= wall.widthMm / 2;
    const widthMm = Math.floor(width.value - 2 * wideMm);
    problems.push(
      ours.problem({
        code: 'pocket-beyond-side',
        path: path('acrossMm'),
        values: { overMm: wideMm },
        asks: [width.id],
        mark,
        repairs: [
          ...(fitsInMiddle
            ? [ours.repair({ code: 'pocket-to-middle', values: {}, edits: [{ path: path('acrossMm'), value: 0 }] })]
            : []),
          ...(pocket.kind !== 'loop' && widthMm >= LEAST_POCKET_MM
            ? [
                ours.repair({
                  code: 'pocket-narrower',
                  values: { widthMm },
                  edits: [{ path: path('widthMm'), value: widthMm }],
                }),
              ]
            : []),
        ],
        ...told,
      }),
    );
  }
  return problems;
}

function thingProblems(
  pocket: Pocket,
  { width, height, girth }: PocketSizes,
  held: Pocketed | null,
  bag: FittingInput,
): Problem[] {
  const { at, design } = bag;
  if (pocket.holds === null) return [];
  if (held === null)
    return [
      ours.problem({
        code: isOnList(pocket.holds, design) ? 'pocket-thing-elsewhere' : 'pocket-thing-gone',
        path: [...pathOf(at), 'holds'],
        values: {},
        repairs: [
          ours.repair({
            code: 'pocket-for-nothing',
            values: {},
            edits: [{ path: [...pathOf(at), 'holds'], value: null }],
          }),
        ],
        ...told,
      }),
    ];
  const { widthMm, thicknessMm } = held.thing;
  const [has, needsMm, field] =
    pocket.kind === 'loop' && girth
      ? [girth, widthMm + 2 * thicknessMm, 'girthMm']
      : [width, (pocket.kind === 'divided' ? pocket.parts : 1) * (widthMm + thicknessMm), 'widthMm'];
  const above = aboveMouth(pocket, height.value, held, bag);
  if (has.value >= needsMm - 1e-6) return above;
  return [
    ...above,
    ours.problem({
      code: 'pocket-tight',
      path: [...pathOf(at), field],
      values: { hasMm: has.value, needsMm },
      names: { thing: held.thing.name },
      asks: [has.id],
      mark: nameAt(at, 'pocket'),
      repairs: [
        ours.repair({ code: 'pocket-as-thing', values: {}, edits: [{ path: [...pathOf(at), field], value: null }] }),
      ],
      ...told,
    }),
  ];
}

/** A thing that stands out of its pocket and over the mouth: a flap lies over it, and nothing else closes. */
function aboveMouth(pocket: Pocket, highMm: number, { thing }: Pocketed, bag: FittingInput): Problem[] {
  const wall = wallOf(pocket, bag);
  const lowMm = pocket.fromMouthMm + highMm;
  const aboveMm = thing.heightMm - thingBelowMouthMm(pocket.kind, lowMm, thing, wall.heightMm);
  if (isOutside(pocket) || aboveMm <= 1) return [];
  const path = [...pathOf(bag.at), 'fromMouthMm'];
  const downMm = Math.ceil(pocket.fromMouthMm + aboveMm);
  const below = thingBelowMouthMm(pocket.kind, downMm + highMm, thing, wall.heightMm);
  const hasRoom = downMm + highMm + BESIDE_POCKET_MM <= wall.heightMm && thing.heightMm - below <= 1;
  return [
    ours.problem({
      code: 'pocket-thing-above-mouth',
      severity: 'mind',
      place: 'lining',
      path,
      mark: nameAt(bag.at, 'pocket'),
      values: { aboveMm },
      names: { thing: thing.name },
      repairs: hasRoom
        ? [ours.repair({ code: 'pocket-down', values: { fromMouthMm: downMm }, edits: [{ path, value: downMm }] })]
        : [],
    }),
  ];
}

const isOnList = (id: string, { contents }: Pick<Design, 'contents'>): boolean =>
  contents.items.some(({ thing }) => thing.id === id);
