import { describe, expect, it } from 'vitest';
import { heldReading, readBenchLine, shareAt, type BenchReading } from '@/core/strap';
import { practiceGauge } from './practiceGauge';
import { linesOf, sendLine } from './serialDevice';

const STRIP = { slackMm: 200, curve: { mostShare: 0.2, pullN: 8 } };

/** A gauge whose clock is wound by hand, and whose chance is always the same. */
function woundGauge(chance = () => 0.5) {
  const ticks: (() => void)[] = [];
  const gauge = practiceGauge(STRIP, chance, (tick) => {
    ticks.push(tick);
    return () => {
      ticks.length = 0;
    };
  });
  const lines = linesOf(gauge);
  const read = async (count: number): Promise<BenchReading[]> => {
    const made: BenchReading[] = [];
    for (let index = 0; index < count; index += 1) {
      for (const tick of ticks) tick();
      const { value } = await lines.next();
      const reading = readBenchLine(String(value));
      if (reading) made.push(reading);
    }
    return made;
  };
  return { gauge, lines, read };
}

describe('the practice gauge', () => {
  it('says what its strip comes to under a pull, once it is set to nought', async () => {
    const { gauge, read } = woundGauge();
    await gauge.open();
    const [untared] = await read(1);
    expect(untared?.pullN).toBeGreaterThan(0.3);
    await sendLine(gauge, 'TARE');
    const [slack] = await read(1);
    expect(slack).toEqual({ pullN: 0, lengthMm: 200 });
    gauge.pull(8);
    const held = heldReading(await read(8));
    // 8 N is the pull of 816 g; the strip has 63 % of all its stretch then.
    expect(held?.massG).toBeCloseTo(816, -1);
    expect(held?.lengthMm).toBeCloseTo(200 * (1 + shareAt(STRIP.curve, 8)), 1);
  });

  it('drifts from nought, and is off by chance by no more than it may be', async () => {
    let next = 0;
    const { gauge, read } = woundGauge(() => (next = (next + 0.37) % 1));
    await gauge.open();
    await sendLine(gauge, 'TARE');
    const early = await read(20);
    await read(400);
    const late = await read(20);
    const mean = (readings: BenchReading[]) => readings.reduce((sum, { pullN }) => sum + pullN, 0) / readings.length;
    expect(mean(late) - mean(early)).toBeGreaterThan(0.1);
    for (const { lengthMm } of [...early, ...late]) expect(Math.abs(lengthMm - 200)).toBeLessThanOrEqual(0.35);
  });

  it('is not taken while it moves', async () => {
    const { gauge, read } = woundGauge();
    await gauge.open();
    const readings: BenchReading[] = [];
    for (let newton = 0; newton < 8; newton += 1) {
      gauge.pull(newton);
      readings.push(...(await read(1)));
    }
    expect(heldReading(readings)).toBeNull();
  });

  it('unplugged in the middle ends its lines with that, and says no more', async () => {
    const { gauge, lines, read } = woundGauge();
    await gauge.open();
    await read(3);
    gauge.unplug();
    await expect(lines.next()).rejects.toThrow('unplugged');
  });

  it('closed, it ends its lines in peace', async () => {
    const { gauge, lines } = woundGauge();
    await gauge.open();
    await gauge.close();
    expect((await lines.next()).done).toBe(true);
  });
});

it('a line that is broken in two is read as one', async () => {
  const bytes = (text: string) => new TextEncoder().encode(text);
  const readable = new ReadableStream<Uint8Array>({
    start: (controller) => {
      for (const part of ['P 1.0 L 20', '0.0\nP 2.', '0 L 201.0\nP 3']) controller.enqueue(bytes(part));
      controller.close();
    },
  });
  const made: string[] = [];
  for await (const line of linesOf({ readable })) made.push(line);
  expect(made.map(readBenchLine)).toEqual([
    { pullN: 1, lengthMm: 200 },
    { pullN: 2, lengthMm: 201 },
  ]);
});
