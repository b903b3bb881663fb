import { nameAt, type FabricMark, type FittingInput, type MarkForm } from '@/core/fittings';
import { backEndOf } from '@/core/placing';
import { isInRounds, trackAlongMm, type Track } from '@/core/pieces';

/** Something along the mouth: across from the middle of the face, and down from its upper edge, mm. */
interface AtMouth {
  acrossMm: number;
  downMm: number;
  /** By which way along the piece is down the bag. */
  form: (down: 1 | -1) => MarkForm;
}

/** The faces that a mouth lies between; of rounds that lie flat both are one. None of discs, whose edge runs round. */
export function mouthFaces({ set, flap }: Pick<FittingInput, 'set' | 'flap'>): ('front' | 'back')[] {
  const { front, back } = set.tracks;
  const piece = set.pieces.find(({ id }) => id === front.piece);
  if (piece?.kind !== 'rows') return [];
  // Where a flap goes on from the back, its edge there is no edge.
  return isInRounds(piece) && front.piece === back.piece ? ['front'] : flap.onPiece ? ['front'] : ['front', 'back'];
}

/** The same things along the mouth of every face. */
export function mouthMarks(
  name: string,
  placed: readonly AtMouth[],
  looks: Pick<FabricMark, 'face' | 'stuff' | 'standsMm'>,
  bag: FittingInput,
): FabricMark[] {
  const { set, pouch, at } = bag;
  return mouthFaces(bag).flatMap((face) => {
    const track: Track = set.tracks[face];
    return placed.map(({ acrossMm, downMm, form }): FabricMark => ({
      mark: nameAt(at, name),
      of: at,
      piece: track.piece,
      ...looks,
      acrossMm,
      alongMm: trackAlongMm(track, downMm, pouch.rowMm),
      stationMm: null,
      foldedMm: face === 'front' ? Math.max(0, downMm) : backEndOf(pouch) - Math.max(0, downMm),
      count: null,
      form: form(track.step),
      throughMm: [],
      presence: 'set',
      move: null,
    }));
  });
}
