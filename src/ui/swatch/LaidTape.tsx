'use client';

import { Box, Button, Flex } from '@chakra-ui/react';
import { useRef, useState, type KeyboardEvent, type PointerEvent } from 'react';
import { MM_PER_INCH, formatLength } from '@/core/units';
import { faultSentence } from '@/core/wording';
import { lengthScale } from '@/drawing';
import { useBag, useBagStore } from '@/ui/bag/BagProvider';
import { arrowSteps } from '@/ui/drawing/arrowSteps';
import { Ruler, RULER_PX } from '@/ui/drawing/Ruler';
import { useSize } from '@/ui/drawing/useSize';
import { ChoiceField } from '@/ui/fields';
import { TypedField } from '@/ui/fields/TypedField';

const KINDS = [
  { value: 'stitchReadings', label: 'Stitches along a row' },
  { value: 'rowReadings', label: 'Rows up the swatch' },
] as const;
type Kind = (typeof KINDS)[number]['value'];

/** The tape is at least so long, and longer than the longest reading by this share, mm. */
const LEAST_TAPE_MM = 150;
const BEYOND_SHARE = 1.25;
const PAD_PX = 14;
const HEIGHT_PX = RULER_PX + 34;

/** A drawn tape to read a swatch on: pressed where the last one counted ends, with the count beside it. */
export function LaidTape() {
  const { swatch, settings } = useBag((state) => state.design);
  const unit = settings.lengthUnit;
  const store = useBagStore();
  const [ref, size] = useSize<HTMLDivElement>({ width: 480, height: HEIGHT_PX });
  const [kind, setKind] = useState<Kind>('stitchReadings');
  const [endMm, setEndMm] = useState(100);
  const [count, setCount] = useState(20);
  const [told, setTold] = useState<string | null>(null);
  const drawing = useRef<SVGSVGElement>(null);

  const longest = Math.max(0, ...[...swatch.stitchReadings, ...swatch.rowReadings].map(({ lengthMm }) => lengthMm));
  const tapeMm = Math.max(LEAST_TAPE_MM, longest * BEYOND_SHARE);
  const stepMm = unit === 'cm' ? 1 : MM_PER_INCH / 16;
  const pxPerMm = (size.width - 2 * PAD_PX) / tapeMm;
  const place = (mm: number) => setEndMm(Math.min(tapeMm, Math.max(5, Math.round(mm / stepMm) * stepMm)));
  const lay = (event: PointerEvent) => {
    if (event.type === 'pointermove' && event.buttons === 0) return;
    const left = drawing.current?.getBoundingClientRect().left ?? 0;
    place((event.clientX - left - PAD_PX) / pxPerMm);
  };
  const onKeyDown = (event: KeyboardEvent) => {
    if (event.key === 'Enter') return add();
    const step = arrowSteps(event.key, 10);
    if (step === 0) return;
    event.preventDefault();
    place(endMm + step * stepMm);
  };
  const add = () => {
    const readings = swatch[kind];
    const faults = store
      .getState()
      .edit('Reading from the tape', [{ path: ['swatch', kind, readings.length], value: { count, lengthMm: endMm } }]);
    setTold(
      faults[0]
        ? faultSentence(faults[0], unit)
        : `Reading ${readings.length + 1} added: ${count} over ${formatLength(endMm, unit)}.`,
    );
  };
  const endPx = PAD_PX + endMm * pxPerMm;
  return (
    <Box>
      <Box fontSize="13px" fontWeight={600} color="inkSoft" mb="1">
        Or read it on the tape: press where the last one you counted ends
      </Box>
      <Box ref={ref} width="full">
        <svg
          ref={drawing}
          width={size.width}
          height={HEIGHT_PX}
          style={{ display: 'block', maxWidth: '100%', cursor: 'crosshair', touchAction: 'pan-y' }}
          onPointerDown={(event) => {
            event.currentTarget.setPointerCapture(event.pointerId);
            lay(event);
          }}
          onPointerMove={lay}
          data-testid="tape"
        >
          <Ruler
            scale={lengthScale(tapeMm, unit, pxPerMm)}
            originPx={PAD_PX}
            pxPerMm={pxPerMm}
            side="bottom"
            edgePx={30}
            fromPx={PAD_PX}
            toPx={size.width - PAD_PX}
            title={`Tape, ${unit}`}
          />
          <g
            role="slider"
            tabIndex={0}
            aria-label="Length on the tape"
            aria-valuemin={5}
            aria-valuemax={Math.round(tapeMm)}
            aria-valuenow={Math.round(endMm)}
            aria-valuetext={formatLength(endMm, unit)}
            onKeyDown={onKeyDown}
          >
            <rect x={endPx - 14} y={0} width={28} height={HEIGHT_PX} fill="transparent" />
            <path
              d={`M${PAD_PX} 24V30M${PAD_PX} 27H${endPx}M${endPx} 22V${30 + RULER_PX}`}
              stroke="var(--chakra-colors-chalk)"
              strokeWidth="2.5"
              fill="none"
            />
            <text
              x={Math.min(endPx, size.width - 40)}
              y={15}
              textAnchor="middle"
              style={{ fontSize: 13, fontWeight: 600 }}
              fill="var(--chakra-colors-ink)"
            >
              {formatLength(endMm, unit)}
            </text>
          </g>
        </svg>
      </Box>
      <Flex gap="3" align="end" wrap="wrap">
        <ChoiceField label="What you count" width="13em" value={kind} choices={KINDS} onChange={setKind} />
        <TypedField
          label="Counted up to there"
          width="4.5em"
          shown={String(count)}
          commit={(text) => {
            const typed = Number(text.trim().replace(',', '.'));
            if (!(typed >= 2 && typed <= 1000)) return 'Write how many you counted, at least 2.';
            setCount(typed);
            return null;
          }}
        />
        <Button size="sm" variant="outline" bg="paper" onClick={add}>
          Add this reading
        </Button>
      </Flex>
      {told && (
        <Box role="status" fontSize="14px">
          {told}
        </Box>
      )}
    </Box>
  );
}
