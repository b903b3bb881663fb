'use client';

import { memo, useMemo } from 'react';
import { rowsDone, type BenchState, type PartToWork } from '@/core/bench';
import { partName } from '@/core/wording';
import { besideDrawing } from '@/drawing';
import { useBag } from '@/ui/bag/BagProvider';
import { StillView } from '@/ui/drawing/StillView';

const HEIGHT_PX = 76;

/** A strap, a border, a lining as far as it is worked: it lies on no sheet, so it grows beside its own row. */
export const BesideRows = memo(function BesideRows({ part, bench }: { part: PartToWork; bench: BenchState }) {
  const { of } = part;
  const fittings = useBag((state) => state.plan.fittings);
  const rows = rowsDone(bench, part);
  const drawing = useMemo(() => (of.kind === 'beside' ? besideDrawing(of, rows) : null), [of, rows]);
  if (drawing === null || of.kind !== 'beside') return null;
  return (
    <div data-testid="beside-rows" style={{ marginTop: 12 }}>
      <StillView
        drawing={drawing}
        heightPx={HEIGHT_PX}
        label={`${partName(part, fittings)}: ${rows} of ${part.rowCount} ${of.counted}s worked, not to scale`}
      />
    </div>
  );
});
