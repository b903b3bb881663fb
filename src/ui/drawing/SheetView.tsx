'use client';

import { useCallback, useMemo, useState, type KeyboardEvent, type ReactNode } from 'react';
import { moveLineEdits, type PanelLineId } from '@/core/body';
import { patternOf } from '@/core/design';
import { figureId, type FigureId } from '@/core/figures';
import type { FittingGroup } from '@/core/fittings';
import type { Piece, PieceId } from '@/core/pieces';
import { formatLength } from '@/core/units';
import type { Plan } from '@/core/plan';
import { PIECE_NAMES } from '@/core/wording';
import { beyondPiece, rowsPerLine, type Beyond, type JoinMark, type Layer, type SheetLayout } from '@/drawing';
import { useBag, useBagStore } from '@/ui/bag/BagProvider';
import { FABRIC_FROM_PX, FabricLayer } from '@/ui/fabric/FabricLayer';
import { clothStyle } from '@/ui/theme/colours';
import { BodyHandles } from './BodyHandles';
import { FlapHandles } from './FlapHandles';
import { LINE_NAMES } from './lineNames';
import { MarkHandles } from './MarkHandles';
import { MovableLine, TAGS_PX, spreadTags } from './MovableLine';
import { PieceNames, PieceShapes } from './PieceView';
import { PieceRulers } from './PieceRulers';
import { pieceOnScreen, type PieceOnScreen } from './pieceOnScreen';
import { RULER_PX } from './Ruler';
import { DrawingDefs } from './ShapeView';
import { SheetTwin } from './SheetTwin';
import { useSameMiddle, useWheelZoom } from './sheetZoom';
import { useShared } from './useShared';
import { useSheet } from './useSheet';
import { useSize } from './useSize';
import { ZOOMS, ZoomBar } from './ZoomBar';

/** The figure of a line's distance from the start: what pressing its tag asks. */
const LINE_FIGURES: Record<PanelLineId, FigureId> = {
  'fold.base': figureId('fold.base'),
  'fold.top': figureId('fold.top'),
  'fold.flap': figureId('fold.flap'),
  'edge.flap': figureId('panel.length'),
  'edge.back': figureId('panel.length'),
  'edge.front': figureId('size.height'),
};

const MARGIN_PX = 6;
/** Between pieces there is room for a brass rule on either side. */
const GAP_PX = 2 * RULER_PX + 10;
const STEP_PX = 20;
const MARK_PX = 9;
/** Lines of rows nearer to each other than this run into one. */
const FINEST_PX = 3;

interface SheetViewProps {
  /** Layers left out, where a place has no use for them. */
  hide?: readonly Layer[];
  /** Whether the lines can be moved here, and all marks with them. */
  movable?: boolean;
  /** Whose marks can be moved here though the lines can't. */
  moves?: readonly FittingGroup[];
  /** What is drawn over a piece and under its names, where that is on the screen. */
  over?: (piece: Piece, place: PieceOnScreen) => ReactNode;
}

/**
 * All flat pieces to one scale, brass rules along the one in hand: counts to the left and below, lengths to the right and above. The
 * one component for it, wherever it is shown.
 */
export function SheetView({ hide = [], movable = false, moves, over }: SheetViewProps) {
  const [ref, size, measured] = useSize<HTMLDivElement>({ width: 560, height: 600 });
  const [zoom, setZoom] = useState(1);
  const [chosen, setChosen] = useState<PieceId | null>(null);
  const design = useBag((state) => state.design);
  const plan = useBag((state) => state.plan);
  const selection = useBag((state) => state.selection);
  const store = useBagStore();

  const width = size.width * zoom;
  const height = size.height * zoom;
  const alone = plan.pieces.length === 1;
  // Beside a single piece there is room for the tags of its lines; among several they lie on the lines.
  const roomX = width - 2 * (RULER_PX + MARGIN_PX) - (alone ? TAGS_PX : 0);
  const roomY = height - 2 * (RULER_PX + MARGIN_PX);
  // In steps, so that a scroll bar that comes and goes does not lay everything out anew.
  const room = useShared({
    widthPx: STEP_PX * Math.round(roomX / STEP_PX),
    heightPx: STEP_PX * Math.round(roomY / STEP_PX),
    gapPx: GAP_PX,
  });
  const beyond = useShared(plan.pieces.map((piece) => beyondPiece(piece, plan.marks)));
  const mostBeyondMm = Math.max(...beyond.flatMap((one) => Object.values(one)));
  const scaleOf = ({ box }: Pick<SheetLayout, 'box'>) =>
    Math.max(0.2, Math.min(roomX / (box.widthMm + 2 * mostBeyondMm), roomY / (box.heightMm + 2 * mostBeyondMm)));
  const inHand = pieceInHand(plan, chosen);
  const sheet = useSheet(room, inHand, (layout) => FINEST_PX / scaleOf(layout));
  const pxPerMm = scaleOf(sheet);
  const { widthMm, heightMm } = sheet.box;
  const unit = design.settings.lengthUnit;
  const { firstRowPublic, nature } = useMemo(() => patternOf(design), [design]);
  const { hasUp } = nature;

  const originX = RULER_PX + MARGIN_PX + Math.max(0, (roomX - widthMm * pxPerMm) / 2);
  const originY = RULER_PX + MARGIN_PX + Math.max(0, (roomY - heightMm * pxPerMm) / 2);
  const tracks = useShared(plan.tracks);
  // A drag redraws what changes: a piece that stays where it is keeps its place, and with it its rules and names.
  const placed = useShared(sheet.pieces.map((one) => pieceOnScreen(one.placed, originX, originY, pxPerMm)));
  const places = useMemo(() => new Map(placed.map((one) => [one.id, one])), [placed]);
  const { ruled } = sheet;
  const ruledPlace = useShared(ruled && pieceOnScreen(ruled.placed, originX, originY, pxPerMm));
  const rowStep = ruled ? rowsPerLine(ruled.piece.rowMm, FINEST_PX / pxPerMm) : 1;

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
  const onKeyDown = (event: KeyboardEvent) => {
    if (event.ctrlKey || event.metaKey || event.altKey) return;
    const by = { '+': 1, '=': 1, '-': -1 }[event.key];
    if (event.key === '0') setZoom(1);
    else if (by) setZoom(ZOOMS[Math.min(ZOOMS.length - 1, Math.max(0, ZOOMS.indexOf(zoom as 1) + by))] ?? 1);
    else if (event.key === '[' || event.key === ']') {
      const ids = plan.pieces.map(({ id }) => id);
      setChosen(ids[(ids.indexOf(inHand) + (event.key === ']' ? 1 : ids.length - 1)) % ids.length] ?? null);
    } else return;
    event.preventDefault();
  };
  const scroller = useWheelZoom(zoom, setZoom);
  useSameMiddle(scroller, zoom);
  const [hasFabric, setFabric] = useState(false);
  const asFabric = useShared(
    sheet.pieces
      .map(({ piece }) => ({ piece, on: places.get(piece.id) as PieceOnScreen }))
      .filter(({ piece }) => piece.stitchMm * pxPerMm >= FABRIC_FROM_PX),
  );

  return (
    <div
      ref={ref}
      style={{
        position: 'relative',
        width: '100%',
        height: '100%',
        minHeight: 380,
        ...clothStyle(design.swatch.yarn.colour),
      }}
      data-fabric={hasFabric || undefined}
    >
      <FabricLayer design={design} pieces={asFabric} size={size} scroller={scroller} onShown={setFabric} />
      <div
        ref={scroller}
        style={{ position: 'relative', width: '100%', height: '100%', overflow: zoom > 1 ? 'auto' : 'hidden' }}
        tabIndex={zoom > 1 ? 0 : undefined}
        role={zoom > 1 ? 'region' : undefined}
        aria-label={zoom > 1 ? 'The pieces, drawn larger' : undefined}
        onKeyDown={onKeyDown}
      >
        {ruled && ruledPlace && (
          <RulersUnder width={width} height={height}>
            <PieceRulers
              piece={ruled.piece}
              place={ruledPlace}
              beyond={beyond[plan.pieces.findIndex(({ id }) => id === ruled.piece.id)] ?? NOTHING_BEYOND}
              unit={unit}
              rightHanded={design.settings.hand === 'right'}
            />
          </RulersUnder>
        )}
        <svg
          width={width}
          height={height}
          viewBox={`0 0 ${width} ${height}`}
          role="group"
          aria-label={sheetLabel(plan)}
          data-testid="panel"
          data-measured={measured}
          onPointerDownCapture={movable ? sheet.onTakeHold : undefined}
          style={{ ...LAYER, touchAction: zoom > 1 ? 'pan-x pan-y' : 'pan-y' }}
        >
          <DrawingDefs />
          {sheet.pieces.map(({ piece: one, placed: { drawing } }) => {
            const on = places.get(one.id) as PieceOnScreen;
            return (
              <g key={one.id} data-piece={one.id} onPointerDown={alone ? undefined : () => setChosen(one.id)}>
                <PieceShapes drawing={drawing} transform={on.transform} hide={hide} selection={selection} />
                {over?.(one, on)}
                <PieceNames piece={one} place={on} tracks={hasUp && !one.plain ? tracks : null} />
              </g>
            );
          })}
          {sheet.marks.map((mark, index) => (
            <MatchingMark
              key={index}
              mark={mark}
              x={originX + mark.at.x * pxPerMm}
              y={originY + mark.at.y * pxPerMm}
              lit={selection === `seam.${mark.join}`}
              onSelect={() => store.getState().select(`seam.${mark.join}`)}
            />
          ))}
          {sheet.pieces.map(({ piece: { id, rowMm }, lines: own }) => {
            const on = places.get(id) as PieceOnScreen;
            const atPx = own.map((line) => on.bottom - line.afterRow * rowMm * pxPerMm);
            const tags = alone ? spreadTags(atPx) : atPx;
            return (
              <g key={id} data-on={id}>
                {own.map((line, index) => (
                  <MovableLine
                    key={line.id}
                    line={line}
                    name={line.id === 'edge.back' && line.piece === 'sides' ? 'Mouth' : LINE_NAMES[line.id]}
                    atPx={atPx[index] as number}
                    tagPx={tags[index] as number}
                    besidePx={alone ? on.right + (beyond[0]?.sidesMm ?? 0) * pxPerMm : null}
                    fromPx={on.left}
                    toPx={on.right}
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
              </g>
            );
          })}
          {movable && <FlapHandlesOn places={places} />}
          {movable && <BodyHandles places={places} />}
          {(movable || moves) && <MarkHandles places={places} groups={movable ? undefined : moves} />}
        </svg>
      </div>
      <div className="sheet-note">
        Outer face up; row 1 {firstRowPublic ? 'RS' : 'WS'}
        {rowStep > 1 && `; a line every ${rowStep} rows`}
      </div>
      <ZoomBar zoom={zoom} onZoom={setZoom} />
      <SheetTwin />
    </div>
  );
}

const NOTHING_BEYOND: Beyond = { sidesMm: 0, beginMm: 0, endMm: 0 };

/** Each layer of the sheet is painted for itself: what moves on one leaves the others as they are. */
const LAYER = { display: 'block', position: 'relative', contain: 'strict' } as const;

/** The brass rules in a layer of their own below the pieces: their many figures hold still while a line is dragged. */
function RulersUnder({ width, height, children }: { width: number; height: number; children: ReactNode }) {
  return (
    <svg
      width={width}
      height={height}
      viewBox={`0 0 ${width} ${height}`}
      role="group"
      aria-label="Brass rules along the piece in hand"
      style={{ ...LAYER, marginBottom: -height, pointerEvents: 'none' }}
    >
      {children}
    </svg>
  );
}

/** The piece that the rules lie along: the one she took, else the one that the back is on. */
const pieceInHand = ({ pieces, tracks }: Plan, chosen: PieceId | null): PieceId =>
  pieces.find(({ id }) => id === chosen)?.id ?? tracks.back.piece;

function FlapHandlesOn({ places }: { places: ReadonlyMap<PieceId, PieceOnScreen> }) {
  const piece = useBag((state) => state.plan.tracks.flap?.piece);
  const place = piece && places.get(piece);
  return place ? (
    <g data-on={place.id}>
      <FlapHandles place={place} />
    </g>
  ) : null;
}

/** What the sheet shows, for those who don't see it. */
function sheetLabel({ pieces, pouch, flap }: Plan): string {
  const [first] = pieces;
  if (pieces.length === 1 && first?.kind === 'rows' && first.roundCount === 0)
    return `The flat panel: ${pouch.stitchCount} stitches by ${flap.totalRows + flap.hemRows} rows`;
  return `The flat pieces: ${pieces.map(({ id, copies }) => `${copies > 1 ? `${copies} ` : ''}${PIECE_NAMES[id].toLowerCase()}`).join(', ')}`;
}

interface MatchingMarkProps {
  mark: JoinMark;
  x: number;
  y: number;
  lit: boolean;
  onSelect: () => void;
}

/** A letter on an edge: it is joined where the same letter stands. */
function MatchingMark({ mark, x, y, lit, onSelect }: MatchingMarkProps) {
  return (
    <g
      onClick={onSelect}
      style={{ cursor: 'pointer' }}
      data-join={mark.join}
      aria-hidden
      transform={`translate(${x} ${y})`}
    >
      <circle
        r={MARK_PX}
        fill={lit ? 'var(--chakra-colors-brass)' : 'var(--chakra-colors-paper)'}
        stroke="var(--chakra-colors-ink)"
      />
      <text
        textAnchor="middle"
        dominantBaseline="central"
        style={{ fontSize: 11, fontWeight: 700 }}
        fill="var(--chakra-colors-ink)"
      >
        {mark.letter}
      </text>
    </g>
  );
}
