import { thingBelowMouthMm } from '@/core/contents';
import { factsOf } from '@/core/design';
import { lotBehindFrontMm } from '@/core/body';
import { mouthDepthMm, topDepthMm, withinBaseMm, withinFacesMm, withinSidesMm } from '@/core/section';
import type { FoldState, FoldedPlan } from './foldInput';

/** Something that is carried, as a box in the folded bag, mm: x from the middle of the front's fabric, y from the middle of the base's. */
export interface ThingBox {
  /** Its place in the list of all that goes in; null for a load of which only its thickness is known. */
  index: number | null;
  /** Which pocket it lies in; absent for what is packed. */
  pocket?: number;
  from: { x: number; y: number; z: number };
  to: { x: number; y: number; z: number };
  /** It gives way, and fills the bag from side to side. */
  isSoft: boolean;
}

/** A load that is a hair thicker than planned lies as planned, mm. */
const DUST_MM = 1e-6;

/**
 * The height at which things stand: where a round base stops to bend, on the floor of a deep bag, or in the middle of a round one, where
 * they reach from rim to rim.
 */
function standsAtMm({ pouch, contents }: Pick<FoldedPlan, 'pouch' | 'contents'>, loadMm: number): number {
  const { layers, depthMm } = pouch;
  const sheetMm = layers.fabricMm / 2 + withinBaseMm(layers);
  if (factsOf(pouch.kind).wrap === 'round')
    return Math.max(sheetMm, (pouch.sectionMm.front - (contents.packed?.heightMm ?? pouch.sectionMm.front)) / 2);
  return depthMm > 0 ? sheetMm : mouthDepthMm(layers, loadMm, 0) / 2;
}

/** Everything in the loaded bag where it lies: the things as they are packed, or a block up to the mouth where only the thickness is known. */
export function thingsInBag(plan: Pick<FoldedPlan, 'pouch' | 'contents' | 'marks'>, state: FoldState): ThingBox[] {
  const { pouch, contents } = plan;
  const { layers, loadMm, depthMm } = pouch;
  if (state !== 'loaded' || loadMm <= 0) return [];
  const gapMm = layers.fabricMm / 2 + withinFacesMm(layers);
  const { packed, placed } = contents;
  const y = standsAtMm(plan, loadMm);
  // Only what is in pockets: nothing is packed beside it.
  if (!packed && contents.loaded) return inPockets(plan, y);
  if (packed && (depthMm > 0 || packed.thicknessMm <= loadMm + DUST_MM))
    return [
      ...inPockets(plan, y),
      ...placed.map(({ index, xMm, yMm, behindMm, widthMm, heightMm, thicknessMm }) => {
        const from = {
          x: lotBehindFrontMm(pouch, packed.thicknessMm, contents.settled.besideMm) + behindMm,
          y: y + yMm,
          z: xMm - packed.widthMm / 2,
        };
        return {
          index,
          from,
          to: { x: from.x + thicknessMm, y: from.y + heightMm, z: from.z + widthMm },
          isSoft: false,
        };
      }),
    ];
  const halfMm = Math.max(
    1,
    pouch.figures.width.value / 2 - layers.fabricMm / 2 - withinSidesMm(layers) - topDepthMm(layers, loadMm) / 2,
  );
  const mouthMm = depthMm > 0 ? pouch.sectionMm.front : y + pouch.flatFrontMm.loaded;
  return [
    {
      index: null,
      from: { x: gapMm, y, z: -halfMm },
      to: { x: gapMm + loadMm, y: Math.max(y, mouthMm), z: halfMm },
      isSoft: true,
    },
  ];
}

/** What lies in the pockets inside front and back, against its wall, each standing on the lower edge of its pocket, side by side in its parts. */
function inPockets(
  { pouch, contents, marks }: Pick<FoldedPlan, 'pouch' | 'contents' | 'marks'>,
  standsMm: number,
): ThingBox[] {
  const { layers, loadMm, depthMm } = pouch;
  const gapMm = layers.fabricMm / 2 + withinFacesMm(layers);
  const backMm = mouthDepthMm(layers, loadMm, depthMm) - gapMm;
  const mouthMm = depthMm > 0 ? pouch.sectionMm.front : standsMm + pouch.flatFrontMm.loaded;
  let index = contents.things.length - contents.pocketed.reduce((sum, { count }) => sum + count, 0);
  return contents.pocketed.flatMap(({ pocket, thing, count }): ThingBox[] => {
    const first = index;
    index += count;
    const mark = marks.find(({ of }) => of.group === 'pockets' && of.index === pocket);
    const choice = contents.settled.pockets[pocket];
    if (!mark || !choice || mark.face === 'outer' || mark.form.kind !== 'patch') return [];
    const { widthMm, lengthMm } = mark.form;
    const bottomMm = mouthMm - thingBelowMouthMm(choice.kind, choice.fromMouthMm + lengthMm, thing, mouthMm - standsMm);
    const x = choice.on === 'front' ? gapMm : backMm - thing.thicknessMm;
    return Array.from({ length: count }, (_, part): ThingBox => {
      const z = mark.acrossMm + ((part + 0.5) / count - 0.5) * widthMm - thing.widthMm / 2;
      return {
        index: first + part,
        pocket,
        from: { x, y: bottomMm, z },
        to: { x: x + thing.thicknessMm, y: bottomMm + thing.heightMm, z: z + thing.widthMm },
        isSoft: false,
      };
    });
  });
}
