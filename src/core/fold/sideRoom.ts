import type { Layers } from '@/core/body';
import type { FoldedBag } from './foldBag';
import type { FoldedSheet } from './sheet';

/** Fabric that faces front or back bounds nothing at the sides. */
const FACES_ASIDE = 0.3;

/** Between these the outline of a round side is asked. */
const ROUND_STOPS = 24;

/** Where the middle of the fabric is, seen from above: x from the front, z out from the middle. */
interface Aside {
  x: number;
  z: number;
}

/**
 * The least room between what goes in and the cloth at its sides, mm; less than nothing where it presses on it. Things that stand out of the
 * bag have room enough there.
 *
 * @returns the room, and the thing that has it; null where nothing is known to lie in the bag
 */
export function sideRoom(bag: FoldedBag, { fabricMm, liningMm }: Layers): { roomMm: number; index: number } | null {
  let least: { roomMm: number; index: number } | null = null;
  const outlines = new Map<number, Aside[] | null>();
  const strip = stripRound(bag);
  for (const { index, from, to } of bag.things) {
    if (index === null) continue;
    for (const y of [from.y, to.y]) {
      const outline = outlines.get(y) ?? outlineAt(bag, y);
      outlines.set(y, outline);
      if (outline === null) continue;
      for (const z of [Math.abs(from.z), Math.abs(to.z)])
        for (const beside of [
          ...[from.x, to.x].map((x) => roomBeside(outline, { x, z })),
          ...(strip ? [roomWithin(strip, { z, y })] : []),
        ]) {
          const roomMm = beside - fabricMm / 2 - liningMm;
          if (least === null || roomMm < least.roomMm) least = { roomMm, index };
        }
    }
  }
  return least;
}

/** The bag cut through at a height, one half of it from the middle of the front to the middle of the back; null above its mouth. */
function outlineAt({ sheets }: FoldedBag, y: number): Aside[] | null {
  const front = sheets.find(({ mark }) => mark === 'part.front');
  const back = sheets.findLast(({ mark }) => mark === 'part.back');
  if (!front || !back) return null;
  const halves = [halfRowAt(front, y, 'down'), halfRowAt(back, y, 'up')];
  const [first, second] = halves;
  return first && second ? [...first, ...second.reverse()] : null;
}

/** The way of a strip between front and back, seen from the front: around its lower corners what stands in the bag may press on it. */
function stripRound({ sheets }: FoldedBag): { z: number; y: number }[] | null {
  const strip = sheets.find(({ mark }) => mark === 'part.gusset' || mark === 'part.band');
  return strip?.along.map((mm) => strip.at(0, mm)) ?? null;
}

/** How far a point lies within a strip's way; less than nothing where it lies beyond. */
function roomWithin(way: readonly { z: number; y: number }[], { z, y }: { z: number; y: number }): number {
  let nearest = Infinity;
  let crossings = 0;
  // What stands out of the opening presses on nothing there.
  if (y > (way[0]?.y ?? Infinity)) return Infinity;
  way.forEach((from, index) => {
    const to = way[(index + 1) % way.length] as typeof from;
    const isMouth = index === way.length - 1;
    const length = Math.hypot(to.z - from.z, to.y - from.y);
    if (length < 1e-9) return;
    const share = ((z - from.z) * (to.z - from.z) + (y - from.y) * (to.y - from.y)) / length ** 2;
    const held = Math.max(0, Math.min(1, share));
    const gap = Math.hypot(z - from.z - held * (to.z - from.z), y - from.y - held * (to.y - from.y));
    // The mouth, which closes the way, presses on nothing; and what stands on the base may touch it.
    if (!isMouth && Math.abs(to.y - from.y) / length >= FACES_ASIDE) nearest = Math.min(nearest, gap);
    if (from.y > y !== to.y > y && z < from.z + ((y - from.y) / (to.y - from.y)) * (to.z - from.z)) crossings += 1;
  });
  return crossings % 2 === 1 ? nearest : -nearest;
}

/** Half of a sheet's row at a height. */
function halfRowAt(sheet: FoldedSheet, y: number, way: 'down' | 'up'): Aside[] | null {
  const end = sheet.along.at(-1) as number;
  if (sheet.isRound) {
    const radiusMm = end;
    const { x, y: middleY } = sheet.at(0, 0);
    const half = Math.sqrt(Math.max(0, radiusMm ** 2 - (y - middleY) ** 2));
    return [
      { x, z: 0 },
      { x, z: half },
    ];
  }
  const mouthMm = way === 'down' ? (sheet.along[0] as number) : end;
  const fromMouthMm = sheet.at(0, mouthMm).y - y;
  if (fromMouthMm < 0) return null;
  const alongMm = way === 'down' ? mouthMm + fromMouthMm : mouthMm - fromMouthMm;
  if (alongMm < (sheet.along[0] as number) - 1e-6 || alongMm > end + 1e-6) return null;
  const shares = sheet.across.filter((share) => share >= 0);
  const fine = shares.length > 2 ? shares : Array.from({ length: ROUND_STOPS + 1 }, (_, k) => k / ROUND_STOPS);
  return fine.map((share) => {
    const { x, z } = sheet.at(share, alongMm);
    return { x, z };
  });
}

/** How far a point lies within an outline, towards its sides; less than nothing where it lies beyond. */
function roomBeside(outline: readonly Aside[], { x, z }: Aside): number {
  let nearest = Infinity;
  outline.slice(1).forEach((to, index) => {
    const from = outline[index] as Aside;
    const length = Math.hypot(to.x - from.x, to.z - from.z);
    if (length < 1e-9) return;
    // The way runs from the front round the side to the back, so that out is on its left.
    const out = { x: -(to.z - from.z) / length, z: (to.x - from.x) / length };
    if (out.z < FACES_ASIDE) return;
    const share = Math.max(
      0,
      Math.min(1, ((x - from.x) * (to.x - from.x) + (z - from.z) * (to.z - from.z)) / length ** 2),
    );
    const gap = Math.hypot(x - from.x - share * (to.x - from.x), z - from.z - share * (to.z - from.z));
    const beyond = (x - from.x) * out.x + (z - from.z) * out.z;
    const room = beyond > 1e-9 ? -gap : gap;
    // The nearest stretch tells on which side of the outline it lies.
    if (Math.abs(room) < Math.abs(nearest)) nearest = room;
  });
  return nearest;
}
