import {
  PRONG_LIMITS,
  withinFlapMm,
  usualHookTape,
  usualPressStud,
  usualTuckLock,
  usualTurnLock,
  type HookTape,
  type PressStud,
  type TuckLock,
  type TurnLock,
} from '@/core/design';
import { FLAP_GIVES_MM } from '@/core/defaults';
import { reachProblems, smallParts } from '@/core/fittings';
import type { OnFlapNature, OnFlapPart } from './onFlap/nature';
import { onFlapKind } from './onFlap/onFlapKind';
import { setByThread, setThrough } from './onFlap/steps';

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
  cautions: (_, bag) => [smallParts(bag.at, 'stud')],
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
  cautions: ({ postMm }, { pouch: { layers }, design, at }) =>
    reachProblems({
      ...{ part: 'post', reachMm: postMm, field: 'postMm', leastMm: 2, mostMm: 20, at, place: 'closures' },
      layersMm: layers.fabricMm + withinFlapMm(design),
      mark: 'turn.mate',
    }),
};

/** Both parts of a tuck lock are plates with prongs, the tongue about half as wide as the catch. From memory. */
const tuckLockNature: OnFlapNature<TuckLock> = {
  prefix: 'tuck',
  half: named('Tongue', 'tongue', 'outer', {
    form: ({ widthMm, heightMm }) => ({ kind: 'patch', widthMm: widthMm / 2, lengthMm: heightMm }),
    stuff: 'metal',
    standsMm: () => 2,
    through: (_, isLined) => ({ fabric: true, lining: isLined }),
  }),
  mate: named('Catch', 'catch', 'outer', {
    form: patch,
    stuff: 'metal',
    standsMm: () => 5,
    through: () => ({ fabric: true, lining: false }),
  }),
  radiusMm: ({ heightMm }) => heightMm / 2,
  findsMm: drawn,
  isHidden: () => false,
  steps: (_, bag) => setThrough('tuck', bag),
  cautions: ({ prongMm }, { pouch: { layers }, design, at }) =>
    reachProblems({
      ...PRONG_LIMITS,
      ...{ part: 'prongs', reachMm: prongMm, field: 'prongMm', at, place: 'closures', mark: 'tuck.half' },
      layersMm: layers.fabricMm + withinFlapMm(design),
    }),
};

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

export const pressStud = onFlapKind(usualPressStud, pressStudNature);
export const tuckLock = onFlapKind(usualTuckLock, tuckLockNature);
export const turnLock = onFlapKind(usualTurnLock, turnLockNature);
export const hookTape = onFlapKind(usualHookTape, hookTapeNature);
