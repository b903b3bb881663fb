import { describe, expect, it } from 'vitest';
import { applyEdits, type Design } from '@/core/design';
import { designAt, planOf } from '@/core/testing/designs';
import { withCode } from '@/core/problems';

const withDrop = (dropMm: number): Design =>
  designAt(5, 5, 2, (design) => ({
    ...design,
    body: { ...design.body, heightMm: 200, widthMm: 150 },
    flap: { kind: 'straight', dropMm, widthMm: null, hemMm: null },
  }));
const flapCodes = (design: Design) =>
  planOf(design)
    .problems.map(({ code }) => code)
    .filter((code) => code.startsWith('flap'));

describe('the straight flap', () => {
  // From memory: 40 to 85 % of the front looks right and holds.
  it.each([
    [70, ['flap-short']],
    [90, []],
    [160, []],
    [176, ['flap-hides-front']],
    [200, ['flap-past-base']],
  ])('%d mm down a front of 200: %j', (dropMm, codes) => expect(flapCodes(withDrop(dropMm))).toEqual(codes));

  it('past the base on the empty bag alone, says so, and either way out mends it', () => {
    const design = designAt(5, 4.6, 4.6, (d) => ({
      ...d,
      body: { ...d.body, heightMm: 107 },
      flap: { kind: 'straight', dropMm: 78, widthMm: null, hemMm: null },
      contents: { ...d.contents, thicknessMm: 21, firmness: 'soft' },
    }));
    const problem = planOf(design).problems.find(withCode('flap-past-base'));
    expect(problem?.values.isEmpty).toBe(true);
    expect(problem?.repairs.map(({ code }) => code)).toEqual(['flap-drop-to', 'bag-taller']);
    for (const repair of problem?.repairs ?? []) {
      const read = applyEdits(design, repair.edits);
      if (!read.ok) throw new Error('refused');
      expect(flapCodes(read.design)).not.toContain('flap-past-base');
    }
  });

  it.each([70, 176, 200])('has a repair that mends %d mm', (dropMm) => {
    const design = withDrop(dropMm);
    const [repair] = planOf(design).problems.find(({ code }) => code.startsWith('flap'))?.repairs ?? [];
    const read = applyEdits(design, repair?.edits ?? []);
    if (!read.ok) throw new Error('refused');
    expect(flapCodes(read.design)).toEqual([]);
  });

  it('says when a flap that was made short by hand no longer reaches the front', () => {
    const design = withDrop(90);
    const read = applyEdits(design, [
      { path: ['body', 'chosenRows', 'bridge'], value: 1 },
      { path: ['body', 'chosenRows', 'flap'], value: 1 },
    ]);
    if (!read.ok) throw new Error('refused');
    expect(flapCodes(read.design)).toEqual(['flap-misses-front']);
  });

  it('comes down less when the back stands above the front', () => {
    const design = withDrop(120);
    const { flap, pouch } = planOf(design);
    const chosen = {
      front: pouch.frontRows - 1,
      back: pouch.backRows + 1,
      bridge: flap.bridgeRows,
      flap: flap.flapRows,
    };
    const read = applyEdits(design, [{ path: ['body', 'chosenRows'], value: chosen }]);
    if (!read.ok) throw new Error('refused');
    expect(flap.dropMm.loaded - planOf(read.design).flap.dropMm.loaded).toBeCloseTo(2 * pouch.rowMm, 9);
  });
});
