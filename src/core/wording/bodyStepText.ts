import { SEAMS, isSeamTurned } from '@/core/body';
import { patternOf, type Design, type SeamKind } from '@/core/design';
import { foundationOf } from '@/core/stitches';
import type { StepId } from '@/core/making';
import {
  flatSize,
  isInRounds,
  isInRows,
  type Join,
  type JoinId,
  joinLengthMm,
  joinedCount,
  type PieceId,
  type RowsPiece,
  type ZoneId,
} from '@/core/pieces';
import type { Plan } from '@/core/plan';
import { shapedFlapNote } from './flapText';
import { asWorkedLines, usedAfter } from './asWorkedText';
import { joinLines } from './joinText';
import { inPlainStitch, stitchCountWord } from './rowText';
import { ordinal } from './counting';
import { stepWords as words, type LengthWriter, type StepWords } from './stepWords';
import { term } from './terms';
import type { StepWriter } from './stepWriter';

const SEAM_VERBS: Record<SeamKind, string> = {
  // The stitch is named in the maker's own terms where it is said.
  whip: 'whip',
  'through-the-edge': 'sew straight through the edge,',
  mattress: 'mattress-stitch',
  'slip-stitch': 'slip-stitch',
  'sc-join': 'join with a row of {sc},',
  'outer-loops': 'whip through the outer loops only,',
};

const SEAM_WORDS = { turned: 'Right sides together:', showing: 'Wrong sides together, the seam showing:' } as const;

function seamVerb({ body: { seam }, settings }: Design): string {
  const way = SEAMS[seam.kind].fromOutside
    ? 'Right sides out, the edges side by side:'
    : SEAM_WORDS[isSeamTurned(seam) ? 'turned' : 'showing'];
  return `${way} ${SEAM_VERBS[seam.kind].replace('{sc}', term('sc', settings.terms))}`;
}

/** Where the sides have a border, its stitches are joined, one to one. */
function throughBorder({ edgings }: Plan): string {
  const seamed = edgings.find(({ choice }) => choice.edge === 'strip');
  if (!seamed) return '';
  const count = seamed.seamStitches === null ? '' : `, ${seamed.seamStitches.value} of them`;
  return `, stitch to stitch of the border${count}, and on to the corner of the front’s`;
}

const turnOut = ({ body: { seam } }: Design): string => (isSeamTurned(seam) ? ' Turn right side out.' : '');

/** How each corner is folded for a seam across it, and what becomes of it: a seam from outside is boxed inside out all the same. */
function boxWords({ body: { seam } }: Design): { fold: string; after: string } {
  const isInside = isSeamTurned(seam) || SEAMS[seam.kind].fromOutside;
  const fold = isSeamTurned(seam) ? 'Still inside out, fold' : isInside ? 'Turn it inside out and fold' : 'Fold';
  return { fold, after: isInside ? ', and leave the point inside. Turn right side out' : '' };
}

/** A piece of rows, and the rows of one of its zones. */
const rowsPiece = (plan: Plan, id: PieceId): RowsPiece | undefined =>
  plan.pieces.find((piece): piece is RowsPiece => piece.kind === 'rows' && piece.id === id);

function zoneRows(plan: Plan, zone: ZoneId): { from: number; to: number } | null {
  for (const piece of plan.pieces) {
    const found = piece.kind === 'rows' ? piece.zones.find(({ id }) => id === zone) : undefined;
    if (found) return { from: found.fromRow, to: found.toRow };
  }
  return null;
}

/** "Rows 3 to 31, 14.2 cm." */
function rowsAndLength(plan: Plan, zone: ZoneId, length: LengthWriter): string {
  const rows = zoneRows(plan, zone);
  if (!rows) return '';
  const count = rows.to - rows.from + 1;
  return `${count === 1 ? `Row ${rows.from}` : `Rows ${rows.from} to ${rows.to}`}, ${length(count * plan.pouch.rowMm)}`;
}

/** Which row comes to lie on which when the front is folded up: row by row from the base fold. */
function meetCheck({ pouch: { frontRows, backRows } }: Plan): string {
  if (backRows === frontRows) return 'Fold it up: the last row meets row 1.';
  return backRows > frontRows
    ? `Fold it up: row ${2 * frontRows} meets row 1.`
    : `Fold it up: the last row meets row ${frontRows - backRows + 1}.`;
}

const isTurned = (plan: Plan): boolean => plan.workedFrom === 'flap-edge' && plan.pouch.figures.baseFold !== null;

/** The row after which a line of the strip lies. */
const lineRow = (plan: Plan, mark: string): number =>
  plan.pieces.flatMap((piece) => (piece.kind === 'rows' ? piece.lines : [])).find((line) => line.mark === mark)
    ?.afterRow ?? 0;

const joinWriter =
  (id: JoinId, title: string, check: string): StepWriter =>
  (design, plan, length) => {
    const join = joinOf(plan, id);
    return words(
      title,
      `${seamVerb(design)} ${length(joinLengthMm(join))}${join.times > 1 ? ', twice' : ''}. Clip both edges together at the anchors first. ${joinLines(design, join).join(' ')} Sew the ends twice.${id === 'gusset-front' ? '' : turnOut(design)}`,
      check,
    );
  };

/** A join that the bag has. @throws RangeError when it has not */
function joinOf({ joins }: Plan, id: JoinId): Join {
  const join = joins.find((one) => one.id === id);
  if (!join) throw new RangeError(`the bag has no join ${id}`);
  return join;
}

const isMadeAsWorked = (plan: Plan, id: JoinId): boolean => joinOf(plan, id).made === 'as-worked';

const FROM_BOTH_EDGES =
  'Lay both edges beside each other, right sides out, a marker where the joined part begins and ends on either. Join both ends of the starting chain with a sl st to where it begins.';

/** A gusset or a band that is worked between two edges and joined to them row by row. */
function asWorkedWords(
  design: Design,
  plan: Plan,
  length: LengthWriter,
  { id, title, start }: { id: JoinId; title: string; start: string },
): StepWords {
  const join = joinOf(plan, id);
  const piece = plan.pieces.find((one) => one.id === join.edges[1].piece);
  const stitches = piece?.kind === 'rows' ? piece.startStitches : 0;
  const rows = joinedCount(join, 'second');
  const halfway = 2 * Math.round(rows / 4);
  return words(
    title,
    `${start} ${stitchCountWord(inPlainStitch(design), stitches)}, ${rows} rows, ${length(joinLengthMm(join))}. At the end of every row sl st into the next places of the edge beside it, as many as said here; then turn as always. ${asWorkedLines(design, join).join(' ')} After row ${rows} both edges are used up: ${joinedCount(join, 'first')} of each. One too many at the end: take two at once at the last turn. One too few: join twice into the last.`,
    `Halfway, after row ${halfway}, ${usedAfter(join, halfway)} are used of both edges: a marker there. It lies flat between them, not twisted.`,
  );
}

/** Every piece of a plan with its name, and how large it lies. */
function pieceSizes(plan: Plan, length: LengthWriter): string {
  return plan.pieces
    .map((piece) => {
      const { widthMm, lengthMm } = flatSize(piece);
      const name = SIZE_NAMES[piece.id];
      return piece.kind === 'disc'
        ? `${name}: ${length(widthMm)} across`
        : `${name}: ${length(widthMm)} by ${length(lengthMm)}`;
    })
    .join('; ')
    .concat('.');
}

const SIZE_NAMES: Record<PieceId, string> = {
  panel: 'Panel',
  front: 'Front',
  back: 'Back',
  gusset: 'Gusset',
  disc: 'Each disc',
  band: 'Band',
  base: 'Base',
  sides: 'Sides, flat',
  'half-disc': 'Half disc',
};

/** The steps in which pieces are worked and joined, in words. */
export const BODY_STEP_WORDS: Pick<
  Record<StepId, StepWriter>,
  | 'start'
  | 'work-front'
  | 'mark-base'
  | 'work-back'
  | 'mark-top'
  | 'work-flap'
  | 'work-front-piece'
  | 'work-back-piece'
  | 'work-gusset'
  | 'work-discs'
  | 'work-band'
  | 'work-base'
  | 'work-sides'
  | 'narrow-mouth'
  | 'work-half-disc'
  | 'check-pieces'
  | 'fold'
  | 'seam-sides'
  | 'box-corners'
  | 'join-gusset-front'
  | 'join-gusset-back'
  | 'join-side-bands'
  | 'join-band'
  | 'sew-bottom'
  | 'sew-flap'
> = {
  start: (design, plan) => {
    const { pouch, pieces } = plan;
    const [first] = pieces;
    if (first?.kind === 'oval')
      return words(
        'Chain for the base',
        `Chain ${pouch.figures.startingChain?.value ?? 0}; the base is worked around it.`,
        'The chain is no tighter than the rounds will be: if it is, chain with one hook size more.',
      );
    const ring = design.body.kind === 'around-chain' && design.body.start === 'ring';
    const started = first?.kind === 'rows' ? first.startStitches : pouch.stitchCount;
    if (first && isInRounds(first))
      return words(
        ring ? 'Chain a ring' : 'Make the chain to work around',
        ring
          ? `Chain ${2 * started}, not twisted, and join into a ring with a sl st.`
          : `Chain ${pouch.figures.startingChain?.value ?? 0} for ${2 * started} stitches all round.`,
        'The chain is no tighter than the rounds will be: if it is, chain with one hook size more.',
      );
    return foundationOf(patternOf(design), design.settings.foundation) === 'chain'
      ? words(
          'Make the starting chain',
          `Chain ${pouch.figures.startingChain?.value ?? 0} for ${stitchCountWord(design, started)}.`,
          'The chain is no tighter than the rows will be: if it is, chain with one hook size more.',
        )
      : words('Work the foundation row', `Foundation row of ${stitchCountWord(design, started)}: this is row 1.`);
  },
  'work-front': (_, plan, length) =>
    words(
      'Work the front',
      isTurned(plan)
        ? `${rowsAndLength(plan, 'front', length)} more. Fasten off. The last row is the front’s top edge.`
        : `${rowsAndLength(plan, 'front', length)}. Row 1 is the front’s top edge.`,
      `${plan.pouch.stitchCount} stitches in every row.`,
    ),
  'mark-base': (_, plan, length) => {
    const row = lineRow(plan, 'fold.base');
    return words(
      'Mark the base fold',
      `A marker at both ends of row ${row}: the fold comes after it, ${length(row * plan.pouch.rowMm)} from the start.`,
    );
  },
  'work-back': (_, plan, length) =>
    words(
      'Work the back',
      `${rowsAndLength(plan, 'back', length)} more.${plan.flap.onPiece ? '' : ' Fasten off.'}`,
      isTurned(plan) ? `${plan.pouch.stitchCount} stitches in every row.` : meetCheck(plan),
    ),
  'mark-top': (_, plan, length) => {
    const row = lineRow(plan, 'fold.top');
    return words(
      'Mark the top fold',
      `A marker at both ends of row ${row}: ${length(row * plan.pouch.rowMm)} from the start.`,
    );
  },
  'work-flap': (_, plan, length) => {
    const { flap } = plan;
    const turned = isTurned(plan);
    const bridge = zoneRows(plan, 'bridge');
    const flapRows = zoneRows(plan, 'flap');
    const hem = zoneRows(plan, 'hem');
    const all = [bridge, flapRows, hem].filter((rows) => rows !== null);
    const from = Math.min(...all.map((rows) => rows.from));
    const to = Math.max(...all.map((rows) => rows.to));
    const some = (count: number, one: string, many: string) => (count === 1 ? one : `${count} ${many}`);
    const over =
      flap.bridgeRows > 0
        ? `, of which the ${turned ? 'last' : 'first'} ${some(flap.bridgeRows, 'crosses the top', 'cross the top')}`
        : '; the bend over the top takes less than half a row';
    const hemmed = hem
      ? `, and the ${turned ? 'first' : 'last'} ${some(flap.hemRows, 'is the hem', 'are the hem')}`
      : '';
    return words(
      turned ? 'Work the flap and the bridge' : 'Work the bridge and the flap',
      `Rows ${from} to ${to}${over}${hemmed}. ${turned ? '' : 'Fasten off. '}${length(to * plan.pouch.rowMm)} from the start.${shapedFlapNote(plan, turned)}`,
    );
  },
  'work-front-piece': (_, plan, length) => facePiece(plan, 'front', 'Work the front', length),
  'work-back-piece': (_, plan, length) =>
    facePiece(
      plan,
      'back',
      plan.flap.onPiece ? 'Work the back and the flap' : 'Work the back',
      length,
      plan.flap.onPiece
        ? ` The back ends after row ${plan.pouch.backRows}: a marker at both ends.${plan.flap.bridgeRows > 0 ? `${plan.flap.bridgeRows === 1 ? ' The next row crosses the top.' : ` The next ${plan.flap.bridgeRows} rows cross the top.`}` : ''}${shapedFlapNote(plan)}`
        : '',
    ),
  'work-gusset': (design, plan, length) => stripPiece(design, plan, 'gusset', 'Work the gusset', length),
  'work-discs': (_, plan, length) =>
    words(
      'Work both discs',
      `${plan.pouch.frontRows} rounds each, to ${plan.pouch.stitchCount} stitches round the rim; ${length(plan.pouch.figures.panelWidth.value)} across.`,
      'They lie flat: neither cupped nor ruffled; both alike.',
    ),
  'work-band': (design, plan, length) =>
    stripPiece(design, plan, 'band', isTwice(plan, 'band') ? 'Work both bands' : 'Work the band', length),
  'work-base': (_, plan, length) => {
    const base = plan.pieces.find(({ id }) => id === 'base');
    const { widthMm, lengthMm } = base ? flatSize(base) : { widthMm: 0, lengthMm: 0 };
    return words(
      'Work the base',
      `${base?.kind === 'oval' ? base.counts.length : 0} rounds about the chain, ${length(widthMm)} by ${length(lengthMm)}.`,
      'It lies flat: neither cupped nor ruffled.',
    );
  },
  'work-sides': (_, plan, length) =>
    words(
      'Work the sides',
      `${plan.pouch.topStitches < plan.pouch.stitchCount ? plan.pouch.frontRows - 1 : plan.pouch.frontRows} rounds of ${2 * plan.pouch.stitchCount} stitches, ${length(plan.pouch.frontRows * plan.pouch.rowMm)}.${plan.flap.onPiece || plan.pouch.topStitches < plan.pouch.stitchCount ? '' : ' Fasten off.'}`,
      'A marker in the first stitch of every round; the count the same in each.',
    ),
  'narrow-mouth': (design, { pouch }) =>
    words(
      'Narrow the mouth',
      `In the last round, over each face, work every ${'narrowing' in design.body ? ordinal(design.body.narrowing ?? 0) : ''} pair together: ${2 * pouch.topStitches} stitches are left.`,
    ),
  'work-half-disc': (_, plan, length) =>
    words(
      'Work the half disc',
      `${plan.flap.halfDisc?.counts.length ?? 0} rows, on its own; its straight side comes to ${length(2 * (plan.flap.halfDisc?.counts.length ?? 0) * plan.pouch.rowMm)}.`,
      'It lies flat.',
    ),
  'check-pieces': (_, plan, length) =>
    words(
      plan.pieces.length === 1 ? 'Check the panel' : 'Check the pieces',
      plan.pieces.length === 1 && plan.pouch.figures.baseFold
        ? `${plan.pouch.stitchCount} stitches, ${plan.flap.totalRows + plan.flap.hemRows} rows; ${pieceSizes(plan, length).replace('Panel: ', '')}`
        : pieceSizes(plan, length),
      plan.pieces.some(isInRows)
        ? 'Both side edges equally long; the starting edge not puckered.'
        : 'The edge it begins at not puckered; nothing cupped or ruffled.',
    ),
  fold: (_, plan) => {
    const base = lineRow(plan, 'fold.base');
    const top = lineRow(plan, 'fold.top');
    const start = lineRow(plan, 'fold.flap');
    if (!plan.flap.onPiece) return words('Fold at the markers', `After row ${base}.`);
    return words(
      'Fold at the markers',
      isTurned(plan)
        ? `After row ${top} and after row ${base}${plan.flap.bridgeRows > 0 ? `; the flap ends after row ${start}` : ''}.`
        : `After row ${base} and after row ${top}${plan.flap.bridgeRows > 0 ? `; the flap begins after row ${start}` : ''}.`,
    );
  },
  'seam-sides': (design, plan, length) => {
    const { pouch } = plan;
    const boxed = plan.joins.some(({ id }) => id === 'corners');
    const seamRows = pouch.figures.seamRows?.value ?? 0;
    const base = lineRow(plan, 'fold.base');
    return words(
      'Seam the sides',
      `${seamVerb(design)} row ${base} to row ${base + 1}, and on up to row ${base - seamRows + 1} with row ${base + seamRows}: ${length(pouch.figures.seamLength?.value ?? 0)} on each side${throughBorder(plan)}. Stop there; sew the last rows twice.${boxed ? '' : turnOut(design)}`,
      `Both seams equally long${design.lining?.kind === 'flat' ? ', the lining not caught' : ''}${isSeamTurned(design.body.seam) && !boxed ? '; corners pushed out' : ''}.`,
    );
  },
  'box-corners': (design, plan, length) => {
    const half = plan.pouch.depthMm / 2;
    const { fold, after } = boxWords(design);
    return words(
      'Box the corners',
      `${fold} each lower corner to a point, the side seam lying on the base fold. Seam straight across it, ${length(half)} from the point (${(half / plan.pouch.rowMm).toFixed(1)} rows from the base fold, ${(half / plan.pouch.stitchMm).toFixed(1)} stitches from the side): ${length(plan.pouch.depthMm)} each. Sew it twice${after}.`,
      'Both corner seams equally long; the bag stands.',
    );
  },
  'join-gusset-front': (design, plan, length, fittingWords) =>
    isMadeAsWorked(plan, 'gusset-front')
      ? asWorkedWords(design, plan, length, {
          id: 'gusset-front',
          title: 'Work the gusset, joining it as you go',
          start: FROM_BOTH_EDGES,
        })
      : joinWriter('gusset-front', 'Join the gusset to the front', 'No pucker at the corners; both ends at the mouth.')(
          design,
          plan,
          length,
          fittingWords,
        ),
  'join-gusset-back': joinWriter(
    'gusset-back',
    'Join the gusset to the back',
    'Front and back stand straight above each other; the gusset is not twisted.',
  ),
  'join-side-bands': (design, plan, length, fittingWords) =>
    plan.joins.some(({ id }) => id === 'band-front')
      ? asWorkedWords(design, plan, length, {
          id: 'band-front',
          title: 'Work the bands, joining them as you go',
          start: `Sew the chain’s edge of each band across the base, its middle on the base fold: ${joinLines(design, joinOf(plan, 'band-ends')).join(' ')} Then work the band upwards, between front and back.`,
        })
      : joinWriter(
          'side-bands',
          'Join the bands to the panel',
          'The middle of each band’s end lies on the base fold; both upper ends are level with the mouth.',
        )(design, plan, length, fittingWords),
  'join-band': (design, plan, length, fittingWords) =>
    isMadeAsWorked(plan, 'band-rim')
      ? asWorkedWords(design, plan, length, {
          id: 'band-rim',
          title: 'Work the band, joining it as you go',
          start: FROM_BOTH_EDGES,
        })
      : joinWriter(
          'band-rim',
          'Join the band to both discs',
          'The opening lies at the same place on both discs; the band is not twisted.',
        )(design, plan, length, fittingWords),
  'sew-bottom': joinWriter(
    'bottom',
    'Sew the bottom flat',
    'The seam lies in the middle of the base; both faces are equally wide.',
  ),
  'sew-flap': joinWriter('flap', 'Sew the half disc to the back', 'Its middle lies on the middle of the back.'),
};

function facePiece(plan: Plan, id: 'front' | 'back', title: string, length: LengthWriter, more = '') {
  const piece = rowsPiece(plan, id);
  const rows = piece?.rows.length ?? 0;
  const [begun, full] = [piece?.startStitches ?? 0, plan.pouch.stitchCount];
  const across = begun === full ? `${full} stitches` : `${begun} stitches to begin with, ${full} above the corners`;
  return words(
    title,
    `From the base up: ${across}; ${rows} rows, ${length(rows * plan.pouch.rowMm)}.${more}`,
    id === 'back'
      ? 'Laid on the front, both match up to the mouth.'
      : begun === full
        ? `${full} stitches in every row.`
        : 'Both corners alike.',
  );
}

const isTwice = ({ pieces }: Plan, id: PieceId): boolean =>
  pieces.some((piece) => piece.id === id && piece.copies === 2);

function stripPiece(design: Design, plan: Plan, id: 'gusset' | 'band', title: string, length: LengthWriter) {
  const piece = rowsPiece(plan, id);
  if (!piece) return words(title, '');
  const { widthMm, lengthMm } = flatSize(piece);
  const longest = Math.max(widthMm, lengthMm);
  return words(
    title,
    `${stitchCountWord(inPlainStitch(design), piece.startStitches)}, ${piece.rows.length} rows; ${length(longest)} long, ${length(Math.min(widthMm, lengthMm))} wide${piece.copies === 2 ? ', two alike' : ''}. Mark one face, so that it is not twisted when it is joined.`,
    `Laid along the edge it is joined to, it reaches: before it is fastened off.`,
  );
}
