import { MOST_WORN_MM, STRAP_STRETCH_ADVICE } from '@/core/defaults';
import type { WorkedStrap } from '@/core/design';
import { nameAt, pathOf, type FittingInput } from '@/core/fittings';
import type { Problem } from '@/core/problems';
import type { HangingFigures } from './hangingFigures';
import { ours } from './ownProblems';
import type { StrapLoad } from './strapLoad';
import type { StrapSizes } from './strapSizes';
import type { StripGauge } from './stripGauge';

/** Beyond the width of the bag, a strap needs so much for a hand to go through, mm. From memory. */
const HAND_MM = 160;

/** What is known of a strap when it is looked over. */
interface Known {
  strip: Pick<StripGauge, 'curve'>;
  sizes: StrapSizes;
  load: StrapLoad;
  hanging: HangingFigures | null;
}

/** A strap that is worked to its pulled length is told to hang shorter from this share on. From memory. */
const HANGS_SHORTER_SHARE = 0.02;

/** What is doubtful about a strap besides its trial strip: how far it stretches, and whether it is long enough to be carried by. */
export const strapProblems = (strap: WorkedStrap, known: Known, bag: FittingInput): Problem[] => [
  ours.problem({ code: 'strap-load', severity: 'mind', place: 'strap', path: pathOf(bag.at), values: {}, repairs: [] }),
  ...stretchProblems(strap, known.strip.curve.mostShare, bag),
  ...loadProblems(strap, known, bag),
  ...spanProblems(strap, bag),
  ...besideProblems(bag),
];

/** Under a load that is not known, or that does not pull it as far as it was measured. */
function loadProblems(
  { school }: WorkedStrap,
  { strip, sizes, load, hanging }: Known,
  { at }: FittingInput,
): Problem[] {
  const path = [...pathOf(at), 'school'];
  if (school === 'loaded' && load.mass === null)
    return [
      ours.problem({
        code: 'strap-load-unknown',
        severity: 'decide',
        place: 'strap',
        path,
        values: {},
        repairs: [ours.repair({ code: 'strap-measured-pulled', values: {}, edits: [{ path, value: 'pulled' }] })],
      }),
    ];
  const shorterMm = sizes.wornMm - sizes.rest.lengthMm;
  const length = hanging?.loadedLength;
  if (school !== 'pulled' || !length || !strip.curve.measured.pull) return [];
  if (shorterMm < HANGS_SHORTER_SHARE * sizes.wornMm || shorterMm <= (length.plusMinus ?? 0)) return [];
  return [
    ours.problem({
      code: 'strap-hangs-shorter',
      severity: 'mind',
      place: 'strap',
      path,
      asks: [length.id, nameAt(at, 'strap.load')],
      values: { shorterMm },
      repairs: [ours.repair({ code: 'strap-measured-loaded', values: {}, edits: [{ path, value: 'loaded' }] })],
    }),
  ];
}

function stretchProblems({ school }: WorkedStrap, growth: number, { at }: FittingInput): Problem[] {
  if (school === 'slack' || growth <= STRAP_STRETCH_ADVICE) return [];
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
function spanProblems({ wornLengthMm }: WorkedStrap, { pouch, at }: FittingInput): Problem[] {
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

/** Every strap is sewn to the same place: the sides, or the ends of a gusset or a band. */
function besideProblems({ design, at }: FittingInput): Problem[] {
  if (at.index === 0) return [];
  return [
    ours.problem({
      code: 'strap-over-strap',
      severity: 'mind',
      place: 'strap',
      path: pathOf(at),
      mark: nameAt(at, 'strap.feet'),
      values: {},
      repairs: [
        ours.repair({
          code: 'strap-off',
          values: {},
          edits: [{ path: ['straps'], value: design.straps.filter((_, index) => index !== at.index) }],
        }),
      ],
    }),
  ];
}
