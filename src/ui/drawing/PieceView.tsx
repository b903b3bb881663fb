'use client';

import { memo } from 'react';
import { standsUpright, type Piece, type Track, type ZoneId } from '@/core/pieces';
import { PIECE_NAMES, formatQuantity } from '@/core/wording';
import type { Drawing, Layer, Shape } from '@/drawing';
import { pointOn, type PieceOnScreen } from './pieceOnScreen';
import { ShapeView } from './ShapeView';

interface PieceShapesProps {
  drawing: Drawing;
  transform: string;
  hide: readonly Layer[];
  selection: string | null;
}

/** A piece's shapes in mm, put on the screen. Redrawn only when the piece, its place or what is lit on it changes. */
export const PieceShapes = memo(function PieceShapes({ drawing, transform, hide, selection }: PieceShapesProps) {
  return (
    <g transform={transform}>
      {keyed(drawing.shapes.filter((shape) => !hide.includes(shape.layer))).map(([key, shape]) => (
        <ShapeView key={key} shape={shape} lit={shape.mark !== undefined && shape.mark === selection} />
      ))}
    </g>
  );
});

/** Shapes by what they are and the how-manieth of it: one that comes or goes leaves the others what they were. */
function keyed(shapes: readonly Shape[]): [string, Shape][] {
  const met = new Map<string, number>();
  return shapes.map((shape) => {
    const what = [shape.kind, shape.role, shape.mark].join(' ');
    const count = (met.get(what) ?? 0) + 1;
    met.set(what, count);
    return [`${what} ${count}`, shape];
  });
}

const ZONE_NAMES: Record<ZoneId, string> = {
  front: 'Front',
  back: 'Back',
  bridge: 'Over the top',
  flap: 'Flap',
  hem: 'Hem',
  sides: 'Front and back',
  gusset: 'Gusset',
  band: 'Band',
};

interface PieceNamesProps {
  piece: Piece;
  place: PieceOnScreen;
  /** Where front, back and flap lie, for a pattern that has an up; else null. */
  tracks: { front: Track; back: Track; flap: Track | null } | null;
}

/** The names of the parts of a piece with their rows, chalked on it, clear of what is set in its middle. */
export const PieceNames = memo(function PieceNames({ piece, place, tracks }: PieceNamesProps) {
  const { pxPerMm, widthMm, lengthMm, turned } = place;
  const words = (name: string, count: string, x: number, y: number, anchor: 'start' | 'middle' = 'start') => (
    <text
      key={name}
      x={x}
      y={y}
      textAnchor={anchor}
      dominantBaseline="central"
      stroke="var(--cloth)"
      strokeWidth="4"
      paintOrder="stroke"
    >
      <tspan style={{ fontFamily: 'var(--chakra-fonts-heading)' }}>{name}</tspan>
      <tspan dx="8">{count}</tspan>
    </text>
  );
  const times = piece.copies > 1 ? `${piece.copies} ×, ` : '';
  if (piece.kind !== 'rows') {
    const at = pointOn(place, widthMm / 2, piece.kind === 'half-disc' ? lengthMm * 0.3 : lengthMm * 0.62);
    const unit = piece.kind === 'half-disc' ? 'row' : 'round';
    return named(
      words(
        piece.id === 'half-disc' ? 'Half disc' : PIECE_NAMES[piece.id],
        `${times}${formatQuantity(piece.counts.length, unit, 'cm')}`,
        at.x,
        at.y,
        'middle',
      ),
    );
  }
  if (turned || piece.zones.length === 1) {
    const [zone] = piece.zones;
    if (!zone) return null;
    const count = formatQuantity(piece.rows.length, piece.roundCount > 0 ? 'round' : 'row', 'cm');
    const at = turned ? pointOn(place, widthMm / 2, lengthMm / 2) : pointOn(place, widthMm / 2, lengthMm * 0.86);
    const narrow = !turned && widthMm * pxPerMm < 130;
    return named(words(ZONE_NAMES[zone.id], narrow ? '' : count, at.x, at.y, 'middle'));
  }
  return named(
    piece.zones
      .filter(({ fromRow, toRow }) => (toRow - fromRow + 1) * piece.rowMm * pxPerMm > 15)
      .map(({ id, fromRow, toRow }) => {
        const rows = toRow - fromRow + 1;
        const highPx = rows * piece.rowMm * pxPerMm;
        const stitches = Math.max(piece.rows[fromRow - 1]?.stitches ?? 0, piece.rows[toRow - 1]?.stitches ?? 0);
        const left = pointOn(place, (widthMm - stitches * piece.stitchMm) / 2, toRow * piece.rowMm);
        const upper = Math.min(20, highPx / 2);
        // A part that gets narrower has its name where it is still wide.
        const narrows = (piece.rows[toRow - 1]?.stitches ?? 0) < (piece.rows[fromRow - 1]?.stitches ?? 0);
        const upright = tracks && standsUpright(id, tracks);
        const stands = upright === null ? '' : upright ? ', upright' : ', on its head';
        const count = `${formatQuantity(rows, fromRow <= piece.roundCount ? 'round' : 'row', 'cm')}${stands}`;
        return words(
          ZONE_NAMES[id],
          count,
          left.x + (highPx > 60 || widthMm * pxPerMm > 240 ? 26 : 8),
          left.y + (narrows ? highPx - upper : upper),
        );
      }),
  );
});

const named = (children: React.ReactNode) => (
  <g fill="var(--cloth-chalk)" style={{ fontSize: 14, pointerEvents: 'none' }} aria-hidden>
    {children}
  </g>
);
