import { isWorkedStage, type StrapStage } from './strapStage';
import type { Segment } from './strapPath';

/** A strap as it is worked or cut, and as it is worn, mm. */
export interface LaidStrap {
  slackMm: number;
  widthMm: number;
  /** Of what each end takes. */
  overlapMm: number;
  /** From mouth to mouth, part by part. */
  parts: readonly Segment[];
  wornMm: number;
  /** Where what adjusts it stands, from its second end; null where nothing does. */
  standsMm: number | null;
}

/** A planned strap as it is laid out. */
export function laidStrap(stage: StrapStage): LaidStrap {
  const { hung, figures, choice } = stage;
  // What grows from the bag is sewn down nowhere.
  const common = {
    overlapMm: hung.path.lossMm / 2,
    parts: hung.path.segments,
    standsMm: figures.stands?.value ?? null,
  };
  return isWorkedStage(stage)
    ? {
        ...common,
        slackMm: stage.figures.slackPlanned.value,
        wornMm: stage.figures.pulledPlanned.value,
        widthMm: stage.figures.width.value,
      }
    : { ...common, slackMm: stage.figures.toCut.value, wornMm: stage.figures.worn.value, widthMm: choice.widthMm };
}

/** A part of the worn strap laid out: from where to where, from the first mouth on. */
export interface LaidPart {
  kind: Segment['kind'];
  fromMm: number;
  toMm: number;
}

/**
 * The parts of a worn strap one after the other: what is not strap as long as it is, the strap in what is left, on either side of what
 * adjusts it.
 *
 * @example
 * laidParts([{ kind: 'tab', wayMm: 10 }, { kind: 'strap', wayMm: 0 }, { kind: 'slider', wayMm: 0 }, { kind: 'strap', wayMm: 0 }, { kind: 'tab', wayMm: 10 }], 100, 30).map(({ toMm }) => toMm) // => [10, 60, 60, 90, 100]
 */
export function laidParts(
  parts: readonly Pick<Segment, 'kind' | 'wayMm'>[],
  wornMm: number,
  standsMm: number | null,
): LaidPart[] {
  const strapMm = wornMm - parts.reduce((sum, { wayMm }) => sum + wayMm, 0);
  const halves = parts.filter(({ kind }) => kind === 'strap').length;
  const isTied = parts.some(({ kind }) => kind === 'knot' || kind === 'bow');
  const secondMm = halves < 2 ? 0 : isTied || standsMm === null ? strapMm / 2 : Math.min(standsMm, strapMm);
  let at = 0;
  let seen = 0;
  return parts.map(({ kind, wayMm }) => {
    const isFirst = kind === 'strap' && seen === 0;
    if (kind === 'strap') seen += 1;
    const long = kind !== 'strap' ? wayMm : isFirst ? strapMm - secondMm : secondMm;
    at += long;
    return { kind, fromMm: at - long, toMm: at };
  });
}
