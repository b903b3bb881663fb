import { describe, expect, it } from 'vitest';
import { STITCHES } from '@/core/stitches';
import { bagOf } from '@/core/testing/bodies';
import { fullDesign, triedStrap } from '@/core/testing/designs';
import {
  asVersion10,
  asVersion11,
  asVersion6,
  asVersion7,
  asVersion8,
  asVersion9,
  bodyOfVersion9,
  closureOfVersion10,
  strapOfVersion7,
  strapOfVersion8,
  trimOfVersion10,
} from '@/core/testing/olderFiles';
import {
  DESIGN_VERSION,
  MOST_DESIGN_CHARACTERS,
  MOST_HISTORY_CHARACTERS,
  USUAL_TRIMS,
  applyEdits,
  designSchema,
  emptyHistory,
  makeChange,
  ownStitchIdSchema,
  readDesign,
  readDesignText,
  readHistory,
  trimmedHistory,
  usualButtonLoop,
  usualDrawstring,
  usualLining,
  type Design,
  type OwnStitch,
} from '.';

const change = (label: string, length = 10) =>
  makeChange(fullDesign(), label, [{ path: ['notes'], value: label.padEnd(length, '.') }]);

describe('a history as it was kept', () => {
  it('is read back as it was', () => {
    const history = { version: DESIGN_VERSION, undo: [change('a'), change('b')], redo: [change('c')] };
    expect(readHistory(JSON.parse(JSON.stringify(history)))).toEqual({ history, dropped: false });
  });

  it.each([
    ['of a version whose places are not known', { version: 5, undo: [change('a')], redo: [] }],
    ['of no version', { undo: [change('a')], redo: [] }],
    ['with a change that is none', { version: DESIGN_VERSION, undo: [{ label: 'Width' }], redo: [] }],
    ['that is broken', { version: DESIGN_VERSION, undo: [], redo: ['x'] }],
  ])('%s is let go, and that is told', (_, document) => {
    expect(readHistory(document)).toEqual({ history: emptyHistory(), dropped: true });
  });

  it.each([null, undefined, 3, 'x', [], {}, { version: 1, undo: [], redo: [] }, { undo: 3 }])(
    '%j has nothing that could be lost',
    (document) => expect(readHistory(document)).toEqual({ history: emptyHistory(), dropped: false }),
  );
});

/** What a document is once something at a place of it is another. */
const changedAt = (document: unknown, [step, ...rest]: readonly (string | number)[], value: unknown): unknown =>
  step === undefined
    ? value
    : Array.isArray(document)
      ? document.map((one: unknown, index) => (index === step ? changedAt(one, rest, value) : one))
      : {
          ...(document as object),
          [step]: changedAt((document as Record<string | number, unknown>)[step], rest, value),
        };

describe('a history of an older version', () => {
  const [six, seven] = [asVersion6(fullDesign()), asVersion7(fullDesign())];
  const eight = asVersion8(fullDesign());
  const strap = strapOfVersion7(triedStrap());
  const strap8 = { ...strapOfVersion8(triedStrap()), widthMm: 43 };
  const another = { ...strap, widthMm: 41 };
  const nine = asVersion9(bagOf('round-purse'));
  const gusset9 = bodyOfVersion9(bagOf('gusset').body);
  const [loop10, cord10] = [usualButtonLoop(), usualDrawstring()].map(closureOfVersion10);
  const bow10 = trimOfVersion10(USUAL_TRIMS.bow);
  const eleven = asVersion11({ ...fullDesign(), lining: usualLining() }) as Record<string, unknown> & {
    lining: object;
  };
  const ten: Record<string, unknown> = {
    ...asVersion10(fullDesign()),
    closures: [loop10, cord10],
    trims: [bow10, trimOfVersion10(USUAL_TRIMS.flower)],
  };

  it.each<[number, string, Record<string, unknown>, (string | number)[], unknown]>([
    [6, 'the name', six, ['name'], 'Another'],
    [6, 'the width', six, ['body', 'widthMm'], 222],
    [6, 'where a snap sits', six, ['hardware', 0, 'insetMm'], 31],
    [6, 'no closure', six, ['hardware'], []],
    [6, 'no strap', six, ['strap'], null],
    [6, 'another strap', six, ['strap'], another],
    [6, 'a strap’s width', six, ['strap', 'widthMm'], 27],
    [6, 'no trial of it', six, ['strap', 'sample'], null],
    [6, 'another trial of it', six, ['strap', 'sample'], strap.sample],
    [6, 'the whole bag', six, [], { ...six, strap: null, name: 'Brought in' }],
    [7, 'the name', seven, ['name'], 'Another'],
    [7, 'all straps', seven, ['straps'], [another]],
    [7, 'no straps', seven, ['straps'], []],
    [7, 'a strap', seven, ['straps', 0], another],
    [7, 'a strap’s width', seven, ['straps', 0, 'widthMm'], 27],
    [7, 'no trial of it', seven, ['straps', 0, 'sample'], null],
    [7, 'another trial of it', seven, ['straps', 0, 'sample'], strap.sample],
    [7, 'its length', seven, ['straps', 0, 'sample', 'slackMm'], 190],
    [7, 'the whole bag', seven, [], { ...seven, straps: [another] }],
    [8, 'all straps', eight, ['straps'], [strap8]],
    [8, 'a strap', eight, ['straps', 0], strap8],
    [8, 'its kind', eight, ['straps', 0, 'kind'], 'linen'],
    [8, 'a weight on its trial', eight, ['straps', 0, 'sample', 'loaded'], [{ massG: 500, lengthMm: 200 }]],
    [8, 'the whole bag', eight, [], { ...eight, straps: [] }],
    [9, 'another body', nine, ['body'], gusset9],
    [9, 'a body without a band', nine, ['body'], fullDesign().body],
    [9, 'a body’s width', nine, ['body', 'widthMm'], 231],
    [11, 'no lining', eleven, ['lining'], null],
    [11, 'another lining', eleven, ['lining'], { ...eleven.lining, insetMm: 6 }],
    [11, 'its thickness', eleven, ['lining', 'thicknessMm'], 0.8],
    [11, 'the whole bag', eleven, [], { ...eleven, lining: null }],
    [10, 'all closures', ten, ['closures'], [loop10, cord10]],
    [10, 'a closure', ten, ['closures', 0], { ...loop10, layout: 'pair' }],
    [10, 'how many there are of it', ten, ['closures', 0, 'layout'], 'pair'],
    [10, 'no closure', ten, ['closures'], []],
    [10, 'all trims', ten, ['trims'], [bow10, bow10]],
    [10, 'a trim', ten, ['trims', 0], { ...bow10, widthMm: 61 }],
    [10, 'the whole bag', ten, [], { ...ten, closures: [] }],
    [9, 'the whole bag', nine, [], { ...nine, body: gusset9 }],
  ])('of version %i is brought along: %s', (version, _, old, path, value) => {
    const document = { version, undo: [{ label: 'Then', edits: [], inverse: [{ path, value }] }], redo: [] };
    const { history, dropped } = readHistory(document);
    expect(dropped).toBe(false);
    // Taken back in the file of then and brought up to date, the bag is what it is when it is brought up to date and taken back.
    const then = readDesign(changedAt(old, path, value));
    const now = readDesign(old);
    if (!then.ok || !now.ok) throw new Error('not read');
    expect(applyEdits(now.design, history.undo[0]?.inverse ?? [])).toEqual(then);
  });
});

describe('a history that is kept', () => {
  it('is no longer than it may be: what lies furthest back goes', () => {
    const undo = Array.from({ length: 300 }, (_, index) => change(`Notes ${index}`, 5000));
    const trimmed = trimmedHistory({ ...emptyHistory(), undo });
    expect(JSON.stringify(trimmed).length).toBeLessThanOrEqual(MOST_HISTORY_CHARACTERS + 1000);
    expect(trimmed.undo.length).toBeGreaterThan(30);
    expect(trimmed.undo).toEqual(undo.slice(-trimmed.undo.length));
  });

  it('is left alone where it is short, and keeps what can be taken back before what was', () => {
    const short = { ...emptyHistory(), undo: [change('a')], redo: [change('b')] };
    expect(trimmedHistory(short)).toBe(short);
    expect(trimmedHistory({ undo: ['aaaa', 'bbbb'], redo: ['cccc', 'dddd'] }, 18)).toEqual({
      undo: ['aaaa', 'bbbb'],
      redo: ['dddd'],
    });
  });
});

describe('one limit for what is taken in and what is read', () => {
  const rows = (characters: number): OwnStitch['rows'] => {
    const step = { work: 'herringbone-hdc', into: 'back-loop', times: 100, over: 12, each: 12 } as const;
    const row = { before: [], repeat: Array.from({ length: 60 }, () => step), after: [] };
    return Array.from({ length: Math.floor(characters / JSON.stringify(row).length) }, () => row);
  };
  const withPatterns = (count: number, characters: number): Design => ({
    ...fullDesign(),
    ownStitches: Array.from({ length: count }, (_, index) => ({
      id: ownStitchIdSchema.parse(`own:p${index}`),
      name: `Pattern ${index}`,
      base: 'sc',
      setupRows: [],
      rows: rows(characters),
      firstRowPublic: true,
      nature: { ...STITCHES.sc.nature },
    })),
  });

  it('the largest design that is taken in can be read again, from its file too, with all its spaces', () => {
    const large = withPatterns(12, 80_000);
    expect(JSON.stringify(large).length).toBeGreaterThan(0.8 * MOST_DESIGN_CHARACTERS);
    expect(designSchema.safeParse(large).success).toBe(true);
    expect(readDesignText(JSON.stringify(large)).ok).toBe(true);
    expect(readDesignText(JSON.stringify(large, null, 2)).ok).toBe(true);
  });

  it('a larger one is refused where it is taken in, with a sentence', () => {
    const parsed = designSchema.safeParse(withPatterns(12, 110_000));
    expect(parsed.error?.issues.map(({ path }) => path)).toEqual([['ownStitches']]);
    expect(parsed.error?.issues[0]?.message).toContain('too long together');
  });

  it('everything besides patterns is far below it, however full', () => {
    const { contents, swatch } = fullDesign();
    const [item] = contents.items.length > 0 ? contents.items : [];
    const full = {
      ...fullDesign(),
      notes: '\u0001'.repeat(5000),
      contents: { ...contents, items: Array.from({ length: 40 }, () => item ?? {}) },
      swatch: {
        ...swatch,
        stitchReadings: Array.from({ length: 40 }, () => swatch.stitchReadings[0]),
        rowReadings: Array.from({ length: 40 }, () => swatch.rowReadings[0]),
      },
    };
    expect(JSON.stringify(full).length).toBeLessThan(MOST_DESIGN_CHARACTERS / 10);
  });
});
