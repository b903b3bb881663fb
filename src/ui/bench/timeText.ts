const MS_PER_MINUTE = 60_000;

/**
 * A time as one says it: minutes with a half, hours with minutes.
 *
 * @example
 * timeText(90_000) // => '1.5 min'
 * timeText(7_500_000) // => '2 h 5 min'
 * timeText(40_000) // => '40 s'
 */
export function timeText(ms: number): string {
  if (ms < MS_PER_MINUTE) return `${Math.round(ms / 1000)} s`;
  const minutes = ms / MS_PER_MINUTE;
  if (minutes < 10) return `${Number((Math.round(minutes * 2) / 2).toFixed(1))} min`;
  const whole = Math.round(minutes);
  return whole < 60 ? `${whole} min` : `${Math.floor(whole / 60)} h ${whole % 60} min`;
}
