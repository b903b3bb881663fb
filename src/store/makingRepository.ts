import { Op, QueryTypes } from 'sequelize';
import { makingEventSchema, type MakingEvent } from '@/core/bench';
import { readDesignText, type Design } from '@/core/design';
import type { Access } from './access';
import type { BagId } from './bagRepository';
import { bySchema, readDocument } from './documents';

/** What was told of a making, from a place on. */
export interface Told {
  events: MakingEvent[];
  /** The place of the last one, to go on from. */
  last: number;
  /** Whether there is more than was asked for. */
  more: boolean;
}

/** A bag of which something was told: the place of what was told last, and the revision of its design. */
export interface ToldOf {
  id: string;
  latest: number;
  revision: number;
}

/** A bag with all that was told of its making. */
export interface ToldBag {
  design: Design;
  events: MakingEvent[];
}

/** Told events, as they come; those that a newer Ruelle wrote are passed over, and stay. */
const MOST_AT_ONCE = 5000;

/** What is told of the making of bags: only ever added to. */
export class MakingRepository {
  constructor(private readonly access: Access) {}

  /**
   * Keeps what was told, once it is on the disk. What is known by its name already is not kept again, so that it can be sent as often as it takes.
   *
   * @returns false where there is no such bag
   */
  tell(bagId: BagId, events: readonly MakingEvent[]): Promise<boolean> {
    const { writer, connection } = this.access;
    return writer.write(async () => {
      const [bag] = await connection.query(KNOWN, { type: QueryTypes.SELECT, bind: { bagId } });
      if (!bag) return false;
      for (const event of events)
        await connection.query(ADD, {
          type: QueryTypes.INSERT,
          bind: { id: event.id, bagId, document: JSON.stringify(event) },
        });
      return true;
    });
  }

  /** Whether there is such a bag. */
  async knows(bagId: BagId): Promise<boolean> {
    return (await this.access.read.Bag.count({ where: { id: bagId } })) > 0;
  }

  /** How much testers have told of a bag. */
  async testedOf(bagId: BagId): Promise<number> {
    const { MakingEvent } = this.access.read;
    const reading = MakingEvent.sequelize ?? this.access.connection;
    const [found] = await reading.query<{ count: number }>(TESTED, { type: QueryTypes.SELECT, bind: { bagId } });
    return found?.count ?? 0;
  }

  /** Bags of which something was told, the one told of last first: each with how far its making and its design have come, so that what is known already need not be asked for. */
  async told({ offset, limit }: { offset: number; limit: number }): Promise<{ makings: ToldOf[]; total: number }> {
    const { MakingEvent } = this.access.read;
    const reading = MakingEvent.sequelize ?? this.access.connection;
    const [makings, total] = await Promise.all([
      reading.query<ToldOf>(LATEST, { type: QueryTypes.SELECT, bind: { offset, limit } }),
      MakingEvent.count({ distinct: true, col: 'bagId' }),
    ]);
    return { makings, total };
  }

  /** A bag with all that was told of its making; null where there is none of that id, or this version can't read it. */
  async whole(bagId: BagId): Promise<ToldBag | null> {
    const bag = await this.access.read.Bag.findByPk(bagId);
    const read = bag && readDesignText(bag.design);
    if (!read?.ok) return null;
    const rows = await this.access.read.MakingEvent.findAll({
      attributes: ['document'],
      where: { bagId },
      order: [['place', 'ASC']],
    });
    const events = rows.flatMap(({ document }) => readDocument(document, bySchema(makingEventSchema)) ?? []);
    return { design: read.design, events };
  }

  /** What was told after a place, in the order in which it came. */
  async since(bagId: BagId, after = 0, most = MOST_AT_ONCE): Promise<Told> {
    const rows = await this.access.read.MakingEvent.findAll({
      attributes: ['place', 'document'],
      where: { bagId, place: { [Op.gt]: after } },
      order: [['place', 'ASC']],
      limit: most + 1,
    });
    const taken = rows.slice(0, most);
    return {
      events: taken.flatMap(({ document }) => readDocument(document, bySchema(makingEventSchema)) ?? []),
      last: taken.at(-1)?.place ?? after,
      more: rows.length > most,
    };
  }
}

const LATEST = `
  SELECT bags.id AS id, MAX(place) AS latest, bags.revision AS revision
  FROM making_events JOIN bags ON bags.id = making_events.bagId
  GROUP BY bags.id ORDER BY latest DESC LIMIT $limit OFFSET $offset`;

const TESTED = `
  SELECT COUNT(*) AS count FROM making_events
  WHERE bagId = $bagId AND json_extract(document, '$.kind') = 'tested'`;

const KNOWN = 'SELECT 1 AS found FROM bags WHERE id = $bagId';

const ADD = `
  INSERT OR IGNORE INTO making_events (id, bagId, document, createdAt)
  VALUES ($id, $bagId, $document, strftime('%Y-%m-%d %H:%M:%f +00:00', 'now'))`;
