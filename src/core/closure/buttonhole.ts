import { FLAP_GIVES_MM } from '@/core/defaults';
import { usualButtonhole, usualEdging, type Buttonhole, linesWalls } from '@/core/design';
import { pathOf, smallParts, type FittingInput } from '@/core/fittings';
import { ownCodes, type Problem, type Repair } from '@/core/problems';
import { buttonholeStitches } from './buttonholeStitches';
import { holeInEdging } from './onFlap/holeInEdging';
import type { OnFlapNature } from './onFlap/nature';
import { onFlapKind } from './onFlap/onFlapKind';

/** What is doubtful of a buttonhole besides where it lies. */
export interface ButtonholeProblems {
  /** There is no edging along the flap's edge that it could be in; or one of a single round. */
  'button-no-edging': { rounds: number };
}
export interface ButtonholeRepairs {
  'button-into-row': object;
  'button-edging-rounds': { rounds: number };
  'button-edging-on': { rounds: number };
}

const ours = ownCodes<ButtonholeProblems, ButtonholeRepairs>();

const nothing = () => ({ fabric: false, lining: false });

const nature: OnFlapNature<Buttonhole> = {
  prefix: 'button',
  half: {
    label: 'Buttonhole',
    noun: 'buttonhole',
    face: 'outer',
    form: (choice) => ({ kind: 'patch', widthMm: choice.diameterMm * (1 - choice.giveShare), lengthMm: 2 }),
    stuff: 'cord',
    standsMm: () => 0,
    through: nothing,
  },
  mate: {
    label: 'Button',
    noun: 'button',
    face: 'outer',
    form: ({ diameterMm }) => ({ kind: 'disc', radiusMm: diameterMm / 2 }),
    stuff: 'metal',
    standsMm: ({ thicknessMm }) => thicknessMm,
    through: nothing,
  },
  radiusMm: ({ diameterMm }) => diameterMm / 2,
  findsMm: () => FLAP_GIVES_MM,
  isHidden: () => false,
  inEdging: ({ madeIn }, bag) => (madeIn === 'edging' ? holeInEdging(bag) : null),
  steps: (choice, bag) => {
    const inEdging = choice.madeIn === 'edging' && holeInEdging(bag) !== null;
    return [
      {
        name: 'set-button-flap',
        after: inEdging ? ['flap-worked'] : [],
        before: inEdging ? ['flap-edged'] : ['flap-worked'],
        mark: 'button.half',
      },
      {
        name: 'set-button-front',
        after: linesWalls(bag.design) ? ['blocked'] : ['joined'],
        before: linesWalls(bag.design) ? ['covered'] : [],
        mark: 'button.mate',
      },
    ];
  },
  cautions: (choice, bag) => [
    smallParts(bag.at, 'button'),
    ...(choice.madeIn === 'edging' && holeInEdging(bag) === null ? [noEdging(bag)] : []),
  ],
};

/** A hole in an edging has a round before it or at it, and one over it. */
const ROUNDS_WITH_HOLE = 2;

/** It is wished in an edging that is not there, or has no round that would be worked over it: it is planned in a row. */
function noEdging({ at, design, flap }: FittingInput): Problem {
  const index = design.edgings.findIndex(({ edge }) => edge === 'flap' || edge === 'strip');
  const intoRow = ours.repair({
    code: 'button-into-row',
    values: {},
    edits: [{ path: [...pathOf(at), 'madeIn'], value: 'row' }],
  });
  const values = { rounds: ROUNDS_WITH_HOLE };
  const edged = (): Repair => {
    if (index >= 0)
      return ours.repair({
        code: 'button-edging-rounds',
        values,
        edits: [{ path: ['edgings', index, 'rounds'], value: ROUNDS_WITH_HOLE }],
      });
    const edging = { ...usualEdging('single', 'flap'), rounds: ROUNDS_WITH_HOLE };
    return ours.repair({
      code: 'button-edging-on',
      values,
      edits: [{ path: ['edgings'], value: [...design.edgings, edging] }],
    });
  };
  const takesOne = flap.onPiece && !flap.scallops && design.edgings.length < 4;
  return ours.problem({
    code: 'button-no-edging',
    severity: 'decide',
    place: 'closures',
    path: [...pathOf(at), 'madeIn'],
    values: { rounds: design.edgings[index]?.rounds ?? 0 },
    repairs: takesOne ? [edged(), intoRow] : [intoRow],
  });
}

/** A button on the front, and a hole that is left in a row of the flap, or in a round of its edging. */
export const buttonhole = onFlapKind(usualButtonhole, nature, (choice, bag) => [buttonholeStitches(choice, bag)]);
