/**
 * Loads the demo's bags into a database: `tsx scripts/load-demo.ts FILE [COUNT]`. With a count, so many bags are made of
 * them, numbered and each of another size: a full shelf for measuring.
 */
import type { Design } from '../src/core/design';
import { demoBags } from '../src/demo/demoBags';
import { FINISHED, HALF_MADE, demoFinished, demoMaking } from '../src/demo/demoMaking';
import { demoNotions } from '../src/demo/demoNotions';
import { demoStock } from '../src/demo/demoStock';
import { demoSwatches } from '../src/demo/demoSwatches';
import { demoThings } from '../src/demo/demoThings';
import { openStore } from '../src/store';

async function main(path: string | undefined, countText: string | undefined): Promise<void> {
  if (!path) throw new Error('name the database file');
  const bags = demoBags();
  const store = await openStore(path);
  for (const swatch of demoSwatches()) await store.swatches.keep(swatch);
  for (const notion of demoNotions()) await store.notions.keep(notion);
  for (const item of demoStock()) await store.stock.keep(item);
  for (const thing of demoThings()) await store.things.keep(thing);
  for (const design of countText ? shelfOf(bags, Number(countText)) : bags) {
    const { design: made, events } =
      design.name === FINISHED
        ? demoFinished(design)
        : { design, events: design.name === HALF_MADE ? demoMaking(design) : [] };
    const id = await store.bags.create(made);
    if (events.length > 0) await store.makings.tell(id, events);
  }
  await store.close();
}

const shelfOf = (bags: Design[], count: number): Design[] =>
  Array.from({ length: count }, (_, index) => {
    const design = bags[index % bags.length] as Design;
    const body = { ...design.body, widthMm: design.body.widthMm + (index % 40) };
    return { ...design, name: `${design.name}, no. ${index + 1}`, body };
  });

void main(process.argv[2], process.argv[3]);
