import fc from 'fast-check';
import { expect, it } from 'vitest';
import { BODY_KINDS } from '@/core/body';
import { readDesign, yarnOfRow, type ColourRow, type Design } from '@/core/design';
import { rowCountOf, type Piece } from '@/core/pieces';
import { anyStripes } from '@/core/testing/anyStripes';
import { bagOf } from '@/core/testing/bodies';
import { planOf } from '@/core/testing/designs';
import { colourChanges, colourLetter, colourLines } from './colourText';

const YARNS: Design['furtherYarns'] = [
  { name: 'Second', colour: 'oat', ballMassG: 50, ballLengthM: 90 },
  { name: 'Third', colour: 'plum', ballMassG: 100, ballLengthM: 210 },
];

/** Which letter each row of a piece is said to be worked in: "A in rows 1–4, 7; B in rows 5–6." read back. */
function lettersOf(line: string): Map<number, string> {
  const said = new Map<number, string>();
  for (const [, letter = '', rows = ''] of line.matchAll(/([A-Z]) in (?:row|round)s? ([\d–, ]+)/g))
    for (const run of rows.split(',')) {
      const [from = NaN, to = from] = run.split('–').map(Number);
      for (let row = from; row <= to; row += 1) {
        expect(said.has(row), `row ${row} is told twice`).toBe(false);
        said.set(row, letter);
      }
    }
  return said;
}

const striped = (design: Design, colourRows: ColourRow[]): Design => {
  const read = readDesign({ ...design, furtherYarns: YARNS, colourRows });
  if (!read.ok) throw new Error(read.faults[0]?.sentence);
  return read.design;
};

it.each(BODY_KINDS)(
  '%s: read back from the pattern, every row of every piece is in the yarn it is drawn in',
  (kind) => {
    const { pieces } = planOf(bagOf(kind));
    fc.assert(
      fc.property(anyStripes, (rows) => {
        const design = striped(bagOf(kind), rows);
        const [, ...lines] = colourLines(design, { pieces });
        expect(lines).toHaveLength(rows.length === 0 ? 0 : pieces.length + 1);
        if (rows.length === 0) return;
        pieces.forEach((piece, index) => {
          const said = lettersOf(lines[index] ?? '');
          expect(said.size).toBe(rowCountOf(piece));
          for (let row = 1; row <= rowCountOf(piece); row += 1)
            expect(said.get(row)).toBe(colourLetter(yarnOfRow(rows, piece.id, row)));
        });
      }),
      { numRuns: 25 },
    );
  },
);

it('whoever works row by row is told of every change, and of nothing where none is', () => {
  const [piece] = planOf(bagOf('fold-over-strip')).pieces as [Piece, ...Piece[]];
  fc.assert(
    fc.property(anyStripes, (rows) => {
      const design = striped(bagOf('fold-over-strip'), rows);
      const changes = new Map(colourChanges(design, piece).map(({ row, says }) => [row, says]));
      for (let row = 2; row <= rowCountOf(piece); row += 1) {
        const [before, now] = [yarnOfRow(rows, piece.id, row - 1), yarnOfRow(rows, piece.id, row)];
        expect(changes.has(row)).toBe(before !== now);
        if (before !== now) expect(changes.get(row)).toMatch(new RegExp(`^in ${colourLetter(now)}, `));
      }
    }),
    { numRuns: 40 },
  );
});

it('a bag of one colour has no such lines', () => {
  const design = bagOf('gusset');
  expect(colourLines(design, planOf(design))).toEqual([]);
  expect(colourLines({ ...design, furtherYarns: YARNS }, planOf(design))).toEqual([]);
});
