import type { Ledger } from './ledger';
import type { Tally } from './tally';
import type { Workplace } from './work';

/** Looks at bags and notes what was lost of them. */
export async function lookAt(
  ids: readonly string[],
  ledger: Ledger,
  look: Workplace['look'],
  tally: Tally,
): Promise<void> {
  for (const id of ids) {
    const found = await look(id);
    if (found === undefined) tally.broken.push(`bag ${id} could not be looked at`);
    else {
      const loss = ledger.compare(id, found);
      if (loss !== null) tally.lost.push(loss);
    }
  }
}
