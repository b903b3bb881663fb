import { practiceDevice, type Clock, type PracticeDevice } from './practiceDevice';

/** How far its readings are off by chance either way, mm: crochet gives under the hand. From memory. */
const NOISE_MM = 0.6;
const EVERY_MS = 150;

/** A tape that says its length, and is none: it is drawn out by a number, and speaks as one on a serial line would. */
export interface PracticeTape extends PracticeDevice {
  /** How far it is drawn out, mm. */
  drawOut(mm: number): void;
}

/** A practice tape. It sends a line some seven times a second, takes `UNIT`, and says nothing more once it is unplugged. */
export function practiceTape(chance: () => number = Math.random, clock?: Clock): PracticeTape {
  let outMm = 0;
  let inches = false;
  const line = () => {
    const mm = Math.max(0, outMm + NOISE_MM * (2 * chance() - 1));
    return inches ? `L ${(mm / 25.4).toFixed(3)} in` : `L ${mm.toFixed(1)} mm`;
  };
  const told = (said: string) => {
    if (said === 'UNIT') inches = !inches;
  };
  return {
    ...practiceDevice(EVERY_MS, line, told, clock),
    drawOut: (mm) => {
      outMm = Math.max(0, mm);
    },
  };
}
