import { bordersOf } from '@/core/borders';
import { MOST_COUNT, constructionOf, heightDoubtMm, widthDoubtMm, type ClothMm, type Sizing } from '@/core/body';
import { patternNamed, swatchPatternOf, type Design, type StitchChoice, type Swatch } from '@/core/design';
import { layersOf, type SettledDesign } from '@/core/contents';
import { carriedOver, openOf, type Measure } from '@/core/gauge';
import type { DesignEdit } from '@/core/problems';
import { gaugesOfYarn, type HookGauge } from './gaugesOfYarn';
import { PANEL_STITCH_IDS, isPlainAt, nearestCount, startingChain, withPlainEdge } from '@/core/stitches';

/** Another stitch, hook, edge or count for the same bag, and what it would come to. */
export interface Alternative {
  stitch: StitchChoice;
  hookMm: number;
  /** The swatch that it would be planned from; null for a hook that was not tried: its gauge is foretold. */
  swatch: Swatch | null;
  /** Plain stitches at each side, beside the pattern. */
  plainEdge: number;
  stitches: number;
  startingChain: number;
  frontRows: number;
  /** Width and height outside, with their ±, mm. */
  width: Measure;
  height: Measure;
  /** Both folds come to lie on plain rows. */
  foldsOnPlain: boolean;
  /** The most by which width and height together may be off, 19 times in 20, mm: what alternatives are ranked by. */
  mostOffMm: number;
  /** What taking it changes; none where a swatch has to be worked first. */
  edits: DesignEdit[];
}

/** Counts on either side of the nearest that are looked at, for each stitch, hook and edge. */
const COUNTS_BESIDE = 1;

/** Plain stitches at each side that are tried with a pattern that has a repeat. */
const EDGES = [0, 1, 2, 3] as const;

/**
 * Every other way to come near the wanted sizes with the same yarn: all stitches, on all hooks that swatches of the yarn were
 * worked on and those between, with a plain edge or none, each with the counts around the width. The best first.
 *
 * @param design the bag, its outside sizes settled
 * @param swatches the library; those of other yarns, or in other states, are passed over
 * @returns after each stitch the share that is done; at the end the alternatives, ranked
 */
export function* alternatives(design: SettledDesign, swatches: readonly Swatch[]): Generator<number, Alternative[]> {
  const gauges = gaugesOfYarn(design, swatches);
  const choices: StitchChoice[] = [...PANEL_STITCH_IDS, ...design.ownStitches.map(({ id }) => id)];
  const found: Alternative[] = [];
  for (const [index, stitch] of choices.entries()) {
    for (const gauge of gauges) found.push(...onHook(design, stitch, gauge));
    yield (index + 1) / choices.length;
  }
  return found.sort((a, b) => a.mostOffMm - b.mostOffMm || a.stitches - b.stitches);
}

function onHook(design: SettledDesign, stitch: StitchChoice, gauge: HookGauge): Alternative[] {
  const bare = patternNamed(stitch, design.ownStitches);
  const from = swatchPatternOf(design).nature;
  const to = bare.nature;
  const otherStitch = stitch !== design.swatch.stitch;
  const open = openOf(design.swatch, stitch, design.body.kind);
  const stitchMm = carriedOver(gauge.stitchMm, otherStitch ? to.widthToSc / from.widthToSc : 1, open);
  const rowMm = carriedOver(gauge.rowMm, otherStitch ? to.heightToSc / from.heightToSc : 1, open);
  const cloth: ClothMm = {
    stitchMm: stitchMm.mm,
    rowMm: rowMm.mm,
    ...layersOf(design, gauge.thicknessMm * (otherStitch ? to.thicknessToSc / from.thicknessToSc : 1)),
    borders: bordersOf(design, () => ({ stitchMm: stitchMm.mm, rowMm: rowMm.mm, pattern: bare })),
  };
  const construction = constructionOf(design.body.kind);
  const edges = bare.repeatStitches === 1 ? [0] : EDGES;
  const byCount = new Map<number, Alternative>();
  for (const plainEdge of edges) {
    const pattern = withPlainEdge(bare, plainEdge);
    const sizing = construction.sizing(design.body, cloth, pattern);
    const side = frontOf(design, sizing, rowMm);
    if (side === null || sizing.across === null) continue;
    const { across } = sizing;
    const foldsOnPlain = isPlainAt(pattern, side.rows) && isPlainAt(pattern, 2 * side.rows);
    for (const stitches of countsNear(design, across)) {
      if (byCount.has(stitches)) continue;
      const width = {
        mm: across.widthMm(stitches),
        plusMinusMm: widthDoubtMm(design.body, across.seenStitches(stitches), stitchMm.plusMinusMm, stitchMm.mm),
      };
      byCount.set(stitches, {
        stitch,
        hookMm: gauge.hookMm,
        swatch: gauge.swatch,
        plainEdge,
        stitches,
        startingChain: startingChain(
          across.firstRow(stitches, side.rows),
          pattern,
          design.settings.turningChain,
          design.settings.foundation,
        ),
        frontRows: side.rows,
        width,
        height: side.height,
        foldsOnPlain,
        mostOffMm: mostOff(width, design.body.widthMm) + mostOff(side.height, design.body.heightMm),
        edits: gauge.swatch ? takeEdits(design, stitch, gauge.swatch, plainEdge, stitches) : [],
      });
    }
  }
  return [...byCount.values()];
}

const mostOff = ({ mm, plusMinusMm }: Measure, wantedMm: number): number => Math.abs(mm - wantedMm) + plusMinusMm;

/** Rows of the front for the wanted height, and the height that they give; null when the bend would use it up. */
function frontOf(design: SettledDesign, sizing: Sizing, rowMm: Measure): { rows: number; height: Measure } | null {
  const rows = Math.max(1, Math.round(sizing.rowsFor(design.body.heightMm)));
  if (rows * rowMm.mm <= sizing.bendMm || rows > MOST_COUNT) return null;
  const plusMinusMm = heightDoubtMm(design.body.kind, { front: rows, back: rows }, rowMm.plusMinusMm, rowMm.mm);
  return { rows, height: { mm: sizing.heightMm(rows), plusMinusMm } };
}

function countsNear(design: SettledDesign, across: NonNullable<Sizing['across']>): number[] {
  const { allowed } = across;
  const middle = nearestCount(across.stitchesFor(design.body.widthMm), allowed);
  if (middle === null) return [];
  return Array.from(
    { length: 2 * COUNTS_BESIDE + 1 },
    (_, at) => middle + (at - COUNTS_BESIDE) * allowed.repeatStitches,
  ).filter(
    (count) =>
      count > allowed.edgeStitches &&
      count <= MOST_COUNT &&
      across.seenStitches(count) > 0 &&
      across.widthMm(count) > 0,
  );
}

function takeEdits(
  design: Pick<Design, 'swatch'>,
  stitch: StitchChoice,
  swatch: Swatch,
  plainEdge: number,
  stitches: number,
): DesignEdit[] {
  return [
    ...(swatch.id === design.swatch.id ? [] : [{ path: ['swatch'], value: swatch }]),
    { path: ['stitch'], value: stitch },
    { path: ['plainEdge'], value: plainEdge },
    { path: ['body', 'chosenStitches'], value: stitches },
    ...['front', 'back', 'bridge', 'flap'].map((part) => ({ path: ['body', 'chosenRows', part], value: null })),
  ];
}
