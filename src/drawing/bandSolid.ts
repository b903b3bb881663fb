import { between, cross, distanceOf, dot, plus, unit, vec, type FoldedBand, type Vec } from '@/core/fold';
import { BAND_ROWS, bandOf } from './fabric';
import { faces, type Solid } from './solid';

/** How large a stitch is, mm. */
interface StitchSize {
  stitchMm: number;
  rowMm: number;
}

/** No corner is drawn out further than this against the band's own thickness. */
const MOST_MITRE = 2;

/**
 * What a bag is carried by, as bands of its width and thickness along their way.
 *
 * @param stitch how large a stitch is, so that what is worked can wear its fabric
 */
export const bandSolids = (folded: FoldedBand, stitch?: StitchSize): Solid[] =>
  folded.runs.map((run) => alongWay(run, folded, stitch));

/** A band swept along points, its ends closed. */
function alongWay(
  points: readonly Vec[],
  { band, acrossDepth, isWideAcrossDepth }: FoldedBand,
  stitch: StitchSize | undefined,
): Solid {
  const [depthMm, sideMm] = isWideAcrossDepth
    ? [band.widthMm / 2, band.thicknessMm / 2]
    : [band.thicknessMm / 2, band.widthMm / 2];
  const wayAt = (index: number): Vec =>
    unit(between(points[Math.max(0, index)] as Vec, points[Math.max(0, index) + 1] as Vec)) ?? vec(0, 1, 0);
  const rings = points.map((point, index) => {
    const [before, after] = [wayAt(index - 1), wayAt(Math.min(index, points.length - 2))];
    const middle = unit(plus(before, after)) ?? after;
    const aside = unit(cross(middle, acrossDepth)) ?? vec(0, 0, 1);
    const mitre = Math.min(MOST_MITRE, 1 / Math.max(1e-6, dot(middle, after)));
    const corner = (depth: 1 | -1, side: 1 | -1) =>
      plus(plus(point, acrossDepth, depth * depthMm), aside, side * sideMm * mitre);
    return [corner(1, 1), corner(-1, 1), corner(-1, -1), corner(1, -1)];
  });
  const at = (ring: number, index: number): Vec => (rings[ring] as Vec[])[index % 4] as Vec;
  // Where the faces lie on the fabric: across it in shares of its width, along it in turns of what is drawn of it.
  const places: number[] = [];
  const turnMm = stitch ? BAND_ROWS * stitch.rowMm : 1;
  let alongMm = 0;
  for (let ring = 0; ring + 1 < rings.length; ring += 1) {
    const nextMm = alongMm + distanceOf(points[ring] as Vec, points[ring + 1] as Vec);
    for (let index = 0; index < 4; index += 1) {
      const [from, to] = acrossBand(index, isWideAcrossDepth, band);
      if (faces.flat(at(ring, index + 1), at(ring + 1, index + 1), at(ring + 1, index), at(ring, index)))
        places.push(
          ...[to, alongMm / turnMm],
          ...[to, nextMm / turnMm],
          ...[from, nextMm / turnMm],
          ...[from, alongMm / turnMm],
        );
    }
    alongMm = nextMm;
  }
  const outer = faces.indexCount;
  const last = rings.length - 1;
  faces.flat(at(0, 3), at(0, 2), at(0, 1), at(0, 0));
  faces.flat(at(last, 0), at(last, 1), at(last, 2), at(last, 3));
  if (!stitch || band.stuff !== 'cloth') return faces.solid(band.mark, band.stuff);
  const all = new Float32Array(2 * faces.cornerCount);
  all.set(places);
  return faces.solid(band.mark, band.stuff, {
    worn: bandOf(band.widthMm, stitch.stitchMm),
    places: all,
    outer,
    inner: 0,
  });
}

/** From where to where across the fabric each of the four sides of a band lies, in shares of its width: its two wide ones show all of it, its edges what is next to them. */
function acrossBand(
  side: number,
  isWideAcrossDepth: boolean,
  { widthMm, thicknessMm }: FoldedBand['band'],
): [number, number] {
  const isWide = (side % 2 === 0) === isWideAcrossDepth;
  return isWide ? [0, 1] : [0, Math.min(1, thicknessMm / widthMm)];
}
