import { usualLining, type FlatLining } from '@/core/design';
import { COMMON_PRACTICE, GEOMETRY, input, inputFrom, makeFigure, type Figure } from '@/core/figures';
import {
  liningGoesIn,
  type CutCloth,
  type FabricMark,
  type FittingKind,
  type FittingPlace,
  type FittingStage,
  type StepRule,
} from '@/core/fittings';
import type { GaugeStage } from '@/core/gauge';
import {
  flatSize,
  isStraight,
  offsetOutline,
  pieceOutline,
  type OutlinePoint,
  type Piece,
  type PieceSet,
} from '@/core/pieces';

export interface FlatLiningStage extends FittingStage<FlatLining> {
  /** The largest piece first. */
  cloth: [CutCloth, ...CutCloth[]];
  turnUnder: Figure;
}

interface Covered {
  for: CutCloth['for'];
  copies: number;
  /** The outline that it is cut to; null where a rectangle does. */
  outline: OutlinePoint[] | null;
  width: Figure;
  length: Figure;
}

/**
 * A flat lining for every piece: cut larger than it, its edges pressed under so that it ends a little inside the crochet,
 * and whipped round before the pieces are joined. Sides that are worked in rounds are lined by a piece as long as a round.
 */
export const flatLining: FittingKind<FlatLining, FlatLiningStage> = {
  usual: usualLining,
  plan(lining, { set, gauge, at, pouch }) {
    const { linedMm } = pouch.borders;
    const every = set.pieces.flatMap((piece) => coveredBy(piece, gauge)).map((one) => overBorder(one, linedMm));
    // A piece that its pressed edges would cover from side to side takes no cloth.
    const wide = every.filter(({ width, length }) => Math.min(width.value, length.value) > 2 * lining.insetMm);
    const covered = wide.length > 0 ? wide : every;
    const cloth = covered.map((one, index) =>
      cutFor(lining, one, index, covered.length === 1),
    ) as FlatLiningStage['cloth'];
    const turnUnder = makeFigure(
      'lining.turnUnder',
      'Press under on every side',
      lining.allowanceMm + lining.insetMm,
      'mm',
      {
        rule: 'Allowance plus inset: the pressed edge then lies inside the crochet by the inset.',
        inputs: [allowanceInput(lining), insetInput(lining)],
        source: GEOMETRY,
      },
    );
    return {
      ok: true,
      stage: {
        choice: lining,
        at,
        marks: cloth.flatMap((one) => pressedEdge(one, set, lining, at)),
        bands: [],
        worked: [],
        workedOn: [],
        threads: [],
        cloth,
        sewn: [],
        tails: 0,
        steps: liningSteps(liningGoesIn(set) === 'last'),
        differs: [],
        sizes: [],
        worn: null,
        closes: null,
        holds: [],
        fromEdgeMm: null,
        compared: [],
        asked: [
          turnUnder,
          ...covered.flatMap(({ width, length }) => [width, length]),
          ...cloth.flatMap((one) => [one.cutWidth, one.cutLength, one.finishedWidth, one.finishedLength]),
        ],
        problems: [],
        turnUnder,
      },
    };
  },
};

/** In a bag that is worked in rounds the lining goes in last. */
const liningSteps = (isLast: boolean): StepRule[] => [
  { name: 'cut-lining', after: ['blocked'], before: [] },
  { name: 'press-lining', after: ['cut-lining'], before: [], is: 'cloth-ready' },
  {
    name: 'sew-lining',
    after: ['press-lining', 'hem-turned', ...(isLast ? ['joined'] : [])],
    before: isLast ? [] : ['joined'],
    is: 'covered',
    mark: 'lining',
  },
];

const allowanceInput = ({ allowanceMm }: FlatLining) => input('Cloth beyond the crochet, each side', allowanceMm, 'mm');
const insetInput = ({ insetMm }: FlatLining) => input('Lining’s edge inside the crochet’s', insetMm, 'mm');

/** The cloth for one piece, cut and pressed. */
function cutFor(lining: FlatLining, covered: Covered, index: number, isAlone: boolean): CutCloth {
  const { width, length, outline, ...rest } = covered;
  const name = index === 0 ? '' : `.${rest.for}`;
  const label = isAlone ? '' : ` (${LINING_NAMES[rest.for]})`;
  const cut = (id: string, what: string, over: Figure) =>
    makeFigure(
      `lining.${id}${name}`,
      `Cut the lining${label}: ${what}`,
      over.value + 2 * lining.allowanceMm,
      'mm',
      {
        rule: 'The crochet plus the allowance on both sides. Usual allowance: 12 to 25 mm. Measure your own piece first; the ± is that of the crochet.',
        inputs: [inputFrom(over), allowanceInput(lining)],
        source: COMMON_PRACTICE,
      },
      over.plusMinus,
    );
  const finished = (id: string, what: string, over: Figure) =>
    makeFigure(
      `lining.${id}${name}`,
      `Lining pressed${label}: ${what}`,
      Math.max(0, over.value - 2 * lining.insetMm),
      'mm',
      {
        rule: 'The crochet less the inset on both sides.',
        inputs: [inputFrom(over), insetInput(lining)],
        source: GEOMETRY,
      },
      over.plusMinus,
    );
  return {
    toOutline: outline !== null,
    outline,
    coversWidthMm: width.value,
    coversLengthMm: length.value,
    cutWidth: cut('cutWidth', 'width', width),
    cutLength: cut('cutLength', 'length', length),
    finishedWidth: finished('finishedWidth', 'width', width),
    finishedLength: finished('finishedLength', 'length', length),
    ...rest,
  };
}

/** The pressed edge of the lining, inside the crochet's, on a piece that is a rectangle or has one that folds. */
function pressedEdge(cloth: CutCloth, { pieces }: PieceSet, lining: FlatLining, of: FittingPlace): FabricMark[] {
  const piece = pieces.find(({ id }) => id === cloth.for);
  if (piece?.kind !== 'rows' || piece.roundCount > 0 || !(piece.id === 'panel' || isStraight(piece))) return [];
  return [
    {
      mark: 'lining',
      of,
      piece: piece.id,
      face: 'inner',
      acrossMm: 0,
      alongMm: flatSize(piece).lengthMm / 2,
      stationMm: null,
      count: null,
      form: { kind: 'patch', widthMm: cloth.finishedWidth.value, lengthMm: cloth.finishedLength.value },
      stuff: 'cloth',
      standsMm: lining.thicknessMm,
      throughMm: [],
      presence: 'set',
      move: null,
    },
  ];
}

export const LINING_NAMES: Record<CutCloth['for'], string> = {
  panel: 'panel',
  front: 'front',
  back: 'back and flap',
  gusset: 'gusset',
  disc: 'disc',
  band: 'band',
  base: 'base',
  sides: 'sides, all round',
  'half-disc': 'half disc',
  flap: 'flap',
};

/** What covers a strip covers the plain rounds of a border round it as well; what is worked over them stays free. */
function overBorder(covered: Covered, linedMm: number): Covered {
  if (linedMm === 0 || covered.for !== 'panel') return covered;
  const wider = (figure: Figure): Figure =>
    makeFigure(
      figure.id,
      figure.label,
      figure.value + 2 * linedMm,
      'mm',
      {
        ...figure.reason,
        rule: `${figure.reason.rule} With the plain rounds of the border on both sides.`,
        inputs: [...figure.reason.inputs, input('Plain rounds of the border', linedMm, 'mm')],
      },
      figure.plusMinus,
    );
  return {
    ...covered,
    outline: covered.outline && offsetOutline(covered.outline, linedMm),
    width: wider(covered.width),
    length: wider(covered.length),
  };
}

/** What a piece has to be covered with: a rectangle about it; for rounds one that goes all round, and one for what is worked on from them. */
function coveredBy(piece: Piece, gauge: GaugeStage): Covered[] {
  // A hem is turned back before the lining is sewn on.
  const hem = piece.kind === 'rows' ? piece.zones.find(({ id }) => id === 'hem') : undefined;
  const { stitchWidth, rowHeight } = gauge;
  const size = (id: string, label: string, mm: number, per: Figure) =>
    makeFigure(
      `lining.over.${id}`,
      label,
      mm,
      'mm',
      {
        rule: 'The piece as it lies flat, without a hem, which is turned back.',
        inputs: [inputFrom(per)],
        source: GEOMETRY,
      },
      mm * ((per.plusMinus ?? 0) / per.value),
    );
  const covered = (
    name: Covered['for'],
    widthMm: number,
    lengthMm: number,
    outline: OutlinePoint[] | null,
    copies = 1,
  ): Covered => ({
    for: name,
    copies,
    outline,
    width: size(`${name}.width`, `Width of the ${LINING_NAMES[name]}`, widthMm, stitchWidth),
    length: size(`${name}.length`, `Length of the ${LINING_NAMES[name]}`, lengthMm, rowHeight),
  });
  const flat = flatSize(piece);
  const hemRows = hem ? hem.toRow - hem.fromRow + 1 : 0;
  const { widthMm } = flat;
  const lengthMm = flat.lengthMm - hemRows * piece.rowMm;
  const own = () => pieceOutline(piece, hem ?? null);
  if (piece.kind !== 'rows') return [covered(piece.id, widthMm, lengthMm, own(), piece.copies)];
  const shaped = piece.rows.some(({ by }) => by !== 'nothing');
  if (piece.roundCount === 0) return [covered(piece.id, widthMm, lengthMm, shaped ? own() : null, piece.copies)];
  const beyond = piece.rows.slice(piece.roundCount, piece.rows.length - hemRows);
  const allRound = covered('sides', 2 * widthMm, piece.roundCount * piece.rowMm, null);
  if (beyond.length === 0) return [allRound];
  const flapStitches = Math.max(...beyond.map(({ stitches }) => stitches));
  const isShaped = beyond.slice(1).some(({ by }) => by !== 'nothing');
  return [
    allRound,
    covered(
      'flap',
      flapStitches * piece.stitchMm,
      beyond.length * piece.rowMm,
      isShaped ? pieceOutline({ ...piece, rows: beyond }, null) : null,
    ),
  ];
}
