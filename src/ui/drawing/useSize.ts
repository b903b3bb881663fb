'use client';

import { useEffect, useRef, useState, type RefObject } from 'react';

export interface Size {
  width: number;
  height: number;
}

/** The size of an element on the screen, followed as it changes. Before the first look it is the one assumed, and
 * the last of the three says so. */
export function useSize<T extends Element>(assumed: Size): [RefObject<T | null>, Size, boolean] {
  const ref = useRef<T | null>(null);
  const [size, setSize] = useState(assumed);
  const [measured, setMeasured] = useState(false);
  useEffect(() => {
    const element = ref.current;
    if (!element) return;
    const observer = new ResizeObserver(([entry]) => {
      const box = entry?.contentRect;
      if (!box || box.width === 0 || box.height === 0) return;
      setSize({ width: box.width, height: box.height });
      setMeasured(true);
    });
    observer.observe(element);
    return () => observer.disconnect();
  }, []);
  return [ref, size, measured];
}
