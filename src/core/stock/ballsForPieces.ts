/** Something that is worked in one go, and what of the yarn is in it, g. */
export interface PieceOfYarn {
  name: string;
  massG: number;
}

/** A ball, whole or opened, and what is on it, g. */
export interface Ball {
  name: string;
  massG: number;
}

/** From which balls a piece is worked, one after the other; more than one where yarn has to be joined in it. */
export interface PieceFromBalls {
  piece: PieceOfYarn;
  from: { ball: number; massG: number }[];
  /** What no ball is left for, g. */
  lackingG: number;
}

/** So many steps are looked at; beyond, the best found so far is taken. */
const MOST_STEPS = 200_000;
/** Grams closer than this are the same: no scale of a kitchen tells them apart. */
const SAME_G = 1e-9;

/**
 * Which piece is worked from which ball, so that as few pieces as can be have yarn joined in them: a join in the middle of a face shows, and another dye lot does so more. Whole pieces are laid into
 * balls, all ways of doing so being looked through; what fits no ball is worked from what is left, the largest rest first.
 *
 * @param balls in the order in which they are to be used up: opened ones first
 *
 * @example
 * ballsForPieces([{ name: 'Front', massG: 30 }, { name: 'Back', massG: 30 }], [{ name: 'opened', massG: 35 }, { name: 'new', massG: 50 }]).map(({ from }) => from.map(({ ball }) => ball)) // => [[0], [1]]
 */
export function ballsForPieces(pieces: readonly PieceOfYarn[], balls: readonly Ball[]): PieceFromBalls[] {
  const order = pieces.map((_, index) => index).sort((a, b) => massOf(pieces, b) - massOf(pieces, a) || a - b);
  const laid = wholeIn(
    order.map((index) => massOf(pieces, index)),
    balls,
  );
  const left = balls.map(({ massG }) => massG);
  const found = new Map<number, PieceFromBalls>();
  order.forEach((index, at) => {
    const ball = laid[at] ?? null;
    if (ball === null) return;
    const piece = pieces[index] as PieceOfYarn;
    left[ball] = (left[ball] as number) - piece.massG;
    found.set(index, { piece, from: [{ ball, massG: piece.massG }], lackingG: 0 });
  });
  for (const index of order) if (!found.has(index)) found.set(index, joined(pieces[index] as PieceOfYarn, left));
  return pieces.map((_, index) => found.get(index) as PieceFromBalls);
}

const massOf = (pieces: readonly PieceOfYarn[], index: number): number => pieces[index]?.massG ?? 0;

/** Which ball each piece is whole in, by place; null where it has to be joined. As few as can be are joined. */
function wholeIn(masses: readonly number[], balls: readonly Ball[]): (number | null)[] {
  let best: (number | null)[] = masses.map(() => null);
  let fewest = masses.length;
  let steps = 0;
  const now: (number | null)[] = [];
  const left = balls.map(({ massG }) => massG);
  const go = (at: number, joins: number) => {
    steps += 1;
    if (joins >= fewest || steps > MOST_STEPS) return;
    const mass = masses[at];
    if (mass === undefined) {
      best = [...now];
      fewest = joins;
      return;
    }
    const tried = new Set<number>();
    for (let ball = 0; ball < left.length; ball += 1) {
      const rest = left[ball] as number;
      // Balls with as much on them are one to a piece.
      if (rest + SAME_G < mass || tried.has(rest)) continue;
      tried.add(rest);
      now.push(ball);
      left[ball] = rest - mass;
      go(at + 1, joins);
      left[ball] = rest;
      now.pop();
    }
    now.push(null);
    go(at + 1, joins + 1);
    now.pop();
  };
  go(0, 0);
  return best;
}

/** A piece worked from what is left on the balls, the largest rest first. */
function joined(piece: PieceOfYarn, left: number[]): PieceFromBalls {
  const from: PieceFromBalls['from'] = [];
  let lackingG = piece.massG;
  while (lackingG > SAME_G) {
    const ball = left.reduce((most, rest, index) => (rest > (left[most] ?? 0) ? index : most), 0);
    const rest = left[ball] ?? 0;
    if (rest <= SAME_G) break;
    const massG = Math.min(rest, lackingG);
    from.push({ ball, massG });
    left[ball] = rest - massG;
    lackingG -= massG;
  }
  return { piece, from, lackingG: Math.max(0, lackingG <= SAME_G ? 0 : lackingG) };
}
