import { factsOf } from '@/core/design';
import { formOnFabric, lineCorners, type FabricMark } from '@/core/fittings';
import { withinSidesMm, pleat, type SectionPiece } from '@/core/section';
import { FOLDS } from './bodies';
import { foldedBands, type FoldedBand } from './foldedBands';
import { sectionOf, stations, type FoldState, type FoldWay, type FoldedPlan } from './foldInput';
import { asSheet, sheetGrid, type FoldedSheet, type SheetGrid, type SheetPoint } from './sheet';
import { thingsInBag, type ThingBox } from './thingsInBag';
import { turnedTail } from './turnedTail';
import { unit, cross, between, vec, type Vec } from './space';

/** A line across a sheet: a fold, or an edge. */
export interface FoldedLine {
  mark: string;
  kind: 'fold' | 'edge' | 'row';
  sheet: FoldedSheet;
  alongMm: number;
}

/** Something that is put on the bag, where it lies on a sheet. */
export interface FoldedMark extends SheetPoint {
  mark: FabricMark;
  /** The way along the fabric there, from the front's mouth on, 1 mm long. */
  wayAlong: Vec;
  /** On the sheet's outer face, or on its inner one. */
  side: 1 | -1;
  thicknessMm: number;
}

/** The bag as it is folded: its sheets, what lies across and on them, and what is in it. */
export interface FoldedBag extends FoldWay {
  section: SectionPiece[];
  sheets: FoldedSheet[];
  lines: FoldedLine[];
  marks: FoldedMark[];
  bands: FoldedBand[];
  things: ThingBox[];
}

/**
 * Folds a planned bag. Section, picture in space, what is put on and clearance all read it.
 *
 * Every row keeps its length, and so does the middle line of the strip: the section is exact. What goes in bends each row towards the
 * other face; the flap is drawn over what stands out.
 *
 * @param plan a plan; only what it says of its pieces and how they lie
 * @param way empty or loaded, and how far the flap is open
 * Source: geometry.
 */
export function foldBag(plan: FoldedPlan, way: FoldWay): FoldedBag {
  const bare = foldSheets(plan, way);
  return {
    ...bare,
    lines: foldedLines(plan, bare.sheets),
    marks: foldedMarks(plan, bare.sheets),
    bands: foldedBands(plan, bare.sheets, way.state),
  };
}

/** The sheets of a folded bag and what is in it, without what lies across and on them. */
export function foldSheets(plan: FoldedPlan, { state, flap }: FoldWay): Omit<FoldedBag, 'lines' | 'marks' | 'bands'> {
  const { pouch } = plan;
  const { baseMm, backEndMm } = stations(pouch);
  const section = turnedTail(sectionOf(plan, state), backEndMm, flap);
  const loadHalfMm = loadHalfOf(plan, state);
  const foldedIn = state === 'flat' && plan.section.flat ? pleat(pouch.depthMm, pouch.layers, 0) : null;
  const input = { plan, state, flap, section, baseMm, backEndMm, loadHalfMm, pleat: foldedIn };
  const sheets = FOLDS[pouch.kind](input).map(asSheet);
  return { state, flap, section, sheets, things: thingsInBag(plan, state) };
}

/**
 * Half the width of what lies flat against front and back of the loaded bag, and the sheets beside it. An oval base keeps its round ends
 * whatever stands on it.
 */
function loadHalfOf({ contents, pouch }: FoldedPlan, state: FoldState): number {
  if (state !== 'loaded' || !contents.packed || pouch.loadMm <= 0 || factsOf(pouch.kind).hasRoundEnds) return 0;
  return contents.packed.widthMm / 2 + pouch.layers.fabricMm / 2 + withinSidesMm(pouch.layers);
}

/** Folds and edges, each on the sheet that it bounds. */
function foldedLines({ pouch, flap }: FoldedPlan, sheets: readonly FoldedSheet[]): FoldedLine[] {
  const { baseMm, backEndMm } = stations(pouch);
  const { rowMm } = pouch;
  const bridgeEndMm = backEndMm + flap.bridgeRows * rowMm;
  const on = (mark: string, kind: FoldedLine['kind'], part: string, alongMm: number): FoldedLine[] => {
    const sheet = sheets.find(
      ({ mark: of, fromMm, toMm }) => of === part && alongMm >= fromMm - 1e-6 && alongMm <= toMm + 1e-6,
    );
    return sheet && !sheet.isRound ? [{ mark, kind, sheet, alongMm }] : [];
  };
  const flapSheets = sheets.filter(({ mark }) => mark === 'part.flap');
  return [
    ...on('edge.front', 'edge', 'part.front', 0),
    ...(pouch.figures.baseFold ? on('fold.base', 'fold', 'part.front', baseMm) : []),
    ...on(flap.onPiece ? 'fold.top' : 'edge.back', flap.onPiece ? 'fold' : 'edge', 'part.back', backEndMm),
    ...(flap.hasFlap ? on('fold.flap', 'fold', 'part.flap', bridgeEndMm) : []),
    ...flapSheets
      .map((sheet): FoldedLine => ({ mark: 'edge.flap', kind: 'edge', sheet, alongMm: sheet.toMm }))
      .filter(({ alongMm }) => alongMm > backEndMm + (flap.bridgeRows + flap.flapRows) * rowMm - 1e-6),
  ];
}

/** What is put on the bag, where it lies; without what only comes to lie there, and what lies beside the way of the section. */
function foldedMarks({ marks, pouch, tracks }: FoldedPlan, sheets: readonly FoldedSheet[]): FoldedMark[] {
  const { baseMm, backEndMm } = stations(pouch);
  const partsAt = (stationMm: number): readonly string[] =>
    stationMm <= baseMm ? ['part.front'] : stationMm <= backEndMm ? ['part.back'] : ['part.flap', 'part.bridge'];
  // Which way along the fabric a form's own piece runs there.
  const wayAt = (stationMm: number): 1 | -1 =>
    stationMm <= baseMm
      ? tracks.front.step
      : stationMm <= backEndMm
        ? (-tracks.back.step as 1 | -1)
        : (tracks.flap?.step ?? 1);
  return marks.flatMap((flat): FoldedMark[] => {
    const stationMm = flat.stationMm ?? flat.foldedMm ?? null;
    if (stationMm === null || flat.presence === 'lands') return [];
    const parts = partsAt(stationMm);
    const sheet = sheets.find(
      ({ mark: of, fromMm, toMm }) => parts.includes(of) && stationMm >= fromMm - 1e-6 && stationMm <= toMm + 1e-6,
    );
    const wayAlong = sheet && unit(between(sheet.at(0, stationMm - 0.1), sheet.at(0, stationMm + 0.1)));
    if (!sheet || !wayAlong) return [];
    const side = flat.face === 'outer' ? 1 : -1;
    const folded = asFolded(flat, wayAt(stationMm));
    // What runs along an edge bends with it.
    return (flat.stationMm === null ? inSlices(folded) : [folded]).map((mark): FoldedMark => ({
      ...pointOnSheet(sheet, stationMm, mark.acrossMm),
      ...{ wayAlong, mark, side, thicknessMm: sheet.thicknessMm },
    }));
  });
}

/** Wider than this, what lies along an edge is shown in slices, mm. */
const SLICE_MM = 14;

/** A wide mark as slices beside each other, each as high as it is. */
function inSlices(mark: FabricMark): FabricMark[] {
  const { form } = mark;
  if (form.kind !== 'outline') return [mark];
  const [across, along] = [0, 1].map((at) => form.points.map((point) => point[at as 0 | 1])) as [number[], number[]];
  const [from, to] = [Math.min(...across), Math.max(...across)];
  const count = Math.ceil((to - from) / SLICE_MM);
  if (count < 3) return [mark];
  const half = (to - from) / count / 2;
  const [low, high] = [Math.min(...along), Math.max(...along)];
  return Array.from({ length: count }, (_, index) => ({
    ...mark,
    acrossMm: mark.acrossMm + from + (2 * index + 1) * half,
    form: {
      kind: 'outline',
      points: [
        [-half, low],
        [half, low],
        [half, high],
        [-half, high],
      ],
    },
  }));
}

/** A mark about its own middle across, as wide things lie, and with its form along the fabric instead of along its piece. */
function asFolded(mark: FabricMark, way: 1 | -1): FabricMark {
  const form = formOnFabric(mark);
  if (form.kind !== 'line' && form.kind !== 'outline') return mark;
  const corners = form.kind === 'line' ? lineCorners(form) : form.points;
  const across = corners.map(([x]) => x);
  const middle = (Math.min(...across) + Math.max(...across)) / 2;
  const points = corners.map(([x, y]) => [x - middle, y * way] as const);
  return {
    ...mark,
    acrossMm: mark.acrossMm + middle,
    form: { kind: 'outline', points: turnsLeft(points) ? points : points.reverse() },
  };
}

/** Whether an outline goes counter-clockwise, across to the right and along upwards. */
const turnsLeft = (points: readonly (readonly [number, number])[]): boolean =>
  points.reduce((sum, [x, y], index) => {
    const [nextX, nextY] = points[(index + 1) % points.length] as readonly [number, number];
    return sum + x * nextY - nextX * y;
  }, 0) >= 0;

/** The place on a sheet so far along it and so far from its middle, in mm of its fabric. */
export function pointOnSheet(sheet: FoldedSheet, alongMm: number, acrossMm: number): SheetPoint {
  const halfMm = sheet.halfMm(alongMm);
  const share = halfMm > 0 ? Math.max(-1, Math.min(1, acrossMm / halfMm)) : 0;
  const step = 1e-3;
  const point = sheet.at(share, alongMm);
  const wayAlong = between(sheet.at(share, alongMm - step), sheet.at(share, alongMm + step));
  const wayAcross = between(sheet.at(share - step, alongMm), sheet.at(share + step, alongMm));
  return { point, outward: unit(cross(wayAlong, wayAcross)) ?? vec(-1, 0, 0) };
}

/** The same bag's grid, sheet by sheet: what a picture in space is made from. */
export const gridsOf = ({ sheets }: FoldedBag): SheetGrid[] => sheets.map(sheetGrid);
