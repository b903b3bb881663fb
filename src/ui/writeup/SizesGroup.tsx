'use client';

import { Box, Button, Flex } from '@chakra-ui/react';
import { useDeferredValue, useMemo } from 'react';
import { MOST_FURTHER_SIZES, type FurtherSize } from '@/core/design';
import { plannedSizes, type PlannedSize } from '@/core/grading';
import type { LengthUnit } from '@/core/units';
import { faultSentence, formatQuantity, problemSentence } from '@/core/wording';
import { foldedDrawing } from '@/drawing';
import { useBag, useBagStore } from '@/ui/bag/BagProvider';
import { Group, Row } from '@/ui/bag/PlaceLayout';
import { FoldedView } from '@/ui/drawing/FoldedView';
import { ChoiceField, LengthField, TextField } from '@/ui/fields';

/** Each further size is first taken to be so much larger than the largest. Ours. */
const STEP = 1.2;
const NAMES = ['S', 'L', 'XL', 'XS', 'XXL', '3XL', '4XL'] as const;
const BOX_PX = { width: 150, height: 130 };

/** The same bag in more sizes: each planned by itself, all told in one pattern. */
export function SizesGroup() {
  const design = useBag((state) => state.design);
  const plan = useBag((state) => state.plan);
  const store = useBagStore();
  const [late, latePlan] = [useDeferredValue(design), useDeferredValue(plan)];
  const planned = useMemo(() => plannedSizes(late, latePlan), [late, latePlan]);
  const { sizes, ownSize } = design.written;
  const set = (label: string, value: readonly FurtherSize[]) =>
    store.getState().edit(label, [{ path: ['written', 'sizes'], value }]);
  const add = () => set('A further size', [...sizes, nextSize(planned, [ownSize, ...sizes.map(({ name }) => name)])]);
  return (
    <Group
      title={sizes.length === 0 ? 'One size' : `${sizes.length + 1} sizes in one pattern`}
      action={
        sizes.length < MOST_FURTHER_SIZES && (
          <Button size="sm" minH="44px" variant="outline" bg="paper" onClick={add}>
            Add a size
          </Button>
        )
      }
    >
      {sizes.length === 0 ? (
        <Box fontSize="14px">
          The same bag larger or smaller, or around another thing: numbers stand as 26 (30, 34).
        </Box>
      ) : (
        <>
          <DrawnSizes planned={planned} />
          <Row>
            <TextField
              label="This bag’s own size is called"
              value={ownSize}
              onChange={(value) => store.getState().edit('Name of its size', [{ path: ['written', 'ownSize'], value }])}
            />
          </Row>
          {sizes.map((size, index) => (
            <SizeFields
              key={index}
              size={size}
              at={index}
              planned={planned.find((one) => one.index === index) ?? null}
              onTakeOut={() =>
                set(
                  `Took out size ${size.name}`,
                  sizes.filter((_, other) => other !== index),
                )
              }
            />
          ))}
        </>
      )}
    </Group>
  );
}

/** A size larger than the largest, under a name that none has. */
function nextSize(planned: readonly PlannedSize[], taken: readonly string[]): FurtherSize {
  const name = NAMES.find((one) => !taken.includes(one) && one !== 'S' && one !== 'XS') ?? `Size ${taken.length + 1}`;
  const largest = planned.filter(({ result }) => result.ok).at(-1);
  const [width, height] = largest?.result.ok
    ? [largest.result.plan.pouch.figures.width.value, largest.result.plan.pouch.figures.height.value]
    : [200, 150];
  const grown = (mm: number) => Math.min(800, Math.round((mm * STEP) / 5) * 5);
  return { name, of: { by: 'outside', widthMm: grown(width), heightMm: grown(height) } };
}

/** All sizes to one scale. */
function DrawnSizes({ planned }: { planned: readonly PlannedSize[] }) {
  const unit = useBag((state) => state.design.settings.lengthUnit);
  const cloth = useBag((state) => state.design.swatch.yarn.colour);
  const drawn = planned.flatMap(({ name, result }) =>
    result.ok ? [{ name, plan: result.plan, drawing: foldedDrawing(result.plan) }] : [],
  );
  const fitMm = {
    width: Math.max(...drawn.map(({ drawing }) => drawing.box.widthMm)),
    height: Math.max(...drawn.map(({ drawing }) => drawing.box.heightMm)),
  };
  return (
    <Flex wrap="wrap" gap="4" align="end" mb="3">
      {drawn.map(({ name, plan, drawing }) => {
        const { width, height } = plan.pouch.figures;
        const words = `${formatQuantity(width.value, 'mm', unit)} × ${formatQuantity(height.value, 'mm', unit)}`;
        return (
          <Box key={name} fontSize="14px" textAlign="center">
            <FoldedView drawing={drawing} cloth={cloth} boxPx={BOX_PX} fitMm={fitMm} label={`Size ${name}, ${words}`} />
            <Box fontWeight="600">{name}</Box>
            <Box>{words}</Box>
          </Box>
        );
      })}
    </Flex>
  );
}

interface SizeFieldsProps {
  size: FurtherSize;
  at: number;
  planned: PlannedSize | null;
  onTakeOut: () => void;
}

function SizeFields({ size: { name, of }, at, planned, onTakeOut }: SizeFieldsProps) {
  const unit = useBag((state) => state.design.settings.lengthUnit);
  const store = useBagStore();
  const edit = (label: string, path: readonly string[], value: unknown) =>
    store.getState().edit(label, [{ path: ['written', 'sizes', at, ...path], value }]);
  const by = (value: FurtherSize['of']['by']) => {
    if (value === of.by) return;
    const { widthMm, heightMm } = of;
    edit(
      'What the size follows from',
      ['of'],
      value === 'holds' ? { by: 'holds', widthMm, heightMm, thicknessMm: 10 } : { by: 'outside', widthMm, heightMm },
    );
  };
  const holds = of.by === 'holds';
  return (
    <Box mt="3" data-size={name}>
      <Row>
        <TextField
          label="Size"
          width="5em"
          value={name}
          onChange={(value) => edit('Name of a size', ['name'], value)}
        />
        <ChoiceField
          label="Follows from"
          width="11em"
          value={of.by}
          choices={[
            { value: 'outside' as FurtherSize['of']['by'], label: 'its outside' },
            { value: 'holds', label: 'what it holds' },
          ]}
          onChange={by}
        />
        <LengthField
          label={holds ? `It holds, wide (${name})` : `Width (${name})`}
          valueMm={of.widthMm}
          onChange={(mm) => edit('Width of a size', ['of', 'widthMm'], mm)}
        />
        <LengthField
          label={holds ? `It holds, high (${name})` : `Height (${name})`}
          valueMm={of.heightMm}
          onChange={(mm) => edit('Height of a size', ['of', 'heightMm'], mm)}
        />
        {of.by === 'holds' && (
          <LengthField
            label={`It holds, thick (${name})`}
            fine
            valueMm={of.thicknessMm}
            onChange={(mm) => edit('Thickness of what a size holds', ['of', 'thicknessMm'], mm)}
          />
        )}
        <Button size="sm" minH="44px" variant="outline" bg="paper" alignSelf="end" onClick={onTakeOut}>
          Take {name} out
        </Button>
      </Row>
      {planned && !planned.result.ok && (
        <Box mt="1" px="3" py="2" bg="decidePale" fontSize="14.5px" role="status">
          Size {name} is left out of the pattern: {troubleOf(planned.result, unit)}
        </Box>
      )}
    </Box>
  );
}

/** Why a size can't be made. */
function troubleOf(result: Extract<PlannedSize['result'], { ok: false }>, unit: LengthUnit): string {
  const [problem] = result.problems;
  if (problem) return problemSentence(problem, unit);
  const [sentence = 'it can’t be made as it is.'] = result.faults;
  return faultSentence({ path: [], sentence }, unit);
}
