/**
 * Whether a drag is a finger's and no tap: over a line that lies across the page it is the page that is being scrolled.
 *
 * @param state what a gesture tells of itself
 */
export const isThumb = ({ event, tap }: { event: Event; tap: boolean }): boolean =>
  !tap && 'pointerType' in event && event.pointerType !== 'mouse';
