import { ringBounds, type PieceMark, type Ring } from '@/core/cutting';
import type { FabricMark } from '@/core/fittings';
import type { PouchStage } from '@/core/stages';
import type { DropInStage } from './dropIn';
import type { LayOverStage } from './layOver';
import type { LiningPattern } from './liningPattern';

type Lined = DropInStage | LayOverStage;
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
    lining.choice.kind === 'drop-in' ? inDropIn(mark, pattern, lining as DropInStage, pouch) : onCrochet(mark, pattern);
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

/** On a lining that is cut like the crochet: at the same place along it, from the other side. */
const onCrochet = ({ piece, acrossMm, alongMm }: FabricMark, { id }: LiningPattern): [number, number][] =>
  piece === id ? [[-acrossMm, alongMm]] : [];

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
      if (wall === 'front') return [[-acrossMm, y]];
      // The middle of the back is where its ends meet: what lies across that is not on one of them.
      const reachMm = mark.form.kind === 'patch' ? mark.form.widthMm / 2 : 0;
      if (Math.abs(acrossMm) < reachMm) return [];
      return [[acrossMm >= 0 ? acrossMm - widthMm / 2 : acrossMm + widthMm / 2, y]];
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
