import { withinSidesMm, type Layers } from '@/core/section';
import type { FoldedBag } from './foldBag';
import type { FoldedSheet } from './sheet';

/** Fabric that faces front or back bounds nothing at the sides. */
const FACES_ASIDE = 0.3;

/** Where the middle of the fabric is, seen from above: x from the front, z out from the middle. */
interface Aside {
  x: number;
  z: number;
}

/**
 * The least room between what goes in and the cloth at its sides, mm; less than nothing where it presses on it. Things that stand out of the
 * bag have room enough there.
 *
 * @returns the room, and the thing that has it; null where nothing is known to lie in the bag, or no cloth is beside it
 */
export function sideRoom(
  bag: Pick<FoldedBag, 'sheets' | 'things'>,
  layers: Layers,
): { roomMm: number; index: number } | null {
  let least: { roomMm: number; index: number } | null = null;
  const outlines = new Map<number, Aside[] | null>();
  const strip = stripRound(bag);
  for (const { index, from, to } of bag.things) {
    if (index === null) continue;
    for (const y of [from.y, to.y]) {
      const known = outlines.get(y);
      const outline = known === undefined ? outlineAt(bag, y) : known;
      outlines.set(y, outline);
      if (outline === null) continue;
      const z = Math.max(Math.abs(from.z), Math.abs(to.z));
      // Round corners of a strip lie below: its lower corners come near them first.
      const besideStrip = strip && y === from.y ? roomWithin(strip, z, y) : Infinity;
      const beside = Math.min(roomBeside(outline, from.x, z), roomBeside(outline, to.x, z), besideStrip);
      const roomMm = beside - layers.fabricMm / 2 - withinSidesMm(layers);
      if (roomMm < (least?.roomMm ?? Infinity)) least = { roomMm, index };
    }
  }
  return least;
}

/** The bag cut through at a height, one half of it from the middle of the front to the middle of the back; null above its mouth. */
function outlineAt({ sheets }: Pick<FoldedBag, 'sheets'>, y: number): Aside[] | null {
  const front = sheets.find(({ mark }) => mark === 'part.front');
  const back = sheets.findLast(({ mark }) => mark === 'part.back');
  if (!front || !back) return null;
  const halves = [halfRowAt(front, y, 'down'), halfRowAt(back, y, 'up')];
  const [first, second] = halves;
  return first && second ? [...first, ...second.reverse()] : null;
}

/** The way of a strip between front and back, seen from the front: around its lower corners what stands in the bag may press on it. */
function stripRound({ sheets }: Pick<FoldedBag, 'sheets'>): { z: number; y: number }[] | null {
  const strip = sheets.find(({ mark }) => mark === 'part.gusset' || mark === 'part.band');
  return strip?.along.map((mm) => strip.at(0, mm)) ?? null;
}

/** How far a point lies within a strip's way; less than nothing where it lies beyond. */
function roomWithin(way: readonly { z: number; y: number }[], z: number, y: number): number {
  // What stands out of the opening presses on nothing there.
  if (y > (way[0]?.y ?? Infinity)) return Infinity;
  let nearest = Infinity;
  let crossings = 0;
  for (let index = 0; index < way.length; index += 1) {
    const from = way[index] as Corner;
    // The mouth, which closes the way, presses on nothing.
    const isMouth = index === way.length - 1;
    const to = (isMouth ? way[0] : way[index + 1]) as Corner;
    const dz = to.z - from.z;
    const dy = to.y - from.y;
    const length = Math.sqrt(dz * dz + dy * dy);
    if (length < 1e-9) continue;
    // What stands on the base may touch it.
    if (!isMouth && Math.abs(dy) / length >= FACES_ASIDE)
      nearest = Math.min(nearest, gapTo(z - from.z, y - from.y, dz, dy, length));
    if (from.y > y !== to.y > y && z < from.z + ((y - from.y) / dy) * dz) crossings += 1;
  }
  // A strip that is hardly there has no side to press on.
  return crossings % 2 === 1 || nearest === Infinity ? nearest : -nearest;
}

interface Corner {
  z: number;
  y: number;
}

/** The distance of a point from a stretch, both told from where the stretch begins. */
function gapTo(px: number, py: number, dx: number, dy: number, length: number): number {
  const share = Math.max(0, Math.min(1, (px * dx + py * dy) / (length * length)));
  const gx = px - share * dx;
  const gy = py - share * dy;
  return Math.sqrt(gx * gx + gy * gy);
}

/** Half of a sheet's row at a height. */
function halfRowAt(sheet: FoldedSheet, y: number, way: 'down' | 'up'): Aside[] | null {
  const { fromMm, toMm } = sheet;
  if (sheet.isRound) {
    const radiusMm = toMm;
    const { x, y: middleY } = sheet.at(0, 0);
    const half = Math.sqrt(Math.max(0, radiusMm ** 2 - (y - middleY) ** 2));
    return [
      { x, z: 0 },
      { x, z: half },
    ];
  }
  const mouthMm = way === 'down' ? fromMm : toMm;
  const fromMouthMm = sheet.at(0, mouthMm).y - y;
  if (fromMouthMm < 0) return null;
  const alongMm = way === 'down' ? mouthMm + fromMouthMm : mouthMm - fromMouthMm;
  if (alongMm < fromMm - 1e-6 || alongMm > toMm + 1e-6) return null;
  const shares = sheet.across.filter((share) => share >= 0);
  const row = sheet.rowAt(alongMm);
  return shares.map((share) => {
    const { x, z } = row(share);
    return { x, z };
  });
}

/** How far a point lies within an outline, towards its sides; less than nothing where it lies beyond. */
function roomBeside(outline: readonly Aside[], x: number, z: number): number {
  let nearest = Infinity;
  for (let index = 1; index < outline.length; index += 1) {
    const from = outline[index - 1] as Aside;
    const to = outline[index] as Aside;
    const dx = to.x - from.x;
    const dz = to.z - from.z;
    const length = Math.sqrt(dx * dx + dz * dz);
    // The way runs from the front round the side to the back, so that out is on its left: what faces front or back bounds nothing here.
    if (length < 1e-9 || dx / length < FACES_ASIDE) continue;
    const gap = gapTo(x - from.x, z - from.z, dx, dz, length);
    const beyond = (dx * (z - from.z) - dz * (x - from.x)) / length;
    // The nearest stretch tells on which side of the outline it lies.
    if (gap < Math.abs(nearest)) nearest = beyond > 1e-9 ? -gap : gap;
  }
  return nearest;
}
