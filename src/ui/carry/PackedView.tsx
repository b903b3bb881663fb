'use client';

import { useMemo } from 'react';
import { formatQuantity, packedText } from '@/core/wording';
import { packedDrawing, type Span } from '@/drawing';
import { useBag, useBagStore } from '@/ui/bag/BagProvider';
import { HAND_RESTS_MS, useSettled } from '@/ui/bag/useSettled';
import { DrawingTwin } from '@/ui/drawing/DrawingTwin';
import { StillView } from '@/ui/drawing/StillView';

/** The least height of a line of writing on a thing, px. */
const LINE_PX = 15;

/** The loaded bag from the front, with the things where they lie. Pressed, a thing is lit here, in the section and in the list. */
export function PackedView({ heightPx }: { heightPx: number }) {
  const plan = useBag((state) => state.plan);
  const unit = useBag((state) => state.design.settings.lengthUnit);
  const store = useBagStore();
  const drawing = useMemo(() => packedDrawing(plan), [plan]);
  const rested = useSettled(plan, HAND_RESTS_MS);
  const inWords = useMemo(() => packedText(rested, unit), [rested, unit]);
  const names = drawing.labels.map(({ name }) => name).join(', ');
  return (
    <div
      data-testid="packed"
      onClick={(event) => store.getState().select((event.target as Element).getAttribute('data-mark'))}
    >
      <StillView
        drawing={drawing}
        heightPx={heightPx}
        held
        label={
          names ? `The loaded bag from the front, holding ${names}` : 'The bag from the front; nothing goes in yet'
        }
      >
        {(pxPerMm) => (
          <>
            {drawing.labels
              .filter(
                ({ widthMm, heightMm }) =>
                  Math.max(widthMm, heightMm) * pxPerMm > 40 && Math.min(widthMm, heightMm) * pxPerMm > LINE_PX,
              )
              .map(({ name, at, widthMm, heightMm, mark }) => {
                const turned = heightMm > widthMm * 1.4;
                return (
                  <text
                    key={mark}
                    transform={`translate(${at.x} ${at.y})${turned ? ' rotate(-90)' : ''}`}
                    textAnchor="middle"
                    dominantBaseline="central"
                    fill="var(--chakra-colors-ink)"
                    style={{ fontSize: 13 / pxPerMm, pointerEvents: 'none' }}
                  >
                    {shortened(name, (Math.max(widthMm, turned ? heightMm : 0) * pxPerMm) / 6.6)}
                  </text>
                );
              })}
            {[drawing.across, drawing.up].map(
              (span) => span && <SpanLine key={span.from.y} span={span} pxPerMm={pxPerMm} unit={unit} />,
            )}
          </>
        )}
      </StillView>
      <DrawingTwin label="What is packed, in words" parts={inWords} />
    </div>
  );
}

const shortened = (name: string, letters: number): string =>
  name.length <= letters ? name : `${name.slice(0, Math.max(1, Math.floor(letters) - 1))}…`;

/** A brass length with its ends, and the number on it. */
function SpanLine({ span: { from, to, mm }, pxPerMm, unit }: { span: Span; pxPerMm: number; unit: 'cm' | 'in' }) {
  const upright = from.x === to.x;
  const tick = 5 / pxPerMm;
  const ends = [from, to].map(({ x, y }) =>
    upright ? `M${x - tick} ${y}H${x + tick}` : `M${x} ${y - tick}V${y + tick}`,
  );
  const middle = { x: (from.x + to.x) / 2, y: (from.y + to.y) / 2 };
  return (
    <g pointerEvents="none">
      <path
        d={`M${from.x} ${from.y}L${to.x} ${to.y}${ends.join('')}`}
        stroke="var(--chakra-colors-brass-deep)"
        strokeWidth={1.5 / pxPerMm}
        fill="none"
      />
      <text
        transform={`translate(${middle.x} ${middle.y})${upright ? ' rotate(-90)' : ''}`}
        textAnchor="middle"
        dominantBaseline="central"
        stroke="var(--chakra-colors-counter)"
        strokeWidth={6 / pxPerMm}
        paintOrder="stroke"
        fill="var(--chakra-colors-ink)"
        style={{ fontSize: 13 / pxPerMm }}
      >
        {formatQuantity(mm, 'mm', unit)}
      </text>
    </g>
  );
}
