import {
  ownStitchSchema,
  starterDesign,
  type Design,
  type OwnStitch,
  type Settings,
  type StitchChoice,
  type SwatchId,
} from '@/core/design';
import { planBag } from '@/core/plan';
import { STITCHES, type StitchPattern } from '@/core/stitches';
import { stitchOfPart, type ReadStitch } from './asStitch';
import { logicalLines } from './logicalLines';
import type { ReadPart } from './read';
import type { TermSet } from './termSet';

/** What a read piece becomes: a strip that is folded, with what is folded over as its flap; or the front of a bag with a gusset, its back the same. */
export type BagKind = 'fold-over-strip' | 'gusset';

/** A bag of a read piece; or why it is none. */
export type ReadBag =
  | { ok: true; design: Design; folds: readonly number[]; foldsAre: 'said' | 'thirds' }
  | Extract<ReadStitch, { ok: false }>
  | { ok: false; why: 'too-small' | 'not-planned'; row: number };

interface Wish {
  kind: BagKind;
  terms: TermSet;
  /** The names that bag, swatch and stitch get for the program. */
  swatchId: SwatchId;
  ownStitchId: OwnStitch['id'];
  settings: Settings;
}

/** Hooks that are told in millimetres. */
const HOOK =
  /(\d{1,2}(?:[.,]\d{1,2})?)\s?mm\b[^.\n]{0,24}\bhook\b|\bhook\b[^.\n]{0,24}?(\d{1,2}(?:[.,]\d{1,2})?)\s?mm\b/i;

/**
 * The stitch of a read piece as one of her own.
 *
 * @throws ZodError where it is too large for one
 */
export function asOwnStitch(stitch: Extract<ReadStitch, { ok: true }>, id: OwnStitch['id'], name: string): OwnStitch {
  const { base, setupRows, rows } = stitch;
  const plain = (STITCHES as Record<string, StitchPattern | undefined>)[base] ?? STITCHES.sc;
  return ownStitchSchema.parse({ id, name, base, setupRows, rows, firstRowPublic: true, nature: plain.nature });
}

/**
 * A bag made of a piece that was read: as many stitches and rows, its folds where the text has them, else at thirds (common practice, no source). What nobody measured is not taken as
 * measured: the gauge of a pattern is its writer’s.
 *
 * @param text the text that the piece was read from
 */
export function bagOfPart(text: string, part: ReadPart, wish: Wish): ReadBag {
  const stitch = stitchOfPart(part, wish.terms);
  if (!stitch.ok) return stitch;
  const rows = part.rows.length;
  const stitches = part.rows[0]?.out ?? 0;
  if (rows < 6 || stitches < 3) return { ok: false, why: 'too-small', row: rows };
  const begun = starterDesign(
    wish.kind === 'gusset' ? 'gusset' : 'thirds',
    wish.swatchId,
    wish.settings,
    yarnFor(text),
  );
  const name = (part.title || 'Bag from a pattern').slice(0, 80);
  const known = plainOf(stitch);
  const own = known === null ? [asOwnStitch(stitch, wish.ownStitchId, `${name.slice(0, 50)} stitch`)] : [];
  const worked: StitchChoice = known ?? wish.ownStitchId;
  const base: Design = {
    ...begun,
    name,
    stitch: worked,
    ownStitches: own,
    swatch: { ...begun.swatch, stitch: worked },
  };
  // Its sizes are what so many stitches and rows come to, as roughly as that is known.
  const rough = planBag(base);
  if (!rough.ok) return { ok: false, why: 'not-planned', row: 0 };
  const { stitchWidth, rowHeight } = rough.plan.gauge;
  const widthMm = within(stitches * stitchWidth.value);
  if (wish.kind === 'gusset') {
    const body = { ...base.body, widthMm, heightMm: within(rows * rowHeight.value), chosenStitches: stitches };
    const chosenRows = { ...base.body.chosenRows, front: rows, back: rows };
    return settled(
      {
        ...base,
        body: { ...body, chosenRows } as Design['body'],
        flap: { ...base.flap, kind: 'none' } as Design['flap'],
      },
      [],
      'said',
    );
  }
  const said = foldsSaid(text, part);
  const [front, top] =
    said.length > 0 ? [said[0] as number, said[1] ?? rows] : [Math.round(rows / 3), 2 * Math.round(rows / 3)];
  const back = top - front;
  const hasFlap = top < rows;
  const chosenRows = { front, back, bridge: null, flap: null };
  const body = {
    ...base.body,
    widthMm,
    heightMm: within(front * rowHeight.value),
    chosenStitches: stitches,
    chosenRows,
  };
  const drop = Math.min(within(front * rowHeight.value), Math.max(20, (rows - top) * rowHeight.value));
  const flap = hasFlap ? { ...base.flap, dropMm: Math.floor(drop) } : { ...base.flap, kind: 'none' };
  const open = { ...base, body, flap } as Design;
  const folds = hasFlap ? [front, top] : [front];
  const foldsAre = said.length > 0 ? 'said' : 'thirds';
  if (!hasFlap) return settled(open, folds, foldsAre);
  // What crosses the top is of the load; what is left behind it is the flap.
  const planned = planBag(open);
  if (!planned.ok) return { ok: false, why: 'not-planned', row: 0 };
  const begins = flapSaid(text);
  const bridge = begins !== null && begins >= top && begins < rows ? begins - top : planned.plan.flap.bridgeRows;
  const flapRows = rows - top - bridge;
  if (flapRows < 1) return settled(open, folds, foldsAre);
  return settled(
    {
      ...open,
      body: {
        ...body,
        chosenRows: { ...chosenRows, bridge, flap: flapRows },
      } as Design['body'],
    },
    folds,
    foldsAre,
  );
}

function settled(design: Design, folds: readonly number[], foldsAre: 'said' | 'thirds'): ReadBag {
  return planBag(design).ok ? { ok: true, design, folds, foldsAre } : { ok: false, why: 'not-planned', row: 0 };
}

/** A length that a bag can be planned with, in whole millimetres. */
const within = (mm: number): number => Math.min(800, Math.max(20, Math.round(mm)));

/** The stitch of the catalogue that every row is of, where it is one. */
function plainOf({ base, setupRows, rows }: Extract<ReadStitch, { ok: true }>): StitchChoice | null {
  const all = [...setupRows, ...rows].flatMap(({ before, repeat, after }) => [...before, ...repeat, ...after]);
  const isPlain = all.every(
    (step) => 'work' in step && step.work === base && step.into === 'stitch' && step.over === 1 && step.each === 1,
  );
  return isPlain && base in STITCHES && STITCHES[base as keyof typeof STITCHES].use === 'fabric'
    ? (base as StitchChoice)
    : null;
}

/** The yarn is not known; the hook is where the text says it. */
function yarnFor(text: string): { weightClass: number; hookMm: number } {
  const found = HOOK.exec(text);
  const hookMm = Number((found?.[1] ?? found?.[2] ?? '').replace(',', '.'));
  return { weightClass: 3, hookMm: hookMm >= 0.5 && hookMm <= 30 ? hookMm : 4 };
}

const FOLD = /\bfold/i;
const ROW = /\brow\s+(\d+)/i;

/** The row after which a text has the flap begin; null where it doesn’t say. */
function flapSaid(text: string): number | null {
  const row = /\bflap\s+(?:begins|starts)\s+(?:after|at|with)\s+row\s+(\d+)/i.exec(text)?.[1];
  return row === undefined ? null : Number(row);
}

/** The rows after which a text folds a piece, between its own first row and the next piece. */
function foldsSaid(text: string, { rows }: ReadPart): number[] {
  const [first, last] = [rows[0], rows.at(-1)];
  if (!first || !last) return [];
  const found = new Set<number>();
  for (const line of logicalLines(text)) {
    if (line.is !== 'prose' || line.from < first.from || !FOLD.test(line.text)) continue;
    for (const words of line.text.split(/\band\b|;/)) {
      const row = Number(ROW.exec(words)?.[1]);
      if (row > 1 && row < last.number) found.add(row);
    }
  }
  return [...found].sort((one, other) => one - other).slice(0, 2);
}
