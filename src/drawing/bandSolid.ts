import { between, cross, dot, plus, unit, vec, type FoldedBand, type Vec } from '@/core/fold';
import { faces, type Solid } from './solid';

/** No corner is drawn out further than this against the band's own thickness. */
const MOST_MITRE = 2;

/** What a bag is carried by, as bands of its width and thickness along their way. */
export const bandSolids = (folded: FoldedBand): Solid[] => folded.runs.map((run) => alongWay(run, folded));

/** A band swept along points, its ends closed. */
function alongWay(points: readonly Vec[], { band, acrossDepth, isWideAcrossDepth }: FoldedBand): Solid {
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
  for (let ring = 0; ring + 1 < rings.length; ring += 1)
    for (let index = 0; index < 4; index += 1)
      faces.flat(at(ring, index + 1), at(ring + 1, index + 1), at(ring + 1, index), at(ring, index));
  const last = rings.length - 1;
  faces.flat(at(0, 3), at(0, 2), at(0, 1), at(0, 0));
  faces.flat(at(last, 0), at(last, 1), at(last, 2), at(last, 3));
  return faces.solid(band.mark, band.stuff);
}
