import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { ownStitchIdSchema, readDesign, usualEdging, type Design } from '@/core/design';
import { bagOf } from '@/core/testing/bodies';
import { planOf } from '@/core/testing/designs';
import { anyOver, anyPlain, edgedWith, stageOf } from '@/core/testing/edged';
import { someBag } from '@/core/testing/someBag';
import { stepTexts } from '@/core/wording';

describe('the words of an edging', () => {
  it('says in its words the counts that add up to its first round', () => {
    const onBag = fc
      .constantFrom('fold-over-strip' as const, 'gusset' as const, 'around-chain' as const)
      .chain(someBag);
    fc.assert(
      fc.property(
        onBag,
        fc.oneof(anyPlain, anyOver),
        fc.constantFrom('strip' as const, 'mouth' as const, 'flap' as const, 'band' as const),
        (bag, edging, edge) => {
          const design = edgedWith(bag, { ...edging, edge });
          const plan = planOf(design);
          fc.pre(plan.edgings.length > 0);
          const { what } = stepTexts(design, plan).find(({ id }) => id === 'work-edging') ?? { what: '' };
          const [, words = '', said = ''] = /(?:Row|Round) 1: (.*?)\. \((\d+) sts\)/.exec(what) ?? [];
          const counted = words
            .replace('; join with a sl st', '')
            .split('; ')
            .reduce((sum, stretch) => sum + countedIn(stretch), 0);
          expect(counted).toBe(Number(said));
        },
      ),
    );
  });

  it('in a pattern of her own goes on over the plain rounds, in rows that begin in stitches, not in a chain', () => {
    const own: Design['ownStitches'][number] = {
      id: ownStitchIdSchema.parse('own:net'),
      name: 'Little net',
      base: 'sc',
      setupRows: [],
      rows: [
        {
          before: [{ work: 'sc', into: 'stitch', times: 1, over: 1, each: 1 }],
          repeat: [{ chain: 1 }, { skip: 1 }, { work: 'sc', into: 'stitch', times: 1, over: 1, each: 1 }],
          after: [],
        },
      ],
      firstRowPublic: true,
      nature: {
        widthToSc: 1,
        heightToSc: 1,
        yarnToSc: 1,
        thicknessToSc: 1,
        openness: 'medium',
        hasUp: false,
        sameOnBothFaces: true,
      },
    };
    const design: Design = {
      ...bagOf('fold-over-strip'),
      ownStitches: [own],
      edgings: [{ ...usualEdging('single', 'strip'), kind: 'own', stitch: own.id }],
    };
    const read = readDesign(JSON.parse(JSON.stringify(design)));
    if (!read.ok) throw new Error(JSON.stringify(read.faults));
    const plan = planOf(read.design);
    const { counts, figures } = stageOf(plan);
    // One stitch, and two to each repeat.
    expect(counts.rounds.at(-1)).toBe(1 + 2 * (counts.repeats ?? 0));
    // A plain round and one row of hers, both as high as a row of the bag.
    expect(figures.depth.value).toBeCloseTo(10, 9);
    const { what } = stepTexts(read.design, plan).find(({ id }) => id === 'work-edging') ?? { what: '' };
    expect(what).toContain('“Little net”');
    expect(what).toMatch(new RegExp(`Row 2: ch 1 .*, turn\\. \\(${counts.rounds.at(-1)} sts\\)`));
    expect(what).not.toContain('from hook');
  });
});

/** The stitches that a stretch's words make, chains that stand for one counted. */
function countedIn(words: string): number {
  const picked = / (\d+) (?:sc|sl st):/.exec(words);
  if (picked) return Number(picked[1]);
  const more = Number(/, (\d+) more than that/.exec(words)?.[1] ?? 0);
  const passed = Number(/, passing over (\d+) of them/.exec(words)?.[1] ?? 0);
  const each = Number(
    / 1 (?:sc|sl st) in each of (\d+) sts/.exec(words)?.[1] ?? (words.includes('in the one st') ? 1 : NaN),
  );
  const ends = / in the first and in the last of them/.test(words)
    ? 2
    : /in the (?:first of them|last of them|one st)/.test(words)
      ? 1
      : 0;
  const chains = [...words.matchAll(/(?:^|, |edge )ch 1(?=, |$)/g)].length;
  const turned = /3 (?:sc|sl st) in the/.test(words) || /\(1 (?:sc|sl st), ch 1, 1 (?:sc|sl st)\)/.test(words);
  return each + more - passed + (turned ? 2 * ends : chains);
}
