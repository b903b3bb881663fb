import { MOST_WORN_MM, STRAP_STRETCH_ADVICE } from '@/core/defaults';
import type { PlainStrap } from '@/core/design';
import { nameAt, pathOf, type FittingInput } from '@/core/fittings';
import type { Problem } from '@/core/problems';
import { ours } from './ownProblems';

/** Beyond the width of the bag, a strap needs so much for a hand to go through, mm. From memory. */
const HAND_MM = 160;

/** What is doubtful about a strap besides its trial strip: how far it stretches, and whether it is long enough to be carried by. */
export const strapProblems = (strap: PlainStrap, growth: number, bag: FittingInput): Problem[] => [
  ours.problem({ code: 'strap-load', severity: 'mind', place: 'strap', path: pathOf(bag.at), values: {}, repairs: [] }),
  ...stretchProblems(strap, growth, bag),
  ...spanProblems(strap, bag),
];

function stretchProblems({ school }: PlainStrap, growth: number, { at }: FittingInput): Problem[] {
  if (school !== 'pulled' || growth <= STRAP_STRETCH_ADVICE) return [];
  return [
    ours.problem({
      code: 'strap-stretches-much',
      severity: 'decide',
      place: 'strap',
      path: [...pathOf(at), 'sample', 'pulledMm'],
      asks: [nameAt(at, 'strap.growth')],
      values: { share: growth },
      repairs: [
        ours.repair({
          code: 'strap-measured-slack',
          values: {},
          edits: [{ path: [...pathOf(at), 'school'], value: 'slack' }],
        }),
      ],
    }),
  ];
}

/** A strap that is no longer than the bag is wide, from side to side, hangs below its mouth. */
function spanProblems({ wornLengthMm }: PlainStrap, { pouch, at }: FittingInput): Problem[] {
  const widthMm = pouch.figures.width.value;
  if (wornLengthMm >= widthMm) return [];
  const wornMm = Math.ceil(widthMm + HAND_MM);
  const path = [...pathOf(at), 'wornLengthMm'];
  return [
    ours.problem({
      code: 'strap-shorter-than-bag',
      severity: 'decide',
      place: 'strap',
      path,
      asks: ['size.width'],
      values: { wornMm: wornLengthMm, widthMm },
      repairs:
        wornMm <= MOST_WORN_MM ? [{ code: 'strap-worn-to', values: { wornMm }, edits: [{ path, value: wornMm }] }] : [],
    }),
  ];
}
