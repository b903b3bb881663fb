import type { PieceId } from '@/core/pieces';
import { acrossAt, acrossProfile, sectionPointAt } from '@/core/section';
import type { FoldInput } from './foldInput';
import { alongStops, shares } from './sampling';
import type { SheetByRows } from './sheet';
import { vec, type Vec } from './space';
import { tailSheets } from './tailSheets';

/** What front and back of a bag are whose sides bend towards each other. */
interface WrappedFaces {
  piece: PieceId;
  /** Half of a row, from its middle to where front and back meet. */
  halfMm: number;
  /** Half of the row at the mouth, where it is narrowed. */
  mouthHalfMm: number;
  /** Between the middles of both edges where they meet: a thickness of fabric where they lie on each other, nought where they are one. */
  gapMm: number;
  /** Half of what lies under the base of a bag that stands on its own fabric, mm across; null of any other. */
  floorHalfMm: number | null;
  /** Strip under the base, from one station to another; null where it has a floor of its own. */
  floor: { fromMm: number; toMm: number } | null;
}

/** Front and back, each row bent round what is between them, from the mouth to the base, and the flap that goes on. */
export function wrappedFaces(input: FoldInput, faces: WrappedFaces): SheetByRows[] {
  const { section, plan, baseMm, backEndMm } = input;
  const { rowMm, layers, sectionMm } = plan.pouch;
  const { piece, halfMm, mouthHalfMm, gapMm, floor, floorHalfMm } = faces;
  // The walls of a bag that stands on its own fabric turn where its floor does.
  const flatHalfMm = Math.max(input.loadHalfMm, faces.floorHalfMm ?? 0);
  const middleX = sectionPointAt(section, backEndMm).point.x / 2;
  const reachAt = (alongMm: number) =>
    Math.max(0, Math.abs(sectionPointAt(section, alongMm).point.x - middleX) - gapMm / 2);
  const isFloor = (alongMm: number) =>
    floor !== null && floorHalfMm !== null && alongMm > floor.fromMm + 1e-9 && alongMm < floor.toMm - 1e-9;
  const halfAt = (alongMm: number): number => {
    const fromMouthMm = Math.min(alongMm, backEndMm - alongMm);
    return mouthHalfMm + (halfMm - mouthHalfMm) * Math.max(0, Math.min(1, fromMouthMm / rowMm));
  };
  const wall = (alongMm: number) => {
    const half = halfAt(alongMm);
    const { point } = sectionPointAt(section, alongMm);
    const profile = acrossProfile(half, reachAt(alongMm), flatHalfMm);
    const side = Math.sign(point.x - middleX);
    return (share: number): Vec => {
      const { outMm, inMm } = acrossAt(profile, Math.abs(share) * half);
      return vec(point.x - side * inMm, point.y, Math.sign(share) * outMm);
    };
  };
  const under = (alongMm: number) => {
    const { point } = sectionPointAt(section, alongMm);
    return (share: number): Vec => vec(point.x, point.y, share * (floorHalfMm ?? 0));
  };
  const sheet = (mark: string, fromMm: number, toMm: number): SheetByRows[] => {
    if (toMm - fromMm < 1e-6) return [];
    const flat = isFloor((fromMm + toMm) / 2);
    const narrowed = mouthHalfMm === halfMm ? [] : [rowMm, backEndMm - rowMm];
    return [
      {
        mark,
        piece,
        thicknessMm: layers.fabricMm,
        fromMm,
        toMm,
        across: () => (flat ? [-1, 0, 1] : shares(halfMm, reachAt(mark === 'part.front' ? 0 : backEndMm), flatHalfMm)),
        along: () => alongStops(section, fromMm, toMm, narrowed),
        rowMm,
        isRound: false,
        rowAt: flat ? under : wall,
        halfMm: flat ? () => floorHalfMm ?? 0 : halfAt,
      },
    ];
  };
  const wallEndMm = floor?.fromMm ?? sectionMm.front;
  const backStartMm = floor?.toMm ?? sectionMm.front + sectionMm.base;
  const onOwnFabric = floor !== null && floorHalfMm !== null;
  return [
    ...sheet('part.front', 0, wallEndMm),
    ...(onOwnFabric ? sheet('part.front', wallEndMm, baseMm) : []),
    ...(onOwnFabric ? sheet('part.back', baseMm, backStartMm) : []),
    ...sheet('part.back', backStartMm, backEndMm),
    ...tailSheets({ ...input, loadHalfMm: flatHalfMm }, reachAt(backEndMm)),
  ];
}
