/** A point of the section, mm: x runs from front to back, y up from the base's middle line. */
export interface SectionPoint {
  x: number;
  y: number;
}

/**
 * A stretch of the strip's middle line in the section, from station to station along the strip (mm from the
 * front's top edge). An arc turns about `centre` from one angle to another (radians, counter-clockwise from +x; backwards where the
 * flap is thrown back).
 */
export type SectionPiece =
  | { kind: 'line'; fromMm: number; toMm: number; from: SectionPoint; to: SectionPoint }
  | {
      kind: 'arc';
      fromMm: number;
      toMm: number;
      centre: SectionPoint;
      radiusMm: number;
      fromRad: number;
      toRad: number;
    };
