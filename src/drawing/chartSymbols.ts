import type { Into, StitchKind, Worked } from '@/core/stitches';
import type { Point, Segment } from './shape';

/** Height of one single crochet on a chart, mm; a stitch takes as much across. */
export const CHART_CELL_MM = 10;

/** How tall each stitch is drawn, in cells. */
export const SYMBOL_CELLS: Record<StitchKind, number> = {
  'sl-st': 0.7,
  sc: 1,
  esc: 1.4,
  hdc: 1.5,
  'herringbone-hdc': 1.5,
  dc: 2.1,
  'herringbone-dc': 2.1,
  tr: 2.8,
  bobble: 1.6,
};

/** A symbol as lines; a filled one is drawn solid. */
interface SymbolLines {
  segments: Segment[];
  filled: boolean;
}

/** Wraps over the hook before the stitch: slashes across the stem. */
const SLASHES: Partial<Record<StitchKind, number>> = { dc: 1, 'herringbone-dc': 1, tr: 2 };

/**
 * The symbol of a chain: a flat oval.
 *
 * Chart symbols follow the international ones that the Craft Yarn Council prints (crochet chart symbols), here from memory:
 * chain an oval, slip stitch a dot, sc a cross, taller stitches a T with a slash for each wrap, posts with a hook at the foot,
 * joined stitches with one top, loops with an arc below. Extended and herringbone stitches have no usual sign: they are drawn
 * as a cross on a stem and a leaning T, and said so beside the chart.
 */
export const chainSymbol = (at: Point): SymbolLines => ({
  filled: false,
  segments: lens(at.x - 3.6, at.x + 3.6, at.y, 5.2),
});

/** A chain of a turning chain, seen from its side: one of several above each other, each so many mm high. */
export function uprightChainSymbol({ x, y }: Point, heightMm: number): SymbolLines {
  const long = Math.min(7.2, heightMm * 0.92);
  const arc = { to: 'arc', radiusMm: long * 0.72, sweep: true, large: false, x } as const;
  const segments: Segment[] = [
    { to: 'move', x, y: y - long / 2 },
    { ...arc, y: y + long / 2 },
    { ...arc, y: y - long / 2 },
  ];
  return { filled: false, segments };
}

/**
 * The symbol of one stitch from its foot to its top.
 *
 * @param step how it is worked
 * @param feet where it goes into the row below, one for each leg, mm
 * @param top where the next row will be worked into it, mm
 */
export function stitchSymbol(
  step: Pick<Worked, 'work' | 'into' | 'over'>,
  feet: readonly Point[],
  top: Point,
): SymbolLines {
  const foot = feet[0] ?? top;
  const { work: kind, into } = step;
  if (kind === 'sl-st')
    return { filled: true, segments: [...disc({ x: top.x, y: (top.y + foot.y) / 2 }, 1.7), ...loopMark(into, foot)] };
  if (kind === 'bobble') return { filled: false, segments: [...bobble(foot, top), ...loopMark(into, foot)] };
  if (kind === 'sc' || kind === 'esc') {
    const middle = {
      x: top.x,
      y: kind === 'esc' ? top.y + 4 : (top.y + (into === 'spike' ? top.y + CHART_CELL_MM : foot.y)) / 2,
    };
    return {
      filled: false,
      segments: [
        ...cross(middle, 2.9),
        ...(kind === 'esc' ? line({ x: top.x, y: middle.y }, { x: foot.x, y: foot.y - 1 }) : []),
        ...(into === 'spike' ? line(middle, foot) : []),
        ...loopMark(into, foot),
      ],
    };
  }
  const post = into === 'front-post' || into === 'front-post-two-below';
  const lean = kind.startsWith('herringbone') ? 2.2 : 0;
  return {
    filled: false,
    segments: [
      ...line({ x: top.x - 3, y: top.y + 1 }, { x: top.x + 3, y: top.y + 1 }),
      ...feet.flatMap((leg) =>
        stem({ x: leg.x - lean, y: leg.y - 1 }, { x: top.x + lean, y: top.y + 1 }, SLASHES[kind] ?? 0),
      ),
      ...(post ? hook(foot) : []),
      ...loopMark(into, foot),
    ],
  };
}

const line = (from: Point, to: Point): Segment[] => [
  { to: 'move', ...from },
  { to: 'line', ...to },
];

const cross = ({ x, y }: Point, half: number): Segment[] => [
  ...line({ x: x - half, y: y - half }, { x: x + half, y: y + half }),
  ...line({ x: x - half, y: y + half }, { x: x + half, y: y - half }),
];

const disc = ({ x, y }: Point, radiusMm: number): Segment[] => [
  { to: 'move', x: x - radiusMm, y },
  { to: 'arc', radiusMm, sweep: true, large: false, x: x + radiusMm, y },
  { to: 'arc', radiusMm, sweep: true, large: false, x: x - radiusMm, y },
];

/** Two arcs from one end to the other. */
const lens = (left: number, right: number, y: number, radiusMm: number): Segment[] => [
  { to: 'move', x: left, y },
  { to: 'arc', radiusMm, sweep: true, large: false, x: right, y },
  { to: 'arc', radiusMm, sweep: true, large: false, x: left, y },
];

/** A stem from foot to top, with a slash across it for each wrap. */
function stem(foot: Point, top: Point, slashes: number): Segment[] {
  const at = (share: number): Point => ({ x: top.x + (foot.x - top.x) * share, y: top.y + (foot.y - top.y) * share });
  const marks = Array.from({ length: slashes }, (_, index) => at(0.38 + index * 0.2));
  return [
    ...line(foot, top),
    ...marks.flatMap(({ x, y }) => line({ x: x - 2.4, y: y + 1.3 }, { x: x + 2.4, y: y - 1.3 })),
  ];
}

/** The foot of a front post: it goes round behind the stitch below and comes out again on the right. */
const hook = ({ x, y }: Point): Segment[] => [
  { to: 'move', x, y: y - 1 },
  { to: 'arc', radiusMm: 1.9, sweep: false, large: true, x: x + 2.6, y: y - 0.4 },
];

const bobble = (foot: Point, top: Point): Segment[] => {
  const upper = { x: top.x, y: top.y + 1 };
  const lower = { x: foot.x, y: foot.y - 1 };
  const bow = (radiusMm: number, sweep: boolean): Segment[] => [
    { to: 'move', ...lower },
    { to: 'arc', radiusMm, sweep, large: false, ...upper },
  ];
  return [
    ...bow(8.4, true),
    ...bow(8.4, false),
    ...bow(14, true),
    ...bow(14, false),
    ...line(lower, upper),
    ...line({ x: upper.x - 2.6, y: upper.y }, { x: upper.x + 2.6, y: upper.y }),
  ];
};

/** An arc under the stitch for one loop, a second for the third loop, two lines for two layers, and an arc over them where both loops are taken. */
function loopMark(into: Into, { x, y }: Point): Segment[] {
  const arc = (down: number): Segment[] => [
    { to: 'move', x: x - 2.8, y: y + down },
    { to: 'arc', radiusMm: 3.4, sweep: true, large: false, x: x + 2.8, y: y + down },
  ];
  if (into === 'back-loop') return arc(0.2);
  if (into === 'third-loop') return [...arc(0.2), ...arc(1.4)];
  if (into === 'two-layers' || into === 'three-loops')
    return [
      ...(into === 'three-loops' ? arc(-1.6) : []),
      ...line({ x: x - 2.8, y: y - 0.6 }, { x: x + 2.8, y: y - 0.6 }),
      ...line({ x: x - 2.8, y: y + 0.8 }, { x: x + 2.8, y: y + 0.8 }),
    ];
  return [];
}
