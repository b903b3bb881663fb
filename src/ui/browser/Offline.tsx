'use client';

import { useEffect } from 'react';

/** Has the browser keep what a bench needs to open again when Ruelle can't be reached. Nothing is seen of it, and nothing depends on it. */
export function Offline() {
  useEffect(() => {
    if (process.env.NODE_ENV !== 'production' || !('serviceWorker' in navigator)) return;
    void navigator.serviceWorker
      .register('/sw.js')
      .then(() => navigator.serviceWorker.ready)
      .then(({ active }) => {
        // What this page was made of came before anyone kept it.
        active?.postMessage(performance.getEntriesByType('resource').map(({ name }) => name));
      })
      .catch(() => undefined);
  }, []);
  return null;
}
