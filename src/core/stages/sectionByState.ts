import type { LoadState } from '@/core/contents';
import type { SectionPiece } from '@/core/section';

/** The strip's middle line, empty, loaded, and laid flat with its depth folded in; null there where the bag can't be. */
export type SectionByState = Record<LoadState, SectionPiece[]> & { flat: SectionPiece[] | null };
