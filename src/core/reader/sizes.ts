import { eighths, lengthInMm, MM_PER } from './lengths';
import type { ReaderFault } from './fault';
import type { PatternLine } from './lines';
import type { ReadPart } from './read';

/** A gauge that a text gives: a stitch across and a row up, mm; null where one isn't given. */
export interface WrittenGauge {
  stitchMm: number | null;
  rowMm: number | null;
}

const LENGTH = '(\\d{1,3}(?:[.,]\\d{1,2})?(?:\\s*[½¼¾⅛⅜⅝⅞]|\\s+\\d\\/\\d)?|[½¼¾])\\s*-?(cm|mm|in(?:ch(?:es)?)?\\b|"|”)';
const GAUGE = new RegExp(
  `(\\d{1,3}(?:[.,]\\d{1,2})?)\\s*(?:sts?|stitches|sc|dc|hdc|tr|htr|half[^.]{0,20}|single[^.]{0,12}|double[^.]{0,12})?\\s*(?:(?:and|x|×|by|,|&|\\/)\\s*(\\d{1,3}(?:[.,]\\d{1,2})?)\\s*(?:rows?|rnds?|rounds?))?\\s*(?:[^.\\d]{0,30}?)(?:=|over|to|per|in|make|measure)s?\\s*(?:the )?${LENGTH}`,
  'i',
);

/** The gauge that a text gives, where it speaks of one. */
export function writtenGauge(lines: readonly PatternLine[]): WrittenGauge {
  let isGauge = false;
  for (const line of lines) {
    if (line.is === 'row') break;
    const text = line.is === 'again' || line.is === 'begin' ? '' : line.text;
    isGauge = /\b(?:gauge|tension)\b/i.test(text) || (isGauge && line.is === 'prose');
    if (!isGauge) continue;
    const found = GAUGE.exec(text);
    if (!found) continue;
    const over = lengthInMm(found[3] as string, found[4] as string);
    if (over < 10 || over > 300) continue;
    const each = (many: string | undefined) => (many === undefined ? null : over / Number(many.replace(',', '.')));
    return { stitchMm: each(found[1]), rowMm: each(found[2]) };
  }
  return { stitchMm: null, rowMm: null };
}

/** A size may be off by a stitch, or by this share, before it is asked about. Ours. */
const OFF_SHARE = 0.06;

/** What side seams take of a width, at most. Common practice, no source. */
const SEAM_STITCHES = 2;

const WIDE = new RegExp(`${LENGTH}\\s*(?:wide|across|in width|width)|(?:width|wide)[^.\\d]{0,24}${LENGTH}`, 'i');
const BY = new RegExp(
  `(?:siz|measur|finish|panel|piece|fabric|flat)[^.\\d]{0,40}${LENGTH}\\s*(?:wide\\s*)?(?:x|×|by)\\s*${LENGTH}`,
  'i',
);

/** A width that a text gives beside its gauge. */
interface WidthLine {
  /** Where its number stands. */
  from: number;
  to: number;
  writtenMm: number;
  worksMm: number;
  stitches: number;
  stitchMm: number;
  /** Another width, written as this one is. */
  written(mm: number): string;
}

/** The width that a flat pattern of one piece gives, and what follows from its stitches and its gauge; null where it gives none. */
export function widthLine(lines: readonly PatternLine[], parts: readonly ReadPart[]): WidthLine | null {
  const gauge = writtenGauge(lines);
  // Of several pieces none says which of them is as wide.
  const [flat] = parts;
  const isFlat =
    parts.length === 1 && flat !== undefined && flat.rows.length > 1 && flat.rows.every(({ noun }) => noun === 'row');
  if (gauge.stitchMm === null || !isFlat) return null;
  const counts = flat.rows.flatMap(({ out }) => out ?? []);
  const stitches = Math.max(...counts);
  if (!Number.isFinite(stitches) || counts.length < flat.rows.length) return null;
  for (const line of lines) {
    // Sizes are told before the work; what is measured later is something else.
    if (line.is === 'row' || line.is === 'again') break;
    if (line.is === 'begin' || OF_OTHER_THINGS.test(line.text)) continue;
    const found = BY.exec(line.text) ?? WIDE.exec(line.text);
    if (!found) continue;
    const [number, unit] = found[1] === undefined ? [found[3], found[4]] : [found[1], found[2]];
    if (number === undefined || unit === undefined) continue;
    const from = line.from + found.index + found[0].indexOf(number);
    return {
      ...{ from, to: from + number.length, writtenMm: lengthInMm(number, unit) },
      ...{ worksMm: stitches * gauge.stitchMm, stitches, stitchMm: gauge.stitchMm },
      written: (mm) => numberOf(mm, unit),
    };
  }
  return null;
}

const OF_OTHER_THINGS =
  /\b(?:outside|inside|depth|gauge|tension|hook|yarn|zip|tail|swatch|seam|circumference|around|round|planned|button|ring|cut|lining|strap|piece of)\b/i;

/** A length as patterns have it: centimetres to a tenth, inches to an eighth. */
function numberOf(mm: number, unit: string): string {
  const per = MM_PER[unit.toLowerCase()];
  return per === undefined ? eighths(mm) : String(Math.round((mm / per) * 10) / 10);
}

/** Where a width that is given does not follow from the stitches and the gauge that are given as well. */
export function checkedSizes(lines: readonly PatternLine[], parts: readonly ReadPart[]): ReaderFault[] {
  const line = widthLine(lines, parts);
  if (!line) return [];
  const { from, to, writtenMm, worksMm, stitches, stitchMm } = line;
  // A seam at each side takes a stitch.
  const more = Math.max(1.05 * stitchMm, OFF_SHARE * worksMm);
  const less = Math.max((1.05 + SEAM_STITCHES) * stitchMm, OFF_SHARE * worksMm);
  if (writtenMm <= worksMm + more && writtenMm >= worksMm - less) return [];
  const mends = [{ from, to, text: line.written(worksMm) }];
  return [{ from, to, row: null, mends, code: 'size-off', writtenMm, worksMm, stitches, along: 'across' }];
}
