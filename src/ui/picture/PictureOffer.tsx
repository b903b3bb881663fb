'use client';

import { Button } from '@chakra-ui/react';
import { Camera } from 'lucide-react';
import dynamic from 'next/dynamic';
import { useState } from 'react';
import type { FoldState } from '@/core/fold';
import { USUAL_VIEW, type View } from '@/drawing';

const PictureSheet = dynamic(() => import('./PictureSheet').then((module) => module.PictureSheet), { ssr: false });

/** Offers a picture of the finished bag; what makes it is fetched when it is asked for. */
export function PictureOffer({
  turned = USUAL_VIEW,
  state = 'loaded',
}: {
  turned?: Omit<View, 'upMm'>;
  state?: FoldState;
}) {
  const [open, setOpen] = useState(false);
  return (
    <>
      <Button size="xs" variant="outline" bg="paper" onClick={() => setOpen(true)}>
        <Camera size={14} /> A picture of it
      </Button>
      {open && <PictureSheet open onClose={() => setOpen(false)} turned={turned} state={state} />}
    </>
  );
}
