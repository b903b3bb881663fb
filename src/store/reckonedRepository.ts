import type { Access } from './access';
import { readDocument } from './documents';

/** A card, and what it was made of. */
export interface KeptCard {
  bagId: string;
  revision: number;
  card: unknown;
}

/**
 * What was reckoned of bags and can be reckoned again. It is of no worth to the maker: another version of Ruelle reckons otherwise, and what it
 * finds here from this one it makes anew.
 */
export class ReckonedRepository {
  /** @param madeBy the version of Ruelle that reckons */
  constructor(
    private readonly access: Access,
    private readonly madeBy: string,
  ) {}

  /** The cards of bags that were made before, by the bag's id. Whether one is of the bag's revision now is for the caller to see. */
  async cards(bagIds: readonly string[]): Promise<Map<string, KeptCard>> {
    const rows = await this.access.read.Card.findAll({ where: { bagId: [...bagIds], madeBy: this.madeBy } });
    return new Map(
      rows.flatMap(({ bagId, revision, document }) => {
        const card = readDocument(document, (one) => one);
        return card === null ? [] : [[bagId, { bagId, revision, card }] as const];
      }),
    );
  }

  async keepCards(cards: readonly KeptCard[]): Promise<void> {
    if (cards.length === 0) return;
    const { writer, written } = this.access;
    const { madeBy } = this;
    await writer.write(async () => {
      // A bag may be gone by now.
      const found = await written.Bag.findAll({ attributes: ['id'], where: { id: cards.map(({ bagId }) => bagId) } });
      const there = new Set(found.map(({ id }) => id));
      await written.Card.bulkCreate(
        cards
          .filter(({ bagId }) => there.has(bagId))
          .map(({ bagId, revision, card }) => ({ bagId, revision, madeBy, document: JSON.stringify(card) })),
        { updateOnDuplicate: ['revision', 'madeBy', 'document'] },
      );
    });
  }

  /** What a search has found, by the things it was for: `null` where it would take too long. */
  async packings(things: readonly string[]): Promise<Map<string, unknown>> {
    const rows = await this.access.read.Packings.findAll({ where: { things: [...things], madeBy: this.madeBy } });
    return new Map(rows.map((row) => [row.things, readDocument(row.document, (one) => one)]));
  }

  /** Keeps what a search has found, and forgets the cards of the bags that it was made for: they are of a first try. */
  async keepPackings(things: string, packings: unknown, bagIds: readonly string[]): Promise<void> {
    const { writer, written } = this.access;
    await writer.write(async () => {
      await written.Packings.upsert({ things, madeBy: this.madeBy, document: JSON.stringify(packings) });
      await written.Card.destroy({ where: { bagId: [...bagIds] } });
    });
  }
}
