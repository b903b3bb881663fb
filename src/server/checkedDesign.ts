import { readDesign, type Design } from '@/core/design';
import { Refused } from './http';
import { planFaults } from './shelf';

/**
 * A design from outside, checked as far as it can be: its shape, its limits, and that a plan can be made of it.
 *
 * @throws Refused 422 with the fields and a sentence for each
 */
export async function checkedDesign(document: unknown): Promise<Design> {
  const read = readDesign(document);
  if (!read.ok)
    throw new Refused(422, { sentence: read.faults[0]?.sentence ?? 'This bag can’t be read.', faults: read.faults });
  const faults = await planFaults(read.design);
  if (faults.length > 0)
    throw new Refused(422, { sentence: faults[0]?.sentence ?? 'This bag can’t be planned.', faults });
  return read.design;
}
