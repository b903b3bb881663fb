import { practiceDevice, type Clock, type PracticeDevice } from './practiceDevice';

/** How far its readings are off by chance either way, how far its zero is off when it is switched on, and drifts in a second, mm. From memory: a cheap calliper. */
const NOISE_MM = 0.03;
const OFF_AT_FIRST_MM = 0.12;
const DRIFT_MM_PER_S = 0.002;
const EVERY_MS = 120;

/** A calliper that is none: its jaws are set by a number, and it speaks as one on a serial line would. */
export interface PracticeCalliper extends PracticeDevice {
  /** How far its jaws stand apart, mm. */
  jaws(mm: number): void;
}

/**
 * A practice calliper. It sends a line eight times a second, takes `ZERO` and `UNIT`, and says nothing more once it is unplugged.
 *
 * @param chance numbers from 0 to 1, for what its readings are off by
 * @param clock calls back every so many ms, and gives what stops that
 */
export function practiceCalliper(chance: () => number = Math.random, clock?: Clock): PracticeCalliper {
  let jawsMm = 0;
  let zeroMm = OFF_AT_FIRST_MM;
  let setMm = 0;
  let inches = false;
  const line = () => {
    zeroMm += (DRIFT_MM_PER_S * EVERY_MS) / 1000;
    const mm = jawsMm + zeroMm - setMm + NOISE_MM * (2 * chance() - 1);
    return inches ? `D ${(mm / 25.4).toFixed(4)} in` : `D ${mm.toFixed(2)} mm`;
  };
  const told = (said: string) => {
    if (said === 'ZERO') setMm = jawsMm + zeroMm;
    if (said === 'UNIT') inches = !inches;
  };
  return {
    ...practiceDevice(EVERY_MS, line, told, clock),
    jaws: (mm) => {
      jawsMm = Math.max(0, mm);
    },
  };
}
