import { describe, expect, it } from 'vitest';
import { heldMm, readCalliperLine } from '@/core/notions';
import { practiceCalliper } from './practiceCalliper';
import { linesOf, sendLine } from './serialDevice';

/** A calliper whose clock is wound by hand, and whose chance is always the same. */
function wound(chance = () => 0.5) {
  const ticks: (() => void)[] = [];
  const calliper = practiceCalliper(chance, (tick) => {
    ticks.push(tick);
    return () => {
      ticks.length = 0;
    };
  });
  const lines = linesOf(calliper);
  const read = async (count: number): Promise<number[]> => {
    const made: number[] = [];
    for (let index = 0; index < count; index += 1) {
      for (const tick of ticks) tick();
      const { value } = await lines.next();
      const mm = readCalliperLine(String(value));
      if (mm !== null) made.push(mm);
    }
    return made;
  };
  return { calliper, lines, read };
}

describe('the practice calliper', () => {
  it('is off by its zero at first, and says what lies between its jaws once that is set', async () => {
    const { calliper, read } = wound();
    await calliper.open();
    const [untared] = await read(1);
    expect(untared).toBeGreaterThan(0.1);
    await sendLine(calliper, 'ZERO');
    calliper.jaws(13.4);
    expect(heldMm(await read(6))).toBe(13.4);
  });

  it('says the same in inches as in millimetres', async () => {
    const { calliper, read } = wound();
    await calliper.open();
    await sendLine(calliper, 'ZERO');
    calliper.jaws(25.4);
    await sendLine(calliper, 'UNIT');
    const [mm] = await read(1);
    expect(Math.abs((mm ?? NaN) - 25.4)).toBeLessThan(0.02);
  });

  it('is not taken while its jaws move, nor shut', async () => {
    const { calliper, read } = wound();
    await calliper.open();
    await sendLine(calliper, 'ZERO');
    const moving: number[] = [];
    for (let mm = 0; mm < 6; mm += 1) {
      calliper.jaws(mm);
      moving.push(...(await read(1)));
    }
    expect(heldMm(moving)).toBeNull();
    calliper.jaws(0);
    expect(heldMm(await read(8))).toBeNull();
  });

  it('unplugged in the middle ends its lines with that', async () => {
    const { calliper, lines, read } = wound();
    await calliper.open();
    await read(2);
    calliper.unplug();
    await expect(lines.next()).rejects.toThrow('unplugged');
  });
});
