import { bagIdFrom, noSuchBag, refusedFor } from './http';
import { checkSave } from './shelf';
import { getStore } from './store';

/**
 * Saves a bag, or says that it has moved on and keeps both.
 *
 * @param id as it stands in the address
 * @param text what was sent
 * @throws Refused 404 when there is no such bag, 400 or 422 when what was sent is not taken
 */
export async function saveBag(id: string, text: string): Promise<unknown> {
  const bagId = bagIdFrom(id);
  const checked = await checkSave(text);
  if (!checked.ok) throw refusedFor(checked.faults);
  const result = await (await getStore()).bags.save(bagId, checked.save);
  if (!result.ok && result.reason === 'missing') throw noSuchBag();
  return result;
}
