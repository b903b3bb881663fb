'use client';

import { useCallback, useEffect, useState } from 'react';
import { swatchSchema, type Swatch } from '@/core/design';

interface SwatchLibrary {
  swatches: readonly Swatch[];
  /** Keeps a copy of a swatch apart from its bag. Null when it worked, else a sentence. */
  keepCopy: (swatch: Swatch) => Promise<string | null>;
}

/** Every swatch that was measured, of this bag and of others. */
export function useSwatchLibrary(): SwatchLibrary {
  const [swatches, setSwatches] = useState<readonly Swatch[]>([]);
  const [asked, setAsked] = useState(0);

  useEffect(() => {
    let gone = false;
    void measuredSwatches().then((found) => {
      if (!gone) setSwatches(found);
    });
    return () => {
      gone = true;
    };
  }, [asked]);

  const keepCopy = useCallback(async (swatch: Swatch): Promise<string | null> => {
    const response = await fetch('/api/swatches', {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify({ swatch }),
    }).catch(() => null);
    if (!response?.ok) return 'Ruelle can’t be reached just now. Nothing was kept.';
    setAsked((times) => times + 1);
    return null;
  }, []);
  return { swatches, keepCopy };
}

/** The library; empty when it can't be reached, since nothing here depends on it. */
async function measuredSwatches(): Promise<Swatch[]> {
  try {
    const response = await fetch('/api/swatches');
    const { swatches } = (await response.json()) as { swatches: unknown[] };
    return swatches.flatMap((swatch) => {
      const parsed = swatchSchema.safeParse(swatch);
      return parsed.success ? [parsed.data] : [];
    });
  } catch {
    return [];
  }
}
