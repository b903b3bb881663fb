import type { AroundChain, OvalBase } from '@/core/design';
import { GEOMETRY, MEASURED, input, inputFrom, makeFigure, restsOn, offFigure, type Figure } from '@/core/figures';
import type { RowsPiece } from '@/core/pieces';
import type { Problem } from '@/core/problems';
import { shapedRows, type ShapedRow } from '@/core/shaping';
import type { FlapStage, PouchFigures, PouchStage } from '@/core/stages';
import { patternRowCount, type StitchPattern } from '@/core/stitches';
import { areJoined } from './areJoined';
import { tailZones } from './gusset';
import type { BodyInput } from './construction';
import { tailLines } from './strip';

/** Bodies whose sides are worked in rounds. */
type InRounds = AroundChain | OvalBase;

/**
 * Stitches of one face after a last round that narrows the mouth: in each face, of every so many pairs one is worked together.
 * Source: geometry.
 *
 * @example
 * narrowedFace(40, 4) // => 35
 */
export const narrowedFace = (stitches: number, everyPair: number): number =>
  stitches - Math.floor(Math.floor(stitches / 2) / everyPair);

/** The sides as they lie flat, front on back, with what is worked on from the back. */
export function sidesPiece({ cloth, body }: BodyInput<InRounds>, pouch: PouchStage, flap: FlapStage): RowsPiece {
  const { stitchCount, frontRows, topStitches } = pouch;
  const level = Array<number>(frontRows).fill(stitchCount);
  const rounds = shapedRows(stitchCount, level);
  // The round that narrows decreases all round, not at its sides.
  if (body.narrowing !== null)
    rounds[frontRows - 1] = { stitches: topStitches, changeEachSide: 0, by: 'nothing' } satisfies ShapedRow;
  return {
    kind: 'rows',
    id: 'sides',
    copies: 1,
    plain: false,
    stitchMm: cloth.stitchMm,
    rowMm: cloth.rowMm,
    startStitches: stitchCount,
    rows: [...rounds, ...flap.tail],
    roundCount: frontRows,
    zones: [{ id: 'sides', fromRow: 1, toRow: frontRows }, ...(flap.onPiece ? tailZones(flap, frontRows) : [])],
    lines: [
      { mark: 'base.sides', kind: 'edge', afterRow: 0 },
      ...(flap.onPiece
        ? tailLines(flap, frontRows, (mark, kind, afterRow) => ({ mark, kind, afterRow }))
        : [{ mark: 'edge.sides', kind: 'edge' as const, afterRow: frontRows }]),
    ],
  };
}

/** What a body in rounds has besides: what others go by, and all of it in the order it is read. */
interface RoundFigures {
  special: Pick<PouchFigures, 'mouthBefore' | 'mouthNarrowed' | 'firstSide' | 'secondSide'>;
  own: Figure[];
}

/** What is counted in rounds besides the faces: all round, the mouth before and after narrowing, and where the sides really are. */
export function roundFigures({ body, gauge, cloth }: BodyInput<InRounds>, pouch: PouchStage): RoundFigures {
  const all = 2 * pouch.stitchCount;
  const round = makeFigure('round.stitches', 'Stitches in a round', all, 'stitch', {
    rule: 'Both faces together.',
    inputs: [inputFrom(pouch.figures.stitches)],
    source: GEOMETRY,
  });
  const mouth = (id: string, label: string, stitches: number, rule: string, inputs: Figure[]) =>
    makeFigure(
      id,
      label,
      stitches * cloth.stitchMm,
      'mm',
      { rule, inputs: [...inputs.map(inputFrom), inputFrom(gauge.stitchWidth)], source: GEOMETRY },
      stitches * (gauge.stitchWidth.plusMinus ?? 0),
    );
  const before = mouth(
    'mouth.before',
    body.narrowing === null ? 'Mouth, all round outside' : 'Mouth before it is narrowed',
    all,
    'Stitches of a round, times the width of one stitch.',
    [round],
  );
  const narrowed = narrowingFigures(body, pouch, before, mouth);
  const walked = walkFigures(body, pouch);
  return {
    special: {
      mouthBefore: before,
      mouthNarrowed: narrowed?.after ?? null,
      firstSide: walked?.firstSide ?? null,
      secondSide: walked?.secondSide ?? null,
    },
    own: [round, before, ...Object.values(narrowed ?? {}), ...Object.values(walked ?? {})],
  };
}

function narrowingFigures(
  { narrowing }: InRounds,
  { stitchCount, topStitches }: PouchStage,
  before: Figure,
  mouth: (id: string, label: string, stitches: number, rule: string, inputs: Figure[]) => Figure,
): { stitches: Figure; after: Figure; by: Figure } | null {
  if (narrowing === null) return null;
  const stitches = makeFigure('mouth.stitches', 'Stitches after narrowing', 2 * topStitches, 'stitch', {
    rule: 'In each face, of every so many pairs of stitches one is worked together, in the last round.',
    inputs: [
      input('Stitches of a face', stitchCount, 'stitch'),
      input('Of so many pairs one is joined', narrowing, 'count'),
    ],
    source: GEOMETRY,
    ...restsOn(before),
  });
  const after = mouth(
    'mouth.after',
    'Mouth, narrowed',
    2 * topStitches,
    'Stitches after narrowing, times the width of one stitch.',
    [stitches],
  );
  return { stitches, after, by: offFigure('mouth.narrowedBy', after, before) };
}

function walkFigures(
  { roundWalk }: InRounds,
  { stitchCount, frontRows }: PouchStage,
): { walk: Figure; firstSide: Figure; secondSide: Figure } | null {
  if (roundWalk === null) return null;
  const all = 2 * stitchCount;
  const perRound = roundWalk.stitches / roundWalk.rounds;
  const walked = frontRows * perRound;
  const walk = makeFigure('walk.total', 'The start of the last round has walked', walked, 'stitch', {
    rule: 'What you measured, for each round, times the rounds of the sides.',
    inputs: [
      input('You measured over', roundWalk.rounds, 'round'),
      input('It had walked', roundWalk.stitches, 'stitch'),
      input('Rounds of the sides', frontRows, 'round'),
    ],
    source: MEASURED,
  });
  const side = (id: string, label: string, beyond: number) =>
    makeFigure(id, label, (((Math.round(walked) + beyond) % all) + all) % all, 'stitch', {
      rule: 'The start walks towards the working hand; so many stitches on from it, the way you work, is the side of the bag.',
      inputs: [inputFrom(walk), input('Stitches in a round', all, 'stitch')],
      source: GEOMETRY,
    });
  return {
    walk,
    firstSide: side('side.first', 'One side: so many stitches after the start', 0),
    secondSide: side('side.second', 'Other side: so many after the start', stitchCount),
  };
}

/** A wish for a spiral in stitches that are joined instead: those of a pattern are told apart from this. */
export const tallInSpiral = (rounds: 'joined' | 'spiral', pattern: StitchPattern): Problem[] =>
  rounds === 'spiral' && patternRowCount(pattern) === 1 && areJoined({ rounds }, pattern)
    ? [
        {
          code: 'tall-in-spiral',
          severity: 'mind',
          place: 'body',
          path: ['body', 'rounds'],
          values: {},
          repairs: [{ code: 'rounds-joined', values: {}, edits: [{ path: ['body', 'rounds'], value: 'joined' }] }],
        },
      ]
    : [];

/** What working in rounds asks of the maker: a measured walk, a level end, and a pattern that can be worked so. */
export function roundProblems({ body, pattern }: BodyInput<InRounds>): Problem[] {
  const at = { severity: 'mind' as const, place: 'body' as const, values: {}, repairs: [] };
  const problems: Problem[] = [];
  if (body.roundWalk === null) problems.push({ code: 'walk-not-measured', path: ['body', 'roundWalk'], ...at });
  const isSpiral = !areJoined(body, pattern);
  if (isSpiral) problems.push({ code: 'spiral-step', path: ['body', 'rounds'], ...at });
  else problems.push(...tallInSpiral(body.rounds, pattern));
  if (patternRowCount(pattern) > 1)
    problems.push(
      body.rounds === 'spiral'
        ? {
            code: 'pattern-in-spiral',
            path: ['body', 'rounds'],
            ...at,
            severity: 'decide',
            repairs: [{ code: 'rounds-joined', values: {}, edits: [{ path: ['body', 'rounds'], value: 'joined' }] }],
          }
        : { code: 'pattern-in-rounds', path: ['body', 'rounds'], ...at },
    );
  return problems;
}
