import { Circle, Point as GeometryPoint } from '@flatten-js/core';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { radiusMm, type DiscPiece, type OvalPiece } from '@/core/pieces';
import type { Point } from '.';
import { roundPieceDrawing } from './roundPiece';
import { expectWithin, pointsOf } from './testing/points';

const disc = (
  rounds: number,
  increase: number,
  school: DiscPiece['school'],
  kind: DiscPiece['kind'] = 'disc',
): DiscPiece => ({
  kind,
  id: kind === 'disc' ? 'disc' : 'half-disc',
  copies: 1,
  plain: true,
  stitchMm: 5,
  rowMm: 5,
  counts: Array.from({ length: rounds }, (_, round) => increase * (round + 1)),
  increase,
  school,
});

/** How far points are from a circle about a middle, at most; by a geometry library. */
const offCircle = (points: readonly Point[], middle: Point, radius: number): number =>
  Math.max(
    ...points.map(({ x, y }) =>
      Math.abs(
        new Circle(new GeometryPoint(middle.x, middle.y), radius).center.distanceTo(new GeometryPoint(x, y))[0] -
          radius,
      ),
    ),
  );

describe('a disc on paper', () => {
  it('has every round at its distance from the middle, and its outline at the last', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 30 }),
        fc.constantFrom('staggered' as const, 'stacked' as const),
        (rounds, school) => {
          const piece = disc(rounds, 6, school);
          const { box, shapes } = roundPieceDrawing(piece);
          const radius = radiusMm(piece);
          expect([box.widthMm, box.heightMm]).toEqual([2 * radius, 2 * radius]);
          for (const shape of shapes)
            if (shape.role === 'cloth' || shape.role === 'edge')
              expect(offCircle(pointsOf(shape), { x: radius, y: radius }, radius)).toBeLessThan(1e-9);
        },
      ),
      { numRuns: 40 },
    );
  });

  it('marks every increase, in the round that it is made in', () => {
    const piece = disc(9, 6, 'staggered');
    const marks = roundPieceDrawing(piece).shapes.find(({ kind }) => kind === 'dots');
    if (marks?.kind !== 'dots') throw new Error('no marks');
    // Six in each round from the second.
    expect(marks.at).toHaveLength(6 * 8);
    const radius = radiusMm(piece);
    const rounds = marks.at.map(({ x, y }) => Math.hypot(x - radius, y - radius) / piece.rowMm + 0.5);
    for (let round = 2; round <= 9; round += 1)
      expect(rounds.filter((one) => Math.abs(one - round) < 1e-9)).toHaveLength(6);
  });

  it('has its increases in line when they are stacked, and apart when they are staggered', () => {
    /** Between the increases of the last round and those of the one before, as a share of a sixth of the disc. */
    const apart = (school: DiscPiece['school']) => {
      const piece = disc(8, 6, school);
      const marks = roundPieceDrawing(piece).shapes.find(({ kind }) => kind === 'dots');
      if (marks?.kind !== 'dots') throw new Error('no marks');
      const radius = radiusMm(piece);
      const turns = marks.at.map(({ x, y }) => (Math.atan2(y - radius, x - radius) * 6) / (2 * Math.PI));
      const share = (turns[6 * 6 - 1] as number) - (turns[6 * 7 - 1] as number);
      return Math.abs(share - Math.round(share));
    };
    expect(apart('stacked')).toBeLessThan(0.1);
    expect(apart('staggered')).toBeGreaterThan(0.3);
  });

  it('of half a round lies above its straight side', () => {
    const piece = disc(10, 3, 'staggered', 'half-disc');
    const drawing = roundPieceDrawing(piece);
    expectWithin(drawing);
    expect(drawing.box.widthMm).toBeCloseTo(2 * drawing.box.heightMm, 9);
  });
});

describe('an oval on paper', () => {
  const oval = (straightStitches: number, rounds: number): OvalPiece => ({
    kind: 'oval',
    id: 'base',
    copies: 1,
    plain: true,
    stitchMm: 5,
    rowMm: 5,
    straightStitches,
    counts: Array.from({ length: rounds }, (_, round) => 2 * straightStitches + 6 * (round + 1)),
    increase: 6,
    school: 'staggered',
  });

  it('is longer than wide by its chain, which lies along its middle', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 60 }), fc.integer({ min: 1, max: 20 }), (straight, rounds) => {
        const { box, shapes } = roundPieceDrawing(oval(straight, rounds));
        expect(box.widthMm - box.heightMm).toBeCloseTo(straight * 5, 9);
        const chain = shapes.find(({ mark }) => mark === 'base.chain');
        if (!chain) throw new Error('no chain');
        const [from, to] = pointsOf(chain) as [Point, Point];
        expect(to.x - from.x).toBeCloseTo(straight * 5, 9);
        expect([from.y, to.y]).toEqual([box.heightMm / 2, box.heightMm / 2]);
      }),
      { numRuns: 40 },
    );
  });

  it('grows at its ends only', () => {
    const piece = oval(20, 6);
    const { shapes, box } = roundPieceDrawing(piece);
    const marks = shapes.find(({ kind }) => kind === 'dots');
    if (marks?.kind !== 'dots') throw new Error('no marks');
    const [left, right] = [box.heightMm / 2, box.widthMm - box.heightMm / 2];
    for (const { x } of marks.at) expect(x <= left + 1e-9 || x >= right - 1e-9).toBe(true);
  });
});
