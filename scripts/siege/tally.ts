import type { Stretch } from './machine';

/** Answers that took longer than this are kept to be looked at, ms. */
const NOTED_MS = 300;

/** An answer that took its time. */
interface SlowAnswer extends Stretch {
  what: string;
}

/** What was asked of Ruelle in a siege, and what came of it. */
export class Tally {
  requests = 0;
  kills = 0;
  acknowledged = 0;
  /** Answers of 500 and more that were no refusal. */
  faults = 0;
  /** Each thing that was acknowledged and is not there, in a sentence. */
  readonly lost: string[] = [];
  /** Each thing that must not be, in a sentence. */
  readonly broken: string[] = [];
  readonly slow: SlowAnswer[] = [];
  /** What is told at the end, beside the counts. */
  readonly notes: string[] = [];

  /**
   * An answer to a request.
   *
   * @param mayRefuse whether it may be a refusal to write
   */
  answered(what: string, status: number, when: Stretch, mayRefuse: boolean): void {
    this.requests += 1;
    if (when.endMs - when.startMs > NOTED_MS) this.slow.push({ what, ...when });
    if (status < 500 || (mayRefuse && (status === 503 || status === 507))) return;
    this.faults += 1;
    this.broken.push(`${what} was answered ${status}`);
  }

  /** Adds what another tally has. */
  add(other: Tally): void {
    for (const count of ['requests', 'kills', 'acknowledged', 'faults'] as const) this[count] += other[count];
    for (const list of ['lost', 'broken', 'notes'] as const) this[list].push(...other[list]);
    this.slow.push(...other.slow);
  }
}
