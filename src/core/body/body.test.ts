import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { applyEdits, patternOf } from '@/core/design';
import {
  baseDepthMm,
  bridgeLengthMm,
  heightFromSideMm,
  sectionPieces,
  sectionPointAt,
  sideForHeightMm,
  topDepthMm,
} from '@/core/section';
import { designAt, planOf, plannableDesign } from '@/core/testing/designs';
import {
  centreOf,
  moveLineEdits,
  offsetOf,
  panelLines,
  placeAt,
  releaseRowsEdits,
  rowAt,
  rowMiddleMm,
  wantedSizeEdits,
} from '.';

describe('folding', () => {
  const layers = { fabricMm: 2.6, liningMm: 0.4 };

  it('gives the strip back exactly when nothing is thick', () => {
    const none = { fabricMm: 0, liningMm: 0 };
    expect(heightFromSideMm(137, baseDepthMm(none, 0), 0)).toBe(137);
    expect(bridgeLengthMm(none, 0, 'soft')).toBe(0);
  });

  it('bridges between d for a stiff box and the half circle πd/2 for soft contents', () => {
    const depth = topDepthMm(layers, 24);
    expect(bridgeLengthMm(layers, 24, 'stiff')).toBe(depth);
    expect(bridgeLengthMm(layers, 24, 'soft')).toBeCloseTo((Math.PI * depth) / 2, 12);
  });

  it('never bridges less for a thicker load', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0, max: 100, noNaN: true }),
        fc.double({ min: 0, max: 50, noNaN: true }),
        fc.constantFrom('soft' as const, 'stiff' as const),
        (loadMm, moreMm, firmness) => {
          expect(bridgeLengthMm(layers, loadMm + moreMm, firmness)).toBeGreaterThanOrEqual(
            bridgeLengthMm(layers, loadMm, firmness),
          );
        },
      ),
    );
  });

  it('finds the side for a height and the height for a side', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 40, max: 500, noNaN: true }),
        fc.double({ min: 0, max: 40, noNaN: true }),
        fc.double({ min: 0, max: 8, noNaN: true }),
        (height, depth, fabric) => {
          expect(heightFromSideMm(sideForHeightMm(height, depth, fabric), depth, fabric)).toBeCloseTo(height, 9);
        },
      ),
    );
  });
});

describe('the section', () => {
  const input = {
    frontMm: 140,
    backMm: 146,
    tailMm: 110,
    layers: { fabricMm: 2.4, liningMm: 0.3 },
    loadMm: 18,
    firmness: 'soft' as const,
    depthMm: 0,
    baseMm: 0,
    corners: [],
  };

  /** Length by walking along in small straight steps: independent of how pieces are made. */
  const walkedLength = (pieces: ReturnType<typeof sectionPieces>, steps = 20_000) => {
    const end = pieces.at(-1)?.toMm ?? 0;
    let length = 0;
    let before = sectionPointAt(pieces, 0).point;
    for (let step = 1; step <= steps; step += 1) {
      const { point } = sectionPointAt(pieces, (end * step) / steps);
      length += Math.hypot(point.x - before.x, point.y - before.y);
      before = point;
    }
    return length;
  };

  it.each(['soft', 'stiff'] as const)('is as long as the strip, %s load, by numerical integration', (firmness) => {
    const pieces = sectionPieces({ ...input, firmness });
    expect(pieces.at(-1)?.toMm).toBeCloseTo(140 + 146 + 110, 9);
    // A stiff load's corners are the only places where the walked length may cut across.
    expect(walkedLength(pieces)).toBeCloseTo(396, firmness === 'soft' ? 3 : 0);
  });

  it('runs on without a gap, for any strip that can be folded', () => {
    fc.assert(
      fc.property(
        fc.record({
          frontMm: fc.double({ min: 90, max: 300, noNaN: true }),
          backMm: fc.double({ min: 90, max: 300, noNaN: true }),
          tailMm: fc.double({ min: 1, max: 300, noNaN: true }),
          loadMm: fc.double({ min: 0, max: 60, noNaN: true }),
          firmness: fc.constantFrom('soft' as const, 'stiff' as const),
        }),
        (made) => {
          const pieces = sectionPieces({ ...input, ...made });
          for (const [index, piece] of pieces.slice(1).entries()) {
            const before = pieces[index] as (typeof pieces)[number];
            expect(piece.fromMm).toBeCloseTo(before.toMm, 9);
            const end = sectionPointAt([before], before.toMm).point;
            const start = sectionPointAt([piece], piece.fromMm).point;
            expect(Math.hypot(end.x - start.x, end.y - start.y)).toBeLessThan(1e-6);
          }
        },
      ),
    );
  });

  it('turns outward: the front looks to the front, the back to the back, the base down', () => {
    const pieces = sectionPieces(input);
    expect(sectionPointAt(pieces, 10).outward.x).toBeCloseTo(-1, 9);
    expect(sectionPointAt(pieces, 140).outward.y).toBeCloseTo(-1, 9);
    expect(sectionPointAt(pieces, 270).outward.x).toBeCloseTo(1, 9);
    expect(sectionPointAt(pieces, 390).outward.x).toBeCloseTo(-1, 9);
  });

  it('leaves the flap outside the front, touching it', () => {
    const pieces = sectionPieces(input);
    const flap = sectionPointAt(pieces, 390).point;
    const { fabricMm, liningMm } = input.layers;
    // Between the middles of the fabrics: half the front, the flap's lining, half the flap.
    expect(-flap.x).toBeCloseTo(fabricMm + liningMm, 9);
  });

  it('refuses a strip too short to get round the base', () => {
    expect(() => sectionPieces({ ...input, frontMm: 10, loadMm: 60 })).toThrow(RangeError);
  });
});

describe('places across a row', () => {
  it('has the middle of 15 on the 8th, of 26 after the 13th', () => {
    // Arithmetic, given as common practice.
    expect(centreOf(15)).toEqual({ kind: 'on', stitch: 8 });
    expect(centreOf(26)).toEqual({ kind: 'between', after: 13 });
  });

  it('has the middle at half the width, for any count', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 600 }), fc.double({ min: 1, max: 20, noNaN: true }), (count, stitchMm) => {
        expect(offsetOf(centreOf(count), stitchMm)).toBeCloseTo((count * stitchMm) / 2, 9);
      }),
    );
  });

  it('is never more than a quarter stitch from where it was wished', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0, max: 900, noNaN: true }),
        fc.double({ min: 1, max: 20, noNaN: true }),
        (wished, stitchMm) => {
          expect(Math.abs(offsetOf(placeAt(wished, stitchMm), stitchMm) - wished)).toBeLessThanOrEqual(
            stitchMm / 4 + 1e-9,
          );
        },
      ),
    );
  });
});

describe('rows', () => {
  it('are found again from their middles', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 900 }), fc.double({ min: 1, max: 20, noNaN: true }), (row, rowMm) => {
        expect(rowAt(rowMiddleMm(row, rowMm), rowMm)).toBe(row);
      }),
    );
  });
});

describe('the fold-over strip', () => {
  it('comes out to the stitch and row on a worked example', () => {
    // 5 mm stitches and rows, fabric without thickness, no load: 200 wide is 40 stitches and ¼ more a side, 40.5 → 41;
    // 150 high is 30 rows; a drop of 90 is 18 rows; nothing is needed to bridge the top.
    const plan = planOf(
      designAt(5, 5, 0.2, (design) => ({
        ...design,
        contents: { ...design.contents, thicknessMm: 0 },
        body: { ...design.body, widthMm: 200, heightMm: 150 },
        flap: { kind: 'straight', dropMm: 90, widthMm: null, hemMm: null },
      })),
    );
    expect(plan.pouch.stitchCount).toBe(41);
    expect(plan.pouch.figures.startingChain?.value).toBe(42);
    expect([plan.pouch.frontRows, plan.pouch.backRows, plan.flap.bridgeRows, plan.flap.flapRows]).toEqual([
      30, 30, 0, 18,
    ]);
  });

  it('adds its parts up to the panel, and keeps finished sizes within half a repeat or row', () => {
    fc.assert(
      fc.property(plannableDesign, (design) => {
        const { pouch, flap } = planOf(design);
        expect(pouch.frontRows + pouch.backRows + flap.bridgeRows + flap.flapRows).toBe(flap.totalRows);
        expect(flap.figures.panelLength.value).toBeCloseTo(flap.totalRows * pouch.rowMm, 6);
        const off = (planned: number, wanted: number) => Math.abs(planned - wanted);
        const halfRepeatMm = (patternOf(design).repeatStitches / 2) * pouch.stitchMm;
        expect(off(pouch.figures.width.value, design.body.widthMm)).toBeLessThanOrEqual(halfRepeatMm + 1e-6);
        expect(off(pouch.figures.height.value, design.body.heightMm)).toBeLessThanOrEqual(pouch.rowMm / 2 + 1e-6);
        // The flap has at least one row, which can be more than was wanted of it.
        const tailRows = flap.bridgeRows + flap.flapRows;
        const wantedTail = (flap.bridgeMm.loaded + design.flap.dropMm) / pouch.rowMm;
        if (flap.flapRows > 1) expect(Math.abs(tailRows - wantedTail)).toBeLessThanOrEqual(0.5 + 1e-6);
      }),
      { numRuns: 300 },
    );
  });

  it('never makes the flap cover more for a thicker load', () => {
    fc.assert(
      fc.property(plannableDesign, (design) => {
        const { dropMm } = planOf(design).flap;
        expect(dropMm.loaded).toBeLessThanOrEqual(dropMm.empty + 1e-9);
      }),
    );
  });
});

describe('moving a line', () => {
  const planned = (edits: ReturnType<typeof moveLineEdits>, design: Parameters<typeof applyEdits>[0]) => {
    const read = applyEdits(design, edits);
    if (!read.ok) throw new Error(read.faults[0]?.sentence);
    return { design: read.design, plan: planOf(read.design) };
  };

  it('goes to the row it is moved to, for every line and any design', () => {
    fc.assert(
      fc.property(
        plannableDesign,
        fc.boolean(),
        fc.nat({ max: 3 }),
        fc.double({ min: 0, max: 1, noNaN: true }),
        (base, isOpen, pick, share) => {
          const design = isOpen ? { ...base, flap: { ...base.flap, kind: 'none' as const } } : base;
          const plan = planOf(design);
          const lines = panelLines(plan);
          const line = lines[pick % lines.length] as (typeof lines)[number];
          const { id } = line;
          const row = Math.round(line.leastRow + share * (line.mostRow - line.leastRow));
          const moved = planned(moveLineEdits(plan, id, row), design);
          const now = panelLines(moved.plan).find((candidate) => candidate.id === id);
          expect(now?.afterRow).toBe(row);
          if (id !== 'edge.flap' && id !== 'edge.back') expect(moved.plan.flap.totalRows).toBe(plan.flap.totalRows);
        },
      ),
      { numRuns: 200 },
    );
  });

  it('stops at its limits instead of breaking the bag', () => {
    const design = designAt(5, 5, 2);
    const plan = planOf(design);
    for (const { id } of panelLines(plan))
      for (const row of [-1000, 100_000]) expect(() => planned(moveLineEdits(plan, id, row), design)).not.toThrow();
  });

  it('is let go again by releasing the rows, or by a newly wanted size', () => {
    const design = designAt(5, 5, 2);
    const plan = planOf(design);
    const moved = planned(moveLineEdits(plan, 'fold.base', 20), design);
    expect(moved.plan.pouch.frontRows).toBe(20);
    expect(planned(releaseRowsEdits(), moved.design).plan.pouch.frontRows).toBe(plan.pouch.frontRows);
    const resized = planned(wantedSizeEdits(moved.plan.contents.settled, 'height', design.body.heightMm), moved.design);
    expect(resized.plan.pouch.frontRows).toBe(plan.pouch.frontRows);
  });
});
