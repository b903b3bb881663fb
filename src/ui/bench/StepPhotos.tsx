'use client';

import { Button } from '@chakra-ui/react';
import { Camera } from 'lucide-react';
import { useState } from 'react';
import type { StepId } from '@/core/making';
import { useBag } from '@/ui/bag/BagProvider';
import { PhotoStrip } from '@/ui/photos/PhotoStrip';

/** Photos of a step, once they are asked for; all of the bag’s stand in its logbook. */
export function StepPhotos({ step, title }: { step: StepId; title: string }) {
  const id = useBag((state) => state.id);
  const [isOpen, setOpen] = useState(false);
  if (isOpen) return <PhotoStrip of="bag" ownerId={id} step={step} name={title} />;
  return (
    <Button size="sm" minH="44px" variant="ghost" aria-label={`Photo: ${title}`} onClick={() => setOpen(true)}>
      <Camera aria-hidden size={16} /> Photo
    </Button>
  );
}
