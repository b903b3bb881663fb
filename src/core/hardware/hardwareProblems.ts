import type { Hardware } from '@/core/design';
import { nameAt, pathOf, takeOffEdit, type FittingInput } from '@/core/fittings';
import { isInRounds } from '@/core/pieces';
import { ownCodes, type Problem } from '@/core/problems';
import type { HardwareSeat } from './hardwareSeat';
import { natureOf } from './natures';

/** What is doubtful of hardware; lengths in mm. */
export interface HardwareProblems {
  /** There is no such face, or it has no rows. */
  'hardware-no-place': { onFlap: boolean };
  'hardware-no-seam': object;
  'hardware-crowded': { neededMm: number; hasMm: number };
  'hardware-over-base': { neededMm: number; hasMm: number };
  'set-with-tools': object;
  'test-with-load': object;
}
export interface HardwareRepairs {
  'hardware-to-front': object;
  'hardware-off': object;
  'hardware-in-tab': object;
  'hardware-to-sides': object;
  'hardware-fewer': { count: number };
  'hardware-nearer': { fromEdgeMm: number };
}

const ours = ownCodes<HardwareProblems, HardwareRepairs>();

const told = (choice: Hardware, { at }: FittingInput, field: string) =>
  ({ place: 'closures', path: [...pathOf(at), field], mark: nameAt(at, choice.kind) }) as const;

/** It can't be set where it is wished: it is left out. */
export function noPlace(choice: Hardware, bag: FittingInput): Problem {
  const { at, design, set } = bag;
  const hasRows = set.pieces.some(({ id, kind }) => id === set.tracks.front.piece && kind === 'rows');
  return ours.problem({
    code: 'hardware-no-place',
    severity: 'decide',
    values: { onFlap: choice.on === 'flap' },
    repairs: [
      ...(hasRows
        ? [
            ours.repair({
              code: 'hardware-to-front',
              values: {},
              edits: [{ path: [...pathOf(at), 'on'], value: 'front' }],
            }),
          ]
        : []),
      ours.repair({
        code: 'hardware-off',
        values: {},
        edits: [takeOffEdit(design, at)],
      }),
    ],
    place: 'closures',
    path: [...pathOf(at), 'on'],
  });
}

/**
 * What is doubtful of hardware that can be set.
 *
 * @param lacksSeam it is wished in a seam, and there is none where it is set
 */
export function hardwareProblems(
  choice: Hardware,
  lacksSeam: boolean,
  placed: HardwareSeat,
  bag: FittingInput,
): Problem[] {
  return [
    ...(lacksSeam ? [noSeam(choice, bag)] : []),
    ...crowded(choice, placed, bag),
    ...overBase(choice, placed, bag),
    caution(choice, bag),
  ];
}

/** Punches, setters and hammers; and of what bears weight that it is tried first. */
function caution(choice: Hardware, bag: FittingInput): Problem {
  const { mark, place } = told(choice, bag, 'on');
  return ours.problem({
    code: natureOf(choice).reaches(choice) ? 'set-with-tools' : 'test-with-load',
    severity: 'mind',
    values: {},
    repairs: [],
    ...{ mark, place, path: pathOf(bag.at) },
  });
}

function noSeam(choice: Hardware, bag: FittingInput): Problem {
  const path = pathOf(bag.at);
  const front = bag.set.pieces.find(({ id }) => id === bag.set.tracks.front.piece);
  const sides = front?.kind === 'rows' && !isInRounds(front);
  return ours.problem({
    code: 'hardware-no-seam',
    severity: 'decide',
    values: {},
    repairs: [
      ours.repair({ code: 'hardware-in-tab', values: {}, edits: [{ path: [...path, 'held'], value: 'tab' }] }),
      ...(choice.on !== 'sides' && sides
        ? [ours.repair({ code: 'hardware-to-sides', values: {}, edits: [{ path: [...path, 'on'], value: 'sides' }] })]
        : []),
    ],
    ...told(choice, bag, 'held'),
  });
}

/** More beside each other than there is room for. */
function crowded(choice: Hardware, { seat }: HardwareSeat, bag: FittingInput): Problem[] {
  const wideMm = 2 * natureOf(choice).reachMm(choice).sideMm;
  const hasMm = seat.stitches * bag.pouch.stitchMm;
  const neededMm = (choice.on === 'sides' ? 2 : choice.count) * wideMm;
  if (neededMm <= hasMm) return [];
  const count = Math.floor(hasMm / wideMm);
  return [
    ours.problem({
      code: 'hardware-crowded',
      severity: 'decide',
      values: { neededMm, hasMm },
      repairs:
        choice.on !== 'sides' && count >= 1 && count < choice.count
          ? [
              ours.repair({
                code: 'hardware-fewer',
                values: { count },
                edits: [{ path: [...pathOf(bag.at), 'count'], value: count }],
              }),
            ]
          : [],
      ...told(choice, bag, 'count'),
    }),
  ];
}

/** It hangs over the bend at the base. */
function overBase(choice: Hardware, { seat }: HardwareSeat, bag: FittingInput): Problem[] {
  const { downMm } = natureOf(choice).reachMm(choice);
  // What hangs in a ring at the side is no lower for it.
  if (choice.on === 'sides' || downMm <= seat.roomMm) return [];
  const fromEdgeMm = Math.floor(choice.fromEdgeMm - (downMm - seat.roomMm) - bag.pouch.rowMm);
  return [
    ours.problem({
      code: 'hardware-over-base',
      severity: 'decide',
      values: { neededMm: downMm, hasMm: Math.max(0, seat.roomMm) },
      repairs:
        fromEdgeMm >= 0
          ? [
              ours.repair({
                code: 'hardware-nearer',
                values: { fromEdgeMm },
                edits: [{ path: [...pathOf(bag.at), 'fromEdgeMm'], value: fromEdgeMm }],
              }),
            ]
          : [],
      ...told(choice, bag, 'fromEdgeMm'),
    }),
  ];
}
