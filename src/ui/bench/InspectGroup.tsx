'use client';

import { Box, Button, Flex, List } from '@chakra-ui/react';
import { Check, Circle, Wrench } from 'lucide-react';
import { memo } from 'react';
import { lookStep, looksFor, sizesToInspect, type BenchState, type LookId } from '@/core/bench';
import { cameOutWith } from '@/core/design';
import { LOOK_TEXTS, sizeVerdict } from '@/core/wording';
import { useBag, useBagStore } from '@/ui/bag/BagProvider';
import { Group } from '@/ui/bag/PlaceLayout';
import { LengthField } from '@/ui/fields';
import { FigureTicket } from '@/ui/figures/FigureTicket';
import type { MakingLog } from './makingLog';

/** The last look: sizes against the plan, and what is to be found on this bag; what isn't says what to do. */
export const InspectGroup = memo(function InspectGroup({ log, bench }: { log: MakingLog; bench: BenchState }) {
  const design = useBag((state) => state.design);
  const plan = useBag((state) => state.plan);
  const store = useBagStore();
  const looks = looksFor(design, plan);
  const passed = looks.filter((look) => bench.steps.get(lookStep(look)) === 'done').length;
  return (
    <Group title={`Look it over, ${passed} of ${looks.length} found`}>
      {sizesToInspect(design, plan).map((one) => (
        <Flex
          key={one.size}
          gap="3"
          align="center"
          wrap="wrap"
          mb="2"
          data-size={one.size}
          data-within={one.isWithin ?? undefined}
        >
          <FigureTicket figure={one.figure} />
          <LengthField
            label="Came out"
            width="8.5em"
            empty="not measured"
            valueMm={one.cameOutMm}
            onChange={(mm) => set(one.size, mm)}
            onClear={() => set(one.size, null)}
          />
          <Box flex="1 1 16em">{one.offMm !== null && sizeVerdict(one, design.settings.lengthUnit)}</Box>
        </Flex>
      ))}
      <List.Root listStyleType="none" ps="0" gap="2">
        {looks.map((look) => (
          <Look key={look} look={look} said={bench.steps.get(lookStep(look)) ?? null} log={log} />
        ))}
      </List.Root>
    </Group>
  );

  function set(size: 'widthMm' | 'heightMm' | 'depthMm', mm: number | null) {
    const { design: now, edit } = store.getState();
    return edit('Mine came out at', [{ path: ['cameOut'], value: cameOutWith(now.cameOut, 'bag', size, mm) }]);
  }
});

const SIGNS = {
  done: { icon: <Check size={18} />, words: 'Found' },
  skipped: { icon: <Wrench size={18} />, words: 'To mend' },
  open: { icon: <Circle size={18} />, words: 'Not looked at yet' },
};

/** One thing to be found. A row that is counted leaves it as it is. */
const Look = memo(function Look({
  look,
  said,
  log,
}: {
  look: LookId;
  said: 'done' | 'skipped' | null;
  log: MakingLog;
}) {
  const { find, else: otherwise } = LOOK_TEXTS[look];
  const say = (as: 'done' | 'skipped' | 'open') => log.tell({ kind: 'step', step: lookStep(look), as });
  const sign = SIGNS[said ?? 'open'];
  return (
    <List.Item bg="paper" border="1px solid" borderColor="paperEdge" px="3" py="2" data-look={look}>
      <Flex gap="3" align="center" wrap="wrap">
        <Box flex="1 1 16em">
          <Box fontWeight={700}>{find}</Box>
          <Flex gap="1.5" align="center" fontSize="14px" color="inkSoft">
            <Box aria-hidden>{sign.icon}</Box>
            {sign.words}
          </Flex>
          {said === 'skipped' && <Box>{otherwise}</Box>}
        </Box>
        <Button
          size="sm"
          minH="44px"
          variant="outline"
          bg={said === 'done' ? 'brassPale' : 'paper'}
          aria-pressed={said === 'done'}
          onClick={() => say(said === 'done' ? 'open' : 'done')}
        >
          Found
          <Box as="span" srOnly>
            : {find}
          </Box>
        </Button>
        <Button
          size="sm"
          minH="44px"
          variant="outline"
          bg={said === 'skipped' ? 'brassPale' : 'paper'}
          aria-pressed={said === 'skipped'}
          onClick={() => say(said === 'skipped' ? 'open' : 'skipped')}
        >
          Not so
          <Box as="span" srOnly>
            : {find}
          </Box>
        </Button>
      </Flex>
    </List.Item>
  );
});
