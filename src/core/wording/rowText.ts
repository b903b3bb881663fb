import type { Design } from '@/core/design';
import { STITCHES, type StitchId } from '@/core/stitches';
import { term, type TermId, type TermSet } from './terms';

const NAMES: Record<StitchId, TermId> = { sc: 'singleCrochet', hdc: 'halfDoubleCrochet' };

/** The name of a stitch in full. */
export const stitchName = (stitch: StitchId, terms: TermSet): string => term(NAMES[stitch], terms);

/** "40 sc", in the maker's terms. */
export const stitchCountWord = (design: Design, count: number): string =>
  `${count} ${term(design.stitch, design.settings.terms)}`;

const ORDINALS = ['', '1st', '2nd', '3rd', '4th', '5th'];

/** Row 1 in words, worked into the starting chain or as a foundation row. */
export function firstRowText(design: Design, count: number): string {
  const { terms, turningChain, foundation } = design.settings;
  const abbreviation = term(design.stitch, terms);
  const counted = `(${stitchCountWord(design, count)})`;
  if (foundation === 'foundation-stitches')
    return `Row 1 (RS): work ${count} foundation ${abbreviation}, turn. ${counted}`;

  const passed = STITCHES[design.stitch].turningChain[turningChain].skippedInFoundation;
  const from = `${abbreviation} in ${ORDINALS[passed + 1]} ch from hook`;
  const standsFor =
    turningChain === 'counts'
      ? ` (${term('skipped', terms)} ch ${passed === 1 ? 'counts' : 'count'} as first ${abbreviation})`
      : '';
  return `Row 1 (RS): ${from}${standsFor} and in each ch across, turn. ${counted}`;
}

/** Every further row in words. `rows` names it: "Row 2", "Rows 2 to 30". */
export function furtherRowText(design: Design, count: number, rows: string): string {
  const { terms, turningChain } = design.settings;
  const abbreviation = term(design.stitch, terms);
  const { chains } = STITCHES[design.stitch].turningChain[turningChain];
  const counted = `(${stitchCountWord(design, count)})`;
  return turningChain === 'counts'
    ? `${rows}: ch ${chains} (counts as first ${abbreviation}), ${term('skip', terms)} first st, ${abbreviation} in each st across, the last in top of turning ch, turn. ${counted}`
    : `${rows}: ch ${chains} (does not count as a st), ${abbreviation} in each st across, turn. ${counted}`;
}
