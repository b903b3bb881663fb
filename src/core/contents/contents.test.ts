import fc from 'fast-check';
import { describe, expect, it, test } from 'vitest';
import {
  applyEdits,
  designSchema,
  thingIdSchema,
  type Contents,
  type Design,
  type Thing,
  usualLining,
} from '@/core/design';
import { designAt, fullDesign, plannableDesign, planOf } from '@/core/testing/designs';
import { withCode } from '@/core/problems';
import { KNOWN_THINGS, outsideSizeEdits, sizesFromEdits } from '.';

const thing = (
  name: string,
  widthMm: number,
  heightMm: number,
  thicknessMm: number,
  massG: number | null = 50,
): Thing => ({
  id: thingIdSchema.parse(name),
  name,
  widthMm,
  heightMm,
  thicknessMm,
  massG,
  turns: 'as-it-stands',
  known: null,
});

const carrying =
  (things: Thing[], parts: Partial<Contents> = {}, sizesFrom: Design['body']['sizesFrom'] = 'contents') =>
  (design: Design): Design => ({
    ...design,
    contents: {
      ...design.contents,
      thicknessMm: null,
      massG: null,
      easeMm: 15,
      items: things.map((one) => ({ thing: one, count: 1 })),
      ...parts,
    },
    body: { ...design.body, sizesFrom },
  });

const codes = (design: Design) => planOf(design).problems.map(({ code }) => code);

describe('sizes that follow from what goes in', () => {
  it('a flat bag round a phone is 25 mm wider than the phone: 10 thick, 15 of ease (common practice, no source)', () => {
    const { contents } = planOf(designAt(5, 5, 1, carrying([thing('phone', 76, 150, 10)])));
    expect(contents.figures.needsWidth?.value).toBe(76 + 25);
    expect(contents.figures.needsHeight?.value).toBe(150 + 5 + 15);
  });

  it('the outside is the inside with fabric and lining on both sides, and of the base', () => {
    const { contents, fit, pouch } = planOf(
      designAt(5, 5, 2, (design) =>
        carrying([thing('box', 100, 80, 20)])({
          ...design,
          lining: { ...usualLining(), allowanceMm: 15, insetMm: 4, thicknessMm: 0.5 },
        }),
      ),
    );
    expect(contents.wanted.width.value).toBe(100 + 20 + 15 + 2 * 2.5);
    expect(contents.wanted.height.value).toBe(80 + 10 + 15 + 2.5);
    expect(pouch.figures.width.value - fit.figures.insideWidth.value).toBeCloseTo(5, 9);
    expect(fit.figures.sheetsAcross.value).toBe(2 * 2.5);
    expect(fit.figures.sheetsAlong.value).toBe(2.5);
    expect(fit.figures.opening.value).toBeCloseTo(2 * (pouch.figures.width.value - 5), 9);
  });

  it('what is left is the ease, as far as whole stitches and rows allow', () => {
    fc.assert(
      fc.property(
        plannableDesign,
        fc.integer({ min: 30, max: 200 }),
        fc.integer({ min: 30, max: 150 }),
        (base, w, h) => {
          const design = carrying([thing('one', w, h, 8)])({ ...base, body: { ...base.body, chosenStitches: null } });
          const { fit, pouch, contents } = planOf({ ...design, stitch: 'sc', plainEdge: 0 });
          const off = (fit.figures.easeAcross?.value ?? NaN) - 15;
          expect(off).toBeCloseTo(pouch.figures.width.value - contents.wanted.width.value, 6);
          expect(Math.abs(off)).toBeLessThanOrEqual(pouch.stitchMm / 2 + 1e-6);
        },
      ),
      { numRuns: 60 },
    );
  });

  it('the load is as thick as what is packed, and its mass is added up', () => {
    const { contents, pouch } = planOf(fullWith([thing('a', 60, 80, 9, 110), thing('b', 50, 70, 6, null)]));
    expect(pouch.loadMm).toBe(contents.packed?.thicknessMm);
    expect(contents.figures.mass.value).toBe(110);
    expect(contents.figures.mass.reason.rule).toContain('1 of 2 kinds have no mass yet');
  });
});

const fullWith = (things: Thing[], parts: Partial<Contents> = {}, from: Design['body']['sizesFrom'] = 'contents') =>
  carrying(things, parts, from)(fullDesign());

describe('what fits a bag whose sizes she wishes for', () => {
  it('takes the thinnest packing that fits, and says what is too wide or too tall, with a repair that mends it', () => {
    const design = fullWith([thing('slate', 260, 100, 6)], {}, 'outside');
    const plan = planOf(design);
    const problem = plan.problems.find(withCode('contents-too-wide'));
    expect(problem?.values.shortMm).toBeGreaterThan(0);
    for (const repair of problem?.repairs ?? []) {
      const mended = applyEdits(design, repair.edits);
      expect(mended.ok && codes(mended.design)).not.toContain('contents-too-wide');
    }
  });

  it('plans for the most that a bag can take when what goes in is thicker, and says so', () => {
    const plan = planOf(fullWith([thing('ball', 20, 20, 186)], {}, 'outside'));
    const problem = plan.problems.find(withCode('contents-too-thick'));
    expect(problem?.values.loadMm).toBe(186);
    expect(plan.pouch.loadMm).toBe(problem?.values.mostLoadMm);
  });

  it('leaves out what no bag is large enough for, and says what would go in', () => {
    const plan = planOf(fullWith([thing('ladder', 2000, 300, 60), thing('key', 20, 50, 4)]));
    const problem = plan.problems.find(withCode('thing-larger-than-any-bag'));
    expect(problem?.path).toEqual(['contents', 'items', 0, 'thing', 'widthMm']);
    expect(plan.contents.things.map(({ name }) => name)).toEqual(['key']);
  });

  it('warns when the room left is less than the bag’s own ±', () => {
    const tight = fullWith([thing('case', 150, 70, 10)], { easeMm: 0 });
    expect(codes(tight)).toContain('ease-within-doubt');
  });

  it('says when a load that was given is thinner than what is packed', () => {
    expect(codes(fullWith([thing('case', 150, 70, 20)], { thicknessMm: 8 }))).toContain('load-under-packed');
  });
});

describe('outside, inside, or from what goes in', () => {
  test.each(['outside', 'inside', 'contents'] as const)(
    'changing to %s and to a size keeps to that outside size',
    (from) => {
      const design = fullWith([thing('case', 150, 70, 12)], {}, from);
      const { contents } = planOf(design);
      const sized = applyEdits(design, outsideSizeEdits(contents.settled, { widthMm: 210 }));
      if (!sized.ok) throw new Error('refused');
      const after = planOf(sized.design).contents;
      expect(after.wanted.width.value).toBeCloseTo(210, 9);
      expect(after.wanted.height.value).toBeCloseTo(contents.wanted.height.value, 9);
    },
  );

  it('changing between outside and inside leaves the bag as it is', () => {
    const design = fullDesign();
    const plan = planOf(design);
    const sheets = { acrossMm: 5.4, upMm: 2.7 };
    const inside = applyEdits(design, sizesFromEdits(plan.contents.settled, 'inside', sheets));
    if (!inside.ok) throw new Error('refused');
    expect(inside.design.body.widthMm).toBeCloseTo(design.body.widthMm - 5.4, 9);
    expect(planOf(inside.design).pouch.stitchCount).toBe(plan.pouch.stitchCount);
  });
});

describe('how it is carried', () => {
  it('asks for a strap where there is none, and one of a usual length mends it', () => {
    const design: Design = {
      ...fullDesign(),
      straps: [],
      contents: { ...fullDesign().contents, carried: 'across-the-body' },
    };
    const problem = planOf(design).problems.find(withCode('carried-without-strap'));
    const mended = applyEdits(design, problem?.repairs[0]?.edits ?? []);
    const after = mended.ok ? codes(mended.design) : [];
    expect(after).toContain('strap-load');
    expect(after.filter((code) => code.startsWith('carried') || code === 'strap-unlike-carrying')).toEqual([]);
  });

  it('wonders at a shoulder strap on a wristlet', () => {
    const design = fullDesign();
    expect(codes({ ...design, contents: { ...design.contents, carried: 'on-the-wrist' } })).toContain(
      'strap-unlike-carrying',
    );
  });
});

describe('two things of one name', () => {
  it('are refused at the second, with a name that would do', () => {
    const parsed = designSchema.safeParse(
      fullWith([thing('Tin', 50, 40, 10), { ...thing('other', 60, 40, 10), name: 'tin' }]),
    );
    const issue = parsed.error?.issues[0];
    expect(issue?.path).toEqual(['contents', 'items', 1, 'thing', 'name']);
    expect(issue?.message).toContain('“tin 2” would do');
  });
});

/** Sizes as the standards print them: ISO/IEC 7810 (ID-1, ID-2, ID-3) and ISO 216 (A4 to A6, B6), mm. */
test.each([
  ['id-1', 85.6, 53.98],
  ['id-2', 105, 74],
  ['id-3', 88, 125],
  ['a6', 105, 148],
  ['a5', 148, 210],
  ['a4', 210, 297],
  ['b6', 125, 176],
])('%s is %d by %d', (id, widthMm, heightMm) => {
  const known = KNOWN_THINGS.find((one) => one.id === id);
  expect([known?.widthMm, known?.heightMm]).toEqual([widthMm, heightMm]);
  expect(known?.source.kind).toBe('published');
});

test('each A size is the one above it folded in half, and √2 times as long as wide, to the millimetre (ISO 216)', () => {
  const size = (id: string) => KNOWN_THINGS.find((one) => one.id === id) as (typeof KNOWN_THINGS)[number];
  for (const [large, small] of [
    ['a4', 'a5'],
    ['a5', 'a6'],
  ] as const) {
    expect(size(small).heightMm).toBe(size(large).widthMm);
    expect(size(small).widthMm).toBe(Math.floor(size(large).heightMm / 2));
  }
  for (const id of ['a4', 'a5', 'a6', 'b6']) expect(size(id).heightMm / size(id).widthMm).toBeCloseTo(Math.SQRT2, 1.8);
});

test('what is from memory says so', () => {
  const rough = KNOWN_THINGS.filter(({ source }) => source.kind !== 'published');
  expect(rough.length).toBeGreaterThan(5);
  for (const { source } of rough) expect(source.kind).toBe('memory');
});
