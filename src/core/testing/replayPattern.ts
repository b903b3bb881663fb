import type { Design } from '@/core/design';
import type { RowsBeside } from '@/core/fittings';
import type { Piece } from '@/core/pieces';
import { partsToWork } from '@/core/bench';
import type { Plan } from '@/core/plan';
import { isWorkedStage } from '@/core/strap';
import { wordsOfEachRow, wordsOfPart, writePattern, type Pattern } from '@/core/wording';
import { makePiece, type MadePiece } from './literalReader';

/**
 * Makes every piece of a design from its pattern's words alone and holds it against the plan.
 *
 * @returns what could not be worked, or came out otherwise than planned; nothing where all is well
 */
export function replayComplaints(design: Design, plan: Plan): string[] {
  const { sections } = writePattern(design, plan);
  const { terms } = design.settings;
  let rim: number | null = null;
  const ofPieces = plan.pieces.flatMap((piece) => {
    const section = sections.find(({ id }) => id === piece.id);
    if (!section) return [`${piece.id} is not written`];
    const made = makePiece(section.heading, section.lines, terms, rim);
    if (piece.kind === 'oval') rim = made.counts.get(piece.counts.length) ?? null;
    return [...made.complaints, ...differences(piece, made, plan)].map((one) => `${piece.id}: ${one}`);
  });
  return [...ofPieces, ...strapComplaints(sections, design, plan)];
}

/** A line of a pattern that tells one row or several. */
const ROWS = /^(Row|Round)s? (\d+)(?: to (\d+))?(?: \([RW]S\))?:/;

/**
 * Makes every piece from its rows told one by one, as they are at the counter, and holds it against the plan. Scallops are left as the pattern has them.
 *
 * @returns what could not be worked, or came out otherwise than planned; nothing where all is well
 */
export function eachRowComplaints(design: Design, plan: Plan): string[] {
  const { sections } = writePattern(design, plan);
  let rim: number | null = null;
  return plan.pieces.flatMap((piece) => {
    const section = sections.find(({ id }) => id === piece.id);
    if (!section) return [`${piece.id} is not written`];
    const words = wordsOfEachRow(design, plan, piece);
    let inScallops = false;
    const lines = section.lines.flatMap((line) => {
      inScallops ||= line.startsWith('Scallop ');
      const [, name, from, to = from] = ROWS.exec(line) ?? [];
      if (inScallops || from === undefined) return [line];
      return words.slice(Number(from) - 1, Number(to)).map((one, index) => `${name} ${Number(from) + index}: ${one}`);
    });
    const made = makePiece(section.heading, lines, design.settings.terms, rim);
    if (piece.kind === 'oval') rim = made.counts.get(piece.counts.length) ?? null;
    const planned = piece.kind === 'rows' ? piece.rows.length : piece.counts.length;
    const missing = words.length === planned ? [] : [`${words.length} rows are told of ${planned}`];
    return [...missing, ...made.complaints, ...differences(piece, made, plan)].map((one) => `${piece.id}: ${one}`);
  });
}

/**
 * Whatever else is counted row by row is told in as many words as it has rows, each with the count that the plan has; a strap's rows are worked from them.
 *
 * @returns what is told otherwise than planned; nothing where all is well
 */
export function besideComplaints(design: Design, plan: Plan): string[] {
  const { terms } = design.settings;
  return partsToWork(plan).flatMap((part) => {
    const { of } = part;
    if (of.kind !== 'beside' || part.copy > 1) return [];
    const words = wordsOfPart(design, plan, part);
    const said = words.map((line) => Number(/\((\d+)[^()]*\)\.?$/.exec(line)?.[1] ?? NaN));
    const odd = of.counts.flatMap((count, index) =>
      // Over a border's plain rounds repeats are told, and in rows of chains and stitches each by its kind.
      said[index] === count || (Number.isNaN(said[index]) && (words[index] ?? '') !== '')
        ? []
        : [`row ${index + 1} is planned with ${count} and told with ${said[index]}`],
    );
    const missing = words.length === of.counts.length ? [] : [`${words.length} rows are told of ${of.counts.length}`];
    return [...missing, ...odd, ...strapRowComplaints(of, words, plan, terms)].map((one) => `${of.id}: ${one}`);
  });
}

/** The rows of a strap that begins with a chain, made from what is told of each. */
function strapRowComplaints(
  of: RowsBeside,
  words: readonly string[],
  { straps }: Plan,
  terms: Design['settings']['terms'],
): string[] {
  const strap = straps.find(({ at }) => at.group === of.at.group && at.index === of.at.index);
  if (of.name !== 'strap' || !strap || !isWorkedStage(strap) || strap.nature.written !== 'row-by-row') return [];
  if (strap.choice.ends.kind === 'grown') return [];
  const open = strap.nature.layers === 2 ? words.slice(0, -1) : words;
  const chain = strap.figures.startingChain?.value ?? 0;
  const lines = [...(chain > 0 ? [`Ch ${chain}.`] : []), ...open.map((line, index) => `Row ${index + 1}: ${line}`)];
  const made = makePiece('Strap', lines, terms, null);
  return [
    ...made.complaints,
    ...open.flatMap((_, index) =>
      made.counts.get(index + 1) === of.counts[index]
        ? []
        : [`row ${index + 1} comes to ${made.counts.get(index + 1)}`],
    ),
  ];
}

/** The strap is as many rows of as many stitches, whatever it is worked in; one in double thickness or in a spiral is not told row by row. */
function strapComplaints(sections: Pattern['sections'], design: Design, { straps: [strap] }: Plan): string[] {
  if (!strap || !isWorkedStage(strap)) return [];
  const section = sections.find(({ id }) => id === 'strap');
  if (!section) return ['the strap is not written'];
  const { stitchCount, rowCount, nature } = strap;
  if (nature.written !== 'row-by-row' || nature.borderRows > 0) return [];
  const isClosed = nature.layers === 2;
  const closing = isClosed ? section.lines.filter((line) => line.startsWith(`Row ${rowCount}: fold`)) : [];
  const made = makePiece(
    section.heading,
    section.lines.filter((line) => !closing.includes(line)),
    design.settings.terms,
    null,
  );
  // The row that closes a tube is joined to the one before it and to the beginning.
  const told = isClosed ? rowCount - closing.length : rowCount;
  const odd = Array.from({ length: told }, (_, index) => index + 1).filter(
    (row) => made.counts.get(row) !== stitchCount,
  );
  const beyond = made.counts.size > told ? ['more rows than planned'] : [];
  if (isClosed && !closing[0]?.endsWith(`(${stitchCount} sl st)`)) beyond.push('it is not closed');
  return [...made.complaints, ...odd.map((row) => `row ${row} is no strap row`), ...beyond].map(
    (one) => `strap: ${one}`,
  );
}

function differences(piece: Piece, made: MadePiece, { flap }: Plan): string[] {
  const scalloped = made.scallops.length > 0 ? (flap.scallops?.rows.length ?? 0) : 0;
  const planned =
    piece.kind === 'rows'
      ? piece.rows.map(({ stitches }, index) => (index < piece.roundCount ? 2 * stitches : stitches))
      : piece.counts;
  const told = planned.map((stitches, index) => {
    const row = index + 1;
    const worked =
      index < planned.length - scalloped
        ? made.counts.get(row)
        : made.scallops.reduce((sum, one) => sum + (one.get(row) ?? NaN), 0);
    return worked === stitches ? [] : [`row ${row} is planned with ${stitches} and comes to ${worked ?? 'nothing'}`];
  });
  const beyond = Math.max(0, ...made.counts.keys()) > planned.length ? ['more rows than planned'] : [];
  if (flap.scallops && scalloped > 0 && made.scallops.length !== flap.scallops.count)
    beyond.push('not as many scallops');
  return [...told.flat(), ...beyond];
}
