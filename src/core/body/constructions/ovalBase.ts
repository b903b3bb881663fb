import type { OvalBase } from '@/core/design';
import { GEOMETRY, input, inputFrom, makeFigure, restsOn } from '@/core/figures';
import type { Problem } from '@/core/problems';
import type { PouchStage } from '@/core/stages';
import { allowedInRounds } from './allowed';
import { bordered } from './bordered';
import type { BodyInput, ClothMm, Construction, Sizing } from './construction';
import { growthOf } from './increases';
import { MOST_COUNT } from '../limits';
import { shallowerRepairs } from '../shallowerRepairs';
import { depthFigures, planFaces, tooMany, withOwn } from './planFaces';
import { narrowedFace, roundFigures, roundProblems, sidesPiece } from './rounds';

/** Rounds of the base for a depth outside: so many on either side of the chain. */
const baseRounds = ({ depthMm }: OvalBase, { fabricMm, rowMm }: ClothMm): number =>
  Math.max(1, Math.round((depthMm - fabricMm) / (2 * rowMm)));

/** Half of what an oval of so many rounds has more than its two straight sides, in stitches: its ends, shared by two faces. */
function endsOf(body: OvalBase, cloth: ClothMm): number {
  const [flat, rounds] = [(2 * Math.PI * cloth.rowMm) / cloth.stitchMm, baseRounds(body, cloth)];
  return body.increases === 'as-needed' ? Math.round((flat * rounds) / 2) : Math.max(1, Math.round(flat / 2)) * rounds;
}

/** Chains of the base: those of one straight side, and one more at each end. */
const chainOf = (face: number, ends: number): number => Math.max(1, face - ends + 2);

/** A base as deep as it is wide comes out round; a deeper one than that can't be worked. Both are mended by less depth, or more width. */
function withoutSides({ design, cloth }: BodyInput<OvalBase>, pouch: PouchStage, depthMm: number): Problem {
  const outsideMm = depthMm + cloth.fabricMm;
  return {
    code: 'oval-without-sides',
    severity: 'decide',
    place: 'body',
    path: ['body', 'depthMm'],
    asks: ['size.width', 'size.depth'],
    values: { widthMm: pouch.figures.width.value, depthMm: outsideMm },
    // Only its width falls short of its depth.
    repairs: shallowerRepairs(design, {
      widthMm: pouch.figures.width.value,
      heightMm: Infinity,
      depthMm: outsideMm,
    }),
  };
}

/** An oval worked about a chain, growing at both ends, then straight sides up from its rim. */
export const ovalBase: Construction<OvalBase> = {
  takesFlap: true,
  foldsFlat: false,
  sizing: (body, cloth, pattern): Sizing => {
    const { stitchMm, rowMm, fabricMm } = cloth;
    const rounds = baseRounds(body, cloth);
    const acrossEndsMm = 2 * rounds * rowMm;
    const ends = endsOf(body, cloth);
    const baseInputs = [input('Rounds of the base', rounds, 'round'), input('Thickness of the fabric', fabricMm, 'mm')];
    return bordered(cloth, {
      across: {
        stitchesFor: (widthMm) => (widthMm - fabricMm - acrossEndsMm) / stitchMm + ends,
        widthMm: (stitches) => (stitches - ends) * stitchMm + acrossEndsMm + fabricMm,
        seenStitches: (stitches) => Math.max(0, stitches - ends) + acrossEndsMm / stitchMm,
        firstRow: (stitches) => chainOf(stitches, ends),
        allowed: allowedInRounds(pattern),
        stitches: {
          rule: 'Wanted width, less one thickness of fabric and the round ends of the base, divided by the width of one stitch, plus the stitches of one end: half a round',
          inputs: [...baseInputs, input('Stitches round one end', ends, 'stitch')],
        },
        width: {
          rule: 'Along the chain, plus the rounds of the base at both ends, plus one thickness of fabric.',
          inputs: [...baseInputs, input('Stitches round one end', ends, 'stitch')],
        },
      },
      rowsFor: (heightMm) => (heightMm - fabricMm / 2) / rowMm,
      heightMm: (rows) => rows * rowMm + fabricMm / 2,
      bendMm: 0,
      rows: {
        rule: 'Height, less half the fabric of the base.',
        inputs: [input('Thickness of the fabric', fabricMm, 'mm')],
      },
      height: {
        rule: 'Rounds of the sides, times the height of one, plus half the fabric of the base.',
        inputs: [input('Thickness of the fabric', fabricMm, 'mm')],
      },
    });
  },
  widthAsCountedMm: (body, { stitchCount }, planned, { stitchMm, rowMm, fabricMm }) =>
    (stitchCount - endsOf(body, planned)) * stitchMm + 2 * baseRounds(body, planned) * rowMm + fabricMm,
  pouch: (inputs) => {
    const { body, cloth, pattern, gauge } = inputs;
    const sizing = ovalBase.sizing(body, cloth, pattern);
    const rounds = baseRounds(body, cloth);
    const ends = endsOf(body, cloth);
    const depthMm = 2 * rounds * cloth.rowMm;
    const planned = planFaces(inputs, {
      sizing,
      depthMm,
      sideMm: (rows) => rows * cloth.rowMm,
      baseMm: depthMm,
      backFollows: true,
      heightLoadedMm: sizing.heightMm,
      flatFrontMm: (rows) => rows * cloth.rowMm,
      rowsBeforeFlap: (front) => front,
      names: {
        stitches: 'Stitches across a face, half a round',
        frontRows: 'Rounds of the sides',
        backRows: 'Rounds of the back',
        backRule: 'The same rounds as the front’s.',
      },
    });
    if (!planned.ok) return planned;
    const { pouch } = planned;
    const many = tooMany({ rows: rounds }, MOST_COUNT, ['body', 'depthMm']);
    if (many) return many;
    const topStitches = body.narrowing === null ? pouch.stitchCount : narrowedFace(pouch.stitchCount, body.narrowing);
    // A flap as wide as the base is long, with as many stitches left at each side.
    const wide = Math.round(pouch.figures.width.value / cloth.stitchMm);
    const backStitches = Math.max(1, Math.min(topStitches, wide - ((topStitches - wide) % 2 === 0 ? 0 : 1)));
    const narrowed = { ...pouch, topStitches, backStitches };
    const growth = growthOf(gauge, cloth, body.increases, 2);
    const straight = pouch.stitchCount - ends;
    // Fewer stitches all round than the ends alone have: no such base can be worked.
    if (straight < 0) return { ok: false, problems: [{ ...withoutSides(inputs, pouch, depthMm), severity: 'stop' }] };
    const round = roundFigures(inputs, narrowed);
    return withOwn(narrowed, {
      figures: {
        ...pouch.figures,
        ...depthFigures(inputs, depthMm, 2 * rounds * (gauge.rowHeight.plusMinus ?? 0)),
        ...round.special,
      },
      own: [
        makeFigure('base.chain', 'Chain the base is worked around', chainOf(pouch.stitchCount, ends), 'chain', {
          rule: 'Stitches along one straight side, and one more at each end, into which the ends are worked.',
          inputs: [input('Stitches along one side', straight, 'stitch')],
          source: GEOMETRY,
          ...restsOn(inputs.gauge.stitchWidth),
        }),
        makeFigure('base.rounds', 'Rounds of the base', rounds, 'round', {
          rule: 'Depth less one thickness of fabric, divided by twice the height of a round, to the nearest round.',
          inputs: [
            input('Depth you want, outside', body.depthMm, 'mm'),
            inputFrom(gauge.fabricThickness),
            inputFrom(gauge.rowHeight),
          ],
          source: GEOMETRY,
        }),
        ...growth.figures,
        ...round.own,
      ],
      problems: [
        ...growth.problems,
        ...roundProblems(inputs),
        ...(straight < 1 ? [withoutSides(inputs, pouch, depthMm)] : []),
      ],
    });
  },
  pieces: (inputs, pouch, flap) => {
    const { body, cloth, gauge } = inputs;
    const rounds = baseRounds(body, cloth);
    const straight = Math.max(0, pouch.stitchCount - endsOf(body, cloth));
    const growth = growthOf(gauge, cloth, body.increases, 2);
    const counts = growth.counts(rounds, straight);
    const all = 2 * pouch.stitchCount;
    // What is counted at the rim is what the sides go on with.
    counts[rounds - 1] = all;
    return {
      pieces: [
        {
          kind: 'oval',
          id: 'base',
          copies: 1,
          plain: true,
          stitchMm: cloth.stitchMm,
          rowMm: cloth.rowMm,
          straightStitches: straight,
          counts,
          increase: growth.increase,
          school: body.increases,
        },
        sidesPiece(inputs, pouch, flap),
      ],
      joins: [
        {
          id: 'base-rim',
          times: 1,
          made: 'goes-on',
          edges: [
            { piece: 'base', edge: 'rim', from: null, to: null },
            { piece: 'sides', edge: 'start', from: null, to: null },
          ],
          stretches: [{ name: 'rim', first: all, second: all, lengthMm: all * cloth.stitchMm }],
        },
      ],
      tracks: {
        front: { piece: 'sides', beforeRow: pouch.frontRows + 1, step: -1 },
        back: { piece: 'sides', beforeRow: pouch.frontRows + 1, step: -1 },
        flap: flap.onPiece ? { piece: 'sides', beforeRow: pouch.frontRows, step: 1 } : null,
      },
      workedFrom: 'front-edge',
      figures: [],
      problems: [],
    };
  },
};
