import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { fullDesign, planOf, plannableDesign } from '@/core/testing/designs';
import { asVersion6 } from '@/core/testing/olderFiles';
import {
  DESIGN_VERSION,
  STARTERS,
  applyEdits,
  isEmptyChange,
  makeChange,
  readDesign,
  readDesignText,
  reverseChange,
  squashChanges,
  starterDesign,
  swatchIdSchema,
  type Change,
  type Design,
} from '.';
import { designJsonSchema } from './jsonSchema';

const withAt = (path: (string | number)[], value: unknown) => applyEdits(fullDesign(), [{ path, value }]);
const faultPaths = (read: ReturnType<typeof readDesign>) =>
  read.ok ? [] : read.faults.map(({ path }) => path.join('.'));

describe('reading a design', () => {
  it('gives an exported one back the same, through text, for any design', () => {
    fc.assert(
      fc.property(plannableDesign, (design) => {
        const read = readDesignText(JSON.stringify(design, null, 2));
        expect(read).toEqual({ ok: true, design });
      }),
    );
  });

  it.each([
    ['zero', ['body', 'widthMm'], 0, 'body.widthMm'],
    ['negative', ['body', 'heightMm'], -120, 'body.heightMm'],
    ['a clutch of 4 m', ['body', 'widthMm'], 4000, 'body.widthMm'],
    ['NaN', ['body', 'widthMm'], NaN, 'body.widthMm'],
    ['infinity', ['straps', 0, 'wornLengthMm'], Infinity, 'straps.0.wornLengthMm'],
    ['text', ['contents', 'massG'], 'heavy', 'contents.massG'],
    ['a reading of nothing', ['swatch', 'rowReadings', 0, 'lengthMm'], 0, 'swatch.rowReadings.0.lengthMm'],
    ['half a row', ['body', 'chosenRows', 'front'], 12.5, 'body.chosenRows.front'],
    ['a flap longer than the front', ['flap', 'dropMm'], 400, 'flap.dropMm'],
    ['a strap that shrinks when pulled', ['straps', 0, 'sample', 'pulledMm'], 100, 'straps.0.sample.pulledMm'],
    ['an unknown body', ['body', 'kind'], 'sphere', 'body.kind'],
    ['an unknown stitch', ['stitch'], 'loop', 'stitch'],
    ['no name', ['name'], '   ', 'name'],
    ['nine closures', ['closures'], Array(9).fill(fullDesign().closures[0]), 'closures'],
    ['a pocket of no kind', ['pockets'], [{}], 'pockets.0.kind'],
    [
      'rows of a yarn that is not there',
      ['colourRows'],
      [{ yarn: 0, fromRow: 3, rows: 2, everyRows: null, piece: 'all' }],
      'colourRows.0.yarn',
    ],
    [
      'a stripe that comes again before it ends',
      ['colourRows'],
      [{ yarn: 0, fromRow: 3, rows: 4, everyRows: 4, piece: 'all' }],
      'colourRows.0.everyRows',
    ],
  ])('answers %s at its field', (_, path, value, fault) => {
    expect(faultPaths(withAt(path as string[], value))).toContain(fault);
  });

  it('answers in sentences, never in a library’s words', () => {
    for (const value of [undefined, null, 3, 'x', [], {}]) {
      const read = readDesign({ ...fullDesign(), body: value });
      if (read.ok) throw new Error('taken');
      for (const { sentence } of read.faults) {
        expect(sentence).toMatch(/^[A-Z].*\.$/);
        expect(sentence).not.toMatch(/expected|received|invalid|undefined/i);
      }
    }
  });

  it.each([
    ['text that is not JSON', 'row 1: sc across'],
    ['nothing', ''],
    ['half a file', JSON.stringify(fullDesign()).slice(0, 400)],
    ['binary', String.fromCharCode(0, 159, 146, 150, 0, 1, 2)],
    ['another JSON', '{"pattern": true}'],
    ['a list', '[]'],
    ['null', 'null'],
    ['a version without a number', '{"format":"ruelle-design","version":"one"}'],
    ['far too much', ' '.repeat(50_000_000)],
  ])('refuses %s with one sentence', (_, text) => {
    const read = readDesignText(text);
    if (read.ok) throw new Error('taken');
    expect(read.faults[0]?.sentence).toMatch(/\.$/);
  });

  it('says that a newer version needs a newer Ruelle', () => {
    const read = readDesign({ ...fullDesign(), version: DESIGN_VERSION + 1 });
    expect(!read.ok && read.faults[0]?.sentence).toContain('newer Ruelle');
  });

  it('never throws, whatever the data', () => {
    fc.assert(
      fc.property(fc.jsonValue(), (value) => {
        expect(readDesign(value).ok).toBe(false);
        expect(() => readDesign({ format: 'ruelle-design', version: 0, body: value })).not.toThrow();
      }),
    );
  });

  it('reads version 0, bringing it up to date', () => {
    const { flap, notes, body } = fullDesign();
    const old = {
      ...asVersion6(fullDesign()),
      version: 0,
      flap: undefined,
      notes: undefined,
      body: { ...body, flapDropMm: flap.dropMm },
    };
    expect(notes).toBe('');
    expect(readDesign(old)).toEqual({ ok: true, design: fullDesign() });
  });

  it('reads version 1, whose swatch was worked in the bag’s stitch', () => {
    const { swatch } = fullDesign();
    const { stitch, strands, hookLetter, yarn, ...restOfSwatch } = swatch;
    const { weightClass, ...oldYarn } = yarn;
    const oldSwatch = { ...restOfSwatch, yarn: oldYarn };
    expect([strands, hookLetter, weightClass]).toEqual([1, null, null]);
    expect(stitch).toBe('sc');
    const read = readDesign({ ...asVersion6(fullDesign()), stitch: 'hdc', version: 1, swatch: oldSwatch });
    expect(read.ok && [read.design.version, read.design.stitch, read.design.swatch.stitch]).toEqual([
      DESIGN_VERSION,
      'hdc',
      'hdc',
    ]);
  });

  it('reads version 3, whose flaps were straight and as wide as the back', () => {
    const { flap } = fullDesign();
    const read = readDesign({
      ...asVersion6(fullDesign()),
      version: 3,
      flap: { kind: 'straight', dropMm: flap.dropMm },
    });
    expect(read).toEqual({ ok: true, design: fullDesign() });
  });

  it('reads version 2, which knew how thick the load is but not what it is', () => {
    const { contents, swatch, ownStitches, plainEdge, body } = fullDesign();
    const { heldWith, ...oldSwatch } = swatch;
    const { sizesFrom, ...oldBody } = body;
    expect([ownStitches, plainEdge, heldWith, sizesFrom]).toEqual([[], 0, [], 'outside']);
    const oldContents = { thicknessMm: contents.thicknessMm, massG: contents.massG, firmness: contents.firmness };
    const read = readDesign({
      ...asVersion6(fullDesign()),
      version: 2,
      contents: oldContents,
      swatch: oldSwatch,
      body: oldBody,
    });
    expect(read.ok && read.design).toEqual(fullDesign());
  });

  it.each([
    ['with a closure and a strap', fullDesign()],
    ['with neither', { ...fullDesign(), closures: [], straps: [] }],
  ])('reads version 6, which had one closure and one strap: %s', (_, design) => {
    expect(readDesign(asVersion6(design))).toEqual({ ok: true, design });
  });
});

describe('version 13', () => {
  it('knew cloth on the bolt alone: none lies folded, is left over, or was laid by hand', () => {
    const now = fullDesign();
    const { selvedgeMm, betweenMm, oneWay, repeatMm, haveMm } = now.cloth;
    const older = { widthMm: 900, selvedgeMm, betweenMm, oneWay, repeatMm, haveMm };
    const read = readDesign({ ...now, version: 13, cloth: older });
    expect(read.ok && read.design.cloth).toEqual({ ...older, folded: false, remnants: [], beside: [], laid: [] });
  });
});

describe('applyEdits', () => {
  it('leaves the design it was given alone', () => {
    const design = fullDesign();
    const before = JSON.stringify(design);
    const read = applyEdits(design, [{ path: ['body', 'widthMm'], value: 180 }]);
    expect(read.ok && read.design.body.widthMm).toBe(180);
    expect(JSON.stringify(design)).toBe(before);
  });

  it('is told off for a path that leads nowhere', () => {
    expect(() => withAt(['body', 'wingspan'], 3)).toThrow(RangeError);
    expect(() => withAt(['swatch', 'stitchReadings', 9], 3)).toThrow(RangeError);
  });
});

describe('changes', () => {
  const apply = (design: Design, change: Change): Design => {
    const read = applyEdits(design, change.edits);
    if (!read.ok) throw new Error(read.faults[0]?.sentence);
    return read.design;
  };
  /** Adds to the end of a list, wherever that is by then. */
  const addReading = (design: Design) => ({
    path: ['swatch', 'rowReadings', design.swatch.rowReadings.length],
    value: { count: 21, lengthMm: 99 },
  });
  const always = (edit: { path: (string | number)[]; value: unknown }) => () => edit;
  const edits = fc.array(
    fc.oneof(
      fc.integer({ min: 150, max: 300 }).map((value) => always({ path: ['body', 'widthMm'], value })),
      fc.integer({ min: 20, max: 40 }).map((value) => always({ path: ['body', 'chosenRows', 'front'], value })),
      fc.constantFrom('us', 'uk').map((value) => always({ path: ['settings', 'terms'], value })),
      fc.constant(always({ path: ['straps'], value: [] })),
      fc.constant(always({ path: ['closures'], value: [] })),
      fc.constant(addReading),
      fc.constant(always({ path: ['swatch', 'rowReadings', 0, 'count'], value: 23 })),
    ),
    { minLength: 1, maxLength: 12 },
  );

  it('are taken back by their reverse', () => {
    fc.assert(
      fc.property(edits, (list) => {
        let design = fullDesign();
        for (const edit of list) {
          const change = makeChange(design, 'x', [edit(design)]);
          const next = apply(design, change);
          expect(apply(next, reverseChange(change))).toEqual(design);
          design = next;
        }
      }),
    );
  });

  it('squashed do the same as one after the other, and are taken back in one', () => {
    fc.assert(
      fc.property(edits, (list) => {
        const start = fullDesign();
        let design = start;
        let squashed: Change | null = null;
        for (const edit of list) {
          const change = makeChange(design, 'x', [edit(design)]);
          if (isEmptyChange(change)) continue;
          design = apply(design, change);
          squashed = squashed ? squashChanges(squashed, change) : change;
        }
        if (!squashed) return;
        expect(apply(start, squashed)).toEqual(design);
        expect(apply(design, reverseChange(squashed))).toEqual(start);
      }),
    );
  });

  it('stay small however long a drag is', () => {
    let design = fullDesign();
    let squashed = makeChange(design, 'drag', [{ path: ['body', 'chosenRows', 'front'], value: 20 }]);
    design = apply(design, squashed);
    for (let row = 21; row < 60; row += 1) {
      const change = makeChange(design, 'drag', [{ path: ['body', 'chosenRows', 'front'], value: row }]);
      design = apply(design, change);
      squashed = squashChanges(squashed, change);
    }
    expect([squashed.edits.length, squashed.inverse.length]).toEqual([1, 1]);
  });

  it('are empty when nothing changes', () => {
    const design = fullDesign();
    expect(isEmptyChange(makeChange(design, 'x', [{ path: ['name'], value: design.name }]))).toBe(true);
  });
});

describe('starters', () => {
  it.each(STARTERS)('$name can be worked as it is', ({ id }) => {
    const plan = planOf(starterDesign(id, swatchIdSchema.parse('s')));
    // Nothing is measured yet, and that is all that is to be decided.
    expect(plan.problems.filter(({ severity }) => severity !== 'mind').map(({ code }) => code)).toEqual([
      'not-measured',
    ]);
    expect(plan.gauge.basis).toBe('rough');
  });
});

describe('the JSON Schema in docs', () => {
  it('is the one that the Zod schema gives (npm run schema)', () => {
    const written = JSON.parse(readFileSync(join(__dirname, '../../../docs/design.schema.json'), 'utf8'));
    expect(written).toEqual(JSON.parse(JSON.stringify(designJsonSchema())));
  });
});
