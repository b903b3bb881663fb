/** `npm run bench`: measures what Ruelle promises and prints it as a table, beside the aim. Nothing here is a test. */
import { execFileSync } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { basename, join } from 'node:path';
import { buildSync } from 'esbuild';
import { fabricTimes, layoutShifts, pictureTimes } from './lib/benchFabric.mjs';
import { coldShelf, saveTimes, tapTimes } from './lib/benchServer.mjs';
import { gradedPdfs, typingFrames } from './lib/benchPatterns.mjs';
import { launchBrowser } from './lib/browser.mjs';
import { ROOT, buildApp, installPackages, run } from './lib/ready.mjs';
import { freePort } from './lib/ports.mjs';
import { startServer } from './lib/serve.mjs';

const tsx = join(ROOT, 'node_modules', '.bin', 'tsx');
const DRAG_STEPS = 240;
/** Steps before the measured ones, so that the browser has compiled what a drag runs. Measured on their own. */
const DRAG_FIRST_STEPS = 80;
const FIRST_VIEWS = 12;
const DEMO_BAGS = 9;
const FIRST_FRAMES = 8;
const LARGE_SHELF = 5000;
const COLD_STARTS = 8;
const ROW_TAPS = 60;
/** A strap's foot on a face, by its grip. */
const FOOT = { held: '[data-handle="straps.0.feet.inStitches"]', way: 'x', farPx: 30 };
const rows = [];
// What was measured is told, even if a later step fails.
process.on('exit', () => console.table(rows));

installPackages();
buildApp();
const scratch = mkdtempSync(join(tmpdir(), 'ruelle-bench-'));

const core = JSON.parse(execFileSync(process.execPath, [bundled('scripts/bench-core.ts')], { maxBuffer: 64e6 }));
report('planBag, whole', core.plan.later, 'ms', 2);
report('The same, the first runs after starting', core.plan.first, 'ms', 2);
for (const [kind, times] of Object.entries(core.constructions))
  report(`planBag, 200 stitches by 300 rows: ${kind}`, times, 'ms', 5);
report('planBag with an edging, a snap, a strap and a lining', core.planEdged.later, 'ms', 2);
report('The same, the first runs with an edging', core.planEdged.first, 'ms', 2);
report('Three straps with six weights each, planned on a bag', core.strapPlans, 'ms', 1);
report('Ten closures, hardware and trims, planned on a bag', core.closurePlans, 'ms', 1);
report('What is set before what of them, laid out', core.orderGraphs, 'ms', 30);
report('A making of 10,000 events read', core.benchStates, 'ms', 16);
report('The plan anew from what a piece measures', core.replans, 'ms', 50);
report('A letter typed above 5,000 items in store: those that are found', core.stashSearches, 'ms', 16);
report('What a bag taught, out of a thousand events', core.logbooks, 'ms');
report('A stretch curve fitted to six weights, and how far it may be off', core.stretchFits, 'ms', 5);
const lining = JSON.parse(execFileSync(process.execPath, [bundled('scripts/bench-lining.ts')], { maxBuffer: 64e6 }));
report('A lining, a stiffener and four pockets, planned on a bag', lining.liningPlans, 'ms', 3);
report('An outline of 400 points offset', lining.offsets, 'ms', 2);
report('30 pieces on cloth: the first layout', lining.firstLayouts, 'ms', 200);
report('The same, the last', lining.lastLayouts, 'ms', 3000);
report('The same, longer than no layout can be shorter than', lining.overBound30, '%', 8);
report('8 pieces on cloth, likewise', lining.overBound8, '%', 3);
const reader = JSON.parse(execFileSync(process.execPath, [bundled('scripts/bench-reader.ts')], { maxBuffer: 64e6 }));
report('A pattern of 500 rows read and worked', reader.reads, 'ms', 150);
report('Faults put into 400 patterns of each of ten kinds: not found at their row', reader.missedRows, '%', 2);
report('The same, not at their word', reader.missedWords, '%', 5);
report('Alarms in patterns that are sound', reader.alarms, '%', 0.1);
report('A PDF of twelve pages', lining.pdfs, 'ms', 1500);
report('What goes in was changed: packed and planned', core.planAndPack, 'ms', 16);
report('Eight known things packed exactly', core.packing, 'ms', 300);
report('Eight boxes of any proportions', core.packingBoxes, 'ms', 300);
report('Folding a bag, every point of every sheet', core.fold, 'ms', 1);
report('The same, 200 stitches by 300 rows', core.foldLarge, 'ms');
report('Better plans: all stitches, three hooks and those between', core.solutions, 'ms', 1000);
reportRate('Plans reckoned one by one in a second', core.plansPerSecond, 200_000);
report('2,000 makings of a bag', core.makings, 'ms', 1000);
report('Alternatives, the catalogue on eight hooks', core.alternatives, 'ms', 200);
report('Any design of the file’s limits: planned and its card drawn', core.cards, 'ms', 250);
await onShelf(DEMO_BAGS, async (address) => {
  const { bursts, clients } = await saveTimes(address);
  report('200 saves at once, all answered', bursts, 'ms', 2000);
  report('A save, with eight clients at work', clients, 'ms', 60);
  report('A row counted and kept, 10,000 events before it', (await tapTimes(address)).times, 'ms', 100);
});
let browser = await launchBrowser({ flat: true });
await onShelf(DEMO_BAGS, async (address) => {
  const { times, scriptBytes } = await firstViews(address);
  report(`First view of the shelf, ${DEMO_BAGS} bags`, times, 'ms', 1000);
  report('JavaScript of the first view, compressed', [scriptBytes / 1000], 'kB', 350);
  report(
    'A row counted, key to painted, 10,000 events before it',
    await tapsPainted((await tapTimes(address)).bench),
    'ms',
    16,
  );
  const typed = await typingFrames(browser, address);
  report('A letter typed into a pattern of 500 rows, key to painted', typed.keys, 'ms', 16);
  report('Frames while it is read, later than a screen shows them', typed.late, 'ms', 16);
  report('A pattern in five sizes with its charts, saved as a PDF', await gradedPdfs(browser, address), 'ms', 3000);
  const drag = await dragSteps(address, { line: 'fold.base' });
  report('Drag step, change to painted drawing', drag.later, 'ms', 16);
  report('The same, the first steps after opening', drag.first, 'ms', 16);
  report('For comparison: a fixed sum, between these steps', drag.pace, 'ms');
  const space = await dragSteps(address, { line: 'fold.base', prepare: withoutFrames });
  report('Drag step with three views, the one in space but for its software frame', space.later, 'ms', 16);
  report('The same, the first steps after opening', space.first, 'ms', 16);
  const large = await newBagOf(address, core.threePieces);
  const handled = await newBagOf(address, core.handled);
  const foot = await dragSteps(address, { ...FOOT, bag: handled, prepare: withoutFrames });
  report('Drag step of a strap’s foot, in all views', foot.later, 'ms', 16);
  const forty = await newBagOf(address, core.forty);
  report('Fabric of 40 by 90 stitches painted on the sheet', await fabricTimes(browser, address, forty), 'ms', 50);
  report('A picture of it, 1200 by 900, pressed to saved', await pictureTimes(browser, address, forty), 'ms', 3000);
  report('Of a place, what jumps while it is drawn', await layoutShifts(browser, address, forty), 'share', 0.02);
  const ten = await newBagOf(address, core.tenOn);
  const held = { held: '[data-handle="closures.0.insetMm"]', farPx: 40, place: 'closures' };
  const one = await dragSteps(address, { ...held, bag: await newBagOf(address, core.oneOn), prepare: withoutFrames });
  report('Drag step of a closure and its mate, in three views', one.later, 'ms', 16);
  const mated = await dragSteps(address, { ...held, bag: ten, prepare: withoutFrames });
  report('The same, ten pieces on the bag', mated.later, 'ms');
  const three = await dragSteps(address, { line: 'fold.top', bag: large });
  report('Drag step, three pieces of 200 by 300', three.later, 'ms', 16);
  report('The same, the first steps after opening', three.first, 'ms', 16);
});
await browser.close();
const graphic = await launchBrowser();
await onShelf(DEMO_BAGS, async (address) => {
  report('The folded bag in space, asked for to first picture', await firstFrames(graphic, address), 'ms', 1500);
  const software = await dragSteps(address, { line: 'fold.base', on: graphic });
  report('Drag step with all graphics simulated by these two cores', software.later, 'ms');
});
await graphic.close();
browser = await launchBrowser({ flat: true });
await onShelf(1000, async (address) => {
  report('First view of the shelf, 1000 bags', (await firstViews(address)).times, 'ms', 1000);
});
await browser.close();
const killed = JSON.parse(execFileSync(tsx, ['scripts/bench-kills.ts'], { maxBuffer: 64e6 }));
report(
  `Lost of ${killed.acknowledged} acknowledged saves and taps, the server killed ${killed.kills} times`,
  [killed.lost],
  'count',
  1,
);
await onShelf(LARGE_SHELF, async () => {});
report(
  `First page of ${LARGE_SHELF} bags, by a server that has just begun`,
  await coldShelf(join(scratch, `${LARGE_SHELF}.sqlite`), COLD_STARTS),
  'ms',
  500,
);
rmSync(scratch, { recursive: true });

/** One file of all that a script needs, as the browser gets the core: what is loaded module by module runs half as fast. */
function bundled(script) {
  const outfile = join(scratch, `${basename(script, '.ts')}.cjs`);
  buildSync({
    entryPoints: [join(ROOT, script)],
    outfile,
    bundle: true,
    platform: 'node',
    target: 'node20',
    alias: { '@': join(ROOT, 'src') },
    logLevel: 'error',
  });
  return outfile;
}

/** Serves a shelf of so many bags while something is measured. */
async function onShelf(count, measure) {
  const database = join(scratch, `${count}.sqlite`);
  run(tsx, ['scripts/load-demo.ts', database, String(count)]);
  const { child, address } = await startServer({ database, port: await freePort(3400) });
  await measure(address).finally(() => child.kill());
}

/** Opens the shelf again and again in a fresh browser profile, until its first paint with content and its drawings. */
async function firstViews(address) {
  const times = [];
  let scriptBytes = 0;
  for (let view = 0; view < FIRST_VIEWS + 1; view += 1) {
    const context = await browser.newContext({ viewport: { width: 1280, height: 800 } });
    const page = await context.newPage();
    await page.goto(address, { waitUntil: 'load' });
    await page.locator('[data-bag] svg').first().waitFor();
    const seen = await page.evaluate(() => {
      const [navigation] = performance.getEntriesByType('navigation');
      const paint = performance.getEntriesByName('first-contentful-paint')[0];
      const scripts = performance.getEntriesByType('resource').filter(({ name }) => /\.js(\?|$)/.test(name));
      return {
        ms: Math.max(paint?.startTime ?? 0, navigation.domContentLoadedEventEnd),
        bytes: scripts.reduce((sum, { encodedBodySize }) => sum + encodedBodySize, 0),
      };
    });
    // The first view warms the server up.
    if (view > 0) times.push(seen.ms);
    scriptBytes = seen.bytes;
    await context.close();
  }
  return { times, scriptBytes };
}

/** Presses the key that counts a row, from the key to when the row is painted. */
async function tapsPainted(bench) {
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
  await page.goto(bench);
  await page.locator('[data-keeping=kept]').waitFor();
  await page.waitForTimeout(2000);
  const times = await page.evaluate(async (taps) => {
    const painted = () =>
      new Promise((resolve) => {
        const { port1, port2 } = new MessageChannel();
        port1.onmessage = () => resolve(performance.now());
        port2.postMessage(null);
      });
    const press = (kind) =>
      document.body.dispatchEvent(new window.KeyboardEvent(kind, { key: ' ', code: 'Space', bubbles: true }));
    const counter = document.querySelector('[data-testid=row-counter]');
    const measured = [];
    for (let tap = 0; tap < taps; tap += 1) {
      const before = counter.getAttribute('data-row');
      // Asked for first: what comes after the paint, such as what follows the row by a frame, is not waited for.
      const [start, end] = await new Promise((resolve) => {
        requestAnimationFrame(() => {
          const now = performance.now();
          void painted().then((at) => resolve([now, at]));
          press('keydown');
          press('keyup');
        });
      });
      if (counter.getAttribute('data-row') !== before) measured.push(end - start);
      await new Promise((resolve) => setTimeout(resolve, 60));
    }
    return measured;
  }, ROW_TAPS);
  await page.close();
  if (times.length < ROW_TAPS / 2) throw new Error(`only ${times.length} of ${ROW_TAPS} rows were counted`);
  return times.slice(ROW_TAPS / 4);
}

/**
 * Drags a fold, or something put on the bag, to and fro. Each step starts with the pointer's event at the beginning of a frame and ends when that
 * frame has been painted: the change, the new plan, React, style, layout and paint. Numbers beside the drawing follow up to a
 * fifth of a second later; what they cost falls into the steps as well.
 */
async function dragSteps(
  address,
  {
    line,
    held = `[data-line="${line}"]`,
    way = 'y',
    farPx = 60,
    bag = null,
    place = 'body',
    on = browser,
    prepare = null,
  },
) {
  const page = await on.newPage({ viewport: { width: 1280, height: 800 } });
  if (prepare) await page.addInitScript(prepare);
  await page.goto(bag === null ? address : `${address}/bags/${bag}/${place}`);
  if (bag === null) await page.locator('[data-bag] a').first().click();
  await page.locator('[data-testid=panel][data-measured=true]').waitFor();
  await page.locator('[data-save=saved]').waitFor();
  const box = await page.locator(`${held} rect`).first().boundingBox();
  // Of a line, beside where another may cross it.
  const x = box.x + box.width / (way === 'y' ? 3 : 2);
  const y = box.y + box.height / 2;
  await page.mouse.move(x, y);
  await page.mouse.down();
  await page.mouse.move(...(way === 'y' ? [x, y + 5] : [x + 5, y]));
  const times = await page.evaluate(
    async ({ x, y, steps, held, way, farPx }) => {
      const line = document.querySelector(held);
      // What the hand took hold of: the line's own strip, or the grip.
      const grip = line.querySelector('rect');
      const painted = () =>
        new Promise((resolve) => {
          const { port1, port2 } = new MessageChannel();
          port1.onmessage = () => resolve(performance.now());
          port2.postMessage(null);
        });
      /** Always the same work: how much its times differ is the machine's doing, not the drawing's. */
      const fixedSum = () => {
        const from = performance.now();
        let sum = 0;
        for (let index = 1; index < 400_000; index += 1) sum += Math.sqrt(index) / (sum + 1);
        return { sum, ms: performance.now() - from };
      };
      const measured = [];
      for (let step = 0; step < steps; step += 1) {
        const off = farPx * Math.sin(step / 6);
        const [clientX, clientY] = way === 'y' ? [x, y + off] : [x + off, y];
        const pace = fixedSum().ms;
        const rowBefore = line.getAttribute('aria-valuenow');
        const start = await new Promise((resolve) =>
          requestAnimationFrame(() => {
            const now = performance.now();
            const event = { bubbles: true, pointerId: 1, pointerType: 'mouse', buttons: 1, clientX, clientY };
            grip.dispatchEvent(new PointerEvent('pointermove', event));
            resolve(now);
          }),
        );
        const end = await painted();
        if (line.getAttribute('aria-valuenow') !== rowBefore) measured.push({ step, ms: end - start, pace });
      }
      return measured;
    },
    { x, y, steps: DRAG_FIRST_STEPS + DRAG_STEPS, held, way, farPx },
  );
  await page.mouse.up();
  await page.close();
  const [first, later] = [times.filter(isFirst), times.filter((time) => !isFirst(time))].map((list) =>
    list.map(({ ms }) => ms),
  );
  if (later.length < DRAG_STEPS / 3) throw new Error(`only ${later.length} of ${DRAG_STEPS} drag steps moved the fold`);
  return { first, later, pace: times.map(({ pace }) => pace) };
}

/**
 * Runs in the page: gives it a graphics context that takes everything and draws nothing, so that what is measured is all that the page does
 * for its picture in space, without the frame that this machine would draw in software.
 */
function withoutFrames() {
  const values = new Map([
    [7938, 'WebGL 2.0'],
    [35724, 'WebGL GLSL ES 3.00'],
    [3088, [0, 0, 1, 1]],
    [2978, [0, 0, 1, 1]],
  ]);
  const answers = {
    getParameter: (name) => values.get(name) ?? 16,
    getExtension: () => ({ loseContext: () => {} }),
    getShaderPrecisionFormat: () => ({ precision: 23, rangeMin: 127, rangeMax: 127 }),
    getContextAttributes: () => ({}),
    // No uniforms and no attributes to list; everything else is well.
    getProgramParameter: (_, name) => (name === 35718 || name === 35721 ? 0 : true),
    getShaderParameter: () => true,
    getProgramInfoLog: () => '',
    getShaderInfoLog: () => '',
    checkFramebufferStatus: () => 36053,
    isContextLost: () => false,
    getError: () => 0,
  };
  const real = window.HTMLCanvasElement.prototype.getContext;
  window.HTMLCanvasElement.prototype.getContext = function (kind, ...rest) {
    if (kind !== 'webgl2') return real.call(this, kind, ...rest);
    this.given ??= new Proxy(
      { canvas: this, drawingBufferWidth: 1, drawingBufferHeight: 1 },
      {
        get: (target, name) => {
          if (name in target) return target[name];
          if (name in answers) return answers[name];
          return typeof name === 'string' && /^[A-Z0-9_]+$/.test(name)
            ? (window.WebGL2RenderingContext?.[name] ?? 0)
            : () => ({});
        },
      },
    );
    return this.given;
  };
}

/** Opens a bag in a fresh profile, from when its folded view is asked for to when it is there. */
async function firstFrames(on, address) {
  const times = [];
  for (let view = 0; view < FIRST_FRAMES + 1; view += 1) {
    const context = await on.newContext({ viewport: { width: 1280, height: 800 } });
    const page = await context.newPage();
    await page.goto(address);
    await page.locator('[data-bag] a').first().click();
    await page.locator('[data-drawn=space]').waitFor();
    const ms = await page.evaluate(() => {
      const at = (name) => performance.getEntriesByName(name)[0].startTime;
      return at('folded-first') - at('folded-asked');
    });
    if (view > 0) times.push(ms);
    await context.close();
  }
  return times;
}

/** Puts a bag on the shelf. */
async function newBagOf(address, design) {
  const response = await fetch(`${address}/api/bags`, {
    method: 'POST',
    headers: { 'content-type': 'application/json', origin: address },
    body: JSON.stringify({ design }),
  });
  const answer = await response.json();
  if (!response.ok) throw new Error(JSON.stringify(answer));
  return answer.id;
}

function isFirst({ step }) {
  return step < DRAG_FIRST_STEPS;
}

/** Of a rate more is better: what is told is the rate that 95 of 100 runs reach. @param aim what it is to reach */
function reportRate(what, values, aim) {
  const sorted = [...values].sort((a, b) => b - a);
  const p95 = sorted[Math.min(sorted.length - 1, Math.floor(0.95 * sorted.length))];
  const median = sorted[Math.floor(sorted.length / 2)];
  const round = (value) => Number(value.toPrecision(3));
  rows.push({
    what,
    runs: sorted.length,
    median: round(median),
    p95: round(p95),
    unit: '1/s',
    aim: `> ${aim}`,
    'p95 / aim': round(p95 / aim),
    'p95 / median': round(p95 / median),
  });
}

/** @param aim what its p95 is to stay under; absent where there is none */
function report(what, values, unit, aim) {
  const sorted = [...values].sort((a, b) => a - b);
  const at = (share) => sorted[Math.min(sorted.length - 1, Math.floor(share * sorted.length))];
  const p95 = at(0.95);
  const round = (value) => Number(value.toPrecision(3));
  rows.push({
    what,
    runs: sorted.length,
    median: round(at(0.5)),
    p95: round(p95),
    unit,
    aim: aim === undefined ? '' : `< ${aim}`,
    'p95 / aim': aim === undefined ? '' : round(p95 / aim),
    'p95 / median': round(p95 / at(0.5)),
  });
}
