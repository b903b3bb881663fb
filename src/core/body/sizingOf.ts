import type { SettledDesign } from '@/core/contents';
import { patternOf } from '@/core/design';
import type { GaugeStage } from '@/core/gauge';
import type { StitchPattern } from '@/core/stitches';
import { clothOf } from './clothOf';
import { constructionOf, type Sizing } from './constructions';

/** How a bag's sizes follow from counts, and counts from sizes, mm: by its construction, in its own fabric or in another pattern at the same gauge. */
export const sizingOf = (
  design: SettledDesign,
  gauge: GaugeStage,
  pattern: StitchPattern = patternOf(design),
): Sizing => constructionOf(design.body.kind).sizing(design.body, clothOf(design, gauge), pattern);
