import { describe, expect, it } from 'vitest';
import { Machine, overlapMs, slownessIn, usualCostMs } from './machine';
import { pause } from './scratch';
import { Tally } from './tally';

describe('what lies in standstills of the machine', () => {
  const still = [
    { startMs: 10, endMs: 20 },
    { startMs: 50, endMs: 90 },
  ];
  it.each([
    [0, 100, 50],
    [12, 18, 6],
    [20, 50, 0],
    [15, 60, 15],
  ])('of %d to %d: %d', (startMs, endMs, wanted) => expect(overlapMs({ startMs, endMs }, still)).toBe(wanted));
});

describe('how slow the machine is', () => {
  const beats = Array.from({ length: 100 }, (_, atMs) => ({
    atMs,
    costMs: atMs >= 60 && atMs < 80 ? 3 : 1 + (atMs % 3) / 10,
  }));
  it.each([
    [0, 50, 1.1],
    [60, 79, 3],
    [200, 300, 1],
  ])('from %d to %d: %d', (startMs, endMs, wanted) =>
    expect(slownessIn(beats, usualCostMs(beats), { startMs, endMs })).toBeCloseTo(wanted, 1),
  );
  it('is never less than usual', () =>
    expect(slownessIn([{ atMs: 500, costMs: 0.1 }], usualCostMs(beats), { startMs: 490, endMs: 510 })).toBe(1));
});

it('hears a standstill', async () => {
  const machine = new Machine();
  machine.listen();
  await pause(200);
  const startMs = performance.now();
  while (performance.now() - startMs < 500);
  const endMs = performance.now();
  await pause(200);
  await machine.stop();
  expect(machine.stoodStillMs).toBeGreaterThan(300);
  expect(machine.runningMs({ startMs, endMs })).toBeLessThan(150);
});

describe('a tally', () => {
  const answered = (status: number, mayRefuse: boolean) => {
    const tally = new Tally();
    tally.answered('GET /', status, { startMs: 0, endMs: 400 }, mayRefuse);
    return tally;
  };
  it('takes a refusal to write for a fault, but where the disk is bad', () => {
    expect(answered(507, false).faults).toBe(1);
    expect(answered(507, true).faults).toBe(0);
    expect(answered(500, true).broken).toEqual(['GET / was answered 500']);
  });
  it('adds up', () => {
    const sum = answered(200, false);
    sum.add(answered(500, false));
    expect(sum).toMatchObject({ requests: 2, faults: 1, slow: [{ what: 'GET /' }, { what: 'GET /' }] });
  });
});
