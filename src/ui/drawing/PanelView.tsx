'use client';

import { useDrag } from '@use-gesture/react';
import { memo, useCallback, useMemo, type KeyboardEvent } from 'react';
import { figureId, type FigureId } from '@/core/figures';
import { moveLineEdits, panelLines, type PanelLine, type PanelLineId } from '@/core/body';
import { formatLength } from '@/core/units';
import { formatQuantity } from '@/core/wording';
import { countTicks, lengthTicks, panelDrawing, type Layer } from '@/drawing';
import { useBag, useBagStore } from '@/ui/bag/BagProvider';
import { clothStyle } from '@/ui/theme/system';
import { arrowSteps } from './arrowSteps';
import { FlapHandles } from './FlapHandles';
import { RULER_PX, Ruler } from './Ruler';
import { DrawingDefs, ShapeView } from './ShapeView';
import { useShared } from './useShared';
import { useSize } from './useSize';

const LINE_NAMES: Record<PanelLineId, string> = {
  'fold.base': 'Base fold',
  'fold.top': 'Top fold',
  'fold.flap': 'Flap starts',
  'edge.flap': 'Flap’s edge',
  'edge.back': 'Back’s upper edge',
};

/** The figure of a line's distance from the start: what pressing its tag asks. */
const LINE_FIGURES: Record<PanelLineId, FigureId> = {
  'fold.base': figureId('fold.base'),
  'fold.top': figureId('fold.top'),
  'fold.flap': figureId('fold.flap'),
  'edge.flap': figureId('panel.length'),
  'edge.back': figureId('panel.length'),
};

const MARGIN_PX = 6;
/** Room on the right for the tags of the lines, px. */
const TAGS_PX = 148;
const TAG_HEIGHT_PX = 34;

interface PanelViewProps {
  /** Layers left out, where a place has no use for them. */
  hide?: readonly Layer[];
  /** Whether the lines can be moved here. */
  movable?: boolean;
}

/**
 * The flat panel to scale between its brass rules: counts to the left and below, lengths to the right and above. The one
 * component for it, wherever it is shown.
 */
export function PanelView({ hide = [], movable = false }: PanelViewProps) {
  const [ref, size, measured] = useSize<HTMLDivElement>({ width: 560, height: 600 });
  const design = useBag((state) => state.design);
  const plan = useBag((state) => state.plan);
  const selection = useBag((state) => state.selection);
  const store = useBagStore();

  const drawing = useShared(useMemo(() => panelDrawing(design, plan), [design, plan]));
  const lines = useShared(useMemo(() => panelLines(plan), [plan]));
  const { widthMm, heightMm } = drawing.box;
  const { rowMm, stitchMm, stitchCount } = plan.pouch;
  const { totalRows, flapRows } = plan.flap;
  const unit = design.settings.lengthUnit;

  const roomX = size.width - 2 * (RULER_PX + MARGIN_PX) - TAGS_PX;
  const roomY = size.height - 2 * (RULER_PX + MARGIN_PX);
  const pxPerMm = Math.max(0.2, Math.min(roomX / widthMm, roomY / heightMm));
  const clothWidth = widthMm * pxPerMm;
  const clothHeight = heightMm * pxPerMm;
  const left = RULER_PX + MARGIN_PX + Math.max(0, (roomX - clothWidth) / 2);
  const top = RULER_PX + MARGIN_PX + Math.max(0, (roomY - clothHeight) / 2);
  const right = left + clothWidth;
  const bottom = top + clothHeight;
  const rightHanded = design.settings.hand === 'right';

  const ticks = useMemo(
    () => ({
      rows: countTicks(totalRows, rowMm, pxPerMm),
      stitches: countTicks(stitchCount, stitchMm, pxPerMm),
      along: lengthTicks(totalRows * rowMm, unit, pxPerMm),
      across: lengthTicks(stitchCount * stitchMm, unit, pxPerMm),
    }),
    [totalRows, rowMm, stitchCount, stitchMm, unit, pxPerMm],
  );
  const across = { originPx: rightHanded ? right : left, pxPerMm: rightHanded ? -pxPerMm : pxPerMm };
  const along = { originPx: bottom, pxPerMm: -pxPerMm };
  const tags = spreadTags(lines.map((line) => bottom - line.afterRow * rowMm * pxPerMm));

  const move = useCallback(
    (id: PanelLineId, row: number) => {
      const { plan: planNow, edit } = store.getState();
      edit(`Move: ${LINE_NAMES[id]}`, moveLineEdits(planNow, id, row), `move ${id}`);
    },
    [store],
  );

  const ask = useCallback(
    (id: PanelLineId, at: { x: number; y: number }) => store.getState().ask({ figure: LINE_FIGURES[id], ...at }),
    [store],
  );

  return (
    <div
      ref={ref}
      style={{
        width: '100%',
        height: '100%',
        minHeight: 380,
        overflow: 'hidden',
        ...clothStyle(design.swatch.yarn.colour),
      }}
    >
      <svg
        width={size.width}
        height={size.height}
        viewBox={`0 0 ${size.width} ${size.height}`}
        role="group"
        aria-label={`The flat panel: ${stitchCount} stitches by ${totalRows} rows`}
        data-testid="panel"
        data-measured={measured}
        style={{ display: 'block', touchAction: 'pan-y', contain: 'strict' }}
      >
        <DrawingDefs />
        <Ruler
          {...along}
          ticks={ticks.rows}
          side="left"
          edgePx={left}
          fromPx={top}
          toPx={bottom}
          title="Rows, from row 1 at the bottom"
        />
        <Ruler
          {...along}
          ticks={ticks.along}
          side="right"
          edgePx={right}
          fromPx={top}
          toPx={bottom}
          title={`Length along the strip, ${unit}`}
        />
        <Ruler
          {...across}
          ticks={ticks.across}
          side="top"
          edgePx={top}
          fromPx={left}
          toPx={right}
          title={`Width, ${unit}`}
        />
        <Ruler
          {...across}
          ticks={ticks.stitches}
          side="bottom"
          edgePx={bottom}
          fromPx={left}
          toPx={right}
          title="Stitches"
        />
        <RulerEnd x={left - RULER_PX} y={top - 4} text="rows" anchor="start" />
        <RulerEnd x={right + RULER_PX} y={top - 4} text={unit} anchor="end" />

        <g transform={`translate(${left} ${top}) scale(${pxPerMm})`}>
          {drawing.shapes
            .filter((shape) => !hide.includes(shape.layer))
            .map((shape, index) => (
              <ShapeView key={index} shape={shape} lit={shape.mark !== undefined && shape.mark === selection} />
            ))}
        </g>
        <PartNames left={left} bottom={bottom} pxPerRow={rowMm * pxPerMm} width={clothWidth} />

        {lines.map((line, index) => (
          <MovableLine
            key={line.id}
            line={line}
            name={LINE_NAMES[line.id]}
            atPx={bottom - line.afterRow * rowMm * pxPerMm}
            tagPx={tags[index] as number}
            fromPx={left}
            toPx={right}
            pxPerRow={rowMm * pxPerMm}
            lengthText={formatLength(line.afterRow * rowMm, unit)}
            lit={selection === line.id}
            movable={movable}
            onMove={move}
            onEnd={store.getState().endMerge}
            onSelect={store.getState().select}
            onAsk={ask}
          />
        ))}
        {movable && (
          <FlapHandles
            middlePx={(left + right) / 2}
            startPx={bottom - (totalRows - flapRows) * rowMm * pxPerMm}
            pxPerMm={pxPerMm}
          />
        )}
      </svg>
    </div>
  );
}

function RulerEnd({ x, y, text, anchor }: { x: number; y: number; text: string; anchor: 'start' | 'end' }) {
  return (
    <text style={{ fontSize: 12 }} x={x} y={y} fill="var(--chakra-colors-ink)" textAnchor={anchor}>
      {text}
    </text>
  );
}

/** The names of the parts with their rows, chalked at the upper left of each, clear of what is set in its middle. */
function PartNames(props: { left: number; bottom: number; pxPerRow: number; width: number }) {
  const { frontRows, backRows } = useBag((state) => state.plan.pouch);
  const { bridgeRows, flapRows, startStitches } = useBag((state) => state.plan.flap);
  const stitchCount = useBag((state) => state.plan.pouch.stitchCount);
  const narrowed = useBag((state) => state.plan.flap.rows.some(({ by }) => by !== 'nothing'));
  const beside = (props.width * (1 - startStitches / stitchCount)) / 2;
  const upperLeft = (rows: number) => Math.min(20, (rows * props.pxPerRow) / 2);
  // A flap that gets narrower has its name where it is still wide.
  const inFlap = narrowed ? flapRows * props.pxPerRow - upperLeft(flapRows) : upperLeft(flapRows);
  const parts: [name: string, from: number, rows: number, left: number, down: number][] = [
    ['Front', 0, frontRows, 0, upperLeft(frontRows)],
    ['Back', frontRows, backRows, 0, upperLeft(backRows)],
    ['Over the top', frontRows + backRows, bridgeRows, beside, upperLeft(bridgeRows)],
    ['Flap', frontRows + backRows + bridgeRows, flapRows, beside, inFlap],
  ];
  return (
    <g fill="var(--cloth-chalk)" style={{ fontSize: 14, pointerEvents: 'none' }} aria-hidden>
      {parts
        .filter(([, , rows]) => rows * props.pxPerRow > 15)
        .map(([name, from, rows, left, down]) => (
          <text
            key={name}
            x={props.left + left + 26}
            y={props.bottom - (from + rows) * props.pxPerRow + down}
            dominantBaseline="central"
            stroke="var(--cloth)"
            strokeWidth="4"
            paintOrder="stroke"
          >
            <tspan style={{ fontFamily: 'var(--chakra-fonts-heading)' }}>{name}</tspan>
            <tspan dx="8">{formatQuantity(rows, 'row', 'cm')}</tspan>
          </text>
        ))}
    </g>
  );
}

interface MovableLineProps {
  line: PanelLine;
  name: string;
  atPx: number;
  tagPx: number;
  fromPx: number;
  toPx: number;
  pxPerRow: number;
  lengthText: string;
  lit: boolean;
  movable: boolean;
  onMove: (id: PanelLineId, row: number) => void;
  onEnd: () => void;
  onSelect: (id: PanelLineId) => void;
  /** The line is asked why it lies there, and where the answer may stand on the screen. */
  onAsk: (id: PanelLineId, at: { x: number; y: number }) => void;
}

/** A line across the panel with its tag. Dragged, or moved by the arrow keys, it goes from row to row. */
const MovableLine = memo(function MovableLine(props: MovableLineProps) {
  const { line, name, atPx, tagPx, fromPx, toPx, pxPerRow, lengthText, lit, movable, onMove, onEnd, onSelect, onAsk } =
    props;
  const bindDrag = useDrag(
    ({ first, last, tap, xy: [x, y], movement: [, movedPx], memo }) => {
      const startRow = first || memo === undefined ? line.afterRow : (memo as number);
      if (first || tap) onSelect(line.id);
      if (tap) {
        onAsk(line.id, { x, y });
        return memo;
      }
      onMove(line.id, startRow - Math.round(movedPx / pxPerRow));
      if (last) onEnd();
      return startRow;
    },
    { enabled: movable, filterTaps: true, pointer: { touch: true }, eventOptions: { passive: false } },
  );
  const onKeyDown = (event: KeyboardEvent<SVGElement>) => {
    if (event.key === 'Enter') {
      const { left, bottom } = event.currentTarget.getBoundingClientRect();
      return onAsk(line.id, { x: left, y: bottom });
    }
    const target =
      event.key === 'Home'
        ? line.leastRow
        : event.key === 'End'
          ? line.mostRow
          : line.afterRow + arrowSteps(event.key, 5);
    if (target === line.afterRow) return;
    event.preventDefault();
    onMove(line.id, target);
  };
  const tagLeft = toPx + RULER_PX + 14;

  return (
    <g
      {...(movable
        ? {
            ...bindDrag(),
            role: 'slider',
            tabIndex: 0,
            'aria-orientation': 'vertical' as const,
            'aria-valuemin': line.leastRow,
            'aria-valuemax': line.mostRow,
            'aria-valuenow': line.afterRow,
            'aria-valuetext': `after row ${line.afterRow}, ${lengthText}`,
            'aria-label': name,
            'aria-description': 'Arrow keys move it; Enter asks why',
            onKeyDown,
            onKeyUp: onEnd,
            onFocus: () => onSelect(line.id),
          }
        : {})}
      data-line={line.id}
      style={{ cursor: movable ? 'ns-resize' : undefined, touchAction: 'none' }}
    >
      <rect x={fromPx} y={atPx - 9} width={toPx - fromPx + RULER_PX} height={18} fill="transparent" />
      <polyline
        points={`${toPx},${atPx} ${toPx + RULER_PX},${atPx} ${tagLeft},${tagPx}`}
        fill="none"
        stroke={lit ? 'var(--chakra-colors-chalk)' : 'var(--chakra-colors-ink)'}
        strokeWidth={lit ? 2 : 1}
      />
      <rect
        x={tagLeft}
        y={tagPx - TAG_HEIGHT_PX / 2}
        width={TAGS_PX - 20}
        height={TAG_HEIGHT_PX}
        rx="2"
        fill="var(--chakra-colors-paper)"
        stroke={lit ? 'var(--chakra-colors-chalk)' : 'var(--chakra-colors-paper-edge)'}
        strokeWidth={lit ? 2.5 : 1}
      />
      <text style={{ fontSize: 13, fontWeight: 600 }} x={tagLeft + 8} y={tagPx - 4} fill="var(--chakra-colors-ink)">
        {movable ? `↕ ${name}` : name}
      </text>
      <text style={{ fontSize: 12 }} x={tagLeft + 8} y={tagPx + 11} fill="var(--chakra-colors-ink-soft)">
        after row {line.afterRow} · {lengthText}
      </text>
    </g>
  );
});

/** Moves tags that would lie on each other apart, from the bottom up, keeping their order. */
function spreadTags(wishedPx: readonly number[]): number[] {
  const spaced = [...wishedPx];
  for (let index = 1; index < spaced.length; index += 1)
    spaced[index] = Math.min(spaced[index] as number, (spaced[index - 1] as number) - TAG_HEIGHT_PX - 3);
  return spaced;
}
