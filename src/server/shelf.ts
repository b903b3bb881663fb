import { createHash } from 'node:crypto';
import { looseItems, packingKey, type Packings } from '@/core/contents';
import type { Design } from '@/core/design';
import type { BagCard, DesignCard } from '@/drawing';
import type { KeptCard, ListedBag, WhichBags } from '@/store';
import type { Checked, CheckedSave } from '@/workers/shelfWork';
import { once } from './once';
import { getStore } from './store';
import { Thread } from './thread';

/** How long a search for the best packing of a bag may go on, ms. */
const MOST_SEARCH_MS = 20_000;
/** So many searches wait at most; a bag that finds no room is searched for when its card is asked for again. */
const MOST_WAITING = 100;

interface Threads {
  /** Checks what is to be saved: someone waits for each. */
  checks: Thread;
  /** Makes cards: of a shelf that is seen for the first time many at once, for which no save should wait. */
  cards: Thread;
  /** Searches for packings: nobody waits. */
  searches: Thread;
  /** The searches that go on or wait, and the bags that each is for. */
  searching: Map<string, Set<string>>;
}

const threads = once<Threads>('threads', () => ({
  checks: new Thread(),
  cards: new Thread(),
  searches: new Thread(2 * MOST_SEARCH_MS),
  searching: new Map(),
}));

/** Things that are packed alike, as a name of fixed length. */
const thingsOf = (design: Design): string =>
  createHash('sha256')
    .update(packingKey(looseItems(design)))
    .digest('hex');

/** A document checked as a design beside the server's own thread. */
export const checkDesign = (document: unknown): Promise<Checked> =>
  threads.checks.ask('check', JSON.stringify(document ?? null));

/** What was sent to be saved, read and checked beside the server's own thread. */
export const checkSave = (text: string): Promise<CheckedSave> => threads.checks.ask('checkSave', text);

/** What of the shelf is shown. */
interface ShownShelf {
  /** The bags, the last changed first. */
  cards: BagCard[];
  /** Names of those among them that this version can't read. */
  unreadable: string[];
  /** How many there are, shown or not. */
  total: number;
}

/** A part of the shelf: its cards are those that were made before, and the others made now, packed as well as is known. */
export async function shelfPart(part: WhichBags): Promise<ShownShelf> {
  const { bags: store, reckoned } = await getStore();
  const { bags, total } = await store.list(part);
  const kept = await reckoned.cards(bags.map(({ id }) => id));
  const isMade = ({ id, revision }: ListedBag) => kept.get(id)?.revision === revision;
  const unmade = bags.filter((bag) => !isMade(bag)).map((bag): Unmade => ({ bag, design: bag.read() }));
  const readable = unmade.filter(isReadable);
  const made = new Map<string, DesignCard>(await makeCards(readable));
  const cardOf = (bag: ListedBag): DesignCard | undefined =>
    isMade(bag) ? (kept.get(bag.id)?.card as DesignCard) : made.get(bag.id);
  return {
    cards: bags.flatMap((bag) => {
      const card = cardOf(bag);
      return card ? [{ ...card, id: bag.id, archived: bag.archived, updatedAt: bag.updatedAt }] : [];
    }),
    unreadable: unmade.filter(({ design }) => design === null).map(({ bag }) => bag.name),
    total,
  };
}

interface Unmade {
  bag: ListedBag;
  design: Design | null;
}
type Readable = Unmade & { design: Design };
const isReadable = (unmade: Unmade): unmade is Readable => unmade.design !== null;

/** Makes the cards of bags that have none yet, and keeps them. */
async function makeCards(bags: readonly Readable[]): Promise<[id: string, DesignCard][]> {
  const { reckoned } = await getStore();
  const packings = await reckoned.packings(bags.map(({ design }) => thingsOf(design)));
  const fresh: KeptCard[] = [];
  const wanting: Readable[] = [];
  const make = async (unmade: Readable): Promise<DesignCard> => {
    const { bag, design } = unmade;
    const known = packings.get(thingsOf(design)) as Packings | null | undefined;
    const made = await threads.cards.ask('card', design, known ?? null).catch(() => null);
    // One bag that is too much for the thread leaves the others their cards, and is opened from its own.
    if (made === null) return bareCard(design);
    fresh.push({ bagId: bag.id, revision: bag.revision, card: made.card });
    // Where a search was given up before, null is known.
    if (made.wantsSearch && known === undefined) wanting.push(unmade);
    return made.card;
  };
  const cards = await Promise.all(
    bags.map(async (one) => [one.bag.id, await make(one)] satisfies [string, DesignCard]),
  );
  await reckoned.keepCards(fresh);
  // Only now: what a search finds takes the place of cards that are kept already.
  for (const { bag, design } of wanting) void search(bag.id, design);
  return cards;
}

const bareCard = ({ name, swatch }: Design): DesignCard => ({
  name,
  cloth: swatch.yarn.colour,
  drawing: null,
  sizes: '',
  basis: null,
  decisions: 0,
});

/** Searches for the best packing of a bag's things, once for all bags that carry the same; their cards are made anew then. */
async function search(bagId: string, design: Design): Promise<void> {
  const { searching, searches } = threads;
  const things = thingsOf(design);
  const bagIds = searching.get(things);
  if (bagIds) return void bagIds.add(bagId);
  if (searching.size >= MOST_WAITING) return;
  const own = new Set([bagId]);
  searching.set(things, own);
  try {
    const { reckoned } = await getStore();
    const packings = await searches.ask('search', design, MOST_SEARCH_MS);
    await reckoned.keepPackings(things, packings, packings === null ? [] : [...own]);
  } catch (error) {
    console.error('a search for packings failed:', String(error));
  } finally {
    searching.delete(things);
  }
}
