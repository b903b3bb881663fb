import { cumulativeStdNormalProbability, mean, standardDeviation } from 'simple-statistics';
import { expect, test } from 'vitest';
import { nextNormal, seededRandom } from '.';

const random = seededRandom(5);
const drawn = Array.from({ length: 40_000 }, () => nextNormal(random));

test('normal numbers have mean 0 and standard deviation 1', () => {
  expect(mean(drawn)).toBeCloseTo(0, 1);
  expect(Math.abs(mean(drawn))).toBeLessThan(0.02);
  expect(Math.abs(standardDeviation(drawn) - 1)).toBeLessThan(0.02);
});

// Against the distribution function of simple-statistics.
test.each([-2.5, -1, -0.3, 0, 0.7, 1.5, 2])('as many lie below %s as should', (limit) => {
  const below = drawn.filter((value) => value < limit).length / drawn.length;
  expect(Math.abs(below - cumulativeStdNormalProbability(limit))).toBeLessThan(0.008);
});
