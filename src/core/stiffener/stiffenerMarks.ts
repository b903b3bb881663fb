import { ringBounds } from '@/core/cutting';
import type { FabricMark, FittingInput } from '@/core/fittings';
import { flatSize, trackAlongMm, type Piece, type Track } from '@/core/pieces';
import type { StiffenerPiece } from './stiffenerKind';
import { wallsInside, type WallName } from './walls';

type Place = Pick<FabricMark, 'piece' | 'alongMm' | 'stationMm'>;

/**
 * Where the pieces of a stiffener lie inside the crochet: on front and back half way up what is inside, on the base in its middle. On a base that is
 * a piece of its own, or runs from side to side, the flat piece alone shows it; at the sides nothing does.
 */
export function stiffenerMarks(
  pieces: readonly StiffenerPiece[],
  thicknessMm: number,
  bag: FittingInput,
): FabricMark[] {
  return pieces.flatMap(({ id, seam }) => {
    const { lowMm, heightMm } = ringBounds(seam);
    const middleMm = lowMm + heightMm / 2;
    return placesOf(id, bag).map(({ turned, ...place }): FabricMark => ({
      ...place,
      mark: 'stiffener.cut',
      of: bag.at,
      face: 'inner',
      acrossMm: 0,
      count: null,
      form: {
        kind: 'outline',
        points: seam.map(([x, y]): readonly [number, number] => (turned ? [y - middleMm, -x] : [x, y - middleMm])),
      },
      stuff: 'board',
      standsMm: thicknessMm,
      throughMm: [],
      presence: 'set',
      move: null,
    }));
  });
}

function placesOf(id: WallName, bag: FittingInput): (Place & { turned: boolean })[] {
  const { pouch, set } = bag;
  const { sectionMm, rowMm, borders } = pouch;
  const [wall] = wallsInside(bag).filter(({ name }) => name === id);
  const pieceOf = (name: Piece['id']) => set.pieces.find((piece) => piece.id === name);
  const backEndMm = sectionMm.front + sectionMm.base + sectionMm.back;
  const along = (track: Track, downMm: number, borderMm: number) =>
    trackAlongMm(track, Math.max(0, downMm - borderMm), rowMm);
  if (!wall) return [];
  const downMm = wall.heightMm / 2;
  const { front, back } = set.tracks;
  switch (id) {
    case 'front':
      return [
        { piece: front.piece, alongMm: along(front, downMm, borders.frontMm), stationMm: downMm, turned: false },
        {
          piece: back.piece,
          alongMm: along(back, downMm, borders.backMm),
          stationMm: backEndMm - downMm,
          turned: false,
        },
      ];
    case 'disc':
      return ['front', 'back'].map((face) => ({
        piece: front.piece,
        alongMm: pouch.figures.height.value / 2,
        stationMm: face === 'front' ? sectionMm.front / 2 : backEndMm - sectionMm.back / 2,
        turned: false,
      }));
    case 'base': {
      const own = pieceOf('base') ?? pieceOf('gusset');
      if (own)
        return [
          {
            piece: own.id,
            alongMm: flatSize(own).lengthMm / 2,
            stationMm: null,
            turned: own.id === 'gusset',
          },
        ];
      const stationMm = sectionMm.front + sectionMm.base / 2;
      return [{ piece: front.piece, alongMm: along(front, stationMm, borders.frontMm), stationMm, turned: false }];
    }
    case 'side':
      return [];
  }
}
