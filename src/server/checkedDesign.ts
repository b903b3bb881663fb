import { packQuickly, piecesOf } from '@/core/contents';
import { readDesign, type Design } from '@/core/design';
import { planBag } from '@/core/plan';
import { problemSentence } from '@/core/wording';
import { Refused } from './http';

/**
 * A design from outside, checked as far as it can be: its shape, its limits, and that a plan can be made of it.
 *
 * @throws Refused 422 with the fields and a sentence for each
 */
export function checkedDesign(document: unknown): Design {
  const read = readDesign(document);
  if (!read.ok)
    throw new Refused(422, { sentence: read.faults[0]?.sentence ?? 'This bag can’t be read.', faults: read.faults });

  // How well things are packed doesn't decide whether there is a plan, so a first try at it will do.
  const things = piecesOf(read.design.contents.items).map(({ box }) => box);
  const result = planBag(read.design, packQuickly(things));
  if (!result.ok) {
    const { lengthUnit } = read.design.settings;
    const faults = result.problems.map((problem) => ({
      path: [...(problem.path ?? [])],
      sentence: problemSentence(problem, lengthUnit),
    }));
    throw new Refused(422, { sentence: faults[0]?.sentence ?? 'This bag can’t be planned.', faults });
  }
  return read.design;
}
