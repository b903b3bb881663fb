'use client';

import { useDrag } from '@use-gesture/react';
import { memo, type KeyboardEvent } from 'react';
import type { PanelLine, PanelLineId } from '@/core/body';
import { arrowSteps } from './arrowSteps';
import { isThumb } from './isThumb';
import { RULER_PX } from './Ruler';

/** Room on the right for the tags of the lines, px. */
export const TAGS_PX = 148;
const TAG_HEIGHT_PX = 34;

interface MovableLineProps {
  line: PanelLine;
  name: string;
  atPx: number;
  /** Where its tag stands: so far down. */
  tagPx: number;
  /** Where the rule beside the piece begins, outside of which its tag stands; null for a tag on the line. */
  besidePx: number | null;
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

/** A line across a piece with its tag. Dragged, or moved by the arrow keys, it goes from row to row. */
export const MovableLine = memo(function MovableLine(props: MovableLineProps) {
  const { line, name, atPx, tagPx, besidePx, fromPx, toPx, pxPerRow, lengthText, lit, movable } = props;
  const { onMove, onEnd, onSelect, onAsk } = props;
  const moved: Parameters<typeof useDrag>[0] = ({ first, last, tap, xy: [x, y], movement: [, movedPx], memo }) => {
    const startRow = first || memo === undefined ? line.afterRow : (memo as number);
    if (first || tap) onSelect(line.id);
    if (tap) {
      onAsk(line.id, { x, y });
      return memo;
    }
    onMove(line.id, startRow - Math.round(movedPx / pxPerRow));
    if (last) onEnd();
    return startRow;
  };
  // A thumb that scrolls over the line moves nothing: by touch it is taken by its tag alone, by a mouse anywhere.
  const bindLine = useDrag((state) => (isThumb(state) ? state.memo : moved(state)), {
    enabled: movable,
    filterTaps: true,
  });
  const bindTag = useDrag(moved, {
    enabled: movable,
    filterTaps: true,
    pointer: { touch: true },
    eventOptions: { passive: false },
  });
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

  return (
    <g
      {...(movable
        ? {
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
      transform={`translate(0 ${atPx})`}
      style={{ cursor: movable ? 'ns-resize' : undefined }}
    >
      <LineMarks
        name={movable ? `↕ ${name}` : name}
        afterRow={line.afterRow}
        lengthText={lengthText}
        besidePx={besidePx}
        tagPx={tagPx - atPx}
        fromPx={fromPx}
        toPx={toPx}
        lit={lit}
        {...(movable ? { bindLine, bindTag } : {})}
      />
    </g>
  );
});

type Bind = ReturnType<typeof useDrag>;

interface LineMarksProps {
  name: string;
  afterRow: number;
  /** How far along the line lies, for a tag beside the piece. */
  lengthText: string;
  besidePx: number | null;
  /** Where the tag stands: so far below the line. */
  tagPx: number;
  fromPx: number;
  toPx: number;
  lit: boolean;
  /** What takes hold of the line, and of its tag; absent where it can't be moved. */
  bindLine?: Bind;
  bindTag?: Bind;
}

/** What a line shows, about its own height: while the line is moved only what it says changes. */
const LineMarks = memo(function LineMarks(props: LineMarksProps) {
  const { name, afterRow, lengthText, tagPx, besidePx, fromPx, toPx, lit, bindLine, bindTag } = props;
  const tagWidth = TAGS_PX - 20;
  // Beside the piece a rule lies between it and the tag.
  const ruleEndPx = besidePx === null ? toPx : besidePx + RULER_PX;
  const tagLeft = ruleEndPx + 14;
  const small = smallTag(name);
  const stroke = lit ? 'var(--chakra-colors-chalk)' : 'var(--chakra-colors-ink)';
  const beside = besidePx !== null;
  return (
    <>
      <rect {...bindLine?.()} x={fromPx} y={-9} width={ruleEndPx - fromPx} height={18} fill="transparent" />
      {beside && (
        <polyline
          points={`${toPx},0 ${ruleEndPx},0 ${tagLeft},${tagPx}`}
          fill="none"
          stroke={stroke}
          strokeWidth={lit ? 2 : 1}
        />
      )}
      <g {...bindTag?.()} style={{ touchAction: bindTag ? 'none' : undefined }} data-grip={bindTag ? true : undefined}>
        {beside ? (
          <>
            <Paper x={tagLeft} y={tagPx} width={tagWidth} height={TAG_HEIGHT_PX} lit={lit} />
            <text
              style={{ fontSize: 13, fontWeight: 600 }}
              x={tagLeft + 8}
              y={tagPx - 4}
              fill="var(--chakra-colors-ink)"
            >
              {name}
            </text>
            <text style={{ fontSize: 12 }} x={tagLeft + 8} y={tagPx + 11} fill="var(--chakra-colors-ink-soft)">
              after row {afterRow} · {lengthText}
            </text>
          </>
        ) : (
          <>
            <rect
              x={toPx - small.width}
              y={-SMALL_REACH_PX}
              width={small.width}
              height={2 * SMALL_REACH_PX}
              fill="transparent"
            />
            <Paper x={toPx - small.width} y={0} {...small} lit={lit} />
            <text
              style={{ fontSize: 11.5, fontWeight: 600 }}
              x={toPx - small.width / 2}
              y={0}
              textAnchor="middle"
              dominantBaseline="central"
              fill="var(--chakra-colors-ink)"
            >
              {name}, {afterRow}
            </text>
          </>
        )}
      </g>
    </>
  );
});

/** How far above and below its middle a small tag can be taken hold of, px: a finger's width in all. */
const SMALL_REACH_PX = 17;

/** The tag of a line on a sheet of several pieces, where there is no room beside them: its name and its row, on the line's end. */
const smallTag = (name: string) => ({ width: 6.2 * name.length + 32, height: 17 });

function Paper(props: { x: number; y: number; width: number; height: number; lit: boolean }) {
  const { x, y, width, height, lit } = props;
  return (
    <rect
      x={x}
      y={y - height / 2}
      width={width}
      height={height}
      rx="2"
      fill="var(--chakra-colors-paper)"
      stroke={lit ? 'var(--chakra-colors-chalk)' : 'var(--chakra-colors-paper-edge)'}
      strokeWidth={lit ? 2.5 : 1}
    />
  );
}

/** Moves tags that would lie on each other apart, from the bottom up, keeping their order. */
export function spreadTags(wishedPx: readonly number[]): number[] {
  const spaced = [...wishedPx];
  for (let index = 1; index < spaced.length; index += 1)
    spaced[index] = Math.min(spaced[index] as number, (spaced[index - 1] as number) - TAG_HEIGHT_PX - 3);
  return spaced;
}
