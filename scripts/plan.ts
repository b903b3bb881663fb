/**
 * Prints the plan of a design file as JSON: `npm run --silent plan -- FILE.ruelle.json`. No server, no database.
 * Exit 0 with a plan; 1 with the problems that prevent one, as JSON; 2 when the file can't be read, with one line.
 */
import { closeSync, openSync, readSync } from 'node:fs';
import { MOST_FILE_CHARACTERS, readDesignText } from '../src/core/design';
import { withHelpfulRepairs } from '../src/core/helpfulRepairs';
import { planBag } from '../src/core/plan';

const EXIT = { planned: 0, prevented: 1, unreadable: 2 } as const;

function main(path: string | undefined): number {
  if (path === undefined) return unreadable('Name a file: npm run --silent plan -- FILE.ruelle.json');
  const text = readAtMost(path, MOST_FILE_CHARACTERS * 3);
  if (text === null) return unreadable(`${path}: there is no such file, or it can’t be opened.`);
  if (text === 'more') return unreadable(`${path}: far larger than any bag.`);
  const read = readDesignText(text);
  if (!read.ok) {
    const [first] = read.faults;
    return unreadable(`${path}: ${first?.path.length ? `${first.path.join('.')}: ` : ''}${first?.sentence ?? ''}`);
  }
  const result = planBag(read.design);
  const [found, packings] = result.ok ? [result.plan.problems, result.plan.contents.packings] : [result.problems];
  const problems = withHelpfulRepairs(read.design, found, packings);
  process.stdout.write(`${JSON.stringify(result.ok ? { ...result.plan, problems } : { problems }, null, 2)}\n`);
  return result.ok ? EXIT.planned : EXIT.prevented;
}

/** The text of a file of any kind: a pipe and a device have no size that could be asked for. Null when it can't be read. */
function readAtMost(path: string, mostBytes: number): string | 'more' | null {
  const chunks: Buffer[] = [];
  let bytes = 0;
  let file: number | null = null;
  try {
    file = openSync(path, 'r');
    for (;;) {
      const chunk = Buffer.alloc(65_536);
      const read = readSync(file, chunk);
      if (read === 0) break;
      bytes += read;
      if (bytes > mostBytes) return 'more';
      chunks.push(chunk.subarray(0, read));
    }
  } catch {
    return null;
  } finally {
    if (file !== null) closeSync(file);
  }
  return Buffer.concat(chunks).toString('utf8');
}

function unreadable(line: string): number {
  process.stderr.write(`${line}\n`);
  return EXIT.unreadable;
}

process.exitCode = main(process.argv[2]);
