import { loadThicknessMm } from '@/core/contents';
import type { AroundChain } from '@/core/design';
import { GEOMETRY, input, inputFrom, makeFigure } from '@/core/figures';
import { baseDepthMm, heightFromSideMm, sideForHeightMm, straightSideMm } from '@/core/section';
import { allowedInRounds } from './allowed';
import { bordered } from './bordered';
import type { ClothMm, Construction, Sizing } from './construction';
import { planFaces, withOwn } from './planFaces';
import { narrowedFace, roundFigures, roundProblems, sidesPiece } from './rounds';

/** What the seam at the bottom of a ring takes of its first rounds, mm. A chain is worked on both sides and takes nothing. */
const bottomTakesMm = ({ start, seam }: AroundChain, { stitchMm }: ClothMm): number =>
  start === 'ring' ? seam.takeUpStitches * stitchMm : 0;

/** Chains that are worked into: those of one side, or all of a ring. */
const chainsAround = ({ start, endStitches }: AroundChain, face: number): number =>
  Math.max(1, start === 'ring' ? 2 * face : face - endStitches);

/** Worked in rounds about a chain, or about a ring that is sewn flat below: both faces at once, without side seams. */
export const aroundChain: Construction<AroundChain> = {
  takesFlap: true,
  foldsFlat: false,
  sizing: (body, cloth, pattern): Sizing => {
    const { stitchMm, rowMm, fabricMm, liningMm } = cloth;
    const depthMm = baseDepthMm(cloth, 0);
    const takesMm = bottomTakesMm(body, cloth);
    const takes = takesMm > 0 ? [input('The bottom seam takes', takesMm, 'mm')] : [];
    return bordered(cloth, {
      across: {
        stitchesFor: (widthMm) => widthMm / stitchMm,
        widthMm: (stitches) => stitches * stitchMm,
        seenStitches: (stitches) => stitches,
        firstRow: (stitches) => chainsAround(body, stitches),
        allowed: allowedInRounds(pattern),
        stitches: { rule: 'Wanted width divided by the width of one stitch: half of a round', inputs: [] },
        width: { rule: 'Half the stitches of a round, times the width of one stitch.', inputs: [] },
      },
      rowsFor: (heightMm) => (sideForHeightMm(heightMm, depthMm, fabricMm) + takesMm) / rowMm,
      heightMm: (rows) => heightFromSideMm(rows * rowMm - takesMm, depthMm, fabricMm),
      bendMm: (Math.PI / 4) * depthMm + takesMm,
      rows: {
        rule: 'From the mouth to the bottom: the height, plus the quarter circle the fabric makes round the base, less what that bend stands below.',
        inputs: [
          input('Thickness of the fabric', fabricMm, 'mm'),
          input('Thickness of the lining', liningMm, 'mm'),
          ...takes,
        ],
      },
      height: {
        rule: 'Rounds times the height of one, less the quarter circle that goes round the base, plus what that bend stands below: outside, from the bottom to the mouth.',
        inputs: [input('Depth of the base, between the middles of the fabric', depthMm, 'mm'), ...takes],
      },
    });
  },
  pouch: (inputs) => {
    const { body, cloth, pattern, design } = inputs;
    const takesMm = bottomTakesMm(body, cloth);
    const sideMm = (rows: number) => rows * cloth.rowMm - takesMm;
    const loadedDepthMm = baseDepthMm(cloth, design.contents.thicknessMm);
    const planned = planFaces(inputs, {
      sizing: aroundChain.sizing(body, cloth, pattern),
      depthMm: 0,
      sideMm,
      baseMm: 0,
      backFollows: true,
      heightLoadedMm: (rows) => heightFromSideMm(sideMm(rows), loadedDepthMm, cloth.fabricMm) + cloth.borders.frontMm,
      flatFrontMm: (rows, state) =>
        straightSideMm(sideMm(rows), baseDepthMm(cloth, loadThicknessMm(design.contents, state))),
      mostLoadMm: (rows) => (4 / Math.PI) * sideMm(rows) - baseDepthMm(cloth, 0),
      rowsBeforeFlap: (front) => front,
      names: {
        stitches: 'Stitches across a face, half a round',
        frontRows: 'Rounds up to the mouth',
        backRows: 'Rounds of the back',
        backRule: 'The same rounds as the front’s.',
      },
    });
    if (!planned.ok) return planned;
    const { pouch } = planned;
    const topStitches = body.narrowing === null ? pouch.stitchCount : narrowedFace(pouch.stitchCount, body.narrowing);
    const narrowed = { ...pouch, topStitches, backStitches: topStitches };
    const chain =
      body.start === 'chain'
        ? [
            makeFigure('round.chain', 'Chain worked around', chainsAround(body, pouch.stitchCount), 'chain', {
              rule: 'Stitches of a face, less those added at one end. Each chain is worked into from both sides.',
              inputs: [inputFrom(pouch.figures.stitches), input('Added at each end', body.endStitches, 'stitch')],
              source: GEOMETRY,
            }),
          ]
        : [];
    const endTooMany = pouch.stitchCount - body.endStitches < 1;
    const round = roundFigures(inputs, narrowed);
    return withOwn(narrowed, {
      figures: { ...narrowed.figures, ...round.special },
      own: [...chain, ...round.own],
      problems: [
        ...roundProblems(inputs),
        ...(endTooMany && body.start === 'chain'
          ? [
              {
                code: 'ends-over-face' as const,
                severity: 'decide' as const,
                place: 'body' as const,
                path: ['body', 'endStitches'],
                values: { stitches: pouch.stitchCount },
                repairs: [
                  {
                    code: 'no-end-stitches' as const,
                    values: {},
                    edits: [{ path: ['body', 'endStitches'], value: 0 }],
                  },
                ],
              },
            ]
          : []),
      ],
    });
  },
  pieces: (inputs, pouch, flap) => {
    const { body } = inputs;
    const rounds = pouch.frontRows;
    const bottom = { piece: 'sides', edge: 'start', from: null, to: null } as const;
    return {
      pieces: [sidesPiece(inputs, pouch, flap)],
      joins:
        body.start === 'ring'
          ? [
              {
                id: 'bottom',
                times: 1,
                made: 'sewn',
                edges: [bottom, bottom],
                stretches: [
                  {
                    name: 'base',
                    first: pouch.stitchCount,
                    second: pouch.stitchCount,
                    lengthMm: pouch.stitchCount * pouch.stitchMm,
                  },
                ],
              },
            ]
          : [],
      tracks: {
        front: { piece: 'sides', beforeRow: rounds + 1, step: -1 },
        back: { piece: 'sides', beforeRow: rounds + 1, step: -1 },
        flap: flap.onPiece ? { piece: 'sides', beforeRow: rounds, step: 1 } : null,
      },
      workedFrom: 'front-edge',
      figures: [],
      problems: [],
    };
  },
};
