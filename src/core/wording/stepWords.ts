import type { Design } from '@/core/design';
import type { StepId } from '@/core/making';
import { formatQuantity } from './quantity';

/** A step in words: what to do, why not later where that matters, and what to check. */
export interface StepText {
  id: StepId;
  title: string;
  what: string;
  check: string | null;
  notLater: string | null;
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
): StepWords => ({ title, what, check, notLater });
