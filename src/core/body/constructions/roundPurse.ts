import type { RoundPurse } from '@/core/design';
import {
  CHOSEN,
  GEOMETRY,
  input,
  inputFrom,
  makeFigure,
  offFigure,
  type Figure,
  type ReasonInput,
} from '@/core/figures';
import type { GaugeStage } from '@/core/gauge';
import type { Problem } from '@/core/problems';
import { NOTHING_SPECIAL, type PouchFigures } from '@/core/stages';
import { plainStitchOf } from '@/core/stitches';
import { MOST_COUNT, MOST_RIM, MOST_STRIP } from '../limits';
import {
  layersOfCloth,
  type BodyInput,
  type ClothMm,
  type Construction,
  type PouchResult,
  type Sizing,
} from './construction';
import { growthOf } from './increases';
import { stripRowHeight } from './narrowStrip';
import { depthFigures, stop, tooMany } from './planFaces';
import { tallInSpiral } from './rounds';
import { takesInput } from './strip';
import { plainStrip } from './plainStrip';
import { joinedAlongBand } from '@/core/borders';
import { bandRows, isAsWorked } from './asWorked';
import { bandAcross, bandAcrossFigure, bandRowsFigure } from './bandAcross';

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
    const { body, cloth, pattern, gauge, design } = inputs;
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
    const diameterMm = sizing.heightMm(rounds);
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
        layers: layersOfCloth(cloth),
        loadMm: design.contents.thicknessMm,
        stitchMm: cloth.stitchMm,
        rowMm: cloth.rowMm,
        borders: cloth.borders,
        depthMm: band.seamedMm,
        sectionMm: { front: diameterMm - cloth.fabricMm, back: diameterMm - cloth.fabricMm, base: band.seamedMm },
        flatFrontMm: { empty: diameterMm, loaded: diameterMm },
        figures: discFigures(inputs, sizing, { rounds, rim, diameterMm }, band, growth.figures[0] as Figure),
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
        plainStrip('band', {
          stitches: band.across,
          rows: band.rows,
          stitchMm: cloth.stitchMm,
          rowMm: band.rowMm,
          copies: 1,
        }),
      ],
      joins: [
        {
          id: 'band-rim',
          times: 2,
          made: isAsWorked(body, cloth.borders) ? 'as-worked' : 'sewn',
          edges: [
            { piece: 'disc', edge: 'rim', from: 0, to: band.joined },
            { piece: 'band', edge: 'both-sides', from: null, to: null, hasBorder: cloth.borders.bandMm > 0 },
          ],
          stretches: [
            {
              name: 'rim',
              first: band.joined,
              second: joinedAlongBand(cloth.borders, band.rows, band.rowMm),
              lengthMm: band.lengthMm,
            },
          ],
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

/** Tells the discs: counts and finished sizes, each with its reason. */
function discFigures(
  inputs: BodyInput<RoundPurse>,
  sizing: Sizing,
  { rounds, rim, diameterMm }: { rounds: number; rim: number; diameterMm: number },
  band: Band,
  more: Figure,
): PouchFigures {
  const { body, cloth, gauge, wanted } = inputs;
  const isWished = body.chosenRows.front === null;
  const front = makeFigure('panel.frontRows', 'Rounds of each disc', rounds, 'round', {
    rule: isWished ? `${sizing.rows.rule} Divided by the height of a round, to the nearest.` : 'You set this.',
    inputs: [inputFrom(wanted.width), ...sizing.rows.inputs, inputFrom(gauge.rowHeight)],
    source: isWished ? GEOMETRY : CHOSEN,
  });
  const plusMinus = 2 * rounds * (gauge.rowHeight.plusMinus ?? 0);
  const across = (id: string, label: string, mm: number, rule: string, inputsOfRule: ReasonInput[]) =>
    makeFigure(
      id,
      label,
      mm,
      'mm',
      { rule, inputs: [inputFrom(front), inputFrom(gauge.rowHeight), ...inputsOfRule], source: GEOMETRY },
      plusMinus,
    );
  const size = (id: string, label: string) => across(id, label, diameterMm, sizing.height.rule, sizing.height.inputs);
  const width = size('size.width', 'Width, outside');
  const height = size('size.height', 'Height, outside');
  return {
    stitches: makeFigure('panel.stitches', 'Stitches round the rim', rim, 'stitch', {
      rule: 'Stitches more in every round, times the rounds.',
      inputs: [inputFrom(more), inputFrom(front)],
      source: GEOMETRY,
    }),
    startingChain: null,
    panelWidth: across(
      'panel.width',
      'Diameter of a disc, flat',
      2 * rounds * cloth.rowMm,
      'Twice the rounds, times the height of one.',
      [],
    ),
    frontRows: front,
    backRows: makeFigure('panel.backRows', 'Rounds of the other disc', rounds, 'round', {
      rule: 'Both discs are alike.',
      inputs: [inputFrom(front)],
      source: GEOMETRY,
    }),
    width,
    widthOff: offFigure('size.widthOff', width, wanted.width),
    height,
    heightOff: offFigure('size.heightOff', height, wanted.height),
    heightLoaded: size('size.heightLoaded', 'Height, loaded'),
    ...depthFigures(inputs, band.seamedMm, band.across * (gauge.stitchWidth.plusMinus ?? 0)),
    ...NOTHING_SPECIAL,
    rimOpen: band.rimOpen,
  };
}

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
  const { stitches: across, seamedMm } = bandAcross(body, cloth);
  const { rowHeight, problems } = stripRowHeight(gauge, across, body.stripTrial);
  const rimMm = 2 * Math.PI * (rounds * cloth.rowMm - takesMm);
  const mostOpen = rim - 1;
  const open = Math.min(mostOpen, Math.max(1, Math.round((body.openMm / rimMm) * rim)));
  const joined = rim - open;
  const lengthMm = (joined / rim) * rimMm;
  const asWorked = isAsWorked(body, cloth.borders);
  const rows = Math.max(asWorked ? 2 : 1, bandRows(lengthMm / rowHeight.value, asWorked));
  const rims = rimFigures(body, gauge, { rounds, rim, rimMm, open, joined, lengthMm });
  return {
    across,
    rows,
    rowMm: rowHeight.value,
    seamedMm,
    joined,
    lengthMm,
    rimOpen: rims.openLength,
    figures: [
      rims.rim,
      rims.open,
      rims.openLength,
      rims.joined,
      bandAcrossFigure(body, gauge, cloth, across),
      rims.length,
      rowHeight,
      bandRowsFigure(rows, rims.length, rowHeight, asWorked),
    ],
    problems: [...problems, ...overRim(body, rimMm)],
  };
}

/** Tells the rim: how long it is, what of it is left open, what is joined to the band. */
function rimFigures(
  body: RoundPurse,
  gauge: GaugeStage,
  counted: { rounds: number; rim: number; rimMm: number; open: number; joined: number; lengthMm: number },
): Record<'rim' | 'open' | 'openLength' | 'joined' | 'length', Figure> {
  const { rounds, rim, rimMm, open, joined, lengthMm } = counted;
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
  return { rim: rimFigure, open: openFigure, openLength, joined: joinedFigure, length };
}

/** An opening that is wished for longer than the rim. */
function overRim({ openMm }: RoundPurse, rimMm: number): Problem[] {
  if (openMm < rimMm) return [];
  const thirdMm = Math.floor(rimMm / 3);
  return [
    {
      code: 'opening-over-rim',
      severity: 'decide',
      place: 'body',
      path: ['body', 'openMm'],
      asks: ['rim.length'],
      values: { openMm, rimMm },
      repairs:
        rimMm / 3 < 10
          ? []
          : [{ code: 'open-to', values: { openMm: thirdMm }, edits: [{ path: ['body', 'openMm'], value: thirdMm }] }],
    },
  ];
}
