/** Loads the demo's bags into a database: `tsx scripts/load-demo.ts FILE`. The file should be new. */
import { demoBags } from '../src/demo/demoBags';
import { openStore } from '../src/store';

async function main(path: string | undefined): Promise<void> {
  if (!path) throw new Error('name the database file');
  const store = await openStore(path);
  for (const design of demoBags()) await store.bags.create(design);
  await store.close();
}

void main(process.argv[2]);
