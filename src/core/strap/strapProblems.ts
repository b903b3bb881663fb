import { STRAP_STRETCH_ADVICE } from '@/core/defaults';
import type { WorkedStrap } from '@/core/design';
import { nameAt, pathOf, type FittingInput } from '@/core/fittings';
import type { Problem } from '@/core/problems';
import type { HangingFigures } from './hangingFigures';
import { hungProblems } from './hungProblems';
import type { HungStrap } from './hungStrap';
import { ours } from './ownProblems';
import type { StrapSizes } from './strapSizes';
import type { StripGauge } from './stripGauge';

/** What is known of a strap when it is looked over. */
interface Known {
  strip: Pick<StripGauge, 'curve'>;
  sizes: StrapSizes;
  hung: HungStrap;
  hanging: HangingFigures | null;
}

/** A strap that is worked to its pulled length is told to hang shorter from this share on. From memory. */
const HANGS_SHORTER_SHARE = 0.02;

/** What is doubtful about a worked strap besides its trial strip: how far it stretches, and all that is so of any strap. */
export const strapProblems = (strap: WorkedStrap, known: Known, bag: FittingInput): Problem[] => [
  ...stretchProblems(strap, known.strip.curve.mostShare, bag),
  ...loadProblems(strap, known, bag),
  ...hungProblems(
    strap,
    {
      hung: known.hung,
      wornMm: known.sizes.wornMm,
      widthMm: known.sizes.widthMm,
      loadedWidthMm: known.hanging?.loadedWidth?.value ?? known.sizes.widthMm,
    },
    bag,
  ),
];

/** Under a load that is not known, or that does not pull it as far as it was measured. */
function loadProblems(
  { school }: WorkedStrap,
  { strip, sizes, hung, hanging }: Known,
  { at }: FittingInput,
): Problem[] {
  const path = [...pathOf(at), 'school'];
  if (school === 'loaded' && hung.load.mass === null)
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
