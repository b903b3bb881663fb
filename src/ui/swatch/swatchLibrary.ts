'use client';

import { useCallback, useEffect, useState } from 'react';
import { swatchSchema, type Swatch } from '@/core/design';
import {
  readLibrary,
  readWholeLibrary,
  sendTo,
  useLibraryPart,
  type LibraryPart,
  type ReadPart,
} from '@/ui/library/library';

interface SwatchLibrary {
  swatches: readonly Swatch[];
  /** Keeps a copy of a swatch apart from its bag. Null when it worked, else a sentence. */
  keepCopy: (swatch: Swatch) => Promise<string | null>;
}

const ADDRESS = '/api/swatches';

/** A part of the swatches that were measured, to choose one. */
export const useSwatchPart = (): LibraryPart<Swatch> => useLibraryPart(readSwatches);

const readSwatches: ReadPart<Swatch> = (part) => readLibrary(ADDRESS, swatchSchema, part);

/** Every swatch that was measured, of this bag and of others, to be reckoned with. */
export function useSwatchLibrary(): SwatchLibrary {
  const [swatches, setSwatches] = useState<readonly Swatch[]>([]);
  const [asked, setAsked] = useState(0);

  useEffect(() => {
    let gone = false;
    void readWholeLibrary(ADDRESS, swatchSchema).then((whole) => {
      if (!gone) setSwatches(whole);
    });
    return () => {
      gone = true;
    };
  }, [asked]);

  const keepCopy = useCallback(async (swatch: Swatch): Promise<string | null> => {
    const sentence = await sendTo(ADDRESS, {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify({ swatch }),
    });
    if (sentence === null) setAsked((times) => times + 1);
    return sentence;
  }, []);
  return { swatches, keepCopy };
}
