import { nanoid } from 'nanoid';
import { ownStitchIdSchema, type OwnStitch } from '@/core/design';
import { STITCHES, type PatternRow, type StitchKind, type StitchPattern } from '@/core/stitches';
import { bareRowText, readRow, rowFaultSentence } from '@/core/wording';

type Terms = 'us' | 'uk';

/** A pattern of her own while she writes it: its rows as words. */
export interface OwnStitchDraft {
  id: OwnStitch['id'];
  name: string;
  /** Rows as words, in order, without turning chains. */
  rows: string[];
  /** How many of the first rows are worked once, before those that repeat. */
  setupCount: number;
  firstRowPublic: boolean;
  nature: OwnStitch['nature'];
}

export const newDraft = (): OwnStitchDraft => ({
  id: ownStitchIdSchema.parse(`own:${nanoid(10)}`),
  name: '',
  rows: [''],
  setupCount: 0,
  firstRowPublic: true,
  nature: { ...STITCHES.sc.nature },
});

export const draftOf = (own: OwnStitch, terms: Terms): OwnStitchDraft => ({
  id: own.id,
  name: own.name,
  rows: [...own.setupRows, ...own.rows].map((row) => bareRowText(row, terms)),
  setupCount: own.setupRows.length,
  firstRowPublic: own.firstRowPublic,
  nature: { ...own.nature },
});

type WrittenStitch = { ok: true; own: OwnStitch } | Unreadable;

type Unreadable = { ok: false; row: number; sentence: string };

/** The rows that words say, or the first that can't be read and why. */
export function writtenRows(
  rowsInWords: readonly string[],
  terms: Terms,
): { ok: true; rows: PatternRow[] } | Unreadable {
  const rows: PatternRow[] = [];
  for (const [index, words] of rowsInWords.entries()) {
    const read = readRow(words, terms);
    if (!read.ok) return { ok: false, row: index, sentence: rowFaultSentence(read.fault, terms) };
    rows.push(read.row);
  }
  return { ok: true, rows };
}

/** The pattern that a draft's words say, or the first row that can't be read and why. */
export function writtenStitch(draft: OwnStitchDraft, terms: Terms): WrittenStitch {
  const written = writtenRows(draft.rows, terms);
  if (!written.ok) return written;
  const { rows } = written;
  const { id, name, setupCount, firstRowPublic, nature } = draft;
  return {
    ok: true,
    own: {
      id,
      name,
      base: mostWorked(rows),
      setupRows: rows.slice(0, setupCount) as OwnStitch['setupRows'],
      rows: rows.slice(setupCount) as OwnStitch['rows'],
      firstRowPublic,
      nature,
    },
  };
}

/** The plain stitch that most of the rows is made of: it is chained for and turned with. */
function mostWorked(rows: readonly PatternRow[]): StitchKind {
  const worked = new Map<StitchKind, number>();
  for (const { before, repeat, after } of rows)
    for (const step of [...before, ...repeat, ...after])
      if ('work' in step && step.work in (STITCHES as Record<string, StitchPattern>))
        worked.set(step.work, (worked.get(step.work) ?? 0) + step.times);
  return [...worked].sort((a, b) => b[1] - a[1])[0]?.[0] ?? 'sc';
}
