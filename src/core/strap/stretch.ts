import {
  ROUGH_STRAP_GROWTH,
  ROUGH_STRAP_PULL,
  STANDARD_GRAVITY,
  STRAP_CREEP_SHARE,
  TAPE_ERROR_MM,
} from '@/core/defaults';

/** A trial strip on the tape, mm: lying slack, under known masses, and fully pulled. */
export interface StretchReadings {
  slackMm: number;
  /** Null: nobody pulled it. */
  pulledMm: number | null;
  loaded: readonly { massG: number; lengthMm: number }[];
}

/**
 * How a strap stretches: ε(F) = most · (1 − e^(−F / pull)). Crochet gives easily at first, while its loops close, and then hardly any more.
 */
export interface StretchCurve {
  /** By what share it grows at most. */
  mostShare: number;
  /** The pull that brings it to 63 % of that, N. */
  pullN: number;
  /** Which of the two follow from readings; the others are guessed. */
  measured: { most: boolean; pull: boolean };
}

/** 95 % of a tape reading that is equally likely anywhere within its limits, mm (JCGM 100:2008, 4.3.7). */
export const READING_PLUS_MINUS_MM = (1.96 * TAPE_ERROR_MM) / Math.sqrt(3);

/**
 * The pull of a mass that hangs at rest, N.
 *
 * @example
 * pullOfMassN(500).toFixed(2) // => '4.90'
 */
export const pullOfMassN = (massG: number): number => (massG / 1000) * STANDARD_GRAVITY;

/**
 * The mass whose pull at rest is so much, g: the other way round.
 *
 * @example
 * massOfPullG(pullOfMassN(500)).toFixed(6) // => '500.000000'
 */
export const massOfPullG = (newton: number): number => (1000 * newton) / STANDARD_GRAVITY;

/** How much of all its stretch a strap has under a pull. */
const given = (pullN: number, forceN: number): number => 1 - Math.exp(-forceN / pullN);

/**
 * By what share a strap is longer under a pull than slack.
 *
 * @example
 * shareAt({ mostShare: 0.4, pullN: 5 }, 0) // => 0
 * shareAt({ mostShare: 0.4, pullN: 5 }, 5).toFixed(3) // => '0.253'
 */
export const shareAt = ({ mostShare, pullN }: Pick<StretchCurve, 'mostShare' | 'pullN'>, forceN: number): number =>
  mostShare * given(pullN, forceN);

/**
 * By what share a strap is longer after hanging under a pull for weeks: a little more than at first, and never more than fully pulled.
 *
 * @param creepShare what it gains in time, as a share of what it has stretched at first
 *
 * @example
 * shareAfterCreep({ mostShare: 0.4, pullN: 5 }, 5).toFixed(3) // => '0.278'
 * shareAfterCreep({ mostShare: 0.4, pullN: 5 }, 500) // => 0.4
 */
export const shareAfterCreep = (
  curve: Pick<StretchCurve, 'mostShare' | 'pullN'>,
  forceN: number,
  creepShare = STRAP_CREEP_SHARE,
): number => Math.min(curve.mostShare, shareAt(curve, forceN) * (1 + creepShare));

/**
 * How wide a strap is under a pull: as its length grows by a share, its area is kept.
 *
 * Source: geometry. Common practice, no source: a strap of 28 mm that grows by two fifths is 20 mm wide.
 *
 * @example
 * pulledWidthMm(28, 0.4) // => 20
 */
export const pulledWidthMm = (slackWidthMm: number, share: number): number => slackWidthMm / (1 + share);

/**
 * Fits the curve to what was measured: the most that it stretches from its pulled length, the pull from what it is under known masses. What no
 * reading tells is guessed: without any, both; fully pulled alone, the pull; under one mass alone, the pull as well.
 *
 * With several masses the curve is the one of least squares; where it was not fully pulled, two masses tell both.
 *
 * @param near the pull of a curve through almost the same readings, N, to look beside it first
 * @example
 * fitStretch({ slackMm: 200, pulledMm: 280, loaded: [] }).mostShare.toFixed(2) // => '0.40'
 * fitStretch(null).measured // => { most: false, pull: false }
 */
export function fitStretch(readings: StretchReadings | null, near: number | null = null): StretchCurve {
  const { newton } = ROUGH_STRAP_PULL;
  if (readings === null)
    return { mostShare: ROUGH_STRAP_GROWTH.share, pullN: newton, measured: { most: false, pull: false } };
  const { slackMm, pulledMm } = readings;
  const loaded = readings.loaded.map(({ massG, lengthMm }) => ({
    forceN: pullOfMassN(massG),
    share: lengthMm / slackMm - 1,
  }));
  const pulledShare = pulledMm === null ? null : pulledMm / slackMm - 1;
  if (loaded.length === 0)
    return {
      mostShare: pulledShare ?? ROUGH_STRAP_GROWTH.share,
      pullN: newton,
      measured: { most: pulledShare !== null, pull: false },
    };
  const most = (pullN: number): number => pulledShare ?? mostOf(loaded, pullN);
  if (pulledShare === null && loaded.length === 1)
    return { mostShare: most(newton), pullN: newton, measured: { most: false, pull: false } };
  const missedBy = (pullN: number): number =>
    loaded.reduce((sum, { forceN, share }) => sum + (most(pullN) * given(pullN, forceN) - share) ** 2, 0);
  const beside = near === null ? null : leastWithin(missedBy, near / NEAR_TIMES, near * NEAR_TIMES);
  const pullN = beside ?? leastOver(missedBy, LEAST_PULL_N, MOST_PULL_N);
  return { mostShare: most(pullN), pullN, measured: { most: true, pull: true } };
}

/** A curve through readings that differ a little has its pull within so many times that of the first. Ours. */
const NEAR_TIMES = 1.5;

/** Pulls between which a curve is looked for, N: those of a thread and of a belt. */
const LEAST_PULL_N = 0.05;
const MOST_PULL_N = 1000;

/** The most that it stretches, where a pull is taken as given: the least squares of a line through nought. */
function mostOf(loaded: readonly { forceN: number; share: number }[], pullN: number): number {
  const squares = loaded.reduce((sum, { forceN }) => sum + given(pullN, forceN) ** 2, 0);
  return loaded.reduce((sum, { forceN, share }) => sum + share * given(pullN, forceN), 0) / squares;
}

const GRID_STEPS = 80;
const GOLDEN = (Math.sqrt(5) - 1) / 2;

/** Where a function of a size is least, between two sizes: tried on a grid of equal ratios, then closed in on by golden sections. */
function leastOver(missedBy: (size: number) => number, least: number, most: number): number {
  const at = (step: number) => Math.log(least) + (step / GRID_STEPS) * Math.log(most / least);
  let best = 0;
  let bestMiss = missedBy(Math.exp(at(0)));
  for (let step = 1; step <= GRID_STEPS; step += 1) {
    const miss = missedBy(Math.exp(at(step)));
    if (miss < bestMiss) [best, bestMiss] = [step, miss];
  }
  return closedIn(missedBy, at(Math.max(0, best - 1)), at(Math.min(GRID_STEPS, best + 1)), FINE);
}

/** Where it is least between two sizes that it is thought to be within; null where it goes on falling beyond them. */
function leastWithin(missedBy: (size: number) => number, least: number, most: number): number | null {
  const found = closedIn(missedBy, Math.log(least), Math.log(most), COARSE);
  return found < least * EDGE || found > most / EDGE ? null : found;
}

/** How near the logarithm of a size is told: of the curve itself, and of those that its doubt is told from. */
const FINE = 1e-9;
const COARSE = 1e-6;
/** Nearer than this to where it was looked for, the least may lie beyond. */
const EDGE = 1.001;

/** Golden sections: of two points between the ends one is kept at every step. */
function closedIn(missedBy: (size: number) => number, fromLog: number, toLog: number, near: number): number {
  let [from, to] = [fromLog, toLog];
  let [left, right] = [to - GOLDEN * (to - from), from + GOLDEN * (to - from)];
  let [leftMiss, rightMiss] = [missedBy(Math.exp(left)), missedBy(Math.exp(right))];
  while (to - from > near) {
    if (leftMiss < rightMiss) {
      [to, right, rightMiss] = [right, left, leftMiss];
      left = to - GOLDEN * (to - from);
      leftMiss = missedBy(Math.exp(left));
    } else {
      [from, left, leftMiss] = [left, right, rightMiss];
      right = from + GOLDEN * (to - from);
      rightMiss = missedBy(Math.exp(right));
    }
  }
  return Math.exp((from + to) / 2);
}

/**
 * How far what is asked of a fitted curve may be off (95 %): every reading may be a little wrong, and what was guessed may be wrong by what
 * is not known of it.
 *
 * @returns what tells it, for anything that is asked of the curve
 */
export function stretchDoubt(readings: StretchReadings | null): (of: (curve: StretchCurve) => number) => number {
  const curve = fitStretch(readings);
  const { factor } = ROUGH_STRAP_PULL;
  const otherPulls = curve.measured.pull
    ? []
    : [factor, 1 / factor].map((times) => refitted(readings, curve, curve.pullN * times));
  const isMostGuessed = !curve.measured.most && (readings?.loaded.length ?? 0) === 0;
  const others = [
    ...(isMostGuessed ? [{ ...curve, mostShare: curve.mostShare + ROUGH_STRAP_GROWTH.plusMinus }] : []),
    ...(readings === null
      ? []
      : nudged(readings).map((one) => fitStretch(one, curve.measured.pull ? curve.pullN : null))),
  ];
  return (of) => {
    const asFitted = of(curve);
    const offBy = (other: StretchCurve): number => Math.abs(of(other) - asFitted);
    return Math.hypot(Math.max(0, ...otherPulls.map(offBy)), ...others.map(offBy));
  };
}

/** The curve for another guess of the pull: one that is known under a mass goes through that reading still. */
function refitted(readings: StretchReadings | null, curve: StretchCurve, pullN: number): StretchCurve {
  const [known] = curve.measured.most ? [] : (readings?.loaded ?? []);
  if (!known) return { ...curve, pullN };
  const forceN = pullOfMassN(known.massG);
  return { ...curve, pullN, mostShare: (curve.mostShare * given(curve.pullN, forceN)) / given(pullN, forceN) };
}

/** The same readings, each time with one of them off by what a tape may be off. */
const nudged = ({ slackMm, pulledMm, loaded }: StretchReadings): StretchReadings[] => [
  { slackMm: slackMm + READING_PLUS_MINUS_MM, pulledMm, loaded },
  ...(pulledMm === null ? [] : [{ slackMm, pulledMm: pulledMm + READING_PLUS_MINUS_MM, loaded }]),
  ...loaded.map((_, moved) => ({
    slackMm,
    pulledMm,
    loaded: loaded.map((reading, index) =>
      index === moved ? { ...reading, lengthMm: reading.lengthMm + READING_PLUS_MINUS_MM } : reading,
    ),
  })),
];
