import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { BODY_KINDS, constructionOf } from '@/core/body';
import type { BodyKind, Design } from '@/core/design';
import type { Plan } from '@/core/plan';
import { pleat, sectionPointAt } from '@/core/section';
import { bagOf, withBody } from '@/core/testing/bodies';
import { planOf } from '@/core/testing/designs';
import { distanceToWay } from './edgesMeet';
import { foldBag } from './foldBag';
import { distanceOf } from './space';
import type { FoldedSheet } from './sheet';

const FABRIC_MM = 2;
const withoutFlap = (design: Design): Design => ({
  ...design,
  flap: { kind: 'none', dropMm: 60, widthMm: null, hemMm: null },
});
const plain = (kind: BodyKind, change: (design: Design) => Design = (design) => design): Plan =>
  planOf(bagOf(kind, { fabricMm: FABRIC_MM }, change));
const FOLDING = BODY_KINDS.filter((kind) => constructionOf(kind).foldsFlat);
const flatSheets = (plan: Plan): FoldedSheet[] => foldBag(plan, { state: 'flat', flap: 1 }).sheets;
const usual = (kind: BodyKind): Plan => plain(kind, kind === 'round-purse' ? withoutFlap : (design) => design);

describe('the section of a bag laid flat', () => {
  it.each(FOLDING)('is one line without a gap, as long as the strip, the flap lying on the front: %s', (kind) => {
    const { flat, empty } = usual(kind).section;
    if (!flat) throw new Error('it folds flat');
    expect(flat.at(-1)?.toMm).toBeCloseTo(empty.at(-1)?.toMm ?? NaN, 9);
    let lengthMm = 0;
    flat.forEach((piece, index) => {
      expect(piece.fromMm).toBeCloseTo(lengthMm, 9);
      lengthMm +=
        piece.kind === 'line'
          ? Math.hypot(piece.to.x - piece.from.x, piece.to.y - piece.from.y)
          : piece.radiusMm * Math.abs(piece.toRad - piece.fromRad);
      expect(piece.toMm).toBeCloseTo(lengthMm, 9);
      const next = flat[index + 1];
      if (!next) return;
      const [end, start] = [sectionPointAt([piece], piece.toMm).point, sectionPointAt([next], next.fromMm).point];
      expect(Math.hypot(end.x - start.x, end.y - start.y)).toBeLessThan(1e-9);
    });
  });

  it('has no sheet in another: their middles are a thickness apart at least', () => {
    // Geometry: two sheets of 2 mm fabric touch where their middles are 2 mm apart; with 0.5 mm of lining on both, 3 mm.
    const flat = pleat(60, { fabricMm: 2, liningMm: 0.5 }, 0);
    const lines = (flat?.pieces ?? []).flatMap((piece) => (piece.kind === 'line' ? [piece.from.x] : []));
    expect(lines).toEqual([3, 5]);
    expect(flat?.apartMm).toBe(8);
  });

  it('is none where there is too little to turn in, and of bags that are not deep', () => {
    expect(pleat(9, { fabricMm: 2, liningMm: 0 }, 0)).toBeNull();
    expect(plain('gusset', (design) => withBody(design, { depthMm: 10 })).section.flat).toBeNull();
    for (const kind of BODY_KINDS) if (!FOLDING.includes(kind)) expect(plain(kind).section.flat).toBeNull();
  });

  it('of hardly any thickness is folded in by half the depth', () => {
    fc.assert(
      fc.property(fc.double({ min: 5, max: 300, noNaN: true }), (depthMm) => {
        const flat = pleat(depthMm, { fabricMm: 1e-6, liningMm: 0 }, 0);
        const highest = Math.max(...(flat?.pieces ?? []).map((piece) => (piece.kind === 'line' ? piece.to.y : 0)));
        expect(highest).toBeCloseTo(depthMm / 2, 4);
      }),
    );
  });

  it('has its flap come down further than over the open bag, by what it had to cross', () => {
    const { section, fold, flap, pouch } = plain('gusset');
    if (!section.flat || !fold.figures.flatDrop) throw new Error('it folds flat');
    // Half a circle over what lies flat, instead of straight across the depth and the sheets of the flap.
    const apartMm = 3 * FABRIC_MM;
    const lessMm = pouch.depthMm + FABRIC_MM - (Math.PI / 2) * (apartMm + FABRIC_MM);
    expect(fold.figures.flatDrop.value - flap.figures.dropEmpty.value).toBeCloseTo(lessMm, 6);
  });
});

describe('a bag laid flat', () => {
  it.each(FOLDING)('is as thick as its sheets on each other: %s', (kind) => {
    const plan = usual(kind);
    // What a seam draws together at the sides lies between front and back.
    const xs = flatSheets(plan)
      .filter(({ mark }) => mark !== 'part.bridge')
      .flatMap((sheet) => sheet.along.flatMap((mm) => sheet.across.map((share) => sheet.at(share, mm).x)));
    expect(Math.max(...xs) - Math.min(...xs) + FABRIC_MM).toBeCloseTo(plan.fold.figures.flatThickness?.value ?? NaN, 6);
  });

  it('keeps the area of its walls where their corners are folded in', () => {
    const plan = plain('boxed-corners');
    const area = (sheets: readonly FoldedSheet[]) =>
      sheets.filter(({ mark }) => mark === 'part.front').reduce((sum, sheet) => sum + stripArea(sheet), 0);
    const open = foldBag(plan, { state: 'empty', flap: 1 }).sheets;
    expect(area(flatSheets(plan)) / area(open)).toBeCloseTo(1, 6);
  });

  it('has the corners of a box come to lie on the ends of its floor, and meet in its side seams', () => {
    const sheets = flatSheets(plain('boxed-corners'));
    // The floor's half goes up to the middle between front and back.
    const floor = sheets.find((sheet) => Math.abs(sheet.at(0, sheet.toMm).x - 1.5 * FABRIC_MM) < 1e-6);
    const [right, left] = sheets.filter(({ mark }) => mark === 'part.front').slice(-3);
    const back = sheets.filter(({ mark }) => mark === 'part.back').slice(-2);
    if (!floor || !right || !left) throw new Error('walls, floor and corners');
    const end = floor.along.map((mm) => floor.at(1, mm));
    for (const share of [-1, -0.5, 0, 0.5, 1]) {
      const corner = right.at(share, right.toMm);
      // The floor's end turns in at its foot and at its top by as much as it is thick.
      expect(distanceToWay(corner, end)).toBeLessThan(2 * FABRIC_MM);
      expect(left.at(-share, left.toMm).z).toBeCloseTo(-corner.z, 9);
    }
    const seam = right.along.map((mm) => right.at(1, mm));
    const behind = back
      .flatMap((sheet) =>
        Array.from({ length: 21 }, (_, k) => sheet.at(1, sheet.fromMm + ((sheet.toMm - sheet.fromMm) * k) / 20)),
      )
      .filter(({ z }) => z > 0);
    // The outer faces of both corners lie on each other, all along the seam.
    expect(behind.length).toBeGreaterThan(20);
    for (const place of behind) expect(distanceToWay(place, seam)).toBeCloseTo(FABRIC_MM, 6);
  });

  it('has a gusset’s edges stay on those of front and back, whatever is folded between', () => {
    const plan = plain('gusset');
    const [open, flat] = (['empty', 'flat'] as const).map((state) =>
      foldBag(plan, { state, flap: 1 }).sheets.find(({ mark }) => mark === 'part.gusset'),
    );
    if (!open || !flat) throw new Error('a gusset');
    for (const mm of open.along) {
      expect(distanceOf(flat.at(-1, mm), open.at(-1, mm))).toBeLessThan(1e-6);
      const [one, other] = [flat.at(1, mm), open.at(1, mm)];
      expect(Math.hypot(one.y - other.y, one.z - other.z)).toBeLessThan(1e-6);
    }
    // Along its sides the gusset keeps its width from front to back.
    const wideMm = flat.across
      .slice(1)
      .reduce((sum, share, k) => sum + distanceOf(flat.at(share, 1), flat.at(flat.across[k] as number, 1)), 0);
    expect(wideMm / plan.pouch.depthMm).toBeCloseTo(1, 2);
  });
});

/** The area of a sheet whose rows are straight. */
const stripArea = (sheet: FoldedSheet): number => {
  const steps = 400;
  const height = (sheet.toMm - sheet.fromMm) / steps;
  return Array.from({ length: steps }, (_, k) => 2 * sheet.halfMm(sheet.fromMm + (k + 0.5) * height) * height).reduce(
    (sum, area) => sum + area,
    0,
  );
};
