import {
  usualButtonhole,
  usualHookTape,
  usualPressStud,
  usualTurnLock,
  type Buttonhole,
  type HookTape,
  type PressStud,
  type TurnLock,
} from '@/core/design';
import { FLAP_GIVES_MM } from '@/core/defaults';
import { nameAt, pathOf, type FittingInput } from '@/core/fittings';
import { ownCodes, type Problem } from '@/core/problems';
import { buttonholeStitches } from './buttonholeStitches';
import type { OnFlapNature, OnFlapPart } from './onFlap/nature';
import { onFlapKind } from './onFlap/onFlapKind';
import { setByThread, setThrough } from './onFlap/steps';

/** What is to be minded of some of what closes a flap; lengths in mm. */
export interface FlapClosureProblems {
  'small-parts': object;
  'turn-post-short': { postMm: number; layersMm: number };
}
export interface FlapClosureRepairs {
  'turn-post-to': { postMm: number };
}

const ours = ownCodes<FlapClosureProblems, FlapClosureRepairs>();

/** Buttons, beads and studs: for whom they are not. */
export const smallParts = (prefix: string, { at }: Pick<FittingInput, 'at'>): Problem =>
  ours.problem({
    code: 'small-parts',
    severity: 'mind',
    place: 'closures',
    path: pathOf(at),
    mark: nameAt(at, prefix),
    values: {},
    repairs: [],
  });

const nothing = () => ({ fabric: false, lining: false });
const disc = ({ diameterMm }: { diameterMm: number }) => ({ kind: 'disc', radiusMm: diameterMm / 2 }) as const;
const patch = ({ widthMm, heightMm }: { widthMm: number; heightMm: number }) =>
  ({ kind: 'patch', widthMm, lengthMm: heightMm }) as const;

type Part<Choice> = Omit<OnFlapPart<Choice>, 'label' | 'noun' | 'face'>;
const named = <Choice>(
  label: string,
  noun: string,
  face: 'inner' | 'outer',
  part: Part<Choice>,
): OnFlapPart<Choice> => ({
  label,
  noun,
  face,
  ...part,
});

/** Half a stud is about 2 mm thick. From memory. */
const stud: Part<PressStud> = { form: disc, stuff: 'metal', standsMm: () => 2, through: nothing };
const tape: Part<HookTape> = { form: patch, stuff: 'cloth', standsMm: () => 1.5, through: nothing };

/** The flap can be drawn to it by so much; a magnet does that by itself. */
const drawn = () => FLAP_GIVES_MM;

const pressStudNature: OnFlapNature<PressStud> = {
  prefix: 'stud',
  half: named('Press stud', 'stud', 'inner', stud),
  mate: named('Socket', 'socket', 'outer', stud),
  radiusMm: ({ diameterMm }) => diameterMm / 2,
  findsMm: drawn,
  isHidden: () => false,
  steps: (_, bag) => setByThread('stud', bag),
  cautions: (_, bag) => [smallParts('stud', bag)],
};

const turnLockNature: OnFlapNature<TurnLock> = {
  prefix: 'turn',
  half: named('Plate', 'plate', 'outer', {
    form: patch,
    stuff: 'metal',
    standsMm: () => 2,
    through: (_, isLined) => ({ fabric: true, lining: isLined }),
  }),
  mate: named('Post', 'post', 'outer', {
    form: ({ heightMm }) => ({ kind: 'disc', radiusMm: heightMm / 3 }),
    stuff: 'metal',
    standsMm: ({ postMm }) => postMm,
    through: () => ({ fabric: true, lining: false }),
  }),
  radiusMm: ({ heightMm }) => heightMm / 2,
  findsMm: drawn,
  isHidden: () => false,
  steps: (_, bag) => setThrough('turn', bag),
  cautions: ({ postMm }, { pouch: { layers }, design, at }) => {
    const layersMm = layers.fabricMm + (design.lining ? layers.liningMm : 0) + PLATE_MM;
    if (postMm >= layersMm) return [];
    const neededMm = Math.min(20, Math.ceil(layersMm));
    return [
      ours.problem({
        code: 'turn-post-short',
        severity: 'decide',
        place: 'closures',
        path: [...pathOf(at), 'postMm'],
        mark: nameAt(at, 'turn.mate'),
        values: { postMm, layersMm },
        repairs:
          neededMm >= layersMm
            ? [
                ours.repair({
                  code: 'turn-post-to',
                  values: { postMm: neededMm },
                  edits: [{ path: [...pathOf(at), 'postMm'], value: neededMm }],
                }),
              ]
            : [],
      }),
    ];
  },
};

/** Both sheets of a plate, in front of the flap and behind it, mm. From memory. */
const PLATE_MM = 2;

const hookTapeNature: OnFlapNature<HookTape> = {
  prefix: 'tape',
  half: named('Hook tape', 'hook tape', 'inner', tape),
  mate: named('Loop tape', 'loop tape', 'outer', tape),
  radiusMm: ({ heightMm }) => heightMm / 2,
  // Half of it on half of the other holds. From memory.
  findsMm: ({ heightMm }) => heightMm / 2,
  isHidden: () => false,
  steps: (_, bag) => setByThread('tape', bag),
  cautions: () => [],
};

const buttonholeNature: OnFlapNature<Buttonhole> = {
  prefix: 'button',
  half: named('Buttonhole', 'buttonhole', 'outer', {
    form: (choice) => ({ kind: 'patch', widthMm: choice.diameterMm * (1 - choice.giveShare), lengthMm: 2 }),
    stuff: 'cord',
    standsMm: () => 0,
    through: nothing,
  }),
  mate: named('Button', 'button', 'outer', {
    form: ({ diameterMm }) => ({ kind: 'disc', radiusMm: diameterMm / 2 }),
    stuff: 'metal',
    standsMm: ({ thicknessMm }) => thicknessMm,
    through: nothing,
  }),
  radiusMm: ({ diameterMm }) => diameterMm / 2,
  findsMm: drawn,
  isHidden: () => false,
  steps: (_, bag) => [
    { name: 'set-button-flap', after: [], before: ['flap-worked'], mark: 'button.half' },
    {
      name: 'set-button-front',
      after: bag.design.lining ? ['blocked'] : ['joined'],
      before: bag.design.lining ? ['covered'] : [],
      mark: 'button.mate',
    },
  ],
  cautions: (_, bag) => [smallParts('button', bag)],
};

export const pressStud = onFlapKind(usualPressStud, pressStudNature);
export const turnLock = onFlapKind(usualTurnLock, turnLockNature);
export const hookTape = onFlapKind(usualHookTape, hookTapeNature);
export const buttonhole = onFlapKind(usualButtonhole, buttonholeNature, (choice, bag) => [
  buttonholeStitches(choice, bag),
]);
