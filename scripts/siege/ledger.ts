/** A bag as far as a siege looks at it: its revision, the mark in its name, and that in its history, written with it or not at all. */
export interface BagState {
  revision: number;
  mark: string;
  historyMark: string | null;
  archived: boolean;
}

/**
 * What a siege knows of the bags that it has had written. Of each bag it keeps the state that was acknowledged last, and the one that was asked for
 * and not answered: after a kill the bag must be in one of the two, whole.
 */
export class Ledger {
  private readonly acknowledged = new Map<string, BagState>();
  private readonly asked = new Map<string, BagState>();

  get bags(): string[] {
    return [...this.acknowledged.keys()];
  }

  stateOf(id: string): BagState | undefined {
    return this.acknowledged.get(id);
  }

  /** Whether a change was asked for and never answered. */
  isAsked(id: string): boolean {
    return this.asked.has(id);
  }

  /** A change is asked for. Only one at a time is under way on a bag. */
  ask(id: string, state: BagState): void {
    this.asked.set(id, state);
  }

  /** The change was acknowledged. */
  keep(id: string, state: BagState): void {
    this.asked.delete(id);
    this.acknowledged.set(id, state);
  }

  /** The change was refused, and must have left the bag as it was. */
  refuse(id: string): void {
    this.asked.delete(id);
  }

  /**
   * Compares a bag that was found with what must be there, and goes on from what was found.
   *
   * @param found null where there is no such bag
   * @returns what was lost, in a sentence; null where nothing was
   */
  compare(id: string, found: BagState | null): string | null {
    const allowed = [this.acknowledged.get(id), this.asked.get(id)].filter((state) => state !== undefined);
    this.asked.delete(id);
    if (found === null) {
      this.acknowledged.delete(id);
      return `bag ${id} is gone`;
    }
    this.acknowledged.set(id, found);
    if (allowed.some((state) => isSame(state, found))) return null;
    return `bag ${id} is ${JSON.stringify(found)}, not ${allowed.map((state) => JSON.stringify(state)).join(' or ')}`;
  }
}

const isSame = (one: BagState, other: BagState): boolean =>
  one.revision === other.revision &&
  one.mark === other.mark &&
  one.historyMark === other.historyMark &&
  one.archived === other.archived;
