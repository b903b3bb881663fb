'use client';

import { Box, Button, Flex, Stack } from '@chakra-ui/react';
import { Info, Wrench } from 'lucide-react';
import type { Problem, Repair } from '@/core/problems';
import { problemSentence, repairLabel } from '@/core/wording';
import { useBag, useBagStore } from '@/ui/bag/BagProvider';

/** What the maker should know here, each with the ways out. What needs her decision has the one warm colour. */
export function ProblemSlips({ place }: { place: Problem['place'] }) {
  const problems = useBag((state) => state.plan.problems);
  const here = problems.filter((problem) => problem.place === place);
  if (here.length === 0) return null;
  const decideFirst = [...here].sort((a, b) => Number(b.severity === 'decide') - Number(a.severity === 'decide'));
  return (
    <Stack as="section" aria-label="Worth knowing" gap="2">
      {decideFirst.map((problem) => (
        <Slip key={`${problem.code}-${problem.path?.join('.')}`} problem={problem} />
      ))}
    </Stack>
  );
}

function Slip({ problem }: { problem: Problem }) {
  const unit = useBag((state) => state.design.settings.lengthUnit);
  const store = useBagStore();
  const decide = problem.severity === 'decide';
  const apply = (repair: Repair) => store.getState().edit(repairLabel(repair, unit), repair.edits);
  return (
    <Box
      bg={decide ? 'decidePale' : 'paper'}
      borderLeft="5px solid"
      borderColor={decide ? 'decide' : 'counterEdge'}
      px="3"
      py="2"
      fontSize="14px"
      data-problem={problem.code}
      onPointerEnter={() => problem.mark && store.getState().select(problem.mark)}
    >
      <Flex gap="2" align="start">
        <Box pt="0.5" color={decide ? 'decide' : 'inkSoft'} flexShrink={0} aria-hidden>
          {decide ? <Wrench size={16} /> : <Info size={16} />}
        </Box>
        <Box>
          {decide && (
            <Box as="strong" color="decide">
              Your decision:{' '}
            </Box>
          )}
          {problemSentence(problem, unit)}
          {problem.repairs.length > 0 && (
            <Flex wrap="wrap" gap="2" mt="1.5">
              {problem.repairs.map((repair) => (
                <Button
                  key={repair.code}
                  size="xs"
                  height="auto"
                  py="1"
                  whiteSpace="normal"
                  textAlign="left"
                  variant="outline"
                  bg="paper"
                  color="ink"
                  borderColor={decide ? 'decide' : 'inkSoft'}
                  onClick={() => apply(repair)}
                >
                  {repairLabel(repair, unit)}
                </Button>
              ))}
            </Flex>
          )}
        </Box>
      </Flex>
    </Box>
  );
}
