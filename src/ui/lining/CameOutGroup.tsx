'use client';

import { Box } from '@chakra-ui/react';
import { cameOutWith, isBagForItself, type CameOut } from '@/core/design';
import { LINING_NAMES } from '@/core/lining';
import { useBag, useBagStore } from '@/ui/bag/BagProvider';
import { Group, Row } from '@/ui/bag/PlaceLayout';
import { LengthField } from '@/ui/fields';

type Size = 'widthMm' | 'heightMm' | 'depthMm';

/** What is measured of what a lining goes on or into: the finished bag from outside, or each piece as it lies flat. */
export function CameOutGroup() {
  const stage = useBag((state) => state.plan.lining);
  const hasDepth = useBag((state) => state.plan.pouch.figures.depth !== null);
  const cameOut = useBag((state) => state.design.cameOut);
  const store = useBagStore();
  if (!stage) return null;
  const isDropIn = isBagForItself(stage.choice);
  const parts: { of: CameOut['of']; name: string; sizes: [Size, string][] }[] = isDropIn
    ? [
        {
          of: 'bag',
          name: 'Your finished bag, outside',
          sizes: [
            ['widthMm', 'Across'],
            ['heightMm', 'Up'],
            ...(hasDepth ? ([['depthMm', 'Front to back']] as [Size, string][]) : []),
          ],
        },
      ]
    : stage.cloth.map((one) => ({
        of: one.for,
        name: `Your ${LINING_NAMES[one.for]}, flat`,
        sizes: [
          ['widthMm', 'Across'],
          ['heightMm', 'Long'],
        ],
      }));
  const set = (of: CameOut['of'], size: Size, mm: number | null) => {
    const { design, edit } = store.getState();
    return edit('Mine came out at', [{ path: ['cameOut'], value: cameOutWith(design.cameOut, of, size, mm) }]);
  };
  return (
    <Group title="Mine came out at">
      {parts.map(({ of, name, sizes }) => (
        <Box key={of} role="group" aria-label={name} mb="1">
          <Box fontSize="14px">{name}</Box>
          <Row>
            {sizes.map(([size, label]) => (
              <LengthField
                key={size}
                label={label}
                width="7em"
                empty="not measured"
                valueMm={cameOut.find((one) => one.of === of)?.[size] ?? null}
                onChange={(mm) => set(of, size, mm)}
                onClear={() => set(of, size, null)}
              />
            ))}
          </Row>
        </Box>
      ))}
    </Group>
  );
}
