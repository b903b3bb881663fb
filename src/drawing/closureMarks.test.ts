import { describe, expect, it } from 'vitest';
import { CLOSURES } from '@/core/closure';
import { USUAL_TRIMS, type Closure, type Design, type TrimKind } from '@/core/design';
import { foldBag } from '@/core/fold';
import { bagOf, withBody } from '@/core/testing/bodies';
import { planOf } from '@/core/testing/designs';
import { foldedMesh } from './foldedMesh';
import { closureIcon, foldedDrawing, pieceDrawing, trimIcon, type Drawing } from '.';
import { openEdges } from './testing/closed';
import { pointsOf } from './testing/points';

const CLOSURE_KINDS = Object.keys(CLOSURES) as Closure['kind'][];
const TRIM_KINDS = Object.keys(USUAL_TRIMS) as TrimKind[];
const NO_FLAP = { kind: 'none', dropMm: 60, widthMm: null, hemMm: null } as const;

const bags: [string, Design][] = [
  ['a folded strip', withBody(bagOf('fold-over-strip'), { widthMm: 180 })],
  ['two panels and a gusset', bagOf('gusset')],
  ['a strip with bands', bagOf('side-bands')],
  ['rounds about a chain', bagOf('around-chain')],
];

describe('icons', () => {
  const icons: [string, Drawing][] = [
    ...CLOSURE_KINDS.map((kind): [string, Drawing] => [kind, closureIcon(kind)]),
    ...TRIM_KINDS.map((kind): [string, Drawing] => [kind, trimIcon(kind)]),
  ];

  it.each(icons)('of %s lies within its box', (_, { box, shapes }) => {
    for (const shape of shapes)
      for (const { x, y } of pointsOf(shape)) {
        expect(x).toBeGreaterThanOrEqual(box.x - 1.01);
        expect(x).toBeLessThanOrEqual(box.x + box.widthMm + 1.01);
        expect(y).toBeGreaterThanOrEqual(box.y - 1.01);
        expect(y).toBeLessThanOrEqual(box.y + box.heightMm + 1.01);
      }
  });

  it('tell all of them apart', () => {
    const drawn = icons.map(([, { shapes }]) => JSON.stringify(shapes));
    expect(new Set(drawn).size).toBe(icons.length);
  });
});

describe.each(bags)('on %s', (_, bare) => {
  it.each(CLOSURE_KINDS)(
    '%s is drawn on its piece where its marks say, in true size, and lies on the folded bag',
    (kind) => {
      for (const flap of [bare.flap, NO_FLAP]) {
        const bag = { ...bare, flap };
        const design: Design = { ...bag, closures: [CLOSURES[kind].usual(bag)] };
        const plan = planOf(design);
        const [stage] = plan.closures;
        if (!stage) continue;
        for (const mark of stage.marks.filter(({ presence }) => presence === 'set')) {
          const piece = plan.pieces.find(({ id }) => id === mark.piece);
          if (!piece) throw new Error(`no piece ${mark.piece}`);
          const shapes = pieceDrawing(design, plan, piece).shapes.filter((shape) => shape.mark === mark.mark);
          expect(shapes.length, mark.mark).toBeGreaterThan(0);
          if (mark.form.kind === 'disc') {
            const { radiusMm } = mark.form;
            expect(shapes.some((shape) => shape.kind === 'circle' && Math.abs(shape.radiusMm - radiusMm) < 1e-9)).toBe(
              true,
            );
          }
        }
        for (const state of ['empty', 'loaded'] as const) {
          const { solids } = foldedMesh(foldBag(plan, { state, flap: 1 }), 0);
          for (const solid of solids) expect(openEdges(solid), solid.mark).toBe(0);
        }
        expect(JSON.stringify(foldedDrawing(plan))).not.toMatch(/null,"y"|NaN/);
      }
    },
  );

  it.each(TRIM_KINDS)('%s is drawn as often as it is set', (kind) => {
    const usual = USUAL_TRIMS[kind];
    const design: Design = { ...bare, trims: ['count' in usual ? { ...usual, count: 3 } : usual] };
    const plan = planOf(design);
    const marks = plan.marks.filter(({ of }) => of.group === 'trims');
    if (marks.length === 0) return;
    const piece = plan.pieces.find(({ id }) => id === marks[0]?.piece);
    if (!piece) throw new Error('no piece');
    const shapes = pieceDrawing(design, plan, piece).shapes.filter((shape) => shape.mark === kind);
    expect(shapes).toHaveLength(marks.length);
    if ('count' in usual) expect(marks).toHaveLength(3);
  });
});
