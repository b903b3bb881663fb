import type { Room } from './packFront';
import { WAYS, joined, joinedSize, turnedSizes, type Lot, type Size, type Box, type Way } from './packTree';
import type { Random } from '@/core/random';

/** A packing as it is searched: lots are taken from a pile and two of them joined, as in a sum written with its signs last. */
type Token = { thing: number; turn: number } | { way: Way };

/** The thickest loads that are searched for one after the other, as shares of the thickest allowed: flat lots, and piles. */
const THICKNESS_SHARES = [0.06, 0.1, 0.15, 0.2, 0.3, 0.45, 0.7, 1];

/** Loss for each mm over a limit, as a share of a packing's own measure: enough that none is worth it. */
const LOSS_PER_MM = 0.02;

/** Where the search begins to take worse packings, and where it stops doing so, as shares of a packing's own measure. */
const WARMEST = 0.02;
const COLDEST = 0.0002;

/**
 * Good ways to pack more things than can be searched exactly, found by trying changes and keeping what gets better, and at first
 * some of what gets worse. It proves nothing. The same source of chance always gives the same.
 *
 * @param things in any number
 * @param tries changes tried for each thickness; more find better packings
 * @returns after each round the share done; at the end lots of which none needs a smaller bag in every direction
 * Source: simulated annealing over slicing arrangements (Wong and Liu, 1986); its numbers are from memory.
 */
export function* packMany(things: readonly Box[], room: Room, random: Random, tries: number): Generator<number, Lot[]> {
  const turns = things.map(turnedSizes);
  const whole = (index: number): number => Math.floor(random() * index);
  const found: { size: Size; tokens: Token[] }[] = [];

  for (const [round, share] of THICKNESS_SHARES.entries()) {
    const leastThick = Math.max(...turns.map((sizes) => Math.min(...sizes.map(({ thicknessMm }) => thicknessMm))));
    const mostThickMm = Math.max(share * room.mostThickMm, leastThick);
    const measure = ({ widthMm, heightMm, thicknessMm }: Size): number => {
      const acrossMm = widthMm + thicknessMm;
      const upMm = heightMm + thicknessMm / 2;
      const over =
        Math.max(0, thicknessMm - mostThickMm) +
        Math.max(0, acrossMm - room.mostAcrossMm) +
        Math.max(0, upMm - room.mostAcrossMm);
      return acrossMm * (2 * upMm + (Math.PI / 2) * thicknessMm) * (1 + LOSS_PER_MM * over);
    };

    let tokens = inRows(things.length);
    let size = sizeOf(tokens, turns);
    let now = measure(size);
    const from = now;
    for (let tried = 0; tried < tries; tried += 1) {
      const next = changed(tokens, turns, whole);
      const nextSize = sizeOf(next, turns);
      const then = measure(nextSize);
      const warmth = WARMEST * (COLDEST / WARMEST) ** (tried / tries);
      if (then > now && random() >= Math.exp((now - then) / (warmth * from))) continue;
      [tokens, size, now] = [next, nextSize, then];
      keep(found, size, tokens, room);
    }
    yield (round + 1) / THICKNESS_SHARES.length;
  }
  return found.map(({ tokens }) => lotOf(tokens, turns));
}

/** Up to so many things lie in one layer to begin with. */
const ONE_LAYER = 16;
const IN_A_ROW = 4;

/**
 * To begin with: things beside each other in rows of four, the rows above each other; of many things layers of such rows behind each
 * other, about as many of each, so that a first try fits a bag where anything does.
 */
function inRows(count: number): Token[] {
  const inRow = count > ONE_LAYER ? Math.ceil(Math.cbrt(count)) : IN_A_ROW;
  const inLayer = count > ONE_LAYER ? inRow * inRow : count;
  const tokens: Token[] = [];
  for (let thing = 0; thing < count; thing += 1) {
    tokens.push({ thing, turn: 0 });
    const isLast = thing === count - 1;
    if (thing % inRow > 0) tokens.push({ way: 'beside' });
    const atInLayer = thing % inLayer;
    if ((thing % inRow === inRow - 1 || isLast) && atInLayer >= inRow) tokens.push({ way: 'above' });
    if ((atInLayer === inLayer - 1 || isLast) && thing >= inLayer) tokens.push({ way: 'behind' });
  }
  return tokens;
}

/** One small change: two things change places, one is turned, two lots are joined another way, or a lot is joined sooner or later. */
function changed(tokens: readonly Token[], turns: readonly Size[][], whole: (index: number) => number): Token[] {
  const next = [...tokens];
  const at = whole(next.length);
  const token = next[at] as Token;
  if ('way' in token) {
    if (whole(2) === 0) {
      next[at] = { way: WAYS[(WAYS.indexOf(token.way) + 1 + whole(2)) % WAYS.length] as Way };
      return next;
    }
    return exchangedWithNeighbour(next, at);
  }
  const kinds = turns[token.thing]?.length ?? 1;
  if (kinds > 1 && whole(2) === 0) {
    next[at] = { thing: token.thing, turn: (token.turn + 1 + whole(kinds - 1)) % kinds };
    return next;
  }
  const things = next.flatMap((other, index) => ('thing' in other && index !== at ? [index] : []));
  const other = things[whole(things.length)];
  if (other !== undefined) [next[at], next[other]] = [next[other] as Token, token];
  return next;
}

/** Moves a joining one place on or back, where two lots are still there for every joining. */
function exchangedWithNeighbour(tokens: Token[], at: number): Token[] {
  const other = at + 1 < tokens.length ? at + 1 : at - 1;
  const next = [...tokens];
  [next[at], next[other]] = [tokens[other] as Token, tokens[at] as Token];
  let lots = 0;
  for (const token of next) {
    lots += 'way' in token ? -1 : 1;
    if (lots < 1) return tokens;
  }
  return next;
}

function sizeOf(tokens: readonly Token[], turns: readonly Size[][]): Size {
  const pile: Size[] = [];
  for (const token of tokens)
    if ('way' in token) {
      const second = pile.pop() as Size;
      pile.push(joinedSize(token.way, pile.pop() as Size, second));
    } else pile.push(turns[token.thing]?.[token.turn] as Size);
  return pile[0] as Size;
}

function lotOf(tokens: readonly Token[], turns: readonly Size[][]): Lot {
  const pile: Lot[] = [];
  for (const token of tokens)
    if ('way' in token) {
      const second = pile.pop() as Lot;
      pile.push(joined(token.way, pile.pop() as Lot, second));
    } else pile.push({ kind: 'thing', index: token.thing, ...(turns[token.thing]?.[token.turn] as Size) });
  return pile[0] as Lot;
}

function keep(found: { size: Size; tokens: Token[] }[], size: Size, tokens: Token[], room: Room): void {
  if (!fitsRoom(size, room) || found.some((other) => needsNoMore(other.size, size))) return;
  const stays = found.filter((other) => !needsNoMore(size, other.size));
  found.splice(0, found.length, ...stays, { size, tokens });
}

const fitsRoom = ({ widthMm, heightMm, thicknessMm }: Size, { mostAcrossMm, mostThickMm }: Room): boolean =>
  widthMm + thicknessMm <= mostAcrossMm && heightMm + thicknessMm / 2 <= mostAcrossMm && thicknessMm <= mostThickMm;

/** Whether one lot goes into every bag that another goes into. */
const needsNoMore = (one: Size, other: Size): boolean =>
  one.thicknessMm <= other.thicknessMm &&
  one.widthMm + one.thicknessMm <= other.widthMm + other.thicknessMm &&
  one.heightMm + one.thicknessMm / 2 <= other.heightMm + other.thicknessMm / 2;
