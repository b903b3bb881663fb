import { laidParts, type LaidPart, type LaidStrap } from '@/core/strap';
import { polyline, type Drawing, type Point, type Shape } from './shape';

/** Room between the slack strap and the worn one, mm. */
const GAP_MM = 26;
/** A glyph of what adjusts it, or of a tab, is no narrower than this, mm. */
const LEAST_MM = 4;

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
