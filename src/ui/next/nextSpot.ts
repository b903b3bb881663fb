/** Where a thing to do next is done: an element of its place carries its name in `data-next`, one of what is to decide its code in `data-problem`. */
const spotOf = (name: string): HTMLElement | null =>
  document.querySelector<HTMLElement>(`[data-next~="${CSS.escape(name)}"], [data-problem="${CSS.escape(name)}"]`);

const FIELD = 'input:not([type=file]), select, textarea';
const FOCUSABLE = 'a[href], button:not([disabled]), input:not([disabled]), select, textarea, [tabindex="0"]';

/** A place may still be coming when it is asked for, so long, ms. */
const COMES_WITHIN_MS = 2500;
const LOOK_AGAIN_MS = 80;

/**
 * Brings a spot of the place into sight and gives it the focus: its first field or button, or itself. A place that is still coming is waited for.
 *
 * @returns a function that gives it up
 */
export function goToSpot(name: string): () => void {
  const begunMs = performance.now();
  let timer: ReturnType<typeof setTimeout> | undefined;
  const look = () => {
    const spot = spotOf(name);
    if (spot === null) {
      if (performance.now() - begunMs < COMES_WITHIN_MS) timer = setTimeout(look, LOOK_AGAIN_MS);
      return;
    }
    const field = spot.matches(FOCUSABLE)
      ? spot
      : (spot.querySelector<HTMLElement>(FIELD) ?? spot.querySelector<HTMLElement>(FOCUSABLE));
    spot.scrollIntoView({ block: 'center' });
    if (field === null) spot.tabIndex = -1;
    (field ?? spot).focus({ preventScroll: true });
  };
  look();
  return () => clearTimeout(timer);
}
