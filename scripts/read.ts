/**
 * Reads a pattern and prints what was found as JSON: `npm run --silent read -- FILE.txt`. No server, no database.
 * Exit 0 where it has no fault; 1 where it has; 2 when the file can't be read, with one line.
 */
import { readFileSync } from 'node:fs';
import { MOST_TEXT, readPattern } from '../src/core/reader';
import { readerFaultSentence, termsSentence, understoodWords } from '../src/core/wording';

function main(path: string | undefined): number {
  if (path === undefined) return unreadable('Name a file: npm run --silent read -- FILE.txt');
  let text: string;
  try {
    text = readFileSync(path, 'utf8').replace(/\r\n?/g, '\n');
  } catch {
    return unreadable(`${path}: there is no such file, or it can’t be opened.`);
  }
  const { terms, language, sizes, parts, faults, isProse } = readPattern(text);
  const lineOf = (at: number) => text.slice(0, at).split('\n').length;
  const read = {
    isPattern: !isProse,
    isCut: text.length > MOST_TEXT,
    language: language ?? 'en',
    sizes,
    terms: language ? null : { set: terms.set, why: termsSentence(terms) },
    parts: parts.map(({ title, rows }) => ({
      title,
      rows: rows.map((row) => ({
        [row.noun]: row.number,
        side: row.side,
        in: row.in,
        out: row.out,
        understood: understoodWords(row),
        isRight: row.isRight,
      })),
    })),
    faults: faults.map((fault) => ({
      code: fault.code,
      row: fault.row,
      line: lineOf(fault.from),
      words: text.slice(fault.from, fault.to),
      says: readerFaultSentence(fault, 'cm'),
      mends: fault.mends.map((mend) => mend.text),
    })),
  };
  process.stdout.write(`${JSON.stringify(read, null, 2)}\n`);
  return faults.length > 0 ? 1 : 0;
}

function unreadable(line: string): number {
  process.stderr.write(`${line}\n`);
  return 2;
}

process.exitCode = main(process.argv[2]);
