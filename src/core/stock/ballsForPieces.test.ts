import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { BODY_KINDS } from '@/core/body';
import { bagOf } from '@/core/testing/bodies';
import { planOf, triedStrap } from '@/core/testing/designs';
import { USUAL_STOCK, ballsForPieces, ballsOf, piecesOfYarn, stockItemSchema, type Ball, type PieceOfYarn } from '.';

const pieces = (...masses: number[]): PieceOfYarn[] =>
  masses.map((massG, index) => ({ name: `Piece ${index}`, massG }));
const balls = (...masses: number[]): Ball[] => masses.map((massG, index) => ({ name: `Ball ${index}`, massG }));
const joins = (found: ReturnType<typeof ballsForPieces>): number =>
  found.filter(({ from, lackingG }) => from.length > 1 || lackingG > 0).length;

/** The fewest pieces that have to be joined, by trying every way (the definition). */
function fewestJoins(masses: readonly number[], left: readonly number[], at = 0): number {
  const mass = masses[at];
  if (mass === undefined) return 0;
  const whole = left.map((rest, ball) =>
    rest < mass
      ? Infinity
      : fewestJoins(
          masses,
          left.map((one, index) => (index === ball ? one - mass : one)),
          at + 1,
        ),
  );
  return Math.min(1 + fewestJoins(masses, left, at + 1), ...whole);
}

describe('which piece is worked from which ball', () => {
  it('is each from one ball where that can be, though the first that has room would be the wrong one', () => {
    // Forty would fit the ball of fifty; then thirty and twenty would have to be joined.
    const found = ballsForPieces(pieces(30, 40, 20), balls(50, 40));
    expect(joins(found)).toBe(0);
    expect(found.map(({ from }) => from[0]?.ball)).toEqual([0, 1, 0]);
  });

  it('joins what fits no ball, and says what is lacking', () => {
    const [one] = ballsForPieces(pieces(90), balls(50, 20));
    expect(one).toMatchObject({
      from: [
        { ball: 0, massG: 50 },
        { ball: 1, massG: 20 },
      ],
      lackingG: 20,
    });
    expect(ballsForPieces(pieces(10), [])[0]).toMatchObject({ from: [], lackingG: 10 });
  });

  it('uses no ball beyond what is on it, works every piece whole, and joins as few as any way does', () => {
    const masses = (most: number) => fc.array(fc.integer({ min: 1, max: 60 }), { maxLength: most });
    fc.assert(
      fc.property(masses(5), masses(4), (ofPieces, ofBalls) => {
        const found = ballsForPieces(pieces(...ofPieces), balls(...ofBalls));
        const used = ofBalls.map(() => 0);
        found.forEach(({ piece, from, lackingG }, index) => {
          expect(piece.massG).toBe(ofPieces[index]);
          expect(from.reduce((sum, { massG }) => sum + massG, lackingG)).toBeCloseTo(piece.massG, 6);
          for (const { ball, massG } of from) used[ball] = (used[ball] ?? 0) + massG;
        });
        used.forEach((massG, ball) => expect(massG).toBeLessThanOrEqual((ofBalls[ball] as number) + 1e-6));
        expect(joins(found)).toBeLessThanOrEqual(fewestJoins(ofPieces, ofBalls));
        const inAll = ofBalls.reduce((sum, one) => sum + one, 0);
        const needed = ofPieces.reduce((sum, one) => sum + one, 0);
        expect(found.reduce((sum, { lackingG }) => sum + lackingG, 0)).toBeCloseTo(Math.max(0, needed - inAll), 6);
      }),
    );
  });
});

describe.each(BODY_KINDS)('what of the yarn is in each piece: %s', (kind) => {
  const design = bagOf(kind);
  const weighed = {
    ...design,
    straps: [triedStrap()],
    swatch: { ...design.swatch, weighed: { massG: 10, widthMm: 100, heightMm: 100 } },
  };
  const plan = planOf(weighed);

  it('comes together to what the fabric weighs, with its ±', () => {
    const all = piecesOfYarn(plan, (id) => id);
    const fabric = plan.yarn.figures?.fabric;
    // What is worked on to the pieces, as feet and borders are, is none of them.
    const apart = plan.fittings.flatMap(({ workedOn }) => workedOn).reduce((sum, { value }) => sum + value, 0);
    const each = (plan.yarn.figures?.massPerArea.value ?? NaN) / 1e6;
    expect(all?.reduce((sum, { massG }) => sum + massG, 0)).toBeCloseTo(
      ((fabric?.value ?? NaN) - apart * each) * (1 + (fabric?.plusMinus ?? NaN) / (fabric?.value ?? NaN)),
      6,
    );
  });

  it('is asked of the balls in store, opened ones first; of new ones where there is none', () => {
    const name = plan.yarn.lots[0]?.name ?? '';
    const yarn = stockItemSchema.parse({
      ...USUAL_STOCK.yarn,
      id: 'own',
      name,
      ballMassG: 50,
      balls: 2,
      openedG: [12],
      dyeLot: '7',
    });
    expect(ballsOf(plan.yarn, [yarn]).map(({ massG }) => massG)).toEqual([12, 50, 50]);
    expect(ballsOf(plan.yarn, [yarn])[0]?.name).toContain('lot 7');
    expect(ballsOf(plan.yarn, [])).toHaveLength(plan.yarn.lots[0]?.balls.value ?? NaN);
    expect(piecesOfYarn(planOf(design), (id) => id)).toEqual(design.swatch.weighed ? expect.anything() : null);
  });
});
