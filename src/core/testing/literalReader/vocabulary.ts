/**
 * What a stranger knows who opens a pattern: the abbreviations of each set, and nothing of how this app holds a stitch.
 * Source: the abbreviation lists of the Craft Yarn Council, from memory.
 */
export const STITCHES = {
  us: ['sl st', 'sc', 'esc', 'hbhdc', 'hbdc', 'hdc', 'dc', 'tr', 'dtr', 'bobble'],
  uk: ['sl st', 'dc', 'edc', 'hbhtr', 'hbtr', 'htr', 'tr', 'dtr', 'trtr', 'bobble'],
} as const;

export type ReaderTerms = keyof typeof STITCHES;

/** Every word for a stitch: its abbreviation, worked round a post or drawn out, or so many joined. */
export const stitchPattern = (terms: ReaderTerms): RegExp =>
  new RegExp(
    `(?:FP|spike )?(?:${[...STITCHES[terms]].sort((a, b) => b.length - a.length).join('|')})(?:\\d+tog)?(?![\\w-])`,
  );
