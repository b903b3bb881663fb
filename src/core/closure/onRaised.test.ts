import { describe, expect, it } from 'vitest';
import { USUAL_HARDWARE, applyEdits, usualSnap, type Design } from '@/core/design';
import { withHelpfulRepairs } from '@/core/helpfulRepairs';
import { STITCHES, isPlainAt } from '@/core/stitches';
import { bagOf, withBody } from '@/core/testing/bodies';
import { planOf } from '@/core/testing/designs';
import { problemSentence, stepTexts } from '@/core/wording';

const bobbles = (change: object): Design => {
  const bag = withBody(bagOf('fold-over-strip'), { widthMm: 150, heightMm: 150 });
  return {
    ...bag,
    stitch: 'bobble-field',
    swatch: { ...bag.swatch, stitch: 'bobble-field' },
    flap: { kind: 'straight', dropMm: 80, widthMm: null, hemMm: null },
    ...change,
  };
};
const told = (design: Design) => planOf(design).problems.filter(({ code }) => String(code) === 'sits-on-raised');

describe('what is set on rows that stand out', () => {
  it('is told of just where its row has bobbles, as the pattern is worked', () => {
    let [plain, raised] = [0, 0];
    for (let fromEdgeMm = 10; fromEdgeMm <= 60; fromEdgeMm += 1.5) {
      const design = bobbles({ hardware: [{ ...USUAL_HARDWARE.rivet, fromEdgeMm }] });
      const row = planOf(design).marks.find(({ of }) => of.group === 'hardware')?.count?.row ?? 0;
      const isRaised = !isPlainAt(STITCHES['bobble-field'], row);
      expect(told(design)).toHaveLength(isRaised ? 1 : 0);
      if (isRaised) raised += 1;
      else plain += 1;
    }
    expect(Math.min(plain, raised)).toBeGreaterThan(5);
  });

  it('is moved to the nearest plain row by what is offered', () => {
    for (let insetMm = 18; insetMm < 34; insetMm += 1) {
      const design = bobbles({ closures: [{ ...usualSnap(), insetMm }], contents: bobbles({}).contents });
      for (const problem of told(design)) {
        expect(problemSentence(problem, 'cm')).toMatch(/^In row \d+ .*\.$/);
        const [helpful] = withHelpfulRepairs(design, [problem]);
        for (const { edits } of helpful?.repairs ?? []) {
          const read = applyEdits(design, edits);
          if (!read.ok) throw new Error(read.faults[0]?.sentence);
          expect(told(read.design).map(({ mark }) => mark)).not.toContain(problem.mark);
        }
      }
    }
  });

  it('nothing is told of a plain fabric, nor of a button on its shank', () => {
    expect(told({ ...bobbles({}), stitch: 'sc', hardware: [USUAL_HARDWARE.rivet] } as Design)).toEqual([]);
  });

  it('the middle of a field is told by its motifs as well', () => {
    const design = bobbles({ closures: [{ ...usualSnap(), insetMm: 26 }] });
    const text = stepTexts(design, planOf(design)).find(({ id }) => String(id) === 'set-snap-flap')?.what ?? '';
    const [, , motif, of] = /(on|after) the (\d+)\w\w of (\d+) motifs/.exec(text) ?? [];
    if (text.includes('; on the')) expect(2 * Number(motif)).toBe(Number(of) + 1);
    else expect(2 * Number(motif)).toBe(Number(of));
  });
});
