import { demoBags, demoSwatches } from '../src/demo/demoBags';
import { solutions } from '../src/core/solutions';
import { planBag } from '../src/core/plan';
import { solutionModel } from '../src/core/solutions/fabricOptions';
const W = { size: 3, doubt: 2, flap: 2, texture: 2, yarn: 1, work: 0.5 };
const NONE = { fits: true, yarnG: null, offMm: null, plainFolds: false, triedHooks: false, sameStitch: false };
const d = demoBags().at(-1)!;
const p = planBag(d); if (!p.ok) throw 1;
for (let i = 0; i < 6; i++) {
  let t = performance.now();
  const m = solutionModel(d, demoSwatches(), p.plan.contents.packings); let r0 = m.next(); let n = 0; while (!r0.done) { r0 = m.next(); n++; }
  const tm = performance.now() - t;
  t = performance.now();
  const g = solutions(d, demoSwatches(), W, NONE, p.plan.contents.packings);
  let r = g.next(); while (!r.done) r = g.next();
  console.log(n, 'model', Math.round(tm), 'all', Math.round(performance.now() - t), r.value.tally);
}
