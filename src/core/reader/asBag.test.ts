import { describe, expect, test } from 'vitest';
import { USUAL_SETTINGS, ownStitchIdSchema, swatchIdSchema, type Design } from '@/core/design';
import { planBag, type Plan } from '@/core/plan';
import { PANEL_STITCH_IDS, STITCHES, workPattern } from '@/core/stitches';
import { bagOf, withBody } from '@/core/testing/bodies';
import { planOf } from '@/core/testing/designs';
import { patternAsText, writePattern } from '@/core/wording';
import { bagOfPart, readPattern, type BagKind } from '.';

const wish = (kind: BagKind) => ({
  kind,
  terms: 'us' as const,
  swatchId: swatchIdSchema.parse('read'),
  ownStitchId: ownStitchIdSchema.parse('own:read'),
  settings: USUAL_SETTINGS,
});
const bagOfText = (text: string, kind: BagKind = 'fold-over-strip') => {
  const [part] = readPattern(text).parts;
  if (!part) throw new Error('no part');
  return bagOfPart(text, part, wish(kind));
};

const STRIP = [
  'On a 3.5 mm hook.',
  'Ch 31.',
  'Row 1: sc in 2nd ch from hook and in each ch across. (30)',
  'Rows 2-60: ch 1, sc in each st across. (30)',
];

describe('a bag of a piece that was read', () => {
  test('has its stitches and its rows, folded where the text says', () => {
    const bag = bagOfText([...STRIP, 'Fold up after row 24, and fold the flap over after row 46.'].join('\n'));
    if (!bag.ok) throw new Error(bag.why);
    expect(bag).toMatchObject({ folds: [24, 46], foldsAre: 'said' });
    expect(bag.design.swatch).toMatchObject({ hookMm: 3.5, stitchReadings: [], rowReadings: [] });
    const plan = planOf(bag.design);
    expect(plan.pouch.stitchCount).toBe(30);
    const [panel] = plan.pieces;
    if (panel?.kind !== 'rows') throw new Error('no panel');
    expect(panel.rows).toHaveLength(60);
    const folds = panel.lines.filter(({ mark }) => mark === 'fold.base' || mark === 'fold.top');
    expect(folds.map(({ afterRow }) => afterRow)).toEqual([24, 46]);
    // What nobody measured passes for nothing that was.
    expect(plan.gauge.basis).toBe('rough');
  });

  test('is folded at thirds where nothing is said, and open where one fold is', () => {
    const thirds = bagOfText(STRIP.join('\n'));
    expect(thirds).toMatchObject({ ok: true, folds: [20, 40], foldsAre: 'thirds' });
    const open = bagOfText([...STRIP, 'Fold in half after row 30.'].join('\n'));
    if (!open.ok) throw new Error(open.why);
    expect(open.design.flap.kind).toBe('none');
    expect(planOf(open.design).pieces[0]).toMatchObject({ kind: 'rows' });
  });

  test('is a front and a back of a bag with a gusset', () => {
    const bag = bagOfText(STRIP.join('\n'), 'gusset');
    if (!bag.ok) throw new Error(bag.why);
    const plan = planOf(bag.design);
    expect(plan.pouch.stitchCount).toBe(30);
    for (const id of ['front', 'back'] as const)
      expect(plan.pieces.find((piece) => piece.id === id)).toMatchObject({ kind: 'rows' });
  });

  test.each(PANEL_STITCH_IDS)('%s: a bag that was written, read, and made a bag again has the same panel', (stitch) => {
    const body = { widthMm: 160, heightMm: 120 };
    const bag = withBody(bagOf('fold-over-strip', { stitchMm: 5, rowMm: 5, fabricMm: 2 }), body);
    const design = { ...bag, stitch, swatch: { ...bag.swatch, stitch } };
    const plan = planOf(design);
    const read = bagOfText(patternAsText(writePattern(design, plan)));
    if (stitch.startsWith('herringbone') || stitch === 'esc') {
      // Extended and herringbone stitches are as high as others, and no own pattern is of them.
      expect(read.ok ? read.design.stitch : read.why).toBeTruthy();
      return;
    }
    if (!read.ok) throw new Error(`${read.why} ${read.row}`);
    const again = planBag(read.design);
    if (!again.ok) throw new Error(JSON.stringify(again.problems));
    const [one, other] = [plan.pieces[0], again.plan.pieces[0]];
    if (one?.kind !== 'rows' || other?.kind !== 'rows') throw new Error('no panel');
    expect(other.rows.map(({ stitches }) => stitches)).toEqual(one.rows.map(({ stitches }) => stitches));
    expect(other.lines).toEqual(one.lines);
    // Written again it is the text it was read from.
    const panelOf = (of: Design, by: Plan) => writePattern(of, by).sections.find(({ id }) => id === 'panel')?.lines;
    expect(panelOf(read.design, again.plan)).toEqual(panelOf(design, plan));
    const own = read.design.ownStitches[0];
    if (!own) return expect(read.design.stitch).toBe(stitch);
    const cells = (pattern: Parameters<typeof workPattern>[0]) => {
      const worked = workPattern(pattern, plan.pouch.stitchCount, 12);
      return worked.ok
        ? worked.rows.map((row) =>
            row.map((cell) => (cell.made === 'stitch' ? [cell.step.work, cell.step.into, cell.step.over] : 'ch')),
          )
        : worked;
    };
    expect(cells(own)).toEqual(cells(STITCHES[stitch]));
  });

  test('is none of what is too small, shaped, or does not come out', () => {
    expect(
      bagOfText(
        'Ch 6.\nRow 1: sc in 2nd ch from hook and in each ch across. (5)\nRow 2: ch 1, sc in each st across. (5)',
      ),
    ).toMatchObject({ ok: false, why: 'too-small' });
    expect(
      bagOfText(
        'Ch 11.\nRow 1: sc in 2nd ch from hook and in each ch across. (12)\nRow 2: ch 1, sc in each st across. (12)',
      ),
    ).toMatchObject({ ok: false, why: 'not-right', row: 1 });
  });
});
