'use client';

import { Box } from '@chakra-ui/react';
import type { StitchPattern } from '@/core/stitches';
import { useBag } from '@/ui/bag/BagProvider';
import { Group } from '@/ui/bag/PlaceLayout';
import { FactList } from '@/ui/figures/FactList';

const OPENNESS = { dense: 'Dense', medium: 'A little open', open: 'Open: it snags and wants a lining' } as const;

/** Everything about a pattern that the plan goes by, and where each of it is from. */
export function StitchRule({ pattern }: { pattern: StitchPattern }) {
  const school = useBag((state) => state.design.settings.turningChain);
  const { repeatStitches, edgeStitches, turningChain, nature, firstRowPublic, inRounds } = pattern;
  const turn = turningChain[school];
  const share = (value: number) => `${Math.round(value * 100)} %`;
  const facts: [string, string][] = [
    [
      'Counts',
      repeatStitches === 1
        ? 'any number of stitches'
        : `a multiple of ${repeatStitches} stitches${edgeStitches > 0 ? ` plus ${edgeStitches}` : ''}, found by working its rows`,
    ],
    [inRounds ? 'Rounds' : 'Rows', rowsText(pattern)],
    [
      'Turning chain',
      inRounds
        ? 'none: it goes on and on in a spiral; mark where each round begins'
        : `${turn.chains} ${turn.chains === 1 ? 'chain' : 'chains'}, ${school === 'counts' ? 'counting as the first stitch' : 'not counting as a stitch'}`,
    ],
    [
      'Public side',
      inRounds
        ? 'always in front'
        : `${firstRowPublic ? 'odd' : 'even'} rows are worked with it in front${nature.sameOnBothFaces ? '; both faces look alike' : ''}`,
    ],
    [inRounds ? 'Round height' : 'Row height', `${share(nature.heightToSc)} of single crochet’s`],
    ['Thickness', `${share(nature.thicknessToSc)} of single crochet’s`],
    ['Yarn for an area', `${share(nature.yarnToSc)} of single crochet’s`],
    ['Fabric', OPENNESS[nature.openness]],
    [
      'Direction',
      nature.hasUp ? 'has an up: front and flap show it upside down to the back' : 'looks the same either way up',
    ],
  ];
  return (
    <Group title="Its rule">
      <FactList facts={facts} nameWidth="9em" />
      <Box fontSize="13px" color="inkSoft" mt="2">
        Rows and turning chains: common practice, no source. Proportions to single crochet: from memory; your swatch
        counts for more.
      </Box>
    </Group>
  );
}

/** How its rows follow each other. */
function rowsText({ use, setupRows, rows, inRounds, lastRow }: StitchPattern): string {
  if (use === 'cord') return 'one, back along the chain';
  const before = setupRows.length > 0 ? `, after ${setupRows.length} worked once` : '';
  const after = lastRow ? ', and a last one that closes it' : '';
  return `${rows.length === 1 ? `every ${inRounds ? 'round' : 'row'} alike` : `${rows.length} in a repeat`}${before}${after}`;
}
