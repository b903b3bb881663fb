import { SEAMS } from '@/core/body';
import { PIECE_FROM_SWATCH_SHARE, STRAP_CREEP_SHARE } from '@/core/defaults';
import type { Correction, Design, SeamKind } from '@/core/design';
import { pieceOfBody } from '@/core/gauge';
import type { DesignEdit } from '@/core/problems';
import { LESSON_KINDS, type Lesson, type LessonKind, type LessonOf } from './lessons';
import { shrunken, type Shrunken, type UsualOf } from './shrunken';

/** The 95 % limit of a normal distribution, in standard deviations. */
const LIMIT = 1.959964;

/** Of how far a piece is from its swatch, so much is the maker's own and comes again with every bag; the rest is of the one bag. From memory. */
const MAKERS_SHARE = 0.8;
const PIECE_SD = PIECE_FROM_SWATCH_SHARE / LIMIT;

/** Kinds that are ratios, whose logarithms add: half as much is as far off as twice as much. */
const IS_RATIO: Record<LessonKind, boolean> = {
  stitchWidth: true,
  rowHeight: true,
  takeUp: false,
  creep: false,
  yarn: true,
  pace: true,
};

/** Hours for 1,000 stitches before she has timed any: about seventeen stitches a minute. From memory. */
export const USUAL_PACE_HOURS = 1;
/** Without any, makers differ from it by as much, as a share (95 %). From memory. */
export const USUAL_PACE_SHARE = 1;

/** What is taken to be so before any bag tells. All from memory, but for what the seams take, which is common practice. */
function usualOf(kind: LessonKind, of: LessonOf): UsualOf {
  switch (kind) {
    case 'stitchWidth':
    case 'rowHeight':
      return { mean: 0, makers: MAKERS_SHARE * PIECE_SD, bags: Math.sqrt(1 - MAKERS_SHARE ** 2) * PIECE_SD };
    case 'takeUp': {
      const { usual, least, most } = SEAMS[of as SeamKind].takeUp;
      return { mean: usual, makers: Math.max(0.1, (most - least) / Math.sqrt(12)), bags: 0.1 };
    }
    case 'creep':
      return { mean: STRAP_CREEP_SHARE, makers: 0.08, bags: 0.04 };
    case 'yarn':
      return { mean: 0, makers: 0.05, bags: 0.03 };
    case 'pace':
      return { mean: Math.log(USUAL_PACE_HOURS), makers: 0.5, bags: 0.15 };
  }
}

/** A correction as her bags offer it. */
export interface Offer {
  kind: LessonKind;
  of: LessonOf;
  /** Bags that it rests on. */
  bags: number;
  /** What they told, on the average; and what it comes to, drawn towards what is usual. */
  told: number;
  value: number;
  /** How far the next bag may be from it (95 %): a share of it for ratios, else in its own unit. */
  plusMinus: number;
  /** How much of it is hers, from 0 to 1. */
  own: number;
  usual: number;
}

/**
 * What all lessons of a kind come to together.
 *
 * @returns null without any
 */
export function offerOf(kind: LessonKind, of: LessonOf, lessons: readonly Lesson[]): Offer | null {
  const like = lessons.filter((lesson) => lesson.kind === kind && lesson.of === of);
  if (like.length === 0) return null;
  const isRatio = IS_RATIO[kind];
  const usual = usualOf(kind, of);
  const all: Shrunken = shrunken(
    usual,
    like.map(({ value, sd }) => (isRatio ? { value: Math.log(value), sd: sd / value } : { value, sd })),
  );
  const back = (value: number) => (isRatio ? Math.exp(value) : value);
  return {
    kind,
    of,
    bags: like.length,
    told: back(all.told ?? all.mean),
    value: back(all.mean),
    plusMinus: LIMIT * all.nextSd,
    own: all.own,
    usual: back(usual.mean),
  };
}

/** Everything that lessons come to, each kind and what it is of. */
export const offersOf = (lessons: readonly Lesson[]): Offer[] =>
  LESSON_KINDS.flatMap((kind) =>
    [...new Set(lessons.filter((lesson) => lesson.kind === kind).map(({ of }) => of))].flatMap(
      (of) => offerOf(kind, of, lessons) ?? [],
    ),
  );

/** What of the logbook is about this bag: its kind of piece, its seam; a strap's only where it has one that stretches. */
export function offersFor(design: Design, lessons: readonly Lesson[]): Offer[] {
  const ofs: Record<LessonKind, LessonOf | null> = {
    stitchWidth: pieceOfBody(design.body.kind),
    rowHeight: pieceOfBody(design.body.kind),
    takeUp: design.body.seam.kind,
    creep: design.straps.length > 0 ? 'any' : null,
    yarn: 'any',
    pace: 'any',
  };
  return LESSON_KINDS.flatMap((kind) => {
    const of = ofs[kind];
    return of === null ? [] : (offerOf(kind, of, lessons) ?? []);
  });
}

/** Decimals that are kept: finer than any of it is known. */
const rounded = (value: number): number => Math.round(value * 1000) / 1000;

/**
 * What takes an offer into a bag.
 *
 * @example
 * editsTaking({ kind: 'takeUp', of: 'whip', bags: 2, told: 0.5, value: 0.4, plusMinus: 0.2, own: 0.5, usual: 0.25 })[0] // => { path: ['body', 'seam', 'takeUpStitches'], value: 0.4 }
 */
export function editsTaking({ kind, value, plusMinus, bags }: Offer): DesignEdit[] {
  // A seam takes nothing or more, and never so much.
  if (kind === 'takeUp')
    return [{ path: ['body', 'seam', 'takeUpStitches'], value: Math.min(2, Math.max(0, rounded(value))) }];
  const taken: Correction = {
    value: rounded(kind === 'creep' ? Math.max(0, value) : value),
    plusMinus: rounded(plusMinus),
    bags,
  };
  return [{ path: ['corrected', kind], value: taken }];
}

/** What puts a bag back to what is usual. */
export const editsLeaving = ({ kind, of }: Pick<Offer, 'kind' | 'of'>): DesignEdit[] =>
  kind === 'takeUp'
    ? [{ path: ['body', 'seam', 'takeUpStitches'], value: SEAMS[of as SeamKind].takeUp.usual }]
    : [{ path: ['corrected', kind], value: null }];

/** Whether a bag goes by an offer as it stands now; or by one of before, or not at all. */
export function isTaken(design: Design, offer: Offer): 'as-it-is' | 'as-it-was' | 'no' {
  const [edit] = editsTaking(offer);
  if (offer.kind === 'takeUp') return design.body.seam.takeUpStitches === edit?.value ? 'as-it-is' : 'no';
  const now = design.corrected[offer.kind];
  if (now === null) return 'no';
  return JSON.stringify(now) === JSON.stringify(edit?.value) ? 'as-it-is' : 'as-it-was';
}
