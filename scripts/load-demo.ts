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
import { foldedDrawing } from '../src/drawing';
import { pictureOf, pictureSvg } from '../src/drawing/picture';
import { readPhoto } from '../src/server/readPhoto';
import { openStore, type Pictures } from '../src/store';
import { planBag } from '../src/core/plan';
import { pictureLook } from '../src/ui/theme/pictureLook';
import sharp from 'sharp';

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
    if (design.name === FINISHED)
      await store.photos.add({ of: 'bag', ownerId: id, step: null }, await drawnPhoto(made));
  }
  await store.close();
}

/** What stands in for a photo of a bag that nobody made: its drawing from the front, on a table. */
async function drawnPhoto(design: Design): Promise<Pictures> {
  const result = planBag(design);
  if (!result.ok) throw new Error(`no plan of ${design.name}`);
  const drawing = foldedDrawing(result.plan);
  const picture = pictureOf([{ name: design.name, drawing }], pictureLook(design.swatch.yarn.colour));
  const drawn = await sharp(Buffer.from(pictureSvg(picture, design.name)), { density: 110 })
    .flatten({ background: '#cdbfa6' })
    .extend({ top: 90, bottom: 90, left: 160, right: 160, background: '#cdbfa6' })
    .png()
    .toBuffer();
  return readPhoto(drawn);
}

const shelfOf = (bags: Design[], count: number): Design[] =>
  Array.from({ length: count }, (_, index) => {
    const design = bags[index % bags.length] as Design;
    const body = { ...design.body, widthMm: design.body.widthMm + (index % 40) };
    return { ...design, name: `${design.name}, no. ${index + 1}`, body };
  });

void main(process.argv[2], process.argv[3]);
