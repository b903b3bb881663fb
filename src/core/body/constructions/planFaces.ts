import { outsideSizeRepairs, type LoadState } from '@/core/contents';
import { CHOSEN, GEOMETRY, input, inputFrom, makeFigure, offFigure, productFigure, type Figure } from '@/core/figures';
import type { Problem, ProblemValues, Repair } from '@/core/problems';
import { NOTHING_SPECIAL, type PouchFigures, type PouchStage } from '@/core/stages';
import { nearestCount } from '@/core/stitches';
import { MOST_COUNT } from '../limits';
import { heightDoubtMm, widthDoubtMm } from '../madeDoubt';
import { chainFigure } from './sizeFigures';
import { layersOfCloth, type BodyInput, type PouchResult, type Sizing } from './construction';

/** Fewer stitches than this are no fabric. */
const LEAST_STITCHES = 2;

/** A size that mends what can't be planned is so much roomier than the one that just could. Ours. */
const ROOMIER = 1.25;

/** What of a pouch is the construction's own to say. */
export interface FacesOwn {
  sizing: Sizing;
  /** Between the middles of front and back, mm; nought where the bag lies flat. */
  depthMm: number;
  /** A strip's front and back can differ; other backs have as many rows as the front. */
  backFollows: boolean;
  /** With the border above its rows. */
  heightLoadedMm(rows: number): number;
  /** Fabric of a face from the mouth to the base, and under the base, mm. */
  sideMm(rows: number): number;
  baseMm: number;
  flatFrontMm(rows: number, state: LoadState): number;
  rowsBeforeFlap(frontRows: number, backRows: number): number;
  /** The thickest load that it can close over with so many rows, mm; none where any load only bulges it. */
  mostLoadMm?(rows: number): number;
  names: { stitches: string; frontRows: string; backRows: string; backRule: string };
}

/**
 * Plans front and back of any construction that is counted across: counts from the wanted sizes, then the finished sizes from the
 * counts.
 */
export function planFaces(inputs: BodyInput, own: FacesOwn): PouchResult {
  const counted = countFaces(inputs, own);
  if (!counted.ok) return counted;
  const { body, cloth, design } = inputs;
  const { counts } = counted;
  const { stitchCount, frontRows, backRows } = counts;
  return {
    ok: true,
    pouch: {
      kind: body.kind,
      stitchCount,
      topStitches: stitchCount,
      backStitches: stitchCount,
      frontRows,
      backRows,
      rowsBeforeFlap: own.rowsBeforeFlap(frontRows, backRows),
      layers: layersOfCloth(cloth),
      loadMm: design.contents.thicknessMm,
      stitchMm: cloth.stitchMm,
      rowMm: cloth.rowMm,
      depthMm: own.depthMm,
      borders: cloth.borders,
      sectionMm: {
        front: own.sideMm(frontRows) + cloth.borders.frontMm,
        back: own.sideMm(backRows) + cloth.borders.backMm,
        base: own.baseMm,
      },
      flatFrontMm: {
        empty: own.flatFrontMm(frontRows, 'empty') + cloth.borders.frontMm,
        loaded: own.flatFrontMm(frontRows, 'loaded') + cloth.borders.frontMm,
      },
      figures: faceFigures(inputs, own, counts),
      own: [],
      problems: [],
    },
  };
}

/** How faces are counted. */
interface FaceCounts {
  /** Stitches that the wanted width comes to, not rounded. */
  wished: number;
  stitchCount: number;
  frontRows: number;
  backRows: number;
  across: NonNullable<Sizing['across']>;
}

type Counted = { ok: true; counts: FaceCounts } | ReturnType<typeof stop>;

/** Stitches and rows from the wanted sizes, or from what she settled on; or what prevents a plan of them. */
function countFaces({ design, body, cloth, pattern }: BodyInput, own: FacesOwn): Counted {
  const { sizing } = own;
  const { across } = sizing;
  if (across === null) throw new Error('a body without faces is not planned by them');
  const wished = across.stitchesFor(body.widthMm);
  // A count she settled on for another stitch is kept as near as this one's repeat allows.
  const stitchCount = nearestCount(body.chosenStitches ?? wished, across.allowed);
  if (
    stitchCount === null ||
    stitchCount < LEAST_STITCHES ||
    across.widthMm(stitchCount) <= 0 ||
    across.seenStitches(stitchCount) <= 0
  )
    return stop(
      'width-under-one-repeat',
      ['body', 'widthMm'],
      { oneRepeatMm: cloth.stitchMm },
      outsideSizeRepairs(design, {
        widthMm: Math.ceil(ROOMIER * Math.max(body.widthMm, 2 * pattern.repeatStitches * cloth.stitchMm)),
      }),
    );
  if (stitchCount > MOST_COUNT)
    return stop(
      'too-many-stitches',
      ['body', 'widthMm'],
      { stitches: stitchCount, mostStitches: MOST_COUNT },
      outsideSizeRepairs(design, { widthMm: Math.floor((body.widthMm * MOST_COUNT) / (ROOMIER * stitchCount)) }),
    );

  // What she wishes for may be high enough, and only the rows she settled on too few.
  const tallerMm = (heightMm: number): number => Math.max(body.heightMm, Math.ceil(heightMm));
  const nearestRows = Math.max(1, Math.round(sizing.rowsFor(body.heightMm)));
  const frontRows = body.chosenRows.front ?? nearestRows;
  // Where a flap goes on, only the front has a border above its rows: the back is worked on to its height.
  const evens = Math.round((cloth.borders.frontMm - cloth.borders.backMm) / cloth.rowMm);
  const backRows = own.backFollows ? frontRows : (body.chosenRows.back ?? frontRows + evens);
  const fewerRows = Math.min(frontRows, backRows);
  if (body.chosenRows.front === null && nearestRows > MOST_COUNT)
    return stop(
      'too-many-stitches',
      ['body', 'heightMm'],
      { rows: nearestRows, mostStitches: MOST_COUNT },
      outsideSizeRepairs(design, { heightMm: Math.floor((body.heightMm * MOST_COUNT) / (ROOMIER * nearestRows)) }),
    );
  if (fewerRows * cloth.rowMm <= sizing.bendMm)
    return stop(
      'front-too-short',
      ['body', 'heightMm'],
      { bendMm: sizing.bendMm },
      outsideSizeRepairs(design, { heightMm: tallerMm(2 * ROOMIER * Math.max(sizing.bendMm, cloth.rowMm)) }),
    );
  const mostLoadMm = own.mostLoadMm?.(fewerRows);
  const { thicknessMm: loadMm } = design.contents;
  if (mostLoadMm !== undefined && (loadMm >= mostLoadMm || loadMm >= body.widthMm))
    return stop(
      'load-too-thick',
      ['contents', 'thicknessMm'],
      { loadMm, mostLoadMm: Math.max(0, Math.floor(Math.min(mostLoadMm, body.widthMm) - 1)) },
      outsideSizeRepairs(
        design,
        loadMm >= mostLoadMm
          ? { heightMm: tallerMm(2 * ROOMIER * loadMm) }
          : { widthMm: Math.ceil(2 * ROOMIER * loadMm) },
      ),
    );
  return { ok: true, counts: { wished, stitchCount, frontRows, backRows, across } };
}

/** Tells counts and finished sizes of the faces, each with its reason. */
function faceFigures(inputs: BodyInput, own: FacesOwn, counts: FaceCounts): PouchFigures {
  const { design, body, gauge, cloth, wanted } = inputs;
  const { stitchCount, frontRows, across } = counts;
  const stitches = stitchesFigure(inputs, own, counts);
  const { front, back } = rowFigures(inputs, own, counts);
  const width = makeFigure(
    'size.width',
    'Width, outside',
    across.widthMm(stitchCount),
    'mm',
    {
      rule: across.width.rule,
      inputs: [inputFrom(stitches), ...across.width.inputs, inputFrom(gauge.stitchWidth)],
      source: GEOMETRY,
    },
    Math.hypot(
      widthDoubtMm(body, across.seenStitches(stitchCount), gauge.stitchWidth.plusMinus ?? 0, cloth.stitchMm),
      2 * cloth.borders.sidesMm * cloth.borders.openShare,
    ),
  );
  const heightOf = (id: string, label: string, mm: number, loadMm: number) =>
    heightFigure(inputs, own, counts, front, { id, label, mm, loadMm });
  const height = heightOf('size.height', 'Height to the mouth, empty', own.sizing.heightMm(frontRows), 0);
  return {
    stitches,
    startingChain: chainFigure(design, across.firstRow(stitchCount, frontRows), stitches),
    panelWidth: productFigure('panel.width', 'Width, flat', stitches, gauge.stitchWidth),
    frontRows: front,
    backRows: back,
    width,
    widthOff: offFigure('size.widthOff', width, wanted.width),
    height,
    heightOff: offFigure('size.heightOff', height, wanted.height),
    heightLoaded: heightOf(
      'size.heightLoaded',
      'Height to the mouth, loaded',
      own.heightLoadedMm(frontRows),
      design.contents.thicknessMm,
    ),
    ...depthFigures(inputs, own.depthMm),
    ...NOTHING_SPECIAL,
  };
}

function stitchesFigure({ body, gauge, wanted }: BodyInput, own: FacesOwn, counts: FaceCounts): Figure {
  const { stitchCount, wished, across } = counts;
  return makeFigure('panel.stitches', own.names.stitches, stitchCount, 'stitch', {
    rule:
      body.chosenStitches === null
        ? `${across.stitches.rule}: ${wished.toFixed(1)}. To the nearest count that the stitch allows.`
        : body.chosenStitches === stitchCount
          ? 'You settled on this count.'
          : `You settled on ${body.chosenStitches}; this is the nearest count that the stitch allows.`,
    inputs: [inputFrom(wanted.width), ...across.stitches.inputs, inputFrom(gauge.stitchWidth)],
    source: body.chosenStitches === null ? GEOMETRY : CHOSEN,
  });
}

function rowFigures({ body, gauge, wanted }: BodyInput, own: FacesOwn, { frontRows, backRows }: FaceCounts) {
  const { sizing, names } = own;
  const more = backRows - frontRows;
  const backRule =
    more > 0 && !own.backFollows && body.chosenRows.back === null
      ? `As many as the front, and ${more} more for the border above it, so that both upper edges meet.`
      : names.backRule;
  const rows = (id: string, label: string, value: number, chosen: boolean, rule: string) =>
    makeFigure(
      id,
      label,
      value,
      'row',
      chosen
        ? { rule: 'You set this on the drawing.', inputs: [inputFrom(gauge.rowHeight)], source: CHOSEN }
        : {
            rule,
            inputs: [inputFrom(wanted.height), ...sizing.rows.inputs, inputFrom(gauge.rowHeight)],
            source: GEOMETRY,
          },
    );
  const { chosenRows } = body;
  const rule = `${sizing.rows.rule} Divided by the row height, to the nearest row.`;
  const isBackChosen = !own.backFollows && chosenRows.back !== null;
  return {
    front: rows('panel.frontRows', names.frontRows, frontRows, chosenRows.front !== null, rule),
    back: rows('panel.backRows', names.backRows, backRows, isBackChosen, backRule),
  };
}

function heightFigure(
  { body, gauge, cloth }: BodyInput,
  { sizing }: FacesOwn,
  { frontRows, backRows }: FaceCounts,
  front: Figure,
  { id, label, mm, loadMm }: { id: string; label: string; mm: number; loadMm: number },
): Figure {
  return makeFigure(
    id,
    label,
    mm,
    'mm',
    {
      rule: sizing.height.rule,
      inputs: [
        inputFrom(front),
        inputFrom(gauge.rowHeight),
        ...sizing.height.inputs,
        input('Thickness of the load', loadMm, 'mm'),
      ],
      source: GEOMETRY,
    },
    Math.hypot(
      heightDoubtMm(body.kind, { front: frontRows, back: backRows }, gauge.rowHeight.plusMinus ?? 0, cloth.rowMm),
      cloth.borders.frontMm * cloth.borders.openShare,
    ),
  );
}

/** Depth outside, and by how much it is off; nothing for a bag that lies flat. */
export function depthFigures(
  { gauge, wanted, cloth }: BodyInput,
  depthMm: number,
  plusMinus: number | null = null,
): Pick<PouchStage['figures'], 'depth' | 'depthOff'> {
  if (depthMm === 0 || wanted.depth === null) return { depth: null, depthOff: null };
  const depth: Figure = makeFigure(
    'size.depth',
    'Depth, outside',
    depthMm + cloth.fabricMm,
    'mm',
    {
      rule: 'From the middle of the front to the middle of the back, plus half the fabric on either side.',
      inputs: [input('Between the middles of the fabric', depthMm, 'mm'), inputFrom(gauge.fabricThickness)],
      source: GEOMETRY,
    },
    plusMinus,
  );
  return { depth, depthOff: offFigure('size.depthOff', depth, wanted.depth) };
}

/** A problem of the body that prevents a plan. */
export function stop<C extends 'too-many-stitches' | 'front-too-short' | 'load-too-thick' | 'width-under-one-repeat'>(
  code: C,
  path: (string | number)[],
  values: ProblemValues[C],
  repairs: Repair[] = [],
): { ok: false; problems: Problem[] } {
  const problem = { code, path, values, severity: 'stop', place: 'body', repairs } as const;
  return { ok: false, problems: [problem as unknown as Problem] };
}

/** A pouch with more figures and problems of its construction's own. */
export const withOwn = (
  pouch: PouchStage,
  { own = [], problems = [], ...rest }: Partial<PouchStage>,
): { ok: true; pouch: PouchStage } => ({
  ok: true,
  pouch: { ...pouch, ...rest, own: [...pouch.own, ...own], problems: [...pouch.problems, ...problems] },
});

/** Prevents a plan of more rows or stitches than a strip or a base is planned with; nothing where there are fewer. */
export const tooMany = (
  counted: { rows: number } | { stitches: number },
  most: number,
  path: (string | number)[],
): ReturnType<typeof stop> | null =>
  Math.max(...Object.values(counted)) <= most
    ? null
    : stop('too-many-stitches', path, { mostStitches: most, ...counted });
