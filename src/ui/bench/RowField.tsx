'use client';

import { rowsDone, type PartToWork } from '@/core/bench';
import { TypedField } from '@/ui/fields/TypedField';
import type { MakingLog } from './makingLog';
import { useBench } from './useMakingLog';

/** Sets how many rows are worked, where she has gone on without counting here, or ripped some out. */
export function RowField({ log, part, counted }: { log: MakingLog; part: PartToWork; counted: 'row' | 'round' }) {
  // What was told a moment ago counts: what stands in the field is never older than that.
  const done = rowsDone(useBench(log), part);
  const at = { piece: part.piece, copy: part.copy };
  return (
    <TypedField
      label={counted === 'row' ? 'Rows worked' : 'Rounds worked'}
      shown={String(done)}
      commit={(typed) => {
        const rows = Number(typed.trim());
        if (!/^\d+$/.test(typed.trim())) return `Write how many ${counted}s are worked, such as 24.`;
        if (rows > part.rowCount) return `This piece has ${part.rowCount} ${counted}s.`;
        if (rows > done) log.tell({ kind: 'row', ...at, row: rows });
        else log.takeBackTo(at, rows);
        return null;
      }}
    />
  );
}
