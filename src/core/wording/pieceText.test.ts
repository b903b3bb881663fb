import { describe, expect, it, test } from 'vitest';
import { BODY_KINDS } from '@/core/body';
import type { Design } from '@/core/design';
import { joinedCount, roundRow, shapedPatternRow, type Piece } from '@/core/pieces';
import { foundation, workRow, type Cell } from '@/core/stitches';
import { bagOf, withBody } from '@/core/testing/bodies';
import { planOf } from '@/core/testing/designs';
import { meetWords } from './joinText';
import { pieceLines } from './pieceText';
import { patternAsText, readRow, writePattern } from '.';

const linesOf = (design: Design, id: Piece['id']) => {
  const plan = planOf(design);
  const piece = plan.pieces.find((one) => one.id === id);
  if (!piece) throw new Error(`no ${id}`);
  return { piece, lines: pieceLines(design, plan, piece), plan };
};

/** Works rows from their words alone, one over the other, and gives the count of each beside the one that is written. */
function replayed(lines: readonly string[], startStitches: number): [worked: number, written: number][] {
  let below: Cell[] = foundation(startStitches);
  return lines.flatMap((line) => {
    const run = /^(?:Row|Round)s? (\d+)(?: to (\d+))?: .*\((.+) sc\)$/.exec(line);
    if (!run || run[1] === '1') return [];
    const times = Number(run[2] ?? run[1]) - Number(run[1]) + 1;
    const counts = (run[3] as string).split(/, | … /).map(Number);
    const read = readRow(line.replace(/^Rows? \d+(?: to \d+)?: ch \d+ \([^)]*\), /, ''), 'us');
    if (!read.ok) throw new Error(`${line}: ${JSON.stringify(read.fault)}`);
    let count = 0;
    for (let time = 0; time < times; time += 1) {
      const worked = workRow(read.row, below);
      if (!worked.ok) throw new Error(`${line}: ${JSON.stringify(worked.fault)}`);
      below = worked.cells;
      count = below.length;
    }
    return [[count, counts.at(-1) as number] as [number, number]];
  });
}

describe('rows worked from their words alone', () => {
  it('come to the counts that are written, for a disc, half a disc and an oval, staggered or in line', () => {
    for (const increases of ['staggered', 'stacked', 'as-needed'] as const) {
      const purse = linesOf(withBody(bagOf('round-purse'), { increases }), 'disc');
      const half = linesOf(
        { ...bagOf('gusset'), flap: { kind: 'half-disc', dropMm: 60, widthMm: null, hemMm: null, increases } },
        'half-disc',
      );
      const oval = linesOf(withBody(bagOf('oval-base'), { increases }), 'base');
      for (const { piece, lines } of [purse, half, oval]) {
        if (piece.kind === 'rows') throw new Error('a piece of rounds');
        const counts = replayed(lines, piece.counts[0] as number);
        expect(counts.map(([worked]) => worked)).toEqual(piece.counts.slice(1));
        for (const [worked, written] of counts) expect(worked).toBe(written);
      }
    }
  });

  it('come to the counts that are written where a strip is begun at a pointed flap', () => {
    const design = withBody(
      { ...bagOf('fold-over-strip'), flap: { kind: 'pointed', dropMm: 90, widthMm: null, hemMm: null, pointMm: 90 } },
      { workedFrom: 'flap-edge' },
    );
    const { piece, lines } = linesOf(design, 'panel');
    if (piece.kind !== 'rows') throw new Error('a strip has rows');
    const counts = replayed(lines, piece.startStitches);
    expect(counts.length).toBeGreaterThan(5);
    for (const [worked, written] of counts) expect(worked).toBe(written);
    expect(counts.at(-1)?.[0]).toBe(piece.rows.at(-1)?.stitches);
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
        const worked = workRow(roundRow(piece, round, 'sc'), below, false);
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
    expect(text).toContain('every 3rd pair');
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
  expect(lines.join('\n')).toContain(`divide the last row into 5 times ${scallops?.stitchesEach} stitches`);
});
