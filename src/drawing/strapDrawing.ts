import type { Drawing } from './shape';

/** Room between the slack strap and the pulled one, mm. */
const GAP_MM = 26;

/** A strap as it is worked, slack, and as it is worn between its feet, with what of it is sewn down at each end, mm. */
interface LaidStrap {
  slackMm: number;
  wornMm: number;
  widthMm: number;
  overlapMm: number;
}

/**
 * The strap laid out twice to one scale: as worked, slack, with its sewn ends hatched; and below it pulled, as it is worn.
 */
export function strapDrawing({ slackMm, wornMm, widthMm, overlapMm }: LaidStrap): Drawing {
  const totalMm = Math.max(slackMm, wornMm + 2 * overlapMm);
  const left = (lengthMm: number) => (totalMm - lengthMm) / 2;
  const bar = (mark: string, y: number, lengthMm: number) =>
    ({
      kind: 'rect',
      role: 'cloth',
      layer: 'cloth',
      mark,
      x: left(lengthMm),
      y,
      widthMm: lengthMm,
      heightMm: widthMm,
    }) as const;
  const ends = (y: number, lengthMm: number) =>
    [left(lengthMm), left(lengthMm) + lengthMm - overlapMm].map(
      (x) =>
        ({
          kind: 'rect',
          role: 'foot',
          layer: 'feet',
          mark: 'strap.feet',
          x,
          y,
          widthMm: overlapMm,
          heightMm: widthMm,
        }) as const,
    );
  const pulledY = widthMm + GAP_MM;
  return {
    box: { x: 0, y: 0, widthMm: totalMm, heightMm: 2 * widthMm + GAP_MM },
    shapes: [
      bar('strap.slack', 0, slackMm),
      ...ends(0, slackMm),
      bar('strap.pulled', pulledY, wornMm + 2 * overlapMm),
      ...ends(pulledY, wornMm + 2 * overlapMm),
    ],
  };
}
