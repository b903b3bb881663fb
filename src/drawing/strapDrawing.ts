import { isWorkedStage, type Segment as Part, type StrapStage } from '@/core/strap';
import { polyline, type Drawing, type Point, type Shape } from './shape';

/** Room between the slack strap and the worn one, mm. */
const GAP_MM = 26;
/** A glyph of what adjusts it, or of a tab, is no narrower than this, mm. */
const LEAST_MM = 4;

/** A strap as it is worked or cut, and as it is worn, mm. */
export interface LaidStrap {
  slackMm: number;
  widthMm: number;
  /** Of what each end takes. */
  overlapMm: number;
  /** From mouth to mouth, part by part. */
  parts: readonly Part[];
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
  kind: Part['kind'];
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
  parts: readonly Pick<Part, 'kind' | 'wayMm'>[],
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

/**
 * The strap laid out twice to one scale: as worked, slack, with what its ends take hatched; and below it as it is worn, part by part from
 * mouth to mouth, with what is sewn down beyond.
 */
export function strapDrawing({ slackMm, widthMm, overlapMm, parts, wornMm, standsMm }: LaidStrap): Drawing {
  const sewnMm = parts.some(({ kind }) => kind === 'foot') ? overlapMm : 0;
  const totalMm = Math.max(slackMm, wornMm + 2 * sewnMm);
  const left = (lengthMm: number) => (totalMm - lengthMm) / 2;
  const wornY = widthMm + GAP_MM;
  const slackX = left(slackMm);
  const wornX = left(wornMm);
  const foot = (x: number, y: number): Shape => ({ ...bar('strap.feet', x, y, overlapMm, widthMm), role: 'foot' });
  const under = (x: number, y: number): Shape => ({ ...foot(x, y), role: 'cloth', mark: undefined });
  return {
    box: { x: 0, y: 0, widthMm: totalMm, heightMm: 2 * widthMm + GAP_MM },
    shapes: [
      bar('strap.slack', slackX, 0, slackMm, widthMm),
      foot(slackX, 0),
      foot(slackX + slackMm - overlapMm, 0),
      ...laidParts(parts, wornMm, standsMm).flatMap((part) => partShapes(part, wornX, wornY, widthMm)),
      ...(sewnMm > 0 ? [wornX - sewnMm, wornX + wornMm].flatMap((x) => [under(x, wornY), foot(x, wornY)]) : []),
    ],
  };
}

const bar = (mark: string, x: number, y: number, lengthMm: number, widthMm: number): Shape => ({
  kind: 'rect',
  role: 'cloth',
  layer: 'cloth',
  mark,
  x,
  y,
  widthMm: Math.max(0, lengthMm),
  heightMm: widthMm,
});

/** One part as it is drawn, with its left end at the first mouth. */
function partShapes({ kind, fromMm, toMm }: LaidPart, leftMm: number, y: number, widthMm: number): Shape[] {
  const [x, lengthMm] = [leftMm + fromMm, toMm - fromMm];
  const middle = { x: x + lengthMm / 2, y: y + widthMm / 2 };
  const metal = (points: Point[], closed = true): Shape => ({
    kind: 'path',
    role: 'metal',
    layer: 'hardware',
    closed,
    segments: polyline(points),
  });
  const glyph = (halfMm: number): Shape =>
    metal([
      { x: middle.x - halfMm, y },
      { x: middle.x + halfMm, y },
      { x: middle.x + halfMm, y: y + widthMm },
      { x: middle.x - halfMm, y: y + widthMm },
    ]);
  switch (kind) {
    case 'strap':
      return [bar('strap.pulled', x, y, lengthMm, widthMm)];
    case 'tab':
      return lengthMm > 0 ? [{ ...bar('strap.feet', x, y, lengthMm, widthMm), role: 'foot' }] : [];
    case 'ring':
      return [
        { kind: 'circle', role: 'metal', layer: 'hardware', mark: 'strap.ring', ...middle, radiusMm: lengthMm / 2 },
      ];
    case 'clasp':
      return [
        metal([
          { x, y: middle.y },
          { x: middle.x, y: y + widthMm * 0.2 },
          { x: x + lengthMm, y: middle.y },
          { x: middle.x, y: y + widthMm * 0.8 },
        ]),
      ];
    case 'slider':
      return [glyph(LEAST_MM)];
    case 'two-rings':
      return [-LEAST_MM, LEAST_MM].map((by) => ({
        kind: 'circle',
        role: 'metal',
        layer: 'hardware',
        x: middle.x + by,
        y: middle.y,
        radiusMm: widthMm / 2,
      }));
    case 'buttonholes':
      return [
        { kind: 'circle', role: 'metal', layer: 'hardware', ...middle, radiusMm: Math.min(LEAST_MM, widthMm / 3) },
      ];
    case 'knot':
    case 'bow':
      return [-1, 1].map((side) =>
        metal([
          middle,
          { x: middle.x + side * 2.5 * LEAST_MM, y: y - (kind === 'bow' ? LEAST_MM : 0) },
          { x: middle.x + side * 2.5 * LEAST_MM, y: y + widthMm + (kind === 'bow' ? LEAST_MM : 0) },
        ]),
      );
    case 'foot':
    case 'root':
    case 'eyelet':
      return [];
  }
}
