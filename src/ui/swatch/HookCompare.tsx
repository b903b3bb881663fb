'use client';

import { Box, Flex } from '@chakra-ui/react';
import dynamic from 'next/dynamic';
import { useEffect, useMemo, useState } from 'react';
import { hookFigures, isSameFabric } from '@/core/alternatives';
import { isMeasured, type Swatch } from '@/core/design';
import { estimateGauge, gaugeOnHook, type HookPoint } from '@/core/gauge';
import { formatQuantity } from '@/core/wording';
import { useBag, useBagStore } from '@/ui/bag/BagProvider';
import { Group } from '@/ui/bag/PlaceLayout';
import { TypedField } from '@/ui/fields/TypedField';
import { AskableNumber } from '@/ui/figures/FigureTicket';
import { KeepCopy } from './KeepCopy';
import { useSwatchLibrary } from './swatchLibrary';

/** The chart comes when it is needed: nothing of it is in the first view. */
const HookChart = dynamic(() => import('./HookChart').then((module) => module.HookChart), { ssr: false });

/** Swatches of the same yarn in the same stitch on other hooks: their gauge against the hook, and what one not tried would give. */
export function HookCompare() {
  const swatch = useBag((state) => state.design.swatch);
  const { swatches, keepCopy } = useSwatchLibrary();
  const family = useMemo(
    () =>
      withoutCopies(
        [swatch, ...swatches.filter((other) => other.id !== swatch.id && isSameFabric(other, swatch))].filter(
          isMeasured,
        ),
      ),
    [swatch, swatches],
  );
  const points = family.map(hookPoint);
  const line = gaugeOnHook(points);
  return (
    <Group title="The same yarn on other hooks">
      {isMeasured(swatch) && <KeepCopy swatch={swatch} names={swatches.map(({ name }) => name)} keepCopy={keepCopy} />}
      {line ? (
        <Foretold points={points} line={line} />
      ) : (
        <Box fontSize="14px">
          {isMeasured(swatch)
            ? 'Keep a copy of this swatch, then measure'
            : 'Measure this swatch and keep a copy, then measure'}{' '}
          the same yarn in the same stitch on another hook: two hooks show what a third would give.
        </Box>
      )}
    </Group>
  );
}

/** A swatch that was only copied, to another bag or to the library, tells nothing new: each set of readings counts once. */
function withoutCopies(swatches: readonly Swatch[]): Swatch[] {
  const measured = new Map<string, Swatch>();
  for (const swatch of swatches) {
    const readings = JSON.stringify([swatch.hookMm, swatch.stitchReadings, swatch.rowReadings]);
    if (!measured.has(readings)) measured.set(readings, swatch);
  }
  return [...measured.values()];
}

function hookPoint(swatch: Swatch): HookPoint {
  const { mm, plusMinusMm } = estimateGauge(swatch.stitchReadings);
  return { hookMm: swatch.hookMm, mm, plusMinusMm };
}

type Line = NonNullable<ReturnType<typeof gaugeOnHook>>;

/** The chart with a hook to ask about, and what the bag would become on it. */
function Foretold({ points, line }: { points: readonly HookPoint[]; line: Line }) {
  const unit = useBag((state) => state.design.settings.lengthUnit);
  const settled = useBag((state) => state.plan.contents.settled);
  const hooks = points.map(({ hookMm }) => hookMm);
  const [hookMm, setHookMm] = useState(() => Math.round((Math.min(...hooks) + Math.max(...hooks)) * 2) / 4);
  const { outside } = line.predict(hookMm);
  const { stitchWidth, stitches, width } = hookFigures(settled, line, points, hookMm);
  const store = useBagStore();
  const shown = JSON.stringify([settled.body, settled.stitch, hookMm, points]);
  useEffect(
    () =>
      store.getState().showBesides(
        'hooks',
        [stitchWidth, stitches, width].filter((figure) => figure !== null),
      ),
    // The figures are made anew at each drawing; what they follow from tells when they differ.
    // eslint-disable-next-line react-hooks/exhaustive-deps
    [store, shown],
  );
  const size = (value: number) => formatQuantity(value, 'mm/stitch', unit);
  return (
    <Flex gap="4" wrap="wrap" align="flex-start">
      <Box flex="1 1 300px" minW="0">
        <HookChart points={points} line={line} askedHookMm={hookMm} unit={unit} />
        <Box as="ul" srOnly>
          {points.map((point, index) => (
            <li key={index}>
              Hook {point.hookMm} mm: {size(point.mm)} ± {size(point.plusMinusMm)}
            </li>
          ))}
        </Box>
      </Box>
      <Box flex="1 1 200px" fontSize="14.5px">
        <TypedField
          label="A hook not tried"
          suffix="mm"
          width="5em"
          shown={String(hookMm)}
          commit={(text) => {
            const typed = Number(text.trim().replace(',', '.'));
            if (!(typed >= 0.5 && typed <= 30)) return 'Write a hook from 0.5 to 30 mm.';
            setHookMm(typed);
            return null;
          }}
        />
        <Box mt="2" data-testid="foretold">
          One stitch <AskableNumber figure={stitchWidth} />
          {stitches && width && (
            <>
              ; this bag: <AskableNumber figure={stitches} />, <AskableNumber figure={width} />
            </>
          )}
        </Box>
        {outside && (
          <Box mt="1" fontWeight={600}>
            ⚠ That hook lies outside those you tried: trust it less.
          </Box>
        )}
        <Box mt="1" fontSize="13px" color="inkSoft">
          A straight line through {points.length} swatches; the ± is for a new swatch, 19 times in 20. Published:
          NIST/SEMATECH e-Handbook of Statistical Methods, 4.5.2.
        </Box>
      </Box>
    </Flex>
  );
}
