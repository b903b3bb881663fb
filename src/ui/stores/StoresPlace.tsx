'use client';

import { Box, List } from '@chakra-ui/react';
import { useMemo } from 'react';
import { problemSentence, writePattern } from '@/core/wording';
import { useBag } from '@/ui/bag/BagProvider';
import { Group, PlaceLayout, Row } from '@/ui/bag/PlaceLayout';
import { ProblemSlips } from '@/ui/problems/ProblemSlips';
import { AtHandGroup } from './AtHandGroup';
import { BallsGroup } from './BallsGroup';
import { BallsView } from './BallsView';
import { CostGroup } from './CostGroup';
import { HoldGroup } from './HoldGroup';
import { SwapYarnGroup } from './SwapYarnGroup';
import { FromLogbook } from '@/ui/logbook/FromLogbook';
import { FigureTicket } from '@/ui/figures/FigureTicket';

/** What of the logbook is about yarn. */
const YARN = ['yarn'] as const;

/** Why the yarn can't be worked out. */
const NOT_KNOWN: ReadonlySet<string> = new Set(['swatch-not-weighed', 'mass-without-area', 'ball-not-known']);

/** What to have before beginning: yarn in grams, length and balls, and the small things. */
export function StoresPlace() {
  const design = useBag((state) => state.design);
  const plan = useBag((state) => state.plan);
  const needed = useMemo(
    () => writePattern(design, plan).sections.find(({ id }) => id === 'materials')?.lines ?? [],
    [design, plan],
  );
  const figures = plan.yarn.figures;
  // One yarn is all of it, or each has its own part.
  const isShared = plan.yarn.lots.some(({ mass }) => mass !== figures?.mass);
  const unknown = plan.problems.find(({ code }) => NOT_KNOWN.has(code));
  return (
    <PlaceLayout ownHeight title="Stores" columns="minmax(0, 1fr) minmax(0, 4fr)" drawing={<BallsView />}>
      <ProblemSlips place="stores" />
      {isShared &&
        plan.yarn.lots.map(({ name, mass, length, balls }, index) => (
          <Group key={index} title={name}>
            <Row>
              <FigureTicket figure={mass} />
              <FigureTicket figure={length} />
              <FigureTicket figure={balls} />
            </Row>
          </Group>
        ))}
      <Group title={isShared ? 'All of it' : design.swatch.yarn.name}>
        {figures ? (
          <Row>
            <FigureTicket figure={figures.mass} />
            {!isShared && (
              <>
                <FigureTicket figure={figures.length} />
                <FigureTicket figure={figures.balls} />
              </>
            )}
            <FigureTicket figure={figures.fabric} />
            {figures.trim && <FigureTicket figure={figures.trim} />}
            <FigureTicket figure={figures.sewing} />
            {figures.tails && <FigureTicket figure={figures.tails} />}
            <FigureTicket figure={figures.massPerArea} />
          </Row>
        ) : (
          <Box>{unknown ? problemSentence(unknown, design.settings.lengthUnit) : null}</Box>
        )}
      </Group>
      {plan.yarn.lots.length > 0 && <AtHandGroup />}
      <Group title="You need">
        <List.Root ps="5" gap="1">
          {needed.map((line) => (
            <List.Item key={line}>{line}</List.Item>
          ))}
        </List.Root>
      </Group>
      {/* What waits for the stores has its room before it comes. */}
      <Box minH="190px">
        <CostGroup />
      </Box>
      <HoldGroup />
      <FromLogbook kinds={YARN} />
      <BallsGroup />
      <SwapYarnGroup />
    </PlaceLayout>
  );
}
