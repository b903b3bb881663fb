import { readLine, type PatternLine } from './lines';

/** Lines, those of a row that goes on in the next one joined; several rows in one line apart. */
export function logicalLines(text: string): PatternLine[] {
  const lines: PatternLine[] = [];
  let at = 0;
  for (const line of text.split('\n')) {
    for (const [part, from] of apart(line)) add(lines, readLine(part, at + from), text);
    at += line.length + 1;
  }
  return lines;
}

function add(lines: PatternLine[], line: PatternLine, text: string): void {
  const last = lines.at(-1);
  const goesOn =
    last?.is === 'row' &&
    (line.is === 'prose' || line.is === 'heading') &&
    line.to > line.from &&
    !/[.)\]!]\s*$/.test(last.text) &&
    /^[a-z*([\d]/.test(line.text) &&
    !/\n\s*\n/.test(text.slice(last.to, line.from));
  if (goesOn)
    lines[lines.length - 1] = { ...last, to: line.to, text: text.slice(last.textFrom, line.to).replace(/\n/g, ' ') };
  else lines.push(line);
}

/** Several rows that are written in one line; a row that is spoken of within a sentence is none. */
function* apart(line: string): Generator<[string, number]> {
  let from = 0;
  const { is } = readLine(line, 0);
  if (is !== 'row' && is !== 'begin') return yield [line, 0];
  for (const found of line.matchAll(/(?<=[.;)\]])\s+(?=(?:rows?|rnds?|rounds?)\s*\d+[^.,;]{0,24}?:)/gi)) {
    yield [line.slice(from, found.index), from];
    from = found.index + found[0].length;
  }
  yield [line.slice(from), from];
}
