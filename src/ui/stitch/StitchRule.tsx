'use client';

import type { WordId } from '@/core/wording';
import { Box } from '@chakra-ui/react';
import type { StitchPattern, TurningChainSchool } from '@/core/stitches';
import type { ChartWay } from '@/drawing';
import { useBag } from '@/ui/bag/BagProvider';
import { Group } from '@/ui/bag/PlaceLayout';
import { FactList } from '@/ui/figures/FactList';

const OPENNESS = { dense: 'Dense', medium: 'A little open', open: 'Open: it snags and wants a lining' } as const;

/** Everything about a pattern that the plan goes by, and where each of it is from. */
export function StitchRule({ pattern, way }: { pattern: StitchPattern; way: ChartWay }) {
  const school = useBag((state) => state.design.settings.turningChain);
  const { repeatStitches, edgeStitches, nature } = pattern;
  const inRounds = way !== 'rows';
  // Stitches beside the repeat are for the two edges of a row: a round has none.
  const beside = inRounds ? 0 : edgeStitches;
  const share = (value: number) => `${Math.round(value * 100)} %`;
  const facts: [string, string, WordId?][] = [
    [
      'Counts',
      repeatStitches === 1
        ? 'any number of stitches'
        : `a multiple of ${repeatStitches} stitches${beside > 0 ? ` plus ${beside}` : ''}, found by working its rows`,
    ],
    [inRounds ? 'Rounds' : 'Rows', rowsText(pattern, inRounds)],
    inRounds
      ? ['Beginning of a round', beginningText(pattern, way, school)]
      : ['Turning chain', beginningText(pattern, way, school), 'turning-chain'],
    ['Public side', publicSideText(pattern, way), 'public-side'],
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

/** What a row, or a round, begins with. */
function beginningText({ turningChain }: StitchPattern, way: ChartWay, school: TurningChainSchool): string {
  if (way === 'spiral') return 'no chain: it goes on and on in a spiral; mark where each round begins';
  const counts = way === 'rows' && school === 'counts';
  const { chains } = turningChain[counts ? 'counts' : 'does-not-count'];
  const closed = {
    rows: '',
    joined: '; closed with a slip stitch',
    turned: '; closed with a slip stitch, then turned',
  };
  return `${chains} ${chains === 1 ? 'chain' : 'chains'}, ${counts ? 'counting as the first stitch' : 'not counting as a stitch'}${closed[way]}`;
}

/** Which rows, or rounds, show the public side to their worker. */
function publicSideText({ firstRowPublic, nature }: StitchPattern, way: ChartWay): string {
  if (way === 'spiral' || way === 'joined') return 'always in front';
  return `${firstRowPublic ? 'odd' : 'even'} ${way === 'rows' ? 'rows' : 'rounds'} are worked with it in front${nature.sameOnBothFaces ? '; both faces look alike' : ''}`;
}

/** How its rows follow each other. */
function rowsText({ use, setupRows, rows, lastRow }: StitchPattern, inRounds: boolean): string {
  if (use === 'cord') return 'one, back along the chain';
  const before = setupRows.length > 0 ? `, after ${setupRows.length} worked once` : '';
  const after = lastRow ? ', and a last one that closes it' : '';
  return `${rows.length === 1 ? `every ${inRounds ? 'round' : 'row'} alike` : `${rows.length} in a repeat`}${before}${after}`;
}
