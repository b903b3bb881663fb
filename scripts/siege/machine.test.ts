import { describe, expect, it } from 'vitest';
import { overlapMs } from './machine';
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
