'use client';

import { Box } from '@chakra-ui/react';
import { useCallback, useMemo, useState } from 'react';
import {
  partKey,
  partToGoOn,
  partsToWork,
  rehearsal,
  rehearsedUpTo,
  rowsDone,
  type PartAt,
  type PartToWork,
} from '@/core/bench';
import type { Piece } from '@/core/pieces';
import { useBag } from '@/ui/bag/BagProvider';
import { Group, PlaceLayout } from '@/ui/bag/PlaceLayout';
import type { PieceOnScreen } from '@/ui/drawing/pieceOnScreen';
import { SheetView } from '@/ui/drawing/SheetView';
import { FromLogbook } from '@/ui/logbook/FromLogbook';
import { ProblemSlips } from '@/ui/problems/ProblemSlips';
import { BesideRows } from './BesideRows';
import { FinishGroup } from './FinishGroup';
import { InspectGroup } from './InspectGroup';
import { KeepingMark } from './KeepingMark';
import { MeasureGroup } from './MeasureGroup';
import { PartChoice } from './PartChoice';
import { RehearseGroup } from './RehearseGroup';
import { RowCounter } from './RowCounter';
import { StepList } from './StepList';
import { useBenchBehind, useInBrowser, useMakingLog } from './useMakingLog';
import { WorkedRows } from './WorkedRows';

/** What of the logbook is about the work itself. */
const PACE = ['pace'] as const;

/** The bench: the row in hand, to be counted with one key; the steps, to be ticked; and the pieces as far as they are worked. */
export function BenchPlace() {
  const isInBrowser = useInBrowser();
  if (!isInBrowser)
    return (
      <PlaceLayout title="Bench" drawing={<SheetView />}>
        <Box role="status">Laying the work out…</Box>
      </PlaceLayout>
    );
  return <Bench />;
}

function Bench() {
  const log = useMakingLog();
  // The row in hand is drawn at once (`RowCounter`); all else follows it by a frame.
  const bench = useBenchBehind(log);
  const plan = useBag((state) => state.plan);
  const parts = useMemo(() => partsToWork(plan), [plan]);
  const [chosen, setChosen] = useState<string | null>(null);
  const part = parts.find((one) => partKey(one) === chosen) ?? partToGoOn(parts, bench) ?? parts.at(-1) ?? null;
  const moments = useMemo(() => rehearsal(plan), [plan]);
  const [rehearsed, setRehearsed] = useState<number | null>(null);
  const onPaper = useMemo(() => (rehearsed === null ? null : rehearsedUpTo(moments, rehearsed)), [moments, rehearsed]);
  const next = rehearsed === null ? undefined : moments[rehearsed];
  const worked = useRowsByPiece(parts, part, bench);
  const shown = useRowsByPiece(parts, next?.kind === 'row' ? next.part : null, onPaper ?? bench);
  const rowsOf = onPaper ? shown : worked;
  const over = useCallback(
    (piece: Piece, place: PieceOnScreen) => <WorkedRows piece={piece} place={place} rows={rowsOf.get(piece.id) ?? 0} />,
    [rowsOf],
  );
  return (
    <PlaceLayout title="Bench" columns="minmax(0, 9fr) minmax(0, 11fr)" drawing={<SheetView over={over} />} drawingLast>
      <ProblemSlips place="bench" />
      <Group title="Row by row" action={<KeepingMark log={log} />}>
        <PartChoice parts={parts} bench={bench} chosen={part} onChoose={(one) => setChosen(partKey(one))} />
        {part && <RowCounter key={partKey(part)} log={log} part={part} isChosen={partKey(part) === chosen} />}
        {part && <BesideRows part={part} bench={bench} />}
      </Group>
      {part && <MeasureGroup log={log} bench={bench} part={part} />}
      <RehearseGroup moments={moments} at={rehearsed} rows={rowsOf} onMove={setRehearsed} />
      <StepList log={log} bench={bench} />
      <InspectGroup log={log} bench={bench} />
      <FinishGroup log={log} bench={bench} />
      <FromLogbook kinds={PACE} />
    </PlaceLayout>
  );
}

/** How many rows of each piece are shown as worked: of those that are worked alike, the one in hand. */
function useRowsByPiece(
  parts: readonly PartToWork[],
  inHand: PartAt | null,
  { rows }: Parameters<typeof rowsDone>[0],
): ReadonlyMap<PartAt['piece'], number> {
  return useMemo(
    () =>
      new Map(
        parts.map(({ piece }): [PartAt['piece'], number] => {
          const copies = parts.filter((part) => part.piece === piece);
          const shown =
            (inHand?.piece === piece ? inHand : null) ??
            copies.find((part) => rowsDone({ rows }, part) < part.rowCount) ??
            (copies.at(-1) as PartToWork);
          return [piece, rowsDone({ rows }, shown)];
        }),
      ),
    [parts, inHand, rows],
  );
}
