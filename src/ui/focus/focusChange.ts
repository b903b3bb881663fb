/** What in a place can be changed by an action: fields, and the tickets of its figures. */
const FIELDS = 'input:not([type=file]), select, textarea';
const TICKETS = 'button[data-figure]';

/** Numbers follow a change a little later; after so long nothing more comes of it, ms. */
const FOLLOWS_WITHIN_MS = 900;
const LOOK_AGAIN_MS = 60;

type Told = Map<Element, string>;

const place = (): ParentNode => document.querySelector('main') ?? document;

const told = (what: string): Told =>
  new Map(
    [...place().querySelectorAll(what)].map((one) => [
      one,
      one instanceof HTMLInputElement && (one.type === 'radio' || one.type === 'checkbox')
        ? String(one.checked)
        : 'value' in one && one.tagName !== 'BUTTON'
          ? String((one as HTMLInputElement).value)
          : (one.textContent ?? ''),
    ]),
  );

/** The first of those there now that says something else than before, or wasn't there. */
const changedIn = (what: string, before: Told): HTMLElement | null =>
  ([...told(what)].find(([one, says]) => before.get(one) !== says && isShown(one))?.[0] as HTMLElement | undefined) ??
  null;

const isShown = (one: Element): boolean => one.getClientRects().length > 0;

/**
 * Does what a button says, and takes whoever pressed it by keys on to what that changed: the first field that has another value, else the first
 * figure, else the place itself. A hand that points is left where it points, unless its button is gone.
 *
 * @param event the press
 * @param act what it does
 */
export function focusingChange(event: { detail: number; currentTarget: EventTarget }, act: () => void): void {
  const pressed = event.currentTarget as HTMLElement;
  const fields = told(FIELDS);
  const tickets = told(TICKETS);
  act();
  const byKeys = event.detail === 0;
  const begunMs = performance.now();
  const look = () => {
    const isGone = !pressed.isConnected;
    if (!byKeys && !isGone) return;
    // She has gone on by herself.
    const at = document.activeElement;
    if (at !== null && at !== document.body && at !== pressed) return;
    const changed = changedIn(FIELDS, fields) ?? changedIn(TICKETS, tickets);
    if (changed === null && performance.now() - begunMs < FOLLOWS_WITHIN_MS) {
      setTimeout(look, LOOK_AGAIN_MS);
      return;
    }
    const goal = changed ?? document.querySelector<HTMLElement>('main');
    if (goal === null) return;
    if (changed === null) goal.tabIndex = -1;
    goal.focus({ preventScroll: !byKeys });
    if (byKeys) goal.scrollIntoView({ block: 'nearest' });
  };
  setTimeout(look, LOOK_AGAIN_MS);
}
