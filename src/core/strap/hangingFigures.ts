import { STRAP_CREEP_SHARE } from '@/core/defaults';
import type { Carrying, StrapTrial, WorkedStrap } from '@/core/design';
import { GEOMETRY, MEMORY, input, inputFrom, makeFigure, restsOn, type Figure, type Reason } from '@/core/figures';
import { nameAt, type FittingInput } from '@/core/fittings';
import { massOfPullG, pulledWidthMm, shareAfterCreep, shareAt } from './stretch';
import type { StrapLoad } from './strapLoad';
import type { HungStrap } from './hungStrap';
import type { Rest, StrapSizes } from './strapSizes';
import { loadedInputs, type StripGauge } from './stripGauge';

/** What is told of a strap under its bag; nothing of it where the load is not known. */
export interface HangingFigures {
  /** What the pull in each arm weighs. */
  pull: Figure;
  /** The next four not of a strap that can't stretch; its length not where that is the worn length itself. */
  loadedShare: Figure | null;
  loadedLength: Figure | null;
  crept: Figure | null;
  loadedWidth: Figure | null;
  /** Not of one that runs round a body. */
  drop: Figure | null;
}

/** What it is told from, besides the bag. */
interface Told {
  strap: WorkedStrap;
  sizes: StrapSizes;
  gauge: StripGauge;
  hung: HungStrap;
  /** As worked, slack: its length, and its width. */
  slack: Figure;
  width: Figure;
}

/** Tells how a strap hangs under its bag, each number with its reason. */
export function hangingFigures(told: Told, bag: FittingInput): HangingFigures | null {
  const { mass } = told.hung.load;
  if (mass === null) return null;
  const pull = pullFigure({ rest: told.sizes.rest, load: told.hung.load }, mass, bag.at);
  const stretch = told.strap.school === 'slack' ? null : stretchFigures(told, pull, bag);
  return {
    pull,
    loadedShare: stretch?.loadedShare ?? null,
    loadedLength: stretch?.loadedLength ?? null,
    crept: stretch?.crept ?? null,
    loadedWidth: stretch?.loadedWidth ?? null,
    drop: dropFigure({ rest: told.sizes.rest, hung: told.hung }, stretch?.length ?? told.slack, bag.at),
  };
}

/** What the pull in each arm weighs. */
export function pullFigure(
  { rest, load: { span } }: { rest: Pick<Rest, 'pullN'>; load: Pick<StrapLoad, 'span'> },
  mass: Figure,
  at: FittingInput['at'],
): Figure {
  return makeFigure(nameAt(at, 'strap.pull'), 'In each arm of it', massOfPullG(rest.pullN), 'g', {
    rule: span
      ? 'Half of what it carries, and more as its arms spread from what it lies over to its feet.'
      : 'Half of what it carries: it runs round the body.',
    inputs: [
      inputFrom(mass),
      ...(span
        ? [input('Its feet are apart', span.feetMm, 'mm'), input('What it lies over is wide', span.supportMm, 'mm')]
        : []),
    ],
    source: GEOMETRY,
  });
}

function stretchFigures({ strap, sizes, gauge, slack, width, hung }: Told, pull: Figure, { at, design }: FittingInput) {
  const { creep: hers } = design.corrected;
  const creepShare = hers?.value ?? STRAP_CREEP_SHARE;
  const { curve, doubt } = gauge;
  const { rest, stretchingMm } = sizes;
  const named = (id: string) => nameAt(at, id);
  const shareDoubt = doubt((one) => shareAt(one, rest.pullN));
  const loadedShare = makeFigure(
    named('strap.loadedShare'),
    'Longer under that, by',
    rest.share,
    'ratio',
    shareReason(strap, gauge, pull),
    shareDoubt,
  );
  const rowShare = (gauge.along.plusMinus ?? 0) / gauge.along.value;
  const { hardware, doubled, loss, path } = hung;
  const fixed = [hardware, doubled].filter((figure) => figure !== null);
  const stiffMm = path.hardwareMm - path.doubledMm;
  const lengthAt = (
    id: string,
    label: string,
    share: number,
    rule: string,
    more: Reason['inputs'] = [],
    openShare = 0,
  ) =>
    makeFigure(
      named(id),
      label,
      stretchingMm * (1 + share) + stiffMm,
      'mm',
      {
        rule: `${rule}${fixed.length > 0 ? ' With what is not strap, less what lies double or is tied.' : ''}`,
        inputs: [...[slack, ...(loss ? [loss] : []), ...fixed, loadedShare].map(inputFrom), ...more],
        source: GEOMETRY,
      },
      Math.hypot(stretchingMm * (1 + share) * rowShare, stretchingMm * shareDoubt, stretchingMm * openShare),
    );
  const length = lengthAt(
    'strap.loadedLength',
    'Under this bag, from mouth to mouth',
    rest.share,
    'As worked, less what its ends take, longer by what it stretches under what it carries.',
  );
  return {
    loadedShare,
    length,
    loadedLength: strap.school === 'pulled' ? length : null,
    crept: lengthAt(
      'strap.crept',
      'After some weeks of carrying',
      shareAfterCreep(curve, rest.pullN, creepShare),
      `As under this bag, and ${hers ? 'as much more of what it has stretched as your straps gained' : 'a tenth more of what it has stretched'}: yarn goes on giving. Never more than fully pulled.`,
      [
        input('More, of what it has stretched', creepShare, 'ratio'),
        ...(hers ? [input('Straps that it rests on', hers.bags, 'count')] : []),
      ],
      // What it gains in time is a share of what it has stretched at first.
      (hers?.plusMinus ?? 0) * rest.share,
    ),
    loadedWidth: widthFigure(strap, sizes, width, loadedShare, at),
  };
}

/** Why a strap stretches by so much under its load: what her readings say, or what is guessed in their place. */
function shareReason({ kind, sample }: WorkedStrap, { growth, curve }: StripGauge, pull: Figure): Reason {
  const inputs = [inputFrom(pull), inputFrom(growth)];
  if (sample === null || sample.of !== kind || sample.loaded.length === 0)
    return {
      rule: 'No weight was hung on the trial strip: that half a strap’s stretch comes under some 700 g is guessed. Hang a known weight on it.',
      inputs,
      source: MEMORY,
      basis: growth.basis ?? 'foretold',
    };
  return {
    rule: curve.measured.pull
      ? 'Off the curve through the trial strip’s lengths: crochet gives easily at first, and then hardly any more.'
      : 'Off a curve through the one length under a weight; how fast it gives is guessed, so it is sure near that weight alone. Pull the strip fully as well.',
    inputs: [input('Trial strip, slack', sample.slackMm, 'mm'), ...loadedInputs(sample.loaded), ...inputs],
    source: { kind: 'measured' },
  };
}

function widthFigure(
  { kind, sample }: WorkedStrap,
  { rest }: StrapSizes,
  width: Figure,
  loadedShare: Figure,
  at: FittingInput['at'],
): Figure {
  const narrows = sample && sample.of === kind ? narrowedShare(sample) : null;
  const mm =
    narrows === null
      ? pulledWidthMm(width.value, rest.share)
      : width.value * (1 - narrows.share * (rest.share / narrows.overShare));
  return makeFigure(
    nameAt(at, 'strap.loadedWidth'),
    'Width of the strap, under it',
    mm,
    'mm',
    {
      rule:
        narrows === null
          ? 'Width slack, divided by one plus what it stretches: its area is kept.'
          : 'Width slack, less what the trial strip lost when it was pulled, in proportion to the stretch.',
      inputs: [
        inputFrom(width),
        inputFrom(loadedShare),
        ...(narrows ? [input('The trial strip narrowed by', narrows.share, 'ratio')] : []),
      ],
      source: GEOMETRY,
    },
    (width.plusMinus ?? 0) * (mm / width.value),
  );
}

/** What a trial strip lost of its width when it was pulled, and what it gained in length meanwhile; null where that was not measured. */
function narrowedShare({ slackMm, pulledMm, slackWidthMm, pulledWidthMm: pulled }: StrapTrial) {
  if (slackWidthMm === null || pulled === null || pulledMm === null || pulledMm === slackMm) return null;
  return { share: 1 - pulled / slackWidthMm, overShare: pulledMm / slackMm - 1 };
}

/** What a strap lies over, in a sentence; nothing where it runs round the body. */
const OVER: Readonly<Record<Carrying, string | null>> = {
  'in-the-hand': 'hand',
  'on-the-wrist': 'wrist',
  'on-the-arm': 'arm',
  'on-the-shoulder': 'shoulder',
  'across-the-body': null,
  'round-the-waist': null,
};

/** How far below what it lies over the mouth hangs. */
export function dropFigure(
  { rest, hung }: { rest: Rest; hung: HungStrap },
  length: Figure,
  at: FittingInput['at'],
): Figure | null {
  const { dropMm } = rest;
  const { span } = hung.load;
  const over = OVER[hung.over];
  if (span === null || dropMm === null || over === null) return null;
  // A millimetre more of the strap lets it down by so much.
  const armMm = (rest.lengthMm - span.supportMm) / 2;
  return makeFigure(
    nameAt(at, 'strap.drop'),
    `Hangs below the ${over}`,
    dropMm,
    'mm',
    {
      rule: `The arms of the strap go from the edges of the ${over} to its feet: the square of an arm, less the square of how far it goes sideways.`,
      inputs: [
        input('From mouth to mouth', rest.lengthMm, 'mm'),
        input('Its feet are apart', span.feetMm, 'mm'),
        input(`The ${over} is wide`, span.supportMm, 'mm'),
      ],
      source: GEOMETRY,
      ...restsOn(length),
    },
    ((length.plusMinus ?? 0) / 2) * (armMm / dropMm),
  );
}

/** All figures of a strap under its bag, for asking. */
export const allHangingFigures = (load: StrapLoad, figures: HangingFigures | null): Figure[] =>
  [...load.asked, ...Object.values(figures ?? {})].filter((figure): figure is Figure => figure !== null);
