import { useEffect, useLayoutEffect, useRef, type RefObject } from 'react';
import { ZOOMS } from './ZoomBar';

/** What lies in the middle of the window stays there when the drawing is made larger or smaller. */
export function useSameMiddle(scroller: RefObject<HTMLElement | null>, zoom: number) {
  const was = useRef(zoom);
  useLayoutEffect(() => {
    const node = scroller.current;
    const grown = zoom / was.current;
    was.current = zoom;
    if (!node || grown === 1) return;
    node.scrollTo(
      (node.scrollLeft + node.clientWidth / 2) * grown - node.clientWidth / 2,
      (node.scrollTop + node.clientHeight / 2) * grown - node.clientHeight / 2,
    );
  }, [scroller, zoom]);
}

/** Ctrl and the wheel, or a pinch on a touch pad, make the drawing larger and smaller. */
export function useWheelZoom(zoom: number, setZoom: (zoom: number) => void) {
  const element = useRef<HTMLDivElement | null>(null);
  useEffect(() => {
    const node = element.current;
    if (!node) return;
    const onWheel = (event: WheelEvent) => {
      if (!event.ctrlKey && !event.metaKey) return;
      event.preventDefault();
      const at = ZOOMS.findIndex((one) => one >= zoom);
      setZoom(ZOOMS[Math.min(ZOOMS.length - 1, Math.max(0, at + (event.deltaY < 0 ? 1 : -1)))] ?? 1);
    };
    node.addEventListener('wheel', onWheel, { passive: false });
    return () => node.removeEventListener('wheel', onWheel);
  }, [zoom, setZoom]);
  return element;
}
