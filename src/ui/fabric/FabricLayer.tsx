'use client';

import { useEffect, useMemo, useRef, useState, type RefObject } from 'react';
import type { Design } from '@/core/design';
import type { Piece } from '@/core/pieces';
import { fabricOf, roundPlaces } from '@/drawing/fabric';
import { useHandDown } from '@/ui/bag/hand';
import type { PieceOnScreen } from '@/ui/drawing/pieceOnScreen';
import { CLOTHS } from '@/ui/theme/colours';
import { whenIdle } from '@/ui/browser/whenIdle';
import { FabricPainter, yarnLook, type Sight } from '@/drawing/fabric/paint';

/** Narrower than this a stitch is not seen as one: rows are drawn as lines then. */
export const FABRIC_FROM_PX = 4;

/** The fabric follows when nothing has changed for so long, ms. */
const RESTS_MS = 180;
/** And so much later even if the browser is never at rest, ms. */
const MOST_WAIT_MS = 600;

interface FabricLayerProps {
  design: Design;
  pieces: readonly { piece: Piece; on: PieceOnScreen }[];
  /** The window onto the sheet, px. */
  size: { width: number; height: number };
  /** What the sheet is pulled about in. */
  scroller: RefObject<HTMLElement | null>;
  /** Told whether the fabric is to be seen, so that the lines that stand for it are left away. */
  onShown: (shown: boolean) => void;
}

/**
 * The pieces as worked fabric, under the lines of the sheet. It is painted when all rests and the browser has a moment; while a hand is down, or until it is painted, the sheet shows
 * rows as lines.
 */
export function FabricLayer({ design, pieces, size, scroller, onShown }: FabricLayerProps) {
  const ref = useRef<HTMLCanvasElement>(null);
  const isHandDown = useHandDown();
  // What is on the canvas; once anything of it has changed, that is out of date.
  const wished = useMemo(
    () => ({ design, pieces, width: size.width, height: size.height }),
    [design, pieces, size.width, size.height],
  );
  const [painted, setPainted] = useState<typeof wished | null>(null);
  const isPainted = painted === wished;
  useEffect(() => onShown(isPainted && !isHandDown), [isPainted, isHandDown, onShown]);
  useEffect(() => {
    const canvas = ref.current;
    const pulled = scroller.current;
    if (!canvas || !pulled || isHandDown || wished.pieces.length === 0) return;
    let painters: PiecePainter[] | null = null;
    const paint = () => {
      const begun = performance.now();
      const dots = window.devicePixelRatio || 1;
      painters ??= wished.pieces.map(({ piece, on }) => piecePainter(wished.design, piece, on, dots));
      canvas.width = Math.round(wished.width * dots);
      canvas.height = Math.round(wished.height * dots);
      const context = canvas.getContext('2d');
      if (!context) return;
      const [x, y] = [pulled.scrollLeft * dots, pulled.scrollTop * dots];
      context.setTransform(1, 0, 0, 1, -x, -y);
      performance.measure('fabric-made', { start: begun, end: performance.now() });
      painters.forEach((one) => one(context, { left: x, top: y, right: x + canvas.width, bottom: y + canvas.height }));
      performance.measure('fabric', { start: begun, end: performance.now() });
      setPainted(wished);
    };
    let giveUp = () => {};
    const soon = window.setTimeout(() => (giveUp = whenIdle(paint, MOST_WAIT_MS)), RESTS_MS);
    let frame = 0;
    const onScroll = () => {
      cancelAnimationFrame(frame);
      if (painters) frame = requestAnimationFrame(paint);
    };
    pulled.addEventListener('scroll', onScroll, { passive: true });
    return () => {
      window.clearTimeout(soon);
      giveUp();
      cancelAnimationFrame(frame);
      pulled.removeEventListener('scroll', onScroll);
    };
  }, [wished, scroller, isHandDown]);
  return (
    <canvas
      ref={ref}
      aria-hidden
      data-testid="fabric"
      style={{
        position: 'absolute',
        inset: 0,
        width: size.width,
        height: size.height,
        // Before its place is measured it is no wider than that.
        maxWidth: '100%',
        visibility: isPainted && !isHandDown ? 'visible' : 'hidden',
        pointerEvents: 'none',
      }}
    />
  );
}

type PiecePainter = (context: CanvasRenderingContext2D, sight: Sight) => void;

/** What paints one piece where it lies on the sheet, px of the canvas. */
function piecePainter(design: Design, piece: Piece, on: PieceOnScreen, dots: number): PiecePainter {
  const pxPerMm = on.pxPerMm * dots;
  const fabric = fabricOf(design, piece, 'outer');
  const scale = { stitchPx: piece.stitchMm * pxPerMm, rowPx: piece.rowMm * pxPerMm };
  const colours = [design.swatch.yarn, ...design.furtherYarns].map(({ colour }) => yarnLook(CLOTHS[colour]));
  const painter = new FabricPainter(fabric, colours, scale);
  const [left, top] = [on.left * dots, on.top * dots];
  const [wide, long] = [on.widthMm * pxPerMm, on.lengthMm * pxPerMm];
  if (piece.kind !== 'rows') {
    const places = piece.counts.map((_, round) =>
      roundPlaces(piece, round).map(({ x, y, turnRad }) => ({ x: left + x * pxPerMm, y: top + y * pxPerMm, turnRad })),
    );
    return (context) => painter.paintRounds(context, places);
  }
  const side = (wide - fabric.columns * scale.stitchPx) / 2;
  if (!on.turned) return (context, sight) => painter.paint(context, left + side, top + long, sight);
  return (context, { left: from, top: above, right, bottom }) => {
    // It lies on its side, row 1 at the left.
    context.save();
    context.translate(left, top);
    context.rotate(Math.PI / 2);
    const turned = { left: above - top, right: bottom - top, top: -(right - left), bottom: -(from - left) };
    painter.paint(context, side, 0, turned);
    context.restore();
  };
}
