import { gaugesOfYarn, type HookGauge } from '@/core/alternatives';
import { MOST_COUNT, constructionOf, heightDoubtMm, widthDoubtMm, standingOut, type Sizing } from '@/core/body';
import { insideNeeded, sheetsAcrossMm, sheetsAlongMm, wrapOf, type Packings } from '@/core/contents';
import { YARN_RESERVE } from '@/core/defaults';
import { patternNamed, patternOf, type Design, type StitchChoice, type Swatch } from '@/core/design';
import { carriedOver, openOf, pieceOfBody, type Measure } from '@/core/gauge';
import { stitchesInAll } from '@/core/pieces';
import { planBag, type Plan } from '@/core/plan';
import { bridgeOverMm } from '@/core/section';
import type { PouchStage } from '@/core/stages';
import { PANEL_STITCH_IDS, nearestCount, type StitchPattern } from '@/core/stitches';
import { foldsOff } from './foldsOff';
import { foretoldSwatch } from './foretoldSwatch';
import {
  plansOf,
  type AcrossOption,
  type FabricOptions,
  type SideOption,
  type SolutionModel,
  type TailOption,
} from './model';

/** Counts on either side of the nearest that are looked at. */
const COUNTS_BESIDE = 5;
const ROWS_BESIDE = 4;
const BRIDGE_BESIDE = 1;
const FLAP_BESIDE = 3;
/** A strip's back may be so many rows higher or lower than its front. */
const BACK_BESIDE = 1;

/** Plain stitches at each side that are tried with a pattern that has a repeat. */
const EDGES = [0, 1, 2, 3] as const;

/**
 * Every fabric that a bag can be worked in with its yarn (all stitches, on all hooks that swatches of it were worked on and those between,
 * with plain edges or none), and for each the counts around the wanted sizes: what the search goes through, as numbers.
 *
 * Each fabric is planned once as any bag is; the counts beside are reckoned from that plan by the construction's own sizing.
 *
 * @param design the bag; what she settled on herself is let go
 * @param swatches the library; those of other yarns are passed over
 * @param packings ways to pack what goes in, where they are known already
 * @param onlyItsStitch leaves all other stitches out
 * @returns after each fabric the share that is done; at the end the model
 */
export function* solutionModel(
  design: Design,
  swatches: readonly Swatch[],
  packings?: Packings,
  onlyItsStitch = false,
): Generator<number, SolutionModel> {
  const gauges = gaugesOfYarn(design, swatches);
  const choices: StitchChoice[] = onlyItsStitch
    ? [design.stitch]
    : [...PANEL_STITCH_IDS, ...design.ownStitches.map(({ id }) => id)];
  const fabrics: FabricOptions[] = [];
  const isInRounds = pieceOfBody(design.body.kind) === 'rounds';
  const all = choices.flatMap((stitch) => {
    const hasEdges = !isInRounds && patternNamed(stitch, design.ownStitches).repeatStitches > 1;
    const edges = hasEdges ? EDGES : [0];
    return gauges.flatMap((gauge) => edges.map((plainEdge) => ({ stitch, gauge, plainEdge })));
  });
  for (const [index, { stitch, gauge, plainEdge }] of all.entries()) {
    const options = optionsOf(design, stitch, gauge, plainEdge, packings);
    if (options && plansOf(options) > 0) fabrics.push(options);
    yield (index + 1) / all.length;
  }
  return { fabrics, plans: fabrics.reduce((sum, fabric) => sum + plansOf(fabric), 0) };
}

/** A fabric with its counts; null where no bag can be planned in it. */
function optionsOf(
  design: Design,
  stitch: StitchChoice,
  gauge: HookGauge,
  plainEdge: number,
  packings: Packings | undefined,
): FabricOptions | null {
  const swatch = gauge.swatch ?? foretoldSwatch(design.swatch, gauge);
  const planned = planBag(
    {
      ...design,
      stitch,
      plainEdge,
      swatch,
      body: { ...design.body, chosenStitches: null, chosenRows: { front: null, back: null, bridge: null, flap: null } },
    },
    packings,
  );
  if (!planned.ok) return null;
  const { plan } = planned;
  const pattern = patternOf({ ...design, stitch, plainEdge });
  const doubt = doubtsOf(plan, design, stitch, gauge);
  const { settled } = plan.contents;
  const sizing = constructionOf(settled.body.kind).sizing(
    settled.body,
    {
      ...plan.pouch.layers,
      stitchMm: plan.pouch.stitchMm,
      rowMm: plan.pouch.rowMm,
      borders: plan.pouch.borders,
    },
    pattern,
  );
  const across = acrossOptions(plan, sizing, doubt.stitchMm);
  return {
    stitch,
    hookMm: gauge.hookMm,
    swatch: gauge.swatch,
    plainEdge,
    isBags: { stitch: stitch === design.stitch, hook: gauge.hookMm === design.swatch.hookMm },
    across,
    sides: sideOptions(plan, sizing, pattern, doubt.rowMm),
    ...takes(plan, across),
  };
}

/** What is open of the width of a stitch and the height of a row in this fabric. */
function doubtsOf(
  plan: Plan,
  design: Design,
  stitch: StitchChoice,
  gauge: HookGauge,
): { stitchMm: number; rowMm: number } {
  if (gauge.swatch)
    return { stitchMm: plan.gauge.stitchWidth.plusMinus ?? 0, rowMm: plan.gauge.rowHeight.plusMinus ?? 0 };
  const open = openOf(design.swatch, stitch, design.body.kind);
  const over = ({ mm, plusMinusMm }: Measure, plannedMm: number) =>
    carriedOver({ mm, plusMinusMm }, plannedMm / mm, open).plusMinusMm;
  return {
    stitchMm: over(gauge.stitchMm, plan.gauge.stitchWidth.value),
    rowMm: over(gauge.rowMm, plan.gauge.rowHeight.value),
  };
}

function acrossOptions({ contents, pouch }: Plan, { across }: Sizing, doubtMm: number): AcrossOption[] {
  // A disc is as wide as it is high: its rounds are all there is to choose.
  if (across === null) return [{ stitches: null, offMm: 0, doubtMm: 0, shortMm: 0 }];
  const wantedMm = contents.wanted.width.value;
  const { allowed } = across;
  const middle = nearestCount(across.stitchesFor(wantedMm), allowed);
  if (middle === null) return [];
  const neededMm = contents.loaded ? insideNeeded(contents.loaded, 0, wrapOf(pouch.kind)).widthMm : 0;
  return beside(middle, COUNTS_BESIDE, allowed.repeatStitches)
    .filter(
      (count) =>
        count > Math.max(1, allowed.edgeStitches) &&
        count <= MOST_COUNT &&
        across.seenStitches(count) > 0 &&
        across.widthMm(count) > 0,
    )
    .map((stitches) => {
      const widthMm = across.widthMm(stitches);
      return {
        stitches,
        offMm: Math.abs(widthMm - wantedMm),
        doubtMm: widthDoubtMm(contents.settled.body, across.seenStitches(stitches), doubtMm, pouch.stitchMm),
        shortMm: Math.max(0, neededMm - (widthMm - sheetsAcrossMm(pouch.layers))),
      };
    });
}

function sideOptions(plan: Plan, sizing: Sizing, pattern: StitchPattern, doubtMm: number): SideOption[] {
  const { contents, pouch, flap, workedFrom } = plan;
  const wantedMm = contents.wanted.height.value;
  const wrap = wrapOf(pouch.kind);
  const neededMm = contents.loaded ? insideNeeded(contents.loaded, 0, wrap).heightMm : 0;
  const isDisc = sizing.across === null;
  const isStrip = pouch.figures.baseFold !== null;
  const fromFront = workedFrom === 'front-edge';
  const off = foldsOff(pattern);
  /** Rows of a strip's back that stand beside the border above the front's, mm. */
  const besideMm = isStrip ? pouch.borders.frontMm - pouch.borders.backMm : 0;
  const bendMm = pouch.sectionMm.front - Math.min(pouch.flatFrontMm.empty, pouch.flatFrontMm.loaded);
  const options: SideOption[] = [];
  for (const front of beside(pouch.frontRows, ROWS_BESIDE, 1)) {
    if (front < 1 || front > MOST_COUNT || front * pouch.rowMm <= Math.max(sizing.bendMm, bendMm)) continue;
    for (const back of isStrip ? beside(front + Math.round(besideMm / pouch.rowMm), BACK_BESIDE, 1) : [front]) {
      if (back < 1 || back * pouch.rowMm <= Math.max(sizing.bendMm, bendMm)) continue;
      const heightMm = sizing.heightMm(front);
      const tails = tailOptions(plan, front, back, (rows, total) =>
        off({ isStrip, fromFront, front, back, bridge: rows, total }),
      );
      options.push({
        front,
        back,
        // A disc is as wide as it is high.
        offMm: Math.abs(heightMm - wantedMm) * (isDisc ? 2 : 1) + Math.abs((back - front) * pouch.rowMm - besideMm),
        doubtMm: isDisc ? 4 * front * doubtMm : heightDoubtMm(pouch.kind, { front, back }, doubtMm, pouch.rowMm),
        shortMm: Math.max(0, neededMm - (heightMm - sheetsAlongMm(pouch.layers, wrap))),
        rows: isDisc ? pouch.stitchCount * (front / pouch.frontRows) * (front + 1) : front + back,
        tails: flap.hasFlap ? tails : [{ bridge: 0, flap: 0, offMm: 0, texture: tails[0]?.texture ?? 0, rows: 0 }],
      });
    }
  }
  return options;
}

/** Rows of bridge and flap around those that are wanted, for rows of front and back. */
function tailOptions(
  { pouch, flap, contents }: Plan,
  front: number,
  back: number,
  foldsOffAt: (bridge: number, total: number) => number,
): TailOption[] {
  const { rowMm, borders } = pouch;
  const bare = (bridge: number, rows: number): TailOption => ({
    bridge,
    flap: rows,
    offMm: 0,
    texture: foldsOffAt(bridge, front + back + bridge + rows),
    rows: 0,
  });
  if (!flap.hasFlap) return [bare(0, 0)];
  const { settled } = contents;
  const asHigh = withRows(pouch, front, back);
  const corners = standingOut(settled, asHigh);
  const bridgeMm = bridgeOverMm(pouch.layers, pouch.loadMm, settled.contents.firmness, pouch.depthMm, corners);
  const aboveMm = asHigh.sectionMm.back - asHigh.sectionMm.front;
  const wantedMm = settled.flap.dropMm;
  // A half disc has as many rows as its width asks for.
  const isFixed = flap.halfDisc !== null;
  const middleBridge = isFixed ? flap.bridgeRows : Math.max(0, Math.round(bridgeMm / rowMm));
  const flapShare =
    flap.rows.reduce((sum, { stitches }) => sum + stitches, 0) / (flap.flapRows * pouch.topStitches || 1);
  const startShare = flap.startStitches / pouch.topStitches;
  return beside(middleBridge, isFixed ? 0 : BRIDGE_BESIDE, 1)
    .filter((bridge) => bridge >= 0)
    .flatMap((bridge) => {
      const middleFlap = isFixed
        ? flap.flapRows
        : Math.max(1, Math.round((bridgeMm + aboveMm + wantedMm - borders.flapMm) / rowMm) - bridge);
      return beside(middleFlap, isFixed ? 0 : FLAP_BESIDE, 1)
        .filter((rows) => rows >= 1)
        .map((rows) => {
          const dropMm = (bridge + rows) * rowMm + borders.flapMm - bridgeMm - aboveMm;
          return {
            ...bare(bridge, rows),
            offMm: Math.abs(dropMm - wantedMm) + Math.abs(bridge * rowMm - bridgeMm),
            rows: bridge * startShare + rows * flapShare,
          };
        });
    });
}

/** The pouch with other rows: everything along it grows by as many rows. */
function withRows(pouch: PouchStage, front: number, back: number): PouchStage {
  const moreMm = (front - pouch.frontRows) * pouch.rowMm;
  return {
    ...pouch,
    sectionMm: {
      ...pouch.sectionMm,
      front: pouch.sectionMm.front + moreMm,
      back: pouch.sectionMm.back + (back - pouch.backRows) * pouch.rowMm,
    },
    flatFrontMm: { empty: pouch.flatFrontMm.empty + moreMm, loaded: pouch.flatFrontMm.loaded + moreMm },
  };
}

/** Yarn and stitches of all that does not follow from the counts, and yarn of one stitch. */
function takes(plan: Plan, across: readonly AcrossOption[]): Pick<FabricOptions, 'yarn' | 'restStitches'> {
  const { pouch, flap, pieces, yarn } = plan;
  const isDisc = across[0]?.stitches === null;
  const flapShare = flap.rows.reduce((sum, { stitches }) => sum + stitches, 0) / (pouch.topStitches || 1);
  const tailRows = flap.hasFlap ? (flap.bridgeRows * flap.startStitches) / pouch.topStitches + flapShare : 0;
  const counted = isDisc
    ? pouch.stitchCount * (pouch.frontRows + 1)
    : pouch.stitchCount * (pouch.frontRows + pouch.backRows + tailRows);
  const all = pieces.reduce((sum, piece) => sum + piece.copies * stitchesInAll(piece), 0);
  const perMm2 = yarn.figures ? yarn.figures.massPerArea.value / 1e6 : null;
  const perStitchG = perMm2 === null ? 0 : perMm2 * pouch.stitchMm * pouch.rowMm * (1 + YARN_RESERVE);
  return {
    yarn: yarn.figures && { perStitchG, restG: yarn.figures.mass.value - counted * perStitchG },
    restStitches: all - counted,
  };
}

/** A number and those beside it, so many on either side. */
const beside = (middle: number, reach: number, step: number): number[] =>
  Array.from({ length: 2 * reach + 1 }, (_, index) => middle + (index - reach) * step);
