/** Times `planBag` whole, in Node: prints the milliseconds of each run as JSON. */
import type { Design } from '../src/core/design';
import { planBag } from '../src/core/plan';
import { demoBags } from '../src/demo/demoBags';

const WARM_UP = 300;
const RUNS = 3000;

/** Never the same design twice in a row, so that nothing could be remembered from the run before. */
const designs: Design[] = Array.from({ length: WARM_UP + RUNS }, (_, index) => {
  const bags = demoBags();
  const design = bags[index % bags.length] as Design;
  return { ...design, body: { ...design.body, widthMm: design.body.widthMm + (index % 97) } };
});

const times = designs.map((design) => {
  const start = performance.now();
  planBag(design);
  return performance.now() - start;
});
process.stdout.write(JSON.stringify(times.slice(WARM_UP)));
