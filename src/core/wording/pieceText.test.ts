import { describe, expect, it, test } from 'vitest';
import { BODY_KINDS } from '@/core/body';
import type { Design } from '@/core/design';
import { joinedCount, roundRow, shapedPatternRow, type Piece } from '@/core/pieces';
import { foundation, workRow } from '@/core/stitches';
import { bagOf, withBody } from '@/core/testing/bodies';
import { planOf } from '@/core/testing/designs';
import { replayComplaints } from '@/core/testing/replayPattern';
import { meetWords } from './joinText';
import { pieceLines } from './pieceText';
import { patternAsText, writePattern } from '.';

const linesOf = (design: Design, id: Piece['id']) => {
  const plan = planOf(design);
  const piece = plan.pieces.find((one) => one.id === id);
  if (!piece) throw new Error(`no ${id}`);
  return { piece, lines: pieceLines(design, plan, piece), plan };
};

describe('rows worked from their words alone', () => {
  it.each(['staggered', 'stacked', 'as-needed'] as const)(
    'come out for a disc, half a disc and an oval, %s',
    (increases) => {
      const designs: Design[] = [
        withBody(bagOf('round-purse'), { increases }),
        { ...bagOf('gusset'), flap: { kind: 'half-disc', dropMm: 60, widthMm: null, hemMm: null, increases } },
        withBody(bagOf('oval-base'), { increases }),
      ];
      for (const design of designs) expect(replayComplaints(design, planOf(design))).toEqual([]);
    },
  );

  it('grow from a single stitch without saying it of those that follow', () => {
    const design = withBody(
      { ...bagOf('fold-over-strip'), flap: { kind: 'pointed', dropMm: 90, widthMm: null, hemMm: null, pointMm: 30 } },
      { workedFrom: 'flap-edge', chosenStitches: 41 },
    );
    const { lines } = linesOf(design, 'panel');
    expect(lines.join('\n')).not.toMatch(/^Rows \d+ to \d+: ch 1 \(does not count as a st\), \d sc in next st, turn/m);
    expect(replayComplaints(design, planOf(design))).toEqual([]);
  });
});

describe('rounds', () => {
  const sides = (design: Design) => linesOf(design, 'sides').lines.join('\n');

  it('about a chain put three in the last chain and two in the first (common practice, no source)', () => {
    const text = sides(withBody(bagOf('around-chain'), { endStitches: 1 }));
    expect(text).toMatch(
      /3 sc in last ch, along the other side of the chain sc in each of next \d+ chs, 2 sc in last ch/,
    );
  });

  it('say whether they are joined or run on', () => {
    expect(sides(withBody(bagOf('around-chain'), { rounds: 'joined' }))).toContain('In joined rounds');
    expect(sides(withBody(bagOf('around-chain'), { rounds: 'spiral' }))).toContain('In a spiral');
    // Tall stitches would step where a spiral begins.
    const tall = { ...withBody(bagOf('around-chain'), { rounds: 'spiral' }), stitch: 'dc' as const };
    expect(sides(tall)).toContain('In joined rounds');
    expect(sides(tall)).toMatch(
      /Rounds 2 to \d+: ch 2 \(does not count as a st\), dc in each st around, join with a sl st in first dc/,
    );
  });

  it('in bobbles are turned, and the bobbles of one round lie between those of the other', () => {
    const design: Design = { ...bagOf('around-chain'), stitch: 'bobble-field' };
    const text = sides(design);
    expect(text).toContain('In joined rounds, turned');
    // From the join on, so many plain stitches before the first bobble: half a repeat of four apart.
    const before = [...text.matchAll(/^Round \d+: .*?\*(.*?)bobble/gm)].map(([, words = '']) =>
      [...words.matchAll(/sc in (?:next st|each of next (\d+) sts)/g)].reduce(
        (sum, [, many]) => sum + Number(many ?? 1),
        0,
      ),
    );
    expect(Math.abs((before[0] ?? NaN) - (before[1] ?? NaN))).toBe(2);
    // Worked with the far side out: bobble rounds are the even ones, turned to the inside.
    expect([...text.matchAll(/^Round (\d+): .*bobble/gm)].map(([, round]) => Number(round) % 2)).toEqual([0, 0]);
  });
});

describe('every row of every piece', () => {
  it.each(BODY_KINDS)('%s can be worked over the one before it', (kind) => {
    const plan = planOf({
      ...bagOf(kind),
      flap: { kind: 'rounded-corners', dropMm: 80, widthMm: 150, hemMm: 10, radiusMm: 30 },
    });
    for (const piece of plan.pieces) {
      if (piece.kind === 'rows') {
        let below = foundation(piece.startStitches);
        piece.rows.forEach((row, index) => {
          // Over rounds, the rows of a flap begin on its own stitches.
          if (index < piece.roundCount) return;
          if (index === piece.roundCount && index > 0) below = foundation(plan.pouch.topStitches);
          const worked = workRow(shapedPatternRow(row, 'sc'), below);
          if (!worked.ok) throw new Error(`${piece.id} row ${index + 1}: ${JSON.stringify(worked.fault)}`);
          expect(worked.cells).toHaveLength(row.stitches);
          below = worked.cells;
        });
        continue;
      }
      let below = foundation(piece.counts[0] as number);
      for (let round = 2; round <= piece.counts.length; round += 1) {
        const worked = workRow(roundRow(piece, round, 'sc'), below, { turned: false });
        if (!worked.ok) throw new Error(`${piece.id} round ${round}: ${JSON.stringify(worked.fault)}`);
        expect(worked.cells).toHaveLength(piece.counts[round - 1] as number);
        below = worked.cells;
      }
    }
  });

  it('says which pairs narrow the mouth', () => {
    const text = patternAsText(
      writePattern(
        withBody(bagOf('oval-base'), { narrowing: 3 }),
        planOf(withBody(bagOf('oval-base'), { narrowing: 3 })),
      ),
    );
    expect(text).toMatch(/\*\[sc in each of next 4 sts, sc2tog over next 2 sts\] \d+ times.*; rep from \* once more/);
  });

  it('has no step that narrows a mouth of which nothing is joined', () => {
    const narrowing = (everyPair: number) => {
      const design = withBody(bagOf('around-chain'), { widthMm: 70, narrowing: everyPair });
      return patternAsText(writePattern(design, planOf(design)));
    };
    expect(narrowing(9)).not.toContain('Narrow the mouth');
    expect(narrowing(3)).toContain('Narrow the mouth. In the last round, over each face, work every 3rd pair together');
  });

  it('explains no chains that are worked nowhere: a disc is plain', () => {
    const counting = (kind: 'round-purse' | 'fold-over-strip') => {
      const design: Design = { ...bagOf(kind), stitch: 'linen' };
      return patternAsText(writePattern(design, planOf(design))).includes('Each chain of the pattern counts');
    };
    expect(counting('round-purse')).toBe(false);
    expect(counting('fold-over-strip')).toBe(true);
  });

  it('names rows over rounds by those that they repeat, though the pattern begins within them', () => {
    const design: Design = { ...bagOf('around-chain'), stitch: 'bobble-field' };
    const { lines } = linesOf(
      { ...design, flap: { kind: 'straight', dropMm: 90, widthMm: null, hemMm: null } },
      'sides',
    );
    expect(lines.filter((line) => /^Row \d+ \(/.test(line))).toHaveLength(4);
    expect(lines.some((line) => /^Rows \d+ to \d+: repeat rows/.test(line))).toBe(true);
  });

  it.each(BODY_KINDS)('%s is written whole in both sets of words, saying every piece and how edges meet', (kind) => {
    const design = bagOf(kind);
    for (const terms of ['us', 'uk'] as const) {
      const worded = { ...design, settings: { ...design.settings, terms } };
      const text = patternAsText(writePattern(worded, planOf(worded)));
      expect(text).not.toMatch(/NaN|undefined|null|Infinity|so-manieth/);
      if (terms === 'uk') expect(text).not.toMatch(/\bsc\b/);
    }
    const { sections } = writePattern(design, planOf(design));
    expect(sections.map(({ id }) => id)).toEqual(expect.arrayContaining(planOf(design).pieces.map(({ id }) => id)));
  });
});

describe('how two edges meet', () => {
  it.each([
    [7, 5, '7 of a to 5 of b; two to one at the 2nd and 4th of b.'],
    [6, 6, '6 of a to 6 of b, one to one.'],
    [5, 10, '5 of a to 10 of b, two to one throughout.'],
  ])('%d to %d', (first, second, words) => {
    expect(meetWords({ name: 'side', first, second, lengthMm: 1 }, 'a', 'b')).toBe(words);
  });

  test('names as many places as there are to double', () => {
    const plan = planOf(withBody(bagOf('gusset', { stitchMm: 5, rowMm: 4.1 }), { depthMm: 32 }));
    for (const join of plan.joins)
      for (const stretch of join.stretches) {
        const words = meetWords(stretch, 'a', 'b');
        const [more, fewer] = [Math.max(stretch.first, stretch.second), Math.min(stretch.first, stretch.second)];
        const named = /two to one at the (.+) of/.exec(words)?.[1];
        if (named && more < 2 * fewer) expect(named.split(/, | and /)).toHaveLength(more - fewer);
      }
    const gusset = plan.pieces.find(({ id }) => id === 'gusset');
    expect(joinedCount(plan.joins[0] as (typeof plan.joins)[0], 'second')).toBe(
      gusset?.kind === 'rows' ? gusset.rows.length : NaN,
    );
  });
});

test('scallops are written each on its own, their stitches named', () => {
  const design: Design = {
    ...bagOf('fold-over-strip'),
    flap: { kind: 'scalloped', dropMm: 90, widthMm: null, hemMm: null, scallops: 5, depthMm: 25 },
  };
  const { lines, plan } = linesOf(design, 'panel');
  const { scallops } = plan.flap;
  expect(scallops && scallops.count * scallops.stitchesEach + scallops.leftOver).toBe(plan.flap.startStitches);
  expect(lines.filter((line) => /^Scallop \d of 5: /.test(line))).toHaveLength(5);
  expect(lines.join('\n')).toContain(`work over the next ${scallops?.stitchesEach} sts only`);
  expect(replayComplaints(design, plan)).toEqual([]);
});
