import Papa from 'papaparse';
import { guarded, unguarded } from './guarded';
import { stockItemSchema, type StockItem } from './stockItem';

/** The columns of a table of stores, in this order. Lengths in mm, masses in g. */
export const STOCK_COLUMNS = [
  'kind',
  'name',
  'price',
  'colour',
  'class',
  'ball_g',
  'ball_m',
  'dye_lot',
  'balls',
  'opened_g',
  'stuff',
  'width_mm',
  'length_mm',
  'outline_mm',
  'count',
] as const;
type Column = (typeof STOCK_COLUMNS)[number];
type Row = Partial<Record<Column, string>>;

/** So many rows are taken in at once, and no more. */
export const MOST_STOCK_ROWS = 5000;

/**
 * What is in store as a table of comma-separated values (RFC 4180), one item a row.
 *
 * @example
 * stockAsCsv([]).startsWith('kind,name,price') // => true
 */
export const stockAsCsv = (items: readonly StockItem[]): string =>
  Papa.unparse({
    fields: [...STOCK_COLUMNS],
    data: items.map((item) => STOCK_COLUMNS.map((of) => rowOf(item)[of] ?? '')),
  });

function rowOf(item: StockItem): Row {
  const row: Row = { kind: item.kind, name: guarded(item.name), price: item.price === null ? '' : String(item.price) };
  switch (item.kind) {
    case 'yarn':
      return {
        ...row,
        colour: guarded(item.colour),
        class: item.weightClass === null ? '' : String(item.weightClass),
        ball_g: String(item.ballMassG),
        ball_m: String(item.ballLengthM),
        dye_lot: guarded(item.dyeLot),
        balls: String(item.balls),
        opened_g: item.openedG.join('; '),
      };
    case 'cloth':
      return { ...row, stuff: item.stuff, width_mm: String(item.widthMm), length_mm: String(item.lengthMm) };
    case 'remnant':
      return { ...row, stuff: item.stuff, outline_mm: item.outline.map(([x, y]) => `${x} ${y}`).join('; ') };
    case 'other':
      return { ...row, count: String(item.count) };
  }
}

export type ReadStock =
  { ok: true; items: StockItem[]; faults: { row: number; sentence: string }[] } | { ok: false; sentence: string };

/**
 * Reads a table of stores: commas, semicolons or tabs between its columns, in any order. A row that can't be read is told with its number, and the others are
 * taken.
 *
 * @param newId names what has no name for the program yet
 */
export function readStockCsv(text: string, newId: () => string): ReadStock {
  const { data, meta, errors } = Papa.parse<Record<string, string>>(text.replace(/^\uFEFF/, ''), {
    header: true,
    skipEmptyLines: 'greedy',
    delimitersToGuess: [',', ';', '\t'],
    transformHeader: (header) => header.trim().toLowerCase(),
    preview: MOST_STOCK_ROWS + 1,
  });
  const missing = (['kind', 'name'] as const).filter((column) => !meta.fields?.includes(column));
  if (missing.length > 0)
    return {
      ok: false,
      sentence: `This table has no column “${missing[0]}”. Its first row names its columns: ${STOCK_COLUMNS.join(', ')}.`,
    };
  if (data.length > MOST_STOCK_ROWS)
    return { ok: false, sentence: `This table has more than ${MOST_STOCK_ROWS} rows. Bring it in in parts.` };
  const broken = new Set(
    errors.flatMap(({ row, code }) => (row === undefined || code === 'TooFewFields' ? [] : [row])),
  );
  const items: StockItem[] = [];
  const faults: { row: number; sentence: string }[] = [];
  data.forEach((row, index) => {
    const read = stockItemSchema.safeParse(itemOf(row as Row, newId()));
    // The first row of the file is that of its columns.
    if (broken.has(index)) faults.push({ row: index + 2, sentence: 'Its cells don’t go with the columns.' });
    else if (read.success) items.push(read.data);
    else faults.push({ row: index + 2, sentence: read.error.issues[0]?.message ?? 'It can’t be read.' });
  });
  return { ok: true, items, faults };
}

const text = (cell: string | undefined): string => unguarded((cell ?? '').trim());
/** A number, its decimals behind a point or a comma; not a number for anything else. */
function number(cell: string | undefined): number {
  const plain = (cell ?? '').trim().replace(',', '.');
  return plain === '' ? NaN : Number(plain);
}
const orNull = (cell: string | undefined): number | null => ((cell ?? '').trim() === '' ? null : number(cell));
const many = (cell: string | undefined): string[] =>
  (cell ?? '')
    .split(';')
    .map((one) => one.trim())
    .filter((one) => one !== '');

/** What a row says, as an item is written; what is wrong with it the schema says. */
function itemOf(row: Row, id: string): unknown {
  const base = { id, kind: text(row.kind).toLowerCase(), name: text(row.name), price: orNull(row.price) };
  switch (base.kind) {
    case 'yarn':
      return {
        ...base,
        ...{ colour: text(row.colour), weightClass: orNull(row.class), dyeLot: text(row.dye_lot) },
        ...{ ballMassG: number(row.ball_g), ballLengthM: number(row.ball_m), balls: number(row.balls) },
        openedG: many(row.opened_g).map(number),
      };
    case 'cloth':
      return { ...base, stuff: text(row.stuff), widthMm: number(row.width_mm), lengthMm: number(row.length_mm) };
    case 'remnant':
      return {
        ...base,
        stuff: text(row.stuff),
        outline: many(row.outline_mm).map((corner) => corner.split(/\s+/).map(number)),
      };
    default:
      return { ...base, count: number(row.count) };
  }
}
