import type { BodyKind } from '@/core/design';
import { isLengthwise, type Join, type RowsPiece } from '@/core/pieces';
import { sectionPointAt } from '@/core/section';
import { cornersFoldedIn } from './cornersFoldedIn';
import type { FoldInput } from './foldInput';
import { roundSheet, stadium } from './flatRound';
import { pleatedAcross, ribbon, straightAcross, type RibbonStretch } from './ribbon';
import { alongStops, chordRad } from './sampling';
import { stops, type SheetByRows } from './sheet';
import { vec } from './space';
import { tailSheets } from './tailSheets';
import { wrappedFaces } from './wrappedFaces';

/** How each construction is folded. A new one is a new line here. */
export const FOLDS: Record<BodyKind, (input: FoldInput) => SheetByRows[]> = {
  'fold-over-strip': (input) => {
    const { halfMm } = seamedHalf(input);
    return wrappedFaces(input, {
      piece: 'panel',
      halfMm,
      mouthHalfMm: halfMm,
      gapMm: input.plan.pouch.layers.fabricMm,
      floor: null,
      floorHalfMm: null,
    });
  },
  'boxed-corners': (input) => {
    const { halfMm } = seamedHalf(input);
    const { sectionMm, depthMm } = input.plan.pouch;
    const floorHalfMm = Math.max(0, halfMm - depthMm / 2);
    const faces = wrappedFaces(input, {
      piece: 'panel',
      halfMm,
      mouthHalfMm: halfMm,
      gapMm: 0,
      floor: {
        fromMm: Math.max(0, sectionMm.front - depthMm / 2),
        toMm: sectionMm.front + Math.min(sectionMm.back, depthMm / 2),
      },
      floorHalfMm,
    });
    return input.pleat ? cornersFoldedIn(input, input.pleat, faces, { halfMm, floorHalfMm }) : faces;
  },
  'around-chain': (input) => wrappedFaces(input, { floor: null, floorHalfMm: null, ...rounds(input) }),
  'oval-base': (input) => {
    const { pouch, pieces } = input.plan;
    const base = pieces.find((piece) => piece.kind === 'oval');
    const { front, base: under } = pouch.sectionMm;
    const radiusMm = pouch.depthMm / 2;
    const straightMm = base?.kind === 'oval' ? base.straightStitches * base.stitchMm : 0;
    return [
      ...wrappedFaces(input, { floor: { fromMm: front, toMm: front + under }, floorHalfMm: null, ...rounds(input) }),
      roundSheet(
        { mark: 'part.base', piece: 'base', thicknessMm: pouch.layers.fabricMm, rowMm: pouch.rowMm },
        radiusMm,
        stadium(straightMm / 2, radiusMm),
        ({ a, b }) => vec(radiusMm + b, 0, a),
      ),
    ];
  },
  'side-bands': (input) => {
    const { plan, section, baseMm, backEndMm, pleat } = input;
    const { sectionMm, depthMm, layers } = plan.pouch;
    const { halfMm } = seamedHalf(input);
    const [floorFromMm, floorToMm] = [
      Math.max(0, sectionMm.front - depthMm / 2),
      sectionMm.front + Math.min(sectionMm.back, depthMm / 2),
    ];
    const stands = sectionPointAt(section, backEndMm).point;
    // Folded flat, the base is drawn in at both ends as far as the bands are.
    const face = (mark: string, fromMm: number, toMm: number, drawnIn: boolean): SheetByRows => ({
      mark,
      piece: 'panel',
      thicknessMm: layers.fabricMm,
      fromMm,
      toMm,
      across: () => [-1, 0, 1],
      along: () => alongStops(section, fromMm, toMm, []),
      rowMm: plan.pouch.rowMm,
      isRound: false,
      rowAt: (alongMm) => {
        const { x, y } = sectionPointAt(section, alongMm).point;
        const half = Math.max(0, halfMm - (drawnIn ? y : 0));
        return (share) => vec(x, y, share * half);
      },
      halfMm: () => halfMm,
    });
    const across = pleat ? pleatedAcross(pleat) : straightAcross(stands.x);
    const bandMm = Math.max(0, Math.min(sectionMm.front, sectionMm.back) - depthMm / 2);
    const band = (side: 1 | -1): SheetByRows =>
      ribbon(
        { mark: 'part.band', piece: 'band', thicknessMm: layers.fabricMm, rowMm: rowsAcross(input, 'band') },
        side === 1
          ? { zMm: halfMm, yMm: bandMm, headingRad: -Math.PI / 2 }
          : { zMm: -halfMm, yMm: 0, headingRad: Math.PI / 2 },
        [{ kind: 'line', lengthMm: bandMm }],
        across,
        ({ zMm, yMm }, inMm) => {
          const insideMm = Math.max(0, halfMm - inMm);
          return { zMm: Math.max(-insideMm, Math.min(insideMm, zMm)), yMm: Math.max(inMm, yMm) };
        },
      );
    const isFlat = pleat !== null;
    return [
      face('part.front', 0, floorFromMm, false),
      face('part.front', floorFromMm, baseMm, isFlat),
      face('part.back', baseMm, floorToMm, isFlat),
      face('part.back', floorToMm, backEndMm, false),
      band(1),
      band(-1),
      ...tailSheets(input, 0),
    ];
  },
  gusset: (input) => {
    const { pouch, pieces, joins } = input.plan;
    const join = joins.find(({ id }) => id === 'gusset-front');
    const { front: heightMm } = pouch.sectionMm;
    const backX = sectionPointAt(input.section, input.backEndMm).point.x;
    const stretches = join ? stretchesOf(join) : [];
    const halfMm = ribbonSpanMm(stretches) / 2;
    const round = stretches.find((stretch) => stretch.kind === 'arc' && stretch.radiusMm > SQUARE_MM);
    const radiusMm = round?.kind === 'arc' ? round.radiusMm : 0;
    /** Half of a panel where it is sewn to the gusset: a corner that was worked in steps is eased into the round. */
    const easedHalfMm = (upMm: number): number =>
      halfMm - radiusMm + Math.sqrt(Math.max(0, radiusMm ** 2 - Math.max(0, radiusMm - upMm) ** 2));
    const roundedMm = round
      ? stops(0, Math.PI / 2, chordRad(radiusMm)).map((rad) => radiusMm * (1 - Math.cos(rad)))
      : [];
    const across = input.pleat ? pleatedAcross(input.pleat) : straightAcross(backX);
    return [
      panelSheet(input, 'front', 0, heightMm),
      panelSheet(input, 'back', backX, heightMm),
      ribbon(
        {
          mark: 'part.gusset',
          piece: 'gusset',
          thicknessMm: pouch.layers.fabricMm,
          rowMm: rowsAcross(input, 'gusset'),
        },
        { zMm: halfMm, yMm: heightMm, headingRad: -Math.PI / 2 },
        stretches,
        across,
        // As far in from the sides and the base as the pleat is deep.
        ({ zMm, yMm }, inMm) => {
          const insideMm = Math.max(0, halfMm - inMm);
          return { zMm: Math.max(-insideMm, Math.min(insideMm, zMm)), yMm: Math.max(inMm, yMm) };
        },
      ),
      ...tailSheets(input, 0),
    ];

    function panelSheet({ section }: FoldInput, id: 'front' | 'back', x: number, highMm: number): SheetByRows {
      const piece = pieces.find((one) => one.id === id) as RowsPiece;
      const rows = id === 'front' ? pouch.frontRows : pouch.backRows;
      const takesMm = takeUp(input) * pouch.stitchMm;
      const [fromMm, toMm] = id === 'front' ? [0, highMm] : [input.backEndMm - pouch.sectionMm.back, input.backEndMm];
      const upMm = (alongMm: number) => (id === 'front' ? highMm - alongMm : alongMm - fromMm);
      const halfAt = (mm: number): number => {
        const row = Math.max(0, Math.min(rows, (upMm(mm) + takesMm) / pouch.rowMm));
        const atEnd = (k: number) => (piece.rows[Math.max(0, k - 1)]?.stitches ?? 0) * (pouch.stitchMm / 2) - takesMm;
        const below = Math.floor(row);
        return atEnd(below) + (row - below) * (atEnd(Math.min(rows, below + 1)) - atEnd(below));
      };
      const roundStops = roundedMm.map((mm) => (id === 'front' ? highMm - mm : fromMm + mm));
      return {
        mark: `part.${id}`,
        piece: id,
        thicknessMm: pouch.layers.fabricMm,
        fromMm,
        toMm,
        across: () => [-1, 0, 1],
        along: () => alongStops(section, fromMm, toMm, roundStops),
        rowMm: pouch.rowMm,
        isRound: false,
        rowAt: (alongMm) => {
          const up = upMm(alongMm);
          const half = round ? easedHalfMm(up) : halfAt(alongMm);
          return (share) => vec(x, up, share * half);
        },
        halfMm: halfAt,
      };
    }
  },
  'round-purse': (input) => {
    const { pouch, joins } = input.plan;
    const join = joins.find(({ id }) => id === 'band-rim');
    const radiusMm = pouch.sectionMm.front / 2;
    const bandMm = join ? lengthOf(join) : 0;
    const openRad = 2 * Math.PI - bandMm / radiusMm;
    const backX = sectionPointAt(input.section, input.backEndMm).point.x;
    const { fabricMm } = pouch.layers;
    const disc = (mark: string, x: number, way: 1 | -1) =>
      roundSheet(
        { mark, piece: 'disc', thicknessMm: fabricMm, rowMm: pouch.rowMm },
        radiusMm,
        stadium(0, radiusMm),
        ({ a, b }) => vec(x, radiusMm + b * way, a),
      );
    const startRad = Math.PI / 2 - openRad / 2;
    return [
      disc('part.front', 0, -1),
      disc('part.back', backX, 1),
      ribbon(
        { mark: 'part.band', piece: 'band', thicknessMm: fabricMm, rowMm: rowsAcross(input, 'band') },
        {
          zMm: radiusMm * Math.cos(startRad),
          yMm: radiusMm + radiusMm * Math.sin(startRad),
          headingRad: startRad - Math.PI / 2,
        },
        [{ kind: 'arc', lengthMm: bandMm, radiusMm }],
        input.pleat ? pleatedAcross(input.pleat) : straightAcross(backX),
        // No further in than the middle.
        (place, inMm) => (inMm <= radiusMm ? place : { zMm: 0, yMm: radiusMm }),
      ),
    ];
  },
};

/** The row height of a narrow strip whose rows lie across it; null where they run along. */
function rowsAcross({ plan: { pieces } }: FoldInput, id: 'gusset' | 'band'): number | null {
  const piece = pieces.find((one) => one.id === id);
  return piece?.kind === 'rows' && !isLengthwise(piece) ? piece.rowMm : null;
}

const takeUp = ({ plan }: FoldInput): number => plan.contents.settled.body.seam.takeUpStitches;

/** Half of a row between two side seams. */
function seamedHalf(input: FoldInput): { halfMm: number } {
  const { stitchCount, stitchMm, borders } = input.plan.pouch;
  return { halfMm: (stitchCount / 2 - takeUp(input)) * stitchMm + borders.sidesMm };
}

/** Faces of one tube. */
function rounds({ plan: { pouch } }: FoldInput) {
  const { stitchCount, topStitches, stitchMm } = pouch;
  return {
    piece: 'sides' as const,
    halfMm: (stitchCount / 2) * stitchMm,
    mouthHalfMm: (topStitches / 2) * stitchMm,
    gapMm: 0,
  };
}

const lengthOf = ({ stretches }: Join): number => stretches.reduce((sum, { lengthMm }) => sum + lengthMm, 0);

/** A strip's way along a panel: sides and base straight, corners a quarter of a turn each; square ones turn where they are. */
function stretchesOf({ stretches }: Join): RibbonStretch[] {
  const hasCorners = stretches.some(({ name }) => name === 'corner');
  const square: RibbonStretch = { kind: 'arc', lengthMm: (Math.PI / 2) * SQUARE_MM, radiusMm: SQUARE_MM };
  return stretches.flatMap(({ name, lengthMm }, index): RibbonStretch[] => {
    if (name === 'corner') return [{ kind: 'arc', lengthMm, radiusMm: Math.max(SQUARE_MM, lengthMm / (Math.PI / 2)) }];
    const line: RibbonStretch = { kind: 'line', lengthMm };
    return !hasCorners && index < stretches.length - 1 ? [line, square] : [line];
  });
}

/** The bend of a corner that turns where it is, mm. */
const SQUARE_MM = 1e-4;

/** How wide the bag is that a strip goes round: its base, and the corners on both sides. */
const ribbonSpanMm = (stretches: readonly RibbonStretch[]): number => {
  const middle = Math.floor(stretches.length / 2);
  return (
    (stretches[middle]?.lengthMm ?? 0) +
    stretches.reduce((sum, stretch) => sum + (stretch.kind === 'arc' ? stretch.radiusMm : 0), 0)
  );
};
