import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { BODY_KINDS } from '@/core/body';
import { readDesign, usualLining, type Closure, type Design } from '@/core/design';
import { CLOSURES } from '@/core/closure';
import { planBag, type Plan } from '@/core/plan';
import { anyClosureOf } from '@/core/testing/anyClosure';
import { bagOf, withBody } from '@/core/testing/bodies';
import { PRINTED_MM, toldMm } from '@/core/testing/toldLengths';
import { replayComplaints } from '@/core/testing/replayPattern';
import { stepTexts, writePattern } from '@/core/wording';
import { spreadText } from '../spreadText';

const KINDS = Object.keys(CLOSURES) as Closure['kind'][];
const NO_FLAP = { kind: 'none', dropMm: 60, widthMm: null, hemMm: null } as const;

/** The words of a step of a bag, where it has that step. */
function wordsOf(design: Design, id: string): { what: string; plan: Plan } | null {
  const result = planBag(design);
  if (!result.ok) return null;
  const what = stepTexts(design, result.plan).find((one) => String(one.id) === id)?.what;
  return what === undefined ? null : { what, plan: result.plan };
}

/** Any open bag of two kinds that is closed so. */
const closed = (kind: Closure['kind'], open = true) =>
  fc
    .record({
      closure: anyClosureOf(kind),
      widthMm: fc.integer({ min: 90, max: 340 }),
      stitchMm: fc.double({ min: 3, max: 8, noNaN: true }),
      body: fc.constantFrom('fold-over-strip', 'gusset', 'around-chain' as const),
    })
    .map(({ closure, widthMm, stitchMm, body }) => {
      const bag = withBody(bagOf(body, { stitchMm, rowMm: stitchMm }), { widthMm });
      const read = readDesign({ ...bag, ...(open ? { flap: NO_FLAP } : {}), closures: [closure] });
      if (!read.ok) throw new Error(read.faults[0]?.sentence);
      return read.design;
    });

describe('a count spread over places, in words', () => {
  it('adds up to that count, whatever the count and the places', () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 400 }), fc.integer({ min: 1, max: 90 }), (count, places) => {
        const text = spreadText(count, places, { place: 'mark' }).replaceAll('none', '0');
        const every = /^(\d+) at every mark$/.exec(text);
        if (every) {
          expect(Number(every[1]) * places).toBe(count);
          return;
        }
        const found = /^(\d+) at a mark, (\d+) at (?:the (.+)|(\d+) marks, evenly spread)$/.exec(text);
        if (!found) throw new Error(text);
        const elsewhere = found[4] ? Number(found[4]) : (found[3]?.match(/\d+/g)?.length ?? 0);
        expect(Number(found[1]) * (places - elsewhere) + Number(found[2]) * elsewhere).toBe(count);
        // What most places take is said first.
        expect(2 * elsewhere).toBeLessThanOrEqual(places);
      }),
    );
  });
});

describe('a zipper, recomputed from its words', () => {
  it('has as many backstitches as its marks are apart, and ends as far from both ends of the mouth', () => {
    let told = 0;
    fc.assert(
      fc.property(closed('zipper'), (design) => {
        const words = wordsOf(design, 'sew-zipper');
        if (!words) return;
        const { what, plan } = words;
        const marks = /every ([\d.]+) (mm|cm): (\d+) backstitches over (\d+) stitches of the edge/i.exec(what);
        const clear =
          /([\d.]+) (mm|cm) of the mouth are left at each end|as what is left of the mouth \(([\d.]+) (mm|cm)\)/.exec(
            what,
          );
        if (!marks || !clear) throw new Error(what);
        const [stage] = plan.closures;
        const openingMm = plan.pouch.topStitches * plan.pouch.stitchMm;
        const takesMm =
          (design.body.kind === 'around-chain' ? 0 : 2 * design.body.seam.takeUpStitches) * plan.pouch.stitchMm;
        const clearMm = toldMm(clear[1] ?? clear[3], clear[2] ?? clear[4]);
        const lengthMm = openingMm - takesMm - 2 * clearMm;
        expect(Math.abs(Number(marks[3]) - lengthMm / toldMm(marks[1], marks[2]))).toBeLessThan(1.5);
        expect(Math.abs(Number(marks[4]) - lengthMm / plan.pouch.stitchMm)).toBeLessThan(1);
        // Its mark on the sheet is as long, in the middle.
        const [mark] = stage?.marks ?? [];
        if (mark?.form.kind !== 'outline') throw new Error('no tape');
        const longMm = Math.max(...mark.form.points.map(([across]) => across));
        expect(Math.abs(longMm - lengthMm)).toBeLessThan(2 * PRINTED_MM + 1e-6);
        expect(mark.acrossMm).toBeCloseTo(-longMm / 2, 9);
        // A tick at every backstitch.
        const deepest = Math.max(...mark.form.points.map(([, along]) => Math.abs(along)));
        const ticks = mark.form.points.filter(([, along]) => Math.abs(along) === deepest).length / 2;
        expect(ticks).toBe(Number(marks[3]));
        told += 1;
      }),
      { numRuns: 80 },
    );
    expect(told).toBeGreaterThan(30);
  });
});

describe('a drawstring, followed by its words', () => {
  it('comes out as far before the middle of the front as it went in after it, and its holes on the sheet lie there', () => {
    let told = 0;
    fc.assert(
      fc.property(closed('drawstring'), (design) => {
        const words = wordsOf(design, 'thread-cord');
        // In a casing it passes through nothing.
        if (!words || words.what.includes('casing')) return;
        const { what, plan } = words;
        const [stage] = plan.closures;
        const first = /go in (?:there|after (\d+) stitch(?:es)?),/.exec(what);
        const gaps =
          /in and out in turn every (\d+) stitches((?:, but \d+ at the (?:\d+\w\w(?:, | and )?)+)*), and come out/.exec(
            what,
          );
        const passes = Number(/(\d+) times through/.exec(what)?.[1]);
        if (!first || !gaps || !stage || !('path' in stage)) throw new Error(what);
        const after = Number(first[1] ?? 0);
        const between = Array<number>(passes - 1).fill(Number(gaps[1]));
        for (const [, count, places] of (gaps[2] ?? '').matchAll(
          /but (\d+) at the ((?:\d+\w\w(?:, (?!but)| and )?)+)/g,
        ))
          for (const place of places?.match(/\d+/g) ?? []) between[Number(place) - 1] = Number(count);
        expect(between).toHaveLength(passes - 1);
        const piece = plan.pieces.find(({ id }) => id === plan.tracks.front.piece);
        if (piece?.kind !== 'rows') throw new Error('no rows');
        const ofFace = piece.rows[stage.row - 1]?.stitches ?? 0;
        const strip = plan.pieces.find(({ id }) => id === 'gusset');
        const ofStrip = strip?.kind === 'rows' ? Math.min(strip.startStitches, strip.rows.length) : 0;
        const round = 2 * (ofFace + ofStrip);
        const all = between.reduce((sum, one) => sum + one, 0);
        // What is left lies across the middle of the front: half of it on either side, a stitch more or less where it is odd.
        expect(Math.abs(round - all - 2 * after)).toBeLessThanOrEqual(1);
        // Walked along stitch by stitch, the places on the front are those on the sheet.
        let at = (round - all) / 2;
        const walked = [at, ...between.map((gap) => (at += gap))];
        const onFront = walked
          .map((place) => (place > round / 2 ? place - round : place))
          .filter((place) => Math.abs(place) <= ofFace / 2);
        const drawn = stage.marks
          .filter(
            ({ piece: on, alongMm }) =>
              on === plan.tracks.front.piece && Math.abs(alongMm - (stage.marks[0]?.alongMm ?? 0)) < 1e-6,
          )
          .map(({ acrossMm }) => acrossMm / plan.pouch.stitchMm);
        for (const place of onFront) expect(Math.min(...drawn.map((one) => Math.abs(one - place)))).toBeLessThan(1e-6);
        told += 1;
      }),
      { numRuns: 80 },
    );
    expect(told).toBeGreaterThan(40);
  });
});

describe('a loop, recomputed from its words', () => {
  it.each(['button-loop', 'toggle-loop'] as const)(
    '%s is long enough by its chains for what it is said to reach',
    (kind) => {
      const prefix = kind === 'button-loop' ? 'loop' : 'toggle';
      let told = 0;
      fc.assert(
        fc.property(closed(kind, false), (design) => {
          const words = wordsOf(design, `work-${prefix}`);
          if (!words) return;
          const { what, plan } = words;
          const chains = Number(/chain (\d+)/.exec(what)?.[1]);
          const reach = /reaches ([\d.]+) (mm|cm) loaded and ([\d.]+) (mm|cm) empty/.exec(what);
          const place = /(on|after) the (\d+)\w\w stitch of (\d+)/.exec(what);
          if (!reach || !place) throw new Error(what);
          const longest = Math.max(toldMm(reach[1], reach[2]), toldMm(reach[3], reach[4]));
          expect(chains * plan.pouch.stitchMm).toBeGreaterThan(2 * (longest - PRINTED_MM));
          const stitches = plan.flap.hasFlap
            ? Math.round(plan.flap.rows.at(-1)?.stitches ?? plan.flap.startStitches)
            : plan.pouch.topStitches;
          expect(Number(place[3])).toBe(stitches);
          told += 1;
        }),
        { numRuns: 60 },
      );
      expect(told).toBeGreaterThan(30);
    },
  );
});

describe('a mouth that is sewn up in part, recomputed from its words', () => {
  it('is as long as what is sewn up from both sides and what is left', () => {
    let told = 0;
    fc.assert(
      fc.property(closed('part-sewn'), (design) => {
        const words = wordsOf(design, 'sew-up-mouth');
        if (!words) return;
        const { what, plan } = words;
        const found = /From each end of the mouth (\d+) stitch(?:es)?, .*; ([\d.]+) (mm|cm) are left/.exec(what);
        if (!found) throw new Error(what);
        const takes = design.body.kind === 'around-chain' ? 0 : 2 * design.body.seam.takeUpStitches;
        const openingMm = (plan.pouch.topStitches - takes) * plan.pouch.stitchMm;
        const toldTogether = 2 * Number(found[1]) * plan.pouch.stitchMm + toldMm(found[2], found[3]);
        expect(Math.abs(toldTogether - openingMm)).toBeLessThan(PRINTED_MM + 1e-6);
        told += 1;
      }),
      { numRuns: 50 },
    );
    expect(told).toBeGreaterThan(30);
  });
});

describe('every step that can be too late', () => {
  it.each(KINDS)('%s: has ways out, each with what it costs', (kind) => {
    for (const body of BODY_KINDS)
      for (const flap of [bagOf(body).flap, NO_FLAP])
        for (const lining of [null, usualLining()]) {
          const bag = { ...bagOf(body), flap, lining };
          const design: Design = { ...bag, closures: [CLOSURES[kind].usual(bag)] };
          const result = planBag(design);
          if (!result.ok) throw new Error('no plan');
          const own = new Set(
            result.plan.steps.filter(({ of }) => of?.at.group === 'closures').map(({ id }) => String(id)),
          );
          for (const { id, notLater, ways, title } of stepTexts(design, result.plan)) {
            if (!own.has(String(id))) continue;
            if (notLater) expect(ways.length, title).toBeGreaterThan(0);
            for (const { what, costs } of ways) {
              expect(what).toMatch(/^[A-Z].*\.$/);
              expect(costs).toMatch(/^[A-Z].*\.$/);
            }
          }
        }
  });
});

describe('a buttonhole in the rows of its piece', () => {
  it('is said before its row, in the middle of it, over as many stitches as it takes; the piece is worked as without it', () => {
    let told = 0;
    fc.assert(
      fc.property(closed('buttonhole', false), (design) => {
        const result = planBag(design);
        if (!result.ok) return;
        const { plan } = result;
        const [stage] = plan.closures;
        if (!stage || !('halves' in stage)) return;
        const [half] = stage.halves;
        const section = writePattern(design, plan).sections.find(({ id }) => id === half?.piece);
        const index = section?.lines.findIndex((line) => line.includes('buttonhole')) ?? -1;
        if (!half || !section || index < 0) return;
        const line = section.lines[index] as string;
        const found = /In row (\d+): .*after ([\d, and]+) stitch(?:es)? chain (\d+) over as many/.exec(line);
        if (!found) throw new Error(line);
        expect(Number(found[1])).toBe(half.row);
        // The row itself comes right after it.
        expect(section.lines[index + 1]).toMatch(new RegExp(`^(?:Row|Rows) ${half.row}\\b`));
        const hole = Number(found[3]);
        const froms = ((found[2] as string).match(/\d+/g) ?? []).map(Number);
        expect(froms).toHaveLength(stage.halves.length);
        stage.halves.forEach(({ place }, at) => {
          const middle = place.kind === 'on' ? place.stitch - 0.5 : place.after;
          if (middle > hole / 2) expect(Math.abs((froms[at] as number) + hole / 2 - middle)).toBeLessThanOrEqual(0.5);
        });
        expect(replayComplaints(design, plan)).toEqual([]);
        told += 1;
      }),
      { numRuns: 50 },
    );
    expect(told).toBeGreaterThan(15);
  });
});
