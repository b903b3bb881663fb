import type { Design } from '@/core/design';
import { refusedFor } from './http';
import { checkDesign } from './shelf';

/**
 * A design from outside, checked as far as it can be: its shape, its limits, and that a plan can be made of it.
 *
 * @throws Refused 422 with the fields and a sentence for each
 */
export async function checkedDesign(document: unknown): Promise<Design> {
  const checked = await checkDesign(document);
  if (!checked.ok) throw refusedFor(checked.faults);
  return JSON.parse(checked.text) as Design;
}
