import type { Instruction } from './instruction';
import type { PatternLine } from './lines';
import { stitchNamed } from './vocabulary';
import { readRowText } from './rowText';
import type { OwnWords } from './workedRow';

/** What a text defines: “MB = make bobble”, “Shell: 5 dc in next st”. */
const DEFINED =
  /(?:^|[;,.:]\s+|\()\s*([A-Za-z][\w-]{0,14}(?: st(?:itch)?)?)\s*(?:\(([^()]{1,30})\))?\s*(?:=|:|–|—)\s*([^;=]+?)(?=;|$|\.\s|\)|,\s+[\w-]{1,12}\s*=)/g;
/** What stands before definitions. */
const SPECIAL =
  /^\W*(?:special|stitch(?:es)? used|abbreviations?|terms|stitches)(?: (?:stitch(?:es)?|abbreviations?|terms))?(?: used)?\s*:/i;
/** Words of the craft that are no abbreviations. */
const NO_WORDS =
  /^(?:rows?|rounds?|rnds?|gauge|tension|materials?|size|sizes|hook|yarn|notes?|finished|width|height|you|ch|chain|sts?|rep|rs|ws|inc|dec|sl|sk|skip|miss|abbreviations|title|level|difficulty|row)$/i;

/**
 * The words that a pattern defines for itself, with how many stitches each makes and takes: read from what is said of it, where that can be read; else one and one.
 */
export function definedWords(lines: readonly PatternLine[]): OwnWords {
  const own = new Map<string, { makes: number; takes: number }>();
  for (const line of lines) {
    if (line.is !== 'prose' && line.is !== 'heading') continue;
    for (const [, word = '', short, meaning = ''] of line.text.replace(SPECIAL, '').matchAll(DEFINED)) {
      if (NO_WORDS.test(word)) continue;
      const isMeant = line.text.includes('=') || /\b(?:in|next|ch|st|sts|stitch|crochet|make|yo|hook)\b/i.test(meaning);
      if (!isMeant) continue;
      const made = madeBy(meaning);
      for (const one of [word, short])
        // What every pattern knows needs no telling.
        if (one !== undefined && !stitchNamed(one) && !/tog$/i.test(one)) {
          own.set(one.toLowerCase(), made);
          own.set(one.toLowerCase().replace(/ st(?:itch)?$/, ''), made);
        }
    }
  }
  return own;
}

function madeBy(meaning: string): { makes: number; takes: number } {
  // A cluster is drawn together at last, whatever is worked for it.
  if (
    /\b(?:bobble|cluster|popcorn|puff|together|yo\b|yarn over|pull|draw|last loop|counts as (?:a|one|1) st)/i.test(
      meaning,
    )
  )
    return { makes: 1, takes: 1 };
  const { items } = readRowText(meaning, 0, new Set());
  if (items.length === 0 || items.some(({ do: what }) => what === 'unread' || what === 'note'))
    return { makes: 1, takes: 1 };
  return { makes: Math.max(1, total(items, makesOf)), takes: Math.max(1, total(items, takesOf)) };
}

const total = (items: readonly Instruction[], of: (item: Instruction) => number): number =>
  items.reduce((sum, item) => sum + of(item), 0);

function makesOf(item: Instruction): number {
  switch (item.do) {
    case 'work':
      return (item.each * Math.max(1, item.place.count)) / (item.stitch.over > 1 ? item.stitch.over : 1);
    case 'chain':
      return 0;
    case 'increase':
      return 2;
    case 'decrease':
      return 1;
    case 'into':
      return total(item.items, (inner) =>
        inner.do === 'work' ? inner.each * Math.max(1, inner.place.count) : makesOf(inner),
      );
    default:
      return 0;
  }
}

function takesOf(item: Instruction): number {
  switch (item.do) {
    case 'work':
      return item.place.which === 'same' ? 0 : Math.max(1, item.place.count);
    case 'skip':
    case 'into':
      return Math.max(1, item.place.count);
    case 'increase':
      return 1;
    case 'decrease':
      return 2;
    default:
      return 0;
  }
}
