import { useEffect } from 'react';

/** Keeps the screen from going dark as long as it is wished and seen. A browser that can't is left as it is. */
export function useAwake(isWished: boolean): void {
  useEffect(() => {
    if (!isWished || !('wakeLock' in navigator)) return;
    let lock: WakeLockSentinel | null = null;
    let isOver = false;
    const ask = () => {
      if (document.visibilityState !== 'visible') return;
      navigator.wakeLock.request('screen').then(
        (given) => {
          if (isOver) void given.release();
          else lock = given;
        },
        () => undefined,
      );
    };
    ask();
    // It is lost each time the page is out of sight.
    document.addEventListener('visibilitychange', ask);
    return () => {
      isOver = true;
      document.removeEventListener('visibilitychange', ask);
      void lock?.release();
    };
  }, [isWished]);
}
