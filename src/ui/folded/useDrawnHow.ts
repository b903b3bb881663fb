import { useCallback, useEffect, useRef, useState } from 'react';
import { whenIdle } from '@/ui/browser/whenIdle';
import { trySpace } from './trySpace';

/** What space was tried with is given back at the latest, ms. */
const GIVEN_BACK_WITHIN_MS = 2000;

/**
 * Whether the bag is drawn in space, or still because this browser can't; unknown until the page has come to life.
 *
 * @param loadScene fetches what draws in space
 */
export function useDrawnHow(loadScene: () => Promise<unknown>) {
  const [kind, setKind] = useState<'unknown' | 'coming' | 'space' | 'still'>('unknown');
  const tried = useRef<(() => void) | null>(null);
  /** Gives back what it was tried with, in a moment in which nothing waits. */
  const giveBack = useCallback(() => {
    const back = tried.current;
    tried.current = null;
    if (back) whenIdle(back, GIVEN_BACK_WITHIN_MS);
  }, []);
  useEffect(() => {
    performance.mark('folded-asked');
    // What draws in space is on its way while it is tried whether that can be, where there is any hope.
    if ('WebGL2RenderingContext' in window) void loadScene();
    const timer = setTimeout(() => {
      tried.current = trySpace();
      setKind(tried.current ? 'coming' : 'still');
    }, 0);
    return () => {
      clearTimeout(timer);
      giveBack();
    };
  }, [giveBack, loadScene]);
  const giveUp = useCallback(() => {
    giveBack();
    setKind('still');
  }, [giveBack]);
  const first = useCallback(() => {
    performance.mark('folded-first');
    giveBack();
    setKind((now) => (now === 'coming' ? 'space' : now));
  }, [giveBack]);
  return { kind, giveUp, first };
}
