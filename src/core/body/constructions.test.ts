import fc from 'fast-check';
import { describe, expect, it, test } from 'vitest';
import { applyEdits, type Body, type BodyKind, type Design } from '@/core/design';
import { figureId } from '@/core/figures';
import {
  joinLengthMm,
  joinedCount,
  rowCountOf,
  stitchesInAll,
  trackAlongMm,
  trackRow,
  type RowsPiece,
} from '@/core/pieces';
import type { Plan } from '@/core/plan';
import { bagOf, withBody } from '@/core/testing/bodies';
import { anyDesignOf } from '@/core/testing/anyDesign';
import { fullDesign, planOf } from '@/core/testing/designs';
import { someBag } from '@/core/testing/someBag';
import { makePiece } from '@/core/testing/literalReader/readPattern';
import { writePattern } from '@/core/wording';
import { planBag } from '@/core/plan';
import { bodyHandles, pullBodyEdits } from './pullBody';
import { BODY_KINDS, gussetLengthMm, narrowedFace, usualBody, moveLineEdits, panelLines } from '.';

const figure = (plan: Plan, name: string) => plan.figures[figureId(name)]?.value ?? NaN;
const rowsPiece = (plan: Plan, id: string) => plan.pieces.find((piece) => piece.id === id) as RowsPiece;

describe('every construction', () => {
  it.each(BODY_KINDS)('%s comes out within half a stitch and half a row of what is wanted', (kind) => {
    fc.assert(
      fc.property(
        fc.integer({ min: 120, max: 400 }),
        fc.integer({ min: 120, max: 350 }),
        fc.double({ min: 2.5, max: 8, noNaN: true }),
        fc.double({ min: 0.8, max: 1.5, noNaN: true }),
        (widthMm, heightMm, stitchMm, share) => {
          const rowMm = stitchMm * share;
          const design = withBody(bagOf(kind, { stitchMm, rowMm }), { widthMm, heightMm, depthMm: 45 });
          const { figures } = planOf(design).pouch;
          // A round changes a diameter by two heights.
          const round = kind === 'round-purse';
          const half = round ? rowMm : stitchMm / 2;
          expect(Math.abs(figures.width.value - widthMm)).toBeLessThanOrEqual(half + 1e-6);
          expect(Math.abs(figures.height.value - (round ? widthMm : heightMm))).toBeLessThanOrEqual(
            (round ? rowMm : rowMm / 2) + 1e-6,
          );
        },
      ),
      { numRuns: 40 },
    );
  });

  it.each(BODY_KINDS)('%s: what is drawn, worked and woven up is the same: zones and rows add up', (kind) => {
    fc.assert(
      fc.property(anyDesignOf(kind), (design) => {
        const result = planBag(design);
        fc.pre(result.ok);
        const { plan } = result as { ok: true; plan: Plan };
        const { pieces } = plan;
        for (const piece of pieces)
          if (piece.kind === 'rows') {
            const covered = piece.zones.flatMap(({ fromRow, toRow }) =>
              Array.from({ length: toRow - fromRow + 1 }, (_, index) => fromRow + index),
            );
            expect(covered).toEqual(Array.from({ length: piece.rows.length }, (_, index) => index + 1));
          }
      }),
      { numRuns: 60 },
    );
  });

  it.each(BODY_KINDS)('%s: its area is that of the stitches that its printed words make', (kind) => {
    fc.assert(
      fc.property(someBag(kind), (design) => {
        const result = planBag(design);
        fc.pre(result.ok);
        const { plan } = result as { ok: true; plan: Plan };
        const { pieces, whole } = plan;
        // Stitch by stitch as a stranger makes them from the printed words: each takes its width, as high as its row.
        const { sections } = writePattern(design, plan);
        let rim: number | null = null;
        const area = pieces.reduce((sum, piece) => {
          const section = sections.find(({ id }) => id === piece.id);
          const made = makePiece(section?.heading ?? '', section?.lines ?? [], design.settings.terms, rim);
          if (piece.kind === 'oval') rim = made.counts.get(piece.counts.length) ?? null;
          const stitches = [made.counts, ...made.scallops].reduce(
            (all, counts) => [...counts.values()].reduce((one, count) => one + count, all),
            0,
          );
          return sum + piece.copies * stitches * piece.stitchMm * piece.rowMm;
        }, 0);
        expect(Math.abs(whole.area.value / area - 1)).toBeLessThan(1e-9);
      }),
      { numRuns: 8 },
    );
  });

  it.each(BODY_KINDS)('%s: both edges of a join are counted whole, every stitch and row end once', (kind) => {
    fc.assert(
      fc.property(anyDesignOf(kind), (design) => {
        const result = planBag(design);
        fc.pre(result.ok);
        const { plan } = result as { ok: true; plan: Plan };
        for (const join of plan.joins)
          for (const [index, side] of (['first', 'second'] as const).entries()) {
            const edge = join.edges[index as 0 | 1];
            // What is joined through a border is counted on it: that has its own test (edging.test).
            const all = edge.hasBorder ? null : edgeUnits(plan, edge, join.id);
            if (all !== null) expect(joinedCount(join, side), `${join.id} ${side}`).toBe(all);
          }
      }),
      { numRuns: 60 },
    );
  });

  it.each(BODY_KINDS)('%s is chosen with everything kept that applies, and undone whole', (kind) => {
    for (const before of BODY_KINDS) {
      const design = bagOf(before);
      const read = applyEdits(design, [{ path: ['body'], value: usualBody(kind, design.body, design.body) }]);
      if (!read.ok) throw new Error(read.faults[0]?.sentence);
      expect(read.design.body).toMatchObject({
        kind,
        widthMm: design.body.widthMm,
        heightMm: design.body.heightMm,
        seam: design.body.seam,
      });
      if ('depthMm' in design.body && 'depthMm' in read.design.body)
        expect(read.design.body.depthMm).toBe(design.body.depthMm);
      const back = applyEdits(read.design, [{ path: ['body'], value: design.body }]);
      expect(back.ok && back.design).toEqual(design);
    }
  });

  it.each(BODY_KINDS)('%s: a line that is moved lies where it was put, within its limits', (kind) => {
    const design = bagOf(kind);
    for (const line of panelLines(planOf(design))) {
      const to = Math.min(line.mostRow, line.afterRow + 2);
      const read = applyEdits(design, moveLineEdits(planOf(design), line.id, to));
      if (!read.ok) throw new Error(read.faults[0]?.sentence);
      const moved = panelLines(planOf(read.design)).find(({ id }) => id === line.id);
      expect(moved?.afterRow, line.id).toBe(to);
    }
  });

  it.each(BODY_KINDS)('%s: a grip that is pulled gives the size that it says', (kind) => {
    const plan = planOf(bagOf(kind));
    const { settled } = plan.contents;
    for (const handle of bodyHandles(settled, plan.pouch, plan.pieces)) {
      const edits = pullBodyEdits(settled, handle, 4 / handle.perMm);
      expect(edits.at(-1)?.value).toBe(Math.floor(2 * (handle.valueMm + 4)) / 2);
      expect(plan.pieces.map(({ id }) => id)).toContain(handle.piece);
      const far = pullBodyEdits(settled, handle, (1e5 * handle.perMm) / Math.abs(handle.perMm));
      expect(far.at(-1)?.value).toBe(Math.floor(2 * handle.mostMm) / 2);
    }
  });
});

/** Stitches and row ends of an edge, counted on the piece itself; null where only some of it is joined. */
function edgeUnits(plan: Plan, edge: Plan['joins'][number]['edges'][0], join: string): number | null {
  const piece = plan.pieces.find(({ id }) => id === edge.piece);
  if (!piece || join === 'corners' || join === 'flap') return null;
  if (piece.kind !== 'rows') return edge.from === null ? (piece.counts.at(-1) as number) : (edge.to ?? 0) - edge.from;
  switch (edge.edge) {
    case 'left':
    case 'right':
      return piece.rows.length;
    case 'start':
      return piece.startStitches * (piece.roundCount > 0 && join === 'base-rim' ? 2 : 1);
    case 'end':
      return piece.rows.at(-1)?.stitches ?? 0;
    case 'each-side':
      return (edge.to ?? 0) - (edge.from ?? 0);
    case 'both-sides':
      return edge.from === null ? piece.rows.length : ((edge.to ?? 0) - edge.from) / 2;
    case 'outline': {
      const body = piece.zones[0]?.toRow ?? 0;
      const added = piece.rows
        .slice(0, body)
        .reduce((sum, row) => sum + (row.by === 'adding' ? row.changeEachSide : 0), 0);
      return 2 * (body + added) + piece.startStitches;
    }
    default:
      return null;
  }
}

describe('a strip worked from the flap’s edge', () => {
  const flapped = (workedFrom: 'front-edge' | 'flap-edge'): Design =>
    withBody(
      {
        ...bagOf('fold-over-strip'),
        flap: { kind: 'tapered', dropMm: 80, widthMm: null, hemMm: 15, edgeWidthMm: 120 },
        closures: fullDesign().closures,
      },
      { workedFrom },
    );
  const [front, turned] = [planOf(flapped('front-edge')), planOf(flapped('flap-edge'))];
  const rows = rowCountOf(front.pieces[0] as RowsPiece);

  it('is the same bag, its rows counted from the other end', () => {
    expect(turned.pouch.figures.width.value).toBe(front.pouch.figures.width.value);
    expect(stitchesInAll(turned.pieces[0] as RowsPiece)).toBe(stitchesInAll(front.pieces[0] as RowsPiece));
    expect(turned.snaps[0]?.mates.map(({ row }) => rows + 1 - row)).toEqual(
      front.snaps[0]?.mates.map(({ row }) => row),
    );
    expect(turned.snaps[0]?.halves.map(({ row }) => rows + 1 - row)).toEqual(
      front.snaps[0]?.halves.map(({ row }) => row),
    );
    expect(turned.snaps[0]?.meetsMm).toEqual(front.snaps[0]?.meetsMm);
    expect(panelLines(turned).map(({ id, afterRow }) => [id, rows - afterRow])).toEqual(
      panelLines(front)
        .map(({ id, afterRow }) => [id, afterRow])
        .reverse(),
    );
  });

  it('increases where the other decreases', () => {
    const done = (plan: Plan) => new Set((plan.pieces[0] as RowsPiece).rows.map(({ by }) => by));
    expect(done(front)).toEqual(new Set(['nothing', 'decreasing']));
    expect(done(turned)).toEqual(new Set(['nothing', 'increasing']));
  });

  it('is worked flap first, and still folds and seams in order', () => {
    const ids = turned.steps.map(({ id }) => id);
    expect(ids.indexOf('work-flap')).toBeLessThan(ids.indexOf('work-back'));
    expect(ids.indexOf('work-back')).toBeLessThan(ids.indexOf('work-front'));
    expect(ids.indexOf('set-snap-flap')).toBeLessThan(ids.indexOf('turn-hem'));
  });

  it('starts with what scallops ask for all the same, and says so', () => {
    const design = withBody(
      {
        ...bagOf('fold-over-strip'),
        flap: { kind: 'scalloped', dropMm: 80, widthMm: null, hemMm: null, scallops: 5, depthMm: 20 },
      },
      { workedFrom: 'flap-edge' },
    );
    const plan = planOf(design);
    expect(plan.workedFrom).toBe('front-edge');
    const problem = plan.problems.find(({ code }) => code === 'scallops-worked-last');
    const read = applyEdits(design, problem?.repairs[0]?.edits ?? []);
    expect(read.ok && planOf(read.design).problems.map(({ code }) => code)).not.toContain('scallops-worked-last');
  });
});

describe('boxed corners', () => {
  it('take the depth off the width and half of it off the height, on a worked example', () => {
    // 40 stitches of 5 mm seamed by nothing are 200 flat; 50 deep between the middles leaves 150, and 2 of fabric on top.
    // 33 rows of 5 mm are 165; half of 50 goes under the base: 140, and half the fabric below: 141.
    const design = withBody(bagOf('boxed-corners'), {
      widthMm: 152,
      heightMm: 141,
      depthMm: 52,
      seam: { kind: 'whip', finish: 'turned', takeUpStitches: 0 },
    });
    const plan = planOf(design);
    expect([plan.pouch.stitchCount, plan.pouch.frontRows]).toEqual([40, 33]);
    expect(plan.pouch.figures.width.value).toBeCloseTo(152, 9);
    expect(plan.pouch.figures.height.value).toBeCloseTo(141, 9);
    expect(figure(plan, 'corner.seam')).toBe(50);
    expect(figure(plan, 'corner.fromPoint')).toBe(25);
    // Box volume by formula: inside 148 × 139 × 48.
    expect(figure(plan, 'size.volume')).toBeCloseTo(148 * 139 * 48, 3);
  });
});

describe('a gusset', () => {
  it('is as long as the seam round side, base and side, by numerical integration', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 80, max: 400, noNaN: true }),
        fc.double({ min: 80, max: 400, noNaN: true }),
        fc.double({ min: 0, max: 39, noNaN: true }),
        (widthMm, heightMm, radiusMm) => {
          const half = (y: number) =>
            y >= radiusMm ? widthMm / 2 : widthMm / 2 - radiusMm + Math.sqrt(radiusMm ** 2 - (radiusMm - y) ** 2);
          let length = 2 * half(0);
          let before = { x: half(0), y: 0 };
          const steps = 40_000;
          // Closer together at the base, where the round is nearly level.
          for (let step = 1; step <= steps; step += 1) {
            const y = heightMm * (step / steps) ** 2;
            const here = { x: half(y), y };
            length += 2 * Math.hypot(here.x - before.x, here.y - before.y);
            before = here;
          }
          expect(gussetLengthMm({ widthMm, heightMm, radiusMm })).toBeCloseTo(length, 2);
        },
      ),
      { numRuns: 20 },
    );
  });

  it('has as many rows as that length asks for, whichever way it is worked, and joins front and back alike', () => {
    for (const gussetWorked of ['crosswise', 'lengthwise'] as const) {
      const plan = planOf(withBody(bagOf('gusset'), { gussetWorked, radiusMm: 40 }));
      const [front, back] = plan.joins;
      expect(front?.stretches).toEqual(back?.stretches);
      expect(joinLengthMm(front as Plan['joins'][0])).toBeCloseTo(figure(plan, 'gusset.length'), 6);
      const along = gussetWorked === 'crosswise' ? 'gusset.rows' : 'gusset.stitchesAlong';
      expect(Math.abs(figure(plan, along) * 5 - figure(plan, 'gusset.length'))).toBeLessThanOrEqual(2.5 + 1e-9);
    }
  });

  it('takes the height of its rows from a trial strip, and is then sure of them', () => {
    // Seven stitches: narrow enough to work up differently.
    const guessed = planOf(withBody(bagOf('gusset'), { depthMm: 32 }));
    const tried = planOf(withBody(bagOf('gusset'), { depthMm: 32, stripTrial: { rows: 40, lengthMm: 220 } }));
    expect(guessed.problems.map(({ code }) => code)).toContain('strip-gauge-guessed');
    expect(tried.problems.map(({ code }) => code)).not.toContain('strip-gauge-guessed');
    const rows = (plan: Plan) => plan.figures[figureId('gusset.rows')];
    expect(rows(tried)?.value).toBe(Math.round(figure(tried, 'gusset.length') / 5.5));
    expect(rows(tried)?.plusMinus ?? NaN).toBeLessThan(rows(guessed)?.plusMinus ?? NaN);
  });

  it('has symmetric panels, and corners no further off the round than is said', () => {
    const plan = planOf(withBody(bagOf('gusset'), { radiusMm: 45 }));
    const front = rowsPiece(plan, 'front');
    expect(new Set(front.rows.map(({ stitches }) => stitches % 2)).size).toBe(1);
    expect(figure(plan, 'corner.off')).toBeLessThanOrEqual(0.5 + 1e-9);
    expect(rowsPiece(plan, 'back').rows.slice(0, front.rows.length)).toEqual(front.rows);
  });

  it('with a round of less than half a row has square corners, and its strip none of them', () => {
    const plan = planOf(withBody(bagOf('gusset'), { radiusMm: 2 }));
    expect(figure(plan, 'corner.radius')).toBe(0);
    expect(plan.joins[0]?.stretches.map(({ name }) => name)).toEqual(['side', 'base', 'side']);
  });

  it('with corners too large for it is planned as near as can be, and the repair settles it', () => {
    const design = withBody(bagOf('gusset'), { radiusMm: 400 });
    const problem = planOf(design).problems.find(({ code }) => code === 'corner-radius-too-large');
    const read = applyEdits(design, problem?.repairs[0]?.edits ?? []);
    expect(read.ok && planOf(read.design).problems.map(({ code }) => code)).not.toContain('corner-radius-too-large');
  });
});

describe('a round purse', () => {
  it.each([
    // Common practice, no source: sc about 6 a round, hdc about 8, dc about 12, by how tall they are against their width.
    ['single crochet, as tall as wide', 5, 6],
    ['half double, four thirds as tall', 6.5, 8],
    ['double, twice as tall', 9.6, 12],
  ])('%s grows by the usual number', (_, rowMm, increase) => {
    const plan = planOf(bagOf('round-purse', { stitchMm: 5, rowMm }));
    expect(figure(plan, 'disc.increase')).toBe(increase);
    expect(plan.problems.map(({ code }) => code)).not.toContain('disc-not-flat');
  });

  it('is 6, 12, 18 … 90 after 15 rounds (arithmetic)', () => {
    const plan = planOf(
      withBody(bagOf('round-purse'), { chosenRows: { front: 15, back: null, bridge: null, flap: null } }),
    );
    const disc = plan.pieces.find(({ id }) => id === 'disc');
    expect(disc && disc.kind !== 'rows' && disc.counts).toEqual(
      Array.from({ length: 15 }, (_, round) => 6 * (round + 1)),
    );
  });

  it('that can’t lie flat says so, and does once its increases follow the gauge', () => {
    const design = bagOf('round-purse', { stitchMm: 6, rowMm: 3.2 });
    const problem = planOf(design).problems.find(({ code }) => code === 'disc-not-flat');
    expect(problem).toBeDefined();
    const read = applyEdits(design, problem?.repairs[0]?.edits ?? []);
    if (!read.ok) throw new Error('refused');
    const plan = planOf(read.design);
    expect(plan.problems.map(({ code }) => code)).not.toContain('disc-not-flat');
    expect(figure(plan, 'disc.flatness')).toBeCloseTo(1, 9);
  });

  it('joins what it does not leave open', () => {
    const plan = planOf(withBody(bagOf('round-purse'), { openMm: 200 }));
    expect(figure(plan, 'rim.open') + figure(plan, 'rim.joined')).toBe(figure(plan, 'panel.stitches'));
    expect(Math.abs(figure(plan, 'rim.openLength') - 200)).toBeLessThan(5);
    expect(figure(plan, 'band.length')).toBeCloseTo(figure(plan, 'rim.length') - figure(plan, 'rim.openLength'), 6);
  });

  it('has no edge for a flap: it is left out, and a snap with it', () => {
    const design = { ...bagOf('round-purse'), closures: fullDesign().closures };
    const plan = planOf(design);
    expect(plan.flap.hasFlap).toBe(false);
    expect(plan.problems.map(({ code }) => code)).toEqual(
      expect.arrayContaining(['flap-without-edge', 'snap-without-flap']),
    );
  });
});

describe('round a chain', () => {
  it('is half a round wide, and its chain has what both ends don’t add', () => {
    const plan = planOf(withBody(bagOf('around-chain'), { widthMm: 200, heightMm: 150, endStitches: 1 }));
    expect(plan.pouch.stitchCount).toBe(40);
    expect(figure(plan, 'round.stitches')).toBe(80);
    // Both sides of 39 chains, and one more stitch at each end.
    expect(figure(plan, 'round.chain')).toBe(39);
    expect(2 * figure(plan, 'round.chain') + 2).toBe(80);
  });

  it('narrows its mouth by every so-manieth pair in each face', () => {
    const plan = planOf(withBody(bagOf('around-chain'), { widthMm: 200, narrowing: 4 }));
    expect(narrowedFace(40, 4)).toBe(35);
    expect(figure(plan, 'mouth.stitches')).toBe(70);
    expect(figure(plan, 'mouth.before') - figure(plan, 'mouth.after')).toBeCloseTo(10 * 5, 9);
    expect(plan.flap.startStitches).toBe(35);
  });

  it('names the sides to the stitch once the walk was measured', () => {
    const body = { widthMm: 200, chosenRows: { front: 30, back: null, bridge: null, flap: null } };
    const plan = planOf(withBody(bagOf('around-chain'), { ...body, roundWalk: { rounds: 10, stitches: 4 } }));
    expect(figure(plan, 'walk.total')).toBeCloseTo(12, 9);
    expect([figure(plan, 'side.first'), figure(plan, 'side.second')]).toEqual([12, 52]);
    const back = planOf(withBody(bagOf('around-chain'), { ...body, roundWalk: { rounds: 10, stitches: -4 } }));
    expect([figure(back, 'side.first'), figure(back, 'side.second')]).toEqual([68, 28]);
  });

  it('asks for joined rounds where a pattern has several', () => {
    const design = withBody({ ...bagOf('around-chain'), stitch: 'bobble-field' }, { rounds: 'spiral' });
    const problem = planOf(design).problems.find(({ code }) => code === 'pattern-in-spiral');
    const read = applyEdits(design, problem?.repairs[0]?.edits ?? []);
    expect(read.ok && (read.design.body as Extract<Body, { kind: 'around-chain' }>).rounds).toBe('joined');
  });

  it('begun with a ring, is sewn across the bottom once', () => {
    const plan = planOf(withBody(bagOf('around-chain'), { widthMm: 200, start: 'ring' }));
    expect(plan.joins.map(({ id, times }) => [id, times])).toEqual([['bottom', 1]]);
    expect(figure(plan, 'seams.length')).toBeCloseTo(200, 9);
    expect(plan.steps.map(({ id }) => id)).toContain('sew-bottom');
  });
});

describe('an oval base', () => {
  it('is as long and as deep as its chain and rounds make it, and the sides go on from every stitch of its rim', () => {
    // Ten rounds of 5 mm: 50 either way. A chain of 20 straight stitches: 100 + 50 long, 50 deep, and 2 of fabric.
    const plan = planOf(withBody(bagOf('oval-base'), { widthMm: 152, depthMm: 52 }));
    const base = plan.pieces.find(({ id }) => id === 'base');
    if (base?.kind !== 'oval') throw new Error('no oval');
    expect(base.straightStitches).toBe(20);
    expect(base.counts).toEqual([1, 2, 3, 4, 5].map((round) => 40 + 6 * round));
    expect(figure(plan, 'base.chain')).toBe(22);
    expect(figure(plan, 'round.stitches')).toBe(base.counts.at(-1));
    expect([plan.pouch.figures.width.value, plan.pouch.figures.depth?.value]).toEqual([152, 52]);
  });
});

describe('what goes in', () => {
  const thing = (thicknessMm: number): Design['contents']['items'][number] => ({
    count: 1,
    thing: {
      id: 'box' as never,
      name: 'Box',
      widthMm: 120,
      heightMm: 90,
      thicknessMm,
      massG: 100,
      turns: 'as-it-stands',
      known: null,
    },
  });
  const carrying = (kind: BodyKind) =>
    withBody(
      { ...bagOf(kind), contents: { ...bagOf(kind).contents, items: [thing(40)], thicknessMm: null, easeMm: 10 } },
      { sizesFrom: 'contents' },
    );

  test('a flat bag goes round it; a deep one takes its thickness as depth; into a round one it goes corner to corner', () => {
    const needs = (kind: BodyKind) => {
      const { needsWidth, needsHeight, needsDepth } = planOf(carrying(kind)).contents.figures;
      return [needsWidth?.value, needsHeight?.value, needsDepth?.value ?? null];
    };
    expect(needs('fold-over-strip')).toEqual([170, 120, null]);
    expect(needs('gusset')).toEqual([130, 100, 50]);
    expect(needs('round-purse')).toEqual([160, 160, 50]);
  });

  test('too thick for the depth, it says so, and the repair makes the bag deep enough', () => {
    const design = withBody(carrying('gusset'), { sizesFrom: 'outside', widthMm: 160, heightMm: 130, depthMm: 30 });
    const problem = planOf(design).problems.find(({ code }) => code === 'contents-too-deep');
    const read = applyEdits(design, problem?.repairs[0]?.edits ?? []);
    if (!read.ok) throw new Error(read.faults[0]?.sentence);
    expect(planOf(read.design).problems.map(({ code }) => code)).not.toContain('contents-too-deep');
  });
});

test('a way along a piece counts from where it begins, whichever way the piece is worked', () => {
  const up = { piece: 'front', beforeRow: 31, step: -1 } as const;
  const down = { piece: 'panel', beforeRow: 0, step: 1 } as const;
  expect([trackRow(up, 1), trackRow(up, 30)]).toEqual([30, 1]);
  expect([trackRow(down, 1), trackRow(down, 30)]).toEqual([1, 30]);
  // The middle of a row is where its row is.
  for (const k of [1, 7, 30]) {
    expect(trackAlongMm(up, (k - 0.5) * 4, 4)).toBeCloseTo((trackRow(up, k) - 0.5) * 4, 9);
    expect(trackAlongMm(down, (k - 0.5) * 4, 4)).toBeCloseTo((trackRow(down, k) - 0.5) * 4, 9);
  }
});
