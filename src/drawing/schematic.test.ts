import { describe, expect, it } from 'vitest';
import { BODY_KINDS } from '@/core/body';
import { usualSnap, type Design } from '@/core/design';
import { bagOf, withBody } from '@/core/testing/bodies';
import { planOf } from '@/core/testing/designs';
import { schematicText } from '@/core/wording';
import { patternDrawings } from './pages';
import { schematic } from './schematic';

const drawn = (design: Design) => {
  const plan = planOf(design);
  return plan.pieces.map((piece) => ({
    plan,
    piece,
    drawing: schematic(design, plan, piece, schematicText(design, plan)),
  }));
};

describe('a schematic', () => {
  it('measures every stretch of a strip in rows and in length, and they add up to the whole', () => {
    const design = withBody(bagOf('fold-over-strip', { stitchMm: 5, rowMm: 4, fabricMm: 2 }), {
      widthMm: 150,
      heightMm: 100,
    });
    const [{ piece, drawing } = { piece: null, drawing: null }] = drawn(design);
    if (piece?.kind !== 'rows' || !drawing) throw new Error('no strip');
    const texts = drawing.labels.map(({ text }) => text);
    expect(texts).toContain(`${piece.startStitches} sts, ${((piece.startStitches * 5) / 10).toFixed(1)} cm`);
    const stretches = texts.flatMap((text) => {
      const [, from, to, cm] = /^rows? (\d+)(?: to (\d+))?: ([\d.]+) (?:cm|mm)$/.exec(text) ?? [];
      return from === undefined ? [] : [[Number(from), Number(to ?? from), Number(cm)] as const];
    });
    expect(stretches.length).toBeGreaterThan(2);
    // One after the other, from the first row to the last.
    expect(stretches.map(([from]) => from)).toEqual([1, ...stretches.slice(0, -1).map(([, to]) => to + 1)]);
    expect(stretches.at(-1)?.[1]).toBe(piece.rows.length);
    expect(texts).toContain(`${((piece.rows.length * 4) / 10).toFixed(1)} cm`);
  });

  it('has a letter for all that is set by count, and says where', () => {
    const bag = withBody(bagOf('fold-over-strip'), { widthMm: 160, heightMm: 110 });
    const design = { ...bag, closures: [usualSnap()] };
    const [{ plan, drawing } = { plan: null, drawing: null }] = drawn(design);
    const set = plan?.marks.filter(({ count, presence }) => count !== null && presence === 'set') ?? [];
    expect(set.length).toBeGreaterThan(1);
    expect(drawing?.notes.length).toBeGreaterThan(1);
    for (const [index, note] of (drawing?.notes ?? []).entries()) {
      const letter = String.fromCharCode(65 + index);
      expect(note).toMatch(
        new RegExp(`^${letter} Magnetic snap: row \\d+, (?:on|after) the \\d+\\w\\w stitch of \\d+`),
      );
      expect(drawing?.labels.map(({ text }) => text)).toContain(letter);
    }
    const rows = set.map(({ count }) => count?.row);
    for (const row of rows) expect(drawing?.notes.join(' ')).toContain(`row ${row},`);
  });

  it.each(BODY_KINDS)('%s: every piece of every construction is drawn with its measures, rounds as rounds', (kind) => {
    for (const { piece, drawing } of drawn(bagOf(kind))) {
      expect(drawing.labels.length).toBeGreaterThan(0);
      const rows = drawing.labels.filter(({ text }) => /^(?:row|round)s? \d/.test(text));
      if (piece.kind === 'rows') expect(rows.length).toBeGreaterThan(0);
      for (const { text } of rows) expect(text.startsWith('round'), text).toBe(piece.id === 'sides');
    }
  });

  it('in several sizes and both units its measures are those of all of them', () => {
    const bag = withBody(bagOf('fold-over-strip', { stitchMm: 5, rowMm: 4, fabricMm: 2 }), {
      widthMm: 150,
      heightMm: 100,
    });
    const sizes = [{ name: 'L', of: { by: 'outside' as const, widthMm: 200, heightMm: 130 } }];
    const flap = { ...bag.flap, dropMm: 60 };
    const design = { ...bag, flap, written: { ...bag.written, sizes, lengths: 'both' as const } };
    const panel = patternDrawings(design, planOf(design)).find(({ file }) => file === 'panel');
    const texts = panel?.drawings[0]?.labels?.map(({ text }) => text) ?? [];
    expect(panel?.drawings[0]?.name).toContain('drawn in size M');
    expect(
      texts.some((text) => /^\d+ \(\d+\) sts, [\d.]+ \([\d.]+\) cm \/ \d+\S* \(\d+\S*\) in$/.test(text)),
      texts.join('\n'),
    ).toBe(true);
  });
});
