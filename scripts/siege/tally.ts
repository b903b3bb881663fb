/** What was asked of Ruelle in a siege, and what came of it. */
export class Tally {
  requests = 0;
  slowestMs = 0;
  /** What took longest. */
  slowest = '';
  kills = 0;
  acknowledged = 0;
  /** Each thing that was acknowledged and is not there, in a sentence. */
  readonly lost: string[] = [];
  /** Each answer that must not be, in a sentence. */
  readonly broken: string[] = [];
  /** What is told at the end, beside the counts. */
  readonly notes: string[] = [];

  /** An answer to a request. */
  answered(what: string, status: number, ms: number, mayRefuse: boolean): void {
    this.requests += 1;
    if (ms > this.slowestMs) {
      this.slowestMs = ms;
      this.slowest = what;
    }
    if (status >= 500 && !mayRefuse) this.broken.push(`${what} was answered ${status}`);
  }

  /** Adds what another tally has. */
  add(other: Tally): void {
    this.requests += other.requests;
    this.kills += other.kills;
    this.acknowledged += other.acknowledged;
    this.lost.push(...other.lost);
    this.broken.push(...other.broken);
    this.notes.push(...other.notes);
    if (other.slowestMs > this.slowestMs) {
      this.slowestMs = other.slowestMs;
      this.slowest = other.slowest;
    }
  }
}
