import { joinedAlongBand } from '@/core/borders';
import type { SideBands } from '@/core/design';
import { GEOMETRY, input, inputFrom, makeFigure } from '@/core/figures';
import type { Join, JoinedEdge, JoinedStretch, PieceSet } from '@/core/pieces';
import type { PouchStage } from '@/core/stages';
import { MOST_STRIP } from '../limits';
import { allowedInRows } from './allowed';
import { bandRows, isAsWorked } from './asWorked';
import { bandAcross, bandAcrossFigure, bandRowsFigure } from './bandAcross';
import { bordered } from './bordered';
import type { BodyInput, ClothMm, Construction, Sizing } from './construction';
import { stripRowHeight } from './narrowStrip';
import { depthFigures, planFaces, tooMany, withOwn } from './planFaces';
import { deepStripFaces, stripFigures, stripPiece, takesInput, unevenProblems } from './strip';
import { plainStrip } from './plainStrip';

/**
 * A strip folded under its base, and a band in each side: the band's end lies across the base fold, half of it on the front's rows and half on
 * the back's, its long edges along front and back, up to the mouth.
 */
export const sideBands: Construction<SideBands> = {
  takesFlap: true,
  foldsFlat: true,
  sizing: (body, cloth, pattern): Sizing => {
    const { stitchMm, rowMm, fabricMm } = cloth;
    const { takeUpStitches } = body.seam;
    const depthMm = bandAcross(body, cloth).seamedMm;
    const across = [takesInput(takeUpStitches), input('Thickness of the fabric', fabricMm, 'mm')];
    const high = [
      input('Depth, between the middles of front and back', depthMm, 'mm'),
      input('Thickness of the fabric', fabricMm, 'mm'),
    ];
    return bordered(cloth, {
      across: {
        stitchesFor: (widthMm) => (widthMm - fabricMm) / stitchMm + 2 * takeUpStitches,
        widthMm: (stitches) => (stitches - 2 * takeUpStitches) * stitchMm + fabricMm,
        seenStitches: (stitches) => stitches - 2 * takeUpStitches,
        firstRow: (stitches) => stitches,
        allowed: allowedInRows(pattern),
        stitches: {
          rule: 'Wanted width, less half a band’s fabric on either side, divided by the width of one stitch, plus what both seams take',
          inputs: across,
        },
        width: {
          rule: 'Stitches less what both seams take, times the width of one stitch, plus half a band’s fabric on either side.',
          inputs: across,
        },
      },
      rowsFor: (heightMm) => (heightMm + depthMm / 2 - fabricMm / 2) / rowMm,
      heightMm: (rows) => rows * rowMm - depthMm / 2 + fabricMm / 2,
      bendMm: depthMm / 2,
      rows: { rule: 'Height, plus half the depth, which lies under the base, less half the fabric.', inputs: high },
      height: {
        rule: 'Front rows times the row height, less half the depth, which lies under the base, plus half the fabric: outside, from the bottom to the mouth.',
        inputs: high,
      },
    });
  },
  pouch: (inputs) => {
    const { body, cloth, pattern, gauge } = inputs;
    const { seamedMm: depthMm, stitches } = bandAcross(body, cloth);
    const sizing = sideBands.sizing(body, cloth, pattern);
    const planned = planFaces(inputs, deepStripFaces(sizing, depthMm, cloth));
    if (!planned.ok) return planned;
    const { pouch } = planned;
    const band = bandOf(inputs, pouch);
    const many =
      tooMany({ rows: band.rows }, MOST_STRIP, ['body', 'stripTrial']) ??
      tooMany({ stitches }, MOST_STRIP, ['body', 'depthMm']);
    if (many) return many;
    const { baseFold, backLength } = stripFigures(inputs, pouch);
    return withOwn(pouch, {
      figures: {
        ...pouch.figures,
        ...depthFigures(inputs, depthMm, stitches * (gauge.stitchWidth.plusMinus ?? 0)),
        baseFold,
        backLength,
      },
      own: [
        bandAcrossFigure(body, gauge, cloth, stitches),
        band.length,
        band.rowHeight,
        bandRowsFigure(band.rows, band.length, band.rowHeight, isAsWorked(body, cloth.borders)),
        makeFigure('band.baseRows', 'Rows of the panel along each band’s end', 2 * band.underRows, 'row', {
          rule: 'Half the depth on either side of the base fold, divided by the row height, to the nearest row.',
          inputs: [input('Depth, between the middles of front and back', depthMm, 'mm'), inputFrom(gauge.rowHeight)],
          source: GEOMETRY,
        }),
      ],
      problems: [...band.problems, ...unevenProblems(pouch)],
    });
  },
  pieces: (inputs, pouch, flap) => {
    const { body, cloth } = inputs;
    const { panel, ...strip } = stripPiece(inputs, pouch, flap);
    const band = bandOf(inputs, pouch);
    const { stitches } = bandAcross(body, cloth);
    const side = {
      name: 'side',
      first: band.sideRows,
      second: joinedAlongBand(cloth.borders, band.rows, band.rowHeight.value),
      lengthMm: band.sideMm,
    } as const;
    const base = strip.workedFrom === 'front-edge' ? pouch.frontRows : panel.rows.length - pouch.frontRows;
    const under = { name: 'base', first: 2 * band.underRows, second: stitches, lengthMm: pouch.depthMm } as const;
    const joins = isAsWorked(body, cloth.borders)
      ? joinedAsWorked(band, { side, under }, base, strip.workedFrom)
      : [sewnIn(band, { side, under }, base, cloth.borders.bandMm > 0)];
    return {
      pieces: [
        panel,
        plainStrip('band', {
          stitches,
          rows: band.rows,
          stitchMm: cloth.stitchMm,
          rowMm: band.rowHeight.value,
          copies: 2,
        }),
      ],
      joins,
      figures: [],
      ...strip,
    };
  },
};

type BandRows = Pick<ReturnType<typeof bandOf>, 'sideRows' | 'underRows'>;
type Stretches = Record<'side' | 'under', JoinedStretch>;

const ofPanel = (from: number, to: number): JoinedEdge => ({ piece: 'panel', edge: 'each-side', from, to });

/** Up the one side of each band, across its end, and down the other. */
const sewnIn = (
  { sideRows, underRows }: BandRows,
  { side, under }: Stretches,
  base: number,
  hasBorder: boolean,
): Join => ({
  id: 'side-bands',
  times: 2,
  made: 'sewn',
  edges: [
    ofPanel(base - sideRows - underRows, base + sideRows + underRows),
    { piece: 'band', edge: 'outline', from: null, to: null, hasBorder },
  ],
  stretches: [side, under, side],
});

/** Each band's end is sewn across the base; its rows are joined to front and back as they are worked. */
function joinedAsWorked(
  { sideRows, underRows }: BandRows,
  { side, under }: Stretches,
  base: number,
  workedFrom: PieceSet['workedFrom'],
): Join[] {
  const before = ofPanel(base - underRows - sideRows, base - underRows);
  const beyond = ofPanel(base + underRows, base + underRows + sideRows);
  const [front, back] = workedFrom === 'front-edge' ? [before, beyond] : [beyond, before];
  const long = (id: 'band-front' | 'band-back', face: JoinedEdge, edge: 'left' | 'right'): Join => ({
    id,
    times: 2,
    made: 'as-worked',
    edges: [face, { piece: 'band', edge, from: null, to: null }],
    stretches: [side],
  });
  return [
    long('band-front', front, 'left'),
    long('band-back', back, 'right'),
    {
      id: 'band-ends',
      times: 2,
      made: 'sewn',
      edges: [ofPanel(base - underRows, base + underRows), { piece: 'band', edge: 'start', from: null, to: null }],
      stretches: [under],
    },
  ];
}

/** What of front and back a band stands along, and its rows: from the base up to the nearer upper edge. */
function bandOf({ body, cloth, gauge }: BodyInput<SideBands>, { frontRows, backRows, depthMm, rowMm }: PouchStage) {
  const { stitches } = bandAcross(body, cloth);
  const { rowHeight, problems } = stripRowHeight(gauge, stitches, body.stripTrial);
  const faceRows = Math.min(frontRows, backRows);
  const underRows = Math.min(faceRows - 1, Math.max(1, Math.round(depthMm / 2 / rowMm)));
  const sideMm = faceRows * rowMm - depthMm / 2;
  const takesMm = takesAtEndMm(body, cloth);
  const asWorked = isAsWorked(body, cloth.borders);
  const length = makeFigure(
    'band.length',
    'Each band, from the base up',
    sideMm + takesMm,
    'mm',
    {
      rule: 'A face from its upper edge to the base fold, less half the depth, which lies under the base, plus what the seam takes at the band’s end.',
      inputs: [
        input('Rows of the face', faceRows, 'row'),
        inputFrom(gauge.rowHeight),
        input('Depth, between the middles of front and back', depthMm, 'mm'),
        takesInput(body.seam.takeUpStitches),
      ],
      source: GEOMETRY,
    },
    faceRows * (gauge.rowHeight.plusMinus ?? 0),
  );
  return {
    rows: Math.max(asWorked ? 2 : 1, bandRows(length.value / rowHeight.value, asWorked)),
    underRows,
    sideRows: faceRows - underRows,
    sideMm,
    length,
    rowHeight,
    problems,
  };
}

const takesAtEndMm = ({ seam }: SideBands, { stitchMm }: ClothMm): number => seam.takeUpStitches * stitchMm;
