'use client';

import { Box } from '@chakra-ui/react';
import { useEffect, useRef, useState } from 'react';
import type { BagPicture } from '@/workers/pictureWork';
import { COLOURS } from '@/ui/theme/colours';
import { GROUNDS, paintPicture, type Ground } from './bagPicture';

/** She may still be turning it: the picture follows when her hand has rested so long, ms. */
const RESTS_MS = 120;
/** As wide as this it is drawn here, whatever size it leaves in, px. */
const SHOWN_PX = 520;

/** The picture as it will be, small. What was there stays until there is a newer one. */
export function PicturePreview({ picture, ground }: { picture: BagPicture; ground: Ground }) {
  const ref = useRef<HTMLCanvasElement>(null);
  const [isThere, setThere] = useState(false);
  useEffect(() => {
    const dots = Math.min(2, window.devicePixelRatio || 1);
    const scale = Math.min(1, (SHOWN_PX * dots) / Math.max(picture.widthPx, picture.heightPx));
    const widthPx = Math.max(1, Math.round(picture.widthPx * scale));
    const heightPx = Math.max(1, Math.round(picture.heightPx * scale));
    return paintPicture(ref, { ...picture, widthPx, heightPx }, RESTS_MS, () => setThere(true));
  }, [picture]);
  const rgb = GROUNDS[ground].rgb;
  return (
    <Box
      bg={rgb ? `rgb(${rgb.join(' ')})` : 'transparent'}
      className={rgb ? undefined : 'see-through'}
      border="1px solid"
      borderColor="paperEdge"
      display="flex"
      justifyContent="center"
      alignItems="center"
      position="relative"
      aspectRatio={`${picture.widthPx} / ${picture.heightPx}`}
      width={`min(100%, calc(24rem * ${picture.widthPx / picture.heightPx}))`}
      mx="auto"
    >
      {!isThere && (
        <Box
          position="absolute"
          inset="0"
          display="grid"
          placeItems="center"
          color={ground === 'dark' ? COLOURS.drawerText.value : COLOURS.ink.value}
          aria-hidden
        >
          Being made …
        </Box>
      )}
      <canvas
        ref={ref}
        role="img"
        aria-label={isThere ? 'The picture as it will be' : 'The picture is being made'}
        data-testid="picture-preview"
        data-there={isThere || undefined}
        style={{ maxWidth: '100%', maxHeight: '100%' }}
      />
    </Box>
  );
}
