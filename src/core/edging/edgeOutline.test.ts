import { describe, expect, it } from 'vitest';
import { outerEdge } from '.';

describe('the outer edge of an edging', () => {
  it('touches its depth in every lobe, and its plain rounds between them', () => {
    const line: [number, number][] = [
      [0, 0],
      [0, 120],
    ];
    const reach = outerEdge(line, { plainMm: 4, depthMm: 12, form: 'lobes', perMm: 0.05 }).map(([x]) => x);
    expect(Math.max(...reach)).toBeCloseTo(12, 6);
    expect(Math.min(...reach)).toBeCloseTo(4, 6);
    expect(reach.filter((x) => x > 12 - 1e-6)).toHaveLength(6);
  });
});
