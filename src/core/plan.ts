import { layersOf } from '@/core/contents';
import {
  begunAsPieces,
  bodyStage,
  constructionOf,
  countOffers,
  rowOffers,
  textureProblems,
  unheededProblems,
  type CountOffer,
  type RowOffer,
} from './body';
import {
  contentsStage,
  loadThicknessMm,
  type ContentsStage,
  type LoadState,
  type Packings,
  type SettledDesign,
} from './contents';
import { colourUses } from './colours';
import { ownStitchProblems, type Design } from './design';
import { withoutBorderProblems, type EdgingStage } from './edging';
import { emptyAndFullProblems, emptyAndFullStage, type EmptyAndFull } from './emptyAndFull';
import type { Figure, FigureId } from './figures';
import { carryProblems, contentsFit, throughFabricStage, type FitStage, type ThroughFabricStage } from './fit';
import { flapSplits, flapStage, withHalfDisc, type Split } from './flap';
import { FITTING_KINDS } from './fittingKinds';
import {
  planFittings,
  type BareBag,
  type FabricMark,
  type HungBand,
  type FittingCatalogues,
  type FittingGroup,
  type FittingStage,
} from './fittings';
import { foldStage, type FoldStage } from './fold';
import { gaugeStage, type GaugeStage } from './gauge';
import { onRaisedProblems, overlapProblems, slipsOutProblems, type ClosureStage } from './closure';
import { clothPieces, clothProblems } from './layout';
import { withPlaces, type LiningStage } from './lining';
import { makingSteps, type Step } from './making';
import { piecesFigures, type Join, type Piece, type PiecesFigures, type PieceSet, type WorkedFrom } from './pieces';
import type { Problem } from './problems';
import { foldedFlatPieces, sectionPieces, type SectionInput } from './section';
import type { FlapStage, PouchStage, SectionByState } from './stages';
import { pocketOverlaps, type PocketStage } from './pocket';
import type { StiffenerStage } from './stiffener';
import type { StrapStage } from './strap';
import { yarnStage, type YarnStage } from './yarn';

/** A whole bag, computed from a design. Nothing in it is ever stored. */
export interface Plan {
  gauge: GaugeStage;
  contents: ContentsStage;
  /** How far its fabric opens between the stitches. */
  opening: ThroughFabricStage;
  fit: FitStage;
  pouch: PouchStage;
  flap: FlapStage;
  /** Everything that is worked, how it is joined, and where front, back and flap lie on it. */
  pieces: Piece[];
  joins: Join[];
  tracks: PieceSet['tracks'];
  /** The end that a strip is worked from; every other body is worked from its base. */
  workedFrom: WorkedFrom;
  whole: PiecesFigures;
  /** Counts near the wanted width that the stitch allows, the nearest first. */
  offers: CountOffer[];
  /** Rows of front and back near the wanted height, the nearest first. */
  rowOffers: RowOffer[];
  /** Splits that makers start from, each with the drop that it comes to here. */
  splits: Split[];
  /** What is put on, each kind with what only it has; and all of it as what all kinds have. */
  closures: ClosureStage[];
  straps: StrapStage[];
  lining: LiningStage | null;
  stiffener: StiffenerStage | null;
  edgings: EdgingStage[];
  pockets: PocketStage[];
  fittings: FittingStage[];
  /** Whatever is put on, as it lies on the pieces. */
  marks: FabricMark[];
  /** What it is carried by, as it rises above it. */
  bands: HungBand[];
  /** What only the folded bag tells: how wide it is when loaded, and whether what goes in has room beside it. */
  fold: FoldStage;
  /** What differs between the empty and the full bag; nothing where no load is known. */
  emptyAndFull: EmptyAndFull[];
  yarn: YarnStage;
  section: SectionByState;
  steps: Step[];
  /** Every figure of the plan by its id: any number on a screen can be looked up here and asked why. */
  figures: Record<FigureId, Figure>;
  problems: Problem[];
}

/** A plan with what to mind, or the problems that prevent one. */
export type PlanResult = { ok: true; plan: Plan } | { ok: false; problems: Problem[] };

/** A bag before anything is put on it; null where it can't be planned. */
function bareBag(wished: Design): BareBag | null {
  const gauge = gaugeStage(wished);
  const body = bodyStage(contentsStage(wished, layersOf(wished, gauge.fabricThickness.value)), gauge);
  if (!body.ok) return null;
  const set = body.pieces(flapStage(body.design, gauge, body.pouch));
  return { gauge, pouch: body.pouch, set, whole: piecesFigures(set, gauge) };
}

/**
 * Plans a bag, stage by stage in the order of work. Pure: the same design always gives the same plan.
 *
 * @param wished a design that the schema has accepted; lengths in mm, masses in g
 * @param packings ways to pack what goes in, where they are known already; else they are looked for, which can take a second
 * @param kinds the kinds of what can be put on a bag
 * @returns the plan, with the problems that can be lived with; or only the problems that prevent one
 *
 * @example
 * planBag(starterDesign('thirds', 's1')).ok // => true
 */
export function planBag(wished: Design, packings?: Packings, kinds: FittingCatalogues = FITTING_KINDS): PlanResult {
  const unworkable = ownStitchProblems(wished);
  if (unworkable.length > 0) return { ok: false, problems: unworkable };
  const gauge = gaugeStage(wished);
  const contents = contentsStage(wished, layersOf(wished, gauge.fabricThickness.value), packings);
  const body = bodyStage(contents, gauge);
  if (!body.ok) return body;

  const { design } = body;
  const fit = contentsFit(wished, contents, body.pouch, design.clampedLoadMm);
  const flap = flapStage(design, gauge, body.pouch);
  const set = withHalfDisc(body.pieces(flap), design, body.pouch, flap);
  const pouch = begunAsPieces(body.pouch, set, design);
  const whole = piecesFigures(set, gauge);
  const section = sectionsOf(design, pouch, flap);
  const {
    all: put,
    marks,
    bands,
    problems: fittingProblems,
  } = planFittings(
    { design, gauge, mass: contents.figures.mass, pouch, flap, set, whole, section, bare: bareBag },
    kinds,
  );
  const fittings = put.map((stage) =>
    stage.at.group === 'lining' && 'patterns' in stage ? withPlaces(stage as LiningStage, marks, pouch) : stage,
  );
  const fold = foldStage(
    { pouch, flap, marks, bands, contents, section, pieces: set.pieces, joins: set.joins, tracks: set.tracks },
    design,
    fit,
  );
  const emptyAndFull = emptyAndFullStage(gauge, pouch, flap, fittings, fold);
  const uses = colourUses(design.colourRows, set.pieces, design.furtherYarns.length);
  const yarn = yarnStage(design, gauge, { ...whole, uses }, fittings);
  const offers = countOffers(design, gauge, pouch, contents.wanted.width);
  const closesAtMm = fittings.find(({ fromEdgeMm }) => fromEdgeMm !== null)?.fromEdgeMm ?? null;
  const splits = flap.onPiece ? flapSplits(design, pouch, flap, closesAtMm) : [];
  const rowsOffered = rowOffers(design, gauge, pouch, contents.wanted.height);
  const opening = throughFabricStage(wished, gauge);
  const stages = {
    gauge,
    opening,
    contents,
    fit,
    pouch,
    flap,
    offers,
    rowOffers: rowsOffered,
    splits,
    fittings,
    fold,
    emptyAndFull,
    yarn,
  };

  const pockets = ofGroup('pockets', fittings) as PocketStage[];
  const lining = (ofGroup('lining', fittings)[0] as LiningStage | undefined) ?? null;
  return {
    ok: true,
    plan: {
      closures: ofGroup('closures', fittings) as ClosureStage[],
      straps: ofGroup('straps', fittings) as StrapStage[],
      edgings: ofGroup('edgings', fittings) as EdgingStage[],
      pockets,
      lining,
      stiffener: (ofGroup('stiffener', fittings)[0] as StiffenerStage | undefined) ?? null,
      marks,
      bands,
      pieces: set.pieces,
      joins: set.joins,
      tracks: set.tracks,
      workedFrom: set.workedFrom,
      whole,
      section,
      steps: makingSteps(design, { hasFlap: flap.hasFlap, ...set }, fittings),
      figures: figuresOf({ whole, ...stages }, set),
      problems: [
        ...[gauge, fit].flatMap(({ problems }) => problems),
        ...carryProblems(wished, fittings),
        ...opening.problems,
        ...[pouch, flap, set].flatMap(({ problems }) => problems),
        ...unheededProblems(wished, design, pouch, set.pieces),
        ...textureProblems(design, { pouch, flap, workedFrom: set.workedFrom }),
        ...withoutBorderProblems(wished, pouch, set.joins),
        ...fittingProblems,
        ...[fold, yarn].flatMap(({ problems }) => problems),
        ...slipsOutProblems(design, pouch, fittings),
        ...overlapProblems(design, marks, set.pieces),
        ...pocketOverlaps(design, marks),
        ...clothProblems(clothPieces({ lining, pockets }, design.cloth), design),
        ...onRaisedProblems(design, marks, set.pieces),
        ...emptyAndFullProblems(design, pouch, flap, fold, emptyAndFull, fittings),
      ],
      ...stages,
    },
  };
}

const ofGroup = (group: FittingGroup, fittings: readonly FittingStage[]): FittingStage[] =>
  fittings.filter(({ at }) => at.group === group);

function sectionsOf(design: SettledDesign, pouch: PouchStage, flap: FlapStage): SectionByState {
  const { sectionMm, depthMm, layers } = pouch;
  const input = (state: LoadState): SectionInput => ({
    frontMm: sectionMm.front,
    backMm: sectionMm.back,
    baseMm: sectionMm.base,
    depthMm,
    tailMm: (flap.bridgeRows + flap.flapRows) * pouch.rowMm + (flap.hasFlap ? pouch.borders.flapMm : 0),
    layers,
    loadMm: loadThicknessMm(design.contents, state),
    firmness: design.contents.firmness,
    corners: state === 'loaded' ? flap.corners : [],
  });
  const empty = input('empty');
  return {
    empty: sectionPieces(empty),
    loaded: sectionPieces(input('loaded')),
    flat: constructionOf(pouch.kind).foldsFlat ? foldedFlatPieces(empty) : null,
  };
}

/** The figures of all stages by their ids. Every plan makes it, so it is filled one by one, without a list in between. */
function figuresOf(
  stages: Omit<Plan, 'figures' | 'problems' | 'section' | 'steps' | 'marks' | 'bands' | FittingGroup | keyof PieceSet>,
  set: PieceSet,
): Record<FigureId, Figure> {
  const byId: Record<FigureId, Figure> = {};
  const put = (figure: Figure | null | undefined) => {
    if (figure) byId[figure.id] = figure;
  };
  const { gauge, opening, contents, fit, pouch, flap, fold, yarn } = stages;
  put(gauge.onSwatch.stitchWidth);
  put(gauge.onSwatch.rowHeight);
  put(gauge.stitchWidth);
  put(gauge.rowHeight);
  put(gauge.fabricThickness);
  put(gauge.widerForHalf);
  put(gauge.tallerForHalf);
  for (const stage of [opening, contents, fit, pouch, flap, fold, yarn])
    if (stage.figures) for (const figure of Object.values(stage.figures)) put(figure);
  pouch.own.forEach(put);
  for (const { asked } of stages.fittings) asked.forEach(put);
  set.figures.forEach(put);
  put(stages.whole.area);
  put(stages.whole.seams);
  put(yarn.held);
  for (const { mass, length, balls, lacking } of yarn.lots)
    [mass, length, balls, ...(lacking ? [lacking] : [])].forEach(put);
  for (const { width, off } of stages.offers) [width, off].forEach(put);
  for (const { height, off } of stages.rowOffers) [height, off].forEach(put);
  for (const { drop } of stages.splits) put(drop);
  for (const { empty, full, differs } of stages.emptyAndFull) [empty, full, differs].forEach(put);
  return byId;
}
