import { DESIGN_FORMAT, DESIGN_VERSION, MOST_DESIGN_CHARACTERS, designSchema, type Design } from './schema';
import { UPGRADES } from './upgrades';

/** What is wrong with a field, and where it is in the document. */
export interface FieldFault {
  path: (string | number)[];
  sentence: string;
}

export type ReadDesign = { ok: true; design: Design } | { ok: false; faults: FieldFault[] };

/** The largest design file that is read, in characters: the largest design, with the spaces and lines that make it readable. */
export const MOST_FILE_CHARACTERS = 4 * MOST_DESIGN_CHARACTERS;

/** What some programs put before a text, and which is none of it. */
const BYTE_ORDER_MARK = /^\ufeff/;

/**
 * Reads a design from the text of a `*.ruelle.json` file. It never throws: whatever the text is, the answer is a
 * design or the faults, each with its field and a sentence.
 *
 * @example
 * readDesignText('not json').ok // => false
 */
export function readDesignText(text: string): ReadDesign {
  if (text.length > MOST_FILE_CHARACTERS)
    return fault('This file is far larger than any bag. Choose a file that ends in .ruelle.json.');
  let document: unknown;
  try {
    document = JSON.parse(text.replace(BYTE_ORDER_MARK, ''));
  } catch {
    return fault('This file isn’t a Ruelle bag: it can’t be read as one. Choose a file that ends in .ruelle.json.');
  }
  return readDesign(document);
}

/**
 * Reads a design from plain data of any origin, bringing an older version up to date first.
 *
 * @example
 * readDesign({ format: 'ruelle-design', version: 99 }) // => { ok: false, faults: [{ path: ['version'], sentence: 'This bag was saved by a newer Ruelle (file version 99; this one reads up to 18). Update Ruelle to open it.' }] }
 */
export function readDesign(document: unknown): ReadDesign {
  if (typeof document !== 'object' || document === null || !('format' in document) || document.format !== DESIGN_FORMAT)
    return fault('This isn’t a Ruelle bag. Choose a file that ends in .ruelle.json.', ['format']);

  const version = 'version' in document ? document.version : undefined;
  if (typeof version !== 'number' || !Number.isInteger(version) || version < 0)
    return fault('This bag doesn’t say which file version it is.', ['version']);
  if (version > DESIGN_VERSION)
    return fault(
      `This bag was saved by a newer Ruelle (file version ${version}; this one reads up to ${DESIGN_VERSION}). Update Ruelle to open it.`,
      ['version'],
    );

  let current: unknown = document;
  for (let from = version; from < DESIGN_VERSION; from += 1) {
    const upgrade = UPGRADES[from];
    if (upgrade === undefined) return fault(`File version ${from} can’t be read.`, ['version']);
    current = upgrade(current as Record<string, unknown>);
  }

  const parsed = designSchema.safeParse(current);
  if (parsed.success) return { ok: true, design: parsed.data };
  return {
    ok: false,
    faults: parsed.error.issues.map((issue) => ({
      path: issue.path.filter((step): step is string | number => typeof step !== 'symbol'),
      sentence: plainSentence(issue.message),
    })),
  };
}

/** Zod's own words are for developers; ours are kept, its are replaced. */
function plainSentence(message: string): string {
  if (/^Unrecognized key/.test(message)) return 'There is something here that Ruelle doesn’t know.';
  if (/^Invalid (option|discriminator|input)/.test(message)) return 'This is missing, or not one of the choices.';
  return message;
}

function fault(sentence: string, path: (string | number)[] = []): ReadDesign {
  return { ok: false, faults: [{ path, sentence }] };
}
