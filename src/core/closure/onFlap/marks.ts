import { INSET_LIMITS, flapLiningMm, linesFlap, meshMmOf, type OnFlap } from '@/core/design';
import { nameAt, pathOf, type FabricMark, type FittingInput, type MarkMove } from '@/core/fittings';
import { trackAlongMm } from '@/core/pieces';
import { slideAcross } from '../slideAcross';
import type { OnFlapNature, OnFlapPart } from './nature';
import type { OnFlapPlaces, OnFlapSpot } from './places';

/** Both parts of what closes a flap as they lie on the fabric, and where the flap’s part comes to lie on the front. */
export function onFlapMarks<Choice extends OnFlap>(
  choice: Choice,
  { prefix, half, mate }: OnFlapNature<Choice>,
  places: OnFlapPlaces,
  bag: FittingInput,
): FabricMark[] {
  const { at, pouch, design, set } = bag;
  const { fabricMm } = pouch.layers;
  const through = (part: OnFlapPart<Choice>): number[] => {
    const layers = part.through(choice, linesFlap(design));
    // A mesh lies behind all of the crochet.
    const meshMm = layers.fabric ? meshMmOf(design) : 0;
    return [
      ...(layers.fabric ? [fabricMm] : []),
      ...(meshMm > 0 ? [meshMm] : []),
      ...(layers.lining ? [flapLiningMm(design)] : []),
    ];
  };
  const of = (part: OnFlapPart<Choice>) =>
    ({
      of: at,
      face: part.face,
      form: part.form(choice),
      stuff: part.stuff,
      standsMm: part.standsMm(choice),
      presence: 'set',
    }) as const;
  const on = ({ piece, row, place, ofStitches, alongMm, acrossMm, stationMm }: OnFlapSpot) => ({
    count: { row, place, ofStitches } as FabricMark['count'],
    piece,
    alongMm,
    acrossMm,
    stationMm,
  });
  const lands = places.mates.slice(0, places.halves.length).flatMap((spot) =>
    Object.values(places.meetsMm)
      .filter((meetsMm) => meetsMm > 0)
      .map((meetsMm): FabricMark => ({
        throughMm: [],
        move: null,
        ...of(mate),
        ...on(spot),
        mark: nameAt(at, `${prefix}.meets`),
        alongMm: trackAlongMm(set.tracks.front, meetsMm - pouch.borders.frontMm, pouch.rowMm),
        stationMm: meetsMm,
        count: null,
        standsMm: 0,
        presence: 'lands',
      })),
  );
  const move = moveOf(choice, places, bag);
  const [gripped] = places.halves;
  const slide = (spot: OnFlapSpot) => {
    const widthMm = spot.ofStitches * pouch.stitchMm;
    return slideAcross(choice, { acrossMm: spot.fromEdgeMm - widthMm / 2, widthMm }, spot === gripped, bag);
  };
  return [
    ...lands,
    ...places.mates.map((spot): FabricMark => ({
      mark: nameAt(at, `${prefix}.mate`),
      throughMm: through(mate),
      move: places.round === null ? { isGripped: false, ...move } : null,
      slide: places.round === null ? slide(spot) : null,
      ...of(mate),
      ...on(spot),
    })),
    ...places.halves.map((spot): FabricMark => ({
      mark: nameAt(at, `${prefix}.half`),
      throughMm: through(half),
      ...of(half),
      ...on(spot),
      // In an edging it lies in no row of the piece, and stays with its round.
      ...(places.round === null
        ? { move: { isGripped: spot === gripped, ...move }, slide: slide(spot) }
        : { move: null, slide: null, count: null }),
    })),
  ];
}

/** Moved along the fabric, it takes its mate with it: onto the flap, not beyond. */
function moveOf(
  { insetMm }: OnFlap,
  places: OnFlapPlaces,
  { at, flap, pouch, set }: FittingInput,
): Omit<MarkMove, 'isGripped'> {
  const { leastMm, mostMm } = INSET_LIMITS;
  return {
    way: 'along',
    path: [...pathOf(at), 'insetMm'],
    valueMm: insetMm,
    countedMm: null,
    perMm: -1,
    leastMm,
    mostMm: Math.max(
      leastMm,
      Math.min(mostMm, (flap.bridgeRows + flap.flapRows - 0.5) * pouch.rowMm + pouch.borders.flapMm),
    ),
    stepMm: pouch.rowMm,
    alongPiece: set.tracks.flap?.step ?? 1,
    setMm: places.insetMm,
  };
}
