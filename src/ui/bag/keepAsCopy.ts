import { nameCut, type Design } from '@/core/design';

/** The longest beginning of a name that leaves room for what is added to it. */
const NAME_CHARACTERS = 66;

/**
 * Makes another window's version of a bag a bag of its own.
 *
 * @returns the new bag's id, or null when the store could not be reached or refused it; then nothing has changed
 */
export async function keepAsCopy(design: Design): Promise<string | null> {
  const copy = { ...design, name: `${nameCut(design.name, NAME_CHARACTERS)} (other window)` };
  const response = await fetch('/api/bags', {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify({ design: copy }),
  }).catch(() => null);
  return response?.ok ? ((await response.json()) as { id: string }).id : null;
}
