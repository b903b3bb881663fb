'use client';

import { useMemo } from 'react';
import { swatchDrawing } from '@/drawing';
import { useBag } from '@/ui/bag/BagProvider';
import { Group, PlaceLayout, Row } from '@/ui/bag/PlaceLayout';
import { StillView } from '@/ui/drawing/StillView';
import { FromLogbook } from '@/ui/logbook/FromLogbook';
import { FigureTicket } from '@/ui/figures/FigureTicket';
import { ProblemSlips } from '@/ui/problems/ProblemSlips';
import { HookCompare } from './HookCompare';
import { LaidTape } from './LaidTape';
import { Readings } from './Readings';
import { ScaleGroup } from './ScaleGroup';
import { SwatchItself } from './SwatchItself';
import { YarnGroup } from './YarnGroup';

/** What of the logbook is about the gauge. */
const GAUGE = ['stitchWidth', 'rowHeight'] as const;

/** The swatch: its readings on a drawn tape, what gauge they give and how sure it is, and what that means for this bag. */
export function SwatchPlace() {
  const design = useBag((state) => state.design);
  const plan = useBag((state) => state.plan);
  const { swatch } = design;
  const { onSwatch, stitchWidth, rowHeight, widerForHalf, tallerForHalf } = plan.gauge;
  const [stitchMm, rowMm] = [onSwatch.stitchWidth.value, onSwatch.rowHeight.value];
  const drawing = useMemo(
    // The swatch as it was measured, whatever the bag is worked in.
    () => swatchDrawing(swatch, stitchMm, rowMm),
    [swatch, stitchMm, rowMm],
  );
  return (
    <PlaceLayout
      ownHeight
      title="Swatch"
      columns="minmax(0, 9fr) minmax(0, 11fr)"
      drawing={
        <StillView
          drawing={drawing}
          heightPx={520}
          label={
            drawing.tapes.length === 0
              ? 'A swatch to be worked: nothing is measured yet'
              : `The swatch with ${drawing.tapes.length === 1 ? 'one reading' : `${drawing.tapes.length} readings`} laid on it`
          }
        >
          {(pxPerMm) =>
            drawing.tapes.map((tape) => (
              <g key={`${tape.kind}${tape.index}`}>
                <line
                  x1={tape.from.x}
                  y1={tape.from.y}
                  x2={tape.to.x}
                  y2={tape.to.y}
                  stroke="var(--chakra-colors-brass)"
                  strokeWidth={16 / pxPerMm}
                />
                <text
                  style={{ fontSize: 12 / pxPerMm }}
                  transform={
                    tape.kind === 'stitches'
                      ? `translate(${(tape.from.x + tape.to.x) / 2} ${tape.from.y})`
                      : `translate(${tape.from.x} ${(tape.from.y + tape.to.y) / 2}) rotate(-90)`
                  }
                  textAnchor="middle"
                  dominantBaseline="central"
                  fill="var(--chakra-colors-on-brass)"
                >
                  {tape.count} {tape.kind}
                </text>
              </g>
            ))
          }
        </StillView>
      }
    >
      <ProblemSlips place="swatch" />
      <Group title="Readings" next="measure-swatch">
        <Row>
          <Readings kind="stitchReadings" title="Stitches along a row" counted="stitches" />
          <Readings kind="rowReadings" title="Rows up the swatch" counted="rows" />
        </Row>
        <Row>
          <FigureTicket figure={onSwatch.stitchWidth} />
          <FigureTicket figure={onSwatch.rowHeight} />
        </Row>
        <LaidTape />
      </Group>
      <Group title="What it means for this bag">
        <Row>
          {stitchWidth.id !== onSwatch.stitchWidth.id && (
            <>
              <FigureTicket figure={stitchWidth} />
              <FigureTicket figure={rowHeight} />
            </>
          )}
          <FigureTicket figure={plan.pouch.figures.width} />
          <FigureTicket figure={plan.pouch.figures.height} />
          {plan.flap.hasFlap && <FigureTicket figure={plan.flap.figures.dropLoaded} />}
          {widerForHalf && <FigureTicket figure={widerForHalf} label="Half the ± of the width takes readings of" />}
          {tallerForHalf && <FigureTicket figure={tallerForHalf} label="Half the ± of the heights takes readings of" />}
        </Row>
      </Group>
      <FromLogbook kinds={GAUGE} />
      <HookCompare />
      <SwatchItself />
      <YarnGroup />
      <ScaleGroup />
    </PlaceLayout>
  );
}
