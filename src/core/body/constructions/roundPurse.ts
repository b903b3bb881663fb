import type { RoundPurse } from '@/core/design';
import { CHOSEN, GEOMETRY, input, inputFrom, makeFigure, offFigure, type Figure } from '@/core/figures';
import type { Problem } from '@/core/problems';
import { shapedRows } from '@/core/shaping';
import { NOTHING_SPECIAL } from '@/core/stages';
import { plainStitchOf } from '@/core/stitches';
import { MOST_COUNT, MOST_RIM, MOST_STRIP } from '../limits';
import type { BodyInput, ClothMm, Construction, PouchResult, Sizing } from './construction';
import { growthOf } from './increases';
import { stripRowHeight } from './narrowStrip';
import { depthFigures, stop, tooMany } from './planFaces';
import { tallInSpiral } from './rounds';
import { takesInput } from './strip';

const takeUpMm = ({ seam }: RoundPurse, { stitchMm }: ClothMm): number => seam.takeUpStitches * stitchMm;

/** Two discs, and a band round part of their rims; what is left of the rims is the mouth. */
export const roundPurse: Construction<RoundPurse> = {
  takesFlap: false,
  foldsFlat: true,
  sizing: (body, cloth): Sizing => {
    const { rowMm, fabricMm } = cloth;
    const takesMm = takeUpMm(body, cloth);
    const inputs = [takesInput(body.seam.takeUpStitches), input('Thickness of the fabric', fabricMm, 'mm')];
    return {
      across: null,
      rowsFor: (diameterMm) => ((diameterMm - fabricMm) / 2 + takesMm) / rowMm,
      heightMm: (rounds) => 2 * (rounds * rowMm - takesMm) + fabricMm,
      bendMm: takesMm,
      rows: { rule: 'Half the diameter, less half the band’s fabric, plus what the seam takes.', inputs },
      height: {
        rule: 'Twice the rounds times the height of one, less what the seam takes at both ends, plus the band’s fabric.',
        inputs,
      },
    };
  },
  pouch: (inputs): PouchResult => {
    const { body, cloth, pattern, gauge, wanted, design } = inputs;
    const sizing = roundPurse.sizing(body, cloth, pattern);
    const nearest = Math.max(1, Math.round(sizing.rowsFor(body.widthMm)));
    const rounds = body.chosenRows.front ?? nearest;
    const growth = growthOf(gauge, cloth, body.increases, 1);
    if (rounds * cloth.rowMm <= sizing.bendMm || sizing.heightMm(rounds) <= 0)
      return stop('front-too-short', ['body', 'widthMm'], { bendMm: sizing.bendMm });
    if (rounds > MOST_COUNT)
      return stop('too-many-stitches', ['body', 'widthMm'], { rows: rounds, mostStitches: MOST_COUNT });
    const rim = growth.counts(rounds, 0).at(-1) as number;
    if (rim > MOST_RIM)
      return stop('too-many-stitches', ['body', 'widthMm'], { stitches: rim, mostStitches: MOST_RIM });
    const front = makeFigure('panel.frontRows', 'Rounds of each disc', rounds, 'round', {
      rule:
        body.chosenRows.front === null
          ? `${sizing.rows.rule} Divided by the height of a round, to the nearest.`
          : 'You set this.',
      inputs: [inputFrom(wanted.width), ...sizing.rows.inputs, inputFrom(gauge.rowHeight)],
      source: body.chosenRows.front === null ? GEOMETRY : CHOSEN,
    });
    const [more] = growth.figures as [Figure];
    const stitches = makeFigure('panel.stitches', 'Stitches round the rim', rim, 'stitch', {
      rule: 'Stitches more in every round, times the rounds.',
      inputs: [inputFrom(more), inputFrom(front)],
      source: GEOMETRY,
    });
    const diameterMm = sizing.heightMm(rounds);
    const size = (id: string, label: string) =>
      makeFigure(
        id,
        label,
        diameterMm,
        'mm',
        {
          rule: sizing.height.rule,
          inputs: [inputFrom(front), inputFrom(gauge.rowHeight), ...sizing.height.inputs],
          source: GEOMETRY,
        },
        2 * rounds * (gauge.rowHeight.plusMinus ?? 0),
      );
    const width = size('size.width', 'Width, outside');
    const height = size('size.height', 'Height, outside');
    const band = bandOf(inputs, rounds, rim);
    const many =
      tooMany({ rows: band.rows }, MOST_STRIP, ['body', 'stripTrial']) ??
      tooMany({ stitches: band.across }, MOST_COUNT, ['body', 'depthMm']);
    if (many) return many;
    return {
      ok: true,
      pouch: {
        kind: body.kind,
        stitchCount: rim,
        topStitches: rim,
        backStitches: rim,
        frontRows: rounds,
        backRows: rounds,
        rowsBeforeFlap: rounds,
        layers: { fabricMm: cloth.fabricMm, liningMm: cloth.liningMm },
        loadMm: design.contents.thicknessMm,
        stitchMm: cloth.stitchMm,
        rowMm: cloth.rowMm,
        depthMm: band.seamedMm,
        sectionMm: { front: diameterMm - cloth.fabricMm, back: diameterMm - cloth.fabricMm, base: band.seamedMm },
        flatFrontMm: { empty: diameterMm, loaded: diameterMm },
        figures: {
          stitches,
          startingChain: null,
          panelWidth: makeFigure(
            'panel.width',
            'Diameter of a disc, flat',
            2 * rounds * cloth.rowMm,
            'mm',
            {
              rule: 'Twice the rounds, times the height of one.',
              inputs: [inputFrom(front), inputFrom(gauge.rowHeight)],
              source: GEOMETRY,
            },
            2 * rounds * (gauge.rowHeight.plusMinus ?? 0),
          ),
          frontRows: front,
          backRows: makeFigure('panel.backRows', 'Rounds of the other disc', rounds, 'round', {
            rule: 'Both discs are alike.',
            inputs: [inputFrom(front)],
            source: GEOMETRY,
          }),
          baseFold: null,
          seamRows: null,
          seamLength: null,
          width,
          widthOff: offFigure('size.widthOff', width, wanted.width),
          height,
          heightOff: offFigure('size.heightOff', height, wanted.height),
          heightLoaded: size('size.heightLoaded', 'Height, loaded'),
          ...depthFigures(inputs, band.seamedMm, band.across * (gauge.stitchWidth.plusMinus ?? 0)),
          ...NOTHING_SPECIAL,
          rimOpen: band.rimOpen,
        },
        own: [...growth.figures, ...band.figures],
        problems: [...growth.problems, ...band.problems, ...tallInSpiral(body.rounds, plainStitchOf(pattern))],
      },
    };
  },
  pieces: (inputs, pouch) => {
    const { body, cloth, gauge } = inputs;
    const growth = growthOf(gauge, cloth, body.increases, 1);
    const band = bandOf(inputs, pouch.frontRows, pouch.stitchCount);
    return {
      pieces: [
        {
          kind: 'disc',
          id: 'disc',
          copies: 2,
          plain: true,
          stitchMm: cloth.stitchMm,
          rowMm: cloth.rowMm,
          counts: growth.counts(pouch.frontRows, 0),
          increase: growth.increase,
          school: body.increases,
        },
        {
          kind: 'rows',
          id: 'band',
          copies: 1,
          plain: true,
          stitchMm: cloth.stitchMm,
          rowMm: band.rowMm,
          startStitches: band.across,
          rows: shapedRows(band.across, Array<number>(band.rows).fill(band.across)),
          roundCount: 0,
          zones: [{ id: 'band', fromRow: 1, toRow: band.rows }],
          lines: [
            { mark: 'edge.band', kind: 'edge', afterRow: 0 },
            { mark: 'edge.band', kind: 'edge', afterRow: band.rows },
          ],
        },
      ],
      joins: [
        {
          id: 'band-rim',
          times: 2,
          sewn: true,
          edges: [
            { piece: 'disc', edge: 'rim', from: 0, to: band.joined },
            { piece: 'band', edge: 'both-sides', from: null, to: null },
          ],
          stretches: [{ name: 'rim', first: band.joined, second: band.rows, lengthMm: band.lengthMm }],
        },
      ],
      tracks: {
        front: { piece: 'disc', beforeRow: pouch.frontRows + 1, step: -1 },
        back: { piece: 'disc', beforeRow: pouch.frontRows + 1, step: -1 },
        flap: null,
      },
      workedFrom: 'front-edge',
      rimOpen: null,
      figures: [],
      problems: [],
    };
  },
};

interface Band {
  /** What is left open of the rim, along it; null where nothing can be joined. */
  rimOpen: Figure | null;
  across: number;
  rows: number;
  rowMm: number;
  seamedMm: number;
  joined: number;
  lengthMm: number;
  figures: Figure[];
  problems: Problem[];
}

/** The band: as wide as the bag is deep, and as long as what is joined of the rim. */
function bandOf({ body, cloth, gauge }: BodyInput<RoundPurse>, rounds: number, rim: number): Band {
  const takesMm = takeUpMm(body, cloth);
  const wishedMm = Math.max(1, body.depthMm - cloth.fabricMm);
  const across = Math.max(2, Math.round((wishedMm + 2 * takesMm) / cloth.stitchMm));
  const seamedMm = Math.max(cloth.stitchMm / 2, across * cloth.stitchMm - 2 * takesMm);
  const { rowHeight, problems } = stripRowHeight(gauge, across, body.stripTrial);
  const rimMm = 2 * Math.PI * (rounds * cloth.rowMm - takesMm);
  const mostOpen = rim - 1;
  const open = Math.min(mostOpen, Math.max(1, Math.round((body.openMm / rimMm) * rim)));
  const joined = rim - open;
  const lengthMm = (joined / rim) * rimMm;
  const rows = Math.max(1, Math.round(lengthMm / rowHeight.value));
  const rimFigure = makeFigure(
    'rim.length',
    'Rim, along the seam',
    rimMm,
    'mm',
    {
      rule: '2π times the disc’s radius, less what the seam takes.',
      inputs: [
        input('Rounds of the disc', rounds, 'round'),
        inputFrom(gauge.rowHeight),
        takesInput(body.seam.takeUpStitches),
      ],
      source: GEOMETRY,
    },
    2 * Math.PI * rounds * (gauge.rowHeight.plusMinus ?? 0),
  );
  const openFigure = makeFigure('rim.open', 'Stitches of the rim left open', open, 'stitch', {
    rule: 'Wanted opening, as a share of the rim, in its stitches.',
    inputs: [
      input('Opening you want, along the rim', body.openMm, 'mm'),
      inputFrom(rimFigure),
      input('Stitches round the rim', rim, 'stitch'),
    ],
    source: GEOMETRY,
  });
  const openLength = makeFigure(
    'rim.openLength',
    'Opening, along the rim',
    (open / rim) * rimMm,
    'mm',
    {
      rule: 'Stitches left open, as a share of the rim.',
      inputs: [inputFrom(rimFigure), inputFrom(openFigure)],
      source: GEOMETRY,
    },
    rimFigure.plusMinus === null ? null : (rimFigure.plusMinus * open) / rim,
  );
  const joinedFigure = makeFigure('rim.joined', 'Stitches of the rim joined to the band', joined, 'stitch', {
    rule: 'The rim, less what is left open.',
    inputs: [input('Stitches round the rim', rim, 'stitch'), inputFrom(openFigure)],
    source: GEOMETRY,
  });
  const length = makeFigure(
    'band.length',
    'Band, along the seam',
    lengthMm,
    'mm',
    { rule: 'What is joined of the rim.', inputs: [inputFrom(rimFigure), inputFrom(joinedFigure)], source: GEOMETRY },
    rimFigure.plusMinus === null ? null : (rimFigure.plusMinus * joined) / rim,
  );
  const overRim: Problem[] =
    body.openMm >= rimMm
      ? [
          {
            code: 'opening-over-rim',
            severity: 'decide',
            place: 'body',
            path: ['body', 'openMm'],
            asks: ['rim.length'],
            values: { openMm: body.openMm, rimMm },
            repairs:
              rimMm / 3 < 10
                ? []
                : [
                    {
                      code: 'open-to',
                      values: { openMm: Math.floor(rimMm / 3) },
                      edits: [{ path: ['body', 'openMm'], value: Math.floor(rimMm / 3) }],
                    },
                  ],
          },
        ]
      : [];
  return {
    across,
    rows,
    rowMm: rowHeight.value,
    seamedMm,
    joined,
    lengthMm,
    rimOpen: openLength,
    figures: [
      rimFigure,
      openFigure,
      openLength,
      joinedFigure,
      makeFigure('gusset.stitches', 'Stitches across the band', across, 'stitch', {
        rule: 'Depth less one thickness of fabric, plus what both seams take, divided by the width of one stitch.',
        inputs: [
          input('Depth you want, outside', body.depthMm, 'mm'),
          inputFrom(gauge.fabricThickness),
          takesInput(body.seam.takeUpStitches),
          inputFrom(gauge.stitchWidth),
        ],
        source: GEOMETRY,
      }),
      length,
      rowHeight,
      makeFigure(
        'gusset.rows',
        'Rows along the band',
        rows,
        'row',
        {
          rule: 'Length along the seam, divided by the row height in the strip, to the nearest.',
          inputs: [inputFrom(length), inputFrom(rowHeight)],
          source: GEOMETRY,
        },
        rows * ((rowHeight.plusMinus ?? 0) / rowHeight.value) || null,
      ),
    ],
    problems: [...problems, ...overRim],
  };
}
