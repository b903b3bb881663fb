import { useMemo } from 'react';
import { sheetText } from '@/core/wording';
import { useRestedBag } from '@/ui/bag/useRestedBag';
import { DrawingTwin } from './DrawingTwin';

/** The sheet in words, beside its drawing: pieces, parts, folds and marks with their numbers. It follows like the numbers. */
export function SheetTwin() {
  const { design, plan } = useRestedBag();
  const pieces = useMemo(() => sheetText(design, plan), [design, plan]);
  return <DrawingTwin label="The pieces in words" parts={pieces} />;
}
