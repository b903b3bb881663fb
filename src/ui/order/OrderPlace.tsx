'use client';

import { Box, Flex, List } from '@chakra-ui/react';
import { Check, Hourglass } from 'lucide-react';
import { useMemo, type ReactNode } from 'react';
import type { StepId } from '@/core/making';
import { stepFigures, stepTexts } from '@/core/wording';
import { useBag, useBagStore } from '@/ui/bag/BagProvider';
import { Group, PlaceLayout } from '@/ui/bag/PlaceLayout';
import { SheetView } from '@/ui/drawing/SheetView';
import { WaysOut } from './WaysOut';
import { WhyThese } from '@/ui/figures/WhyThese';

/** The mark on the drawing that a step of the body is about; what is put on says its own. */
const MARKS: Partial<Record<StepId, string>> = {
  start: 'edge.front',
  'mark-base': 'fold.base',
  'mark-top': 'fold.top',
  'work-flap': 'edge.flap',
  fold: 'fold.base',
  'seam-sides': 'seam.sides',
};

/** The steps in an order in which nothing is set too late, each lit on the panel when it is pointed at. */
export function OrderPlace() {
  const design = useBag((state) => state.design);
  const plan = useBag((state) => state.plan);
  const store = useBagStore();
  const steps = useMemo(() => stepTexts(design, plan), [design, plan]);
  return (
    <PlaceLayout title="Order of making" columns="minmax(0, 9fr) minmax(0, 11fr)" drawing={<SheetView />}>
      <Group title="Order of making">
        <List.Root as="ol" listStyleType="none" ps="0" gap="2">
          {steps.map((step, index) => (
            <List.Item
              key={step.id}
              data-step={step.id}
              bg="paper"
              border="1px solid"
              borderColor="paperEdge"
              px="3"
              py="2"
              onPointerEnter={() => store.getState().select(plan.steps[index]?.of?.mark ?? MARKS[step.id] ?? null)}
            >
              <Flex gap="3">
                <Box fontFamily="heading" fontSize="18px" color="brassDeep" minW="1.6em" textAlign="right">
                  {index + 1}
                </Box>
                <Box>
                  <Box fontWeight={700}>{step.title}</Box>
                  <Box>{step.what}</Box>
                  <WhyThese figures={stepFigures(plan, step.id)} />
                  {step.check && <Remark icon={<Check size={15} />}>Check: {step.check}</Remark>}
                  {step.notLater && <Remark icon={<Hourglass size={15} />}>Not later: {step.notLater}</Remark>}
                  <WaysOut ways={step.ways} />
                </Box>
              </Flex>
            </List.Item>
          ))}
        </List.Root>
      </Group>
    </PlaceLayout>
  );
}

function Remark({ icon, children }: { icon: ReactNode; children: ReactNode }) {
  return (
    <Flex gap="1.5" fontSize="14px" color="inkSoft" align="baseline">
      <Box aria-hidden flexShrink={0} alignSelf="center">
        {icon}
      </Box>
      <Box>{children}</Box>
    </Flex>
  );
}
