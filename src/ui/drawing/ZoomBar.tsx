'use client';

import { Box, IconButton } from '@chakra-ui/react';
import { Maximize, ZoomIn, ZoomOut } from 'lucide-react';
import { memo } from 'react';

/** How often the drawing can be made twice as large as it fits. */
export const ZOOMS = [1, 1.5, 2, 3, 4, 6, 8] as const;

interface ZoomBarProps {
  zoom: number;
  onZoom: (zoom: number) => void;
}

/** Larger, smaller, and as it fits. Once it is larger, the drawing is moved like any page: by its bars, a finger, or the arrow keys. */
export const ZoomBar = memo(function ZoomBar({ zoom, onZoom }: ZoomBarProps) {
  const at = ZOOMS.findIndex((one) => one >= zoom);
  const step = (by: number) => onZoom(ZOOMS[Math.min(ZOOMS.length - 1, Math.max(0, at + by))] ?? 1);
  const button = { size: 'xs', variant: 'outline', bg: 'paper', borderColor: 'paperEdge' } as const;
  return (
    <Box position="absolute" right="4px" bottom="4px" display="flex" gap="1" zIndex={2}>
      <IconButton
        {...button}
        aria-label="Draw it larger"
        title="Draw it larger"
        disabled={zoom >= 8}
        onClick={() => step(1)}
      >
        <ZoomIn size={15} />
      </IconButton>
      <IconButton
        {...button}
        aria-label="Draw it smaller"
        title="Draw it smaller"
        disabled={zoom <= 1}
        onClick={() => step(-1)}
      >
        <ZoomOut size={15} />
      </IconButton>
      <IconButton
        {...button}
        aria-label="Draw it as it fits"
        title="Draw it as it fits"
        disabled={zoom === 1}
        onClick={() => onZoom(1)}
      >
        <Maximize size={15} />
      </IconButton>
    </Box>
  );
});
