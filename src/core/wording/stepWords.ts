import type { Design } from '@/core/design';
import type { StepId } from '@/core/making';
import { formatQuantity } from './quantity';

/** A way to do a step that was forgotten: what is done, and what that takes and risks. From memory. */
export interface WayOut {
  what: string;
  costs: string;
}

/** A step in words: what to do, why not later where that matters, and what to check. */
export interface StepText {
  id: StepId;
  title: string;
  what: string;
  check: string | null;
  notLater: string | null;
  /** What can still be done where it was forgotten. */
  ways: readonly WayOut[];
}

export type LengthWriter = (mm: number) => string;
export type StepWords = Omit<StepText, 'id'>;

export const lengthWriterFor =
  (design: Design): LengthWriter =>
  (mm) =>
    formatQuantity(mm, 'mm', design.settings.lengthUnit);

export const stepWords = (
  title: string,
  what: string,
  check: string | null = null,
  notLater: string | null = null,
  ways: readonly WayOut[] = [],
): StepWords => ({ title, what, check, notLater, ways });
