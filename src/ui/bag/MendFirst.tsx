'use client';

import { Box, Button, Flex, Heading, Stack, chakra } from '@chakra-ui/react';
import Link from 'next/link';
import { applyEdits, type Design } from '@/core/design';
import { withHelpfulRepairs } from '@/core/helpfulRepairs';
import type { Problem, Repair } from '@/core/problems';
import { problemSentence, repairLabel } from '@/core/wording';
import { downloadBag } from '@/ui/browser/download';

const HomeLink = chakra(Link);

interface MendFirstProps {
  design: Design;
  problems: readonly Problem[];
  onMend: (design: Design) => void;
}

/** A bag that can't be planned by the rules of now: what stands in the way, and the ways out. It is kept as it is until one is taken. */
export function MendFirst({ design, problems, onMend }: MendFirstProps) {
  const { lengthUnit } = design.settings;
  const take = ({ edits }: Repair) => {
    const mended = applyEdits(design, edits);
    if (mended.ok) onMend(mended.design);
  };
  return (
    <>
      <Flex
        as="header"
        className="onDark"
        bg="drawer"
        color="drawerText"
        px="6"
        py="3"
        gap="5"
        align="center"
        wrap="wrap"
      >
        <HomeLink href="/" fontFamily="heading" fontSize="20px" color="brass">
          ← Shelf
        </HomeLink>
        <Heading as="h1" fontSize="22px">
          {design.name}
        </Heading>
      </Flex>
      <Stack as="main" gap="4" p="6" maxW="44em">
        <Box>This bag can’t be planned as it stands. Nothing of it is lost.</Box>
        {withHelpfulRepairs(design, problems).map((problem) => (
          <Stack key={`${problem.code} ${problem.path?.join('.')}`} role="alert" bg="decidePale" p="3" gap="2">
            {problemSentence(problem, lengthUnit)}
            <Flex gap="2" wrap="wrap">
              {problem.repairs.map((repair) => (
                <Button
                  key={repairLabel(repair, lengthUnit)}
                  size="sm"
                  variant="outline"
                  bg="paper"
                  borderColor="decide"
                  onClick={() => take(repair)}
                >
                  {repairLabel(repair, lengthUnit)}
                </Button>
              ))}
            </Flex>
          </Stack>
        ))}
        <Box>
          <Button size="sm" variant="outline" bg="paper" onClick={() => downloadBag(design)}>
            Keep it as a file
          </Button>
        </Box>
      </Stack>
    </>
  );
}
