import DxfParser, { type IPolylineEntity, type ITextEntity } from 'dxf-parser';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { rectangle, ringBounds, stadiumRing } from '@/core/cutting';
import { usualDropIn, usualLining, type Design } from '@/core/design';
import { BODY_KINDS } from '@/core/body';
import { bagOf } from '@/core/testing/bodies';
import { planOf } from '@/core/testing/designs';
import type { Shape } from '../shape';
import { dxfOf } from './dxfOf';
import { paperPaths } from './paperPaths';
import { paperSheet, type NamedPiece } from './paperSheet';
import { svgOf } from './svgOf';
import { OVERLAP_MM, shownOn, tiles } from './tiles';

const piecesOf = (design: Design): NamedPiece[] =>
  (planOf(design).lining?.patterns ?? []).map((piece) => ({ ...piece, name: piece.id, notes: ['Cut 1'] }));

describe('pages of a sheet', () => {
  const size = fc.double({ min: 20, max: 3000, noNaN: true });
  const paper = fc.constantFrom('a4' as const, 'a3' as const, 'letter' as const);

  it('cover all of it, overlap by what is glued, and are no more than needed', () => {
    fc.assert(
      fc.property(size, size, paper, fc.boolean(), (widthMm, heightMm, name, landscape) => {
        const all = tiles({ widthMm, heightMm }, name, landscape);
        const { widthMm: wide, heightMm: high } = shownOn(name, landscape);
        const columns = Math.max(...all.map(({ column }) => column)) + 1;
        const rows = Math.max(...all.map(({ row }) => row)) + 1;
        expect(all).toHaveLength(columns * rows);
        const reach = (count: number, page: number) => count * page - (count - 1) * OVERLAP_MM;
        expect(reach(columns, wide)).toBeGreaterThanOrEqual(widthMm - 1e-6);
        expect(reach(rows, high)).toBeGreaterThanOrEqual(heightMm - 1e-6);
        if (columns > 1) expect(reach(columns - 1, wide)).toBeLessThan(widthMm);
        if (rows > 1) expect(reach(rows - 1, high)).toBeLessThan(heightMm);
        for (const { x, column } of all) expect(x).toBeCloseTo(column * (wide - OVERLAP_MM), 9);
        expect(new Set(all.map(({ name: page }) => page)).size).toBe(all.length);
      }),
    );
  });
});

describe('pieces on a sheet', () => {
  it.each(BODY_KINDS)('%s: none lies on another, and none beyond the sheet', (kind) => {
    for (const lining of [usualLining(), usualDropIn()]) {
      const pieces = piecesOf({ ...bagOf(kind), lining });
      const { box, shapes } = paperSheet(pieces, 700);
      const boxes = shapes
        .filter(({ role }) => role === 'load')
        .map((shape) => {
          const points = paperPaths(shape).flatMap(({ points: all }) => all);
          const [xs, ys] = [points.map(({ x }) => x), points.map(({ y }) => y)];
          return [Math.min(...xs), Math.max(...xs), Math.min(...ys), Math.max(...ys)] as const;
        });
      expect(boxes).toHaveLength(pieces.length);
      boxes.forEach(([left, right, top, bottom], index) => {
        expect(left).toBeGreaterThanOrEqual(-1e-6);
        expect(right).toBeLessThanOrEqual(box.widthMm + 1e-6);
        expect(bottom).toBeLessThanOrEqual(box.heightMm + 1e-6);
        for (const [l, r, t, b] of boxes.slice(0, index))
          expect(left >= r || right <= l || top >= b || bottom <= t).toBe(true);
      });
    }
  });
});

describe('a circle and an arc on paper', () => {
  it('lie no further from their chords than a hundredth of a millimetre', () => {
    fc.assert(
      fc.property(fc.double({ min: 1, max: 500, noNaN: true }), (radiusMm) => {
        const [path] = paperPaths({ kind: 'circle', role: 'load', layer: 'cloth', x: 3, y: 4, radiusMm });
        const points = path?.points ?? [];
        points.forEach(({ x, y }, index) => {
          expect(Math.hypot(x - 3, y - 4)).toBeCloseTo(radiusMm, 6);
          const next = points[(index + 1) % points.length] ?? { x, y };
          const sag = radiusMm - Math.hypot((x + next.x) / 2 - 3, (y + next.y) / 2 - 4);
          expect(sag).toBeLessThanOrEqual(0.01);
        });
      }),
    );
  });

  it('an arc of an SVG path is cut into chords on its circle, from end to end, the way it turns', () => {
    // A quarter of a circle of 10 mm about (10, 0), clockwise on paper from (0, 0) to (10, -10).
    const [path] = paperPaths({
      kind: 'path',
      role: 'load',
      layer: 'cloth',
      closed: false,
      segments: [
        { to: 'move', x: 0, y: 0 },
        { to: 'arc', radiusMm: 10, sweep: true, large: false, x: 10, y: -10 },
      ],
    });
    const points = path?.points ?? [];
    expect(points[0]).toEqual({ x: 0, y: 0 });
    expect(points.at(-1)).toEqual({ x: 10, y: -10 });
    for (const { x, y } of points) expect(Math.hypot(x - 10, y)).toBeCloseTo(10, 6);
  });
});

describe('files that leave', () => {
  const pieces: NamedPiece[] = [rectangle(120, 80), stadiumRing(160, 70)].map((seam, index) => ({
    id: `p${index}`,
    copies: 1,
    seam,
    cut: seam,
    marks: [{ kind: 'notch', at: [0, 0], to: [0, -6] }],
    grain: 'up',
    name: `Piece ${index} & "its" <name>`,
    notes: [],
  }));
  const sheet = paperSheet(pieces, 400);
  /** Every point of the cut lines as they are drawn on the sheet. */
  const wanted = sheet.shapes
    .filter(({ role }) => role === 'load')
    .flatMap(paperPaths)
    .flatMap(({ points }) => points);

  it('an SVG is as large as it says in millimetres, and every point of its cut lines lies where it belongs', () => {
    const svg = svgOf(sheet, 'Test');
    const [, width, height] = /width="([\d.]+)mm" height="([\d.]+)mm"/.exec(svg) ?? [];
    expect(Number(width)).toBeCloseTo(sheet.box.widthMm, 2);
    expect(Number(height)).toBeCloseTo(sheet.box.heightMm, 2);
    const drawn = [...svg.matchAll(/ d="([^"]+)"[^>]*stroke-width="0.5"/g)].flatMap(([, d]) =>
      [...(d ?? '').matchAll(/[ML](-?[\d.]+) (-?[\d.]+)/g)].map(([, x, y]) => [Number(x), Number(y)] as const),
    );
    expect(drawn).toHaveLength(wanted.length);
    drawn.forEach(([x, y], index) => {
      const at = wanted[index] ?? { x: NaN, y: NaN };
      expect(Math.hypot(x - at.x, y - at.y)).toBeLessThan(0.01);
    });
    expect(svg).toContain('Piece 0 &amp; &quot;its&quot; &lt;name&gt;');
  });

  it('a DXF has its cut lines on their layer, in millimetres, each point where it belongs, up instead of down', () => {
    const text = dxfOf(sheet);
    const read = new DxfParser().parseSync(text);
    const points = (read?.entities ?? []).flatMap((entity) =>
      entity.type === 'POLYLINE' && entity.layer === 'CUT' ? (entity as IPolylineEntity).vertices : [],
    );
    expect(points).toHaveLength(wanted.length);
    for (const { x, y } of wanted)
      expect(Math.min(...points.map((at) => Math.hypot(at.x - x, sheet.box.heightMm - at.y - y)))).toBeLessThan(0.01);
    expect(read?.header).toMatchObject({ $INSUNITS: 4, $ACADVER: 'AC1009' });
    expect(Object.keys(read?.tables.layer.layers ?? {}).sort()).toEqual(
      [...new Set(read?.entities.map(({ layer }) => layer))].sort(),
    );
    const { heightMm } = ringBounds(pieces[0]?.cut ?? []);
    expect(heightMm).toBe(80);
    const written = (read?.entities ?? []).flatMap((entity) =>
      entity.type === 'TEXT' ? [(entity as ITextEntity).text] : [],
    );
    expect(written).toEqual(sheet.labels.map(({ text }) => text));
  });

  it('a DXF keeps to release 12: nothing that came after it', () => {
    const lines = dxfOf(sheet).split('\n');
    const names = lines.filter((_, index) => index % 2 === 1 && lines[index - 1] === '0');
    expect(names.length).toBeGreaterThan(10);
    // Entities of AutoCAD release 12.
    expect([
      'SECTION',
      'ENDSEC',
      'TABLE',
      'ENDTAB',
      'LTYPE',
      'LAYER',
      'LINE',
      'POLYLINE',
      'VERTEX',
      'SEQEND',
      'TEXT',
      'EOF',
    ]).toEqual(expect.arrayContaining([...new Set(names)]));
  });

  it('lines of two pieces that meet in a point stay two', () => {
    const square = (x: number, y: number): Shape => ({
      ...{ kind: 'rect', role: 'load', layer: 'cloth', x, y, widthMm: 10, heightMm: 10 },
    });
    const read = new DxfParser().parseSync(
      dxfOf({ box: { x: 0, y: 0, widthMm: 20, heightMm: 20 }, shapes: [square(0, 0), square(10, 10)], labels: [] }),
    );
    const vertices = (read?.entities ?? []).map((entity) => (entity as IPolylineEntity).vertices.length);
    expect(vertices).toEqual([4, 4]);
  });
});
