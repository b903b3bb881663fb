import { BEAD_GRIPS } from '@/core/defaults';
import type { Drawstring } from '@/core/design';
import { nameAt, pathOf, takeOffEdit, type FittingInput } from '@/core/fittings';
import { ownCodes, type Problem, type Repair } from '@/core/problems';

/** What is doubtful of a drawstring; lengths in mm. */
export interface DrawstringProblems {
  'cord-no-row': object;
  'cord-few-stitches': { stitches: number };
  'cord-below-face': { belowRows: number; mostRows: number };
  'cord-too-thick': { cordMm: number; stitchMm: number };
  'bead-slips': { holeMm: number; mostMm: number };
  'bead-too-tight': { holeMm: number; leastMm: number };
  'long-cords': object;
}
export interface DrawstringRepairs {
  'cord-below-to': { belowRows: number };
  'cord-through-eyelets': object;
  'cord-through-casing': object;
  'bead-hole-to': { holeMm: number };
  'take-cord-out': object;
}

const ours = ownCodes<DrawstringProblems, DrawstringRepairs>();

/** A cord no thicker than this share of a stitch goes between two of them. From memory. */
const BETWEEN_STITCHES = 0.9;

/** A cord can't run where no row goes round, as on two discs: it is left out. */
export const noRow = (bag: FittingInput): Problem => ours.problem({ code: 'cord-no-row', values: {}, ...leftOut(bag) });

/** With so few stitches all round there is no going in and out: it is left out. */
export const fewStitches = (stitches: number, bag: FittingInput): Problem =>
  ours.problem({ code: 'cord-few-stitches', values: { stitches }, ...leftOut(bag) });

const leftOut = (bag: FittingInput) => ({
  ...({ severity: 'decide', place: 'closures' } as const),
  path: pathOf(bag.at),
  repairs: [takeOut(bag)],
});

const takeOut = ({ design, at }: FittingInput): Repair =>
  ours.repair({
    code: 'take-cord-out',
    values: {},
    edits: [takeOffEdit(design, at)],
  });

/** What is doubtful of a cord that runs: its row, its thickness, its bead; and what every cord is told with. */
export function problemsOf(choice: Drawstring, bag: FittingInput): Problem[] {
  const { pouch, at } = bag;
  const { cordMm, beadHoleMm, belowRows, through, closedBy } = choice;
  const told = { place: 'closures', mark: nameAt(at, 'cord') } as const;
  const path = (field: string) => [...pathOf(at), field];
  const problems: Problem[] = [
    ours.problem({ code: 'long-cords', severity: 'mind', path: pathOf(at), values: {}, repairs: [], ...told }),
  ];
  const mostRows = Math.max(1, Math.floor(Math.min(pouch.frontRows, pouch.backRows) / 2));
  if (belowRows > mostRows)
    problems.push(
      ours.problem({
        code: 'cord-below-face',
        severity: 'decide',
        path: path('belowRows'),
        values: { belowRows, mostRows },
        repairs: [
          ours.repair({
            code: 'cord-below-to',
            values: { belowRows: mostRows },
            edits: [{ path: path('belowRows'), value: mostRows }],
          }),
        ],
        ...told,
      }),
    );
  if (through === 'stitches' && cordMm > BETWEEN_STITCHES * pouch.stitchMm)
    problems.push(
      ours.problem({
        code: 'cord-too-thick',
        severity: 'decide',
        path: path('cordMm'),
        values: { cordMm, stitchMm: pouch.stitchMm },
        repairs: [
          ours.repair({
            code: 'cord-through-eyelets',
            values: {},
            edits: [{ path: path('through'), value: 'eyelets' }],
          }),
          ours.repair({
            code: 'cord-through-casing',
            values: {},
            edits: [{ path: path('through'), value: 'casing' }],
          }),
        ],
        ...told,
      }),
    );
  if (closedBy === 'bead') problems.push(...beadProblems(cordMm, beadHoleMm, path('beadHoleMm'), told));
  return problems;
}

/** A bead whose hole is too wide or too narrow for two strands. */
function beadProblems(
  cordMm: number,
  holeMm: number,
  path: (string | number)[],
  told: { place: 'closures'; mark: string },
): Problem[] {
  const [leastMm, mostMm] = [BEAD_GRIPS.least * cordMm, BEAD_GRIPS.most * cordMm];
  if (holeMm >= leastMm && holeMm <= mostMm) return [];
  const gripsMm = Math.min(40, Math.max(1, Math.round((leastMm + mostMm) * 2) / 4));
  const repairs = [
    ours.repair({ code: 'bead-hole-to', values: { holeMm: gripsMm }, edits: [{ path, value: gripsMm }] }),
  ];
  return [
    holeMm > mostMm
      ? ours.problem({ code: 'bead-slips', severity: 'decide', path, values: { holeMm, mostMm }, repairs, ...told })
      : ours.problem({
          code: 'bead-too-tight',
          severity: 'decide',
          path,
          values: { holeMm, leastMm },
          repairs,
          ...told,
        }),
  ];
}
