import { describe, expect, it } from 'vitest';
import { STITCHES } from '@/core/stitches';
import { fullDesign } from '@/core/testing/designs';
import {
  DESIGN_VERSION,
  MOST_DESIGN_CHARACTERS,
  MOST_HISTORY_CHARACTERS,
  designSchema,
  emptyHistory,
  makeChange,
  ownStitchIdSchema,
  readDesignText,
  readHistory,
  trimmedHistory,
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
    ['of another version', { version: DESIGN_VERSION - 1, undo: [change('a')], redo: [] }],
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
