import { demoBags, demoSwatches } from '/work/main/src/demo/demoBags';
import { solutions } from '/work/main/src/core/solutions';
import { planBag } from '/work/main/src/core/plan';
const W = { size: 3, doubt: 2, flap: 2, texture: 2, yarn: 1, work: 1 };
const NONE = { fits: true, yarnG: null, offMm: null, plainFolds: false, triedHooks: false, sameStitch: true };
for (const d of demoBags()) {
  const p = planBag(d); if (!p.ok) continue;
  const t = performance.now();
  const g = solutions(d, demoSwatches(), W, NONE, p.plan.contents.packings);
  let r = g.next(); while (!r.done) r = g.next();
  const s = r.value;
  console.log(d.name, d.body.kind, Math.round(performance.now() - t), 'ms plans', s.plans, 'weighed', s.tally.weighed, 'present', s.presentScore.toFixed(2), JSON.stringify(s.present, (k, v) => typeof v === 'number' ? +v.toFixed(1) : v), s.conflict ? JSON.stringify(s.conflict) : '');
  for (const o of s.solutions) console.log('   ', o.score.toFixed(2), o.stitch, o.hookMm, o.isForetold, o.plainEdge, o.stitches, JSON.stringify(o.rows), JSON.stringify(o.costs, (k, v) => typeof v === 'number' ? +v.toFixed(1) : v), o.isPresent);
}
