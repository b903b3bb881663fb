import fc from 'fast-check';
import { describe, expect, it, test } from 'vitest';
import { BODY_KINDS } from '@/core/body';
import { CLOSURES } from '@/core/closure';
import { ringBounds } from '@/core/cutting';
import {
  USUAL_POCKETS,
  applyEdits,
  isOutside,
  thingIdSchema,
  usualDropIn,
  usualLining,
  type Design,
  type Pocket,
  type PocketKind,
} from '@/core/design';
import { thingsInBag } from '@/core/fold';
import { flatSize } from '@/core/pieces';
import type { Plan } from '@/core/plan';
import { bagOf } from '@/core/testing/bodies';
import { planOf } from '@/core/testing/designs';
import { POCKETS, vinylHoles } from './index';

const KINDS = Object.keys(POCKETS) as PocketKind[];

/** A thing to carry, of a size that nothing else has. */
const thing = (id: string, [widthMm, heightMm, thicknessMm]: [number, number, number], count = 1) => ({
  count,
  thing: {
    id: thingIdSchema.parse(id),
    name: `Thing ${id}`,
    ...{ widthMm, heightMm, thicknessMm },
    massG: 50,
    turns: 'as-it-stands' as const,
    known: null,
  },
});
type Items = Design['contents']['items'];

const withPockets = (bag: Design, pockets: Partial<Pocket>[], items: Items = []): Design => ({
  ...bag,
  contents: { ...bag.contents, items, thicknessMm: null },
  pockets: pockets.map((one) => ({ ...USUAL_POCKETS[one.kind ?? 'slip'], ...one }) as Pocket),
});
const codes = (plan: Plan) => plan.problems.map(({ code }) => code);

/** The plan once the named way out of a problem is taken. */
function taken(design: Design, code: string, repair: string): Plan {
  const problem = planOf(design).problems.find((one) => one.code === code);
  const way = problem?.repairs.find((one) => one.code === repair);
  if (!way) throw new Error(`no ${repair} for ${code}`);
  const read = applyEdits(design, way.edits);
  if (!read.ok) throw new Error('a way out that can’t be taken');
  return planOf(read.design);
}

describe.each(BODY_KINDS)('on %s', (kind) => {
  test.each(KINDS)('a pocket of the kind %s is planned on its wall, or it is said why not', (pocketKind) => {
    for (const on of ['front', 'back'] as const) {
      const bag = { ...bagOf(kind), lining: usualDropIn(bagOf(kind)) };
      const plan = planOf(withPockets(bag, [{ kind: pocketKind, on }]));
      const [stage] = plan.pockets;
      if (!stage) {
        expect(codes(plan)).toContain('pocket-no-wall');
        expect(kind).toBe('round-purse');
        continue;
      }
      const [mark] = stage.marks;
      const piece = plan.pieces.find(({ id }) => id === mark?.piece);
      if (!mark || !piece || mark.form.kind !== 'patch') throw new Error('it is nowhere');
      const { widthMm, lengthMm } = flatSize(piece);
      expect(mark.face).toBe(isOutside(stage.choice) ? 'outer' : 'inner');
      expect(mark.form.widthMm / 2).toBeLessThan(widthMm / 2);
      expect(mark.alongMm - mark.form.lengthMm / 2).toBeGreaterThan(0);
      expect(mark.alongMm + mark.form.lengthMm / 2).toBeLessThan(lengthMm);
      // Its upper edge lies as far from the mouth of its own wall as is wished, along the folded fabric.
      const mouthMm =
        on === 'front' ? 0 : plan.pouch.sectionMm.front + plan.pouch.sectionMm.base + plan.pouch.sectionMm.back;
      expect(Math.abs((mark.stationMm ?? 0) - mouthMm) - mark.form.lengthMm / 2).toBeCloseTo(
        stage.choice.fromMouthMm,
        6,
      );
    }
  });

  it.each([
    ['a flat lining', usualLining()],
    ['a drop-in lining', usualDropIn()],
    ['no lining', null],
  ] as const)('is sewn on while it can be reached, with %s', (_, lining) => {
    const plan = planOf(withPockets({ ...bagOf(kind), lining }, [{ kind: 'slip' }, { kind: 'vinyl' }]));
    const order = plan.steps.map(({ id }) => String(id));
    const at = (name: string) => order.indexOf(name);
    for (const [name, shutting] of [
      ['sew-pocket', ['sew-lining-seams', 'sew-lining', 'put-lining-in', ...(lining ? [] : ['seam-sides'])]],
      ['sew-pocket.2', ['sew-lining', 'put-lining-in', 'seam-sides']],
    ] as const) {
      if (at(name) === -1) {
        expect(kind).toBe('round-purse');
        continue;
      }
      for (const shut of shutting.filter((one) => at(one) !== -1)) expect(at(name), shut).toBeLessThan(at(shut));
      if (lining && name === 'sew-pocket') expect(at('cut-lining')).toBeLessThan(at(name));
    }
  });
});

describe('a pocket for a thing', () => {
  // Common practice: round the thing goes its width and its thickness, with a little ease; a third stands out to take hold of.
  test.each([
    ['slip', [80, 120, 10], 80 + 10 + 8, (120 * 2) / 3],
    ['divided', [80, 120, 10], 2 * (80 + 10 + 8), (120 * 2) / 3],
    ['zipped', [80, 120, 10], 80 + 10 + 8, 120 + 5 + 8],
    ['vinyl', [90, 60, 2], 90 + 2 + 8, 60 + 1 + 8],
  ] as const)('%s: sized by it', (kind, [width, height, thick], wide, high) => {
    const bag = withPockets(
      { ...bagOf('gusset'), lining: usualDropIn() },
      [{ kind, holds: 't' }],
      [thing('t', [width, height, thick], 2)],
    );
    const { measures } = planOf(bag).pockets[0] ?? {};
    expect(measures?.width.value).toBeCloseTo(wide, 9);
    expect(measures?.height.value).toBeCloseTo(high, 9);
  });

  it('a loop is as long as what goes round it', () => {
    const bag = withPockets(bagOf('gusset'), [{ kind: 'loop', holds: 't' }], [thing('t', [9, 140, 9])]);
    expect(planOf(bag).pockets[0]?.measures.girth?.value).toBeCloseTo(9 + 2 * 9 + 3, 9);
  });

  it('worked, it comes out in whole stitches and rows, nearest to what it needs', () => {
    const bag = withPockets(bagOf('gusset'), [{ kind: 'crocheted', holds: 't' }], [thing('t', [70, 90, 6])]);
    const { measures, own } = planOf(bag).pockets[0] ?? {};
    // Stitches and rows of 5 mm: 84 mm across, 60 mm up.
    expect([own?.stitches?.value, own?.rows?.value]).toEqual([17, 12]);
    expect([measures?.width.value, measures?.height.value]).toEqual([85, 60]);
  });

  it.each(BODY_KINDS.filter((kind) => kind !== 'round-purse'))(
    'makes a bag that is sized by what goes in large enough for it: %s',
    (kind) => {
      const bag = bagOf(kind, {}, (design) => ({ ...design, body: { ...design.body, sizesFrom: 'contents' } }));
      const sized = withPockets(
        { ...bag, flap: { kind: 'none', dropMm: 50, widthMm: null, hemMm: null } },
        [{ holds: 'a', fromMouthMm: 25, acrossMm: 20 }],
        [thing('box', [60, 40, 20]), thing('a', [90, 120, 6])],
      );
      const plan = planOf(sized);
      // Two thirds of the thing, from so far below the mouth, with the seam.
      expect(plan.contents.figures.needsHeight?.value).toBeGreaterThanOrEqual(25 + 80 + 4);
      // Counts come near to what is wanted, by half a stitch or a row; what is left over is told as for any bag.
      expect(plan.pouch.figures.height.value).toBeGreaterThan(25 + 80);
      expect(codes(plan).filter((code) => code === 'pocket-beyond-side')).toEqual([]);
    },
  );

  it('leaves the packing, and thickens the load by the thickest in each wall', () => {
    const items = [thing('box', [100, 90, 20]), thing('a', [60, 90, 8]), thing('b', [60, 90, 5])];
    const loadOf = (pockets: Partial<Pocket>[]) => {
      const { contents } = planOf(withPockets(bagOf('gusset'), pockets, items));
      return { load: contents.figures.load.value, packed: contents.placed.length, all: contents.things.length };
    };
    expect(loadOf([]).packed).toBe(3);
    const [a, b] = [{ kind: 'slip', holds: 'a', on: 'back' } as const, { kind: 'slip', holds: 'b' } as const];
    expect(loadOf([a, { ...b, on: 'back' }])).toEqual({ load: 20 + 8, packed: 1, all: 3 });
    expect(loadOf([a, { ...b, on: 'front' }])).toEqual({ load: 20 + 8 + 5, packed: 1, all: 3 });
    // What hangs outside takes no room inside.
    expect(
      loadOf([
        { kind: 'vinyl', holds: 'a' },
        { ...b, on: 'front' },
      ]),
    ).toEqual({ load: 20 + 5, packed: 1, all: 3 });
  });

  it('divided, it takes as many as it has parts, and no more than there are', () => {
    const { contents } = planOf(
      withPockets(
        bagOf('gusset'),
        [{ kind: 'divided', parts: 3, holds: 'p' } as Partial<Pocket>, { holds: 'p' }],
        [thing('p', [9, 90, 9], 4)],
      ),
    );
    expect(contents.pocketed.map(({ pocket, count }) => [pocket, count])).toEqual([
      [0, 3],
      [1, 1],
    ]);
  });

  it('lies in the folded bag against its wall, beside what is packed, within its pocket', () => {
    for (const kind of ['gusset', 'side-bands', 'fold-over-strip'] as const)
      for (const on of ['front', 'back'] as const) {
        const bag = withPockets(
          bagOf(kind),
          [{ holds: 'a', on, acrossMm: 12 }],
          [thing('box', [90, 80, 14]), thing('a', [50, 60, 7])],
        );
        const plan = planOf(bag);
        const [own, box] = thingsInBag(plan, 'loaded');
        if (!own || !box) throw new Error('nothing in it');
        expect(plan.contents.things[own.index ?? -1]?.thing).toBe('a');
        expect(own.to.x - own.from.x).toBeCloseTo(7, 9);
        expect((own.from.z + own.to.z) / 2).toBeCloseTo(12, 9);
        if (on === 'front') expect(own.to.x).toBeCloseTo(box.from.x, 6);
        else expect(own.from.x).toBeGreaterThanOrEqual(box.to.x - 1e-6);
      }
  });
});

describe('holes of a vinyl pocket', () => {
  it('lie evenly along each side, as near to the pitch as goes, one in each corner, the upper edge left open', () => {
    const size = fc.double({ min: 30, max: 300, noNaN: true });
    const pitch = fc.double({ min: 3, max: 15, noNaN: true });
    fc.assert(
      fc.property(size, size, pitch, pitch, (wide, high, pitchMm, holesInMm) => {
        const holes = vinylHoles({ pitchMm, holesInMm }, wide, high);
        const gaps = holes
          .slice(1)
          .map(([x, y], index) => Math.hypot(x - (holes[index]?.[0] ?? 0), y - (holes[index]?.[1] ?? 0)));
        // Another way: a side of so much has the whole number of gaps nearest to its length in pitches.
        const sides = [high - 2 * holesInMm, wide - 2 * holesInMm, high - 2 * holesInMm].map((mm) => Math.max(0, mm));
        fc.pre(sides.every((mm) => mm > 0));
        const counts = sides.map((mm) => Math.max(1, Math.round(mm / pitchMm)));
        expect(holes.length).toBe(1 + counts.reduce((sum, one) => sum + one, 0));
        expect(gaps.reduce((sum, gap) => sum + gap, 0)).toBeCloseTo(
          sides.reduce((sum, mm) => sum + mm, 0),
          6,
        );
        for (const [x, y] of holes) {
          expect(Math.abs(x)).toBeLessThanOrEqual(wide / 2 - holesInMm + 1e-9);
          expect(y).toBeGreaterThanOrEqual(holesInMm - 1e-9);
          expect(y).toBeLessThanOrEqual(high - holesInMm + 1e-9);
        }
      }),
    );
  });
});

describe('the pieces of a pocket', () => {
  it('of cloth are larger by what is turned under, and by the hem above', () => {
    const bag = withPockets(bagOf('gusset'), [
      { kind: 'slip', widthMm: 100, heightMm: 80, seamMm: 9, hemMm: 22 } as Partial<Pocket>,
    ]);
    const stage = planOf(bag).pockets[0];
    const { widthMm, heightMm } = ringBounds(stage?.pieces[0]?.cut ?? []);
    expect([widthMm, heightMm]).toEqual([expect.closeTo(118, 6) as number, expect.closeTo(80 + 9 + 22, 2) as number]);
    expect(stage?.own.cutWidth?.value).toBeCloseTo(118, 6);
  });

  it.each([
    ['slip', 'pocket.height'],
    ['zipped', 'pocket.height'],
    ['vinyl', 'pocket.height'],
    ['loop', 'pocket.height'],
  ] as const)('of a %s pocket: what its cut length rests on is its own height', (kind, id) => {
    const bag = { ...withPockets(bagOf('gusset'), [{ kind }]), lining: usualDropIn() };
    const { own, measures } = planOf(bag).pockets[0] ?? {};
    const inputs = own?.cutHeight?.reason.inputs ?? [];
    expect(inputs.map((one) => one.value)).toContain(measures?.height.value);
    expect(measures?.height.id).toBe(id);
    // The sum by hand: seams at both ends of a zipped one, a fold of a loop.
    const high = measures?.height.value ?? NaN;
    const byHand = { slip: high + 10 + 20, zipped: 2 * (high + 10) + 20, vinyl: high, loop: 2 * high }[kind];
    expect(own?.cutHeight?.value).toBeCloseTo(byHand, 1);
  });

  it('inside are sewn with thread; what is outside takes the bag’s yarn', () => {
    const sewing = (pockets: Partial<Pocket>[]) =>
      planOf(withPockets(bagOf('gusset'), pockets)).yarn.figures?.sewing.value ?? NaN;
    const bare = sewing([]);
    expect(bare).toBeGreaterThan(0);
    expect(sewing([{ kind: 'slip' }])).toBe(bare);
    expect(sewing([{ kind: 'loop' }])).toBe(bare);
    expect(sewing([{ kind: 'vinyl' }])).toBeGreaterThan(bare);
    expect(sewing([{ kind: 'crocheted' }])).toBeGreaterThan(bare);
  });

  it('behind a zipper end together once the upper part is turned down', () => {
    const bag = {
      ...withPockets(bagOf('gusset'), [{ kind: 'zipped', widthMm: 100, heightMm: 70 }]),
      lining: usualDropIn(),
    };
    const [piece] = planOf(bag).pockets[0]?.pieces ?? [];
    const fold = piece?.marks.find(({ kind }) => kind === 'fold');
    if (!piece || fold?.kind !== 'fold') throw new Error('no fold');
    const { highMm, lowMm } = ringBounds(piece.seam);
    expect(2 * fold.from[1] - highMm).toBeCloseTo(lowMm, 9);
  });
});

describe('what is doubtful', () => {
  const gusset = bagOf('gusset');

  it('a pocket that reaches over the base moves up, or is made less high', () => {
    const bag = withPockets(gusset, [{ fromMouthMm: 90, heightMm: 60 }]);
    for (const repair of ['pocket-up', 'pocket-lower'])
      expect(codes(taken(bag, 'pocket-below-base', repair))).not.toContain('pocket-below-base');
  });

  it('a pocket that reaches round the side moves to the middle, or is made narrower', () => {
    const bag = withPockets(gusset, [{ acrossMm: -80, widthMm: 100 }]);
    for (const repair of ['pocket-to-middle', 'pocket-narrower'])
      expect(codes(taken(bag, 'pocket-beyond-side', repair))).not.toContain('pocket-beyond-side');
  });

  it('a zipped pocket asks for a lining', () => {
    const bag = withPockets({ ...gusset, lining: null }, [{ kind: 'zipped' }]);
    expect(planOf(bag).pockets).toEqual([]);
    const plan = taken(bag, 'pocket-needs-lining', 'pocket-add-lining');
    expect(plan.pockets).toHaveLength(1);
    expect(plan.lining).not.toBeNull();
  });

  it('a second one goes to the other wall, where nothing lies yet', () => {
    const first = withPockets(gusset, [{ on: 'back' }]);
    const second = POCKETS.zipped.usual(first);
    expect(second.on).toBe('front');
    expect(POCKETS.vinyl.usual(first).on).toBe('back');
    expect(POCKETS.slip.usual({ ...first, pockets: [...first.pockets, second] }).on).toBe('back');
  });

  it('a pocket over a snap moves below it', () => {
    const snapped = { ...gusset, closures: [CLOSURES['magnetic-snap'].usual(gusset)] };
    const half = planOf(snapped).marks.find(
      ({ of, stationMm }) => of.group === 'closures' && stationMm !== null && stationMm < 150,
    );
    const bag = withPockets(snapped, [
      { on: 'front', fromMouthMm: Math.max(0, (half?.stationMm ?? 0) - 20), heightMm: 30 },
    ]);
    expect(codes(planOf(bag))).toContain('pocket-over');
    expect(codes(taken(bag, 'pocket-over', 'pocket-below-it'))).not.toContain('pocket-over');
  });

  it('of two pockets on each other the second is told; on two walls, or on two faces of one, neither', () => {
    const told = (second: Partial<Pocket>) =>
      planOf(withPockets(gusset, [{ on: 'back' }, { on: 'back', ...second }])).problems.filter(
        ({ code }) => code === 'pocket-over',
      );
    expect(told({}).map(({ path }) => path)).toEqual([['pockets', 1, 'fromMouthMm']]);
    expect(told({ kind: 'crocheted' })).toEqual([]);
    expect(told({ on: 'front', fromMouthMm: 60, widthMm: 40, heightMm: 30 })).toEqual([]);
  });

  it('what it was for is not carried any more, or lies in another pocket; it can stay for nothing', () => {
    const gone = withPockets(gusset, [{ holds: 'gone' }]);
    expect(codes(taken(gone, 'pocket-thing-gone', 'pocket-for-nothing'))).not.toContain('pocket-thing-gone');
    const twice = withPockets(gusset, [{ holds: 'a' }, { holds: 'a', on: 'front' }], [thing('a', [50, 60, 7])]);
    expect(codes(planOf(twice))).toContain('pocket-thing-elsewhere');
  });

  it('a thing that stands over the mouth is said, and its pocket moves down where there is room', () => {
    const tall = withPockets(gusset, [{ holds: 'a', fromMouthMm: 10 }], [thing('a', [40, 90, 5])]);
    const said = planOf(tall).problems.find(({ code }) => code === 'pocket-thing-above-mouth');
    // A third of it stands out of the pocket, which begins 10 mm below the mouth.
    expect(said?.values).toEqual({ aboveMm: expect.closeTo(30 - 10, 6) as number });
    expect(codes(taken(tall, 'pocket-thing-above-mouth', 'pocket-down'))).not.toContain('pocket-thing-above-mouth');
    const loop = withPockets(gusset, [{ kind: 'loop', holds: 'a' }], [thing('a', [8, 300, 8])]);
    expect(codes(planOf(loop))).toContain('pocket-thing-above-mouth');
  });

  it('a pocket too tight for its thing is made as that needs it', () => {
    const bag = withPockets(gusset, [{ holds: 'a', widthMm: 40 }], [thing('a', [50, 60, 7])]);
    expect(codes(taken(bag, 'pocket-tight', 'pocket-as-thing'))).not.toContain('pocket-tight');
  });
});
