/** The faults that are put into patterns to see whether they are found. */
export const SEEDED = [
  'count',
  'fit',
  'repeat',
  'undefined-word',
  'other-terms',
  'size',
  'hook',
  'joined-spiral',
  'row-number',
  'row-unknown',
] as const;
export type Seeded = (typeof SEEDED)[number];

/** A pattern as somebody might have written it, and the fault that was put into it. */
export interface WrittenPattern {
  text: string;
  seeded: { kind: Seeded; /** Where it stands. */ from: number; to: number; row: number | null } | null;
}

/** Builds a text and remembers where its fault stands. */
export class PatternWriter {
  private text = '';
  private seeded: WrittenPattern['seeded'] = null;

  /** Writes on; what stands between « and » is where the fault is. */
  line(line: string, kind: Seeded | null = null, row: number | null = null): void {
    const open = line.indexOf('«');
    const bare = line.replace(/[«»]/g, '');
    if (open >= 0 && kind) {
      const close = line.indexOf('»') - 1;
      this.seeded = { kind, from: this.text.length + open, to: this.text.length + close, row };
    }
    this.text += `${bare}\n`;
  }

  written(): WrittenPattern {
    return { text: this.text, seeded: this.seeded };
  }
}
