import { sheetsAcrossMm, sheetsUpMm } from '@/core/contents';
import { factsOf, type Pocket } from '@/core/design';
import { thingsInBag } from '@/core/fold';
import type { Plan } from '@/core/plan';
import type { Drawing, Point, Shape } from './shape';

/** A thing's name where it can be seen on the drawing, with the room that there is to write it; none where others cover it. */
interface ThingLabel {
  name: string;
  at: Point;
  widthMm: number;
  heightMm: number;
  mark: string;
}

/** A length to be shown along a side of what is packed. */
export interface Span {
  from: Point;
  to: Point;
  mm: number;
}

interface PackedDrawing extends Drawing {
  labels: ThingLabel[];
  /** Across and up, of all that is packed. */
  across: Span | null;
  up: Span | null;
}

/** The mark of a thing, by its place in the list of all that goes in. */
export const thingMark = (index: number): string => `thing.${index}`;

/** Room below and beside the bag for the lengths, mm. */
const SPAN_MM = 12;

/**
 * The loaded bag from the front with what is in it, to scale: the outside, the inside within its sheets, and the things standing
 * where the base stops to bend. What the load's thickness takes goes round the sides.
 */
export function packedDrawing(plan: Plan): PackedDrawing {
  const { figures, layers } = plan.pouch;
  const { placed, packed, things: carried } = plan.contents;
  const outsideWide = figures.width.value;
  const outsideHigh = figures.heightLoaded.value;
  const base = sheetsUpMm(layers);
  // A flat bag's base rounds under the load; a deep one has a floor.
  const roundsMm = plan.pouch.depthMm > 0 || !packed ? 0 : Math.min(packed.thicknessMm, plan.pouch.loadMm) / 2;
  const round = factsOf(plan.pouch.kind).wrap === 'round';
  // Into a round bag the lot goes corner to corner, so it lies in the middle.
  const standsMm = round && packed ? (outsideHigh - packed.heightMm) / 2 : base + roundsMm;
  const pocketed = thingsInBag(plan, 'loaded').filter(({ pocket }) => pocket !== undefined);
  const topMm = Math.max(
    outsideHigh,
    packed ? standsMm + packed.heightMm : 0,
    ...pocketed.map(({ to }) => to.y + layers.fabricMm / 2),
  );
  const sideMm = Math.max(0, ((packed?.widthMm ?? 0) - outsideWide) / 2);
  const left = sideMm + (outsideWide - (packed?.widthMm ?? 0)) / 2;
  const bottom = topMm - standsMm;
  // What lies further back is drawn first, so that what is in front covers it.
  const backToFront = [...placed].sort((a, b) => b.behindMm - a.behindMm);
  const packedThings = backToFront.map(({ index, xMm, yMm, widthMm, heightMm }) => ({
    x: left + xMm,
    y: bottom - yMm - heightMm,
    widthMm,
    heightMm,
    index,
  }));
  const inPockets = (wall: Pocket['on']) =>
    pocketed
      .filter(({ pocket = -1 }) => plan.contents.settled.pockets[pocket]?.on === wall)
      .flatMap(({ index, from, to }) =>
        index === null
          ? []
          : [
              {
                x: sideMm + outsideWide / 2 + from.z,
                y: topMm - layers.fabricMm / 2 - to.y,
                widthMm: to.z - from.z,
                heightMm: to.y - from.y,
                index,
              },
            ],
      );
  const things = [...inPockets('back'), ...packedThings, ...inPockets('front')];
  return {
    box: { x: 0, y: 0, widthMm: outsideWide + 2 * sideMm + SPAN_MM, heightMm: topMm + SPAN_MM },
    shapes: [
      ...bagShapes(
        round,
        { x: sideMm, y: topMm - outsideHigh, widthMm: outsideWide, heightMm: outsideHigh },
        { side: sheetsAcrossMm(layers) / 2, base },
      ),
      ...things.map(({ index, ...rect }): Shape => ({
        kind: 'rect',
        role: 'thing',
        layer: 'load',
        mark: thingMark(index),
        ...rect,
      })),
    ],
    labels: things.map(({ index, ...face }, at) => {
      const { x, y, widthMm, heightMm } = seenPart(face, things.slice(at + 1));
      return {
        name: carried[index]?.name ?? '',
        at: { x: x + widthMm / 2, y: y + heightMm / 2 },
        widthMm,
        heightMm,
        mark: thingMark(index),
      };
    }),
    across: packed && {
      from: { x: left, y: topMm + SPAN_MM / 2 },
      to: { x: left + packed.widthMm, y: topMm + SPAN_MM / 2 },
      mm: packed.widthMm,
    },
    up: packed && {
      from: { x: outsideWide + 2 * sideMm + SPAN_MM / 2, y: bottom },
      to: { x: outsideWide + 2 * sideMm + SPAN_MM / 2, y: bottom - packed.heightMm },
      mm: packed.heightMm,
    },
  };
}

interface Rect extends Point {
  widthMm: number;
  heightMm: number;
}

/** The largest strip along a side of a thing that nothing before it covers: all of it, where nothing does; without area where all is covered. */
function seenPart(face: Rect, before: readonly Rect[]): Rect {
  const right = face.x + face.widthMm;
  const low = face.y + face.heightMm;
  const covering = before.filter(
    ({ x, y, widthMm, heightMm }) => x < right && x + widthMm > face.x && y < low && y + heightMm > face.y,
  );
  if (covering.length === 0) return face;
  const from = { x: Math.min(...covering.map(({ x }) => x)), y: Math.min(...covering.map(({ y }) => y)) };
  const to = {
    x: Math.max(...covering.map(({ x, widthMm }) => x + widthMm)),
    y: Math.max(...covering.map(({ y, heightMm }) => y + heightMm)),
  };
  const strips: Rect[] = [
    { ...face, heightMm: Math.max(0, from.y - face.y) },
    { ...face, y: Math.min(low, to.y), heightMm: Math.max(0, low - to.y) },
    { ...face, widthMm: Math.max(0, from.x - face.x) },
    { ...face, x: Math.min(right, to.x), widthMm: Math.max(0, right - to.x) },
  ];
  const area = ({ widthMm, heightMm }: Rect) => widthMm * heightMm;
  return strips.reduce((largest, strip) => (area(strip) > area(largest) ? strip : largest));
}

/** The outside and, within its sheets, the inside: a rectangle open at the top, or a disc. */
function bagShapes(
  round: boolean,
  outside: { x: number; y: number; widthMm: number; heightMm: number },
  sheets: { side: number; base: number },
): Shape[] {
  const { x, y, widthMm, heightMm } = outside;
  if (round) {
    const disc = { kind: 'circle', x: x + widthMm / 2, y: y + heightMm / 2 } as const;
    return [
      { ...disc, role: 'cloth', layer: 'cloth', radiusMm: widthMm / 2 },
      { ...disc, role: 'inside', layer: 'load', radiusMm: Math.max(0, widthMm / 2 - sheets.side) },
    ];
  }
  return [
    { kind: 'rect', role: 'cloth', layer: 'cloth', ...outside },
    {
      kind: 'rect',
      role: 'inside',
      layer: 'load',
      x: x + sheets.side,
      y,
      widthMm: Math.max(0, widthMm - 2 * sheets.side),
      heightMm: Math.max(0, heightMm - sheets.base),
    },
  ];
}
