import type { Drawstring } from '@/core/design';
import { nameAt, pathOf, type FabricMark, type FittingInput, type MarkMove } from '@/core/fittings';
import { isInRounds, trackAlongMm, trackRow } from '@/core/pieces';
import { backEndOf } from '@/core/placing';
import { casingGapMm } from './casing';
import { rowBelow, type RowCounts } from './cordRow';
import type { DrawstringFigures } from './figures';

/** Moved along the front, the cord goes to another row. */
const moveOf = ({ belowRows }: Drawstring, { at, pouch, set }: FittingInput): Omit<MarkMove, 'isGripped'> => ({
  way: 'along',
  path: [...pathOf(at), 'belowRows'],
  valueMm: belowRows * pouch.rowMm,
  countedMm: pouch.rowMm,
  perMm: 1,
  leastMm: pouch.rowMm,
  mostMm: 60 * pouch.rowMm,
  stepMm: pouch.rowMm,
  alongPiece: set.tracks.front.step,
  setMm: belowRows * pouch.rowMm,
});

/** Where each cord leaves its casing, on the outer face; and the casing along the row inside. */
export function casingMarks(
  choice: Drawstring,
  counts: RowCounts,
  { casingStitches }: DrawstringFigures,
  bag: FittingInput,
): FabricMark[] {
  const { set, pouch, at } = bag;
  const k = rowBelow(choice, pouch.frontRows);
  const move = moveOf(choice, bag);
  const wideMm = (casingStitches?.value ?? 0) * pouch.stitchMm;
  const faces = (['front', 'back'] as const).filter(
    // Of rounds that lie flat both faces are the same rows.
    (face) => face === 'front' || set.tracks.back.piece !== set.tracks.front.piece || !isInRoundsPiece(bag),
  );
  return faces.flatMap((face): FabricMark[] => {
    const track = set.tracks[face];
    const common = {
      of: at,
      piece: track.piece,
      alongMm: trackAlongMm(track, (k - 0.5) * pouch.rowMm, pouch.rowMm),
      stationMm: null,
      count: null,
      stuff: 'cord',
      throughMm: [],
      presence: 'set',
    } as const;
    const halfMm = (counts[face] * pouch.stitchMm) / 2;
    const exits = face === 'front' || choice.cords === 2 ? [-1, 1] : [];
    return [
      ...exits.map((side, index): FabricMark => ({
        ...common,
        mark: nameAt(at, 'cord'),
        face: 'outer',
        acrossMm: (side * casingGapMm(choice)) / 2,
        foldedMm: face === 'front' ? (k - 0.5) * pouch.rowMm : backEndOf(pouch) - (k - 0.5) * pouch.rowMm,
        form: { kind: 'disc', radiusMm: Math.max(1, choice.cordMm / 2) },
        standsMm: choice.cordMm / 2,
        move: face === 'front' ? { ...move, isGripped: index === 0 } : null,
      })),
      {
        ...common,
        mark: nameAt(at, 'cord.casing'),
        face: 'inner',
        acrossMm: -halfMm,
        form: { kind: 'line', toAcrossMm: 2 * halfMm, toAlongMm: 0, wideMm },
        stuff: 'stitches',
        standsMm: pouch.layers.fabricMm,
        move: null,
      },
    ];
  });
}

const isInRoundsPiece = ({ set }: FittingInput): boolean =>
  set.pieces.some((piece) => piece.id === set.tracks.front.piece && isInRounds(piece));

/** A spot at every pass, on both faces. */
export function passMarks(
  choice: Drawstring,
  path: readonly number[],
  counts: RowCounts,
  bag: FittingInput,
): FabricMark[] {
  const { set, pouch, at } = bag;
  const { stitchMm, rowMm } = pouch;
  const k = rowBelow(choice, pouch.frontRows);
  const all = counts.front + counts.back;
  let from = (path[0] as number) / 2;
  const places = path.slice(1).map((gap) => {
    const place = from;
    from += gap;
    return place;
  });
  places.push(from);
  const radiusMm = Math.max(1, choice.cordMm / 2);
  const move = moveOf(choice, bag);
  return places.flatMap((place, index): FabricMark[] => {
    // From the centre front round to the left; past a quarter it is on the back.
    const onFront = place <= counts.front / 2 || place >= all - counts.front / 2;
    const face = onFront ? 'front' : 'back';
    const fromMiddle = onFront ? (place > all / 2 ? place - all : place) : all / 2 - place;
    const track = set.tracks[face];
    const piece = set.pieces.find(({ id }) => id === track.piece);
    const ofFace = piece?.kind === 'rows' ? (piece.rows[trackRow(track, k) - 1]?.stitches ?? 0) : 0;
    // Beyond the face it is on the strip's end.
    if (Math.abs(fromMiddle) > ofFace / 2) return [];
    return [
      {
        mark: nameAt(at, 'cord'),
        of: at,
        piece: track.piece,
        face: 'outer',
        acrossMm: fromMiddle * stitchMm,
        alongMm: trackAlongMm(track, (k - 0.5) * rowMm, rowMm),
        stationMm: null,
        foldedMm: face === 'front' ? (k - 0.5) * rowMm : backEndOf(pouch) - (k - 0.5) * rowMm,
        count: null,
        form:
          choice.through === 'eyelets'
            ? { kind: 'ring', radiusMm: radiusMm + 2, wireMm: 1.5 }
            : { kind: 'disc', radiusMm },
        stuff: choice.through === 'eyelets' ? 'metal' : 'cord',
        standsMm: choice.through === 'eyelets' ? 1.5 : choice.cordMm / 2,
        throughMm: choice.through === 'eyelets' ? [pouch.layers.fabricMm] : [],
        presence: 'set',
        move: face === 'front' ? { ...move, isGripped: index === 0 } : null,
      },
    ];
  });
}
