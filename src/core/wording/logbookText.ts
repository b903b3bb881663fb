import type { LessonKind, Offer, TimeLeft, FigureChange } from '@/core/logbook';
import type { LengthUnit } from '@/core/units';
import { formatPlusMinus, formatQuantity } from './quantity';

/** What each lesson is about. */
export const LESSON_TITLES: Record<LessonKind, string> = {
  stitchWidth: 'Width of a stitch',
  rowHeight: 'Height of a row',
  takeUp: 'What a seam takes',
  creep: 'What a strap gains in time',
  yarn: 'Yarn for its area',
  pace: 'Hours for 1,000 stitches',
};

const OFS: Record<Offer['of'], string> = {
  panel: 'pieces in rows',
  rounds: 'pieces in rounds',
  strip: 'narrow strips',
  border: 'borders',
  whip: 'whipped',
  'through-the-edge': 'whipped through the edge',
  mattress: 'mattress stitch',
  'slip-stitch': 'slip stitch',
  'sc-join': 'crocheted',
  'outer-loops': 'through the outer loops',
  any: '',
};

/**
 * What a lesson is about, with the kind of piece or of seam that it is of.
 *
 * @example
 * lessonTitle('takeUp', 'whip') // => 'What a seam takes, whipped'
 * lessonTitle('yarn', 'any') // => 'Yarn for its area'
 */
export const lessonTitle = (kind: LessonKind, of: Offer['of']): string =>
  of === 'any' ? LESSON_TITLES[kind] : `${LESSON_TITLES[kind]}, ${OFS[of]}`;

/** A value of a lesson, as it is said. */
export function lessonValue(kind: LessonKind, value: number): string {
  const percent = (100 * Math.abs(value - 1)).toFixed(1);
  switch (kind) {
    case 'stitchWidth':
      return `${percent} % ${value < 1 ? 'narrower' : 'wider'} than on the swatch`;
    case 'rowHeight':
      return `${percent} % ${value < 1 ? 'lower' : 'higher'} than on the swatch`;
    case 'takeUp':
      return `${value.toFixed(2)} stitches of each edge`;
    case 'creep':
      return `${(100 * value).toFixed(0)} % of what it stretched at first`;
    case 'yarn':
      return `${percent} % ${value < 1 ? 'less' : 'more'} than the swatch’s weight says`;
    case 'pace':
      return hoursText(value);
  }
}

/**
 * Hours as one says them.
 *
 * @example
 * hoursText(1.25) // => '1 h 15 min'
 * hoursText(0.2) // => '12 min'
 * hoursText(12.4) // => '12 h'
 */
export function hoursText(hours: number): string {
  if (hours >= 10) return `${Math.round(hours)} h`;
  const minutes = Math.round(hours * 60);
  const rest = minutes % 60;
  if (minutes < 60) return `${minutes} min`;
  return rest === 0 ? `${Math.floor(minutes / 60)} h` : `${Math.floor(minutes / 60)} h ${rest} min`;
}

/** How far the next bag may be from what is offered. */
function nextText({ kind, plusMinus, value }: Offer): string {
  if (kind === 'takeUp') return `± ${plusMinus.toFixed(2)} stitches`;
  if (kind === 'creep') return `± ${(100 * plusMinus).toFixed(0)} %`;
  return kind === 'pace' ? `± ${hoursText(plusMinus * value)}` : `± ${(100 * plusMinus).toFixed(1)} %`;
}

/** What her bags told, how many they were, and what that comes to. */
export function offerText(offer: Offer): string {
  const { kind, told, value, bags: count, own, usual } = offer;
  const usually =
    kind === 'stitchWidth' || kind === 'rowHeight' || kind === 'yarn' ? 'no difference' : lessonValue(kind, usual);
  return `${count === 1 ? 'One bag' : `${count} bags`}: ${lessonValue(kind, told)}. Usual: ${usually}. Between the two, ${(100 * own).toFixed(0)} % of it yours: ${lessonValue(kind, value)}; your next bag within ${nextText(offer)}.${kind === 'stitchWidth' || kind === 'rowHeight' ? ' The swatch’s own ± doesn’t know how far a bag strays from it; with this it does.' : ''}`;
}

/** A number of the plan as it is and as it would be. */
export const changeText = ({ before, after }: FigureChange, unit: LengthUnit): string => {
  const said = (figure: typeof before) =>
    `${formatQuantity(figure.value, figure.unit, unit)}${figure.plusMinus ? ` ${formatPlusMinus(figure, unit)}` : ''}`;
  return `${before.label}: ${said(before)} → ${said(after)}`;
};

/** Hours that are left, and what they rest on. */
export function timeLeftText({ hours, plusMinus, by, timed, stitches }: TimeLeft): string {
  const from = {
    timed: `by ${timed} rows of this bag that were timed`,
    logbook: 'by the pace in your logbook',
    usual: 'by what is usual: time some rows, and it is yours',
  }[by];
  return stitches === 0
    ? 'All rows are worked.'
    : `${hoursText(hours)} ± ${hoursText(plusMinus)} for ${stitches} stitches, ${from}. Seams, cloth and ends come on top.`;
}
