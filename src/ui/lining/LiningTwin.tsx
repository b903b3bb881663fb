import { useMemo } from 'react';
import type { LaidOut } from '@/core/layout';
import { cutText, laidText } from '@/core/wording';
import { useBagBehind } from '@/ui/bag/BagProvider';
import { useRestedBag } from '@/ui/bag/useRestedBag';
import { HAND_RESTS_MS, useSettled } from '@/ui/bag/useSettled';
import { DrawingTwin } from '@/ui/drawing/DrawingTwin';

/** What is cut, in words, beside its drawing. It follows like the numbers. */
export function CutTwin() {
  const { design, plan } = useRestedBag();
  const parts = useMemo(() => cutText(design, plan), [design, plan]);
  return <DrawingTwin label="What is cut, in words" parts={parts} />;
}

/** Pieces on the cloth in words, beside their drawing. */
export function LaidTwin({ laid }: { laid: LaidOut | null }) {
  const { cloth, settings } = useBagBehind('numbers', (state) => state.design);
  const rested = useSettled(laid, HAND_RESTS_MS);
  const parts = useMemo(() => laidText(rested, cloth, settings.lengthUnit), [rested, cloth, settings.lengthUnit]);
  return <DrawingTwin label="The cloth in words" parts={parts} />;
}
