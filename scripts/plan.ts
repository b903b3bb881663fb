/**
 * Prints the plan of a design file as JSON: `npm run --silent plan -- FILE.ruelle.json`. No server, no database.
 * Exit 0 with a plan; 1 with the problems that prevent one, as JSON; 2 when the file can't be read, with one line.
 */
import { readFileSync, statSync } from 'node:fs';
import { MOST_FILE_CHARACTERS, readDesignText } from '../src/core/design';
import { withHelpfulRepairs } from '../src/core/helpfulRepairs';
import { planBag } from '../src/core/plan';

const EXIT = { planned: 0, prevented: 1, unreadable: 2 } as const;

function main(path: string | undefined): number {
  if (path === undefined) return unreadable('Name a file: npm run --silent plan -- FILE.ruelle.json');
  let text: string;
  try {
    if (statSync(path).size > MOST_FILE_CHARACTERS * 3) return unreadable(`${path}: far larger than any bag.`);
    text = readFileSync(path, 'utf8');
  } catch {
    return unreadable(`${path}: there is no such file, or it can’t be opened.`);
  }
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

function unreadable(line: string): number {
  process.stderr.write(`${line}\n`);
  return EXIT.unreadable;
}

process.exitCode = main(process.argv[2]);
