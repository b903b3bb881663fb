/** Times what is cut: lining, stiffener and pockets, their outlines, their layout on cloth and their paper. Prints the runs as JSON, by what was run. */
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { BODY_KINDS } from '../src/core/body';
import { offsetRing, rectangle, roundedBelow, stadiumRing, type RingPoint } from '../src/core/cutting';
import { USUAL_POCKETS, usualBoard, usualDropIn, usualLining, type Design } from '../src/core/design';
import { FITTING_KINDS } from '../src/core/fittingKinds';
import { planFittings } from '../src/core/fittings';
import { cuttingLayout, type LayoutPiece } from '../src/core/layout';
import { planBag } from '../src/core/plan';
import { seededRandom } from '../src/core/random';
import { bagOf } from '../src/core/testing/bodies';
import { pageWords, piecesToCut } from '../src/core/wording';
import { paperSheet } from '../src/drawing/paper';
import { pdfOf, tilesOf } from '../src/drawing/paper/pdfOf';
import { timesOf } from './lib/timesOf';

const FONT = join('node_modules', '@fontsource', 'source-sans-3', 'files', 'source-sans-3-latin-400-normal.woff');

/** Every construction, each lined both ways, its flap rounded where it has one. */
const lined = BODY_KINDS.flatMap((kind) =>
  [usualLining(), usualDropIn({ body: { kind } })].map((lining): Design => {
    const bag = bagOf(kind);
    return {
      ...bag,
      lining,
      stiffener: { ...usualBoard(bag), parts: 'all' },
      pockets: [USUAL_POCKETS.slip, USUAL_POCKETS.zipped, USUAL_POCKETS.vinyl, USUAL_POCKETS.loop],
    };
  }),
);
const plans = lined.map((design) => {
  const result = planBag(design);
  if (!result.ok) throw new Error('a lined bag has no plan');
  return result.plan;
});
const planCut = (index: number) => {
  const plan = plans[index % plans.length] as (typeof plans)[number];
  const { gauge, contents, pouch, flap, pieces, joins, tracks, whole, section } = plan;
  const design = { ...contents.settled, closures: [], hardware: [], straps: [], edgings: [], trims: [] };
  const set = { ...plan, pieces, joins, tracks, figures: [] };
  planFittings(
    { design, gauge, mass: contents.figures.mass, pouch, flap, set, whole, section, bare: () => null },
    FITTING_KINDS,
  );
};

/** A scalloped edge of so many points, a little larger each time. */
const outline = (points: number, index: number): RingPoint[] =>
  Array.from({ length: points }, (_, at) => {
    const rad = (2 * Math.PI * at) / points;
    const reach = 150 + 12 * Math.cos(12 * rad) + 0.01 * index;
    return [1.4 * reach * Math.cos(rad), reach * Math.sin(rad)] as const;
  });

/** Pieces as they are cut for several bags: walls, gussets, bases, discs and pockets, none alike. */
function bagPieces(count: number, seed: number): LayoutPiece[] {
  const random = seededRandom(seed);
  const between = (least: number, most: number) => Math.round(least + (most - least) * random());
  return Array.from({ length: count }, (_, index): LayoutPiece => {
    const name = `piece ${index}`;
    const own = { id: name, name, turns: [0, 180] as LayoutPiece['turns'], atFold: false };
    switch (index % 5) {
      case 0:
        return { ...own, ring: roundedBelow(between(180, 300), between(140, 240), between(0, 40)) };
      case 1:
        return { ...own, ring: rectangle(between(180, 300), between(300, 480)) };
      case 2:
        return { ...own, ring: rectangle(between(40, 90), between(300, 520)) };
      case 3:
        return { ...own, ring: stadiumRing(between(160, 240), between(60, 110)) };
      default:
        return { ...own, ring: rectangle(between(90, 150), between(80, 130)) };
    }
  });
}
const CLOTH = { widthMm: 1400, betweenMm: 3, repeatMm: null };
const SEEDS = [1, 2, 3, 4, 5, 6, 7, 8];

/** From the first layout to the last, and by how much of the bound the last is longer. */
function layouts(count: number) {
  const [first, last, over]: [number[], number[], number[]] = [[], [], []];
  for (const seed of SEEDS) {
    const pieces = bagPieces(count, seed);
    const start = performance.now();
    const search = cuttingLayout(pieces, CLOTH, seededRandom(seed));
    let step = search.next();
    first.push(performance.now() - start);
    while (!step.done) step = search.next();
    last.push(performance.now() - start);
    over.push(step.value.isProven ? 0 : 100 * (step.value.lengthMm / step.value.boundMm - 1));
  }
  return { first, last, over };
}

async function pdfTimes(): Promise<number[]> {
  const font = readFileSync(FONT);
  const design: Design = { ...bagOf('fold-over-strip'), lining: usualLining() };
  const result = planBag({ ...design, body: { ...design.body, widthMm: 480, heightMm: 420 } });
  if (!result.ok) throw new Error('a large clutch has no plan');
  const sheet = paperSheet(piecesToCut(design, result.plan), 800);
  const pages = tilesOf(sheet, 'a4').length;
  if (pages < 11) throw new Error(`only ${pages} pages, and one to measure by`);
  const times: number[] = [];
  for (let run = 0; run < 12; run++) {
    const start = performance.now();
    await pdfOf(sheet, 'a4', [font], pageWords(design));
    times.push(performance.now() - start);
  }
  return times.slice(2);
}

async function main() {
  const [thirty, eight] = [layouts(30), layouts(8)];
  process.stdout.write(
    JSON.stringify({
      liningPlans: timesOf(
        Array.from({ length: 1400 }, (_, index) => index),
        planCut,
        0.5,
      ),
      offsets: timesOf(
        Array.from({ length: 600 }, (_, index) => outline(400, index)),
        (ring) => offsetRing(ring, 12, 'mitred'),
        0.3,
      ),
      firstLayouts: thirty.first,
      lastLayouts: thirty.last,
      overBound30: thirty.over,
      overBound8: eight.over,
      pdfs: await pdfTimes(),
    }),
  );
}

void main();
