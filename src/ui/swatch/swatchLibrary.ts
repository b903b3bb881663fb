'use client';

import { useCallback, useEffect, useState } from 'react';
import { swatchSchema, type Swatch } from '@/core/design';
import { readLibrary, sendTo } from '@/ui/library/library';

interface SwatchLibrary {
  swatches: readonly Swatch[];
  /** Whether they have come: before that none are known, which is not the same as none. */
  loaded: boolean;
  /** Keeps a copy of a swatch apart from its bag. Null when it worked, else a sentence. */
  keepCopy: (swatch: Swatch) => Promise<string | null>;
}

/** Every swatch that was measured, of this bag and of others. */
export function useSwatchLibrary(): SwatchLibrary {
  const [swatches, setSwatches] = useState<readonly Swatch[]>([]);
  const [loaded, setLoaded] = useState(false);
  const [asked, setAsked] = useState(0);

  useEffect(() => {
    let gone = false;
    void readLibrary('/api/swatches', swatchSchema).then(({ kept }) => {
      if (gone) return;
      setSwatches(kept);
      setLoaded(true);
    });
    return () => {
      gone = true;
    };
  }, [asked]);

  const keepCopy = useCallback(async (swatch: Swatch): Promise<string | null> => {
    const sentence = await sendTo('/api/swatches', {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify({ swatch }),
    });
    if (sentence === null) setAsked((times) => times + 1);
    return sentence;
  }, []);
  return { swatches, loaded, keepCopy };
}
