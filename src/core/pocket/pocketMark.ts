import { isOutside, type Pocket } from '@/core/design';
import { nameAt, pathOf, type FabricMark, type FittingInput, type MarkMove } from '@/core/fittings';
import { wallPlace } from '@/core/placing';
import { wallOf, type PocketSizes } from './pocketSizes';

/** The pocket on its wall: moved along and across by hand. */
export function pocketMark(pocket: Pocket, { width, height }: PocketSizes, bag: FittingInput): FabricMark {
  const { at, pouch } = bag;
  const { piece, alongMm, stationMm, way } = wallPlace(pocket.on, pocket.fromMouthMm + height.value / 2, bag);
  // Along the fabric from the front's mouth: down on the front, up on the back.
  const down = pocket.on === 'front' ? 1 : -1;
  const wall = wallOf(pocket, bag);
  const move: MarkMove = {
    way: 'along',
    path: [...pathOf(at), 'fromMouthMm'],
    valueMm: pocket.fromMouthMm,
    countedMm: null,
    perMm: down,
    leastMm: 0,
    mostMm: Math.max(0, wall.heightMm - height.value),
    stepMm: pouch.rowMm,
    alongPiece: (way * down) as 1 | -1,
    setMm: pocket.fromMouthMm,
    isGripped: true,
  };
  const asideMm = Math.max(0, (wall.widthMm - width.value) / 2);
  return {
    mark: nameAt(at, 'pocket'),
    of: at,
    piece,
    face: isOutside(pocket) ? 'outer' : 'inner',
    acrossMm: pocket.acrossMm,
    alongMm,
    stationMm,
    count: null,
    form: { kind: 'patch', widthMm: width.value, lengthMm: height.value },
    stuff: pocket.kind === 'crocheted' ? 'edging' : pocket.kind === 'vinyl' ? 'vinyl' : 'pocket',
    standsMm: pocket.kind === 'crocheted' ? pouch.layers.fabricMm : 0.6,
    throughMm: [],
    presence: 'set',
    move,
    slide: {
      ...move,
      way: 'across',
      path: [...pathOf(at), 'acrossMm'],
      valueMm: pocket.acrossMm,
      perMm: 1,
      leastMm: -asideMm,
      mostMm: asideMm,
      stepMm: pouch.stitchMm,
      alongPiece: 1,
      setMm: pocket.acrossMm,
    },
  };
}
