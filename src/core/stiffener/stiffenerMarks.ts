import { ringBounds } from '@/core/cutting';
import type { FabricMark, FittingInput } from '@/core/fittings';
import { flatSize, type Piece } from '@/core/pieces';
import { backEndOf, wallPlace, type WallPlace } from '@/core/placing';
import type { StiffenerPiece } from './stiffenerPiece';
import { wallsInside, type WallName } from './walls';

type Place = Pick<FabricMark, 'piece' | 'alongMm' | 'stationMm'>;

/**
 * Where the pieces of a stiffener lie inside the crochet: on front and back half way up what is inside, on the base in its middle. On a base
 * that is a piece of its own, or runs from side to side, likewise; at the sides nothing shows it.
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
      crosswise: turned,
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
  const { sectionMm } = pouch;
  const [wall] = wallsInside(bag).filter(({ name }) => name === id);
  const pieceOf = (name: Piece['id']) => set.pieces.find((piece) => piece.id === name);
  if (!wall) return [];
  switch (id) {
    case 'front':
      return (['front', 'back'] as const).map((face) => on(wallPlace(face, wall.heightMm / 2, bag)));
    case 'disc':
      return [sectionMm.front / 2, backEndOf(pouch) - sectionMm.back / 2].map((stationMm) => ({
        piece: set.tracks.front.piece,
        alongMm: pouch.figures.height.value / 2,
        stationMm,
        turned: false,
      }));
    case 'base': {
      const own = pieceOf('base') ?? pieceOf('gusset');
      if (own)
        return [
          {
            piece: own.id,
            alongMm: flatSize(own).lengthMm / 2,
            stationMm: sectionMm.front + sectionMm.base / 2,
            turned: own.id === 'gusset',
          },
        ];
      return [on(wallPlace('front', sectionMm.front + sectionMm.base / 2, bag))];
    }
    case 'side':
    case 'panel':
      return [];
  }
}

const on = ({ piece, alongMm, stationMm }: WallPlace) => ({ piece, alongMm, stationMm, turned: false });
