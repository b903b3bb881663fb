'use client';

import { Box, Stack, chakra } from '@chakra-ui/react';
import { patternOf } from '@/core/design';
import { PANEL_STITCH_IDS, type StitchId, type StitchPattern } from '@/core/stitches';
import { patternRowText, stitchLegend, stitchName } from '@/core/wording';
import { useBag, useBagStore } from '@/ui/bag/BagProvider';
import type { BagState } from '@/ui/bag/bagStore';
import { Group, PlaceLayout } from '@/ui/bag/PlaceLayout';
import { ProblemSlips } from '@/ui/problems/ProblemSlips';
import { AlternativesGroup } from './AlternativesGroup';
import { CountOffers } from './CountOffers';
import { StitchChart } from './StitchChart';
import { StitchRule } from './StitchRule';

/** The stitch pattern: its chart and rows on the left, the choice, its rule and the counts that it allows on the right. */
export function StitchPlace() {
  const stitch = useBag((state) => state.design.stitch);
  const settings = useBag((state) => state.design.settings);
  const pattern = useBag(bagPattern);
  const ownStitches = useBag((state) => state.design.ownStitches);
  return (
    <PlaceLayout
      title="Stitch"
      drawing={
        <Stack gap="3" height="full" overflowY="auto" tabIndex={0} role="region" aria-label="Chart and rows">
          <StitchChart
            pattern={pattern}
            hand={settings.hand}
            heightPx={380}
            repeats={repeatsShown(pattern)}
            label={`Chart of ${stitchName(stitch, settings.terms, ownStitches)}: ${pattern.repeatStitches} stitches in a repeat`}
          />
          <RowsInWords pattern={pattern} />
        </Stack>
      }
    >
      <Group title="Worked in">
        <StitchChoice />
      </Group>
      <ProblemSlips place="swatch" />
      <StitchRule pattern={pattern} />
      <CountOffers />
      <AlternativesGroup />
    </PlaceLayout>
  );
}

/** The pattern that the bag is worked in. */
const bagPattern = ({ design }: BagState): StitchPattern => patternOf(design);

/** Enough repeats that the chart shows how they join, and is never a lone stitch. */
const repeatsShown = ({ repeatStitches }: StitchPattern): number => Math.max(2, Math.ceil(8 / repeatStitches));

/** The catalogue as one choice among small squares of paper, each with its name. */
function StitchChoice() {
  const stitch = useBag((state) => state.design.stitch);
  const { terms } = useBag((state) => state.design.settings);
  const store = useBagStore();
  const choose = (id: StitchId) =>
    store.getState().edit(`Stitch: ${stitchName(id, terms)}`, [
      { path: ['stitch'], value: id },
      { path: ['body', 'chosenStitches'], value: null },
    ]);
  return (
    <Box as="fieldset" display="flex" flexWrap="wrap" gap="1.5">
      <chakra.legend srOnly>Stitch pattern of the bag</chakra.legend>
      {PANEL_STITCH_IDS.map((id) => (
        <chakra.label
          key={id}
          display="inline-flex"
          alignItems="center"
          gap="1.5"
          minHeight="32px"
          px="2.5"
          bg="paper"
          border="1px solid"
          borderColor={id === stitch ? 'ink' : 'paperEdge'}
          boxShadow={id === stitch ? 'inset 0 -4px 0 var(--chakra-colors-brass)' : undefined}
          fontWeight={id === stitch ? 700 : 400}
          cursor="pointer"
          fontSize="14px"
        >
          <input type="radio" name="stitch" checked={id === stitch} onChange={() => choose(id)} />
          {stitchName(id, terms)}
        </chakra.label>
      ))}
    </Box>
  );
}

/** The same rows as the chart's, in the maker's words. */
function RowsInWords({ pattern }: { pattern: StitchPattern }) {
  const settings = useBag((state) => state.design.settings);
  const count = useBag((state) => state.plan.pouch.stitchCount);
  const rowCount = Math.max(2, pattern.setupRows.length + pattern.rows.length);
  const first = pattern.setupRows.length + 1;
  return (
    <Box bg="paper" border="1px solid" borderColor="paperEdge" px="4" py="3" data-testid="stitch-rows">
      {Array.from({ length: rowCount }, (_, index) => (
        <Box key={index} mb="1">
          {patternRowText(pattern, index + 1, count, settings)}
        </Box>
      ))}
      <Box>
        {pattern.rows.length === 1
          ? `Repeat row ${Math.max(2, first)}.`
          : `Repeat rows ${first} to ${first + pattern.rows.length - 1}.`}
      </Box>
      <Box mt="2" fontSize="13px" color="inkSoft">
        {stitchLegend(pattern, settings.terms).map((line) => (
          <Box key={line}>{line}</Box>
        ))}
      </Box>
    </Box>
  );
}
