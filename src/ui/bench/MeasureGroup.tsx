'use client';

import { Box, Button, Flex } from '@chakra-ui/react';
import dynamic from 'next/dynamic';
import { memo, useMemo, useState } from 'react';
import {
  canBeMeasured,
  newProblems,
  partKey,
  replan,
  rowToWork,
  rowsDone,
  yarnLasts,
  type BenchState,
  type PartToWork,
  type ReplanWay,
} from '@/core/bench';
import type { Problem } from '@/core/problems';
import { formatLength, toldMass, type LengthUnit } from '@/core/units';
import { offText, pieceAgainstSwatch, problemSentence, replanLines, yarnLastsText } from '@/core/wording';
import { useBag, useBagStore } from '@/ui/bag/BagProvider';
import { Group } from '@/ui/bag/PlaceLayout';
import { useShared } from '@/ui/drawing/useShared';
import { LedgerTable } from '@/ui/figures/LedgerTable';
import type { MakingLog } from './makingLog';
import { MeasureFields } from './MeasureFields';

/** Room for the chart is left before it comes, so that nothing below it moves under a hand. */
const CHART_PX = 220;
const MeasuredChart = dynamic(() => import('./MeasuredChart').then((chart) => chart.MeasuredChart), {
  ssr: false,
  loading: () => <Box height={`${CHART_PX}px`} />,
});

/** The tape laid on the work: what it says against the plan, and the plan anew from it. */
export const MeasureGroup = memo(function MeasureGroup({
  log,
  bench,
  part,
}: {
  log: MakingLog;
  bench: BenchState;
  part: PartToWork;
}) {
  const design = useBag((state) => state.design);
  const plan = useBag((state) => state.plan);
  const unit = design.settings.lengthUnit;
  const piece = part.of;
  const own = useShared(bench.measured.filter((one) => partKey(one) === partKey(part)));
  if (!canBeMeasured(piece)) return null;
  const done = rowsDone(bench, part);
  const latest = [...own].sort((one, other) => other.rows - one.rows)[0];
  const lasts = yarnLasts(own, part.rowCount);
  return (
    <Group title="Measure it on the way">
      <MeasureFields
        key={partKey(part)}
        {...{ log, part, unit }}
        done={done}
        stitches={rowToWork(piece, done)?.stitches ?? null}
      />
      {latest && (
        <>
          <LedgerTable
            label="What was measured"
            heads={['Rows', 'Long', 'Planned', 'Off by', 'Left of the yarn', '']}
            rows={own.map((one) => ({
              key: one.id,
              cells: [
                one.rows,
                formatLength(one.lengthMm, unit),
                formatLength(one.rows * piece.rowMm, unit),
                offText(one.lengthMm - one.rows * piece.rowMm, unit),
                one.leftG === null ? '–' : toldMass(one.leftG, unit),
                <Button key="back" size="xs" minH="44px" variant="ghost" onClick={() => log.takeBack([one.id])}>
                  Take back
                </Button>,
              ],
            }))}
          />
          <MeasuredChart
            piece={piece}
            rowCount={part.rowCount}
            measured={own}
            plan={plan}
            unit={unit}
            heightPx={CHART_PX}
          />
          {lasts && (
            <Box mt="2" data-testid="yarn-lasts">
              {yarnLastsText(lasts, unit)}
            </Box>
          )}
          <PlanAnew bench={bench} latest={latest} />
        </>
      )}
    </Group>
  );
});

/** The plan anew, each change of it shown before it is taken; what is worked stays. */
function PlanAnew({ bench, latest }: { bench: BenchState; latest: BenchState['measured'][number] }) {
  const design = useBag((state) => state.design);
  const plan = useBag((state) => state.plan);
  const store = useBagStore();
  const [way, setWay] = useState<ReplanWay>('sizes');
  const piece = plan.pieces.find(({ id }) => id === latest.piece);
  const stitches = (piece && rowToWork(piece, latest.rows)?.stitches) ?? null;
  const around = piece?.kind === 'rows' && latest.rows <= piece.roundCount ? 2 : 1;
  const anew = useMemo(
    () =>
      replan(
        design,
        plan,
        bench,
        {
          rows: latest.rows,
          lengthMm: latest.lengthMm,
          width:
            latest.widthMm !== null && stitches !== null ? { stitches: stitches / around, mm: latest.widthMm } : null,
        },
        way,
      ),
    [design, plan, bench, latest, stitches, around, way],
  );
  const { worked } = design;
  const isTaken = worked !== null && worked.rows.count === latest.rows && worked.rows.lengthMm === latest.lengthMm;
  const swatchMm = plan.gauge.bySwatch.rowHeight.value;
  return (
    <Box mt="3" data-testid="plan-anew">
      <Box>{pieceAgainstSwatch(latest.lengthMm / latest.rows / swatchMm - 1, 'row')}</Box>
      {isTaken ? (
        <Flex gap="3" align="center" mt="2" wrap="wrap">
          <Box>The plan goes by this measure. Undo takes it back.</Box>
          <Button
            size="sm"
            minH="44px"
            variant="outline"
            bg="paper"
            onClick={() => store.getState().edit('By the swatch again', [{ path: ['worked'], value: null }])}
          >
            Plan by the swatch again
          </Button>
        </Flex>
      ) : anew === null ? (
        <Box mt="2">No plan can be made by this measure. Look at the numbers again.</Box>
      ) : (
        <>
          <Flex gap="2" mt="2" wrap="wrap" role="group" aria-label="What is kept">
            {(['sizes', 'rows'] as const).map((one) => (
              <Button
                key={one}
                size="sm"
                minH="44px"
                variant="outline"
                bg={way === one ? 'brassPale' : 'paper'}
                aria-pressed={way === one}
                onClick={() => setWay(one)}
              >
                {WAYS[one]}
              </Button>
            ))}
          </Flex>
          <LedgerTable
            label="What the plan would be"
            heads={['What', 'Planned', 'Then']}
            rows={replanLines(plan, anew, design.settings.lengthUnit).map(({ what, before, after, isWorked }) => {
              const then = isWorked ? `${after}, worked` : after;
              return { key: what, cells: [what, before, before === after ? then : <b key="then">{then}</b>] };
            })}
          />
          <BroughtUp before={plan.problems} after={anew.plan.problems} unit={design.settings.lengthUnit} />
          <Button
            mt="2"
            minH="44px"
            bg="drawer"
            color="drawerText"
            onClick={() => store.getState().edit('The plan by what is measured', anew.edits)}
          >
            Take the new plan
          </Button>
        </>
      )}
    </Box>
  );
}

/** What the new plan brings up that this one doesn't. */
function BroughtUp({
  before,
  after,
  unit,
}: {
  before: readonly Problem[];
  after: readonly Problem[];
  unit: LengthUnit;
}) {
  const problems = newProblems(before, after);
  if (problems.length === 0) return null;
  return (
    <Box mt="2" data-testid="brought-up">
      <b>It would bring up:</b>
      <Box as="ul" ps="5" listStyleType="disc">
        {problems.map((problem) => (
          <li key={`${problem.code} ${problem.path?.join('.')}`}>{problemSentence(problem, unit)}</li>
        ))}
      </Box>
    </Box>
  );
}

const WAYS: Record<ReplanWay, string> = {
  sizes: 'Keep the sizes, count the rows anew',
  rows: 'Keep the rows, know the sizes',
};
