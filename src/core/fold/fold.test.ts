import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { BODY_KINDS } from '@/core/body';
import { usualEdging, type BodyKind, type Design } from '@/core/design';
import { acrossAt, acrossProfile, halfWidthOfProfileMm, sectionPointAt } from '@/core/section';
import { bagOf } from '@/core/testing/bodies';
import { planOf } from '@/core/testing/designs';
import { foldBag } from './foldBag';
import { stations } from './foldInput';
import { gridOutward, gridPoint, sheetGrid, type FoldedSheet } from './sheet';
import { distanceOf, vec } from './space';
import { turnedTail } from './turnedTail';

const carrying = (kind: BodyKind, thicknessMm: number, change: (design: Design) => Design = (design) => design) =>
  planOf(
    bagOf(kind, {}, (design) =>
      change({
        ...design,
        contents: { ...design.contents, thicknessMm },
        flap: kind === 'round-purse' ? { kind: 'none', dropMm: 60, widthMm: null, hemMm: null } : design.flap,
      }),
    ),
  );

/** The way along the middle of a sheet, and across one of its rows, point by point, mm. */
const middleMm = (sheet: FoldedSheet): number => wayMm(sheet.along.map((mm) => sheet.at(0, mm)));
const rowMm = (sheet: FoldedSheet, alongMm: number, steps = 4000): number =>
  wayMm(Array.from({ length: steps + 1 }, (_, k) => sheet.at(-1 + (2 * k) / steps, alongMm)));
const wayMm = (points: readonly Parameters<typeof distanceOf>[0][]): number =>
  points.slice(1).reduce((sum, point, index) => sum + distanceOf(points[index] as typeof point, point), 0);

describe('a row round a load', () => {
  const sizes = {
    halfMm: fc.double({ min: 5, max: 400, noNaN: true }),
    reachShare: fc.double({ min: 0, max: 1.3, noNaN: true }),
    flatShare: fc.double({ min: 0, max: 1.2, noNaN: true }),
  };

  it('keeps its length and comes down as far as it is to: the arc added up in small steps', () => {
    fc.assert(
      fc.property(fc.record(sizes), ({ halfMm, reachShare, flatShare }) => {
        const reachMm = reachShare * halfMm;
        const profile = acrossProfile(halfMm, reachMm, flatShare * halfMm);
        const steps = 2000;
        const points = Array.from({ length: steps + 1 }, (_, k) => acrossAt(profile, (k * halfMm) / steps));
        const wayMm = points
          .slice(1)
          .reduce(
            (sum, { outMm, inMm }, k) =>
              sum + Math.hypot(outMm - (points[k]?.outMm ?? 0), inMm - (points[k]?.inMm ?? 0)),
            0,
          );
        expect(wayMm / halfMm).toBeCloseTo(1, 3);
        expect(points.at(-1)?.inMm).toBeCloseTo(Math.min(reachMm, halfMm), 6);
        expect(points.at(-1)?.outMm).toBeCloseTo(halfWidthOfProfileMm(profile), 6);
      }),
    );
  });

  it('is flat as far as a box is wide where its length allows', () => {
    // Geometry, and common practice for a flat pouch round a box: half a row takes half the width and half the thickness at least.
    const profile = acrossProfile(60 + 10, 10, 60);
    expect(profile).toEqual({ flatMm: 60, radiusMm: 0, dropMm: 10 });
    expect(acrossProfile(60 + 10 + 3, 10, 60).flatMm).toBeGreaterThanOrEqual(60);
  });
});

describe('a folded bag', () => {
  it.each(BODY_KINDS.filter((kind) => kind !== 'round-purse'))(
    'without thickness or load has the lengths of its strip, and the width of its rows: %s',
    (kind) => {
      const plan = planOf(bagOf(kind, { fabricMm: 0.1 }));
      const { backEndMm } = stations(plan.pouch);
      const { sheets } = foldBag(plan, { state: 'empty', flap: 1 });
      const strip = sheets.filter(({ mark }) => ['part.front', 'part.back', 'part.bridge', 'part.flap'].includes(mark));
      const deepMm = kind === 'gusset' || kind === 'oval-base' ? plan.pouch.sectionMm.base : 0;
      const wholeMm = backEndMm + (plan.flap.bridgeRows + plan.flap.flapRows) * plan.pouch.rowMm - deepMm;
      expect(strip.reduce((sum, sheet) => sum + middleMm(sheet), 0)).toBeCloseTo(wholeMm, 1);
      for (const sheet of strip)
        for (const alongMm of sheet.along) {
          // The corners of a gusset's panels are eased into its round.
          if (kind === 'gusset' && sheet.at(0, alongMm).y < 45) continue;
          expect(rowMm(sheet, alongMm) / (2 * sheet.halfMm(alongMm)), `${sheet.mark} at ${alongMm}`).toBeCloseTo(1, 3);
        }
    },
  );

  it('has front and back meet at the side seams, a thickness of fabric apart', () => {
    const { sheets } = foldBag(carrying('fold-over-strip', 24), { state: 'loaded', flap: 1 });
    const front = sheets.find(({ mark }) => mark === 'part.front') as FoldedSheet;
    const back = sheets.find(({ mark }) => mark === 'part.back') as FoldedSheet;
    const { backEndMm } = stations(carrying('fold-over-strip', 24).pouch);
    for (const downMm of [0, 20, 60]) {
      const apart = distanceOf(front.at(1, downMm), back.at(1, backEndMm - downMm));
      expect(apart).toBeCloseTo(2, 6);
      // In the middle the load holds them apart.
      expect(distanceOf(front.at(0, downMm), back.at(0, backEndMm - downMm))).toBeCloseTo(26, 6);
    }
  });

  it('has the gusset’s sides run along the edges of front and back', () => {
    const { sheets } = foldBag(carrying('gusset', 0), { state: 'empty', flap: 1 });
    const front = sheets.find(({ mark }) => mark === 'part.front') as FoldedSheet;
    const strip = sheets.find(({ mark }) => mark === 'part.gusset') as FoldedSheet;
    const edge = front.along.map((mm) => front.at(1, mm));
    const way = Array.from({ length: 4001 }, (_, k) => strip.at(-1, ((strip.along.at(-1) as number) * k) / 4000));
    for (const point of edge) {
      const nearest = Math.min(...way.map((other) => distanceOf(point, other)));
      // Both are told by chords that lie within 0.25 mm of the round.
      expect(nearest).toBeLessThan(0.3);
    }
  });

  it('has a band whose sides run along the discs’ rims', () => {
    const plan = carrying('round-purse', 0);
    const { sheets } = foldBag(plan, { state: 'empty', flap: 1 });
    const band = sheets.find(({ mark }) => mark === 'part.band') as FoldedSheet;
    const radiusMm = plan.pouch.sectionMm.front / 2;
    for (const mm of band.along) expect(distanceOf(band.at(-1, mm), vec(0, radiusMm, 0))).toBeCloseTo(radiusMm, 6);
  });
});

describe('a flap that is opened', () => {
  const plan = carrying('fold-over-strip', 12);
  const { backEndMm } = stations(plan.pouch);
  const section = plan.section.loaded;
  const endMm = (section.at(-1) as { toMm: number }).toMm;

  it('lies as it did when closed, stands straight up, and keeps its length on the way', () => {
    expect(turnedTail(section, backEndMm, 1)).toEqual(section);
    const hinge = sectionPointAt(section, backEndMm).point;
    const up = sectionPointAt(turnedTail(section, backEndMm, 0), endMm).point;
    expect(up.x).toBeCloseTo(hinge.x, 6);
    expect(up.y - hinge.y).toBeCloseTo(endMm - backEndMm, 6);
    for (const share of [0.99, 0.5, 0.01, -0.5, -1]) {
      const turned = turnedTail(section, backEndMm, share);
      const points = Array.from(
        { length: 3001 },
        (_, k) => sectionPointAt(turned, backEndMm + ((endMm - backEndMm) * k) / 3000).point,
      );
      const lengthMm = points
        .slice(1)
        .reduce((sum, { x, y }, k) => sum + Math.hypot(x - (points[k]?.x ?? 0), y - (points[k]?.y ?? 0)), 0);
      expect(lengthMm).toBeCloseTo(endMm - backEndMm, 3);
    }
  });

  it('is almost closed when it is almost not open', () => {
    const closed = sectionPointAt(section, endMm).point;
    const nearly = sectionPointAt(turnedTail(section, backEndMm, 1 - 1e-7), endMm).point;
    expect(Math.hypot(closed.x - nearly.x, closed.y - nearly.y)).toBeLessThan(1e-3);
  });
});

describe('a grid of a sheet', () => {
  it('has its ways outward one millimetre long and away from what is in the bag', () => {
    for (const kind of BODY_KINDS) {
      const plan = carrying(kind, 10);
      for (const sheet of foldBag(plan, { state: 'loaded', flap: 1 }).sheets) {
        if (sheet.mark === 'part.bridge' || sheet.mark === 'part.flap') continue;
        const middle = vec(plan.pouch.depthMm / 2 || 6, plan.pouch.sectionMm.front / 2, 0);
        // The lower corners of a bag that is folded flat stick out as ears and turn every way.
        const isFlatBag = plan.pouch.depthMm === 0;
        const grid = sheetGrid(sheet);
        for (let j = 0; j < grid.rows; j += 1)
          for (let i = 0; i < grid.columns; i += 1) {
            if (isFlatBag && i !== (grid.columns - 1) / 2) continue;
            const [point, outward] = [gridPoint(grid, i, j), gridOutward(grid, i, j)];
            expect(distanceOf(outward, vec(0, 0, 0))).toBeCloseTo(1, 6);
            const out =
              (point.x - middle.x) * outward.x + (point.y - middle.y) * outward.y + (point.z - middle.z) * outward.z;
            expect(out, `${kind} ${sheet.mark}`).toBeGreaterThan(-1e-6);
          }
      }
    }
  });
});

describe('a scalloped flap with a border', () => {
  const scalloped = (edgings: Design['edgings']) =>
    carrying('fold-over-strip', 12, (design) => ({
      ...design,
      closures: [],
      flap: { kind: 'scalloped', dropMm: 90, widthMm: null, scallops: 3, depthMm: 24, hemMm: null },
      edgings,
    }));
  /** The scallops: the sheets of the flap that do not lie about its middle, and the one that lies lowest there. */
  const lobes = (plan: ReturnType<typeof planOf>) => {
    const flaps = foldBag(plan, { state: 'loaded', flap: 1 }).sheets.filter(({ mark }) => mark === 'part.flap');
    return flaps.slice(-3);
  };

  it('is longer and wider by it at each scallop’s end, and its scallops never lie on each other', () => {
    const bare = lobes(scalloped([]));
    const plan = scalloped([usualEdging('single', 'flap')]);
    const edged = lobes(plan);
    const { flapMm } = plan.pouch.borders;
    expect(flapMm).toBeGreaterThan(2);
    const lengthMm = ({ fromMm, toMm }: FoldedSheet) => toMm - fromMm;
    edged.forEach((sheet, index) => {
      const before = bare[index] as FoldedSheet;
      // The flap may have a row fewer where a border takes its place.
      const rows = Math.round((lengthMm(sheet) - flapMm) / plan.pouch.rowMm);
      expect(lengthMm(sheet)).toBeCloseTo(rows * plan.pouch.rowMm + flapMm, 6);
      expect(sheet.halfMm(sheet.toMm)).toBeCloseTo(before.halfMm(before.toMm) + flapMm, 6);
    });
    for (const [one, next] of [edged.slice(0, 2), edged.slice(1)] as [FoldedSheet, FoldedSheet][])
      for (const along of one.along) expect(one.at(1, along).z).toBeLessThanOrEqual(next.at(-1, along).z + 1e-6);
  });
});
