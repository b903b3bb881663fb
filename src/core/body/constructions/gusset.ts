import type { Gusset } from '@/core/design';
import { GEOMETRY, input, inputFrom, makeFigure, restsOn, type Figure } from '@/core/figures';
import type { Join, JoinedStretch, RowsPiece } from '@/core/pieces';
import type { GaugeStage } from '@/core/gauge';
import type { Problem } from '@/core/problems';
import { outlineRows, reversedCounts, shapedRows, type ShapedRow } from '@/core/shaping';
import type { FlapStage, PouchStage } from '@/core/stages';
import { allowedInRows } from './allowed';
import { joinedAlongBand, type Borders } from '@/core/borders';
import { bandRows, isAsWorked } from './asWorked';
import { nearestRows } from './bandAcross';
import { bandBorder, bordered } from './bordered';
import type { BodyInput, ClothMm, Construction, Sizing } from './construction';
import { stripRowHeight } from './narrowStrip';
import { MOST_COUNT, MOST_STRIP } from '../limits';
import { depthFigures, planFaces, tooMany, withOwn } from './planFaces';
import { tailLines, takesInput } from './strip';
import { plainStrip } from './plainStrip';

/** The gusset between front and back, after its seams, for a depth outside, mm. */
const seamedDepthMm = ({ depthMm }: Gusset, { fabricMm }: ClothMm): number => Math.max(1, depthMm - fabricMm);

/**
 * Length of a gusset round side, base and side of a panel with rounded lower corners, mm: 2(H − ρ) + (W − 2ρ) + πρ.
 * Source: geometry.
 *
 * @example
 * gussetLengthMm({ widthMm: 200, heightMm: 150, radiusMm: 0 }) // => 500
 */
export const gussetLengthMm = ({
  widthMm,
  heightMm,
  radiusMm,
}: {
  widthMm: number;
  heightMm: number;
  radiusMm: number;
}): number => 2 * (heightMm - radiusMm) + (widthMm - 2 * radiusMm) + Math.PI * radiusMm;

/** Front and back, each worked from the base up, and a strip between them round side, base and side. */
export const gusset: Construction<Gusset> = {
  takesFlap: true,
  foldsFlat: true,
  sizing: (body, cloth, pattern): Sizing => {
    const { stitchMm, rowMm, fabricMm } = cloth;
    const { takeUpStitches } = body.seam;
    const takeUpMm = takeUpStitches * stitchMm;
    const takes = [takesInput(takeUpStitches)];
    const fabric = input('Thickness of the fabric', fabricMm, 'mm');
    return bordered(cloth, {
      across: {
        stitchesFor: (widthMm) => (widthMm - fabricMm) / stitchMm + 2 * takeUpStitches,
        widthMm: (stitches) => (stitches - 2 * takeUpStitches) * stitchMm + fabricMm,
        seenStitches: (stitches) => stitches - 2 * takeUpStitches,
        firstRow: (stitches, rows) => panelCounts(body, cloth, stitches, rows).counts[0] ?? stitches,
        allowed: allowedInRows(pattern),
        stitches: {
          rule: 'Wanted width, less half the gusset’s fabric on either side, divided by the width of one stitch, plus what both seams take',
          inputs: [...takes, fabric],
        },
        width: {
          rule: 'Stitches less what both seams take, times the width of one stitch, plus half the gusset’s fabric on either side.',
          inputs: [...takes, fabric],
        },
      },
      rowsFor: (heightMm) => (heightMm - fabricMm / 2 + takeUpMm) / rowMm,
      heightMm: (rows) => rows * rowMm - takeUpMm + fabricMm / 2,
      bendMm: takeUpMm,
      rows: {
        rule: 'Height, less half the gusset’s fabric under the base, plus what the base seam takes.',
        inputs: [...takes, fabric],
      },
      height: {
        rule: 'Rows times the row height, less what the base seam takes, plus half the gusset’s fabric under the base.',
        inputs: [...takes, fabric],
      },
    });
  },
  pouch: (inputs) => {
    const { body, cloth, pattern, gauge } = inputs;
    const sizing = gusset.sizing(body, cloth, pattern);
    const takeUpMm = body.seam.takeUpStitches * cloth.stitchMm;
    const planned = planFaces(inputs, {
      sizing,
      depthMm: seamedDepthMm(body, cloth),
      sideMm: (rows) => rows * cloth.rowMm - takeUpMm,
      baseMm: seamedDepthMm(body, cloth),
      backFollows: true,
      heightLoadedMm: sizing.heightMm,
      flatFrontMm: (rows) => rows * cloth.rowMm - takeUpMm,
      rowsBeforeFlap: (_, back) => back,
      names: {
        stitches: 'Stitches across front and back',
        frontRows: 'Rows of the front',
        backRows: 'Rows of the back',
        backRule: 'As many as the front, so that both meet at the mouth.',
      },
    });
    if (!planned.ok) return planned;
    const { pouch } = planned;
    const strip = stripOf(inputs, pouch);
    const long = tooMany({ rows: strip.along }, MOST_STRIP, ['body', 'stripTrial']);
    if (long) return long;
    const wide = tooMany({ rows: strip.across }, MOST_COUNT, ['body', 'depthMm']);
    if (wide) return wide;
    const cornerRadius = makeFigure('corner.radius', 'Radius of the lower corners', strip.radiusMm, 'mm', {
      rule: 'As you wish it, as far as half the width and the height leave room.',
      inputs: [
        input('Radius you want', body.radiusMm, 'mm'),
        inputFrom(pouch.figures.stitches),
        inputFrom(gauge.stitchWidth),
      ],
      source: GEOMETRY,
    });
    return withOwn(pouch, {
      depthMm: strip.seamedMm,
      sectionMm: { ...pouch.sectionMm, base: strip.seamedMm },
      figures: { ...pouch.figures, ...depthFigures(inputs, strip.seamedMm, strip.depthPlusMinus), cornerRadius },
      own: [
        strip.figures.across,
        strip.figures.length,
        strip.figures.along,
        ...(strip.rowHeight ? [strip.rowHeight] : []),
        cornerRadius,
        makeFigure('corner.off', 'Corners off the round by at most', strip.outlineOffStitches, 'stitch', {
          rule: 'At the end of every row of the corner, half the difference between the round and the worked width, in stitches: the largest of them.',
          inputs: [inputFrom(pouch.figures.stitches)],
          source: GEOMETRY,
        }),
      ],
      problems: [...strip.problems, ...shapeProblems(body, pouch, strip.radiusMm)],
    });
  },
  pieces: (inputs, pouch, flap) => {
    const { body, cloth } = inputs;
    const strip = stripOf(inputs, pouch);
    const front = panelPiece('front', body, cloth, pouch, null);
    const back = panelPiece('back', body, cloth, pouch, flap);
    return {
      pieces: [front, back, gussetPiece(body, cloth, strip)],
      joins: (['front', 'back'] as const).map((side) => gussetJoin(side, body, strip, cloth.borders)),
      tracks: {
        front: { piece: 'front', beforeRow: pouch.frontRows + 1, step: -1 },
        back: { piece: 'back', beforeRow: pouch.backRows + 1, step: -1 },
        flap: flap.onPiece ? { piece: 'back', beforeRow: pouch.backRows, step: 1 } : null,
      },
      workedFrom: 'front-edge',
      figures: [],
      problems: [],
    };
  },
};

/** The counts of a panel from its base up: rounded corners first, then straight. */
function panelCounts(
  body: Gusset,
  cloth: ClothMm,
  stitches: number,
  rows: number,
): { counts: number[]; cornerRows: number; radiusMm: number; offStitches: number } {
  const widthMm = stitches * cloth.stitchMm;
  // Two stitches at least are left for the base between the corners.
  const roomMm = Math.min(widthMm / 2 - cloth.stitchMm, rows * cloth.rowMm);
  const radiusMm = Math.max(0, Math.min(body.radiusMm, roomMm));
  const cornerRows = Math.min(rows, Math.round(radiusMm / cloth.rowMm));
  // A round of less than half a row is none: the corner is square.
  if (cornerRows === 0) return { counts: Array<number>(rows).fill(stitches), cornerRows, radiusMm: 0, offStitches: 0 };
  const lengthMm = cornerRows * cloth.rowMm;
  const round = outlineRows(
    (downMm) => widthMm / 2 - radiusMm + radiusMm * Math.sqrt(Math.max(0, 1 - (downMm / lengthMm) ** 2)),
    stitches,
    cornerRows,
    cloth,
  );
  return {
    counts: [...reversedCounts(round.rows), ...Array<number>(rows - cornerRows).fill(stitches)],
    cornerRows,
    radiusMm,
    offStitches: round.mostOffStitches,
  };
}

interface GussetStrip {
  /** Stitches of its short rows, or rows of its long ones. */
  across: number;
  /** Rows along it, or stitches. */
  along: number;
  acrossMm: number;
  alongMm: number;
  lengthMm: number;
  seamedMm: number;
  depthPlusMinus: number | null;
  radiusMm: number;
  outlineOffStitches: number;
  stretches: JoinedStretch[];
  rowHeight: Figure | null;
  figures: { across: Figure; length: Figure; along: Figure };
  problems: Problem[];
}

/** The strip between the panels: how wide, how long, and which of its rows lie along which part of the panels' edges. */
function stripOf({ body, cloth, gauge }: BodyInput<Gusset>, pouch: PouchStage): GussetStrip {
  const crosswise = body.gussetWorked === 'crosswise';
  const takeUp = body.seam.takeUpStitches;
  const takeUpMm = takeUp * cloth.stitchMm;
  const wishedMm = seamedDepthMm(body, cloth);
  const { bandMm } = cloth.borders;
  const unitMm = crosswise ? cloth.stitchMm : cloth.rowMm;
  const across = Math.max(crosswise ? 2 : 1, Math.round((wishedMm + 2 * takeUpMm - 2 * bandMm) / unitMm));
  const seamedMm = Math.max(unitMm / 2, across * unitMm - 2 * takeUpMm + 2 * bandMm);
  const trial = crosswise ? stripRowHeight(gauge, across, body.stripTrial) : null;
  const alongFigure = trial?.rowHeight ?? gauge.stitchWidth;
  const alongMm = alongFigure.value;

  const panel = panelCounts(body, cloth, pouch.stitchCount, pouch.frontRows);
  const radiusMm = Math.max(0, panel.radiusMm - (panel.cornerRows > 0 ? takeUpMm : 0));
  const sideMm = pouch.frontRows * cloth.rowMm - takeUpMm - radiusMm;
  const cornerMm = (Math.PI / 2) * radiusMm;
  const widthMm = (pouch.stitchCount - 2 * takeUp) * cloth.stitchMm;
  const baseMm = Math.max(0, widthMm - 2 * radiusMm);
  const lengthMm = gussetLengthMm({ widthMm: Math.max(widthMm, 2 * radiusMm), heightMm: sideMm + radiusMm, radiusMm });

  const baseStitches = panel.counts[0] ?? pouch.stitchCount;
  const rows = shapedRows(baseStitches, panel.counts);
  const cornerUnits = rows
    .slice(0, panel.cornerRows + 1)
    .reduce((sum, row) => sum + addedStitches(row), panel.cornerRows);
  const sideRows = pouch.frontRows - panel.cornerRows;
  const asWorked = isAsWorked(body, cloth.borders);
  const upTo = (mm: number) => bandRows(mm / alongMm, asWorked);
  const leastBase = baseMm > 0 ? (asWorked ? 2 : 1) : 0;
  const along = Math.max(2 * upTo(sideMm + cornerMm) + leastBase, upTo(lengthMm));
  const sideAlong = upTo(sideMm);
  const cornerAlong = upTo(sideMm + cornerMm) - sideAlong;
  /** What is joined from its end on: its rows or stitches, or the stitches of its border. */
  const joined = (units: number) => (crosswise ? joinedAlongBand(cloth.borders, units, alongMm) : units);
  const [toSide, toCorner] = [joined(sideAlong), joined(sideAlong + cornerAlong)];
  const side: JoinedStretch = { name: 'side', first: sideRows, second: toSide, lengthMm: sideMm };
  const corner: JoinedStretch = { name: 'corner', first: cornerUnits, second: toCorner - toSide, lengthMm: cornerMm };
  const base: JoinedStretch = {
    name: 'base',
    first: baseStitches,
    second: joined(along) - 2 * toCorner,
    lengthMm: baseMm,
  };
  const corners = panel.cornerRows > 0 ? [corner] : [];
  return {
    across,
    along,
    acrossMm: unitMm,
    alongMm,
    lengthMm,
    seamedMm,
    depthPlusMinus: across * ((crosswise ? gauge.stitchWidth : gauge.rowHeight).plusMinus ?? 0),
    radiusMm: panel.radiusMm,
    outlineOffStitches: panel.offStitches,
    stretches: [side, ...corners, base, ...corners, side],
    rowHeight: trial?.rowHeight ?? null,
    figures: stripFigures(body, gauge, pouch, alongFigure, {
      heightMm: sideMm + radiusMm,
      across,
      along,
      lengthMm,
      widthMm,
      radiusMm,
    }),
    problems: trial?.problems ?? [],
  };
}

/** Tells the strip: across it, along the seam, and along it. */
function stripFigures(
  body: Gusset,
  gauge: GaugeStage,
  pouch: PouchStage,
  alongFigure: Figure,
  sizes: Record<'across' | 'along' | 'lengthMm' | 'widthMm' | 'heightMm' | 'radiusMm', number>,
): GussetStrip['figures'] {
  const crosswise = body.gussetWorked === 'crosswise';
  const { across, along } = sizes;
  const border = bandBorder(pouch.borders);
  const length = makeFigure(
    'gusset.length',
    'Gusset, along the seam',
    sizes.lengthMm,
    'mm',
    {
      rule: 'Both sides and the base between the corners, plus a quarter circle at each: 2(H − ρ) + (W − 2ρ) + πρ, along the seam.',
      inputs: [
        input('Panel between its seams, wide (W)', sizes.widthMm, 'mm'),
        input('Panel above its seam, high (H)', sizes.heightMm, 'mm'),
        input('Radius of the corners at the seam (ρ)', sizes.radiusMm, 'mm'),
      ],
      source: GEOMETRY,
      ...restsOn(gauge.rowHeight),
    },
    2 * pouch.frontRows * (gauge.rowHeight.plusMinus ?? 0) + pouch.stitchCount * (gauge.stitchWidth.plusMinus ?? 0),
  );
  return {
    across: makeFigure(
      crosswise ? 'gusset.stitches' : 'gusset.rowsAcross',
      crosswise ? 'Stitches across the gusset' : 'Rows across the gusset',
      across,
      crosswise ? 'stitch' : 'row',
      {
        rule: `Depth less one thickness of fabric${border.words}, plus what both seams take, divided by the ${crosswise ? 'width of one stitch' : 'row height'}.`,
        inputs: [
          input('Depth you want, outside', body.depthMm, 'mm'),
          inputFrom(gauge.fabricThickness),
          takesInput(body.seam.takeUpStitches),
          ...border.inputs,
          inputFrom(crosswise ? gauge.stitchWidth : gauge.rowHeight),
        ],
        source: GEOMETRY,
      },
    ),
    length,
    along: makeFigure(
      crosswise ? 'gusset.rows' : 'gusset.stitchesAlong',
      crosswise ? 'Rows along the gusset' : 'Stitches along the gusset',
      along,
      crosswise ? 'row' : 'stitch',
      {
        rule: `Length along the seam, divided by the ${crosswise ? 'row height in the strip' : 'width of one stitch'}, ${nearestRows(isAsWorked(body, pouch.borders))}.`,
        inputs: [inputFrom(length), inputFrom(alongFigure)],
        source: GEOMETRY,
      },
      along * ((alongFigure.plusMinus ?? 0) / alongFigure.value) || null,
    ),
  };
}

/** Stitches that a row lets stand free at one side, where it is that much wider than the row below. */
const addedStitches = ({ by, changeEachSide }: ShapedRow): number => (by === 'adding' ? changeEachSide : 0);

function panelPiece(
  id: 'front' | 'back',
  body: Gusset,
  cloth: ClothMm,
  pouch: PouchStage,
  flap: FlapStage | null,
): RowsPiece {
  const { counts } = panelCounts(body, cloth, pouch.stitchCount, pouch.frontRows);
  const startStitches = counts[0] as number;
  const rows = pouch.frontRows;
  const withFlap = flap !== null && flap.onPiece ? flap : null;
  return {
    kind: 'rows',
    id,
    copies: 1,
    plain: false,
    stitchMm: cloth.stitchMm,
    rowMm: cloth.rowMm,
    startStitches,
    rows: [...shapedRows(startStitches, counts), ...(withFlap ? withFlap.tail : [])],
    roundCount: 0,
    zones: [{ id, fromRow: 1, toRow: rows }, ...(withFlap ? tailZones(withFlap, rows) : [])],
    lines: [
      { mark: `base.${id}`, kind: 'edge', afterRow: 0 },
      ...(withFlap
        ? tailLines(withFlap, rows, (mark, kind, afterRow) => ({ mark, kind, afterRow }))
        : [{ mark: `edge.${id}`, kind: 'edge' as const, afterRow: rows }]),
    ],
  };
}

/** The zones of what lies beyond the back's upper edge, where it goes on from a piece worked upwards. */
export function tailZones(flap: FlapStage, beforeRow: number): RowsPiece['zones'] {
  const zones: RowsPiece['zones'] = [];
  let from = beforeRow + 1;
  for (const [id, count] of [
    ['bridge', flap.bridgeRows],
    ['flap', flap.flapRows],
    ['hem', flap.hemRows],
  ] as const) {
    if (count > 0) zones.push({ id, fromRow: from, toRow: from + count - 1 });
    from += count;
  }
  return zones;
}

function gussetPiece(body: Gusset, cloth: ClothMm, { across, along, alongMm }: GussetStrip): RowsPiece {
  const { stitchMm, rowMm } = cloth;
  return body.gussetWorked === 'crosswise'
    ? plainStrip('gusset', { stitches: across, rows: along, stitchMm, rowMm: alongMm, copies: 1 })
    : plainStrip('gusset', { stitches: along, rows: across, stitchMm, rowMm, copies: 1 });
}

/** The edges of the gusset that front and back are joined to, whichever way it is worked. */
const LONG_EDGES = {
  crosswise: { front: 'left', back: 'right' },
  lengthwise: { front: 'start', back: 'end' },
} as const;

/** One long edge of the gusset to side, base and side of a panel. */
const gussetJoin = (side: 'front' | 'back', body: Gusset, strip: GussetStrip, borders: Borders): Join => ({
  id: `gusset-${side}`,
  times: 1,
  made: isAsWorked(body, borders) ? 'as-worked' : 'sewn',
  edges: [
    { piece: side, edge: 'outline', from: null, to: null },
    { piece: 'gusset', edge: LONG_EDGES[body.gussetWorked][side], from: null, to: null, hasBorder: borders.bandMm > 0 },
  ],
  stretches: strip.stretches,
});

function shapeProblems(body: Gusset, pouch: PouchStage, radiusMm: number): Problem[] {
  const problems: Problem[] = [];
  if (body.radiusMm > radiusMm + pouch.stitchMm)
    problems.push({
      code: 'corner-radius-too-large',
      severity: 'decide',
      place: 'body',
      path: ['body', 'radiusMm'],
      mark: 'corner.radius',
      asks: ['corner.radius'],
      values: { wishedMm: body.radiusMm, mostMm: radiusMm },
      repairs: [
        {
          code: 'corner-radius-to',
          values: { radiusMm: Math.floor(radiusMm) },
          edits: [{ path: ['body', 'radiusMm'], value: Math.floor(radiusMm) }],
        },
      ],
    });
  return problems;
}
