import { layOverOf } from '@/core/testing/layOverOf';
import { planBag, type Plan } from '@/core/plan';
import { laidStrap } from '@/core/strap';
import { anyDesign } from '@/core/testing/anyDesign';
import { bagOf } from '@/core/testing/bodies';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { usualEdging, usualLining, type Design } from '@/core/design';
import { flatSize, type Piece } from '@/core/pieces';
import { designAt, fullDesign, planOf, plannableDesign, triedStrap, workedStrapOf } from '@/core/testing/designs';
import { beyondPiece, foldedDrawing, liningDrawing, strapDrawing, swatchDrawing, type Drawing, type Shape } from '.';
import { markShapes } from './markShapes';

type Rect = Extract<Shape, { kind: 'rect' }>;
const rects = (drawing: Drawing | null, mark?: string): Rect[] =>
  (drawing?.shapes ?? []).filter(
    (shape): shape is Rect => shape.kind === 'rect' && (mark === undefined || shape.mark === mark),
  );
const middle = ({ x, widthMm }: Rect) => x + widthMm / 2;

describe('the closed bag', () => {
  it('is as wide and as high as it is planned loaded, the flap as far down as it comes', () => {
    fc.assert(
      fc.property(plannableDesign, (design) => {
        const plan = planOf({ ...design, straps: [] });
        const [body, flap] = rects(foldedDrawing(plan)) as [Rect, Rect];
        expect(body.widthMm).toBe(plan.pouch.figures.width.value);
        expect(body.heightMm).toBe(plan.pouch.figures.heightLoaded.value);
        expect(flap.heightMm).toBeCloseTo(Math.max(0, plan.flap.dropMm.loaded), 9);
      }),
    );
  });

  it('shows the snap where it closes, in the middle', () => {
    const plan = planOf(fullDesign());
    const drawing = foldedDrawing(plan);
    const [snap] = drawing.shapes.filter((shape) => shape.kind === 'circle');
    if (snap?.kind !== 'circle') throw new Error('no snap');
    expect(snap.x).toBeCloseTo(drawing.box.widthMm / 2, 9);
    const [body] = rects(drawing) as [Rect];
    expect(snap.y - body.y).toBeCloseTo(plan.snaps[0]?.meetsMm.loaded ?? NaN, 9);
  });

  it('has a row line between every two rows of the front that can be seen', () => {
    const plan = planOf(designAt(5, 5, 2));
    const [front] = foldedDrawing(plan).shapes.filter((shape) => shape.kind === 'lines');
    if (front?.kind !== 'lines') throw new Error('no rows');
    const seenMm = plan.pouch.figures.heightLoaded.value - plan.flap.dropMm.loaded;
    expect(front.count).toBe(Math.ceil(seenMm / 5) - 1);
    expect(front.stepMm).toBe(5);
  });
});

describe('the lining', () => {
  it('is drawn cut, pressed and under the panel, one inside the other about one middle', () => {
    fc.assert(
      fc.property(plannableDesign, (design) => {
        const lined: Design = { ...design, lining: design.lining ?? usualLining() };
        const plan = planOf(lined);
        const drawing = liningDrawing(plan);
        const [cut] = rects(drawing, 'lining.cut') as [Rect];
        const [press] = rects(drawing, 'lining.press') as [Rect];
        const [panel] = rects(drawing, 'panel') as [Rect];
        expect(cut.widthMm).toBeGreaterThan(panel.widthMm);
        expect(panel.widthMm).toBeGreaterThanOrEqual(press.widthMm);
        for (const rect of [press, panel]) expect(middle(rect)).toBeCloseTo(middle(cut), 9);
        // What is folded under reaches from the pressed line to the cut edge, on every side alike.
        const turned = layOverOf(plan).turnUnder.value;
        if (press.widthMm > 0) expect(press.x - cut.x).toBeCloseTo(turned, 6);
        if (press.heightMm > 0) expect(press.y - cut.y).toBeCloseTo(turned, 6);
      }),
    );
  });

  it('is not drawn where there is none', () => {
    expect(liningDrawing(planOf({ ...fullDesign(), lining: null }))).toBeNull();
  });
});

const laidOut = ({ straps: [strap] }: Plan) => {
  if (!strap) throw new Error('no strap');
  return strapDrawing(laidStrap(strap));
};

describe('the strap', () => {
  it('is drawn slack and worn to one scale, its sewn ends as long as the overlap', () => {
    const strap = { ...triedStrap(), overlapMm: 30 };
    const plan = planOf({ ...fullDesign(), straps: [strap] });
    const drawing = laidOut(plan);
    const [slack] = rects(drawing, 'strap.slack') as [Rect];
    const [worn] = rects(drawing, 'strap.pulled') as [Rect];
    expect(slack.widthMm).toBe(workedStrapOf(plan).figures.slackPlanned.value);
    expect(worn.widthMm - slack.widthMm).toBeGreaterThan(0);
    const feet = rects(drawing, 'strap.feet');
    expect(feet.map(({ widthMm }) => widthMm)).toEqual([30, 30, 30, 30]);
    // Between the feet of the lower one lies the worn length.
    expect((feet[3]?.x ?? NaN) - ((feet[2]?.x ?? NaN) + 30)).toBeCloseTo(
      workedStrapOf(plan).figures.pulledPlanned.value,
      6,
    );
  });

  it('is as long either way when it is reinforced, with what is sewn down beyond', () => {
    const plan = planOf({ ...fullDesign(), straps: [{ ...triedStrap(), school: 'slack' }] });
    const drawing = laidOut(plan);
    const sewnMm = 2 * triedStrap().overlapMm;
    expect(rects(drawing, 'strap.slack')[0]?.widthMm).toBeCloseTo(
      (rects(drawing, 'strap.pulled')[0]?.widthMm ?? NaN) + sewnMm,
      6,
    );
  });
});

describe('the swatch', () => {
  it('has a tape for every reading, as long as it was measured, inside the swatch', () => {
    const { swatch } = fullDesign();
    const { tapes, box } = swatchDrawing(swatch, 5, 5);
    expect(tapes).toHaveLength(swatch.stitchReadings.length + swatch.rowReadings.length);
    for (const tape of tapes) {
      const readings = tape.kind === 'stitches' ? swatch.stitchReadings : swatch.rowReadings;
      const length = Math.hypot(tape.to.x - tape.from.x, tape.to.y - tape.from.y);
      expect(length).toBeCloseTo(readings[tape.index]?.lengthMm ?? NaN, 9);
      for (const end of [tape.from, tape.to]) {
        expect(end.x >= 0 && end.x <= box.widthMm).toBe(true);
        expect(end.y >= 0 && end.y <= box.heightMm).toBe(true);
      }
    }
  });

  it('has its measured outline where it was weighed, as long as the readings fit on it', () => {
    const { swatch } = fullDesign();
    expect(swatchDrawing(swatch, 5, 5).box).toMatchObject({ widthMm: 168, heightMm: 140 });
    const small = swatchDrawing({ ...swatch, weighed: null }, 5, 5).box;
    expect(small.widthMm).toBeGreaterThan(Math.max(...swatch.stitchReadings.map(({ lengthMm }) => lengthMm)));
  });
});

describe('what reaches beyond a piece', () => {
  const strip = { ...bagOf('fold-over-strip'), closures: [], straps: [], lining: null };
  it('is nothing where nothing is put on, and the depth of a border all round', () => {
    const bare = planOf(strip);
    expect(bare.pieces.map((piece) => beyondPiece(piece, bare.marks))).toEqual([{ sidesMm: 0, beginMm: 0, endMm: 0 }]);
    const plan = planOf({ ...strip, edgings: [usualEdging('single', 'strip')] });
    const [panel] = plan.pieces;
    const { sidesMm, beginMm, endMm } = beyondPiece(panel as Piece, plan.marks);
    const { frontMm, flapMm } = plan.pouch.borders;
    expect(frontMm).toBeGreaterThan(2);
    for (const mm of [sidesMm, beginMm, endMm]) expect(mm).toBeCloseTo(frontMm, 6);
    expect(flapMm).toBeCloseTo(frontMm, 6);
  });

  it('holds all that is drawn on the piece, whatever the bag', () => {
    fc.assert(
      fc.property(anyDesign, (design) => {
        const result = planBag(design);
        if (!result.ok) return;
        const { plan } = result;
        for (const piece of plan.pieces) {
          const { sidesMm, beginMm, endMm } = beyondPiece(piece, plan.marks);
          const { widthMm, lengthMm } = flatSize(piece);
          for (const mark of plan.marks.filter(({ piece: on, presence }) => on === piece.id && presence === 'set'))
            for (const shape of markShapes(mark, { x: mark.acrossMm, y: -mark.alongMm }, 1))
              for (const { x, y } of cornersOf(shape)) {
                expect(Math.abs(x) - widthMm / 2).toBeLessThanOrEqual(sidesMm + 1e-6);
                expect(y).toBeLessThanOrEqual(beginMm + 1e-6);
                expect(-y - lengthMm).toBeLessThanOrEqual(endMm + 1e-6);
              }
        }
      }),
      { numRuns: 60 },
    );
  });
});

/** The outermost points of a shape, mm. */
function cornersOf(shape: Shape): { x: number; y: number }[] {
  if (shape.kind === 'circle')
    return [-1, 1].flatMap((way) => [
      { x: shape.x + way * shape.radiusMm, y: shape.y },
      { x: shape.x, y: shape.y + way * shape.radiusMm },
    ]);
  if (shape.kind === 'rect')
    return [
      { x: shape.x, y: shape.y },
      { x: shape.x + shape.widthMm, y: shape.y + shape.heightMm },
    ];
  if (shape.kind === 'path') return shape.segments.map(({ x, y }) => ({ x, y }));
  throw new Error(`no mark is drawn as a ${shape.kind}`);
}
