import type { Design } from '../../src/core/design';
import type { Client } from './client';
import type { BagState } from './ledger';
import type { Tally } from './tally';
import type { Outcome, Workplace } from './work';

interface OpenedBag {
  revision: number;
  archived: boolean;
  design: { name: string };
  history: { undo: unknown[] };
}

/**
 * The work of a siege through the server.
 *
 * @param tally told of what should have been done and was not
 */
export function overHttp(client: Client, design: Design, tally: Tally): Workplace {
  const ask = async <T>(
    method: string,
    path: string,
    body: unknown,
    read: (answer: never) => T,
  ): Promise<Outcome<T>> => {
    const answer = await client.ask(method, path, body);
    if (answer === null) return 'unanswered';
    if (answer.status === 200) return { done: read(answer.body as never) };
    // What can't be written is refused with these; anything else should have been done.
    if (answer.status !== 503 && answer.status !== 507)
      tally.broken.push(
        `${method} ${path} was answered ${answer.status}: ${JSON.stringify(answer.body).slice(0, 200)}`,
      );
    return 'refused';
  };
  return {
    create: (mark) => ask('POST', '/api/bags', { design: { ...design, name: mark } }, ({ id }: { id: string }) => id),
    copy: (id) => ask('POST', `/api/bags/${id}/copy`, undefined, ({ id: copy }: { id: string }) => copy),
    archive: (id, archived) => ask('PUT', `/api/bags/${id}/archive`, { archived }, () => true as const),
    save: async (id, baseRevision, mark) => {
      const body = { baseRevision, design: { ...design, name: mark }, history: { undo: [mark], redo: [] } };
      const saved = await ask('PUT', `/api/bags/${id}`, body, (result: { ok: boolean; revision: number }) => result);
      if (typeof saved === 'string') return saved;
      if (saved.done.ok) return { done: saved.done.revision };
      tally.broken.push(`a save of bag ${id} from revision ${baseRevision} was taken for another window's`);
      return 'refused';
    },
    look: async (id) => {
      const answer = await client.ask('GET', `/api/bags/${id}`);
      if (answer === null) return undefined;
      if (answer.status === 404) return null;
      return answer.status === 200 ? stateOf(answer.body as OpenedBag) : undefined;
    },
  };
}

/** A bag as the ledger looks at it. */
export const stateOf = ({ revision, archived, design, history }: OpenedBag): BagState => ({
  ...{ revision, archived, mark: design.name },
  historyMark: typeof history.undo[0] === 'string' ? history.undo[0] : null,
});
