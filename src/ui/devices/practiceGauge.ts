import { shareAt, type StretchCurve } from '@/core/strap';
import { practiceDevice, type Clock, type PracticeDevice } from './practiceDevice';

/** What the practice gauge has clamped in it, and how it behaves. */
export interface PracticeStrip {
  slackMm: number;
  curve: Pick<StretchCurve, 'mostShare' | 'pullN'>;
}

/** How far its readings are off by chance either way, and how far its zero drifts in a second. From memory: a cheap hanging scale, a tape by hand. */
const NOISE = { pullN: 0.08, lengthMm: 0.3 } as const;
const DRIFT_N_PER_S = 0.004;
const EVERY_MS = 100;

/** A pull gauge with a tape beside it that is none: it is pulled by a number, and speaks as one on a serial line would. */
export interface PracticeGauge extends PracticeDevice {
  /** How hard the hand pulls, N. */
  pull(newton: number): void;
}

/**
 * A practice gauge. It sends a line ten times a second, takes `TARE`, and says nothing more once it is unplugged.
 *
 * @param chance numbers from 0 to 1, for what its readings are off by
 * @param clock calls back every so many ms, and gives what stops that
 */
export function practiceGauge(
  { slackMm, curve }: PracticeStrip,
  chance: () => number = Math.random,
  clock?: Clock,
): PracticeGauge {
  let pullN = 0;
  let zeroN = 0.4;
  let tareN = 0;
  const off = (most: number) => most * (2 * chance() - 1);
  const line = () => {
    zeroN += (DRIFT_N_PER_S * EVERY_MS) / 1000;
    const shownN = pullN + zeroN - tareN + off(NOISE.pullN);
    const lengthMm = slackMm * (1 + shareAt(curve, pullN)) + off(NOISE.lengthMm);
    return `P ${shownN.toFixed(2)} L ${lengthMm.toFixed(1)}`;
  };
  const told = (said: string) => {
    if (said === 'TARE') tareN = pullN + zeroN;
  };
  return {
    ...practiceDevice(EVERY_MS, line, told, clock),
    pull: (newton) => {
      pullN = Math.max(0, newton);
    },
  };
}
