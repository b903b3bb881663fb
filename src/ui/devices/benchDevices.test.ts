import { describe, expect, it } from 'vitest';
import { heldG, heldTapeMm, readScaleLine, readTapeLine } from '@/core/bench';
import { followClicker, PracticeClicker } from './clicker';
import { practiceScale } from './practiceScale';
import { practiceTape } from './practiceTape';
import { linesOf, sendLine, type SerialDevice } from './serialDevice';
import type { Clock } from './practiceDevice';

/** A device whose clock is wound by hand. */
function wound<D extends SerialDevice>(
  make: (chance: () => number, clock: Clock) => D,
  read: (line: string) => number | null,
) {
  const ticks: (() => void)[] = [];
  let next = 0;
  const device = make(
    () => (next = (next + 0.37) % 1),
    (tick) => {
      ticks.push(tick);
      return () => void (ticks.length = 0);
    },
  );
  const lines = linesOf(device);
  const readings = async (count: number): Promise<number[]> => {
    const made: number[] = [];
    for (let index = 0; index < count; index += 1) {
      for (const tick of ticks) tick();
      const reading = read(String((await lines.next()).value));
      if (reading !== null) made.push(reading);
    }
    return made;
  };
  return { device, lines, readings };
}

describe('the practice scale', () => {
  it('is off at first; set to nought it says what lies on it, in grams and in ounces', async () => {
    const { device, readings } = wound(practiceScale, readScaleLine);
    await device.open();
    expect(Math.abs((await readings(1))[0] ?? 0)).toBeGreaterThan(2);
    await sendLine(device, 'TARE');
    device.lay(86);
    expect(Math.abs((heldG(await readings(8)) ?? NaN) - 86)).toBeLessThanOrEqual(0.5);
    await sendLine(device, 'UNIT');
    expect(Math.abs((heldG(await readings(8)) ?? NaN) - 86)).toBeLessThanOrEqual(0.5);
  });

  it('drifts while it stands, and is taken neither while it moves nor with nothing on it', async () => {
    const { device, readings } = wound(practiceScale, readScaleLine);
    await device.open();
    await sendLine(device, 'TARE');
    expect(heldG(await readings(8))).toBeNull();
    device.lay(50);
    const mean = (all: number[]) => all.reduce((sum, one) => sum + one, 0) / all.length;
    const early = mean(await readings(20));
    await readings(600);
    expect(mean(await readings(20)) - early).toBeGreaterThan(0.7);
    const moving: number[] = [];
    for (let massG = 50; massG < 56; massG += 1) {
      device.lay(massG);
      moving.push(...(await readings(1)));
    }
    expect(heldG(moving)).toBeNull();
  });
});

describe('the practice tape', () => {
  it('says how far it is drawn out, in millimetres and in inches, once it holds still', async () => {
    const { device, readings } = wound(practiceTape, readTapeLine);
    await device.open();
    device.drawOut(124);
    expect(Math.abs((heldTapeMm(await readings(8)) ?? NaN) - 124)).toBeLessThanOrEqual(0.5);
    await sendLine(device, 'UNIT');
    expect(Math.abs((heldTapeMm(await readings(8)) ?? NaN) - 124)).toBeLessThanOrEqual(0.5);
    device.drawOut(0);
    expect(heldTapeMm(await readings(8))).toBeNull();
  });

  it('unplugged in the middle ends its lines with that', async () => {
    const { device, lines, readings } = wound(practiceTape, readTapeLine);
    await device.open();
    await readings(2);
    device.unplug();
    await expect(lines.next()).rejects.toThrow('unplugged');
  });
});

describe('the practice clicker', () => {
  it('counts a press once though its contact bounces, and two presses as two', async () => {
    let nowMs = 1000;
    const clicker = new PracticeClicker(() => nowMs);
    let presses = 0;
    let isGone = false;
    const end = followClicker(clicker, { press: () => (presses += 1), gone: () => (isGone = true) });
    clicker.press();
    expect(presses).toBe(1);
    nowMs += 400;
    clicker.press();
    expect(presses).toBe(2);
    // The device's clock was set back.
    nowMs = 500;
    clicker.press();
    expect(presses).toBe(3);
    clicker.unplug();
    clicker.press();
    expect([presses, isGone]).toEqual([3, true]);
    await clicker.open();
    end();
    clicker.press();
    expect(presses).toBe(3);
  });
});
