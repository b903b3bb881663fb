'use client';

import { Box, Stack } from '@chakra-ui/react';
import { useState } from 'react';
import { roundWayOf } from '@/core/body';
import { patternOf } from '@/core/design';
import { isInRounds } from '@/core/pieces';
import { STITCHES, type StitchId, type StitchPattern } from '@/core/stitches';
import { patternText, sidesLines, stitchLegend, stitchName } from '@/core/wording';
import type { ChartWay } from '@/drawing';
import { useBag, useBagStore } from '@/ui/bag/BagProvider';
import type { BagState } from '@/ui/bag/bagStore';
import { Group, PlaceLayout, Row } from '@/ui/bag/PlaceLayout';
import { NumberField } from '@/ui/fields';
import { ProblemSlips } from '@/ui/problems/ProblemSlips';
import { ColoursGroup } from './ColoursGroup';
import { AlternativesGroup } from './AlternativesGroup';
import { CountOffers } from './CountOffers';
import { StitchChart } from './StitchChart';
import { StitchChoice } from './StitchChoice';
import { StitchRule } from './StitchRule';

/** The stitch pattern: its chart and rows on the left, the choice, its rule and the counts that it allows on the right. */
export function StitchPlace() {
  const stitch = useBag((state) => state.design.stitch);
  const settings = useBag((state) => state.design.settings);
  const own = useBag(bagPattern);
  const ownStitches = useBag((state) => state.design.ownStitches);
  const lines = useBag(bagRowsInWords);
  const way = useBag(bagWay);
  const [looking, setLooking] = useState<StitchId | null>(null);
  const pattern: StitchPattern = looking ? STITCHES[looking] : own;
  const ownWay: ChartWay = pattern.inRounds ? 'spiral' : 'rows';
  const shownWay = looking ? ownWay : way;
  const name = stitchName(looking ?? stitch, settings.terms, ownStitches);
  return (
    <PlaceLayout
      ownHeight
      title="Stitch"
      drawing={
        <Stack gap="3" height="full" overflowY="auto" tabIndex={0} role="region" aria-label="Chart and rows">
          <StitchChart
            pattern={pattern}
            hand={settings.hand}
            school={settings.turningChain}
            heightPx={360}
            repeats={repeatsShown(pattern)}
            way={shownWay}
            label={`Chart of ${name}${shownWay !== 'rows' ? ', in rounds' : ''}: ${pattern.repeatStitches} stitches in a repeat`}
          />
          <RowsInWords pattern={pattern} lines={looking ? patternText(pattern, STRAP_COUNT, settings) : lines} />
        </Stack>
      }
    >
      <Group title={looking ? `Looked at: ${name}` : 'Worked in'}>
        <StitchChoice looking={looking} onLook={setLooking} />
      </Group>
      <ProblemSlips place="stitch" />
      <ProblemSlips place="swatch" />
      <StitchRule pattern={pattern} way={shownWay} />
      {!looking && (
        <>
          <ColoursGroup />
          <CountOffers />
          <PlainEdgeField />
          <AlternativesGroup />
        </>
      )}
    </PlaceLayout>
  );
}

/** Stitches that a strap pattern is shown with. */
const STRAP_COUNT = 8;

/** Plain stitches at each side, beside the pattern: a firmer edge, and a way to other counts. */
function PlainEdgeField() {
  const plainEdge = useBag((state) => state.design.plainEdge);
  const store = useBagStore();
  return (
    <Group title="Its edge">
      <Row>
        <NumberField
          label="Plain stitches at each side"
          width="4em"
          value={plainEdge}
          onChange={(value) =>
            store.getState().edit('Plain edge', [
              { path: ['plainEdge'], value },
              { path: ['body', 'chosenStitches'], value: null },
            ])
          }
        />
        <Box flex="1 1 20em" alignSelf="center" fontSize="14px" color="inkSoft">
          A firm edge to seam, and a way to counts that the repeat alone doesn’t give.
        </Box>
      </Row>
    </Group>
  );
}

/** The pattern that the bag is worked in. */
const bagPattern = ({ design }: BagState): StitchPattern => patternOf(design);

/** How the bag's sides are worked: in rows, or in rounds of one way or another. */
const bagWay = ({ design, plan }: Pick<BagState, 'design' | 'plan'>): ChartWay =>
  plan.pieces.some(isInRounds) && 'rounds' in design.body ? roundWayOf(design.body, patternOf(design)) : 'rows';

/** The rows, or rounds, that the bag is worked in, in the maker's words. */
function bagRowsInWords({ design, plan }: Pick<BagState, 'design' | 'plan'>): string[] {
  const sides = plan.pieces.find(isInRounds);
  return sides
    ? sidesLines(design, plan, sides)
    : patternText(patternOf(design), plan.pouch.stitchCount, design.settings);
}

/** Enough repeats that the chart shows how they join, and is never a lone stitch. */
const repeatsShown = ({ repeatStitches }: StitchPattern): number => Math.max(2, Math.ceil(8 / repeatStitches));

/** The same rows as the chart's, in the maker's words. */
function RowsInWords({ pattern, lines }: { pattern: StitchPattern; lines: readonly string[] }) {
  const terms = useBag((state) => state.design.settings.terms);
  return (
    <Box bg="paper" border="1px solid" borderColor="paperEdge" px="4" py="3" data-testid="stitch-rows">
      {lines.map((line) => (
        <Box key={line} mb="1">
          {line}
        </Box>
      ))}
      <Box mt="2" fontSize="13px" color="inkSoft">
        {stitchLegend(pattern, terms).map((line) => (
          <Box key={line}>{line}</Box>
        ))}
      </Box>
    </Box>
  );
}
