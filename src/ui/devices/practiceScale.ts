import { practiceDevice, type Clock, type PracticeDevice } from './practiceDevice';

/** How far its readings are off by chance either way, how far its zero is off at first, and drifts in a second, g. From memory: a kitchen scale. */
const NOISE_G = 0.3;
const OFF_AT_FIRST_G = 2.6;
const DRIFT_G_PER_S = 0.01;
const EVERY_MS = 150;

/** A scale that is none: what lies on it is set by a number, and it speaks as one on a serial line would. */
export interface PracticeScale extends PracticeDevice {
  /** What lies on it, g. */
  lay(massG: number): void;
}

/**
 * A practice scale. It sends a line some seven times a second, takes `TARE` and `UNIT`, and says nothing more once it is unplugged.
 *
 * @param chance numbers from 0 to 1, for what its readings are off by
 * @param clock calls back every so many ms, and gives what stops that
 */
export function practiceScale(chance: () => number = Math.random, clock?: Clock): PracticeScale {
  let massG = 0;
  let zeroG = OFF_AT_FIRST_G;
  let tareG = 0;
  let ounces = false;
  const line = () => {
    zeroG += (DRIFT_G_PER_S * EVERY_MS) / 1000;
    const shownG = massG + zeroG - tareG + NOISE_G * (2 * chance() - 1);
    return ounces ? `W ${(shownG / 28.349523125).toFixed(3)} oz` : `W ${shownG.toFixed(1)} g`;
  };
  const told = (said: string) => {
    if (said === 'TARE') tareG = massG + zeroG;
    if (said === 'UNIT') ounces = !ounces;
  };
  return {
    ...practiceDevice(EVERY_MS, line, told, clock),
    lay: (laidG) => {
      massG = Math.max(0, laidG);
    },
  };
}
