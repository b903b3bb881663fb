import type { Design } from '@/core/design';
import type { Plan } from '@/core/plan';
import { patternDrawings } from '@/drawing/pages';
import { lettersFor, pictureOf, pictureSvg } from '@/drawing/picture';
import { pictureLook } from '@/ui/theme/pictureLook';

/** A drawing of the pattern as a page shows it. */
export interface PatternFigure {
  before: string;
  file: string;
  label: string;
  notes: readonly string[];
  source: string;
}

/** The drawings of a pattern, the same that stand in its PDF, as pictures that need nothing else. */
export function drawnFigures(design: Design, plan: Plan): PatternFigure[] {
  const look = pictureLook(design.swatch.yarn.colour);
  return patternDrawings(design, plan).map(({ drawings, ...one }) => {
    const svg = pictureSvg(pictureOf(drawings, look, { lettersMm: lettersFor(drawings) }), one.label);
    return { ...one, source: `data:image/svg+xml;charset=utf-8,${encodeURIComponent(svg)}` };
  });
}
