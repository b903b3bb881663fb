import { ringBounds, type PieceMark, type Ring } from '@/core/cutting';
import type { FabricMark } from '@/core/fittings';
import type { PouchStage } from '@/core/stages';
import type { CrochetedStage } from './crocheted';
import type { DropInStage } from './dropIn';
import type { LayOverStage } from './layOver';
import type { LiningPattern } from './liningPattern';

type Lined = DropInStage | LayOverStage | CrochetedStage;
type Sized = Pick<PouchStage, 'sectionMm' | 'borders'>;

/** Where something lies on a wall: how far below the mouth, and from its middle, as seen from outside with the front before her. */
interface OnWall {
  wall: 'front' | 'back';
  downMm: number;
  acrossMm: number;
}

/**
 * A lining whose pieces say where pockets are sewn on, and where what closes the bag lies behind them: to put something stiff there, or to leave it free.
 * Pieces are seen from their right side, which is turned to the inside of the bag.
 */
export function withPlaces<Stage extends Lined>(lining: Stage, marks: readonly FabricMark[], pouch: Sized): Stage {
  const told = marks.filter(
    ({ of, presence, face, stationMm }) =>
      stationMm !== null &&
      presence === 'set' &&
      ((of.group === 'pockets' && face === 'inner') || of.group === 'closures'),
  );
  if (told.length === 0) return lining;
  const patterns = lining.patterns.map((pattern) => {
    const places = told.flatMap((mark) => placesOf(mark, pattern, lining, pouch));
    return places.length === 0 ? pattern : { ...pattern, marks: [...pattern.marks, ...places] };
  });
  return { ...lining, patterns };
}

function placesOf(mark: FabricMark, pattern: LiningPattern, lining: Lined, pouch: Sized): PieceMark[] {
  const at =
    lining.choice.kind === 'drop-in'
      ? inDropIn(mark, pattern, lining as DropInStage, pouch)
      : onCrochet(mark, pattern, pouch);
  return at.flatMap(([x, y]): PieceMark[] => {
    const { form } = mark;
    if (mark.of.group === 'closures')
      return [
        {
          kind: 'spot',
          at: [x, y],
          radiusMm: form.kind === 'disc' || form.kind === 'ring' ? form.radiusMm : 4,
          of: 'closure',
        },
      ];
    if (form.kind !== 'patch') return [];
    const [half, high] = [form.widthMm / 2, form.lengthMm / 2];
    const ring: Ring = [
      [x - half, y - high],
      [x + half, y - high],
      [x + half, y + high],
      [x - half, y + high],
    ];
    return [{ kind: 'outline', ring, of: 'pocket' }];
  });
}

/**
 * On a lining that is cut like the crochet: at the same place along it, as that came out, from the other side. What goes round sides in rounds has the
 * front in its middle, though both faces are one piece of crochet.
 */
function onCrochet(mark: FabricMark, { id, lies, seam }: LiningPattern, pouch: Sized): [number, number][] {
  const { piece, acrossMm, alongMm } = mark;
  if (piece !== id || !lies) return [];
  const y = lies.lowMm + (alongMm - lies.originMm) * lies.along;
  const across = acrossMm * lies.across;
  if (id !== 'sides') return [[-across, y]];
  const x = roundAt(onWall(mark, pouch)?.wall ?? 'front', across, reachOf(mark), ringBounds(seam).widthMm);
  return x === null ? [] : [[x, y]];
}

/** How far a pocket reaches to either side of its middle, mm. */
const reachOf = ({ form }: FabricMark): number => (form.kind === 'patch' ? form.widthMm / 2 : 0);

/**
 * Across a piece that goes all round, seen from inside, its middle the front's: null for what lies across the middle of the back, where its ends meet, and
 * so on neither of them.
 */
function roundAt(wall: OnWall['wall'], acrossMm: number, reachMm: number, roundMm: number): number | null {
  if (wall === 'front') return -acrossMm;
  if (Math.abs(acrossMm) < reachMm) return null;
  return acrossMm >= 0 ? acrossMm - roundMm / 2 : acrossMm + roundMm / 2;
}

/** In a bag of cloth: as far below its edge as it lies below the mouth, less what that edge lies below it. */
function inDropIn(
  mark: FabricMark,
  { id, seam }: LiningPattern,
  { choice }: DropInStage,
  pouch: Sized,
): [number, number][] {
  const place = onWall(mark, pouch);
  if (!place) return [];
  const { highMm, lowMm, widthMm } = ringBounds(seam);
  const belowEdgeMm = place.downMm - choice.belowMm - pouch.borders.frontMm;
  if (belowEdgeMm < 0) return [];
  const { wall, acrossMm } = place;
  const y = highMm - belowEdgeMm;
  switch (id) {
    case 'front':
      // Front and back are cut alike; seen from inside, the front is mirrored and the back is not.
      return [[wall === 'front' ? -acrossMm : acrossMm, y]];
    case 'body':
      return [[-acrossMm, wall === 'front' ? y : lowMm + belowEdgeMm]];
    case 'wall': {
      const x = roundAt(wall, acrossMm, reachOf(mark), widthMm);
      return x === null ? [] : [[x, y]];
    }
    default:
      return [];
  }
}

function onWall({ stationMm, acrossMm }: FabricMark, { sectionMm }: Sized): OnWall | null {
  if (stationMm === null) return null;
  const backEndMm = sectionMm.front + sectionMm.base + sectionMm.back;
  if (stationMm <= sectionMm.front + sectionMm.base / 2) return { wall: 'front', downMm: stationMm, acrossMm };
  return stationMm <= backEndMm ? { wall: 'back', downMm: backEndMm - stationMm, acrossMm } : null;
}
