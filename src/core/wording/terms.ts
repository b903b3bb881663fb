export type TermSet = 'us' | 'uk';

/** One word of the craft in both sets. */
interface Term {
  us: string;
  uk: string;
}

/**
 * The words that differ between US and UK crochet. Words that are the same in both (ch, sl st) are not listed.
 * Source: the abbreviation lists of the Craft Yarn Council, which gives both sets; here from memory.
 */
const TERMS = {
  sc: { us: 'sc', uk: 'dc' },
  hdc: { us: 'hdc', uk: 'htr' },
  dc: { us: 'dc', uk: 'tr' },
  tr: { us: 'tr', uk: 'dtr' },
  dtr: { us: 'dtr', uk: 'trtr' },
  esc: { us: 'esc', uk: 'edc' },
  herringboneHdc: { us: 'hbhdc', uk: 'hbhtr' },
  herringboneDc: { us: 'hbdc', uk: 'hbtr' },
  frontPostDc: { us: 'FPdc', uk: 'FPtr' },
  frontPostTr: { us: 'FPtr', uk: 'FPdtr' },
  dc4tog: { us: 'dc4tog', uk: 'tr4tog' },
  singleCrochet: { us: 'single crochet', uk: 'double crochet' },
  halfDoubleCrochet: { us: 'half double crochet', uk: 'half treble crochet' },
  doubleCrochet: { us: 'double crochet', uk: 'treble crochet' },
  trebleCrochet: { us: 'treble crochet', uk: 'double treble crochet' },
  doubleTreble: { us: 'double treble crochet', uk: 'triple treble crochet' },
  skip: { us: 'skip', uk: 'miss' },
  skipped: { us: 'skipped', uk: 'missed' },
  gauge: { us: 'gauge', uk: 'tension' },
  setName: { us: 'US terms', uk: 'UK terms' },
} as const satisfies Record<string, Term>;

export type TermId = keyof typeof TERMS;

/**
 * The word for a thing in one set.
 *
 * @example
 * term('sc', 'uk') // => 'dc'
 */
export const term = (id: TermId, set: TermSet): string => TERMS[id][set];

/**
 * Reads a text in one set of terms and writes it in the other. Whole words only, the longest first, so that the UK
 * "double treble crochet" is never read as "treble crochet"; capitals are kept.
 *
 * @example
 * translateTerms('Miss 1 st, dc in next st, tr in next st.', 'uk', 'us') // => 'Skip 1 st, sc in next st, dc in next st.'
 * translateTerms('sc2tog, hdc3tog', 'us', 'uk') // => 'dc2tog, htr3tog'
 */
export function translateTerms(text: string, from: TermSet, to: TermSet): string {
  const words = Object.values(TERMS).sort((a, b) => b[from].length - a[from].length);
  const pattern = new RegExp(`\\b(${words.map((word) => word[from]).join('|')})(?=\\d+tog|\\b)`, 'gi');
  return text.replace(pattern, (found) => {
    const word = words.find((candidate) => candidate[from].toLowerCase() === found.toLowerCase());
    const written = (word as Term)[to];
    const capital = found.charAt(0) !== found.charAt(0).toLowerCase();
    return capital ? written.charAt(0).toUpperCase() + written.slice(1) : written;
  });
}
