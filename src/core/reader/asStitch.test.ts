import { describe, expect, it, test } from 'vitest';
import { STITCHES, workPattern } from '@/core/stitches';
import { patternText } from '@/core/wording';
import { readPattern, stitchOfPart, type ReadPart } from '.';

const partOf = (...lines: string[]): ReadPart => {
  const [part] = readPattern(lines.join('\n')).parts;
  if (!part) throw new Error('not read');
  return part;
};
const told = (part: ReadPart) => stitchOfPart(part, 'us');

describe('a stitch out of a read piece', () => {
  it('is the row into the chain, then the rows that repeat', () => {
    const stitch = told(
      partOf(
        ...['Ch 22.', 'Row 1: sc in 2nd ch from hook and in each ch across. (21)'],
        'Row 2: ch 1, sc in first st, *dc in next st, sc in next st; rep from * across, turn. (21)',
        'Row 3: ch 1, sc in each st across, turn. (21)',
        'Rows 4-9: repeat rows 2 and 3.',
      ),
    );
    expect(stitch).toMatchObject({ ok: true, base: 'sc', repeatStitches: 2, edgeStitches: 1 });
    if (!stitch.ok) return;
    expect(stitch.setupRows).toHaveLength(1);
    expect(stitch.rows).toHaveLength(2);
    expect(workPattern(stitch, 21, 9).ok).toBe(true);
    expect(workPattern(stitch, 22, 9).ok).toBe(false);
  });

  test.each(['linen', 'bobble-field', 'hdc'] as const)('%s, as Ruelle writes it, is itself again', (id) => {
    const pattern = STITCHES[id];
    const count = pattern.edgeStitches + 6 * pattern.repeatStitches;
    const lines = patternText(pattern, count, { terms: 'us', turningChain: 'does-not-count', foundation: 'chain' });
    const stitch = told(partOf(`Ch ${count + 1}.`, ...lines.filter((line) => !line.startsWith('Repeat'))));
    expect(stitch).toMatchObject({ ok: true, repeatStitches: pattern.repeatStitches });
    if (!stitch.ok) return;
    for (const other of [count, count + pattern.repeatStitches]) {
      const mine = workPattern(stitch, other, stitch.setupRows.length + stitch.rows.length);
      const its = workPattern(pattern, other, stitch.setupRows.length + stitch.rows.length);
      const kinds = ({ ok, ...rest }: typeof mine) =>
        ok && 'rows' in rest
          ? rest.rows.map((row) => row.map((cell) => (cell.made === 'stitch' ? cell.step.work : 'chain')))
          : null;
      expect(kinds(mine)).toEqual(kinds(its));
    }
  });

  it('goes by whose words they are in', () => {
    const rows = [
      'Ch 11',
      'Row 1: dc in 2nd ch from hook and in each ch to end (10)',
      'Row 2: 1 ch, dc in each st to end (10)',
    ];
    expect(stitchOfPart(partOf(...rows), 'uk')).toMatchObject({ ok: true, base: 'sc' });
    expect(stitchOfPart(partOf(...rows), 'us')).toMatchObject({ ok: true, base: 'dc' });
  });

  it.each([
    ['rounds', ['Rnd 1: 6 sc in magic ring (6)', 'Rnd 2: inc around (12)']],
    ['few-rows', ['Ch 11', 'Row 1: sc in 2nd ch from hook and in each ch across (10)']],
    ['not-right', ['Ch 11', 'Row 1: sc in 2nd ch from hook and in each ch across (12)', 'Row 2: ch 1, sc across']],
    [
      'shaped',
      [
        'Ch 11',
        'Row 1: sc in 2nd ch from hook and in each ch across (10)',
        'Row 2: ch 1, sc2tog, sc in each st across (9)',
      ],
    ],
    [
      'no-repeat',
      ['Ch 11', 'Row 1: sc in 2nd ch from hook and in each ch across (10)', 'Row 2: ch 1, sc in next 10 sts (10)'],
    ],
  ])('is none of what is %s', (why, lines) => {
    expect(told(partOf(...lines))).toMatchObject({ ok: false, why });
  });
});
