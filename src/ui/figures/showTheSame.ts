import type { Figure } from '@/core/figures';

/**
 * Whether two sets of properties of a part that shows a figure show the same. Every plan makes its figures anew, with their
 * reasons; what a ticket shows of one is its name, its value, its ± and what it rests on. Its reason is read when it is asked for.
 */
export function showTheSame<P extends { figure: Figure }>(before: Readonly<P>, now: Readonly<P>): boolean {
  const { figure: a, ...restBefore } = before;
  const { figure: b, ...restNow } = now;
  const sameFigure =
    a === b ||
    (a.id === b.id &&
      a.value === b.value &&
      a.plusMinus === b.plusMinus &&
      a.unit === b.unit &&
      a.label === b.label &&
      a.basis === b.basis);
  return sameFigure && sameParts(restBefore, restNow);
}

function sameParts(before: object, now: object): boolean {
  const old = before as Record<string, unknown>;
  const next = now as Record<string, unknown>;
  const keys = Object.keys(next);
  return keys.length === Object.keys(old).length && keys.every((key) => Object.is(old[key], next[key]));
}
