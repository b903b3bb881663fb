'use client';

import { useMemo, type MouseEvent } from 'react';
import { foldedPicture, rowLines, type Folded, type Solid } from '@/drawing';
import type { CLOTHS } from '@/ui/theme/colours';
import { useStillFabric, type StillSight } from './useStillFabric';
import { INK_COLOUR, LIT_COLOUR, STUFF_COLOURS } from './colours';

interface StillProps extends StillSight {
  cloth: (typeof CLOTHS)[keyof typeof CLOTHS];
  selection: string | null;
  onSelect: (mark: string | null) => void;
}

/**
 * The folded bag as a still drawing from the same solids, where the browser can't draw in space. Its fabric comes when the hand rests; until then rows are lines.
 */
export function FoldedStill({ folded, view, pxPerMm, size, shown, upTo, cloth, selection, onSelect }: StillProps) {
  const { yawRad, pitchRad, upMm } = view;
  const { facets, lines } = useMemo(
    () =>
      foldedPicture(
        { solids: folded.mesh.solids.filter(isSeen(folded)), lines: [...rowLines(folded.bag), ...folded.mesh.lines] },
        { yawRad, pitchRad, upMm },
        folded.middle,
      ),
    [folded, yawRad, pitchRad, upMm],
  );
  const { canvas, isWorn } = useStillFabric({ folded, view, pxPerMm, size, shown, upTo });
  const take = (event: MouseEvent) => onSelect((event.target as Element).getAttribute('data-mark'));
  return (
    <>
      <svg
        width={size.width}
        height={size.height}
        data-testid="folded-still"
        data-worn={isWorn || undefined}
        aria-hidden
        style={{ position: 'absolute', inset: 0 }}
        onClick={take}
      >
        <g transform={`translate(${size.width / 2} ${size.height / 2}) scale(${pxPerMm})`} strokeLinejoin="round">
          {facets.map(({ mark, stuff, light, points }, index) => {
            const colour = mark === selection ? LIT_COLOUR : stuff === 'cloth' ? cloth.cloth : STUFF_COLOURS[stuff];
            const fill = `color-mix(in srgb, ${colour} ${Math.round(70 + 30 * light)}%, #10181a)`;
            return (
              <polygon
                key={index}
                data-mark={mark}
                data-lit={mark === selection || undefined}
                points={points.map(({ x, y }) => `${x.toFixed(2)},${y.toFixed(2)}`).join(' ')}
                fill={fill}
                stroke={fill}
                strokeWidth={0.6}
              />
            );
          })}
        </g>
      </svg>
      <canvas
        ref={canvas}
        aria-hidden
        style={{
          position: 'absolute',
          inset: 0,
          width: size.width,
          height: size.height,
          pointerEvents: 'none',
          visibility: isWorn ? 'visible' : 'hidden',
        }}
      />
      <svg
        width={size.width}
        height={size.height}
        aria-hidden
        style={{ position: 'absolute', inset: 0, pointerEvents: 'none' }}
        onClick={take}
      >
        <g transform={`translate(${size.width / 2} ${size.height / 2}) scale(${pxPerMm})`} strokeLinejoin="round">
          {isWorn &&
            facets
              .filter(({ mark }) => mark === selection)
              .map(({ points }, index) => (
                <polygon
                  key={index}
                  points={points.map(({ x, y }) => `${x.toFixed(2)},${y.toFixed(2)}`).join(' ')}
                  fill={LIT_COLOUR}
                  fillOpacity={0.55}
                />
              ))}
          {lines
            .filter(({ kind }) => kind !== 'row' || !isWorn)
            .map(({ mark, kind, points }, index) => (
              <polyline
                key={index}
                data-mark={mark}
                data-lit={mark === selection || undefined}
                points={points.map(({ x, y }) => `${x.toFixed(2)},${y.toFixed(2)}`).join(' ')}
                fill="none"
                stroke={
                  kind === 'row'
                    ? cloth.thread
                    : kind === 'side'
                      ? INK_COLOUR
                      : mark === selection
                        ? LIT_COLOUR
                        : cloth.chalk
                }
                strokeWidth={kind === 'row' ? 0.8 : kind === 'side' ? 1.2 : mark === selection ? 4 : 1.8}
                strokeDasharray={kind === 'fold' ? '9 5' : undefined}
                vectorEffect="non-scaling-stroke"
                pointerEvents="stroke"
              />
            ))}
        </g>
      </svg>
    </>
  );
}

/** Under a closed flap no lining is to be seen; without it there is half as much to sort. */
const isSeen =
  ({ bag }: Folded) =>
  ({ stuff }: Solid): boolean =>
    stuff !== 'lining' || bag.flap !== 1 || !bag.sheets.some(({ mark }) => mark === 'part.flap');
