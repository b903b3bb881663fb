'use client';

import { createContext, useEffect, useRef, useState, type RefObject } from 'react';

/** Whether the part of the page round here is in the window, or near it. What is not can wait. */
export const InSight = createContext(true);

/** Nearer to the window than this, a part counts as in sight already, so that it is up to date when it comes into it. */
const NEAR = '150px 0px';

/** Whether an element is in the window or near it. Before the first look it is, and so is one with nothing in it: what may come there is not known. */
export function useInSight<T extends Element>(): [RefObject<T | null>, boolean] {
  const ref = useRef<T | null>(null);
  const [isInSight, setInSight] = useState(true);
  useEffect(() => {
    const element = ref.current;
    if (!element) return;
    const observer = new IntersectionObserver(
      (entries) => setInSight(element.childElementCount === 0 || (entries.at(-1)?.isIntersecting ?? true)),
      { rootMargin: NEAR },
    );
    observer.observe(element);
    return () => observer.disconnect();
  }, []);
  return [ref, isInSight];
}
